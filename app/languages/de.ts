/** German: all words of the pages and all texts of the library. */
export { german as telling } from '../../data/german'
export { words as catalogue } from '../words/de'
export const capitals = true

export { MOST_LINES, readFoundList, type FoundLine, type FoundList } from './read'
export { nearestPieces } from './nearest'
export { recogniserOf, type Recognised, type Recogniser } from './recognise'
export {
  adviceFor,
  schoolOf,
  type Beside,
  type Forgotten,
  type LineAdvice,
  type ListAdvice,
  type Listed,
  type Standing
} from './advice'

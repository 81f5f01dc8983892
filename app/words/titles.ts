import { said } from './language'

/** Names of pages that are no place of the thumb index, told alike wherever they are named. */
export const titles = said('titles', {
  keeping: 'Copies and formats',
  incoming: 'What a file would change',
  pocket: 'Pocket list',
  start: 'Start mine',
  settings: 'File and settings'
} as const)

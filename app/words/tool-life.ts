import { said } from './language'

/** One sheet for each tool one has: its whole life. */
export const toolLife = said('toolLife', {
  open: 'Its whole life',
  title: (tool: string): string => tool,
  missing: 'There is no such tool among what you have.',
  back: 'Back to the kit',
  since: (day: string, paid: string): string => `Here since ${day}, paid ${paid}.`,
  worth: (worth: string): string => `It would bring about ${worth} now.`,
  hours: (uses: number, time: string, last: string): string =>
    `Used ${uses === 1 ? 'once' : `${uses} times`}, ${time} in all, last on ${last}.`,
  hoursNone: 'No use in the log yet.',
  usedFor: (builds: string): string => `Used for ${builds}.`,
  checks: 'Is it true?',
  care: 'Care',
  careNone: 'It asks for no care that is kept here.',
  done: 'What was done',
  doneLine: (what: string, day: string): string => `${day}: ${what}`,
  takeOut: (what: string, day: string): string => `Take “${what}” of ${day} out`,
  verdicts: 'What became of it',
  good: 'as hoped',
  firstHour: 'The first hour',
  helps: 'Made for it in the shop',
  manual: 'Its manual goes before all of this.',
  money: 'In the ledger',
  print: 'Print a card for the machine'
} as const)

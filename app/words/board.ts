import type { Concern, Feed, Listing } from '../../core/board'
import { said } from './language'
import { plural } from './plural'

/** The board of prices. */
export const board = said('board', {
  title: 'A board of prices to look at',
  subtitle:
    'Sellers who do not exist, with stock, sales and single used pieces: to practise with, in the place of a service from outside.',
  metTitle: (tools: readonly string[]) =>
    `At your price on the board: ${tools.slice(0, 2).join(', ')}${tools.length > 2 ? ` and ${tools.length - 2} more` : ''}`,
  titleOf: (cheaper: number, all: number) =>
    all === 0
      ? 'Nothing you plan or watch is on the board today'
      : cheaper > 0
        ? `${cheaper} of ${all} prices are lower than you knew`
        : `${plural(all, 'price', 'prices')} for what you plan and watch`,
  subtitleOf: ({ name, simulated }: Feed, day: string, count: number) =>
    `${name}${simulated ? ' (simulated)' : ''}, ${day}: ${plural(count, 'listing', 'listings')}.`,
  simulated:
    'Simulated: no shop asks these prices. What you take over is marked as from the board and can be undone.',
  look: 'Look at the board',
  again: 'Look again',
  open: 'Open a feed from a file',
  daily: 'Look each day when the application is opened',
  hint: 'A feed is a JSON or CSV file of a published form; anybody may write one. Nothing of it enters your figures by itself.',
  moreProblems: (count: number) => `${plural(count, 'more fault', 'more faults')} in this feed.`,
  tool: 'Look for a tool',
  takeAll: (count: number) => `Take all ${count} over`,
  concern: {
    watched: 'What you watch',
    planned: 'What you plan to buy',
    wished: 'What you wish for',
    other: 'Everything else'
  } as Readonly<Record<Concern, string>>,
  none: 'Nobody on the board has it today.',
  nothing: 'Nothing on the board today is planned, watched or wished for.',
  others: (count: number) =>
    `${plural(count, 'more kind', 'more kinds')} on the board; choose a tool to see its prices.`,
  head: { price: 'On the board', seller: 'Seller', known: 'You knew' },
  before: (price: string) => `was ${price}`,
  dearer: (count: number) => `, ${count} dearer`,
  says: ({ stock, note }: Listing, until: string | undefined) =>
    [
      until === undefined ? '' : `until ${until}`,
      stock === undefined || note !== undefined ? '' : `${stock} left`,
      note ?? ''
    ]
      .filter(Boolean)
      .join(' · '),
  change: (share: string, down: boolean) => ` ${down ? '−' : '+'}${share}`,
  notKnown: 'typical',
  met: 'at your price',
  taken: 'taken over',
  take: 'Take over',
  keep: 'Keep as a find',
  fewer: 'Fewer',
  onBench: (tool: string, price: string, upTo: string) =>
    `The board (simulated) has ${tool} for ${price}; you watch for at most ${upTo}.`,
  toBoard: 'See the board'
} as const)

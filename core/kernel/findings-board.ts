/** One figure of a finding: a number, a day, a name, a text that was read. */
export type Figure = string | number
/** No figures. */
export type Nothing = Readonly<Record<string, never>>

/** What can be wrong with a board of prices and its feed, with what is hired, and with circuits. `row` is the listing's number, in CSV its row. */
export interface BoardFindings {
  'board.currency': { currency: Figure }
  'feed.choice': { choices: Figure; field: Figure; row: Figure; text: Figure }
  'feed.currency': { expected: Figure; found: Figure }
  'feed.day': { row: Figure; text: Figure }
  'feed.empty': Nothing
  'feed.field': { field: Figure; row: Figure; text: Figure }
  'feed.future': { date: Figure; today: Figure }
  'feed.head': { field: Figure; text: Figure }
  'feed.no-column': { column: Figure; found: Figure }
  'feed.old': { date: Figure; days: Figure }
  'feed.price': { row?: Figure; text?: Figure }
  'feed.tool': { row: Figure; text: Figure }
  'feed.too-many': { limit: Figure; rows: Figure }
  'plan.hired-too-short': { build: Figure; tool: Figure; minutes: Figure; limit: Figure }
  'circuit.twice': { name: Figure }
  'piece.sold-before-made': { name: Figure; made: Figure; date: Figure }
  'piece.back-too-large': { name: Figure }
  'order.deposit-too-large': { name: Figure }
  'feed.twice': { row: Figure; text: Figure }
}

import type { Request, Response } from 'express'
import type { Feed } from '../core/board'
import { checkDay } from '../core/calendar'

const TYPES = { json: 'application/json', csv: 'text/csv' } as const

/** Today where the server stands, where nobody says a day. */
function todayHere(): string {
  const now = new Date()
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-')
}

/** What the simulated board offers on a day; a sentence where it cannot say. */
async function feedFor(date: string, currency: string): Promise<Feed | string> {
  if (!checkDay(date).ok) return 'The day must be written like 2026-05-04.'
  const [{ feedOn }, { library }, { BOARD_NAME, marketFor }] = await Promise.all([
    import('../core/board'),
    import('../data'),
    import('../data/board')
  ])
  const market = marketFor(library, currency)
  return market
    ? feedOn(market, date, BOARD_NAME)
    : 'The board has no prices in this currency. Ask in another one, such as currency=EUR.'
}

/** The simulated board of prices, in place of a service from outside: `/board/feed.json?currency=EUR&date=2026-05-04`, or `feed.csv`. */
export async function sendBoard(request: Request, response: Response): Promise<void> {
  const { date, currency } = request.query
  const form = request.path.endsWith('.csv') ? 'csv' : 'json'
  const feed = await feedFor(
    typeof date === 'string' ? date : todayHere(),
    typeof currency === 'string' ? currency : 'EUR'
  )
  response.set('Cache-Control', 'no-store')
  if (typeof feed === 'string') {
    response.status(400).type('text/plain').send(feed)
    return
  }
  const { writeFeed, writeFeedCsv } = await import('../core/formats')
  response.type(TYPES[form]).send(form === 'csv' ? writeFeedCsv(feed) : writeFeed(feed))
}

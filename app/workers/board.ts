import { feedOn } from '../../core/board'
import { library } from '../../data'
import { BOARD_NAME, marketFor } from '../../data/board'
import type { Answerers } from './serve'

/** The simulated board where no server carries it. */
export const board = {
  async board(_about, { date, currency }, send) {
    const { writeFeed } = await import('../../core/formats')
    const market = marketFor(library, currency)
    send(market && writeFeed(feedOn(market, date, BOARD_NAME)))
  }
} satisfies Answerers

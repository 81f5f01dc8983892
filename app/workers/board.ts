import { feedOn } from '../../core/board'
import { writeFeed } from '../../core/formats'
import { library } from '../../data'
import { BOARD_NAME, marketFor } from '../../data/board'
import type { Answerers } from './serve'

/** The simulated board where no server carries it. */
export const board = {
  board(_about, { date, currency }, send) {
    const market = marketFor(library, currency)
    send(market && writeFeed(feedOn(market, date, BOARD_NAME)))
  }
} satisfies Answerers

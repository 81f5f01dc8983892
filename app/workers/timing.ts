import { waitOrBuy, worthUpTo, type WaitOrBuy } from '../../core/timing'
import type { Answerers } from './serve'

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

/** When to buy, and up to which price: answered by planning again. */
export const timing = {
  async 'wait-or-buy'({ world }, { plan, paid }, send) {
    let before: WaitOrBuy | undefined
    for (const answer of waitOrBuy(world, plan, paid)) {
      if (before) send(before, false)
      before = answer
      await pause()
    }
    send(before)
  },
  'worth-up-to'({ world }, { plan, offered }, send) {
    send(worthUpTo(world, plan, offered))
  }
} satisfies Answerers

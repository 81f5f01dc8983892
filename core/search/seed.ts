import { distinct, sumOf } from '../kernel'
import { apply } from './apply'
import { climb } from './climb'
import { KitValue } from './kit-value'
import type { Model } from './model'
import { insert, type Order } from './order'
import { shopOf, type Package, type Shop } from './packages'
import { payFor, playing } from './playing'
import { supplyFor, supplyOf, type Supply } from './supply'

/** What a unit of money counts beyond what it counts anyway, one after another, until the kit fits the money there is. */
const DEARER = [0, 0.5, 1, 2, 4, 8] as const

/** What paying for a package takes, minor units. */
const paymentFor = ({ model }: Shop, bought: Package): number =>
  sumOf([...bought], ([choice, count]) => payFor(model.problem.choices[choice]!, count))

/** All the money there is until the end. */
const moneyOf = ({ problem }: Model): number =>
  problem.events.free.reduce((most, one) => Math.max(most, one), 0)

/** What of a kit an activity plays with as it is done with it. */
const needed = (shop: Shop, bought: Package, activity: number): number[] =>
  distinct(
    (shop.kit.taken(activity)?.steps ?? []).flatMap(({ modes }) =>
      modes.flatMap((mode) => playing(shop, mode, bought))
    )
  )

/** An order that buys a kit: always the activity next that brings most for what it still lacks of it. */
function fill(shop: Shop, supply: Supply, bought: Package, order: Order): void {
  const { kit, model, alone } = shop
  const here = new Set<number>()
  apply(kit, bought, 1)
  const left = new Map(
    model.problem.wanted.flatMap((activity) => {
      const net = kit.netOf(activity)
      return net > 0 ? [[activity, { net, needs: needed(shop, bought, activity) }] as const] : []
    })
  )
  apply(kit, bought, -1)
  order.length = 0
  while (left.size > 0) {
    let best: { activity: number; rate: number; lacking: readonly number[] } | undefined
    for (const [activity, { net, needs }] of left) {
      const lacking = needs.filter((choice) => !here.has(choice))
      const cost = lacking.reduce((sum, one) => sum + (alone[one] ?? 0) * bought.get(one)!, 1)
      if (net / cost > (best?.rate ?? 0)) best = { activity, rate: net / cost, lacking }
    }
    if (!best) break
    for (const choice of best.lacking) {
      const jig = model.problem.maker[choice] as number
      const at = jig < 0 ? order.length : supplyFor(supply, order, jig, order.length, 0)
      insert(order, at, -1 - choice)
      here.add(choice)
    }
    insert(order, order.length, best.activity)
    left.delete(best.activity)
  }
}

/**
 * Orders to begin from: each buys a kit that V can be climbed to (see `climb`); where it takes more than the money there is, kits with
 * money counting for more as well, until one fits.
 * @param filled is given each order in turn
 */
export function seeds(model: Model, random: () => number, order: Order, filled: () => void): void {
  const kit = new KitValue(model)
  const money = moneyOf(model)
  for (const dearer of DEARER) {
    const supply = supplyOf(model.problem, random, dearer)
    const shop = shopOf(kit, supply)
    const bought = climb(shop)
    if (bought.size === 0) return
    fill(shop, supply, bought, order)
    filled()
    if (paymentFor(shop, bought) <= money) return
  }
}

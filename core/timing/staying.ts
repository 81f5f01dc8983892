/**
 * Waiting for a price that mostly stays: shops change their prices every few weeks, so that whoever looks again tomorrow sees today's
 * price, unless it has been changed or a sale has begun. Backward induction with the price of the look before as the
 * state, on a grid of prices.
 */

/** One look at the price, and how far it may differ from that of the look before. */
export interface StayingLook {
  /** Middle of a new price that day, minor units, before any sale. */
  readonly middle: number
  /** Chance that the price has been changed since the look before, 0 to 1. */
  readonly changes: number
  /** A sale that may hold that day. */
  readonly sale: { readonly chance: number; readonly off: number } | undefined
  /** What is lost between this look and the next, minor units; of the last one to the end. */
  readonly wait: number
}

/** What a price may be, today's and new ones. */
export interface PriceGrid {
  /** Prices as multiples of the middle, the lowest first; today's is one of them. */
  readonly times: readonly number[]
  /** Chance of each where the price is a new one. */
  readonly chance: readonly number[]
  /** Today's place. */
  readonly today: number
}

const [REACH, STEP] = [3, 0.15]

/** @param spread standard deviation of the logarithm of a new price  @param today today's price against the middle */
export function priceGrid(spread: number, today: number): PriceGrid {
  const count = Math.round(REACH / STEP)
  const z = Array.from({ length: 2 * count + 1 }, (_, i) => (i - count) * STEP)
  const weights = z.map((one) => Math.exp((-one * one) / 2))
  const sum = weights.reduce((total, one) => total + one, 0)
  const nodes = [
    ...z.map((one, i) => ({
      times: Math.exp(spread * one),
      chance: (weights[i] ?? 0) / sum,
      own: false
    })),
    { times: today, chance: 0, own: true }
  ].sort((a, b) => a.times - b.times)
  return {
    times: nodes.map(({ times }) => times),
    chance: nodes.map(({ chance }) => chance),
    today: nodes.findIndex(({ own }) => own)
  }
}

/** The highest price that costs no more than going on, where going on costs more the dearer a price that stays is. */
function highestTaken(prices: readonly number[], goOn: readonly number[]): number {
  let last = prices.length - 1
  while (last >= 0 && (prices[last] ?? 0) > (goOn[last] ?? 0)) last--
  if (last < 0) return Math.min(goOn[0] ?? 0, prices[0] ?? 0)
  if (last === prices.length - 1) return goOn[last] ?? 0
  const [x, y] = [prices[last] ?? 0, prices[last + 1] ?? 0]
  const [a, b] = [(goOn[last] ?? 0) - x, y - (goOn[last + 1] ?? 0)]
  return x + (a + b > 0 ? (a / (a + b)) * (y - x) : 0)
}

/** The highest price to take at each look. @param without what it costs never to have it, minor units */
export function stayingRule(
  looks: readonly StayingLook[],
  { times, chance }: PriceGrid,
  without: number
): readonly number[] {
  const takes = new Array<number>(looks.length).fill(0)
  let after: readonly number[] = times.map(() => without)
  let fresh = without
  let changes = 1
  for (let t = looks.length - 1; t >= 0; t--) {
    const { middle, sale, wait } = looks[t]!
    const goOn = after.map((one) => wait + changes * fresh + (1 - changes) * one)
    const prices = times.map((one) => one * middle)
    takes[t] = highestTaken(prices, goOn)
    after = prices.map((price, j) => {
      const further = goOn[j] ?? 0
      const plain = Math.min(price, further)
      return sale
        ? sale.chance * Math.min(price * (1 - sale.off), further) + (1 - sale.chance) * plain
        : plain
    })
    fresh = after.reduce((sum, one, j) => sum + one * (chance[j] ?? 0), 0)
    changes = looks[t]!.changes
  }
  return takes
}

/** What keeping to the rule comes to. */
export interface Stayed {
  /** Price paid on average where it is bought, minor units; NaN where it never is. */
  readonly price: number
  /** Chance that it is bought at each look. */
  readonly at: readonly number[]
  /** Chance that it is bought for less than what was said for that look. */
  readonly below: number
  /** The price on average at each look, whether taken or not. */
  readonly mean: readonly number[]
}

/** Follows the rule from a look on. @param from first look that may be taken  @param limits price at each look below which it came out cheaper */
export function stayingFollowed(
  looks: readonly StayingLook[],
  { times, chance, today }: PriceGrid,
  takes: readonly number[],
  from: number,
  limits: readonly number[]
): Stayed {
  let open: readonly number[] = times.map((_, j) => (j === today ? 1 : 0))
  let all: readonly number[] = open
  let [paid, bought, below] = [0, 0, 0]
  const mean: number[] = []
  const moved = (mass: readonly number[], changes: number): number[] => {
    const sum = mass.reduce((total, one) => total + one, 0)
    return mass.map((one, j) => (1 - changes) * one + changes * sum * (chance[j] ?? 0))
  }
  const at = looks.map(({ middle, sale, changes }, t) => {
    if (t > 0) {
      open = moved(open, changes)
      all = moved(all, changes)
    }
    const off = sale ? sale.chance * sale.off : 0
    mean.push(all.reduce((sum, one, j) => sum + one * (times[j] ?? 0) * middle * (1 - off), 0))
    if (t < from) return 0
    let here = 0
    open = open.map((mass, j) => {
      const price = (times[j] ?? 0) * middle
      const ways = sale
        ? [
            { share: sale.chance, asked: price * (1 - sale.off) },
            { share: 1 - sale.chance, asked: price }
          ]
        : [{ share: 1, asked: price }]
      let left = mass
      for (const { share, asked } of ways) {
        if (asked > (takes[t] ?? 0)) continue
        const taken = mass * share
        here += taken
        paid += taken * asked
        if (asked < (limits[t] ?? 0)) below += taken
        left -= taken
      }
      return left
    })
    bought += here
    return here
  })
  return { price: bought > 0 ? paid / bought : Number.NaN, at, below, mean }
}

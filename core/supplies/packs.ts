import { sumOf } from '../kernel'

/** A size something is sold in. */
export interface Pack {
  /** How much is in it, in units of the material: three of the usual bottles, five of the usual boxes. */
  readonly amount: number
  /** Price index points of one. */
  readonly points: number
}

/** So many of each size; together they hold at least what is asked for. */
export interface PackChoice {
  readonly packs: readonly { readonly pack: Pack; readonly count: number }[]
  readonly points: number
  readonly amount: number
}

/** Amounts this close to a whole pack are one: 3 × 0.1 is 0.3. */
const CLOSE = 1e-9
const countFor = (amount: number, pack: Pack): number =>
  Math.max(0, Math.ceil(amount / pack.amount - CLOSE))

/**
 * The cheapest choice of sizes that holds an amount; of equally cheap ones the one that leaves least over.
 * @param short amount asked for, above 0  @param packs sizes, each with an amount above 0
 */
export function cheapestPacks(short: number, packs: readonly Pack[]): PackChoice | undefined {
  const sizes = [...packs].sort((a, b) => b.amount - a.amount)
  let best: PackChoice | undefined
  const choose = (at: number, left: number, chosen: PackChoice['packs']): void => {
    const pack = sizes[at]
    if (!pack) return
    const isLast = at === sizes.length - 1
    for (let count = isLast ? countFor(left, pack) : 0; count <= countFor(left, pack); count++) {
      const next = count > 0 ? [...chosen, { pack, count }] : chosen
      if (!isLast) {
        choose(at + 1, left - count * pack.amount, next)
        continue
      }
      const points = sumOf(next, (one) => one.pack.points * one.count)
      const amount = sumOf(next, (one) => one.pack.amount * one.count)
      if (
        !best ||
        points < best.points - CLOSE ||
        (points < best.points + CLOSE && amount < best.amount)
      )
        best = { packs: next, points, amount }
    }
  }
  if (short > 0) choose(0, short, [])
  return best
}

/** What the cheapest choice saves against so many of the usual size alone, which is the first; points, 0 where it is that. */
export function savedBy(choice: PackChoice, short: number, packs: readonly Pack[]): number {
  const [usual] = packs
  return usual ? Math.max(0, countFor(short, usual) * usual.points - choice.points) : 0
}

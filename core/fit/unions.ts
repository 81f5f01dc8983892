import { sumOf } from '../kernel'
import {
  EMPTY_PACK,
  EXACT_SIZE,
  packAdded,
  packUnion,
  packWithin,
  setOf,
  type Pack,
  type Register
} from './packs'
import type { Families, WayIn } from './ways-in'

/** Branches tried beyond the exact small ways. */
const TRIALS = 400

/** One search for the cheapest unions of a pack from each family. */
class Unions {
  private found: { pack: Pack; cost: number }[] = []
  private trials = 0

  constructor(
    private readonly register: Register,
    private readonly open: Families,
    private readonly planned: Pack,
    private readonly most: number
  ) {}

  private bound(): number {
    return this.found.length < this.most ? Infinity : (this.found.at(-1)?.cost ?? Infinity)
  }

  /** A lower bound on what closing the families from `from` on adds: the dearest of their cheapest members. Stops once over `enough`. */
  private leastRest(from: number, have: Pack, enough: number): number {
    let most = 0
    for (let i = from; i < this.open.length && most < enough; i++) {
      let least = Infinity
      for (const pack of this.open[i] ?? []) {
        if (pack.cost <= most) {
          least = 0
          break
        }
        least = Math.min(least, packAdded(this.register, have, pack))
        if (least <= most) break
      }
      most = Math.max(most, least)
    }
    return most
  }

  private keep(pack: Pack, cost: number): void {
    if (this.found.some((one) => packWithin(this.register, one.pack, pack))) return
    this.found = [
      ...this.found.filter((one) => !packWithin(this.register, pack, one.pack)),
      { pack, cost }
    ]
      .sort((a, b) => a.cost - b.cost)
      .slice(0, this.most)
  }

  /** @param largest sets of more purchases are passed over */
  private visit(index: number, chosen: Pack, cost: number, largest: number, most: number): void {
    const have = packUnion(this.register, this.planned, chosen)
    let next = index
    while (
      next < this.open.length &&
      this.open[next]?.some((pack) => packWithin(this.register, pack, have))
    )
      next++
    const family = this.open[next]
    if (!family) {
      this.keep(chosen, cost)
      return
    }
    const options: { more: Pack; cost: number }[] = []
    for (const pack of family) {
      const more = packUnion(this.register, chosen, pack)
      const total = packAdded(this.register, this.planned, more)
      if (total < this.bound() && more.codes.length <= largest) options.push({ more, cost: total })
    }
    options.sort((a, b) => a.cost - b.cost)
    const rest =
      this.found.length < this.most ? 0 : this.leastRest(next + 1, have, this.bound() - cost)
    for (const option of options) {
      if (Math.max(option.cost, cost + rest) >= this.bound()) continue
      if (this.trials++ >= most) return
      this.visit(next + 1, option.more, option.cost, largest, most)
    }
  }

  search(): { pack: Pack; cost: number }[] {
    this.visit(0, EMPTY_PACK, 0, Infinity, TRIALS)
    this.trials = 0
    this.visit(0, EMPTY_PACK, 0, EXACT_SIZE, Infinity)
    return this.found
  }
}

/** Cheapest unions of one set per family: exact up to four purchases, the best of a fixed number of trials beyond. */
export function cheapestUnions(
  register: Register,
  families: Families,
  planned: Pack,
  most: number
): WayIn[] {
  const open = families
    .filter((family) => !family.some((pack) => packWithin(register, pack, planned)))
    .sort((a, b) => a.length - b.length || (b[0]?.cost ?? 0) - (a[0]?.cost ?? 0))
  const there = setOf(register, planned)
  return new Unions(register, open, planned, most).search().map(({ pack, cost }) => {
    const set = setOf(register, pack)
    const bothered = sumOf([...set.values()], ({ buyable, count }) =>
      there.has(buyable.id) ? 0 : buyable.bother * count
    )
    return { set, cost: cost - bothered, reckoned: cost }
  })
}

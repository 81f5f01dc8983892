import { type Buyable } from '../fit'
import type { Minor } from '../money'
import { type SetPrice } from '../prices'

/** What a candidate does for one build. */
export interface Effect {
  readonly build: string
  /** True when the build becomes possible, false when it only becomes quicker or cheaper. */
  readonly opens: boolean
  readonly gain: Minor
  readonly minutesSaved: number
  readonly feesSaved: Minor
  /** Planed board that is bought rough instead, and the timber money that saves. */
  readonly roughMetres: number
  readonly timberSaved: Minor
}

export interface PackageLine {
  readonly buyable: Buyable
  readonly count: number
}

/** A purchase shown as the best set that contains it. */
export interface Candidate {
  /** Ids of all parts, joined: the same set has the same id. */
  readonly id: string
  /** The part the set is named after: the dearest of those that lead the work. */
  readonly lead: PackageLine
  readonly others: readonly PackageLine[]
  readonly cost: Minor
  /** Bundles and deals that make it cheaper than part by part; the cost counts them. */
  readonly price: SetPrice
  readonly effects: readonly Effect[]
  /** V(kit ∪ set) − V(kit) less the floor it takes at its price, minor units; can be negative where floor is dear. */
  readonly gain: Minor
  /** The floor's part of it, minor units, 0 or less. */
  readonly floor: Minor
  /** Gain less the cost at what kept money is worth, minor units. */
  readonly netGain: Minor
  /** gain / cost; Infinity for something worth having that costs nothing. */
  readonly backPerMoney: number
  /** The leanings of its parts, multiplied with `backPerMoney` for the order; 1 for none. */
  readonly leaning: number
  readonly minutesSaved: number
  readonly feesSaved: Minor
  readonly timberSaved: Minor
  /** True while some price in it is typical, not quoted. */
  readonly typical: boolean
  /** Other sets with the same leading tool that do the same for the same builds, cheapest first. */
  readonly variants: readonly Candidate[]
}

export interface Ranking {
  readonly candidates: readonly Candidate[]
  /** Builds possible with the kit as it is. */
  readonly feasible: readonly string[]
  /** Builds no purchase can open, with the steps that stand in the way. */
  readonly hopeless: readonly { readonly build: string; readonly steps: readonly string[] }[]
  /** True when every weight is zero, so that nothing can be told apart but by price. */
  readonly weightless: boolean
}

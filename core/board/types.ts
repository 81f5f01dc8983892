import type { Specs, Tier } from '../catalogue'
import type { Day } from '../calendar'
import type { Minor } from '../money'
import type { PriceKind, SellerType } from '../prices'

/** One thing a seller offers on a day. */
export interface Listing extends PriceKind {
  /** The same on every day it is offered. */
  readonly id: string
  readonly seller: string
  readonly sellerType: SellerType
  /** Tag price of one, minor units. */
  readonly price: Minor
  /** What it cost before it was reduced. */
  readonly before?: Minor | undefined
  /** The last day of the price. */
  readonly until?: Day | undefined
  /** Pieces left; not said where there are many. */
  readonly stock?: number | undefined
  readonly specs?: Specs | undefined
  /** What the seller says of it. */
  readonly note?: string | undefined
}

/** What sellers offer on one day. */
export interface Feed {
  readonly name: string
  /** Made up by a program: no shop asks these prices. */
  readonly simulated: boolean
  readonly currency: string
  readonly date: Day
  readonly listings: readonly Listing[]
}

/** A seller of the simulated market. */
export interface Seller {
  readonly id: string
  readonly name: string
  readonly type: SellerType
  readonly sells: 'new' | 'refurbished' | 'used'
  /** Its prices against what is usual: 1 as usual. */
  readonly level: number
  /** Share of all tools of its tiers that it carries, 0 to 1; of what is not new the chance that one comes up in a week. */
  readonly range: number
  readonly tiers: readonly Tier[]
  /** What is said of single pieces. */
  readonly notes?: readonly string[] | undefined
  /** How deep its sales are against the usual ones. */
  readonly sales: number
}

/** A sale of the simulated year, by month and day. */
export interface YearlySale {
  readonly id: string
  readonly from: string
  readonly until: string
  /** Share usually taken off, and chance that a seller holds it; 0 to 1. */
  readonly off: number
  readonly chance: number
}

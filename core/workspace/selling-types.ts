import type { Day } from '../calendar'
import type { Minor } from '../money'

/** Where pieces are sold: a stall, a friend's window, a place on the net. What it takes of a price, and what bringing a piece there costs. */
export interface Outlet {
  readonly id: string
  readonly name: string
  /** Share of the price it keeps, 0 to 1. */
  readonly feeShare: number
  /** What it takes for each piece besides. */
  readonly feeFixed: Minor
  /** What packing and delivery of a piece cost the seller. */
  readonly deliveryEach: Minor
  /** Kilometres driven for each piece; counted in the books where a kilometre has a price. */
  readonly kmEach?: number | undefined
}

/** A price a piece was offered at from a day on. */
export interface Offered {
  readonly date: Day
  readonly price: Minor
  readonly outlet?: string | undefined
}

/** What somebody would have given for it. */
export interface Bid {
  readonly date: Day
  readonly price: Minor
}

/** A sale that stands. */
export interface Sold {
  /** What its entries in the ledger share as their receipt; pieces delivered together share it too. */
  readonly id: string
  readonly date: Day
  readonly price: Minor
  readonly outlet?: string | undefined
  /** What the outlet kept, minor units without sign. */
  readonly fee: Minor
  /** What packing and delivery cost, minor units without sign. */
  readonly delivery: Minor
  /** The day the money came; open where it has not yet. */
  readonly paid?: Day | undefined
  /** Money given back of it without the piece coming back. */
  readonly back?: Minor | undefined
  readonly order?: string | undefined
  readonly km?: number | undefined
}

/** One finished piece that is there to be sold, or was. */
export interface Piece {
  readonly id: string
  /** The build it was made as. */
  readonly build: string
  readonly name: string
  readonly made: Day
  /** Timber, finish, what wears and services in it. */
  readonly cost: Minor
  /** Minutes of work in it. */
  readonly minutes: number
  /** Prices it was offered at, oldest first. */
  readonly offered: readonly Offered[]
  readonly bids?: readonly Bid[] | undefined
  readonly sold?: Sold | undefined
  /** Days on which a buyer brought it back. */
  readonly returned?: readonly Day[] | undefined
  /** What was kept of sales that were taken back. */
  readonly kept?: Minor | undefined
  /** It left without being sold. */
  readonly gone?: { readonly date: Day; readonly why: GoneWhy } | undefined
}
export const GONE_WHY = ['given', 'kept', 'spoilt'] as const
export type GoneWhy = (typeof GONE_WHY)[number]

export const ORDER_STATES = ['asked', 'accepted', 'declined', 'delivered', 'cancelled'] as const
export type OrderState = (typeof ORDER_STATES)[number]

/** What a customer asks to be made. */
export interface Order {
  readonly id: string
  /** Who asks, in the seller's own words. */
  readonly text: string
  /** The build it is one of. */
  readonly build: string
  readonly copies: number
  readonly priceEach: Minor
  readonly asked: Day
  readonly due: Day
  /** Deposit agreed, minor units for all of it. */
  readonly deposit: Minor
  readonly state: OrderState
  /** The day it was delivered or cancelled. */
  readonly closed?: Day | undefined
}

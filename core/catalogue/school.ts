import type { Family } from './skill'
import type { Condition, HazardClass, HazardLevel, Tier } from './types'

/** Which power form is bought where there is a choice. */
export type PowerWish = 'cheapest' | 'corded' | 'cordless'

/** A leaning towards a tool: what it brings counts this many times when purchases are put in order. */
export interface Leaning {
  readonly tool: string
  readonly times: number
}

/** The six things that are weighed against one another. */
export const WEIGHTS = ['money', 'time', 'space', 'quiet', 'ease', 'finish'] as const
export type WeightName = (typeof WEIGHTS)[number]

/**
 * Weights in price index points, so that they mean the same in every currency: for an hour of work, a square metre, an hour of noise, an
 * hour at hazard level 1, a step that is just as exact as it must be; `money` is a plain factor.
 */
export type SchoolWeights = Readonly<Record<WeightName, number>>

/** What taking up a school, or a side in a dispute, sets. */
export interface Stance {
  readonly leanings: readonly Leaning[]
  /** Tools left out. */
  readonly bans: readonly string[]
  /** Leaves out everything with a motor but what is named. */
  readonly noMotorsBut?: readonly string[] | undefined
  readonly comfort?: { readonly [H in HazardClass]?: HazardLevel | undefined } | undefined
  readonly power?: PowerWish | undefined
  /** How often what a fine joint adds to a piece counts; for those who work for the joint’s sake. */
  readonly joints?: number | undefined
  /** Families its followers mean to learn: the plan reckons with what practice will have brought. */
  readonly learns?: readonly Family[] | undefined
  readonly soldTimes?: number | undefined
  readonly reinvestShare?: number | undefined
}

/** A named preset with its argument. */
export interface School extends Stance {
  readonly id: string
  readonly name: string
  readonly firstMoney: string
  readonly argument: string
  readonly givesUp: string
  readonly weights: SchoolWeights
}

/** One side of an open dispute of the trade. */
export interface Side {
  readonly id: string
  readonly name: string
  readonly argument: string
  readonly leanings: readonly Leaning[]
  readonly bans: readonly string[]
  readonly power?: PowerWish | undefined
  readonly condition?: Condition | undefined
  readonly tier?: Tier | undefined
}

export interface Dispute {
  readonly id: string
  readonly question: string
  readonly sides: readonly Side[]
}

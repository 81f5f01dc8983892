import type { Paces } from './players'

/** How closely ways are told apart. */
export interface Grain {
  /** Modes of one step that are kept, the cheapest first. */
  readonly kept: number
  /** Modes of one method that are always kept, the cheapest of them. */
  readonly perMethod: number
  /** The same of a rough method with one that cleans up after it. */
  readonly perPair: number
  /** Combinations of groups looked at for one method. */
  readonly pairings: number
  /** Rough ways, and ways to clean up after them, that are combined. */
  readonly combined: number
  /** Which paces of a leading tool are told apart. */
  readonly paces: Paces
  /** What is told apart no more counts as the best of it, where a bound must not fall below; else as the worst. */
  readonly hopeful?: true
}
/** For an upper bound: every pace. */
export const FINE: Grain = {
  kept: 48,
  perMethod: 6,
  perPair: 6,
  pairings: 160,
  combined: 16,
  paces: 'all'
}
/** For what the user builds: nobody buys for the few parts in a hundred that lie between two tools of one pace. */
export const PLAIN: Grain = {
  kept: 32,
  perMethod: 4,
  perPair: 2,
  pairings: 120,
  combined: 4,
  paces: 'by-tier'
}
/** For jigs that are made along the way: a few minutes more or less decide nothing. */
export const COARSE: Grain = {
  kept: 8,
  perMethod: 2,
  perPair: 1,
  pairings: 24,
  combined: 4,
  paces: 'one'
}
/** For jigs under an upper bound: as quick as the quickest, so that no way of making one is better than it is reckoned. */
export const HOPEFUL: Grain = { ...FINE, paces: 'one', hopeful: true }

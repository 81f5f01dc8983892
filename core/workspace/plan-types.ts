import type { Day } from '../calendar'
import type { Minor } from '../money'

export interface PlannedPurchase {
  readonly id: string
  /** An offer, or a bundle. */
  readonly offer: string
  readonly count: number
  readonly date: Day
  /** Payment assumed for all of them together. */
  readonly price: Minor
  /** The build it was planned for. */
  readonly forBuild?: string | undefined
}

export interface PlannedBuild {
  /** A build of the workspace, or `make/<template>` for a shop-made jig. */
  readonly build: string
  /** How many of its copies are made here; all of them when left out. A build made in batches stands in a plan once for each. */
  readonly copies?: number | undefined
  /** Made from rough boards, flattened and thicknessed by oneself. */
  readonly rough?: true | undefined
  readonly begin: Day
  readonly done: Day
  /** Minutes given in each stage, by the stage's first day. */
  readonly work: readonly { readonly stage: Day; readonly minutes: number }[]
  /** The method chosen for each step, by step id. */
  readonly methods: Readonly<Record<string, string>>
  /** Timber, fixings, fees and what is used up in blades and discs, paid on the day it begins. */
  readonly material: Minor
}

/** A tool one owns that is sold because a purchase of the plan has taken its place. */
export interface PlannedResale {
  readonly item: string
  readonly date: Day
  readonly amount: Minor
}

/** What a "buy several, get one" offer takes off the purchases of one day. */
export interface PlannedSaving {
  readonly deal: string
  readonly date: Day
  readonly amount: Minor
}

/** Money a plan counts on; negative where it is to go out. */
export interface PlannedIncome {
  readonly date: Day
  readonly amount: Minor
}

/** Dated purchases and builds for one state of a workspace. */
export interface Plan {
  readonly format: 'frugal-ledger/plan'
  readonly version: 1
  readonly workspace: { readonly id: string; readonly hash: string }
  readonly libraryVersion: string
  readonly asOf: Day
  readonly until: Day
  readonly purchases: readonly PlannedPurchase[]
  readonly builds: readonly PlannedBuild[]
  readonly resales?: readonly PlannedResale[] | undefined
  readonly savings?: readonly PlannedSaving[] | undefined
  /** Of a plan that is kept: the day, what was in the purse, which entries of that day or later it knew, and what it counts on. */
  readonly kept?:
    | {
        readonly on: Day
        readonly balance: Minor
        readonly entries: readonly string[]
        readonly income: readonly PlannedIncome[]
        /** The chance each build was given to be ready by a day: the one it was wished for, else the one it was planned for. */
        readonly chances?:
          | readonly { readonly build: string; readonly by: Day; readonly chance: number }[]
          | undefined
      }
    | undefined
}

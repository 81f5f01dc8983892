import type { BenchStep, RoomFor } from '../../core/fit'
import type { Build } from '../../core/builds'
import type { Day } from '../../core/calendar'
import type { Power, School } from '../../core/catalogue'
import type { Layout, NestPart, SheetSize } from '../../core/cutlist'
import type {
  Answers,
  Beginning,
  CurvePoint,
  Difference,
  PaidBack,
  PurchaseReasons,
  OrderAnswer
} from '../../core/explain'
import type { Issue, Result } from '../../core/kernel'
import type { Ladder } from '../../core/ladder'
import type { Minor } from '../../core/money'
import type { Report } from '../../core/plan'
import type { Risk } from '../../core/risk'
import type { Courage, DustAhead, LoudWay, Wear } from '../../core/safety'
import type { ScenarioOutcome, SchoolOutcome } from '../../core/scenarios'
import type { Outcome } from '../../core/search'
import type { NextDay, PocketLine } from '../../core/shopping'
import type { PaidEntry } from '../../core/prices'
import type { Mix, MixMonth, Turn } from '../../core/mix'
import type {
  Design,
  FirstKit,
  ForSale,
  Learnt,
  Month,
  SaleReckoning,
  ToolsEarn
} from '../../core/sidework'
import type { Offered, WaitOrBuy, WorthUpTo } from '../../core/timing'
import type { Sway } from '../../core/weigh'
import type {
  Order,
  Pin,
  Plan,
  Scenario,
  WeightName,
  Weights,
  Workspace
} from '../../core/workspace'
import type { Arranged, FloorPlan, Shape } from '../../core/workshop'
import type {
  BatteriesView,
  FileRead,
  OwnershipView,
  PullsView,
  RankingView,
  ReasonsView,
  SplitView,
  WayView
} from './shapes'

export type * from './shapes'

/** What planning has come to so far, or in the end. */
export type Planned =
  | {
      readonly kind: 'so-far'
      readonly plan: Plan
      readonly value: number
      readonly evaluations: number
      readonly of: number
    }
  | { readonly kind: 'done'; readonly outcome: Outcome }

/** What the judge says of a plan. */
export interface Judged {
  readonly report: Report
  /** Days since the plan was made have gone by otherwise than it says. */
  readonly overtaken: boolean
  readonly next: NextDay | undefined
  /** Builds that cannot begin without each of the purchases of that day. */
  readonly opens: Readonly<Record<string, PurchaseReasons['opens']>>
  /** When what is sold has paid the first tools back. */
  readonly paidBack: PaidBack | undefined
}

/**
 * **What a worker can be asked**: for each question what goes in and what comes out. Some answer several times, the last time with
 * `last`. The state (workspace and day) a question is about is sent once, ahead of it.
 */
export interface Calls {
  plan: { in: { readonly from?: Plan | undefined }; out: Planned }
  judge: { in: { readonly plan: Plan }; out: Judged }
  'judge-move': { in: { readonly plan: Plan }; out: Report }
  'carried-pins': {
    in: object
    out: { readonly pins: readonly Pin[]; readonly notes: readonly Issue[] } | undefined
  }
  'purchase-reasons': {
    in: { readonly plan: Plan; readonly purchase: string }
    out: PurchaseReasons | undefined
  }
  'possible-after': { in: { readonly plan: Plan; readonly day: Day }; out: readonly string[] }
  'fit-after': {
    in: { readonly plan: Plan; readonly build: string }
    out: { readonly gaps: number; readonly minutes: number; readonly fees: Minor } | undefined
  }
  'bench-steps': {
    in: { readonly plan: Plan | undefined; readonly build: string }
    out: readonly BenchStep[] | undefined
  }
  /** The dustiest evening planned; of one machine the dustiest in which it sends out most, where that is too dusty. */
  'dust-ahead': {
    in: { readonly plan: Plan | undefined; readonly machine?: string | undefined }
    out: DustAhead | undefined
  }
  courage: { in: { readonly plan: Plan | undefined }; out: readonly Courage[] }
  wear: { in: { readonly plan: Plan | undefined }; out: Wear }
  /** Loud ways of the builds planned, the loudest first. */
  loud: { in: { readonly plan: Plan | undefined }; out: readonly LoudWay[] }
  /** What a build that is sold brings by the piece and by the hour. */
  sale: {
    in: {
      readonly plan: Plan | undefined
      readonly build: string
      /** How much longer than the estimate the seller takes over it; as estimated when left out. */
      readonly pace?: number | undefined
    }
    out: SaleReckoning | undefined
  }
  /** All builds for sale on the first day they can be made, and the best average month with them; `first` as estimated before anything was learnt. */
  'for-sale': {
    in: { readonly plan: Plan | undefined; readonly learnt: readonly Learnt[] }
    out: ForSale & {
      readonly minutes: number
      readonly month: Month
      readonly first: ForSale
      /** What to buy so that builds which cannot be made yet can be. */
      readonly kits: readonly FirstKit[]
    }
  }
  'tools-earn': {
    in: { readonly plan: Plan | undefined; readonly learnt: readonly Learnt[] }
    out: ToolsEarn
  }
  /** What to make in the months ahead. */
  mix: {
    in: {
      readonly plan: Plan | undefined
      readonly learnt: readonly Learnt[]
      readonly stock: Readonly<Record<string, number>>
      readonly months: number
      readonly most: number
      readonly floorM2?: number | undefined
    }
    out:
      | {
          readonly mix: Mix
          readonly turns: readonly Turn[]
          readonly designs: readonly Design[]
          readonly months: readonly MixMonth[]
        }
      | undefined
  }
  /** What taking an order would do to the plan. */
  order: {
    in: { readonly plan: Plan | undefined; readonly order: Order }
    out: OrderAnswer | undefined
  }
  beginning: {
    in: {
      readonly plan: Plan
      readonly lead: string
      readonly cost: Minor
      readonly opens: readonly string[]
    }
    out: Beginning | undefined
  }
  pocket: { in: { readonly plan: Plan }; out: readonly PocketLine[] }
  answers: { in: { readonly plan: Plan; readonly purchase: string }; out: Answers | undefined }
  more: { in: { readonly plan: Plan; readonly amount: Minor }; out: Difference }
  curve: { in: { readonly plan: Plan }; out: CurvePoint }
  /** `plan` is the one at hand: scenarios are planned from it on. */
  scenarios: {
    in: { readonly scenarios: readonly (Scenario | null)[]; readonly plan: Plan | undefined }
    out: ScenarioOutcome
  }
  risk: { in: { readonly plan: Plan }; out: Risk }
  /** What no plan can exceed, closer and closer. `value` is what the plan at hand is worth: where it is proven best, no more is asked. */
  bound: {
    in: { readonly value: number }
    out: { readonly bound: number | undefined; readonly proven: boolean }
  }
  /** The ladder as the user works, or as somebody of a school would; one answer for each. */
  ladder: {
    in: { readonly schools: readonly (School | null)[] }
    out: { readonly school: string | undefined; readonly ladder: Ladder }
  }
  rank: { in: { readonly weights?: Weights | undefined }; out: RankingView }
  pulls: { in: object; out: PullsView }
  sway: { in: object; out: { readonly sway: Sway; readonly weight: WeightName } }
  reasons: { in: { readonly candidate: string }; out: ReasonsView | undefined }
  ownership: {
    in: { readonly tool: string; readonly power: Power; readonly limit?: number | undefined }
    out: OwnershipView | undefined
  }
  split: {
    in: {
      readonly total: Minor
      readonly years: number
      readonly tools: readonly {
        readonly tool: string
        readonly power: Power
        readonly count: number
      }[]
    }
    out: SplitView
  }
  batteries: { in: { readonly tools?: readonly string[] | undefined }; out: BatteriesView }
  schools: {
    in: { readonly schools: readonly (School | null)[]; readonly plan: Plan | undefined }
    out: SchoolOutcome
  }
  'read-file': { in: { readonly bytes: Uint8Array }; out: Result<FileRead> }
  nest: { in: { readonly parts: readonly NestPart[]; readonly sheet: SheetSize }; out: Layout }
  /** `paid`: what the ledger says was paid for tools; the state a worker has knows only what is left. */
  'wait-or-buy': {
    in: { readonly plan: Plan; readonly paid: readonly PaidEntry[] }
    out: WaitOrBuy | undefined
  }
  'worth-up-to': { in: { readonly plan: Plan; readonly offered: Offered }; out: WorthUpTo }
  /** The text of the simulated board's feed for a day; undefined in a currency it does not know. */
  board: { in: { readonly date: Day; readonly currency: string }; out: string | undefined }
  /** Where tools stand best in a room. */
  arrange: { in: { readonly plan: FloorPlan; readonly shapes: readonly Shape[] }; out: Arranged }
  /** Which of the tools that are to come would find room beside those there. */
  'room-for': {
    in: { readonly there: readonly string[]; readonly coming: readonly string[] }
    out: readonly RoomFor[]
  }
  ways: {
    in: { readonly build: string | Build; readonly step?: string | undefined }
    out: readonly WayView[]
  }
}
export type CallName = keyof Calls
export type Asks<K extends CallName> = Calls[K]['in']
export type Answer<K extends CallName> = Calls[K]['out']

/** What is planned with: a workspace as far as planning knows of it, and the day. */
export interface Ground {
  readonly workspace: Workspace
  readonly today: Day
}

/** From the page: the state that the questions after it are about, or a question. */
export type ToWorker =
  | { readonly kind: 'ground'; readonly key: string; readonly ground: Ground }
  | {
      [K in CallName]: {
        readonly kind: 'ask'
        readonly call: K
        readonly request: number
        readonly asks: Asks<K>
      }
    }[CallName]

/** From the worker: an answer, or that a question could not be answered. */
export type FromWorker =
  | {
      readonly kind: 'answer'
      readonly request: number
      readonly answer: Answer<CallName>
      readonly last: boolean
    }
  | { readonly kind: 'failed'; readonly request: number; readonly reason: string }

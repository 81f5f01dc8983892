import type { PhotoFile, ReadWorkspace } from '../../core/formats'
import type {
  NearMiss,
  PowerMode,
  PoweredTool,
  PowerPlan,
  Regret,
  RuledOut,
  ServiceUse,
  Split,
  Tenure
} from '../../core/weigh'
import type { HazardClass, Power } from '../../core/catalogue'
import type { Minor } from '../../core/money'

/** One purchase set as the screens show it; plain data that can cross to the page. */
export interface LineView {
  readonly id: string
  readonly tool: string
  readonly tier: string
  readonly condition: string
  readonly power: string
  readonly count: number
  readonly cost: Minor
  readonly typical: boolean
  /** Set for a shop-made tool: the build that makes it. */
  readonly jig?: string | undefined
}

export interface EffectView {
  readonly build: string
  readonly opens: boolean
  readonly gain: Minor
  readonly minutesSaved: number
  readonly feesSaved: Minor
  readonly roughMetres: number
  readonly timberSaved: Minor
}

/** A bundle or a deal that makes a set cheaper, and by how much. */
export interface BargainView {
  readonly name: string
  readonly saved: Minor
}

export interface CandidateView {
  readonly id: string
  readonly lead: LineView
  readonly others: readonly LineView[]
  readonly cost: Minor
  readonly gain: Minor
  readonly netGain: Minor
  readonly backPerMoney: number
  readonly leaning: number
  readonly floor: Minor
  readonly separately: Minor
  readonly bundles: readonly string[]
  readonly deals: readonly BargainView[]
  readonly minutesSaved: number
  readonly feesSaved: Minor
  readonly timberSaved: Minor
  readonly typical: boolean
  readonly effects: readonly EffectView[]
  readonly variants: readonly {
    readonly id: string
    readonly parts: readonly LineView[]
    readonly cost: Minor
  }[]
}

export interface RankingView {
  readonly candidates: readonly CandidateView[]
  readonly feasible: readonly string[]
  readonly hopeless: readonly { readonly build: string; readonly steps: readonly string[] }[]
  readonly weightless: boolean
}

/** How much each purchase pulls its weight, so far. */
export interface PullsView {
  readonly pulls: readonly {
    readonly tool: string
    readonly count: number
    readonly share: number
    readonly error: number
  }[]
  readonly exact: boolean
  readonly looked: number
  readonly done: boolean
}

/** A way of doing a step, for a reason. */
export interface UseView {
  readonly method: string
  readonly minutes: number
  readonly fee: Minor
}

export interface WayRound {
  readonly parts: readonly LineView[]
  readonly cost: Minor
  readonly minutesMore: number
}

export type BecauseView =
  | { readonly kind: 'lead' | 'jig' }
  | { readonly kind: 'companion'; readonly of: string; readonly why: string }
  | { readonly kind: 'protection'; readonly of: string }
  | { readonly kind: 'role'; readonly operation: string }

/** Everything that speaks for and against a candidate. */
export interface ReasonsView {
  readonly parts: readonly {
    readonly part: LineView
    readonly because: BecauseView
    readonly tag: Minor
    readonly tax: Minor
    readonly delivery: Minor
    readonly repair: Minor
  }[]
  readonly changes: readonly {
    readonly build: string
    readonly step: string
    readonly operation: string
    readonly before?: UseView | undefined
    readonly after: UseView
  }[]
  readonly nearMisses: readonly NearMiss[]
  readonly regrets: readonly Regret[]
  readonly services: readonly ServiceUse[]
  readonly usesPerYear: number
  readonly perYear: { readonly minutes: number; readonly fees: Minor; readonly timber: Minor }
  readonly hazard?:
    | {
        readonly kind: HazardClass
        readonly level: number
        readonly gentler?: WayRound | undefined
      }
    | undefined
  readonly cheaper?: WayRound | undefined
}

/** Cost of ownership of one tool, drawn over hours. */
export interface OwnershipView {
  readonly tool: string
  readonly power: Power
  readonly hours: number
  readonly builds: readonly { readonly build: string; readonly hours: number }[]
  readonly limit: number
  readonly options: readonly {
    readonly id: string
    readonly tenure: Tenure
    readonly typical: boolean
    readonly ruledOut: boolean
    readonly points: readonly (readonly [hours: number, cost: number])[]
    readonly parts: {
      readonly purchase: number
      readonly replacements: number
      readonly consumables: number
      readonly repairs: number
      readonly slower: number
      readonly resale: number
      readonly total: number
    }
  }[]
  readonly stretches: readonly { readonly from: number; readonly to: number; readonly id: string }[]
  readonly ruledOut: readonly RuledOut[]
}

export interface SplitView {
  readonly places: readonly {
    readonly tool: string
    readonly count: number
    readonly hours: number
    readonly options: readonly {
      readonly id: string
      readonly cost: Minor
      readonly value: number
    }[]
  }[]
  readonly split: Split
  readonly total: Minor
  readonly ms: number
}

export interface BatteriesView {
  readonly tools: readonly PoweredTool[]
  readonly plans: readonly { readonly mode: PowerMode; readonly plan: PowerPlan | undefined }[]
  readonly packWh: number
  readonly pack: Minor
  readonly owned: readonly string[]
}

export interface WayView {
  readonly parts: readonly LineView[]
  readonly cost: Minor
  /** For what can be done already: minutes that this would save. */
  readonly saves?: number | undefined
}

/** A file that was read: its workspace and plan, what the reader has to say, and the pictures that came along. */
export interface FileRead extends ReadWorkspace {
  readonly photos: readonly PhotoFile[]
}

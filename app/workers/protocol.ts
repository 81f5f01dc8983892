import type { Build } from '../../core/builds'
import type { Layout, NestPart, SheetSize } from '../../core/cutlist'
import type { Answers, CurvePoint, Difference } from '../../core/explain'
import type { Outcome } from '../../core/search'
import type { Risk } from '../../core/risk'
import type { ScenarioOutcome, SchoolOutcome } from '../../core/scenarios'
import type { Day } from '../../core/calendar'
import type { Plan, Scenario, WeightName, Weights, Workspace } from '../../core/workspace'
import type { NearMiss, PowerMode, PoweredTool, PowerPlan, Regret, RuledOut, ServiceUse, Split, Sway, Tenure } from '../../core/weigh'
import type { HazardClass, Power, School } from '../../core/catalogue'
import type { Minor } from '../../core/money'

/** One purchase set as the screens show it; plain data that can cross to the page. */
export interface PartView {
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
  readonly lead: PartView
  readonly others: readonly PartView[]
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
    readonly parts: readonly PartView[]
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
  readonly parts: readonly PartView[]
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
    readonly part: PartView
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
  readonly parts: readonly PartView[]
  readonly cost: Minor
  /** For what can be done already: minutes that this would save. */
  readonly saves?: number | undefined
}

/** What the page asks. `request` numbers the questions; a reply to an overtaken question is dropped. */
export type Question =
  | {
      readonly kind: 'plan'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly from?: Plan | undefined
    }
  | {
      readonly kind: 'answers'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly plan: Plan
      readonly purchase: string
    }
  | {
      readonly kind: 'more'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly plan: Plan
      readonly amount: Minor
    }
  | {
      readonly kind: 'curve'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly plan: Plan
    }
  | {
      readonly kind: 'scenarios'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly scenarios: readonly (Scenario | null)[]
    }
  | {
      readonly kind: 'risk'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly plan: Plan
    }
  | {
      readonly kind: 'bound'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
    }
  | {
      readonly kind: 'rank'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly weights?: Weights | undefined
    }
  | {
      readonly kind: 'pulls'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
    }
  | {
      readonly kind: 'sway'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
    }
  | {
      readonly kind: 'reasons'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly candidate: string
    }
  | {
      readonly kind: 'ownership'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly tool: string
      readonly power: Power
      readonly limit?: number | undefined
    }
  | {
      readonly kind: 'split'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly total: Minor
      readonly years: number
      readonly tools: readonly {
        readonly tool: string
        readonly power: Power
        readonly count: number
      }[]
    }
  | {
      readonly kind: 'batteries'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly tools?: readonly string[] | undefined
    }
  | {
      readonly kind: 'schools'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly schools: readonly (School | null)[]
    }
  | {
      readonly kind: 'nest'
      readonly request: number
      readonly parts: readonly NestPart[]
      readonly sheet: SheetSize
      readonly material: string
    }
  | {
      readonly kind: 'ways'
      readonly request: number
      readonly workspace: Workspace
      readonly today: Day
      readonly build: string | Build
      readonly step?: string | undefined
    }

export type Reply =
  | {
      readonly kind: 'plan-so-far'
      readonly request: number
      readonly plan: Plan
      readonly value: number
      readonly evaluations: number
      readonly of: number
    }
  | {
      readonly kind: 'answers'
      readonly request: number
      readonly purchase: string
      readonly answers: Answers | undefined
    }
  | {
      readonly kind: 'more'
      readonly request: number
      readonly amount: Minor
      readonly difference: Difference
    }
  | {
      readonly kind: 'curve'
      readonly request: number
      readonly point: CurvePoint
      readonly done: boolean
    }
  | {
      readonly kind: 'scenarios'
      readonly request: number
      readonly at: number
      readonly outcome: ScenarioOutcome
      readonly done: boolean
    }
  | { readonly kind: 'risk'; readonly request: number; readonly risk: Risk; readonly done: boolean }
  | {
      readonly kind: 'bound'
      readonly request: number
      readonly bound: number | undefined
      readonly done: boolean
    }
  | { readonly kind: 'plan'; readonly request: number; readonly outcome: Outcome }
  | { readonly kind: 'rank'; readonly request: number; readonly ranking: RankingView }
  | { readonly kind: 'pulls'; readonly request: number; readonly view: PullsView }
  | {
      readonly kind: 'sway'
      readonly request: number
      readonly sway: Sway
      readonly weight: WeightName
      readonly done: boolean
    }
  | {
      readonly kind: 'reasons'
      readonly request: number
      readonly candidate: string
      readonly reasons: ReasonsView | undefined
    }
  | {
      readonly kind: 'ownership'
      readonly request: number
      readonly view: OwnershipView | undefined
    }
  | { readonly kind: 'split'; readonly request: number; readonly view: SplitView }
  | { readonly kind: 'batteries'; readonly request: number; readonly view: BatteriesView }
  | {
      readonly kind: 'schools'
      readonly request: number
      readonly outcome: SchoolOutcome
      readonly at: number
      readonly done: boolean
    }
  | { readonly kind: 'ways'; readonly request: number; readonly ways: readonly WayView[] }
  | {
      readonly kind: 'nest'
      readonly request: number
      readonly material: string
      readonly layout: Layout
    }
  | { readonly kind: 'failed'; readonly request: number; readonly message: string }

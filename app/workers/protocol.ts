import type { Build } from '../../core/builds'
import type { Layout, NestPart, SheetSize } from '../../core/cutlist'
import type { Outcome } from '../../core/stages'
import type { Day } from '../../core/calendar'
import type { Plan, Workspace } from '../../core/workspace'
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
}

export interface CandidateView {
  readonly id: string
  readonly lead: PartView
  readonly others: readonly PartView[]
  readonly cost: Minor
  readonly gain: Minor
  readonly netGain: Minor
  readonly backPerMoney: number
  readonly minutesSaved: number
  readonly typical: boolean
  readonly effects: readonly EffectView[]
  readonly variants: readonly { readonly id: string; readonly parts: readonly PartView[]; readonly cost: Minor }[]
}

export interface RankingView {
  readonly candidates: readonly CandidateView[]
  readonly feasible: readonly string[]
  readonly hopeless: readonly { readonly build: string; readonly steps: readonly string[] }[]
}

export interface WayView {
  readonly parts: readonly PartView[]
  readonly cost: Minor
  /** For what can be done already: minutes that this would save. */
  readonly saves?: number | undefined
}

/** What the page asks. `request` numbers the questions; a reply to an overtaken question is dropped. */
export type Question =
  | { readonly kind: 'plan'; readonly request: number; readonly workspace: Workspace; readonly today: Day }
  | { readonly kind: 'rank'; readonly request: number; readonly workspace: Workspace; readonly today: Day }
  | { readonly kind: 'nest'; readonly request: number; readonly parts: readonly NestPart[]; readonly sheet: SheetSize; readonly material: string }
  | { readonly kind: 'ways'; readonly request: number; readonly workspace: Workspace; readonly today: Day; readonly build: string | Build; readonly step?: string | undefined }

export type Reply =
  | { readonly kind: 'plan-so-far'; readonly request: number; readonly plan: Plan }
  | { readonly kind: 'plan'; readonly request: number; readonly outcome: Outcome }
  | { readonly kind: 'rank'; readonly request: number; readonly ranking: RankingView }
  | { readonly kind: 'ways'; readonly request: number; readonly ways: readonly WayView[] }
  | { readonly kind: 'nest'; readonly request: number; readonly material: string; readonly layout: Layout }
  | { readonly kind: 'failed'; readonly request: number; readonly message: string }

import type { Condition, Tier } from '../catalogue'
import type { Day } from '../calendar'
import type { Workspace } from './types'

/** When one is asked what became of a purchase: after a month, a season and a year. */
export const VERDICT_TIMES = ['month', 'season', 'year'] as const
export type VerdictTime = (typeof VERDICT_TIMES)[number]

/** What is regretted of a purchase. */
export const REGRET_KINDS = [
  'inaccurate',
  'flimsy',
  'redundant',
  'not-my-way',
  'hardly-used',
  'messy'
] as const
export type RegretKind = (typeof REGRET_KINDS)[number]

/** What became of a purchase: used after a month, as good as hoped after a season, bought again after a year. It stays when the thing is gone. */
export interface Verdict {
  readonly id: string
  readonly item: string
  readonly tool: string
  readonly tier: Tier
  readonly condition: Condition
  readonly when: VerdictTime
  readonly on: Day
  readonly good: boolean
  readonly regret?: RegretKind | undefined
}

/** A verdict given; one of the same time takes the place of the former. */
export const giveVerdict = (workspace: Workspace, verdict: Verdict): Workspace => ({
  ...workspace,
  verdicts: [
    ...(workspace.verdicts ?? []).filter(
      ({ item, when }) => item !== verdict.item || when !== verdict.when
    ),
    verdict
  ]
})
export const dropVerdict = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  verdicts: (workspace.verdicts ?? []).filter((one) => one.id !== id)
})

import type { Day } from '../calendar'
import type { School } from '../catalogue'
import type { Minor } from '../money'
import { ladderOf } from '../ladder'
import { adoptSchool, worldOf, type Plan, type World } from '../workspace'
import { comesTo } from '../plan'
import { makePlan } from '../search'

/** What following a school comes to, on the same builds and money. */
export interface SchoolOutcome {
  readonly school: string
  /** The first rungs of its ladder: leading tool, what comes along, and the cost of both. */
  readonly order: readonly {
    readonly tool: string
    readonly with: readonly string[]
    readonly cost: Minor
  }[]
  /** Builds of the plan by the day they are done. */
  readonly builds: readonly { readonly build: string; readonly done: Day }[]
  readonly purchases: readonly {
    readonly offer: string
    readonly count: number
    readonly date: Day
    readonly price: Minor
  }[]
  readonly spentOnTools: Minor
  readonly minutes: number
  /** Minutes louder than the quiet hours allow (85 dB(A) where none are declared). */
  readonly loudMinutes: number
  /** Running minutes times the hazard level. */
  readonly riskMinutes: number
  readonly floorM2: number
  readonly clash: boolean
}

/** How many of a school's rungs are shown. */
const FIRST = 5

/** What comes of no plan at all. */
const NOTHING = {
  builds: [],
  purchases: [],
  spentOnTools: 0,
  minutes: 0,
  loudMinutes: 0,
  riskMinutes: 0,
  floorM2: 0
} satisfies Partial<ReturnType<typeof comesTo>>

/** The same world as a follower of a school would have it: same builds, things and money, nothing pinned. */
export const asSchool = ({ workspace, library, pricing, asOf }: World, school: School): World =>
  worldOf(
    adoptSchool({ ...workspace, asOf, pins: [] }, library, pricing.minorPer100Points, school),
    library,
    asOf
  )

/**
 * Ranks and plans the same builds with the same money as a follower of the school would.
 * @param school left out: as the workspace stands
 * @param from a plan to begin from: what of it serves a follower as well need not be found again
 */
export function schoolOutcome(
  world: World,
  school: School | undefined,
  from?: Plan
): SchoolOutcome {
  const { workspace, library, asOf } = world
  const its = school
    ? asSchool(world, school)
    : worldOf({ ...workspace, asOf, pins: [] }, library, asOf)
  const { rungs } = ladderOf(its)
  const outcome = makePlan(its, { from })
  const plan = outcome.kind === 'clash' ? undefined : outcome.plan
  const order = rungs.slice(0, FIRST).map(({ lead, along, cost }) => ({
    tool: lead.tool,
    with: along.map(({ tool }) => tool),
    cost
  }))
  const comes = plan ? comesTo(its, plan) : NOTHING
  return {
    school: school?.id ?? 'own',
    order,
    builds: comes.builds.filter(({ build }) => workspace.builds.some(({ id }) => id === build)),
    purchases: comes.purchases,
    spentOnTools: comes.spentOnTools,
    minutes: comes.minutes,
    loudMinutes: comes.loudMinutes,
    riskMinutes: comes.riskMinutes,
    floorM2: comes.floorM2,
    clash: plan === undefined
  }
}

import type { Day } from '../calendar'
import type { School } from '../catalogue'
import { makeFitter } from '../fit'
import type { Minor } from '../money'
import { Weighing } from '../weigh'
import { adoptSchool, worldOf, type World } from '../workspace'
import { comesTo } from '../plan'
import { makePlan } from '../search'

/** What following a school comes to, on the same builds and money. */
export interface SchoolOutcome {
  readonly school: string
  /** The first of its ranking: leading tool, what it comes with, and its cost all in. */
  readonly order: readonly {
    readonly tool: string
    readonly with: readonly string[]
    readonly cost: Minor
    readonly backPerMoney: number
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

/** How many of a school's ranking are shown. */
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

/**
 * Ranks and plans the same builds with the same money as a follower of the school would.
 * @param school left out: as the workspace stands
 */
export function schoolOutcome(world: World, school: School | undefined): SchoolOutcome {
  const { workspace, library, asOf } = world
  const own = { ...workspace, asOf, pins: [] }
  const its = school
    ? worldOf(adoptSchool(own, library, world.pricing.minorPer100Points, school), library, asOf)
    : worldOf(own, library, asOf)
  const fitter = makeFitter(its)
  const { candidates } = new Weighing(its, fitter).rank()
  const outcome = makePlan(its)
  const plan = outcome.kind === 'clash' ? undefined : outcome.plan
  const order = candidates.slice(0, FIRST).map(({ lead, others, cost, backPerMoney }) => ({
    tool: lead.buyable.entry.tool.id,
    with: others.map(({ buyable }) => buyable.entry.tool.id),
    cost,
    backPerMoney
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

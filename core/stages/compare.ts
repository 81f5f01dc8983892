import type { Day } from '../calendar'
import { makeFitter, useMethod, isUse } from '../fit'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { School } from '../catalogue'
import { Weighing, adoptSchool } from '../weigh'
import { findBuild, worldOf, type Plan, type World } from '../workspace'
import { kitAfter } from './evaluate'
import { makePlan } from './planner'

/** What following a school comes to, on the same builds and money. */
export interface SchoolOutcome {
  readonly school: string
  /** The first of its ranking: leading tool, what it comes with, and its cost all in. */
  readonly order: readonly { readonly tool: string; readonly with: readonly string[]; readonly cost: Minor; readonly backPerMoney: number }[]
  /** Builds of the plan by the day they are done. */
  readonly builds: readonly { readonly build: string; readonly done: Day }[]
  readonly purchases: readonly { readonly offer: string; readonly count: number; readonly date: Day; readonly price: Minor }[]
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

/** Noise, hazard and hours of a plan's builds with what is owned by its end. */
function workOf(world: World, plan: Plan): Pick<SchoolOutcome, 'minutes' | 'loudMinutes' | 'riskMinutes'> {
  const kit = kitAfter(world, plan)
  const { context } = makeFitter(world)
  const uses = plan.builds.flatMap(({ build: id, methods }) => {
    const build = findBuild(world, id)
    return (build?.steps ?? []).flatMap((step) => {
      const method = world.library.methods.get(methods[step.id] ?? '')
      const use = method && build ? useMethod(context, kit, method, step, build) : undefined
      return use && isUse(use) ? [use] : []
    })
  })
  return { minutes: sumOf(uses, ({ minutes }) => minutes), loudMinutes: sumOf(uses, ({ loudMinutes }) => loudMinutes), riskMinutes: sumOf(uses, ({ riskMinutes }) => riskMinutes) }
}

/**
 * Ranks and plans the same builds with the same money as a follower of the school would.
 * @param school left out: as the workspace stands
 */
export function schoolOutcome(world: World, school: School | undefined): SchoolOutcome {
  const { workspace, library, asOf } = world
  const own = { ...workspace, asOf, pins: [] }
  const its = school ? worldOf(adoptSchool(own, library, world.pricing.minorPer100Points, school), library, asOf) : worldOf(own, library, asOf)
  const fitter = makeFitter(its)
  const { candidates } = new Weighing(its, fitter).rank()
  const outcome = makePlan(its, { fitter })
  const plan = outcome.kind === 'clash' ? undefined : outcome.plan
  const order = candidates.slice(0, FIRST).map(({ lead, others, cost, backPerMoney }) => ({ tool: lead.buyable.entry.tool.id, with: others.map(({ buyable }) => buyable.entry.tool.id), cost, backPerMoney }))
  const bought = (plan?.purchases ?? []).map(({ offer, count, date, price }) => ({ offer, count, date, price }))
  const floor = plan ? kitAfter(its, plan).tools.reduce((sum, { tool, count }) => sum + tool.storedM2 * count, 0) : 0
  return {
    school: school?.id ?? 'own', order,
    builds: (plan?.builds ?? []).filter(({ build }) => workspace.builds.some(({ id }) => id === build)).map(({ build, done }) => ({ build, done })).sort((a, b) => (a.done < b.done ? -1 : 1)),
    purchases: bought,
    spentOnTools: sumOf(bought, ({ price }) => price),
    ...(plan ? workOf(its, plan) : { minutes: 0, loudMinutes: 0, riskMinutes: 0 }),
    floorM2: floor, clash: plan === undefined
  }
}

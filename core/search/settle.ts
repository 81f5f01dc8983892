import { roughVariant, type Build } from '../builds'
import { addDays, compareDays, stageOf } from '../calendar'
import {
  fitStep,
  isUse,
  jigEntry,
  makeKit,
  useMethod,
  type Kit,
  type MethodUse,
  usedUp
} from '../fit'
import { TOLERANCE, groupBy, sumOf } from '../kernel'
import { buildMaterial, type Plan, type PlannedBuild } from '../workspace'
import { evaluate, rulesBroken, type Report, emptyPlan, withSavings } from '../plan'
import { arrivalsOf, hiredInTime, purchasesOf, type Arrival, type Placing } from './arrivals'
import { Calendar } from './calendar'
import { bettered } from './bettered'
import { withComforts } from './comforts'
import { ROUGH } from './compile-ways'
import { broughtForward } from './forward'
import { decode, type Decoding } from './decode'
import { easyFirst } from './easy-first'
import type { Order } from './order'
import type { Hires } from './hired'
import type { Done, State } from './state'
import type { Problem } from './problem'

export interface Settled {
  readonly plan: Plan
  readonly report: Report
}

/** The build of an activity with the timber chosen for it. */
function madeAs({ world, activities }: Problem, { activity, methods }: Done): Build {
  const { build } = activities[activity]!
  return methods[build.steps.length] === ROUGH
    ? (roughVariant(world.library, build)?.build ?? build)
    : build
}

/** The uses of an activity's steps with a kit: in the chosen way, or where that does not serve after all, the best other one. */
function usesOf(problem: Problem, done: Done, kit: Kit): MethodUse[] | undefined {
  const {
    sources: { context },
    activities
  } = problem
  const { build: listed } = activities[done.activity]!
  const build = madeAs(problem, done)
  const uses: MethodUse[] = []
  for (const [i, step] of build.steps.entries()) {
    const method = context.library.methods.get((i < listed.steps.length && done.methods[i]) || '')
    const use = method ? useMethod(context, kit, method, step, build) : undefined
    const best = use && isUse(use) ? use : fitStep(context, kit, step, build).usable[0]
    if (!best) return undefined
    uses.push(best)
  }
  return uses
}

/** A plan while it is being settled. */
interface Settling extends Placing {
  readonly problem: Problem
  readonly arrivals: Arrival[]
}

/** What is there from the first to the last day an activity is worked on. */
function kitDuring(settling: Settling, work: Done): Kit {
  const { problem, arrivals } = settling
  const { activity, begin, done } = work
  const begins = hiredInTime(settling, work)
  const worked = Math.max(begin, done - problem.activities[activity]!.nights)
  return makeKit([
    ...problem.sources.kit.tools,
    ...arrivals
      .filter(
        ({ day, until, hired }) =>
          day <= (hired ? begins : begin) && until >= (hired ? begins : worked)
      )
      .map(({ entry }) => entry)
  ])
}

/** Takes the first free minutes from a day on, and says on which days; undefined when the horizon ends first. */
function takeDays(
  calendar: Calendar,
  minutes: number,
  day: number
): [number, number][] | undefined {
  const days = calendar.freeDays(minutes, day)
  if (days && minutes > 0) calendar.take(minutes, day)
  return days
}

/** One activity as a planned build; undefined where it does not work out with what is really there. */
function settleActivity(
  settling: Settling,
  done: Done
): { readonly planned: PlannedBuild; readonly last: number } | undefined {
  const { problem, calendar } = settling
  const { world, activities } = problem
  const { copies, spentMinutes, nights, begun, build: listed } = activities[done.activity]!
  const build = madeAs(problem, done)
  const uses = usesOf(problem, done, kitDuring(settling, done))
  if (!uses) return undefined
  const minutes = Math.max(0, Math.ceil(sumOf(uses, (use) => use.minutes)) - spentMinutes)
  const days = takeDays(calendar, minutes, done.begin)
  if (!days) return undefined
  const dateOf = (day: number): string => addDays(world.asOf, day)
  const begin = days[0]?.[0] ?? done.begin
  const last = Math.max(days.at(-1)?.[0] ?? begin, minutes > 0 ? begin + nights : begin)
  const stageStart = (day: number): string =>
    stageOf(world.stages, dateOf(day))?.start ?? world.asOf
  const work = [...groupBy(days, ([day]) => stageStart(day))].map(([stage, parts]) => ({
    stage,
    minutes: sumOf(parts, ([, taken]) => taken)
  }))
  const methods = build.steps.map((step, i) => [step.id, uses[i]?.method.id ?? ''])
  const material = begun
    ? 0
    : buildMaterial(world, build) +
      sumOf(uses, ({ fee, spoilt }) => fee + spoilt) +
      usedUp(world, build, uses)
  return {
    last,
    planned: {
      build: build.id,
      ...(copies === undefined ? {} : { copies }),
      ...(build === listed ? {} : { rough: true as const }),
      begin: dateOf(begin),
      done: dateOf(last),
      work,
      methods: Object.fromEntries(methods),
      material
    }
  }
}

/** The decoded activities as planned builds, by the day they begin. */
function buildsOf(
  problem: Problem,
  state: State,
  arrivals: Arrival[],
  hires: Hires | undefined
): PlannedBuild[] {
  const calendar = new Calendar(problem.events.minutes, problem.activities.length)
  calendar.reset()
  const settling: Settling = { problem, calendar, arrivals, hires }
  const builds: PlannedBuild[] = []
  for (const done of state.done) {
    const settled = settleActivity(settling, done)
    if (!settled) continue
    builds.push(settled.planned)
    const { yields } = problem.activities[done.activity]!.build
    const yielded = problem.world.library.tools.get(yields ?? '')
    if (yielded)
      settling.arrivals.push({ day: settled.last, until: Infinity, entry: jigEntry(yielded) })
  }
  return builds.sort((a, b) => compareDays(a.begin, b.begin))
}

/** The plan an order stands for as it was decoded, exact to the minute, with what the evaluator says of it. */
function asDecoded(problem: Problem, decoding: Decoding, order: Order): Settled {
  const { world, events } = problem
  const { state } = decoding
  decode(decoding, order, true)
  state.bought = bettered(problem, state.bought)
  const resales = state.sold.map(({ item, amount, event }) => ({
    item,
    date: events.dates[event] ?? '',
    amount
  }))
  const arrivals = arrivalsOf(problem, state, decoding.model.hires)
  const builds = buildsOf(problem, state, arrivals, decoding.model.hires)
  const plan = withSavings(world, {
    ...emptyPlan(world),
    purchases: purchasesOf(problem, state, arrivals),
    builds,
    ...(resales.length > 0 ? { resales } : {})
  })
  return { plan, report: evaluate(world, plan) }
}

/**
 * The plan an order stands for, exact to the day and the minute, as the evaluator wants it. What does not work out with the tools
 * really there is left out; purchases nothing needs go too.
 */
export const settle = (problem: Problem, decoding: Decoding, order: Order): Settled =>
  finished(problem, mended(problem, asDecoded(problem, decoding, easyFirst(decoding, order))))

/** The same for comparing plans: allowed, but not gone over purchase by purchase. */
export const settleRoughly = (problem: Problem, decoding: Decoding, order: Order): Settled =>
  mended(problem, asDecoded(problem, decoding, order))

/** A plan without what nothing needs, with nothing put off for the sake of the money alone, and with what is worth having by itself. */
const finished = (problem: Problem, settled: Settled): Settled =>
  withComforts(problem, broughtForward(problem.world, pruned(problem.world, settled)))

/** Rounds of leaving out what breaks a rule before the plan is given up for one that only keeps the pins. */
const MENDINGS = 6

/** Where the exact plan breaks a rule after all, without the builds and purchases that break it. */
function mended(problem: Problem, first: Settled): Settled {
  const { world } = problem
  let { plan, report } = first
  for (let round = 0; round < MENDINGS && report.broken.length > 0; round++) {
    const out = new Set(
      report.broken.flatMap(({ path: [part, index], figures }) =>
        part === 'builds' && typeof index === 'number'
          ? [index]
          : plan.builds.flatMap((one, i) => (one.build === figures.build ? [i] : []))
      )
    )
    if (out.size === 0) break
    plan = withSavings(world, { ...plan, builds: plan.builds.filter((_, i) => !out.has(i)) })
    report = evaluate(world, plan)
  }
  return { plan, report }
}

/** Leaves out purchases that no build of the plan needs. */
export function pruned(world: Problem['world'], settled: Settled): Settled {
  let { plan, report } = settled
  if (report.broken.length > 0) return settled
  for (const purchase of settled.plan.purchases) {
    if (
      world.workspace.pins.some(
        ({ offer, date }) => offer === purchase.offer && date === purchase.date
      )
    )
      continue
    const without = withSavings(world, {
      ...plan,
      purchases: plan.purchases.filter(({ id }) => id !== purchase.id)
    })
    // Most of what is bought is needed: the price of the plan without it is asked for last.
    if (rulesBroken(world, without).length > 0) continue
    const then = evaluate(world, without)
    if (then.value.total >= report.value.total - TOLERANCE) [plan, report] = [without, then]
  }
  return { plan, report }
}

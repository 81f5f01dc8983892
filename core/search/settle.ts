import { dayNumber, stageOf } from '../calendar'
import { fitStep, isUse, jigEntry, makeKit, useMethod, type Kit, type MethodUse } from '../fit'
import { groupBy, sumOf } from '../kernel'
import { buildMaterial, type Plan, type PlannedBuild, type PlannedPurchase } from '../workspace'
import { usedUp, evaluate, type Report, emptyPlan, withSavings } from '../plan'
import type { Decoder, Done, Order } from './decoder'
import type { Problem } from './problem'

export interface Settled {
  readonly plan: Plan
  readonly report: Report
}

interface Arrival {
  readonly day: number
  readonly until: number
  readonly entry: Kit['tools'][number]
}

/** Purchases of one offer on one day as one. */
function purchasesOf(problem: Problem, decoder: Decoder): PlannedPurchase[] {
  const { choices, moments, jobs } = problem
  const merged = new Map<string, PlannedPurchase>()
  for (const { choice, count, moment, job } of decoder.bought) {
    const { id: offer, payment } = choices[choice]!
    const date = moments.dates[moment] ?? ''
    const id = `${offer}@${date}`
    const present = merged.get(id)
    const price = count * (payment[moment] ?? 0)
    const forBuild = jobs[job]?.build.id
    merged.set(
      id,
      present
        ? { ...present, count: present.count + count, price: present.price + price }
        : { id, offer, count, date, price, ...(forBuild === undefined ? {} : { forBuild }) }
    )
  }
  return [...merged.values()].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
}

/** Gives builds their days, with the minutes the fit really asks for. */
class Calendar {
  private readonly free: Int32Array

  constructor(private readonly problem: Problem) {
    this.free = problem.moments.minutes.slice()
  }

  /** Days and minutes for so much work from a day on; undefined when the horizon ends first. */
  work(minutes: number, from: number): [day: number, minutes: number][] | undefined {
    const taken: [number, number][] = []
    let left = minutes
    for (let day = from; left > 0; day++) {
      if (day >= this.free.length) return undefined
      const some = Math.min(left, this.free[day] ?? 0)
      if (some <= 0) continue
      taken.push([day, some])
      left -= some
    }
    for (const [day, some] of taken) this.free[day] = (this.free[day] ?? 0) - some
    return taken
  }
}

/** The uses of a job's steps with a kit: in the chosen way, or where that does not serve after all, the best other one. */
function usesOf(problem: Problem, done: Done, kit: Kit): MethodUse[] | undefined {
  const {
    sources: { context },
    jobs,
    alternatives
  } = problem
  const { build } = jobs[done.job]!
  const uses: MethodUse[] = []
  for (const [i, step] of build.steps.entries()) {
    const method = context.library.methods.get(
      alternatives[done.alternatives[i] ?? -1]?.method ?? ''
    )
    const use = method ? useMethod(context, kit, method, step, build) : undefined
    const best = use && isUse(use) ? use : fitStep(context, kit, step, build).usable[0]
    if (!best) return undefined
    uses.push(best)
  }
  return uses
}

/** One job as a planned build; undefined where it does not work out with what is really there. */
function settleJob(
  problem: Problem,
  calendar: Calendar,
  done: Done,
  arrivals: readonly Arrival[]
): { planned: PlannedBuild; last: number } | undefined {
  const { world, jobs, sources } = problem
  const { build, copies, spentMinutes, begun } = jobs[done.job]!
  const kitAt = (begin: number, last: number): Kit =>
    makeKit([
      ...sources.kit.tools,
      ...arrivals
        .filter(({ day, until }) => day <= begin && until >= last)
        .map(({ entry }) => entry)
    ])
  const uses = usesOf(problem, done, kitAt(done.begin, done.done))
  if (!uses) return undefined
  const minutes = Math.max(0, Math.ceil(sumOf(uses, (use) => use.minutes)) - spentMinutes)
  const days = calendar.work(minutes, done.begin)
  if (!days) return undefined
  const dateOf = (day: number): string =>
    new Date((dayNumber(world.asOf) + day) * 86_400_000).toISOString().slice(0, 10)
  const begin = days[0]?.[0] ?? done.begin
  const last = days.at(-1)?.[0] ?? begin
  const perStage = groupBy(days, ([day]) => stageOf(world.stages, dateOf(day))?.start ?? world.asOf)
  return {
    last,
    planned: {
      build: build.id,
      ...(copies === undefined ? {} : { copies }),
      begin: dateOf(begin),
      done: dateOf(last),
      work: [...perStage].map(([stage, parts]) => ({
        stage,
        minutes: sumOf(parts, ([, taken]) => taken)
      })),
      methods: Object.fromEntries(
        build.steps.map((step, i) => [step.id, uses[i]?.method.id ?? ''])
      ),
      material: begun
        ? 0
        : buildMaterial(world, build) + sumOf(uses, ({ fee }) => fee) + usedUp(world, build, uses)
    }
  }
}

/**
 * The plan an order stands for, exact to the day and the minute, as the evaluator wants it. What does not work out with the tools
 * really there is left out; purchases nothing needs go too.
 */
export function settle(problem: Problem, decoder: Decoder, order: Order): Settled {
  const { world, moments, choices, jobs } = problem
  decoder.decode(order, true)
  const purchases = purchasesOf(problem, decoder)
  const arrivals: Arrival[] = decoder.bought.flatMap(({ choice, count, moment }) => {
    const { entries, until } = choices[choice]!
    return entries.map((entry) => ({
      day: moments.days[moment] ?? 0,
      until,
      entry: { ...entry, count: entry.count * count }
    }))
  })
  const calendar = new Calendar(problem)
  const builds: PlannedBuild[] = []
  for (const done of decoder.done) {
    const settled = settleJob(problem, calendar, done, arrivals)
    if (!settled) continue
    builds.push(settled.planned)
    const yielded = world.library.tools.get(jobs[done.job]?.build.yields ?? '')
    if (yielded) arrivals.push({ day: settled.last, until: Infinity, entry: jigEntry(yielded) })
  }
  builds.sort((a, b) => (a.begin < b.begin ? -1 : a.begin > b.begin ? 1 : 0))
  const resales = decoder.sold.map(({ item, amount, moment }) => ({
    item,
    date: moments.dates[moment] ?? '',
    amount
  }))
  const plan = withSavings(world, {
    ...emptyPlan(world),
    purchases,
    builds,
    ...(resales.length > 0 ? { resales } : {})
  })
  return mended(problem, { plan, report: evaluate(world, plan) })
}

/** Rounds of leaving out what breaks a rule before the plan is given up for one that only keeps the pins. */
const MENDINGS = 6

/** Where the exact plan breaks a rule after all, without the builds and purchases that break it. */
function mended({ world }: Problem, first: Settled): Settled {
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
  return pruned(world, { plan, report })
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
    const then = evaluate(world, without)
    if (then.broken.length === 0 && then.value.total >= report.value.total - 1e-9)
      [plan, report] = [without, then]
  }
  return { plan, report }
}

import { entriesOf, fitBuild, kitWith, makeFitter, type NeedSet } from '../../core/fit'
import { addDays, minutesPerDay, stageOf } from '../../core/calendar'
import type { Build } from '../../core/builds'
import { evaluate, emptyPlan, withSavings } from '../../core/plan'
import type { Plan, PlannedBuild, PlannedPurchase, World } from '../../core/workspace'
import { chosenMethods } from './fits'

/**
 * Small cases against trying everything: every order of every subset of two builds, each from every payday on, with every way in.
 * Plans are put together without the search and judged by the evaluator.
 */
export class Everything {
  private readonly fitter
  private readonly free: Int32Array
  best: number

  constructor(private readonly world: World) {
    this.fitter = makeFitter(world)
    this.free = minutesPerDay(world.workspace.time, world.asOf, 400)
    this.best = evaluate(world, emptyPlan(world)).value.total
  }

  run(): number {
    const { builds } = this.world.workspace
    for (const first of builds) {
      this.place([first], emptyPlan(this.world), this.free)
      for (const second of builds)
        if (second !== first) this.place([first, second], emptyPlan(this.world), this.free)
    }
    return this.best
  }

  /** Puts the first of some builds on every payday with every way in, then the rest behind it. */
  private place(builds: readonly Build[], plan: Plan, free: Int32Array): void {
    const [build, ...rest] = builds
    if (!build) {
      const { broken, value } = evaluate(this.world, withSavings(this.world, plan))
      if (broken.length === 0 && value.total > this.best) this.best = value.total
      return
    }
    const days = [this.world.asOf, ...this.world.receipts.map(({ date }) => date)]
    for (const { set } of this.fitter.waysIn(build, new Map(), 5))
      for (const day of days) {
        const next = this.withBuild(plan, build, set, day, free)
        if (next) this.place(rest, next.plan, next.free)
      }
  }

  private withBuild(
    plan: Plan,
    build: Build,
    set: NeedSet,
    day: string,
    free: Int32Array
  ): { plan: Plan; free: Int32Array } | undefined {
    const { world, fitter } = this
    const bought = plan.purchases.filter(({ date }) => date <= day).map(({ offer }) => offer)
    const purchases = [...set.values()].flatMap(({ buyable, count }): PlannedPurchase[] =>
      bought.includes(buyable.id)
        ? []
        : [
            {
              id: `${buyable.id}@${day}`,
              offer: buyable.id,
              count,
              date: day,
              price: buyable.payment * count
            }
          ]
    )
    const owned = plan.purchases
      .filter(({ date }) => date <= day)
      .flatMap(({ offer }) =>
        [...fitter.market.values()]
          .flat()
          .filter(({ id }) => id === offer)
          .map(({ entry }) => entry)
      )
    const fit = fitBuild(fitter.context, kitWith(fitter.kit, [...owned, ...entriesOf(set)]), build)
    if (fit.gaps.length > 0) return undefined
    const left = free.slice()
    const work: [string, number][] = []
    let minutes = fit.minutes
    for (let k = 0; minutes > 0; k++) {
      const date = addDays(world.asOf, k)
      if (date > world.until) return undefined
      const some = date < day ? 0 : Math.min(minutes, left[k] ?? 0)
      if (some === 0) continue
      left[k] = (left[k] ?? 0) - some
      minutes -= some
      work.push([date, some])
    }
    const perStage = new Map<string, number>()
    for (const [date, some] of work) {
      const stage = stageOf(world.stages, date)?.start ?? ''
      perStage.set(stage, (perStage.get(stage) ?? 0) + some)
    }
    const planned: PlannedBuild = {
      build: build.id,
      begin: work[0]?.[0] ?? day,
      done: work.at(-1)?.[0] ?? day,
      work: [...perStage].map(([stage, some]) => ({ stage, minutes: some })),
      methods: chosenMethods(fit),
      material: 0
    }
    return {
      plan: {
        ...plan,
        purchases: [...plan.purchases, ...purchases],
        builds: [...plan.builds, planned]
      },
      free: left
    }
  }
}

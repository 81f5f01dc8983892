import { checkDay, laterDay, minutesBetween, stageOf, type Day, type Stage } from '../calendar'
import { issue, must, sumOf, type Issue } from '../kernel'
import type { Plan, PlannedBuild, World } from '../workspace'

/** One build's work inside one stage, with the days it may fall on. */
interface Share {
  readonly index: number
  readonly build: string
  readonly from: Day
  readonly to: Day
  readonly minutes: number
}

const earlier = (a: Day, b: Day): Day => (a < b ? a : b)

/** Minutes the user has from one day to another. */
const available = (world: World, from: Day, to: Day): number =>
  minutesBetween(world.workspace.time, world.asOf, from, to)

function sharesOf(
  world: World,
  planned: PlannedBuild,
  index: number,
  broken: Issue[]
): { stage: Stage; share: Share }[] {
  return planned.work.flatMap(({ stage: start, minutes }, k) => {
    const stage = stageOf(world.stages, start)
    const path = ['builds', index, 'work', k] as const
    const share = stage && {
      index,
      build: planned.build,
      from: laterDay(laterDay(stage.start, planned.begin), world.asOf),
      to: earlier(stage.end, planned.done),
      minutes
    }
    if (
      !stage ||
      stage.start !== start ||
      !share ||
      share.to < share.from ||
      !Number.isInteger(minutes) ||
      minutes < 0
    ) {
      broken.push(issue('plan.work-outside', path, { build: planned.build, stage: start, minutes }))
      return []
    }
    return [{ stage, share }]
  })
}

/**
 * Hours: each build gets the minutes its methods take, between the days it begins and is done, and no stretch of days holds more
 * work than the user has time. For work that may be interrupted, the condition over all stretches [begin of one, done of another]
 * is exact (the processor-demand criterion of scheduling theory).
 */
export function checkHours(
  world: World,
  plan: Plan,
  minutesNeeded: ReadonlyMap<PlannedBuild, number>,
  broken: Issue[]
): void {
  const perStage = new Map<Stage, Share[]>()
  plan.builds.forEach((planned, index) => {
    const needed = minutesNeeded.get(planned)
    if (needed === undefined || !checkDay(planned.begin).ok || !checkDay(planned.done).ok) return
    const shares = sharesOf(world, planned, index, broken)
    const given = sumOf(shares, ({ share }) => share.minutes)
    if (given !== needed)
      broken.push(
        issue('plan.minutes-differ', ['builds', index, 'work'], {
          build: planned.build,
          given,
          needed
        })
      )
    for (const { stage, share } of shares)
      perStage.set(stage, [...(perStage.get(stage) ?? []), share])
  })
  for (const [stage, shares] of perStage) {
    for (const from of new Set(shares.map((share) => share.from))) {
      for (const to of new Set(shares.map((share) => share.to))) {
        const inside = shares.filter((share) => share.from >= from && share.to <= to)
        const work = sumOf(inside, ({ minutes }) => minutes)
        const room = available(world, from, to)
        if (inside.length > 0 && work > room) {
          const last = must(inside.at(-1), 'the last share')
          broken.push(
            issue('plan.too-many-hours', ['builds', last.index, 'work'], {
              build: last.build,
              stage: stage.start,
              from,
              to,
              minutes: work,
              available: room
            })
          )
        }
      }
    }
  }
}

import { sumOf } from '../kernel'
import type { Activity, Problem } from '../search'

/** The least and the most of something over all ways to do an activity. */
export interface Range {
  readonly least: number
  readonly most: number
}

/** @param ofWay what lies in a way itself @param ofMode what lies in a mode of it */
function rangeOf(
  { modes }: Problem,
  { steps }: Activity,
  ofWay: (way: Activity['steps'][number]['ways'][number]) => number,
  ofMode: (mode: Problem['modes'][number]) => number
): Range {
  const each = steps.map(({ ways }) =>
    ways.map((way) => {
      const slots = way.slots.map(({ first, last }) => modes.slice(first, last).map(ofMode))
      return {
        least: ofWay(way) + sumOf(slots, (list) => Math.min(...list)),
        most: ofWay(way) + sumOf(slots, (list) => Math.max(...list))
      }
    })
  )
  return {
    least: sumOf(each, (list) => Math.min(...list.map(({ least }) => least))),
    most: sumOf(each, (list) => Math.max(...list.map(({ most }) => most)))
  }
}

/** What an activity costs and takes at the least and at the most, whichever way it is done. */
export function rangesOf(problem: Problem, activity: Activity): { cost: Range; minutes: Range } {
  const dues = activity.begun || activity.fromPurse ? 0 : activity.material
  const cost = rangeOf(
    problem,
    activity,
    ({ extra }) => extra,
    ({ effort, pay }) => effort + (activity.begun || activity.fromPurse ? 0 : pay)
  )
  const minutes = rangeOf(
    problem,
    activity,
    (way) => way.minutes,
    (mode) => mode.minutes
  )
  const spent = activity.spentMinutes
  return {
    cost: { least: cost.least + dues, most: cost.most + dues },
    minutes: {
      least: Math.max(0, minutes.least - spent),
      most: Math.max(0, minutes.most - spent)
    }
  }
}

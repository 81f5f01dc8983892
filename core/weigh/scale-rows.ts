import type { Build } from '../builds'
import { distinct } from '../kernel'
import { fitContext, hourTimesOf, penaltyOf } from '../fit'
import type { Minor } from '../money'
import { afterTimes, countedWorth, netOf, oneMore, payTimes } from '../worth'
import { buildMaterial, type World, type Weights } from '../workspace'
import { roughVariant } from '../builds'
import type { Best, Row, Stop } from './scale-parts'
import type { Stops } from './scale-stops'
import type { Vector } from './vector'

/** What one build comes to with some kit; see `BuildValue`, whose figures these equal. */
export interface Weighed {
  readonly feasible: boolean
  readonly net: Minor
  readonly minutes: number
  readonly fees: Minor
  readonly roughMetres: number
  readonly timberSaved: Minor
}

/** Builds as rows of stops: as planned, and of rough boards where there is such a way. */
export interface Rows {
  readonly list: readonly Row[]
  /** The rows of each build: as planned, then of rough boards. */
  readonly of: readonly (readonly number[])[]
  /** The rows of one more of each build's kind, and how often it counts in the years after. */
  readonly more: readonly (readonly number[])[]
  readonly times: readonly number[]
  /** The rows each stop stands in. */
  readonly at: readonly (readonly number[])[]
}

export function rowsFor(world: World, builds: readonly Build[], stops: Stops): Rows {
  const list: Row[] = []
  const at: number[][] = []
  const add = (build: Build, of: number, roughMetres: number, timberSaved: Minor): number => {
    const here = build.steps.map((step) => stops.numberFor(step, build))
    list.push({
      of,
      stops: here,
      gaps: [],
      worth: countedWorth(world, build),
      material: payTimes(world, build) * buildMaterial(world, build),
      payTimes: payTimes(world, build),
      hourValue: build.hourValue,
      hourTimes: hourTimesOf(fitContext(world), build),
      roughMetres,
      timberSaved
    })
    for (const stop of distinct(here)) (at[stop] ??= []).push(list.length - 1)
    return list.length - 1
  }
  const both = (build: Build, number: number): number[] => {
    const planned = add(build, number, 0, 0)
    const variant = roughVariant(world.library, build)
    if (!variant) return [planned]
    const saved = buildMaterial(world, build) - buildMaterial(world, variant.build)
    return [planned, add(variant.build, number, variant.metres * build.copies, saved)]
  }
  const of = builds.map(both)
  const times = builds.map((build) => afterTimes(world, build))
  const more = builds.map((build, number) => {
    const one = oneMore(build)
    return times[number] === 0 ? [] : one === build ? (of[number] ?? []) : both(one, number)
  })
  return { list, of, more, times, at }
}

/** The cheapest of some ways for given weights; of equal ones the quicker. */
export function bestOf(
  vectors: readonly Vector[],
  weights: Weights,
  {
    hourValue,
    hourTimes,
    free,
    payTimes: times
  }: Pick<Stop, 'hourValue' | 'hourTimes' | 'free' | 'payTimes'>
): Best | undefined {
  const rate = (hourValue ?? weights.time) * hourTimes
  let best: Best | undefined
  for (const vector of vectors) {
    const penalty = penaltyOf(weights, vector) - vector.charm
    const wasted = Math.max(0, vector.minutes - free)
    const cost = times * (vector.fee + vector.spoilt) + penalty + (rate * wasted) / 60
    if (
      best === undefined ||
      cost < best.cost ||
      (cost === best.cost && vector.minutes < best.minutes)
    )
      best = {
        cost,
        minutes: vector.minutes,
        wasted,
        fee: vector.fee,
        spoilt: vector.spoilt,
        penalty
      }
  }
  return best
}

/** What a row comes to, given the best way at each of its stops; undefined where a stop has none. */
export function rowTotal(
  row: Row,
  weights: Weights,
  bestAt: (stop: number) => Best | undefined
): Weighed | undefined {
  for (const stop of row.gaps) if (!bestAt(stop)) return undefined
  let minutes = 0
  let wasted = 0
  let fees = 0
  let spoilt = 0
  let penalties = 0
  for (const stop of row.stops) {
    const best = bestAt(stop)
    if (!best) return undefined
    minutes += best.minutes
    wasted += best.wasted
    fees += best.fee
    spoilt += best.spoilt
    penalties += best.penalty
  }
  const whole = Math.ceil(minutes)
  const net = netOf(weights.money, {
    worth: row.worth,
    paid: row.material + row.payTimes * (fees + spoilt),
    hours: ((row.hourValue ?? weights.time) * row.hourTimes * wasted) / 60,
    penalties
  })
  const { roughMetres, timberSaved } = row
  return { feasible: true, net, minutes: whole, fees, roughMetres, timberSaved }
}

import type { Build } from '../../core/builds'
import { addDays } from '../../core/calendar'
import { indexLibrary } from '../../core/catalogue'
import { seededRandom } from '../../core/kernel'
import { buildWorth, worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { plainMethod, plainTool } from './mini'
import { TODAY, emptyWorkspace, funds, item } from './workspaces'

/** A job of a single-machine instance: whole days of work, a weight, a due day counted from one, and jobs that have to be done before. */
export interface Job {
  readonly days: number
  readonly weight: number
  readonly due: number
  readonly after?: readonly number[]
}

export const wholeOf = (jobs: readonly Job[]): number =>
  jobs.reduce((sum, { days }) => sum + days, 0)

/** Free minutes of a day: a job of so many days takes so many times these. */
const MINUTES_A_DAY = 60
/** What a build that is late by the whole work of an instance has lost of its worth. */
const LOST = 0.6
/** Worth of a build of weight one. */
const WORTH = 5_000_000
/**
 * A single-machine instance as a workspace. The machine is the one pair of hands there is, its time the same free minutes every day; a job is
 * a build of one step that takes so many days of them, all tools are owned or made, money plays no part. What precedes a job makes the jig
 * that its step needs, which nobody could buy with an empty purse. Preemption would not help where all can begin at once, so that the
 * optimum of the instance is that of the workspace; a resource-constrained instance with several renewable resources has no such reading,
 * since there is one person.
 */
export function asWorkspace(jobs: readonly Job[], days: number): World {
  const jig = (k: number): string => `jig${k}`
  const makesJig = new Set(jobs.flatMap(({ after = [] }) => after))
  const trade = indexLibrary({
    ...library.data,
    operations: jobs.map((_, k) => ({ id: `o${k}`, name: `o${k}`, unit: 'piece', order: k })),
    methods: jobs.map(({ after = [] }, k) =>
      plainMethod(`m${k}`, `o${k}`, ['hand', ...after.map(jig)], MINUTES_A_DAY)
    ),
    tools: [
      plainTool('hand', ['hand'], 10, [], undefined),
      ...[...makesJig].map((k) => plainTool(jig(k), [jig(k)], 50, [], undefined))
    ],
    templates: [],
    materials: []
  })
  const base = funds(0, 0)
  const builds = jobs.map(({ days: long, weight, due }, k): Build => ({
    id: `b${k}`,
    name: `b${k}`,
    copies: 1,
    worthEach: weight * WORTH,
    wished: addDays(TODAY, due - 1),
    materials: [],
    steps: [{ id: 's', operation: `o${k}`, quantity: long, stock: {} }],
    ...(makesJig.has(k) ? { yields: jig(k) } : {})
  }))
  const workspace = emptyWorkspace({
    ...base,
    money: {
      ...base.money,
      keptMoneyWorth: 0,
      impatience: 0,
      hourValue: 0,
      after: { years: 0 },
      latenessPerDay: LOST / wholeOf(jobs)
    },
    builds,
    items: [{ ...item('pull-saw'), id: 'hands', tool: 'hand', specs: {} }],
    time: { minutesPerWeek: 7 * MINUTES_A_DAY },
    horizon: { start: TODAY, length: 'week', count: Math.ceil(days / 7) }
  })
  return worldOf(workspace, trade, TODAY)
}

/** What a weight of one is worth, minor units. */
export const unitWorth = (world: World, jobs: readonly Job[]): number =>
  buildWorth(world, world.workspace.builds[0]!) / jobs[0]!.weight
/** What a weighted day late costs, minor units. */
export const dayLate = (world: World, jobs: readonly Job[]): number =>
  world.workspace.money.latenessPerDay * unitWorth(world, jobs)

/** The least total weighted tardiness, by going over all sets of jobs done (Held and Karp 1962). For up to some fifteen jobs. */
export function leastTardiness(jobs: readonly Job[]): number {
  const all = 1 << jobs.length
  const least = new Float64Array(all).fill(Infinity)
  least[0] = 0
  for (let set = 0; set < all; set++) {
    if (least[set] === Infinity) continue
    const begun = jobs.reduce((sum, { days }, k) => sum + ((set >> k) & 1) * days, 0)
    for (const [k, { days, weight, due, after = [] }] of jobs.entries()) {
      if (((set >> k) & 1) === 1 || after.some((other) => ((set >> other) & 1) === 0)) continue
      const next = set | (1 << k)
      const cost = (least[set] as number) + weight * Math.max(0, begun + days - due)
      if (cost < (least[next] as number)) least[next] = cost
    }
  }
  return least[all - 1] as number
}

/** The greatest sum of weights that fits into so many days (Bellman 1957). */
export function mostWithin(jobs: readonly Job[], days: number): number {
  const most = new Float64Array(days + 1)
  for (const { days: long, weight } of jobs)
    for (let left = days; left >= long; left--)
      most[left] = Math.max(most[left] as number, (most[left - long] as number) + weight)
  return most[days] as number
}

/**
 * Instances drawn by Fisher's rule (1976), after which the published sets of the weighted tardiness problem were made: work and weights even
 * over 1 to 10, due days even between shares of the whole work. @param tardiness how many are late, 0 to 1 @param range how far due days lie apart, 0 to 1
 */
export function drawn(seed: number, count: number, tardiness: number, range: number): Job[] {
  const random = seededRandom(seed)
  const upTo = (most: number): number => 1 + Math.floor(most * random())
  const works = Array.from({ length: count }, () => upTo(10))
  const whole = works.reduce((sum, one) => sum + one, 0)
  const [from, to] = [1 - tardiness - range / 2, 1 - tardiness + range / 2]
  return works.map((days) => ({
    days,
    weight: upTo(10),
    due: Math.max(1, Math.round(whole * (from + (to - from) * random())))
  }))
}

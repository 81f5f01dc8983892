import highsLoader from 'highs'
import { bounds, isProven, type Solver } from '../../core/bound'
import { BESIDE, Search, problemOf } from '../../core/search'
import { worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { demo } from '../../tests/helpers/workspaces'
import { practiceCases, worldOfCase } from '../../tests/practice/cases'
import type { Figure } from './figures'

/** Races of two searches, the best known to hold them against, and limits. */

/** Runs a search for so long. @returns the best it has met */
export function runFor(search: Search, seconds: number, started: number): number {
  while (performance.now() - started < seconds * 1000) search.advance(search.evaluations + 200)
  return search.bestValue
}

/** Evaluations after which two searches tell one another their best, as the page's do. */
const EXCHANGE = 8000

/** One of two searches of a race, with the time it has had. */
export interface Racer {
  readonly search: Search
  ms: number
}

/** Runs a racer on as if it had a core of its own. */
function advance(racer: Racer, to: number, ms: number): void {
  const { search } = racer
  while (search.evaluations < to && racer.ms < ms) {
    const started = performance.now()
    search.advance(Math.min(to, search.evaluations + 200))
    racer.ms += performance.now() - started
  }
}

/**
 * Two searches in turn, each with as much time as it would have on a core of its own; they exchange their best at fixed numbers of
 * evaluations. @returns the best after each number of seconds
 */
export function raced(racers: readonly [Racer, Racer], at: readonly number[]): number[] {
  let next = EXCHANGE
  return at.map((seconds) => {
    for (;;) {
      for (const racer of racers) advance(racer, next, seconds * 1000)
      const [a, b] = racers
      if (a.search.evaluations < next || b.search.evaluations < next) break
      const [mine, theirs] = [a.search.bestValue, b.search.bestValue]
      a.search.keep(b.search.best, theirs)
      b.search.keep(a.search.best, mine)
      next += EXCHANGE
    }
    return Math.max(...racers.map(({ search }) => search.bestValue))
  })
}

/** Two searches of a problem. @param ms what compiling and the first plan took */
export const racersOf = (world: World, first: Search, ms: number): readonly [Racer, Racer] => [
  { search: first, ms },
  { search: new Search(problemOf(world), 2, undefined, BESIDE), ms }
]

/** The best of three long runs with other seeds. */
export const bestOf = (world: World, seconds: number): number =>
  Math.max(
    ...[997, 998, 999].map((seed) =>
      runFor(new Search(problemOf(world), seed), seconds, performance.now())
    )
  )

let solver: Solver | undefined
/** The closest limit there is after so many seconds; one that was under way by then is waited for no longer than it takes. */
export async function limitAfter(world: World, value: number, seconds: number): Promise<number> {
  solver ??= await (highsLoader as unknown as () => Promise<Solver>)()
  const started = performance.now()
  let limit = Infinity
  for (const bound of bounds(solver, world, value)) {
    if (performance.now() - started > seconds * 1000) break
    limit = bound ?? limit
    if (isProven(value, limit)) break
  }
  return limit
}

/** Demos and practice cases: what people plan, which is not what the generator draws. */
export function real(seconds: readonly number[], long: number): Figure[] {
  const worlds = [
    ...['hive-yard', 'third-floor', 'half-a-garage'].map((name): World => {
      const workspace = demo(name)
      return worldOf(workspace, library, workspace.asOf ?? '')
    }),
    ...practiceCases().map(worldOfCase)
  ]
  const gaps: number[][] = seconds.map(() => [])
  for (const world of worlds) {
    const started = performance.now()
    const search = new Search(problemOf(world), 1)
    const values = raced(racersOf(world, search, performance.now() - started), seconds)
    const best = Math.max(...values, bestOf(world, long))
    values.forEach((value, k) => gaps[k]?.push(best > 0 ? (100 * (best - value)) / best : 0))
  }
  return seconds.map((at, k) => {
    const list = gaps[k] ?? []
    const mean = list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length)
    const worst = Math.max(...list)
    return {
      name: `demos and practice cases (${worlds.length}): below the best known after ${at} s, mean (worst ${worst.toFixed(2)})`,
      value: Math.round(mean * 100) / 100,
      unit: '%',
      target: '< 0.5',
      met: mean < 0.5
    }
  })
}

import highsLoader from 'highs'
import { GENERATED_TODAY, generateWorkspace, type Size } from './generate'
import { Planner, Search, problemOf } from '../../core/search'
import { boundModel } from '../../core/bound'
import { worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'
import { bestOf, limitAfter, raced, racersOf, real, runFor } from './racing'

/** Seeds nobody tuned on: trials were made on 1 to 6 and on 101 to 106. */
const FIRST_SEED = 301

interface Plan_ {
  readonly size: Size
  readonly seeds: number
  /** Seconds after which the gap is looked at, with its target in per cent. */
  readonly at: readonly (readonly [seconds: number, target: number])[]
  /** Seconds of the long run with another seed that gives the best known value. */
  readonly long: number
  /** How close the limit is to be after 10 s, as a share, and in which share of cases. */
  readonly limit?: { readonly share: number; readonly least: number }
}

const QUICK: readonly Plan_[] = [
  { size: 'small', seeds: 3, at: [[1, 0.3]], long: 3 },
  {
    size: 'medium',
    seeds: 2,
    at: [
      [1, 0.5],
      [3, 0.15]
    ],
    long: 6
  },
  { size: 'large', seeds: 1, at: [[3, 1]], long: 10 },
  { size: 'extra-large', seeds: 1, at: [[3, 2]], long: 10 }
]
const FULL: readonly Plan_[] = [
  {
    size: 'small',
    seeds: 20,
    at: [
      [1, 0.3],
      [3, 0.3]
    ],
    long: 4,
    limit: { share: 0.001, least: 0.75 }
  },
  {
    size: 'medium',
    seeds: 10,
    at: [
      [1, 0.5],
      [3, 0.15]
    ],
    long: 10,
    limit: { share: 0.05, least: 0.7 }
  },
  {
    size: 'large',
    seeds: 4,
    at: [
      [1, 3],
      [3, 1],
      [10, 0.4]
    ],
    long: 20
  },
  {
    size: 'extra-large',
    seeds: 3,
    at: [
      [3, 2],
      [10, 0.8]
    ],
    long: 20
  }
]

const worldFor = (size: Size, seed: number): World =>
  worldOf(generateWorkspace(library, size, seed), library, GENERATED_TODAY)

/** Milliseconds in which a first plan is wanted, and evaluations a second. */
const FIRST_PLAN = { small: 40, medium: 40, large: 60, 'extra-large': 80 } as const
const SPEED = { small: 120_000, medium: 100_000, large: 45_000, 'extra-large': 25_000 } as const

/** Distance from the best known value, per cent, at several times; with time to the first plan and evaluations per second. */
async function quality({ size, seeds, at, long, limit }: Plan_): Promise<Figure[]> {
  const gaps: number[][] = at.map(() => [])
  const firsts: number[] = []
  const speeds: number[] = []
  const limits: number[] = []
  for (let i = 0; i < seeds; i++) {
    const world = worldFor(size, FIRST_SEED + i)
    const started = performance.now()
    const problem = problemOf(world)
    const search = new Search(problem, 1)
    const ms = performance.now() - started
    firsts.push(ms)
    const racers = racersOf(world, search, ms)
    const values = raced(
      racers,
      at.map(([seconds]) => seconds)
    )
    speeds.push(search.evaluations / (racers[0].ms / 1000))
    const best = Math.max(...values, bestOf(world, long))
    if (limit) limits.push((await limitAfter(world, best, 10)) / best - 1)
    values.forEach((value, k) => gaps[k]?.push(best > 0 ? (100 * (best - value)) / best : 0))
  }
  const within = limits.filter((one) => one <= (limit?.share ?? 0)).length
  const mean = (list: readonly number[]): number =>
    list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length)
  return [
    ...at.map(([seconds, target], k) => ({
      ...under(
        `${size}, ${seeds} seeds: below the best known after ${seconds} s, mean`,
        mean(gaps[k] ?? []),
        '%',
        target
      ),
      value: Math.round(mean(gaps[k] ?? []) * 100) / 100
    })),
    ...at.map(([seconds, target], k) => ({
      name: `${size}: the worst of them after ${seconds} s`,
      value: Math.round(Math.max(...(gaps[k] ?? [0])) * 100) / 100,
      unit: '%',
      target: `(mean < ${target})`,
      met: true
    })),
    ...(limit
      ? [
          {
            name: `${size}: limit within ${100 * limit.share} % of the best known after 10 s (mean ${(100 * mean(limits)).toFixed(2)} %, worst ${(100 * Math.max(...limits)).toFixed(2)} %)`,
            value: within,
            unit: `of ${seeds}`,
            target: `>= ${limit.least * seeds}`,
            met: within >= limit.least * seeds
          }
        ]
      : []),
    under(`${size}: first plan, with compiling`, median(firsts), 'ms', FIRST_PLAN[size]),
    {
      name: `${size}: evaluations per second`,
      value: Math.round(mean(speeds)),
      unit: '',
      target: `> ${SPEED[size]}`,
      met: mean(speeds) > SPEED[size]
    }
  ]
}

/** A plan made again after one edit, from the plan at hand, against a long fresh run. */
function rePlan(seeds: number): Figure[] {
  const within: Record<'100' | '1000', number> = { 100: 0, 1000: 0 }
  for (let i = 0; i < seeds; i++) {
    const world = worldFor('medium', FIRST_SEED + i)
    const planner = new Planner(world, 1)
    planner.advance(40_000)
    const edited: World = { ...world, balance: world.balance + 4000 }
    const fresh = new Search(problemOf(edited), 5)
    const best = runFor(fresh, 6, performance.now())
    const started = performance.now()
    const again = new Planner(edited, 1, planner.best().plan)
    for (const ms of [100, 1000] as const) {
      while (performance.now() - started < ms) again.advance(again.effort.evaluations + 100)
      if (again.value >= best * 0.99) within[ms]++
    }
  }
  return (
    [
      [100, 0.9],
      [1000, 1]
    ] as const
  ).map(([ms, share]) => ({
    name: `medium: planned again after an edit, within 1 % after ${ms} ms`,
    value: Math.round((100 * within[ms]) / seeds),
    unit: '% of cases',
    target: `>= ${share * 100}`,
    met: within[ms] / seeds >= share
  }))
}

async function bounds(): Promise<Figure[]> {
  const solver = await (
    highsLoader as unknown as () => Promise<{
      solve(text: string, options: object): { Status: string; ObjectiveValue: number }
    }>
  )()
  return (['small', 'medium', 'large'] as const).map((size) => {
    const world = worldFor(size, FIRST_SEED)
    const { ms } = timed(() =>
      solver.solve(boundModel(world, { buckets: size === 'large' ? 3 : 9 }).text, {
        time_limit: 60
      })
    )
    return under(`${size}: an upper bound (loading the solver apart)`, ms, 'ms', 3000)
  })
}

/** Figures of the planner. `-- --full` looks at more seeds for longer, about forty minutes. */
export async function stagesFigures(): Promise<Figure[]> {
  const full = process.argv.includes('--full')
  const figures: Figure[] = []
  for (const plan of full ? FULL : QUICK) figures.push(...(await quality(plan)))
  const memory = Math.round(process.memoryUsage().heapUsed / 1e6)
  return [
    ...figures,
    ...(full ? real([1, 3], 4) : []),
    ...rePlan(full ? 10 : 3),
    ...(await bounds()),
    under('memory in use after planning (Node heap)', memory, 'MB', 150)
  ]
}

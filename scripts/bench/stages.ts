import highsLoader from 'highs'
import { GENERATED_TODAY, generateWorkspace, type Size } from './generate'
import { Planner, Search, problemOf } from '../../core/search'
import { boundModel } from '../../core/bound'
import { worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'

/** Seeds nobody tuned on: trials were made on 1 to 6. */
const FIRST_SEED = 101

interface Plan_ {
  readonly size: Size
  readonly seeds: number
  /** Seconds after which the gap is looked at, with its target in per cent. */
  readonly at: readonly (readonly [seconds: number, target: number])[]
  /** Seconds of the long run with another seed that gives the best known value. */
  readonly long: number
}

const QUICK: readonly Plan_[] = [
  { size: 'small', seeds: 3, at: [[1, 0.5]], long: 2 },
  {
    size: 'medium',
    seeds: 2,
    at: [
      [1, 0.7],
      [3, 0.2]
    ],
    long: 6
  },
  { size: 'large', seeds: 1, at: [[3, 1.5]], long: 10 },
  { size: 'extra-large', seeds: 1, at: [[3, 2.5]], long: 10 }
]
const FULL: readonly Plan_[] = [
  {
    size: 'small',
    seeds: 20,
    at: [
      [1, 0.5],
      [3, 0.5]
    ],
    long: 4
  },
  {
    size: 'medium',
    seeds: 10,
    at: [
      [1, 0.7],
      [3, 0.2]
    ],
    long: 15
  },
  {
    size: 'large',
    seeds: 6,
    at: [
      [3, 1.5],
      [10, 0.7]
    ],
    long: 40
  },
  {
    size: 'extra-large',
    seeds: 4,
    at: [
      [3, 2.5],
      [10, 1.2]
    ],
    long: 40
  }
]

const worldFor = (size: Size, seed: number): World =>
  worldOf(generateWorkspace(library, size, seed), library, GENERATED_TODAY)

function runFor(search: Search, seconds: number, started: number): number {
  while (performance.now() - started < seconds * 1000) search.advance(search.evaluations + 200)
  return search.bestValue
}

/** Distance from the best known value, per cent, at several times; with time to the first plan and evaluations per second. */
function quality({ size, seeds, at, long }: Plan_): Figure[] {
  const gaps: number[][] = at.map(() => [])
  const firsts: number[] = []
  const speeds: number[] = []
  for (let i = 0; i < seeds; i++) {
    const world = worldFor(size, FIRST_SEED + i)
    const started = performance.now()
    const search = new Search(problemOf(world), 1)
    firsts.push(performance.now() - started)
    const values = at.map(([seconds]) => runFor(search, seconds, started))
    speeds.push(search.evaluations / ((performance.now() - started) / 1000))
    const best = Math.max(
      ...values,
      runFor(new Search(problemOf(world), 999), long, performance.now())
    )
    values.forEach((value, k) => gaps[k]?.push(best > 0 ? (100 * (best - value)) / best : 0))
  }
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
    under(`${size}: first plan, with compiling`, median(firsts), 'ms', 50),
    {
      name: `${size}: evaluations per second`,
      value: Math.round(mean(speeds)),
      unit: '',
      target: { small: '', medium: '> 100000', large: '> 30000', 'extra-large': '> 15000' }[size],
      met: mean(speeds) > { small: 0, medium: 100_000, large: 30_000, 'extra-large': 15_000 }[size]
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
      [100, 0.8],
      [1000, 0.95]
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

/** Figures of the planner. `-- --full` looks at more seeds for longer, about ten minutes. */
export async function stagesFigures(): Promise<Figure[]> {
  const full = process.argv.includes('--full')
  const figures = (full ? FULL : QUICK).flatMap(quality)
  const memory = Math.round(process.memoryUsage().heapUsed / 1e6)
  return [
    ...figures,
    ...rePlan(full ? 10 : 3),
    ...(await bounds()),
    under('memory in use after planning (Node heap)', memory, 'MB', 150)
  ]
}

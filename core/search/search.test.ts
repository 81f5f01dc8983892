import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import highsLoader from 'highs'
import { TODAY } from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { library } from '../../data'
import { readWorkspace, writeWorkspace } from '../formats'
import { worldOf, type World } from '../workspace'
import { GENERATED_TODAY, SIZES, generateWorkspace, type Size } from '../../scripts/bench/generate'
import { Planner, makePlan } from '.'
import { boundFrom, boundModel, type Solved } from '../bound'
import { evaluate } from '../plan'
import { Search } from './anneal'
import { problemOf } from './problem'
import { settle } from './settle'

const generated = (size: Size, seed: number): World =>
  worldOf(generateWorkspace(library, size, seed), library, GENERATED_TODAY)

describe('what the search says is what the evaluator says', () => {
  test.each(['small', 'medium', 'large', 'extra-large'] as const)(
    '%s: the plan breaks no rule and is worth what the order was',
    (size) => {
      for (const seed of [101, 102]) {
        const problem = problemOf(generated(size, seed))
        const search = new Search(problem, seed)
        search.advance(1500)
        const { report } = settle(problem, search.decoding, search.best)
        expect(report.broken).toEqual([])
        // Minutes are rounded up per build by the evaluator alone.
        expect(report.value.total).toBeGreaterThan(
          search.bestValue - 60 - Math.abs(search.bestValue) * 2e-3
        )
      }
    }
  )
})

describe('upper bounds from HiGHS (a published solver), which knows nothing of the search', () => {
  interface Solver {
    solve(text: string, options: object): Solved
  }
  const bound = async (
    world: World,
    whole: boolean,
    { buckets, seconds }: { buckets: number; seconds: number } = { buckets: 6, seconds: 600 }
  ): Promise<number | undefined> => {
    const solver = await (highsLoader as unknown as () => Promise<Solver>)()
    const model = boundModel(world, { whole, buckets })
    const found = boundFrom(
      model,
      solver.solve(model.text, { time_limit: seconds, mip_rel_gap: 1e-6 })
    )
    return found
  }
  test('no plan is worth more than the bound, and whole purchases bring it closer', async () => {
    for (const { world } of fc.sample(miniArbitrary(anyMoney), { numRuns: 12, seed: 20_261_125 })) {
      const made = makePlan(world, { evaluations: 3000 })
      if (made.kind === 'clash' || made.kind === 'no-builds') continue
      const [loose, close] = [await bound(world, false), await bound(world, true)]
      if (loose === undefined || close === undefined) throw new Error('not solved')
      expect(loose).toBeGreaterThanOrEqual(close - 1)
      expect(close).toBeGreaterThanOrEqual(made.report.value.total - 1)
    }
  })
  test('where money and hours do not bind, the plan is the solver’s optimum to one part in two hundred', async () => {
    const rich = fc.constant({
      opening: 10_000_000,
      monthly: 0,
      reserve: 0,
      minutesPerWeek: 10_000
    })
    let paying = 0
    for (const { world } of fc.sample(miniArbitrary(rich), { numRuns: 12, seed: 20_261_126 })) {
      const made = makePlan(world, { evaluations: 4000 })
      if (made.kind === 'clash' || made.kind === 'no-builds') throw new Error(made.kind)
      // Weeks rather than months, so that what a purchase loses by waiting inside one of them hardly counts; what takes the solver long is passed over.
      const best = await bound(world, true, { buckets: 40, seconds: 8 })
      if (best === undefined) continue
      if (best > 0) paying++
      // Within one of its stretches of time the solver may pay later than it builds.
      const slack = 1 + made.report.spent * 0.006
      expect(made.report.value.total).toBeGreaterThanOrEqual(best * 0.995 - slack)
    }
    expect(paying).toBeGreaterThan(3)
  })
})

describe('what must hold of any planner', () => {
  const worth = (world: World): number => {
    const made = makePlan(world, { evaluations: 5000 })
    return made.kind === 'clash' ? Number.NaN : made.report.value.total
  }
  /** Small cases are solved exactly by so many evaluations; what is left is a rounding of minutes. */
  const NO_WORSE = 0.999
  test('more money, money sooner, a lower price, an offer more: never worth less', () => {
    fc.assert(
      fc.property(
        miniArbitrary(anyMoney, 3),
        fc.integer({ min: 0, max: 7 }),
        ({ world, library: mini }, tool) => {
          const before = worth(world)
          const floor = before > 0 ? before * NO_WORSE - 1 : before - 1
          const id = `t${tool}/weekend/new/buy/hand`
          const price = Math.floor(((mini.tools.get(`t${tool}`)?.forms[0]?.points ?? 1) * 120) / 2)
          expect(worth({ ...world, balance: world.balance + 3000 })).toBeGreaterThanOrEqual(floor)
          expect(
            worth({
              ...world,
              receipts: world.receipts.map((one, i) => (i === 0 ? { ...one, date: TODAY } : one))
            })
          ).toBeGreaterThanOrEqual(floor)
          expect(
            worth(
              worldOf(
                {
                  ...world.workspace,
                  quotes: [{ id: 'q', offer: id, date: TODAY, price, seller: 'online' }]
                },
                mini,
                TODAY
              )
            )
          ).toBeGreaterThanOrEqual(floor - Math.abs(before) * 0.002)
          expect(
            worth(
              worldOf(
                {
                  ...world.workspace,
                  offers: [
                    {
                      id: 'my/find',
                      tool: `t${tool}`,
                      tier: 'weekend',
                      condition: 'used',
                      acquisition: 'buy',
                      power: 'hand',
                      single: true
                    }
                  ],
                  quotes: [{ id: 'q', offer: 'my/find', date: TODAY, price, seller: 'private' }]
                },
                mini,
                TODAY
              )
            )
          ).toBeGreaterThanOrEqual(floor)
        }
      ),
      { numRuns: 10 }
    )
  })
  test('the same seed and number of evaluations give the same plan; other names give the same worth', () => {
    const world = generated('medium', 7)
    const [first, second] = [1, 1].map((seed) => {
      const planner = new Planner(world, seed)
      planner.advance(3000)
      return planner.best().plan
    })
    expect(second).toEqual(first)
    const renamed = worldOf(
      {
        ...world.workspace,
        builds: world.workspace.builds.map((one) => ({ ...one, id: `other-${one.id}` }))
      },
      library,
      GENERATED_TODAY
    )
    expect(worth(renamed)).toBeCloseTo(worth(world), 6)
  })
  test('pins hold in a thousand cases, whatever the search has come to', () => {
    let held = 0
    fc.assert(
      fc.property(
        miniArbitrary(anyMoney),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 170 })), {
          minLength: 1,
          maxLength: 3
        }),
        ({ world, library: mini }, wanted) => {
          const pins = wanted.map(([tool, day]) => ({
            offer: `t${tool}/weekend/new/buy/hand`,
            count: 1,
            date: new Date(Date.UTC(2026, 4, 4 + day)).toISOString().slice(0, 10)
          }))
          const pinned = worldOf({ ...world.workspace, pins }, mini, TODAY)
          const made = makePlan(pinned, { evaluations: 40 })
          if (made.kind === 'clash') return
          held++
          expect(evaluate(pinned, made.plan).broken).toEqual([])
        }
      ),
      { numRuns: 1000 }
    )
    expect(held).toBeGreaterThan(500)
  })
})

test('generated workspaces are read like any other file, and are the same for the same seed', () => {
  for (const size of Object.keys(SIZES) as Size[]) {
    const workspace = generateWorkspace(library, size, 5)
    const read = readWorkspace(writeWorkspace(workspace), library)
    expect([size, read.ok]).toEqual([size, true])
    expect(generateWorkspace(library, size, 5)).toEqual(workspace)
    expect([workspace.builds.length, workspace.own.tools.length, workspace.horizon.count]).toEqual([
      SIZES[size].builds,
      SIZES[size].tools + 1,
      SIZES[size].count
    ])
  }
})

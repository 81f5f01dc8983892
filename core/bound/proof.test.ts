import highsLoader from 'highs'
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { Everything } from '../../tests/helpers/everything'
import { miniArbitrary } from '../../tests/helpers/mini'
import { TODAY } from '../../tests/helpers/workspaces'
import { makePlan } from '../search'
import { worldOf, type Workspace, type World } from '../workspace'
import { bounds, isProven, type Solver } from '.'

const CASES = 200
/** Limits of a case that are waited for, each round and each branch one. */
const LIMITS = 30
const ROUNDING = 1

const money = fc.record({
  opening: fc.integer({ min: 0, max: 8000 }),
  monthly: fc.integer({ min: 1000, max: 6000 }),
  reserve: fc.integer({ min: 0, max: 1000 }),
  minutesPerWeek: fc.integer({ min: 20, max: 200 })
})

/** Rules that make money of time, one to each case in turn: nothing, a deal, a sale, a build that is sold, one tool hired, a depot. */
const RULES: readonly ((workspace: Workspace, world: World) => Workspace)[] = [
  (workspace) => workspace,
  (workspace, { library }) => ({
    ...workspace,
    deals: [{ id: 'deal', name: 'Two for one', buy: 1, free: 1, tools: [...library.tools.keys()] }]
  }),
  (workspace, { receipts }) => ({
    ...workspace,
    saleWindows: [
      {
        id: 'sale',
        name: 'Sale',
        from: receipts[1]?.date ?? TODAY,
        until: receipts[2]?.date ?? TODAY,
        off: 0.3,
        chance: 1,
        tools: []
      }
    ]
  }),
  (workspace) => ({
    ...workspace,
    builds: workspace.builds.map((one, i) =>
      i === 0 ? { ...one, sale: { netEach: 9000, daysToSell: 20 } } : one
    )
  }),
  // An order that nobody takes late, of which some is kept before anything flows back.
  (workspace, { receipts }) => ({
    ...workspace,
    money: { ...workspace.money, reinvestShare: 0.6, reinvestAbove: 1500 },
    builds: workspace.builds.map((one, i) =>
      i === 0
        ? { ...one, sale: { netEach: 9000, daysToSell: 0, due: receipts[1]?.date ?? TODAY } }
        : one
    )
  }),
  (workspace, { library, receipts }) => ({
    ...workspace,
    offers: [...library.tools.keys()].slice(0, 3).map((tool, i) => ({
      id: `hire-${i}`,
      tool,
      tier: 'weekend' as const,
      condition: 'new' as const,
      power: 'hand' as const,
      acquisition: 'hire' as const,
      from: receipts[1]?.date ?? TODAY,
      until: receipts[2]?.date ?? TODAY
    })),
    quotes: [...library.tools.keys()].slice(0, 3).map((_, i) => ({
      id: `quote-${i}`,
      offer: `hire-${i}`,
      price: 500,
      date: TODAY,
      seller: 'hire-depot'
    }))
  }),
  (workspace, { library }) => ({
    ...workspace,
    hires: [
      {
        id: 'my/depot',
        name: 'Depot',
        pieces: [...library.tools.keys()].slice(0, 4).map((tool) => ({
          tool,
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 1
        })),
        per: 'day' as const,
        fee: 400,
        minutes: 90
      }
    ]
  })
]

test('tiny cases with deals, sales, hire and sold builds against trying everything: no limit lies below a plan, and no proof is wrong', async () => {
  const load = highsLoader as unknown as () => Promise<Solver>
  const solver = await load()
  let [proven, paying] = [0, 0]
  for (const [i, mini] of fc
    .sample(miniArbitrary(money, 2), { numRuns: CASES, seed: 20_261_130 })
    .entries()) {
    const rule = RULES[i % RULES.length]!
    const world = worldOf(rule(mini.world.workspace, mini.world), mini.library, TODAY)
    const made = makePlan(world, { evaluations: 1500 })
    if (made.kind === 'clash') throw new Error('there are no pins')
    const found = made.report.value.total
    const best = Math.max(found, new Everything(world).run())
    if (best > 0) paying++
    let rounds = 0
    for (const bound of bounds(solver, world, found)) {
      if (bound === undefined) throw new Error('not solved')
      expect(bound).toBeGreaterThanOrEqual(best - ROUNDING)
      if (isProven(found, bound)) {
        proven++
        expect(best - found).toBeLessThanOrEqual(Math.max(ROUNDING, found / 1000))
      }
      if (++rounds === LIMITS) break
    }
  }
  expect(paying).toBeGreaterThan(CASES / 2)
  // A proof that never comes would never be wrong.
  expect(proven).toBeGreaterThan(CASES / 4)
}, 600_000)

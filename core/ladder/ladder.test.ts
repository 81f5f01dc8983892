import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import {
  DEMO_FILES,
  build,
  demoWorld,
  emptyWorkspace,
  funds,
  items,
  worldWith
} from '../../tests/helpers/workspaces'
import type { Build } from '../builds'
import type { Levels } from '../catalogue'
import {
  apply,
  climb,
  KitValue,
  modelOf,
  priceOfPackage,
  problemOf,
  shopOf,
  supplyOf,
  type Package,
  type Shop
} from '../search'
import { seededRandom, sumOf } from '../kernel'
import type { Workspace, World } from '../workspace'
import { areaUnder, inOrder, type Step } from './order'
import { stepsOf } from './steps'
import { ladderOf } from '.'

/** Two square metres to be sanded, nothing else. */
const plain = (change: Partial<Build> = {}): Build => ({
  id: 'p',
  name: 'p',
  copies: 1,
  worthEach: 10_000,
  materials: [],
  steps: [{ id: 's1', operation: 'sand-flat', quantity: 2, stock: {} }],
  ...change
})
const shopFor = (world: World): Shop => {
  const problem = problemOf(world)
  return shopOf(new KitValue(modelOf(problem)), supplyOf(problem, seededRandom(1)))
}
const plainWorld = (change: Partial<Workspace['money']>, more: Partial<Workspace> = {}): World =>
  worldWith({
    ...funds(50_000, 0),
    money: { ...funds(50_000, 0).money, after: { years: 0 }, ...change },
    builds: [plain()],
    ...more
  })

describe('what a kit is worth', () => {
  test('worked by hand: worth times wish, less the hours beyond the quickest way', () => {
    // By block 5 + 2 × 60 = 125 minutes; quickest, a drum sander of the best tier, 30.2; 94.8 wasted at 7.20 an hour are 11.38; two hours of paper at 9.60 for eight are 2.40.
    const value = (world: World): number => new KitValue(modelOf(problemOf(world))).value()
    const block = { items: items('sanding-block', 'dust-masks') }
    expect(value(plainWorld({}, block))).toBeCloseTo(15_000 - 1137.6 - 240, 0)
    expect(value(plainWorld({ hourValue: 0 }, block))).toBeCloseTo(15_000 - 240, 0)
    expect(value(plainWorld({}))).toBe(0)
    // Two pieces a year for one year after a year of planning, at 30 % impatience: 2 × 1.3^−2 more of the same.
    const later = value(plainWorld({ after: { years: 1, perYear: 2 } }, block))
    const years = (Date.parse('2027-05-04') - Date.parse('2026-05-04')) / 86_400_000 / 365
    expect(later / (15_000 - 1137.6 - 240)).toBeCloseTo(1 + 2 * 1.3 ** -(years + 1), 2)
  })
  test('putting things in and taking them out leaves it as it was, and a trial does not move it', () => {
    for (const name of DEMO_FILES) {
      const { kit, model } = shopFor(demoWorld(name))
      const random = seededRandom(7)
      const before = kit.value()
      for (let round = 0; round < 60; round++) {
        const wanted: Package = new Map(
          model.problem.choices.flatMap((_, i) => (random() < 0.05 ? [[i, 1] as const] : []))
        )
        const tried = kit.withPackage(wanted, () => kit.value())
        expect(kit.value()).toBe(before)
        apply(kit, wanted, 1)
        expect(kit.value()).toBeCloseTo(tried, 6)
        apply(kit, wanted, -1)
        expect(kit.value()).toBeCloseTo(before, 6)
      }
    }
  })
})

/** All orders of a list. */
function* orders<T>(list: readonly T[]): Generator<T[]> {
  if (list.length === 0) yield []
  for (let i = 0; i < list.length; i++)
    for (const rest of orders([...list.slice(0, i), ...list.slice(i + 1)]))
      yield [list[i]!, ...rest]
}

describe('the order of the rungs against every other one', () => {
  test('on small trades no order has a larger area under V over money', () => {
    let compared = 0
    for (const { world } of fc.sample(miniArbitrary(anyMoney), { numRuns: 60, seed: 20_261_129 })) {
      const shop = shopFor(world)
      const { kit } = shop
      const steps = stepsOf(shop, climb(shop)).map((step): Step => ({ ...step, share: 0 }))
      if (steps.length < 2 || steps.length > 6) continue
      compared++
      const found = areaUnder(kit, inOrder(kit, steps))
      let best = -Infinity
      for (const order of orders(steps)) best = Math.max(best, areaUnder(kit, order))
      expect(found).toBeCloseTo(best, 4)
    }
    expect(compared).toBeGreaterThan(8)
  })
  test('on small trades the climb comes near the best of all kits', () => {
    let [near, looked] = [0, 0]
    for (const { world } of fc.sample(miniArbitrary(anyMoney), { numRuns: 40, seed: 20_261_130 })) {
      const shop = shopFor(world)
      const { kit, model } = shop
      const { choices } = model.problem
      // One offer of each tool, the cheapest, is all there is to choose from.
      const tools = [...new Set(choices.map(({ entries }) => entries[0]!.tool.id))]
      const cheapest = tools.map((tool) =>
        choices
          .map((_, i) => i)
          .filter((i) => choices[i]!.entries[0]!.tool.id === tool)
          .reduce((a, b) => (shop.alone[b]! < shop.alone[a]! ? b : a))
      )
      if (cheapest.length > 9) continue
      let best = 0
      const net = (wanted: Package): number =>
        kit.withPackage(wanted, () => kit.value()) - priceOfPackage(shop, wanted)
      for (let mask = 0; mask < 1 << cheapest.length; mask++)
        best = Math.max(
          best,
          net(new Map(cheapest.flatMap((choice, i) => (mask & (1 << i) ? [[choice, 1]] : []))))
        )
      looked++
      if (net(climb(shop)) >= best * 0.98 - 200) near++
    }
    expect(looked).toBeGreaterThan(20)
    expect(near).toBeGreaterThanOrEqual(0.9 * looked)
  })
})

const newcomer = (change: Partial<Workspace> = {}): Workspace => ({
  ...emptyWorkspace({
    ...funds(30_000, 10_000),
    items: items('tape', 'hammer', 'screwdrivers'),
    builds: [build('bookcase'), build('planter'), build('coffee-table')]
  }),
  ...change
})
const ladderFor = (change: Partial<Workspace> = {}) => ladderOf(worldWith(newcomer(change)))

describe('what a person expects of it', () => {
  const base = ladderFor()
  test('running totals add up, companions are in the price, and the money is a line across', () => {
    let total = 0
    for (const { cost, lead, along, total: said } of base.rungs) {
      total += cost
      expect(said).toBe(total)
      expect(cost).toBe(lead.cost + sumOf(along, (one) => one.cost))
    }
    const bands = base.rungs.map(({ band }) => band)
    expect(bands).toEqual(
      [...bands].sort(
        (a, b) => ['first', 'next', 'later'].indexOf(a) - ['first', 'next', 'later'].indexOf(b)
      )
    )
  })
  test('more money moves the line, not the order', () => {
    const rich = ladderFor(funds(90_000, 10_000))
    expect(rich.rungs.map(({ lead }) => lead.offer)).toEqual(
      base.rungs.map(({ lead }) => lead.offer)
    )
    const reach = ({ rungs }: typeof rich): number =>
      rungs.filter(({ band }) => band === 'first').length
    expect(reach(rich)).toBeGreaterThan(reach(base))
  })
  test('a tool that is owned stands on no rung, and what is left costs less', () => {
    const [first] = base.rungs
    const with_ = ladderFor({
      items: [...newcomer().items, ...items(first!.lead.tool)]
    })
    expect(with_.rungs.map(({ lead }) => lead.tool)).not.toContain(first!.lead.tool)
    expect(with_.rungs.at(-1)?.total ?? 0).toBeLessThan(base.rungs.at(-1)!.total)
  })
  test('what is ruled out is on no rung and says so', () => {
    const { tool } = base.rungs[0]!.lead
    const without = ladderFor({ bans: [{ kind: 'tool', id: tool }] })
    expect(
      without.rungs.flatMap(({ lead, along }) => [lead, ...along].map((one) => one.tool))
    ).not.toContain(tool)
    expect(without.notFor).toContainEqual({ kind: 'ruled-out', tool })
  })
  test('what another tool does is said to be done by it; only comfort, room and circuit leave a tool without a way', () => {
    // A newcomer’s hands are let do everything here, and the room and circuit have no limit.
    expect(base.notFor.filter(({ kind }) => kind === 'no-way')).toEqual([])
    const careful = ladderFor({
      workshop: { ...newcomer().workshop, comfort: { 'fixed-blade': 0 } }
    })
    const out = careful.notFor.flatMap((one) => (one.kind === 'no-way' ? [one.tool] : []))
    expect(out).toContain('table-saw')
    expect(out).not.toContain('pull-saw')
  })
  test('a dearer hour, a higher wish and one more year make the whole ladder worth no less money', () => {
    const spent = (change: Partial<Workspace>): number => ladderFor(change).rungs.at(-1)?.total ?? 0
    const { money, builds } = newcomer()
    const total = base.rungs.at(-1)!.total
    expect(spent({ money: { ...money, hourValue: money.hourValue * 3 } })).toBeGreaterThanOrEqual(
      total
    )
    expect(
      spent({ money: { ...money, after: { ...money.after, years: 6 } } })
    ).toBeGreaterThanOrEqual(total)
    expect(
      spent({ builds: builds.map((one) => ({ ...one, wish: 'must' as const })) })
    ).toBeGreaterThanOrEqual(total)
    expect(
      spent({ builds: builds.map((one) => ({ ...one, wish: 'pays' as const })) })
    ).toBeLessThanOrEqual(total)
  })
  test('a better hand makes every kit worth no less, and the whole ladder brings no less', () => {
    const better: Levels[] = [{}, { 'hand-saws': 'practised', 'edge-tools': 'practised' }]
    better.push({ 'hand-saws': 'home', 'edge-tools': 'home' })
    const shops = better.map((levels) => {
      const base_ = newcomer()
      return shopFor(worldWith({ ...base_, preferences: { ...base_.preferences, levels } }))
    })
    const offers = shops[0]!.model.problem.choices.map(({ id }) => id)
    const random = seededRandom(7)
    for (let round = 0; round < 60; round++) {
      const drawn = new Set(offers.filter(() => random() < 0.08))
      const values = shops.map(({ kit, model }) => {
        const bought: Package = new Map(
          model.problem.choices.flatMap(({ id }, choice) => (drawn.has(id) ? [[choice, 4]] : []))
        )
        return kit.withPackage(bought, () => kit.value())
      })
      // Each method keeps only its best ways: a kit may for that be reckoned a trifle off.
      expect(values[1]!).toBeGreaterThanOrEqual(values[0]! - 0.02 * values[0]! - 100)
      expect(values[2]!).toBeGreaterThanOrEqual(values[1]! - 0.02 * values[1]! - 100)
    }
    const nets = shops.map((shop) => {
      const bought = climb(shop)
      return shop.kit.withPackage(bought, () => shop.kit.value()) - priceOfPackage(shop, bought)
    })
    expect(nets[1]!).toBeGreaterThanOrEqual(0.99 * nets[0]!)
    expect(nets[2]!).toBeGreaterThanOrEqual(0.99 * nets[1]!)
    expect(nets[2]!).toBeGreaterThanOrEqual(nets[0]!)
  })
  test('any setting that is allowed gives whole figures', () => {
    const { money } = newcomer()
    for (const [hourValue, keptMoneyWorth, impatience] of [
      [0, 0, 0],
      [0, 2, 3],
      [60_000, 0, 3],
      [60_000, 2, 0]
    ] as const) {
      const { rungs, notFor } = ladderFor({
        money: { ...money, hourValue, keptMoneyWorth, impatience }
      })
      for (const { cost, gain, total, without } of rungs)
        for (const figure of [cost, gain, total, without.value, without.minutesPerYear])
          expect(Number.isFinite(figure)).toBe(true)
      for (const one of notFor)
        if (one.kind === 'too-dear') expect(Number.isFinite(one.brings)).toBe(true)
    }
  })
  test('builds of which none pays: no rung, and all of them named', () => {
    const none = ladderFor({
      builds: [build('bookcase', { worthEach: 100, wish: 'pays' })]
    })
    expect([none.rungs, none.never]).toEqual([[], ['bookcase']])
    expect(ladderFor({ builds: [] })).toMatchObject({ rungs: [], never: [], already: [] })
  })
  test('protection and companions are there no later than what asks for them', () => {
    for (const name of DEMO_FILES) {
      const world = demoWorld(name)
      const here = new Set<string>(
        world.workspace.items.flatMap(({ tool }) => world.library.tools.get(tool)?.protects ?? [])
      )
      for (const { lead, along } of ladderOf(world).rungs) {
        for (const { tool } of [lead, ...along])
          for (const one of world.library.tools.get(tool)?.protects ?? []) here.add(one)
        for (const need of world.library.tools.get(lead.tool)?.needs ?? [])
          expect([lead.tool, here.has(need)]).toEqual([lead.tool, true])
      }
    }
  })
})

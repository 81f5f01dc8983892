import { describe, expect, test } from '@jest/globals'
import {
  TODAY,
  build,
  emptyWorkspace,
  funds,
  item,
  items,
  worldWith
} from '../../tests/helpers/workspaces'
import { library } from '../../data'
import {
  kitOf,
  kitTool,
  servesFor,
  useMethod,
  isUse,
  fitContext,
  consumablesPerHour,
  useEats,
  usedUp
} from '../fit'
import { bundleOn, findOffer, offerOn, type Offer, type Pricing, type SaleWindow } from '../prices'
import { worldOf, type Workspace } from '../workspace'
import { batchOf } from '../builds'
import { cashMovements, checkCash } from './evaluate-cash'
import { bundlePieces } from './acquired'
import { resaleOf } from './resale'
import { comesTo, evaluate } from '.'
import { emptyPlan } from './pins'

const till = (pricing: Pricing, windows: readonly SaleWindow[] = []) => ({
  pricing,
  windows,
  bundles: [],
  deals: []
})
const priceThen = (pricing: Pricing, windows: readonly SaleWindow[], offer: Offer, day: string) =>
  offerOn(till(pricing, windows), offer, day)
const SAW = 'pull-saw/weekend/new/buy/hand'
const tool = (id: string) => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}

describe('prices on a day', () => {
  const world = worldWith({ money: { ...emptyWorkspace().money, taxBasisPoints: 1000 } })
  const offer = findOffer(world.pricing, SAW)
  if (!offer) throw new Error('no offer')
  const plain = priceThen(world.pricing, [], offer, TODAY)
  const sale = (change: Partial<SaleWindow>): SaleWindow => ({
    id: 's',
    name: 's',
    from: TODAY,
    until: '2026-05-31',
    off: 0.25,
    chance: 1,
    tools: ['pull-saw'],
    ...change
  })

  test('without a sale what is paid is what is expected', () => {
    expect(plain?.expected).toBe(plain?.payment)
  })
  test('a certain sale takes its share off tag and tax alike', () => {
    const then = priceThen(world.pricing, [sale({})], offer, TODAY)
    expect(then?.payment).toBe(
      (plain?.payment ?? 0) - Math.floor((plain?.payment ?? 0) * 0.25 + 0.5)
    )
    expect(then?.expected).toBe(then?.payment)
  })
  test('a certain sale is counted on even where a deeper one only may come; the deeper one is hoped for beside it', () => {
    const both = [sale({ off: 0.1 }), sale({ id: 'deep', off: 0.4, chance: 0.5 })]
    const then = priceThen(world.pricing, both, offer, TODAY)
    const whole = plain?.payment ?? 0
    const [tenth, deep] = [Math.floor(whole * 0.1 + 0.5), Math.floor(whole * 0.4 + 0.5)]
    expect(then?.payment).toBe(whole - tenth)
    expect(then?.expected).toBeCloseTo((whole - tenth + whole - deep) / 2, 6)
  })
  test('of several sales the one from which more is to be hoped counts', () => {
    const then = priceThen(
      world.pricing,
      [sale({ off: 0.4, chance: 0.25 }), sale({ off: 0.2, chance: 0.9 })],
      offer,
      TODAY
    )
    const saved = Math.floor((plain?.payment ?? 0) * 0.2 + 0.5)
    expect(then?.payment).toBe(plain?.payment)
    expect(then?.expected).toBeCloseTo((plain?.payment ?? 0) - 0.9 * saved, 6)
  })
  test('a sale of other tools, over, or for used ones changes nothing', () => {
    for (const window of [
      sale({ tools: ['hammer'] }),
      sale({ until: TODAY, from: TODAY, tools: ['hammer'] })
    ])
      expect(priceThen(world.pricing, [window], offer, TODAY)).toEqual(plain)
    expect(priceThen(world.pricing, [sale({})], offer, '2026-06-01')).toEqual(plain)
    const used = findOffer(world.pricing, 'circular-saw/weekend/used/buy/corded')
    if (!used) throw new Error('no used offer')
    expect(priceThen(world.pricing, [sale({ tools: [] })], used, TODAY)).toEqual(
      priceThen(world.pricing, [], used, TODAY)
    )
  })
  test('a bundle has a price while a quote stands, and its pieces share what was paid by their usual prices', () => {
    const bundle = {
      id: 'my/set',
      name: 'Set',
      pieces: [
        {
          tool: 'pull-saw',
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 1
        },
        {
          tool: 'hammer',
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 2
        }
      ]
    }
    const there = worldWith({
      bundles: [bundle],
      quotes: [
        {
          id: 'q',
          offer: 'my/set',
          date: TODAY,
          price: 6000,
          seller: 'online',
          until: '2026-05-31'
        }
      ]
    })
    expect(bundleOn(till(there.pricing), bundle, TODAY)?.payment).toBe(6000)
    expect(bundleOn(till(there.pricing), bundle, '2026-06-01')).toBeUndefined()
    const pieces = bundlePieces(there, bundle, 6000, TODAY)
    expect(pieces.map(({ entry }) => [entry.tool.id, entry.count])).toEqual([
      ['pull-saw', 1],
      ['hammer', 2]
    ])
    const paid = pieces.reduce((sum, one) => sum + one.paid, 0)
    expect(paid).toBeLessThanOrEqual(6000)
    expect(paid).toBeGreaterThan(5990)
  })
})

describe('money of one day', () => {
  const world = worldWith(funds(1000, 0))
  test('what comes in counts before what goes out, so that a resale pays for its successor', () => {
    const outlay = [{ path: ['purchases', 0], date: '2026-05-10', amount: 1500 }]
    const alone = checkCashOf(cashMovements(world, outlay, []))
    expect(alone).toEqual(['plan.below-reserve'])
    expect(
      checkCashOf(
        cashMovements(world, outlay, [], [{ kind: 'resale', date: '2026-05-10', amount: 600 }])
      )
    ).toEqual([])
    expect(
      checkCashOf(
        cashMovements(world, outlay, [], [{ kind: 'saving', date: '2026-05-10', amount: 600 }])
      )
    ).toEqual([])
  })
  test('a resale a day later comes too late', () => {
    const outlay = [{ path: ['purchases', 0], date: '2026-05-10', amount: 1500 }]
    expect(
      checkCashOf(
        cashMovements(world, outlay, [], [{ kind: 'resale', date: '2026-05-11', amount: 600 }])
      )
    ).toEqual(['plan.below-reserve'])
  })
  test('what is kept back for repairs is not there to be spent', () => {
    const outlay = (kept: number) => [
      { path: ['purchases', 0], date: '2026-05-10', amount: 900, kept }
    ]
    expect(checkCashOf(cashMovements(world, outlay(100), []))).toEqual([])
    expect(checkCashOf(cashMovements(world, outlay(101), []))).toEqual(['plan.below-reserve'])
  })

  function checkCashOf(movements: ReturnType<typeof cashMovements>): string[] {
    const broken: Parameters<typeof checkCash>[2] = []
    checkCash(world, movements, broken)
    return broken.map(({ code }) => code)
  }
})

describe('what work eats', () => {
  const world = worldWith({
    items: items(
      'tape',
      'rafter-square',
      'sawhorses',
      'ro-sander',
      'sanding-discs',
      'half-mask',
      'ear-muffs',
      'safety-glasses',
      'panel-saw'
    )
  })
  test('a hand saw eats nothing, a sander its discs by the hour', () => {
    expect(consumablesPerHour(world, tool('panel-saw'))).toBe(0)
    expect(consumablesPerHour(world, tool('ro-sander'))).toBeGreaterThan(0)
    // The second question is answered from memory, and no differently.
    expect(consumablesPerHour(world, tool('ro-sander'))).toBe(
      consumablesPerHour(worldWith(), tool('ro-sander'))
    )
  })
  test('falls due with the running minutes of the leading tool, set-up apart, each step rounded half up', () => {
    const step = {
      id: 's',
      operation: 'sand-flat',
      quantity: 2,
      stock: { widthMm: 300, lengthMm: 1000, thicknessMm: 20 }
    }
    const piece = { id: 'b', name: 'b', copies: 3, materials: [], steps: [step] }
    const method =
      library.methods.get('sand-flat/random-orbital') ??
      [...library.methods.values()].find(
        ({ operation, roles }) =>
          operation === 'sand-flat' &&
          roles.some(({ role }) => tool('ro-sander').roles.includes(role))
      )
    if (!method) throw new Error('no method')
    const use = useMethod(
      fitContext(world),
      kitOf(library, world.workspace.items),
      method,
      step,
      piece
    )
    if (!isUse(use)) throw new Error(JSON.stringify(use.misses))
    const running = use.minutes - method.setupMinutes - (use.cleanUp?.minutes ?? 0)
    const lead = use.tools[0]?.tool ?? tool('ro-sander')
    expect(useEats(world, piece, use)).toBe(
      Math.floor((consumablesPerHour(world, lead) * running) / 60 + 0.5)
    )
    expect(usedUp(world, piece, [use, use])).toBe(2 * useEats(world, piece, use))
  })
  test('a batch is the same build with fewer copies, and always the same one', () => {
    const whole = build('bird-box', { copies: 6 })
    expect(batchOf(whole, undefined)).toBe(whole)
    expect(batchOf(whole, 6)).toBe(whole)
    expect(batchOf(whole, 2).copies).toBe(2)
    expect(batchOf(whole, 2)).toBe(batchOf(whole, 2))
  })
})

describe('one tool in the place of another', () => {
  const entry = (change: Parameters<typeof item>[1]) => {
    const found = kitTool(library, item('drill-driver', change))
    if (!found) throw new Error('no entry')
    return found
  }
  test('a better one serves for a plainer one, not the other way round; another tool never does', () => {
    expect(servesFor(entry({ tier: 'trade' }), entry({ tier: 'weekend' }))).toBe(true)
    expect(servesFor(entry({ tier: 'weekend' }), entry({ tier: 'trade' }))).toBe(false)
    const saw = kitTool(library, item('pull-saw'))
    if (!saw) throw new Error('no saw')
    expect(servesFor(entry({ tier: 'lifetime' }), saw)).toBe(false)
  })
  test('brings what such tools bring, in whole minor units', () => {
    // A trade-tier tool bought new keeps half its price; common practice.
    expect(resaleOf(entry({ tier: 'trade' }), 9999)).toBe(4999)
    expect(resaleOf(entry({ tier: 'trade' }), 0)).toBe(0)
  })
})

describe('figures of a whole plan', () => {
  const workspace: Workspace = emptyWorkspace({
    ...funds(50_000, 0),
    items: items('tape', 'hammer'),
    builds: [build('bird-box')]
  })
  const world = worldOf(workspace, library, TODAY)
  test('an empty plan comes to what is owned', () => {
    const comes = comesTo(world, emptyPlan(world))
    expect([comes.spent, comes.builds, comes.minutes, comes.lowest]).toEqual([0, [], 0, 50_000])
    expect(comes.floorM2).toBeCloseTo(tool('tape').storedM2 + tool('hammer').storedM2, 9)
  })
  test('spent is the sum of its payments, and the lowest balance the least of its days', () => {
    const price = evaluate(world, {
      ...emptyPlan(world),
      purchases: [{ id: 'p', offer: SAW, count: 1, date: TODAY, price: 0 }]
    }).spent
    const plan = {
      ...emptyPlan(world),
      purchases: [{ id: 'p', offer: SAW, count: 1, date: TODAY, price }]
    }
    const comes = comesTo(world, plan)
    expect([comes.spent, comes.spentOnTools, comes.lowest]).toEqual([price, price, 50_000 - price])
    expect(evaluate(world, plan).broken).toEqual([])
  })
})

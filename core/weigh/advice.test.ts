import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import type { Step } from '../catalogue'
import { item, worldWith } from '../../tests/helpers/workspaces'
import {
  NEW_PLATFORM,
  cheapestOver,
  hoursOfUse,
  lifeHours,
  minutesPerPack,
  ownedPlatforms,
  ownershipOptions,
  packsNeeded,
  powerPlan,
  ruledOut,
  type PowerMode,
  type PoweredTool
} from '.'

describe('what having a tool costs', () => {
  const drill = library.tools.get('drill-driver')
  const world = worldWith()
  test('bought cheap it is bought twice: the get-by drill wears out at 80 hours, the weekend one at 250 (hobby life, common practice)', () => {
    if (!drill) throw new Error('no drill')
    expect([
      lifeHours(drill, 'get-by', 'new'),
      lifeHours(drill, 'weekend', 'new'),
      lifeHours(drill, 'lifetime', 'new'),
      lifeHours(drill, 'weekend', 'used')
    ]).toEqual([80, 250, 1400, 125])
    const getBy = ownershipOptions(world, drill, 'cordless').find(({ id }) => id === 'get-by/new')
    expect(getBy?.cost(80).replacements).toBe(0)
    expect(getBy?.cost(81).replacements).toBe(getBy?.cost(81).purchase)
    expect(getBy?.cost(241).replacements).toBe(3 * (getBy?.cost(1).purchase ?? NaN))
  })
  test('the cheapest option over any stretch is the cheapest at every hour of it', () => {
    for (const id of ['drill-driver', 'circular-saw', 'ro-sander', 'chisels', 'table-saw']) {
      const tool = library.tools.get(id)
      if (!tool) throw new Error(id)
      const options = ownershipOptions(world, tool, tool.forms[0]?.power ?? 'hand').filter(
        ({ tenure }) => tenure.kind === 'buy' || tenure.kind === 'trade-up'
      )
      const stretches = cheapestOver(options, 600)
      expect([stretches[0]?.from, stretches.at(-1)?.to]).toEqual([0, 600])
      for (let hours = 0.5; hours < 600; hours += 0.5) {
        const at = stretches.find(({ from, to }) => hours > from && hours <= to)
        const least = Math.min(...options.map((option) => option.cost(hours).total))
        expect(
          (options.find((option) => option.id === at?.id)?.cost(hours).total ?? NaN) - least
        ).toBeLessThan(1)
      }
    }
  })
  test('used long enough, a tool made to last is the cheapest; used for an hour, a borrowed one is (common practice)', () => {
    const tool = library.tools.get('ro-sander')
    if (!tool) throw new Error('no sander')
    const stretches = cheapestOver(ownershipOptions(world, tool, 'corded'), 3000)
    expect(stretches[0]?.id).toBe('borrow')
    expect([
      'trade/new',
      'trade/used',
      'trade/refurbished',
      'lifetime/new',
      'lifetime/used',
      'lifetime/refurbished'
    ]).toContain(stretches.at(-1)?.id)
  })
  test('a tier is ruled out by what a build asks: a get-by mitre saw by a fine cut, a get-by table saw by a long day, a sander by neither', () => {
    const fine = worldWith({
      builds: [
        {
          id: 'b',
          name: 'b',
          copies: 1,
          materials: [],
          steps: [
            {
              id: 's',
              operation: 'crosscut',
              quantity: 4,
              stock: { widthMm: 100, thicknessMm: 20 },
              accuracyMm: 0.4
            }
          ]
        }
      ]
    })
    const saw = library.tools.get('mitre-saw')
    if (!saw) throw new Error('no saw')
    // A fence with a stop sets the length: 0.3 mm at the weekend tier, half as much again at the get-by one.
    expect(ruledOut(fine, saw, 'corded')).toEqual([
      {
        kind: 'accuracy',
        tier: 'get-by',
        build: 'b',
        operation: 'crosscut',
        has: expect.closeTo(0.45, 9),
        needs: 0.4
      }
    ])
    const lasting = (operation: string, quantity: number, stock: Step['stock'] = {}) =>
      worldWith({
        builds: [
          {
            id: 'b',
            name: 'b',
            copies: 1,
            materials: [],
            steps: [{ id: 's', operation, quantity, stock }]
          }
        ]
      })
    const [table, sander, drill] = ['table-saw', 'ro-sander', 'drill-driver'].map((id) =>
      library.tools.get(id)
    )
    if (!table || !sander || !drill) throw new Error('no saw, sander or drill')
    const boards = { lengthMm: 2000, widthMm: 100, thicknessMm: 20 }
    expect(ruledOut(lasting('rip', 200, boards), table, 'corded')).toMatchObject([
      { kind: 'duty', tier: 'get-by', needsPerHour: 30, allows: 15 }
    ])
    expect(ruledOut(lasting('rip', 5, boards), table, 'corded')).toEqual([])
    // Of a sander the paper matters, and a driver turns for seconds: plain ones do (common practice).
    expect(ruledOut(lasting('sand-flat', 12), sander, 'corded')).toEqual([])
    expect(ruledOut(lasting('drive', 300), drill, 'cordless')).toEqual([])
  })
  test('hours of use are those of the builds: 12 square metres at 18 minutes are 3.6 hours', () => {
    const sander = library.tools.get('ro-sander')
    const long = worldWith({
      builds: [
        {
          id: 'b',
          name: 'b',
          copies: 3,
          materials: [],
          steps: [{ id: 's', operation: 'sand-flat', quantity: 4, stock: {} }]
        }
      ]
    })
    expect(sander && hoursOfUse(long, library, sander)).toEqual({
      hours: 3.6,
      builds: [{ build: 'b', hours: 3.6 }]
    })
  })
})

describe('cords and packs', () => {
  const prices = { pack: 2500, charger: 1800, packWh: 36 }
  const toolArb = fc
    .record({
      corded: fc.option(fc.integer({ min: 2000, max: 9000 }), { nil: undefined }),
      bare: fc.integer({ min: 2000, max: 12_000 }),
      more: fc.integer({ min: 500, max: 9000 }),
      whPerHour: fc.integer({ min: 20, max: 320 }),
      minutesPerDay: fc.integer({ min: 0, max: 60 })
    })
    .map(({ bare, more, ...rest }) => ({ ...rest, bare, kit: bare + more }))
  const named = (list: readonly Omit<PoweredTool, 'tool'>[]): PoweredTool[] =>
    list.map((one, i) => ({ tool: `t${i}`, ...one }))
  const owned = [{ name: 'mine', packs: 1, chargers: 1, packWh: 54 }]

  /** Every tool corded, a body, or a set, on every platform; packs and chargers bought one by one. */
  function bruteForce(tools: readonly PoweredTool[], mode: PowerMode): number {
    const families = ['mine', NEW_PLATFORM]
    let best = Infinity
    const go = (index: number, chosen: readonly { place: string; kit: boolean }[]): void => {
      if (index < tools.length) {
        const tool = tools[index]
        if (tool?.corded !== undefined && mode !== 'one-platform')
          go(index + 1, [...chosen, { place: 'corded', kit: false }])
        if (mode !== 'cords' || tool?.corded === undefined)
          for (const place of families)
            for (const kit of [false, true]) go(index + 1, [...chosen, { place, kit }])
        return
      }
      if (mode === 'one-platform' && new Set(chosen.map(({ place }) => place)).size > 1) return
      let cost = 0
      chosen.forEach(({ place, kit }, i) => {
        cost +=
          (place === 'corded' ? tools[i]?.corded : kit ? tools[i]?.kit : tools[i]?.bare) ?? Infinity
      })
      for (const family of families) {
        const on = tools.filter((_, i) => chosen[i]?.place === family)
        if (on.length === 0) continue
        const own = owned.find(({ name }) => name === family)
        const kits = chosen.filter(({ place, kit }) => place === family && kit).length
        const need = packsNeeded(
          on.reduce(
            (sum, { whPerHour, minutesPerDay }) => sum + (whPerHour * minutesPerDay) / 60,
            0
          ),
          own?.packWh ?? prices.packWh
        )
        cost +=
          Math.max(0, need - (own?.packs ?? 0) - 2 * kits) * prices.pack +
          Math.max(0, 1 - (own?.chargers ?? 0) - kits) * prices.charger
      }
      best = Math.min(best, cost)
    }
    go(0, [])
    return best
  }
  test.each(['best', 'one-platform', 'cords'] as const)(
    '%s: the same as trying every choice',
    (mode) => {
      fc.assert(
        fc.property(fc.array(toolArb, { minLength: 1, maxLength: 4 }), (list) => {
          const tools = named(list)
          expect(powerPlan(tools, owned, prices, mode)?.cost ?? Infinity).toBe(
            bruteForce(tools, mode)
          )
        }),
        { numRuns: 80 }
      )
    }
  )
  test('no mode beats the best, and several sets are never cheaper than one family of bodies priced a third less', () => {
    fc.assert(
      fc.property(fc.array(toolArb, { minLength: 2, maxLength: 5 }), (list) => {
        const tools = named(list)
        const best = powerPlan(tools, owned, prices, 'best')?.cost ?? Infinity
        for (const mode of ['one-platform', 'cords'] as const)
          expect(powerPlan(tools, owned, prices, mode)?.cost ?? Infinity).toBeGreaterThanOrEqual(
            best
          )
      }),
      { numRuns: 40 }
    )
  })
  test('packs for a day: one on charge at least; a saw of 320 W empties 29 usable watt-hours in five and a half minutes (arithmetic)', () => {
    expect(packsNeeded(0, 36)).toBe(2)
    // Two charged beforehand and three filled again in three hours, 28.8 usable watt-hours each: 144 in all.
    expect(packsNeeded(144, 36)).toBe(2)
    expect(packsNeeded(145, 36)).toBe(3)
    expect(minutesPerPack(320, 36)).toBeCloseTo(5.4, 5)
  })
  test('a cordless drill owned brings two packs and a charger, a body none', () => {
    const world = worldWith({
      items: [
        item('drill-driver', { power: 'cordless', platform: 'Orange' }),
        item('impact-driver', { power: 'cordless', platform: 'Orange' })
      ]
    })
    expect(ownedPlatforms(world)).toEqual([{ name: 'Orange', packs: 2, chargers: 1, packWh: 36 }])
  })
})

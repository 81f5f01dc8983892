import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fastest } from '../../tests/helpers/fits'
import { build, emptyWorkspace, item, items, worldWith } from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { library } from '../../data'
import type { Build } from '../builds'
import { TIERS, specsOf, type Step } from '../catalogue'
import { worldOf } from '../workspace'
import {
  leadError,
  resultError,
  fitBuild,
  fitContext,
  fitMethod,
  isUse,
  kitOf,
  kitWith,
  makeFitter,
  makeKit,
  useMethod,
  type KitTool
} from '.'

const context = fitContext(worldWith())
const probe: Build = { id: 'probe', name: 'probe', copies: 1, materials: [], steps: [] }
const step = (operation: string, stock: Step['stock'], accuracyMm?: number): Step => ({
  id: 's',
  operation,
  quantity: 1,
  stock,
  ...(accuracyMm === undefined ? {} : { accuracyMm })
})
const method = (id: string) => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}
const gear = items('safety-glasses', 'ear-muffs', 'half-mask')
const missesOf = (
  id: string,
  owned: ReturnType<typeof items>,
  asked: Step,
  workshop = emptyWorkspace().workshop
) => fitMethod(kitOf(library, owned), method(id), asked, { ...context, workshop }).misses

describe('capacity rules, from both sides of their limit', () => {
  test.each<[string, string, string[], Step['stock'], Step['stock'], number]>([
    [
      'rip width of a table saw',
      'rip/table-saw',
      ['table-saw', 'push-sticks'],
      { widthMm: 620 },
      { widthMm: 621 },
      620
    ],
    [
      'reach of a jigsaw blade',
      'cut-curve/jigsaw',
      ['jigsaw'],
      { thicknessMm: 65 },
      { thicknessMm: 66 },
      65
    ]
  ])('%s', (_, id, owned, fits, tooMuch, limit) => {
    expect(missesOf(id, [...items(...owned), ...gear], step(method(id).operation, fits))).toEqual(
      []
    )
    const [miss] = missesOf(id, [...items(...owned), ...gear], step(method(id).operation, tooMuch))
    expect(miss).toMatchObject({ kind: 'spec', has: limit, needs: limit + 1 })
  })
  test.each<[string, string, string[], keyof Step['stock'], number, number]>([
    [
      'depth of a table saw, turned over',
      'rip/table-saw',
      ['table-saw', 'push-sticks'],
      'thicknessMm',
      65,
      130
    ],
    [
      'board width at a mitre saw, turned over',
      'crosscut/mitre-saw',
      ['mitre-saw'],
      'widthMm',
      300,
      600
    ],
    [
      'width of a thicknesser, in two strips',
      'thickness/thicknesser',
      ['thicknesser', 'chip-extractor'],
      'widthMm',
      310,
      620
    ],
    [
      'width of a jointer, in two strips',
      'flatten/jointer',
      ['jointer', 'chip-extractor', 'push-sticks'],
      'widthMm',
      150,
      300
    ]
  ])(
    '%s: outright, by the work-around with its time, and not at all',
    (_, id, owned, field, limit, around) => {
      const kit = kitOf(library, [...items(...owned), ...gear])
      const fitOf = (size: number) =>
        fitMethod(kit, method(id), step(method(id).operation, { [field]: size }), context)
      expect([fitOf(limit).misses, fitOf(limit).workArounds]).toEqual([[], []])
      expect(fitOf(limit + 1)).toMatchObject({
        misses: [],
        workArounds: [{ has: limit, needs: limit + 1 }]
      })
      expect(fitOf(around).misses).toEqual([])
      expect(fitOf(around + 1).misses).toMatchObject([
        { kind: 'spec', has: limit, needs: around + 1 }
      ])
      const minutes = (size: number): number => {
        const use = useMethod(
          context,
          kit,
          method(id),
          step(method(id).operation, { [field]: size }),
          probe
        )
        return isUse(use) ? use.minutes : NaN
      }
      const rule = method(id)
        .roles.flatMap(({ rules }) => rules)
        .find(({ bound }) => bound.stock === field)
      expect(minutes(limit + 1) - minutes(limit)).toBeCloseTo(
        (rule?.otherwise?.setupMinutes ?? NaN) + (rule?.otherwise?.runMinutes ?? NaN),
        9
      )
    }
  )
  test('what a work-around bridges is not named as what is in the way', () => {
    const kit = [...items('mitre-saw'), ...gear]
    // 400 mm of width the saw cuts when the board is turned over; 500 mm of height it does not cut at all.
    expect(
      missesOf('crosscut/mitre-saw', kit, step('crosscut', { widthMm: 400, thicknessMm: 500 }))
    ).toMatchObject([{ kind: 'spec', spec: 'depthMm', has: 90, needs: 500 }])
  })
  test('a panel needs four clamps that open 40 mm beyond it; a 300 mm clamp holds no table top', () => {
    const panel = step('glue-up-panel', { widthMm: 560 })
    expect(missesOf('glue-up-panel/clamps', [item('f-clamp-600', { count: 4 })], panel)).toEqual([])
    expect(missesOf('glue-up-panel/clamps', [item('f-clamp-600', { count: 3 })], panel)).toEqual([
      { kind: 'role', role: 'clamp', count: 4, have: 3 }
    ])
    expect(
      missesOf('glue-up-panel/clamps', [item('trigger-clamp-300', { count: 9 })], panel)
    ).toMatchObject([{ kind: 'spec', spec: 'openingMm', has: 300, needs: 600 }])
    expect(
      missesOf(
        'glue-up-panel/clamps',
        [item('f-clamp-600', { count: 2 }), item('pipe-clamp-900', { count: 2 })],
        panel
      )
    ).toEqual([])
  })
  test('a small collet takes small shanks only', () => {
    const groove = step('cut-dado', { widthMm: 300 })
    const clamps = item('f-clamp-600', { count: 2 })
    expect(
      missesOf(
        'cut-dado/trim-router',
        [...items('trim-router', 'router-bits'), clamps, ...gear],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/trim-router',
        [...items('trim-router', 'router-bits-large', 'router-bits'), clamps, ...gear],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/plunge-router',
        [...items('plunge-router', 'router-bits', 'router-bits-large'), clamps, ...gear],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/plunge-router',
        [...items('plunge-router', 'router-bits'), clamps, ...gear],
        groove
      ).map(({ kind }) => kind)
    ).toContain('tie')
  })
  test('limits of the method itself', () => {
    expect(
      missesOf('cut-curve/coping-saw', items('coping-saw'), step('cut-curve', { thicknessMm: 25 }))
    ).toEqual([])
    expect(
      missesOf('cut-curve/coping-saw', items('coping-saw'), step('cut-curve', { thicknessMm: 26 }))
    ).toEqual([{ kind: 'limit', stock: 'thicknessMm', is: 'atMost', has: 26, limit: 25 }])
  })
})

describe('companions, protection, comfort, circuit', () => {
  test('a drill without bits and a saw without ear protection are of no use', () => {
    expect(
      missesOf('bore/drill', items('drill-driver', 'safety-glasses'), step('bore', {}))
    ).toEqual([{ kind: 'companion', tool: 'drill-driver', anyOf: ['drill-bits'], count: 1 }])
    expect(
      missesOf('cut-curve/jigsaw', items('jigsaw', 'safety-glasses'), step('cut-curve', {}))
    ).toEqual([{ kind: 'protection', tool: 'jigsaw', protection: 'ears' }])
  })
  test('a sheet under the circular saw has to be carried; a board need not', () => {
    const owned = [
      ...items('circular-saw', 'cutting-guide', 'rafter-square'),
      item('f-clamp-600', { count: 2 }),
      ...gear
    ]
    expect(
      missesOf(
        'break-down-sheet/circular-saw',
        owned,
        step('break-down-sheet', { lengthMm: 2400, thicknessMm: 18 })
      )
    ).toMatchObject([{ kind: 'companion', tool: 'circular-saw' }])
    expect(
      missesOf('crosscut/circular-saw', owned, step('crosscut', { widthMm: 145, thicknessMm: 20 }))
    ).toEqual([])
  })
  test('a hazard above the declared comfort and a current above the circuit are not used', () => {
    const owned = [...items('table-saw', 'push-sticks'), ...gear]
    expect(
      missesOf('rip/table-saw', owned, step('rip', {}), {
        volts: 230,
        comfort: { 'fixed-blade': 2 }
      })
    ).toEqual([{ kind: 'comfort', hazard: 'fixed-blade', level: 3 }])
    expect(
      missesOf('rip/table-saw', owned, step('rip', {}), {
        volts: 230,
        comfort: { 'fixed-blade': 3 }
      })
    ).toEqual([])
    expect(
      missesOf('rip/table-saw', owned, step('rip', {}), {
        volts: 120,
        circuitAmps: 14,
        comfort: {}
      })
    ).toEqual([{ kind: 'circuit', tool: 'table-saw', amps: 15, limit: 14 }])
    expect(
      missesOf('rip/table-saw', owned, step('rip', {}), {
        volts: 120,
        circuitAmps: 15,
        comfort: {}
      })
    ).toEqual([])
  })
})

describe('accuracy', () => {
  test('errors of cut and mark add in squares: 3 and 4 make 5', () => {
    const error = (id: string, marked: boolean): number => {
      const cut = { ...method(id), accuracyMm: 3, marked }
      return resultError(cut, leadError(cut, undefined, []), 4)
    }
    expect(error('crosscut/pull-saw', true)).toBeCloseTo(5)
    expect(error('crosscut/mitre-saw', false)).toBe(3)
  })
  test('a better square makes a cut good enough', () => {
    const cut = step('crosscut', { widthMm: 100, thicknessMm: 20 }, 0.9)
    expect(
      missesOf('crosscut/pull-saw-hook', items('pull-saw', 'bench-hook', 'rafter-square'), cut)
    ).toMatchObject([{ kind: 'accuracy', needs: 0.9 }])
    expect(
      missesOf('crosscut/pull-saw-hook', items('pull-saw', 'bench-hook', 'combination-square'), cut)
    ).toEqual([])
  })
})

describe('time', () => {
  const owned = kitOf(library, items('pull-saw', 'bench-hook', 'rafter-square'))
  const crosscuts = (copies: number, batchSize?: number): number =>
    fitBuild(context, owned, {
      id: 'b',
      name: 'b',
      copies,
      ...(batchSize === undefined ? {} : { batchSize }),
      materials: [],
      steps: [{ ...step('crosscut', { widthMm: 100, thicknessMm: 20 }), quantity: 4 }]
    }).minutes
  test('set-up counts once per batch, running per piece', () => {
    expect(crosscuts(1)).toBe(1 + 4 * 1.5)
    expect(crosscuts(10)).toBe(1 + 40 * 1.5)
    expect(crosscuts(10, 5)).toBe(2 + 40 * 1.5)
    expect(crosscuts(10, 3)).toBe(4 + 40 * 1.5)
  })
  test('owning more never removes a method nor makes the quickest way slower', () => {
    const all = [...library.tools.values()]
    const entry = (i: number): KitTool => {
      const tool = all[i % all.length]
      if (!tool) throw new Error('no tool')
      const tier = TIERS[Math.floor(i / all.length) % TIERS.length] ?? 'weekend'
      const condition = i % 3 === 0 ? 'used' : 'new'
      return {
        tool,
        tier,
        condition,
        power: tool.forms[0]?.power ?? 'hand',
        specs: specsOf(tool, tier),
        count: 2
      }
    }
    const template = fc.constantFrom(...library.data.templates.map(({ id }) => id))
    fc.assert(
      fc.property(
        template,
        fc.uniqueArray(fc.integer({ min: 0, max: all.length * TIERS.length - 1 }), {
          minLength: 20,
          maxLength: 160
        }),
        fc.integer({ min: 0, max: all.length * TIERS.length - 1 }),
        (id, owned_, more) => {
          const few = fitBuild(context, makeKit(owned_.map(entry)), build(id))
          const many = fitBuild(
            context,
            kitWith(makeKit(owned_.map(entry)), [entry(more)]),
            build(id)
          )
          few.steps.forEach((before, k) => {
            const after = many.steps[k]
            expect(after?.usable.map((use) => use.method.id)).toEqual(
              expect.arrayContaining(before.usable.map((use) => use.method.id))
            )
            if (after && before.usable.length > 0)
              expect(fastest(after)?.minutes).toBeLessThanOrEqual(
                (fastest(before)?.minutes ?? 0) + 1e-9
              )
          })
        }
      ),
      { numRuns: 60 }
    )
  })
})

describe('ways in', () => {
  const open = (template: string, ...owned: string[]) =>
    makeFitter(worldWith({ items: items(...owned) })).waysIn(build(template))
  const toolsOf = (template: string, ...owned: string[]): string[][] =>
    open(template, ...owned).map(({ set }) =>
      [...set.values()].map(({ buyable }) => buyable.entry.tool.id).sort()
    )

  test('protection and companions come with the tool', () => {
    const [cheapest] = toolsOf(
      'bird-box',
      'tape',
      'rafter-square',
      'panel-saw',
      'hammer',
      'sanding-block',
      'finishing-kit',
      'brace'
    )
    expect(cheapest).toEqual(['coping-saw', 'drill-bits', 'drill-driver', 'safety-glasses'])
  })
  test('what can be made is made: a bench hook is cheaper than a mitre box', () => {
    const ways = toolsOf(
      'tea-box',
      'tape',
      'combination-square',
      'pull-saw',
      'chisels',
      'mallet',
      'sharpening-stone',
      'marking-gauge',
      'scraper',
      'finishing-kit',
      'screwdrivers',
      'strap-clamp'
    )
    expect(ways[0]).toContain('bench-hook')
  })
  test('nothing is needed for what can be done already', () => {
    const [way] = open('sheet-stack', 'tape', 'sawhorses', 'sanding-block')
    expect([way?.cost, way?.set.size]).toEqual([0, 0])
  })
  test('ruled-out tools are never in a way in, and comfort leaves out dangerous ones', () => {
    const world = worldWith({
      bans: [{ kind: 'tool', id: 'pull-saw' }],
      workshop: { volts: 230, comfort: { 'hand-blade': 0, 'fixed-blade': 0 } }
    })
    const tools = makeFitter(world)
      .waysIn(build('potting-bench'), undefined, 10)
      .flatMap(({ set }) => [...set.values()].map(({ buyable }) => buyable.entry.tool.id))
    expect(tools).not.toContain('pull-saw')
    expect(tools).not.toContain('circular-saw')
    expect(tools).not.toContain('mitre-saw')
  })
  test('the cheapest way in costs what trying every subset of tools finds (small random trades)', () => {
    fc.assert(
      fc.property(miniArbitrary(anyMoney, 1), ({ world, library: mini }) => {
        const [asked] = world.workspace.builds
        if (!asked) return
        const priced = [...makeFitter(world).market.values()].flatMap((list) => list.slice(0, 1))
        let least = Infinity
        for (let subset = 0; subset < 2 ** priced.length; subset++) {
          const chosen = priced.filter((_, i) => (subset >> i) & 1)
          const cost = chosen.reduce((sum, { allIn }) => sum + allIn, 0)
          const guarded =
            chosen.every(({ entry }) => entry.tool.needs.length === 0) ||
            chosen.some(({ entry }) => entry.tool.id === 'glasses')
          if (
            cost < least &&
            guarded &&
            fitBuild(
              { ...context, library: mini },
              makeKit(chosen.map(({ entry }) => entry)),
              asked
            ).gaps.length === 0
          )
            least = cost
        }
        expect(makeFitter(world).waysIn(asked)[0]?.cost ?? Infinity).toBe(least)
      }),
      { numRuns: 60 }
    )
  })
  test('a jig that needs itself is no way in', () => {
    const tool = {
      ...library.tools.get('bench-hook')!,
      id: 'my/hook',
      roles: ['my-role'],
      madeBy: 'jig-bench-hook'
    }
    const operation = { id: 'my/op', name: 'Mine', unit: 'piece' as const, order: 1 }
    const own = {
      operations: [operation],
      tools: [tool],
      materials: [],
      methods: [
        {
          ...method('crosscut/pull-saw'),
          id: 'my/method',
          operation: 'crosscut',
          roles: [{ role: 'my-role', count: 1, rules: [] }]
        },
        {
          ...method('pare/chisel'),
          id: 'my/other',
          operation: 'my/op',
          roles: [{ role: 'my-role', count: 1, rules: [] }]
        }
      ]
    }
    const banned = [...library.methods.values()]
      .filter(({ operation: of }) => of === 'crosscut')
      .map(({ id }) => id)
    const world = worldOf(
      emptyWorkspace({ own, bans: banned.map((id) => ({ kind: 'method', id })) }),
      library,
      '2026-05-04'
    )
    expect(
      makeFitter(world)
        .waysIn({ id: 'b', name: 'b', copies: 1, materials: [], steps: [step('my/op', {})] })
        .map(({ set }) => [...set.keys()])
    ).toEqual([])
  })
})

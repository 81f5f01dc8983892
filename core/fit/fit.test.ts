import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fastest } from '../../tests/helpers/fits'
import { build, emptyWorkspace, item, items, worldWith } from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { library } from '../../data'
import { TIERS, specsOf } from '../catalogue'
import { worldOf } from '../workspace'
import {
  leadError,
  resultError,
  fitBuild,
  kitOf,
  kitWith,
  makeFitter,
  makeKit,
  type KitTool
} from '.'
import { context, step, method, gear, missesOf } from '../../tests/helpers/misses'

describe('companions, protection, comfort, circuit', () => {
  test('a drill without bits and a saw without ear protection are of no use', () => {
    expect(
      missesOf('bore/drill', items('drill-driver', 'safety-glasses'), step('bore', {}))
    ).toEqual([{ kind: 'companion', tool: 'drill-driver', anyOf: ['drill-bits'], count: 1 }])
    expect(
      missesOf(
        'cut-curve/jigsaw',
        items('jigsaw', 'safety-glasses', 'dust-masks'),
        step('cut-curve', {})
      )
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
      steps: [{ ...step('crosscut', { widthMm: 95, thicknessMm: 20 }), quantity: 4 }]
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
    const withDrill = toolsOf(
      'bird-box',
      'tape',
      'rafter-square',
      'panel-saw',
      'hammer',
      'sanding-block',
      'finishing-kit'
    ).find((way) => way.includes('drill-driver'))
    expect(withDrill).toEqual(expect.arrayContaining(['drill-bits', 'safety-glasses']))
  })
  test('what can be made is made: a bench hook is cheaper than a mitre box', () => {
    const owned = (
      'tape combination-square pull-saw chisels mallet sharpening-stone marking-gauge ' +
      'scraper burnisher hand-drill drill-bits finishing-kit screwdrivers strap-clamp g-clamp-100 hammer ear-plugs'
    ).split(' ')
    const ways = toolsOf('tea-box', ...owned)
    expect(ways[0]).toContain('bench-hook')
  })
  test('nothing is needed for what can be done already', () => {
    const owned =
      'tape rafter-square pull-saw bench-hook hammer screwdrivers hand-drill drill-bits countersink sanding-block finishing-kit dust-masks ear-plugs'.split(
        ' '
      )
    const [way] = open('picture-ledge', ...owned)
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

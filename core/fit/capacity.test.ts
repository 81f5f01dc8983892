import { describe, expect, test } from '@jest/globals'
import { emptyWorkspace, item, items } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import type { Build } from '../builds'
import { type Step } from '../catalogue'
import { fitMethod, isUse, kitOf, useMethod } from '.'
import { context, step, method, gear, missesOf } from '../../tests/helpers/misses'

const probe: Build = { id: 'probe', name: 'probe', copies: 1, materials: [], steps: [] }

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
  ])('%s', (_, ...[id, owned, fits, tooMuch, limit]) => {
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
    (_, ...[id, owned, field, limit, around]) => {
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
  test('a panel needs a clamp for every quarter of a metre that opens 40 mm beyond it; a 300 mm clamp holds no table top', () => {
    const panel = step('glue-up-panel', { lengthMm: 1000, widthMm: 560 })
    expect(
      missesOf('glue-up-panel/clamps-metre', [item('f-clamp-600', { count: 4 })], panel)
    ).toEqual([])
    expect(
      missesOf('glue-up-panel/clamps-metre', [item('f-clamp-600', { count: 3 })], panel)
    ).toEqual([{ kind: 'role', role: 'clamp', count: 4, have: 3 }])
    expect(
      missesOf('glue-up-panel/clamps-metre', [item('trigger-clamp-300', { count: 9 })], panel)
    ).toMatchObject([{ kind: 'spec', spec: 'openingMm', has: 300, needs: 600 }])
    expect(
      missesOf(
        'glue-up-panel/clamps-metre',
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
        [...items('trim-router', 'router-bits', 'rafter-square'), clamps, ...gear],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/trim-router',
        [
          ...items('trim-router', 'router-bits-large', 'router-bits', 'rafter-square'),
          clamps,
          ...gear
        ],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/plunge-router',
        [
          ...items('plunge-router', 'router-bits', 'router-bits-large', 'rafter-square'),
          clamps,
          ...gear
        ],
        groove
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-dado/trim-router',
        [...items('trim-router', 'router-bits-large', 'rafter-square'), clamps, ...gear],
        groove
      ).map(({ kind }) => kind)
    ).toContain('tie')
  })
  test('limits of the method itself', () => {
    expect(
      missesOf(
        'cut-curve/coping-saw',
        items('coping-saw', 'g-clamp-100'),
        step('cut-curve', { thicknessMm: 25 })
      )
    ).toEqual([])
    expect(
      missesOf(
        'cut-curve/coping-saw',
        items('coping-saw', 'g-clamp-100'),
        step('cut-curve', { thicknessMm: 33 })
      )
    ).toEqual([{ kind: 'limit', stock: 'thicknessMm', is: 'atMost', has: 33, limit: 32 }])
  })
})

describe('walls', () => {
  const screwed = ['drill-driver', 'drill-bits', 'driver-bits', 'hammer', 'tape']
  const plugged = ['hammer-drill', 'masonry-bits', 'stud-finder', 'level']
  const owned = [...items(...screwed, ...plugged), ...gear]
  const ways = ['fix-to-wall/tapped', 'fix-to-wall/masonry']
  const onWalls = (walls?: 'frame' | 'masonry'): string[] =>
    ways.filter(
      (id) =>
        missesOf(id, owned, step('fix-to-wall', {}), {
          ...emptyWorkspace().workshop,
          ...(walls ? { walls } : {})
        }).length === 0
    )
  test('brick is no timber frame: a shelf is plugged there, screwed to studs here, and either way where nothing is said', () => {
    expect(onWalls('frame')).toEqual(['fix-to-wall/tapped'])
    expect(onWalls('masonry')).toEqual(['fix-to-wall/masonry'])
    expect(onWalls()).toEqual(ways)
  })
  test('the wall is what is said to be in the way', () =>
    expect(
      missesOf('fix-to-wall/tapped', owned, step('fix-to-wall', {}), {
        ...emptyWorkspace().workshop,
        walls: 'masonry'
      })
    ).toEqual([{ kind: 'wall', wall: 'frame' }]))
})

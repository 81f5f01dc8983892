import { describe, expect, test } from '@jest/globals'
import { specsOf, type Method, type Step, type StockSize } from '../../core/catalogue'
import { fitMethod, fitContext, makeKit, minutesOf, type Kit } from '../../core/fit'
import { library } from '../../data'
import { kitOfTools } from '../helpers/all-tools'
import { worldWith } from '../helpers/workspaces'

/** Each corrected capacity, limit and time from both sides. Common practice throughout. */
const context = fitContext(worldWith())
const methodOf = (id: string): Method => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}
const kitOf = (ids: readonly string[]): Kit =>
  kitOfTools(
    ids.map((id) => {
      const tool = library.tools.get(id)
      if (!tool) throw new Error(id)
      return tool
    })
  )
const everything = kitOf([...library.tools.keys()])
const stepOf = (operation: string, [lengthMm, widthMm, thicknessMm]: readonly number[]): Step => ({
  id: 's',
  operation,
  quantity: 1,
  stock: {
    ...(lengthMm ? { lengthMm } : {}),
    ...(widthMm ? { widthMm } : {}),
    ...(thicknessMm ? { thicknessMm } : {})
  }
})
const serves = (id: string, stock: readonly number[], kit = everything): boolean => {
  const method = methodOf(id)
  return fitMethod(kit, method, stepOf(method.operation, stock), context).misses.length === 0
}
/** Without the larger machines that take more. */
const without = (...ids: string[]): Kit =>
  kitOf([...library.tools.keys()].filter((id) => !ids.includes(id)))

describe('what is possible, from both sides', () => {
  test.each<
    readonly [why: string, id: string, takes: readonly number[], not: readonly number[], kit?: Kit]
  >([
    [
      'flipping helps across the width of a board, never its thickness',
      'crosscut/mitre-saw',
      [600, 500, 90],
      [600, 170, 120]
    ],
    [
      'nothing short goes through a planer',
      'thickness/thicknesser',
      [300, 150, 20],
      [290, 150, 20]
    ],
    ['nothing thin either', 'thickness/thicknesser', [500, 150, 6], [500, 150, 5]],
    ['nothing short over a jointer', 'flatten/jointer', [300, 140, 20], [299, 140, 20]],
    ['nor along it', 'straighten-edge/jointer', [300, 90, 20], [280, 90, 20]],
    ['a drum sander takes shorter pieces', 'thickness/drum-sander', [150, 100, 20], [140, 100, 20]],
    ['a flat bit bores its own size', 'bore-large/flat-bit', [0, 32, 20], [0, 60, 20]],
    ['so does a Forstner bit', 'bore-large/forstner', [0, 35, 20], [0, 40, 20]],
    ['and an auger', 'bore-large/auger', [0, 25, 20], [0, 32, 20]],
    ['a sled is as long as it is', 'flatten/thicknesser-sled', [1500, 200, 30], [1600, 200, 30]],
    [
      'a board rips between blade and frame of a band saw',
      'rip/band-saw',
      [900, 300, 20],
      [900, 310, 20]
    ],
    ['a heavy shelf is not hung by hand', 'fix-to-wall/hand', [0, 0, 30], [0, 0, 40]],
    [
      'a panel as long as its clamps are many',
      'glue-up-panel/clamps',
      [750, 400, 20],
      [760, 400, 20]
    ]
  ])('%s: %s', (_why, id, takes, not) => {
    expect([serves(id, takes), serves(id, not)]).toEqual([true, false])
  })
  test('masonry wants a hammer, and protection for ears and lungs', () => {
    const id = 'fix-to-wall/masonry'
    const kit = (...more: string[]): Kit =>
      kitOf([
        ...[
          'masonry-bits',
          'stud-finder',
          'driver-bits',
          'level',
          'hammer',
          'drill-bits',
          'safety-glasses'
        ],
        ...more
      ])
    expect(serves(id, [], kit('drill-driver', 'ear-muffs', 'half-mask'))).toBe(false)
    expect(serves(id, [], kit('hammer-drill', 'ear-muffs', 'half-mask'))).toBe(true)
    expect(serves(id, [], kit('hammer-drill', 'half-mask'))).toBe(false)
    expect(serves(id, [], kit('hammer-drill', 'ear-muffs'))).toBe(false)
  })
  test('a thin shank sits in a sleeve of a large router, a thick one never in a small', () => {
    const trim = [...['safety-glasses', 'ear-muffs', 'half-mask']]
    expect(
      serves('profile-edge/trim-router', [], kitOf([...trim, 'plunge-router', 'router-bits']))
    ).toBe(true)
    expect(
      serves('profile-edge/trim-router', [], kitOf([...trim, 'trim-router', 'router-bits-large']))
    ).toBe(false)
  })
  test('a hand drill turns nothing without bits', () => {
    expect(serves('bore/hand-drill', [], kitOf(['hand-drill']))).toBe(false)
    expect(serves('bore/hand-drill', [], kitOf(['hand-drill', 'drill-bits']))).toBe(true)
  })
  test('packs come with a cordless drill, not with one on a cord', () => {
    const body = library.tools.get('impact-driver')
    const drill = library.tools.get('drill-driver')
    if (!body || !drill) throw new Error('tools')
    const gear = kitOf(['impact-bits', 'safety-glasses', 'ear-muffs']).tools
    const entry = { tier: 'weekend', condition: 'new', count: 1 } as const
    const both = (power: 'corded' | 'cordless'): Kit =>
      makeKit([
        ...gear,
        { ...entry, tool: body, power: 'cordless', specs: specsOf(body, 'weekend') },
        { ...entry, tool: drill, power, specs: specsOf(drill, 'weekend') }
      ])
    expect([
      serves('drive/impact', [], both('corded')),
      serves('drive/impact', [], both('cordless'))
    ]).toEqual([false, true])
  })
  test('a benchtop thicknesser may have a vacuum with a cyclone behind it, a combined planer may not', () => {
    const gear = [
      'safety-glasses',
      'ear-muffs',
      'half-mask',
      'push-sticks',
      'vacuum',
      'cyclone-bin'
    ]
    expect(serves('thickness/thicknesser', [500, 150, 20], kitOf([...gear, 'thicknesser']))).toBe(
      true
    )
    expect(
      serves('thickness/thicknesser', [500, 150, 20], kitOf([...gear, 'combined-planer']))
    ).toBe(false)
  })
  test('joints cut by hand are held: by a vice, a bench, or a clamp at a table', () => {
    const tools = ['back-saw', 'chisels', 'marking-gauge', 'mallet', 'sharpening-stone']
    expect(serves('cut-half-lap/hand', [300, 60, 20], kitOf(tools))).toBe(false)
    for (const hold of ['g-clamp-100', 'f-clamp-300', 'bench-vice', 'workbench'])
      expect([hold, serves('cut-half-lap/hand', [300, 60, 20], kitOf([...tools, hold]))]).toEqual([
        hold,
        true
      ])
  })
  test('a bench with a vice is a vice', () => {
    expect(serves('hold/vice', [0, 0, 45], kitOf(['workbench']))).toBe(true)
    expect(
      serves(
        'hold/vice',
        [0, 0, 45],
        without('workbench', 'workbench-made', 'front-vice', 'bench-vice')
      )
    ).toBe(false)
  })
})

describe('how long it takes, by hand from the stock', () => {
  const minutes = (id: string, stock: StockSize, species?: 'hard' | 'sheet'): number =>
    minutesOf(methodOf(id), undefined, [], {
      units: 1,
      batches: 0,
      stock,
      ...(species ? { species } : {})
    })
  test.each<readonly [what: string, id: string, one: StockSize, other: StockSize, times: number]>([
    [
      'ripping by hand goes by thickness: eight minutes a metre for 20 mm, 24 for 60',
      'rip/pull-saw',
      { thicknessMm: 20 },
      { thicknessMm: 60 },
      3
    ],
    [
      'a saw cuts a section: 190 × 40 is four times 95 × 20',
      'crosscut/pull-saw-hook',
      { widthMm: 95, thicknessMm: 20 },
      { widthMm: 190, thicknessMm: 40 },
      4
    ],
    [
      'a keyhole saw slows down with the thickness',
      'cut-inside/keyhole-saw',
      { thicknessMm: 20 },
      { thicknessMm: 40 },
      2
    ],
    [
      'a motor hardly notices the length',
      'crosscut/circular-saw',
      { lengthMm: 900 },
      { lengthMm: 3000 },
      1.6
    ]
  ])('%s', (_what, id, one, other, times) => {
    expect(minutes(id, other) / minutes(id, one)).toBeCloseTo(times, 6)
  })
  test('hardwood: half as long again by hand, hardly more by motor; plywood is slow under a hand saw', () => {
    const times = (id: string, species: 'hard' | 'sheet'): number =>
      minutes(id, {}, species) / minutes(id, {})
    expect(times('flatten/planes', 'hard')).toBeCloseTo(1.5, 6)
    expect(times('rip/table-saw', 'hard')).toBeCloseTo(1.15, 6)
    expect(times('rip/panel-saw', 'sheet')).toBeCloseTo(1.25, 6)
    expect(times('measure/tape', 'hard')).toBe(1)
  })
  test('a box joint 245 mm wide on a sled takes 15 to 25 minutes', () => {
    const wide = minutes('cut-box-joint/table-saw', { widthMm: 245 })
    expect(wide).toBeGreaterThanOrEqual(15)
    expect(wide).toBeLessThanOrEqual(25)
  })
})

import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { derive, type Part } from '.'
import { part } from '../../tests/helpers/parts'

const quantities = (parts: readonly Part[]): Record<string, number> =>
  Object.fromEntries(
    derive(library, parts).steps.map(({ operation, quantity }) => [operation, quantity])
  )

describe('what a cut list needs doing (common practice)', () => {
  test('planed boards of a width that is sold: to length, sand, finish; nothing is ripped or planed', () => {
    const found = quantities([part({ quantity: 4 })])
    expect(found).toMatchObject({ measure: 4, crosscut: 4, 'mark-square': 4 })
    expect(Object.keys(found)).not.toEqual(expect.arrayContaining(['rip']))
    // Both faces of four boards of 600 × 145 mm.
    expect(found['sand-flat']).toBeCloseTo(2 * 4 * 0.6 * 0.145, 3)
  })
  test('a width nobody sells is ripped, metre for metre', () =>
    expect(quantities([part({ quantity: 3, lengthMm: 1000, widthMm: 120 })]).rip).toBeCloseTo(3, 6))
  test('wider than any board: strips with straight edges, glued up and levelled', () => {
    const found = quantities([part({ lengthMm: 1200, widthMm: 560 })])
    // 560 mm takes three boards, planed ones ending at 245; each has two edges of 1.2 m.
    expect(found).toMatchObject({ crosscut: 3, 'glue-up-panel': 1, 'straighten-edge': 7.2 })
    expect(found['flatten-panel']).toBeCloseTo(1.2 * 0.56, 6)
  })
  test('timber of the user’s country: metric sections, or nominal ones for inches; a 2 × 4 stays a 2 × 4', () => {
    const material = (change: Partial<Part>, units: 'metric' | 'imperial') =>
      derive(library, [part(change)], { units }).timber[0]?.material
    expect([
      material({}, 'metric'),
      material({ widthMm: 139.7, thicknessMm: 19.05 }, 'imperial'),
      material({ widthMm: 88.9, thicknessMm: 38.1 }, 'metric')
    ]).toEqual(['softwood-board', 'nominal-1x6', 'nominal-2x4'])
  })
  test('rough hardwood is flattened, brought to thickness, given an edge and ripped', () => {
    const found = quantities([
      part({ stock: 'hardwood-rough', lengthMm: 1000, widthMm: 150, quantity: 2 })
    ])
    expect(found).toMatchObject({ flatten: 0.3, thickness: 0.3, 'straighten-edge': 2, rip: 2 })
  })
  test('rough hardwood is bought thicker, with its waste: 20 mm out of 25.4', () => {
    const [line] = derive(library, [
      part({ stock: 'hardwood-rough', lengthMm: 1000, widthMm: 150, quantity: 2 })
    ]).timber
    expect(line?.quantity).toBeCloseTo(0.3 * 0.0254 * 1.35, 3)
    expect(line?.boardFeet).toBeCloseTo((0.3 * 0.02) / 2.359737e-3, 4)
  })
  test('sheets: whole ones are counted, long cuts are sheet work', () => {
    const derived = derive(library, [
      part({
        stock: 'sheet',
        thicknessMm: 18,
        lengthMm: 1200,
        widthMm: 600,
        quantity: 4,
        grain: false
      })
    ])
    expect(derived.timber).toMatchObject([{ material: 'plywood-18', quantity: 1 }])
    expect(derived.steps.map(({ operation }) => operation)).toEqual(
      expect.arrayContaining(['break-down-sheet'])
    )
  })
  test('joints bring their operations, their fixings and a glue-up', () => {
    const derived = derive(library, [
      part({ quantity: 2, joints: [{ joint: 'pocket', count: 4 }] }),
      part({ id: 'p2', lengthMm: 800, quantity: 2, joints: [{ joint: 'dado', count: 2 }] })
    ])
    const found = Object.fromEntries(
      derived.steps.map(({ operation, quantity }) => [operation, quantity])
    )
    // Two housings across 145 mm on each of two parts.
    expect(found).toMatchObject({ 'join-pocket': 8, 'cut-dado': 0.58, 'glue-up-case': 1 })
    expect(derived.materials.map(({ material }) => material)).toEqual(
      expect.arrayContaining(['pocket-screws', 'glue', 'oil'])
    )
  })
  test('clamps span the shelves of a bookcase, not its sides', () => {
    const derived = derive(library, [
      part({
        stock: 'sheet',
        thicknessMm: 18,
        lengthMm: 1800,
        widthMm: 300,
        quantity: 2,
        joints: [{ joint: 'dado', count: 5 }]
      }),
      part({ id: 'p2', stock: 'sheet', thicknessMm: 18, lengthMm: 764, widthMm: 280, quantity: 5 })
    ])
    expect(
      derived.steps.find(({ operation }) => operation === 'glue-up-case')?.stock.lengthMm
    ).toBe(764)
  })
  test('edges all round, long or front', () => {
    const edge = (run: 'all' | 'long' | 'front') =>
      quantities([part({ edges: { work: 'profile', run }, lengthMm: 1000, widthMm: 200 })])[
        'profile-edge'
      ]
    expect([edge('all'), edge('long'), edge('front')]).toEqual([2.4, 2, 1])
  })
  test('what is larger than its sheet and what nobody sells is said, by the part’s name', () => {
    const codes = derive(library, [
      part({ name: 'Top', stock: 'sheet', thicknessMm: 18, lengthMm: 2600, widthMm: 600 }),
      part({ id: 'p2', name: 'Odd', stock: 'sheet', thicknessMm: 40 })
    ]).notes.map(({ code, figures }) => [code, figures.part])
    expect(codes).toEqual(
      expect.arrayContaining([
        ['cut.larger-than-sheet', 'Top'],
        ['cut.no-material', 'Odd']
      ])
    )
  })
  test('every step derived is one the library can do', () => {
    const all = derive(
      library,
      (['sheet', 'softwood', 'hardwood-rough', 'hardwood-surfaced'] as const).map((stock, i) =>
        part({
          id: `p${i}`,
          stock,
          widthMm: 400,
          thicknessMm: 18,
          edges: { work: 'band', run: 'all' },
          joints: [{ joint: 'dovetail', count: 2 }]
        })
      )
    )
    for (const { operation } of all.steps) expect(library.operations.has(operation)).toBe(true)
    for (const { material } of all.materials) expect(library.materials.has(material)).toBe(true)
  })
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { fromFullSheets } from '../../tests/helpers/sheets'
import {
  boardFeet,
  dressedSize,
  nest,
  nestOnShelves,
  roughThicknessFor,
  surfacedThicknessMm,
  type Layout,
  type NestPart
} from '.'

const inch = 25.4

describe('timber sizes', () => {
  test('a board foot is 144 cubic inches, 2.359737e-3 m³ (definition)', () => {
    expect(boardFeet(12 * inch, 12 * inch, inch)).toBeCloseTo(1, 12)
    expect(1e9 / boardFeet(1e9, 1, 1) / 1e9).toBeCloseTo(2.359737e-3, 9)
    // Thickness × width × length in feet, over 12, in inches: a 2 × 6 of 8 ft nominal holds 8 board feet.
    expect(boardFeet(8 * 12 * inch, 6 * inch, 2 * inch)).toBeCloseTo(8, 9)
  })
  test.each([
    ['1x2', 3 / 4, 1.5],
    ['1x4', 3 / 4, 3.5],
    ['1x6', 3 / 4, 5.5],
    ['1x8', 3 / 4, 7.25],
    ['1x10', 3 / 4, 9.25],
    ['2x4', 1.5, 3.5],
    ['2x6', 1.5, 5.5],
    ['2x8', 1.5, 7.25],
    ['2x12', 1.5, 11.25],
    ['4x4', 3.5, 3.5]
  ])(
    'nominal %s is really %d × %d in (American Softwood Lumber Standard PS 20, values from memory)',
    (nominal, thick, wide) => {
      expect(dressedSize(nominal)?.thicknessMm).toBeCloseTo(thick * inch, 9)
      expect(dressedSize(nominal)?.widthMm).toBeCloseTo(wide * inch, 9)
      const sold = library.data.materials.find((material) => material.nominal === nominal)
      if (sold)
        expect([sold.stock?.thicknessMm, sold.stock?.widthMm]).toEqual([
          expect.closeTo(thick * inch, 6),
          expect.closeTo(wide * inch, 6)
        ])
    }
  )
  test('a size the standard does not have is not made up', () =>
    expect([dressedSize('5x7'), dressedSize('oak')]).toEqual([undefined, undefined]))
  test.each([
    [4, 13 / 16],
    [5, 1 + 1 / 16],
    [6, 1 + 5 / 16],
    [8, 1.75]
  ])(
    '%d/4 hardwood surfaced two sides keeps %d in (NHLA rules, values from memory)',
    (quarters, inches) => expect(surfacedThicknessMm(quarters)).toBeCloseTo(inches * inch, 9)
  )
  test('20 mm comes out of 4/4, 22 mm needs 5/4', () =>
    expect([roughThicknessFor(20), roughThicknessFor(22)]).toEqual([25.4, 31.75]))
})

const overlap = (
  a: Layout['sheets'][number]['placements'][number],
  b: typeof a,
  gap: number
): boolean =>
  a.x < b.x + b.lengthMm + gap - 1e-6 &&
  b.x < a.x + a.lengthMm + gap - 1e-6 &&
  a.y < b.y + b.widthMm + gap - 1e-6 &&
  b.y < a.y + a.widthMm + gap - 1e-6

/** Whether every piece can be cut free by straight cuts from edge to edge: looked for by splitting again and again. */
function guillotine(list: Layout['sheets'][number]['placements']): boolean {
  if (list.length <= 1) return true
  for (const axis of ['x', 'y'] as const) {
    const end = axis === 'x' ? 'lengthMm' : 'widthMm'
    for (const edge of new Set(list.map((one) => one[axis] + one[end]))) {
      const before = list.filter((one) => one[axis] + one[end] <= edge + 1e-6)
      const after = list.filter((one) => one[axis] >= edge - 1e-6)
      if (
        before.length > 0 &&
        after.length > 0 &&
        before.length + after.length === list.length &&
        guillotine(before) &&
        guillotine(after)
      )
        return true
    }
  }
  return false
}

describe('parts on sheets', () => {
  const sheet = { lengthMm: 2440, widthMm: 1220 }
  const part = fc.record({
    lengthMm: fc.integer({ min: 50, max: 2600 }),
    widthMm: fc.integer({ min: 50, max: 1300 }),
    quantity: fc.integer({ min: 1, max: 4 }),
    canTurn: fc.boolean()
  })
  const parts = fc
    .array(part, { maxLength: 14 })
    .map((list) => list.map((one, i): NestPart => ({ ...one, id: `p${i}` })))

  test('each part lies on a sheet, in its size, apart by the kerf, turned only when it may be, all cut free from edge to edge', () => {
    fc.assert(
      fc.property(parts, fc.integer({ min: 0, max: 5 }), (list, kerfMm) => {
        const layout = nest(list, sheet, { kerfMm, trials: 10 })
        const placed = layout.sheets.flatMap(({ placements }) => placements)
        for (const one of list)
          expect(placed.filter(({ part: id }) => id === one.id).length).toBe(
            layout.tooLarge.includes(one.id) ? 0 : one.quantity
          )
        for (const { placements } of layout.sheets) {
          placements.forEach((a, i) => {
            const asked = list.find(({ id }) => id === a.part)
            expect(a.turned ? [a.widthMm, a.lengthMm] : [a.lengthMm, a.widthMm]).toEqual([
              asked?.lengthMm,
              asked?.widthMm
            ])
            expect(a.turned && !asked?.canTurn).toBe(false)
            expect(
              a.x >= 0 &&
                a.y >= 0 &&
                a.x + a.lengthMm <= sheet.lengthMm + 1e-6 &&
                a.y + a.widthMm <= sheet.widthMm + 1e-6
            ).toBe(true)
            for (const b of placements.slice(i + 1)) expect(overlap(a, b, kerfMm)).toBe(false)
          })
          expect(guillotine(placements)).toBe(true)
        }
      }),
      { numRuns: 60 }
    )
  })
  test('never more sheets than shelves by first-fit decreasing', () => {
    fc.assert(
      fc.property(parts, (list) =>
        expect(nest(list, sheet, { trials: 0 }).sheets.length).toBeLessThanOrEqual(
          nestOnShelves(list, sheet).sheets.length
        )
      ),
      { numRuns: 80 }
    )
  })
  test('the shelves themselves are sound: nothing overlaps, nothing is left out', () => {
    fc.assert(
      fc.property(parts, (list) => {
        const layout = nestOnShelves(list, sheet)
        for (const { placements } of layout.sheets)
          placements.forEach((a, i) => {
            for (const b of placements.slice(i + 1)) expect(overlap(a, b, 3)).toBe(false)
          })
        expect(layout.sheets.flatMap(({ placements }) => placements).length).toBe(
          list.reduce((sum, one) => sum + (layout.tooLarge.includes(one.id) ? 0 : one.quantity), 0)
        )
      }),
      { numRuns: 60 }
    )
  })
  test.each([101, 102, 103, 104, 105, 106, 107, 108, 109, 110])(
    'at most one sheet above the known least, parts sawn from full sheets, seed %d',
    (seed) => {
      const sheets = 2 + (seed % 4)
      expect(
        nest(fromFullSheets(seed, sheets, sheet, 3), sheet, { kerfMm: 3, seed }).sheets.length
      ).toBeLessThanOrEqual(sheets + 1)
    }
  )
  test('same seed, same layout', () => {
    const list = fromFullSheets(7, 3, sheet, 3)
    expect(nest(list, sheet, { seed: 5 })).toEqual(nest(list, sheet, { seed: 5 }))
  })
  test('a part larger than the sheet is named, the others are laid out', () => {
    const layout = nest(
      [
        { id: 'wide', lengthMm: 2600, widthMm: 300, quantity: 1, canTurn: true },
        { id: 'fine', lengthMm: 600, widthMm: 300, quantity: 2, canTurn: false }
      ],
      sheet
    )
    expect([layout.tooLarge, layout.sheets[0]?.placements.length]).toEqual([['wide'], 2])
  })
})

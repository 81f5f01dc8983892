import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { JOINTS, STOCK_KINDS, type Joint, type StockKind } from '../catalogue'
import { derive, jointOperation, stripsOf, type Part } from '.'

/** What holds of every cut list, whatever is in it. */
const part: fc.Arbitrary<Part> = fc
  .record({
    stock: fc.constantFrom<StockKind>(...STOCK_KINDS),
    quantity: fc.integer({ min: 1, max: 6 }),
    lengthMm: fc.integer({ min: 60, max: 2000 }),
    widthMm: fc.integer({ min: 30, max: 900 }),
    joints: fc.array(
      fc.record({
        joint: fc.constantFrom<Joint>(...JOINTS),
        count: fc.integer({ min: 1, max: 6 })
      }),
      { maxLength: 2 }
    ),
    edges: fc.option(
      fc.record({
        work: fc.constantFrom<'profile' | 'band'>('profile', 'band'),
        run: fc.constantFrom<'all' | 'long' | 'front'>('all', 'long', 'front')
      }),
      { nil: undefined }
    )
  })
  .map(({ edges, ...one }) => ({
    ...one,
    id: 'p',
    name: 'Part',
    thicknessMm: one.stock === 'sheet' ? 18 : 20,
    grain: one.stock !== 'sheet',
    ...(edges ? { edges } : {})
  }))
const lists = fc
  .array(part, { minLength: 1, maxLength: 8 })
  .map((parts) => parts.map((one, i): Part => ({ ...one, id: `p${i}` })))
const quantityOf = (parts: readonly Part[], operation: string): number =>
  derive(library, parts)
    .steps.filter((step) => step.operation === operation)
    .reduce((sum, { quantity }) => sum + quantity, 0)

describe('what is derived from any cut list', () => {
  test('only operations and materials the library knows, all of them more than nothing, in working order', () => {
    fc.assert(
      fc.property(lists, (parts) => {
        const { steps, materials } = derive(library, parts)
        const orders = steps.map(({ operation }) => library.operations.get(operation)?.order ?? NaN)
        expect(orders).toEqual([...orders].sort((a, b) => a - b))
        for (const { quantity } of steps) expect(quantity).toBeGreaterThan(0)
        for (const { material, quantity } of materials)
          expect([library.materials.has(material), quantity > 0]).toEqual([true, true])
        expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
      }),
      { numRuns: 60 }
    )
  })
  test('every piece is measured once, and both its faces are sanded', () => {
    fc.assert(
      fc.property(lists, (parts) => {
        expect(quantityOf(parts, 'measure')).toBe(
          parts.reduce((sum, { quantity }) => sum + quantity, 0)
        )
        const faces = parts.reduce(
          (sum, { quantity, lengthMm, widthMm }) => sum + (2 * quantity * lengthMm * widthMm) / 1e6,
          0
        )
        expect(quantityOf(parts, 'sand-flat')).toBeCloseTo(faces, 2)
      }),
      { numRuns: 60 }
    )
  })
  test('each joint with an operation of its own brings it', () => {
    fc.assert(
      fc.property(lists, (parts) => {
        for (const { joints } of parts)
          for (const { joint } of joints) {
            const operation = jointOperation(joint)
            if (operation !== undefined)
              expect([joint, quantityOf(parts, operation) > 0]).toEqual([joint, true])
          }
      }),
      { numRuns: 60 }
    )
  })
  test('twice the pieces, twice the work on boards; timber never less than what is in the parts', () => {
    fc.assert(
      fc.property(lists, (parts) => {
        const boards = parts.filter(({ stock }) => stock !== 'sheet')
        const twice = boards.map((one) => ({ ...one, quantity: one.quantity * 2 }))
        for (const operation of ['rip', 'flatten', 'glue-up-panel', 'profile-edge'])
          expect(quantityOf(twice, operation)).toBeCloseTo(2 * quantityOf(boards, operation), 2)
        for (const { material, quantity, volumeM3, areaM2 } of derive(library, parts).timber) {
          const stock = library.materials.get(material)?.stock
          const unit = library.materials.get(material)?.unit
          if (unit === 'm3') expect(quantity).toBeGreaterThanOrEqual(volumeM3 - 1e-3)
          if (unit === 'sheet' && stock?.lengthMm && stock.widthMm)
            expect(quantity * stock.lengthMm * stock.widthMm).toBeGreaterThanOrEqual(
              0.999 * (areaM2 - areaOfTooLarge(parts)) * 1e6
            )
        }
      }),
      { numRuns: 60 }
    )
  })
  test('a part is glued up from no strip wider than a board, and no more strips than it takes', () => {
    fc.assert(
      fc.property(part, (one) => {
        const { count, widthMm } = stripsOf(one)
        expect(count * widthMm).toBeCloseTo(one.widthMm, 6)
        if (one.stock === 'sheet') expect(count).toBe(1)
        else if (count > 1) expect(one.widthMm / (count - 1)).toBeGreaterThan(150)
      })
    )
  })
})

/** Sheet parts no sheet holds, m²: they are named, not laid out. */
const areaOfTooLarge = (parts: readonly Part[]): number =>
  parts
    .filter(
      ({ stock, lengthMm, widthMm }) =>
        stock === 'sheet' &&
        !((lengthMm <= 2440 && widthMm <= 1220) || (lengthMm <= 1220 && widthMm <= 2440))
    )
    .reduce(
      (sum, { quantity, lengthMm, widthMm }) => sum + (quantity * lengthMm * widthMm) / 1e6,
      0
    )

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { build } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import {
  batchOf,
  batchesOf,
  daysUntilSold,
  type Sale,
  togetherOf,
  buildFromTemplate,
  jigBuild,
  jigBuildId,
  materialCost,
  materialPrice,
  worthOf,
  type MaterialPricing
} from '.'

const pricing: MaterialPricing = { library, minorPer100Points: 10_000, own: [] }

describe('batches', () => {
  test.each([
    [1, undefined, 1],
    [10, undefined, 1],
    [10, 5, 2],
    [10, 4, 3],
    [10, 99, 1],
    [10, 1, 10]
  ])('%d copies, %s together: %d', (copies, batchSize, batches) => {
    expect(
      batchesOf(build('bird-box', { copies, ...(batchSize === undefined ? {} : { batchSize }) }))
    ).toBe(batches)
  })
  test.each([
    [2, undefined, 2],
    [12, undefined, 4],
    [12, 6, 6],
    // Never into more than eight batches by itself.
    [100, undefined, 13],
    [100_000, undefined, 12_500]
  ])('for sale, %d copies, %s said: %d at a time', (copies, batchSize, many) => {
    const sold = build('bird-box', { copies, sale: { netEach: 1, daysToSell: 1 } })
    expect(togetherOf({ ...sold, batchSize })).toBe(many)
  })
  test('an order is made whole, and a batch of a plan as it stands there', () => {
    const sale = { netEach: 1, daysToSell: 0 }
    expect(
      togetherOf(build('bird-box', { copies: 12, sale: { ...sale, due: '2026-09-01' } }))
    ).toBe(12)
    expect(batchesOf(batchOf(build('bird-box', { copies: 24, sale }), 6))).toBe(1)
  })
})

describe('until the money of a batch has come', () => {
  const sold = (copies: number, change: Partial<Sale> = {}) =>
    daysUntilSold({ copies, sale: { netEach: 5000, daysToSell: 10, ...change } })
  const known = [{ price: 5000, perMonth: 3, days: 10 }]
  test('as said for all of it; with buyers said one piece waits for the other, on average half of that', () => {
    expect(sold(4)).toBe(10)
    expect(sold(1, { known })).toBe(10)
    // The fourth is sold three gaps of 10.14 days after the first.
    expect(sold(4, { known })).toBe(10 + 15)
    expect(sold(4, { known: [{ price: 5000, perMonth: 0, days: 10 }] })).toBe(10)
  })
  test('what is said of another outlet does not count; an order is paid at once; what is kept, never', () => {
    expect(sold(4, { known: [{ ...known[0]!, outlet: 'o' }] })).toBe(10)
    expect(sold(4, { known, due: '2026-09-01', daysToSell: 0 })).toBe(0)
    expect(daysUntilSold({ copies: 4 })).toBe(0)
  })
})

describe('material', () => {
  test('an own price replaces the typical one', () => {
    expect(materialPrice(pricing, 'glue')).toEqual({ price: 600, typical: true })
    expect(materialPrice({ ...pricing, own: [{ material: 'glue', price: 450 }] }, 'glue')).toEqual({
      price: 450,
      typical: false
    })
  })
  test('is rounded line by line, for all copies together', () => {
    const one = {
      ...build('bird-box'),
      materials: [
        { material: 'glue', quantity: 0.333 },
        { material: 'brads', quantity: 0.333 }
      ]
    }
    expect(materialCost(pricing, one)).toBe(
      Math.floor(600 * 0.333 + 0.5) + Math.floor(400 * 0.333 + 0.5)
    )
    expect(materialCost(pricing, { ...one, copies: 3 })).toBe(
      Math.floor(600 * 0.999 + 0.5) + Math.floor(400 * 0.999 + 0.5)
    )
  })
  test('more copies never cost less', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...library.data.templates.map(({ id }) => id)),
        fc.integer({ min: 1, max: 50 }),
        (id, copies) => {
          expect(materialCost(pricing, build(id, { copies: copies + 1 }))).toBeGreaterThanOrEqual(
            materialCost(pricing, build(id, { copies }))
          )
        }
      )
    )
  })
})

describe('worth', () => {
  test('is the net sale, else what the user says, else the ready-made price', () => {
    const points = library.templates.get('step-stool')?.readyMadePoints ?? 0
    expect(worthOf(pricing, build('step-stool', { copies: 2 }))).toBe(points * 100 * 2)
    expect(worthOf(pricing, build('step-stool', { copies: 2, worthEach: 1234 }))).toBe(2468)
    expect(
      worthOf(
        pricing,
        build('step-stool', { copies: 2, worthEach: 1234, sale: { netEach: 3000, daysToSell: 5 } })
      )
    ).toBe(6000)
  })
  test('a build of one’s own without a figure is worth nothing yet', () => {
    expect(worthOf(pricing, { id: 'b', name: 'b', copies: 1, steps: [], materials: [] })).toBe(0)
  })
})

describe('builds from templates', () => {
  test('copy the steps, so that the library may change', () => {
    const template = library.templates.get('bird-box')
    if (!template) throw new Error('no template')
    expect(buildFromTemplate(template, 'mine', 'Mine', 3)).toMatchObject({
      id: 'mine',
      name: 'Mine',
      copies: 3,
      template: 'bird-box',
      steps: template.steps
    })
  })
  test('a jig’s build is derived from its id; pieces and nonsense are not', () => {
    expect(jigBuild(library, jigBuildId('jig-bench-hook'))).toMatchObject({
      id: 'make/jig-bench-hook',
      yields: 'bench-hook'
    })
    expect(jigBuild(library, jigBuildId('bird-box'))).toBeUndefined()
    expect(jigBuild(library, 'bird-box')).toBeUndefined()
    expect(jigBuild(library, 'make/nothing')).toBeUndefined()
  })
})

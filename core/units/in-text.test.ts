import { describe, expect, test } from '@jest/globals'
import { sizesIn } from '.'

/** Sizes of the American trade (common practice): what the same tool or sheet is sold as there. */
describe('sizes in text as people who use inches call them', () => {
  test.each([
    ['Circular saw, 185 mm', 'Circular saw, 7 1/4 in'],
    ['Sliding mitre saw, 254 mm', 'Sliding mitre saw, 10 in'],
    ['Sliding mitre saw, 305 mm', 'Sliding mitre saw, 12 in'],
    ['Plunge router, 12.7 mm', 'Plunge router, 1/2 in'],
    ['Router bits, 6.35 mm shank', 'Router bits, 1/4 in shank'],
    ['F-clamp, 600 mm', 'F-clamp, 24 in'],
    ['Pipe clamp, 900 mm', 'Pipe clamp, 36 in'],
    ['Tape measure, 5 m', 'Tape measure, 16 ft'],
    ['Plywood, 18 mm, whole sheet', 'Plywood, 3/4 in, whole sheet'],
    ['Random-orbital sander, 125 mm', 'Random-orbital sander, 5 in'],
    ['Screw length by stock: 32 mm for 19 mm', 'Screw length by stock: 1 1/4 in for 3/4 in']
  ])('%s → %s', (metric, inches) => {
    expect(sizesIn(metric, 'imperial')).toBe(inches)
    expect(sizesIn(metric, 'metric')).toBe(metric)
  })
  test('sizes before one unit stay together; small ones are told in thousandths', () => {
    expect(sizesIn('75 × 533 mm belts', 'imperial')).toBe('3 × 21 in belts')
    expect(sizesIn('3, 25 and 38 mm', 'imperial')).toBe('1/8, 1 and 1 1/2 in')
    expect(sizesIn('flat within 0.1 mm', 'imperial')).toBe('flat within 0.004 in')
  })
  test.each([
    'about 10 m² once',
    '1000 m³ an hour',
    '2.5 mm² for 16 A',
    '5 m/s',
    '30 mA',
    '18 V, 40 min',
    'No. 5 made'
  ])('leaves alone what is no length: %s', (text) => {
    expect(sizesIn(text, 'imperial')).toBe(text)
  })
})

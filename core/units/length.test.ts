import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { MM_PER_INCH, inchText, parseLength, parseLengths } from '.'

describe('inches', () => {
  test.each([
    [38.1, '1 1/2'],
    [76.2, '3'],
    [19.05, '3/4'],
    [0.79375, '1/32'],
    [31.75, '1 1/4'],
    [88.9, '3 1/2'],
    [0, '0']
  ])('%d mm is %s in', (mm, text) => {
    expect(inchText(mm)).toBe(text)
  })
  test('what is written can be read again, to 1/32 in', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 32 * 120 }), (parts) => {
        const mm = (parts / 32) * MM_PER_INCH
        const read = parseLength(inchText(mm), 'imperial')
        expect(read.ok && Math.abs(read.value - mm) < 1e-9).toBe(true)
      })
    )
  })
})

describe('lengths as people say them', () => {
  test.each([
    ['450', 'metric', 450],
    ['45 cm', 'metric', 450],
    ['1,2 m', 'metric', 1200],
    ['1.2m', 'imperial', 1200],
    ['23 1/2', 'imperial', 596.9],
    ['1-1/2 in', 'imperial', 38.1],
    ['3/4"', 'metric', 19.05],
    ['6 ft', 'metric', 1828.8],
    [`2' 6 1/2"`, 'metric', 774.7],
    ['12', 'imperial', 304.8]
  ] as const)('%s (%s)', (text, system, mm) => {
    const read = parseLength(text, system)
    expect(read.ok ? Math.round(read.value * 100) / 100 : read).toBe(mm)
  })
  test.each(['', 'long', '1/0', '-5', '0', '12 furlongs', '1 2 3'])('%s is refused', (text) => {
    expect(parseLength(text, 'metric').ok).toBe(false)
  })
})

test('several sizes at once: empty ones are left out, each that is no length is named', () => {
  expect(
    parseLengths(
      { depthMm: '2 1/4 in', bladeMm: ' ', jawMm: '190' },
      ['depthMm', 'bladeMm', 'jawMm'],
      'metric'
    )
  ).toEqual({ ok: true, value: { depthMm: 57.15, jawMm: 190 } })
  const bad = parseLengths({ depthMm: 'deep', jawMm: '-3' }, ['depthMm', 'jawMm'], 'metric')
  expect(bad.ok ? [] : bad.issues.map(({ path }) => path)).toEqual([['depthMm'], ['jawMm']])
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { MM_PER_INCH, inchText, parseCount, parseLength, parseLengths, parseNumber } from '.'

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
    ['12', 'imperial', 304.8],
    ['1,200 m', 'metric', 1200],
    ['1.125 in', 'imperial', 28.58],
    ['1,234.5 mm', 'metric', 1234.5]
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

test('a mark before three digits is asked about where both readings are lengths of wood', () => {
  for (const text of ['1,200 mm', '1.200 mm', '1,200', '1,500 cm']) {
    const read = parseLength(text, 'metric')
    expect(read.ok ? text : read.issues[0]?.code).toBe('length.ambiguous')
  }
})

describe('plain figures', () => {
  test.each([
    ['12', 12],
    ['12,5', 12.5],
    ['0,125', 0.125],
    ['1.234,5', 1234.5],
    ['1 234.5', 1234.5],
    ['1,234,567', 1234567],
    ['−3', -3],
    ['(3)', -3],
    ['3-', -3]
  ])('%s is %d', (text, value) => expect(parseNumber(text)).toEqual({ ok: true, value }))
  test.each([
    ['', 'number.not-a-number'],
    ['1.2.3', 'number.not-a-number'],
    ['12.', 'number.not-a-number'],
    ['five', 'number.not-a-number'],
    ['1,234', 'number.ambiguous']
  ])('"%s" is refused: %s', (text, code) => {
    const read = parseNumber(text)
    expect(read.ok ? read.value : read.issues[0]?.code).toBe(code)
  })
  test('any figure written out by the language can be read again, in the notation of any of these countries', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -9_999_999, max: 9_999_999 }),
        fc.constantFrom('en-US', 'de-DE', 'fr-FR', 'de-CH', 'sv-SE', 'en-IN'),
        (hundredths, locale) => {
          const written = (hundredths / 100).toLocaleString(locale, { minimumFractionDigits: 2 })
          expect([locale, parseNumber(written)]).toEqual([
            locale,
            { ok: true, value: hundredths / 100 }
          ])
        }
      )
    )
  })
  test('numbers of things are whole', () => {
    expect(parseCount('1,200')).toEqual({ ok: true, value: 1200 })
    expect([
      parseCount('0').ok,
      parseCount('1.5').ok,
      parseCount('-2').ok,
      parseCount('0', 0).ok
    ]).toEqual([false, false, false, true])
  })
})

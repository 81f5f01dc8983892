import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  LARGEST_AMOUNT,
  checkAmount,
  exponentOf,
  foreignCurrency,
  parseAmount,
  roundHalfUp,
  timesRatio
} from '.'

describe('amounts as people type them', () => {
  test.each([
    ['12', 'EUR', 1200],
    ['12.5', 'EUR', 1250],
    ['12,50', 'EUR', 1250],
    ['1.234,50', 'EUR', 123450],
    ['1,234.50', 'USD', 123450],
    ['1 234', 'EUR', 123400],
    ['€ 8.90', 'EUR', 890],
    ['8.90 €', 'EUR', 890],
    ['.5', 'GBP', 50],
    ['-3', 'EUR', -300],
    ['−12', 'EUR', -1200],
    ['(12.00)', 'EUR', -1200],
    ['12-', 'EUR', -1200],
    ['12,34,567.50', 'EUR', 123456750],
    ['kr 1 200', 'SEK', 120000],
    ['1,234', 'EUR', 123400],
    ['500', 'JPY', 500],
    ['1.234', 'KWD', 1234]
  ])('%s in %s is %d minor units', (text, currency, minor) => {
    expect(parseAmount(text, currency)).toEqual({ ok: true, value: minor })
  })
  test.each([
    ['', 'money.not-a-number'],
    ['twelve', 'money.not-a-number'],
    ['0.125', 'money.fraction'],
    ['12k', 'money.not-a-number'],
    ['12.34.56', 'money.not-a-number'],
    ['-(3)', 'money.not-a-number'],
    ['1.2345', 'money.fraction'],
    ['12.555', 'ok'],
    ['9999999999999', 'money.too-large']
  ])('%s: %s', (text, code) => {
    const read = parseAmount(text, 'EUR')
    expect(read.ok ? 'ok' : read.issues[0]?.code).toBe(code)
  })
  test('decimals beyond the currency are refused, not rounded away', () => {
    expect(parseAmount('10.5', 'JPY').ok).toBe(false)
  })
})

/** ISO 4217, list one, column "minor unit" (from memory). */
describe('exponents of ISO 4217', () => {
  test.each('BIF CLP DJF GNF ISK JPY KMF KRW PYG RWF UGX VND VUV XAF XOF XPF'.split(' '))(
    '%s has no minor unit',
    (currency) => expect(exponentOf(currency)).toBe(0)
  )
  test.each('BHD IQD JOD KWD LYD OMR TND'.split(' '))('%s has thousandths', (currency) =>
    expect(exponentOf(currency)).toBe(3)
  )
  test.each('EUR USD GBP CHF SEK INR'.split(' '))('%s has hundredths', (currency) =>
    expect(exponentOf(currency)).toBe(2)
  )
})

describe('an amount of another currency is refused, since nothing is converted in silence', () => {
  test.each([
    ['12 USD', 'EUR', 'USD'],
    ['usd 12', 'EUR', 'USD'],
    ['£12', 'EUR', '£'],
    ['€12', 'GBP', '€'],
    ['$ 12', 'EUR', '$'],
    ['¥12', 'USD', '¥']
  ])('%s where %s is paid', (text, own, found) => {
    const read = parseAmount(text, own)
    expect(read.ok ? [] : read.issues).toMatchObject([
      { code: 'money.other-currency', figures: { found, expected: own } }
    ])
  })
  test.each([
    ['$12', 'USD'],
    ['$12', 'CAD'],
    ['$12', 'AUD'],
    ['$12', 'NZD'],
    ['¥12', 'JPY'],
    ['¥12', 'CNY'],
    ['£12', 'GBP'],
    ['12 EUR', 'EUR'],
    ['12 kr', 'SEK'],
    ['twelve', 'EUR']
  ])('%s may stand where %s is paid', (text, own) =>
    expect(foreignCurrency(text, own)).toBeUndefined()
  )
  test('letters without a figure are no amount of anything', () => {
    const read = parseAmount('usd', 'EUR')
    expect(read.ok ? '' : read.issues[0]?.code).toBe('money.not-a-number')
  })
})

test.each(['12k', '3 m', '2 mio', '1 mn', '5 bn', '7 tsd', '12 t'])(
  '%s is asked for in figures',
  (text) => {
    const read = parseAmount(text, 'EUR')
    expect(read.ok ? '' : read.issues).toMatchObject([
      { code: 'money.not-a-number', figures: { text } }
    ])
  }
)

test('the largest amount is one thousand million at two decimals, of either sign', () => {
  expect([checkAmount(LARGEST_AMOUNT), checkAmount(-LARGEST_AMOUNT)]).toEqual([
    { ok: true, value: 100_000_000_000 },
    { ok: true, value: -100_000_000_000 }
  ])
  expect(
    [LARGEST_AMOUNT + 1, -LARGEST_AMOUNT - 1, 0.5].map((value) => checkAmount(value, ['price']))
  ).toMatchObject(
    ['money.too-large', 'money.too-large', 'money.fraction'].map((code) => ({
      ok: false,
      issues: [{ code, path: ['price'] }]
    }))
  )
})

test('what is no amount is a fault of the program, not a figure', () => {
  expect(() => timesRatio(100, Infinity)).toThrow('an amount of Infinity')
  expect(() => timesRatio(Number.NaN, 1)).toThrow('an amount of NaN')
})

test('what is refused names the text and the figure', () => {
  const found = (text: string): unknown => {
    const read = parseAmount(text, 'EUR')
    return read.ok ? read.value : read.issues
  }
  expect(['1€5', '12 k', '0.125'].map(found)).toEqual([
    [{ code: 'money.not-a-number', path: [], figures: { text: '1€5' } }],
    [{ code: 'money.not-a-number', path: [], figures: { text: '12 k' } }],
    [{ code: 'money.fraction', path: [], figures: { value: '0.125' } }]
  ])
  expect([checkAmount(1.5), checkAmount(LARGEST_AMOUNT + 1)]).toEqual([
    { ok: false, issues: [{ code: 'money.fraction', path: [], figures: { value: 1.5 } }] },
    {
      ok: false,
      issues: [{ code: 'money.too-large', path: [], figures: { value: 100_000_000_001 } }]
    }
  ])
})

test.each([
  ['-  12', -1200],
  ['€ - 12', -1200],
  ['(  12.00)', -1200],
  ['− 3,50 €', -350]
])('a sign may stand apart: %s', (text, minor) =>
  expect(parseAmount(text, 'EUR')).toEqual({ ok: true, value: minor })
)

test('a negative zero is no amount', () => {
  expect(parseAmount('-0', 'EUR')).toEqual({ ok: true, value: 0 })
})

test('losses are rounded as gains are: half towards plus infinity', () => {
  expect([timesRatio(-100, 0.015), timesRatio(-100, 0.0151), timesRatio(-100, 1.005)]).toEqual([
    -1, -2, -100
  ])
})

test('rounding is half up, also where binary fractions fall short of the half', () => {
  expect([roundHalfUp(0.5), roundHalfUp(1.5), roundHalfUp(-0.5), roundHalfUp(2.4999)]).toEqual([
    1, 2, 0, 2
  ])
  expect(timesRatio(100, 1.005)).toBe(101)
  expect(timesRatio(1000, 0.0725)).toBe(73)
})

test('a product is never further than half a minor unit from the exact one', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 10_000_000 }),
      fc.integer({ min: 0, max: 10_000 }),
      (amount, basisPoints) => {
        const exact = amount * basisPoints
        expect(
          Math.abs(timesRatio(amount, basisPoints / 10_000) * 10_000 - exact)
        ).toBeLessThanOrEqual(5000)
      }
    )
  )
})

test('fractions and absurd amounts are refused', () => {
  expect(checkAmount(1.5).ok).toBe(false)
  expect(checkAmount(Number.NaN).ok).toBe(false)
  expect(checkAmount(1e15).ok).toBe(false)
})

/** Ways amounts are written by banks, tills and people of several countries (common practice). */
describe('signs, words and marks are read right, or asked about', () => {
  test.each([
    ['\u221240,00', 'EUR', -4000],
    ['\u20135', 'EUR', -500],
    ['(25,00)', 'EUR', -2500],
    ['7,50-', 'EUR', -750],
    ['5 DR', 'EUR', -500],
    ['5,00 Cr.', 'EUR', 500],
    ['kr. 50', 'SEK', 5000],
    ['kr.50', 'NOK', 5000],
    ['Fr. 50', 'CHF', 5000],
    ['Rs. 50', 'INR', 5000],
    ['Rs.50', 'INR', 5000],
    ['50,-', 'NOK', 5000],
    ['US$ 12', 'USD', 1200],
    ['0.123', 'BHD', 123]
  ])('%s (%s)', (text, currency, minor) =>
    expect(parseAmount(text, currency)).toEqual({ ok: true, value: minor })
  )
  test.each([
    ['0.123', 'EUR'],
    ['0,500', 'EUR'],
    ['1.2.3', 'EUR'],
    ['1..5', 'EUR'],
    ['-5 DR', 'EUR'],
    ['5 H', 'EUR'],
    ['5 Soll', 'EUR'],
    ['DR 5', 'EUR'],
    ['EUR.50', 'EUR'],
    ['5 debit', 'EUR']
  ])('%s is refused', (text, currency) => expect(parseAmount(text, currency).ok).toBe(false))
})

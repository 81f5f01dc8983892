import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { checkAmount, exponentOf, parseAmount, roundHalfUp, timesRatio } from '.'

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

test('exponents of ISO 4217', () => {
  expect([exponentOf('EUR'), exponentOf('JPY'), exponentOf('KWD'), exponentOf('ISK')]).toEqual([
    2, 0, 3, 0
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

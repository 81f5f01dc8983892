import { describe, expect, test } from '@jest/globals'
import type { Result } from '../kernel'
import { dayOrNone, movedAmount, paidAmount, pastDay } from '.'

const codes = (result: Result<unknown>): unknown =>
  result.ok ? result.value : result.issues.map(({ code }) => code)

describe('what is typed into a form of the ledger', () => {
  test.each([
    ['2026-05-04', '2026-05-04'],
    ['2026-05-05', ['ledger.future']],
    ['2026-02-30', ['day.does-not-exist']],
    ['', ['day.format']]
  ])('a day that has been: %s', (text, found) => {
    expect(codes(pastDay(text, '2026-05-04'))).toEqual(found)
  })
  test('a day that may be left open', () => {
    expect([dayOrNone(''), dayOrNone(' '), dayOrNone('2031-01-01')].map(codes)).toEqual([
      undefined,
      undefined,
      '2031-01-01'
    ])
    expect(dayOrNone('soon').ok).toBe(false)
  })
  test.each([
    ['12.50', 1250, 1250],
    ['0', 0, ['ledger.zero']],
    ['-3', ['money.negative'], ['money.negative']]
  ])('an amount: %s', (text, paid, moved) => {
    expect([codes(paidAmount(text, 'EUR')), codes(movedAmount(text, 'EUR'))]).toEqual([paid, moved])
  })
  test('what is no amount is refused by both for the same reason', () => {
    expect(codes(paidAmount('a lot', 'EUR'))).toEqual(codes(movedAmount('a lot', 'EUR')))
    expect(paidAmount('a lot', 'EUR').ok).toBe(false)
  })
})

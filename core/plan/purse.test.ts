import { describe, expect, test } from '@jest/globals'
import { TODAY, funds } from '../../tests/helpers/workspaces'
import { FIND, QUOTE, bought, broken, planOf, there } from '../../tests/helpers/find'
import type { World } from '../workspace'
import { evaluate } from '.'

describe('the purse day by day', () => {
  test('spent, kept back and left, to the cent: 2 × 10.00 and 12 % of them kept for repairs', () => {
    const world = there()
    const report = evaluate(world, planOf(world, bought({ count: 2, price: 2000 })))
    expect(report.broken).toEqual([])
    expect(report.spent).toBe(2000)
    expect(report.movements).toEqual([
      { kind: 'kept', date: '2026-06-01', amount: -240, path: ['purchases', 0] },
      { kind: 'payment', date: '2026-06-01', amount: -2000, path: ['purchases', 0] }
    ])
    expect(report.balances).toEqual([
      { date: TODAY, balance: 10_000 },
      { date: '2026-06-01', balance: 7760 }
    ])
    // On average it costs what is paid and what is kept.
    const { keptMoneyWorth } = world.workspace.money
    expect(report.value.payments).toBeCloseTo(-keptMoneyWorth * 2240, 6)
  })
  test('too little is said once for each low stretch, at its lowest day and the last payment before it', () => {
    const world = there({
      ...funds(1000, 0),
      money: {
        ...funds(1000, 0).money,
        reserve: 100,
        oneOffs: [{ id: 'o', date: '2026-06-20', amount: 5000, text: 'x' }]
      },
      quotes: [QUOTE],
      offers: [{ ...FIND, condition: 'new' }]
    })
    // 10.00 − 10.00 = 0 on the 1st, −10.00 on the 10th; 40.00 from the 20th, 0 again on 1 July.
    const issues = broken(
      world,
      bought(),
      bought({ id: 'p2', date: '2026-06-10' }),
      bought({ id: 'p3', date: '2026-07-01', count: 4, price: 4000 })
    )
    const low = (at: number, on: string, balance: number) => ({
      code: 'plan.below-reserve',
      path: ['purchases', at],
      figures: { on, date: on, balance, reserve: 100, short: 100 - balance }
    })
    expect(issues).toEqual([low(1, '2026-06-10', -1000), low(2, '2026-07-01', 0)])
    // Exactly the reserve is enough.
    const enough = there({
      ...funds(1100, 0),
      money: { ...funds(1100, 0).money, reserve: 100 },
      offers: [{ ...FIND, condition: 'new' }]
    })
    expect(broken(enough, bought())).toEqual([])
  })
  test('a purse that is low before anything is paid is not the plan’s doing', () => {
    const poor = there({ ...funds(50, 0), money: { ...funds(50, 0).money, reserve: 100 } })
    expect(broken(poor)).toEqual([])
  })
  test('the cap: as much as it allows may be paid, one cent more not', () => {
    const capped = (cap: number) =>
      there({ money: { ...funds(0, 0).money, cap }, offers: [{ ...FIND, condition: 'new' }] })
    expect(broken(capped(1000), bought())).toEqual([])
    expect(broken(capped(999), bought())).toEqual([
      { code: 'plan.over-cap', path: [], figures: { spent: 1000, cap: 999 } }
    ])
  })
  test('what is bought keeps some of its worth, what is hired goes back', () => {
    const resale = (world: World) => evaluate(world, planOf(world, bought())).value.resale
    const hired = there({
      offers: [{ ...FIND, acquisition: 'hire', from: TODAY, until: '2026-07-01' }],
      quotes: [{ ...QUOTE, seller: 'hire-depot' }]
    })
    expect(resale(there())).toBeGreaterThan(0)
    // The last day to buy a find is not the last day it is there.
    expect(resale(there({ offers: [{ ...FIND, until: '2026-05-31' }] }))).toBe(resale(there()))
    expect(resale(hired)).toBe(0)
  })
})

import { describe, expect, test } from '@jest/globals'
import { TODAY, build, funds, item, items, worldWith } from '../../tests/helpers/workspaces'
import { type Plan } from '../workspace'
import { evaluate, possibleAfter } from '.'
import { makePlan } from '../search'
import { owned, base, ground, world, plan, codes } from '../../tests/helpers/ground-plan'

test('the ground plan breaks no rule and buys a drill with its protection', () => {
  expect(codes(plan)).toEqual([])
  expect(plan.purchases.map(({ offer }) => offer.split('/')[0])).toEqual(
    expect.arrayContaining(['drill-driver', 'drill-bits', 'safety-glasses'])
  )
  expect(plan.builds.map(({ build: id }) => id)).toEqual(
    expect.arrayContaining(['bird-box', 'shed-door'])
  )
})

describe('money of a plan', () => {
  test('balances add up to the cent: opening plus receipts less all payments', () => {
    const { balances, spent } = evaluate(world, plan)
    const received = world.receipts.reduce((sum, { amount }) => sum + amount, 0)
    expect(balances.at(-1)?.balance).toBe(world.balance + received - spent)
    expect(spent).toBe(
      plan.purchases.reduce((sum, { price }) => sum + price, 0) +
        plan.builds.reduce((sum, { material }) => sum + material, 0)
    )
  })
  test('a sold build brings its reinvested share after the days it takes to sell', () => {
    const sold = ground({
      builds: [
        build('garage-shelves', {
          steps: [{ id: 's1', operation: 'measure', quantity: 20, stock: {} }],
          materials: [],
          sale: { netEach: 10_000, daysToSell: 20 }
        })
      ],
      items: [...owned, item('sawhorses')],
      money: { ...base.money, reinvestShare: 0.25 }
    })
    const made = makePlan(sold)
    if (made.kind !== 'planned') throw new Error(made.kind)
    const before = evaluate(
      {
        ...sold,
        workspace: { ...sold.workspace, money: { ...sold.workspace.money, reinvestShare: 0 } }
      },
      made.plan
    ).balances.at(-1)
    expect((made.report.balances.at(-1)?.balance ?? 0) - (before?.balance ?? 0)).toBe(2500)
  })
  test('discounting: a build worth 100 done in a year counts 100 / 1.3 at the default impatience', () => {
    const late = worldWith({
      ...funds(0, 0),
      builds: [
        {
          ...build('garage-shelves'),
          steps: [{ id: 's1', operation: 'measure', quantity: 1, stock: {} }],
          materials: [],
          worthEach: 10_000,
          wish: 'pays'
        }
      ],
      items: items('tape'),
      horizon: { start: TODAY, length: 'month', count: 14 }
    })
    const work = [{ stage: '2027-05-04', minutes: 3 }]
    const yearOn: Plan = {
      ...plan,
      workspace: { id: 'ws-test', hash: '' },
      purchases: [],
      builds: [
        {
          build: 'garage-shelves',
          begin: '2027-05-04',
          done: '2027-05-04',
          work,
          methods: { s1: 'measure/tape' },
          material: 0
        }
      ]
    }
    expect(evaluate(late, yearOn).broken).toEqual([])
    expect(evaluate(late, yearOn).value.builds).toBeCloseTo(10_000 / 1.3, 6)
  })
})

test('what can be built grows with the plan', () => {
  const nothing = { ...plan, purchases: [], builds: [] }
  expect(possibleAfter(world, nothing, world.asOf)).toEqual([])
  expect(possibleAfter(world, plan, world.until)).toEqual(['bird-box', 'shed-door'])
})

import { describe, expect, test } from '@jest/globals'
import { TODAY } from '../../tests/helpers/workspaces'
import { FIND, QUOTE, bought, broken, planOf, there } from '../../tests/helpers/find'
import type { Issue } from '../kernel'
import type { Plan, PlannedPurchase, Workspace } from '../workspace'
import { evaluate } from '.'

const UNTIL = there().until

describe('rules of one purchase, with the place and the figures of each', () => {
  test('what keeps every rule is not complained of, on the first day and on the last', () => {
    for (const date of [TODAY, '2026-06-01', UNTIL])
      expect(broken(there(), bought({ date }))).toEqual([])
  })
  test.each<[string, Partial<PlannedPurchase>, Partial<Workspace>, Partial<Issue>]>([
    [
      'banned',
      {},
      { bans: [{ kind: 'tool', id: 'hand-drill' }] },
      { code: 'plan.banned', path: ['purchases', 0], figures: { tool: 'hand-drill' } }
    ],
    [
      'not slept on',
      { date: '2026-05-31' },
      { needTests: [{ tool: 'hand-drill', reason: 'x', until: '2026-06-01' }] as never },
      {
        code: 'plan.not-slept-on',
        path: ['purchases', 0],
        figures: { tool: 'hand-drill', date: '2026-05-31', until: '2026-06-01' }
      }
    ],
    [
      'another price',
      { price: 900 },
      {},
      {
        code: 'plan.price-differs',
        path: ['purchases', 0, 'price'],
        figures: { tool: 'hand-drill', planned: 900, price: 1000 }
      }
    ],
    [
      'nobody sells it',
      { offer: 'nothing/weekend/new/buy/hand' },
      {},
      {
        code: 'plan.unknown-offer',
        path: ['purchases', 0, 'offer'],
        figures: { id: 'nothing/weekend/new/buy/hand' }
      }
    ],
    [
      'no price',
      {},
      { quotes: [] },
      { code: 'plan.no-price', path: ['purchases', 0, 'offer'], figures: { id: 'my/find' } }
    ],
    [
      'before today',
      { date: '2026-05-03' },
      {},
      {
        code: 'plan.date-outside',
        path: ['purchases', 0, 'date'],
        figures: { date: '2026-05-03', from: TODAY, until: UNTIL }
      }
    ],
    [
      'no day',
      { date: '2026-02-30' },
      {},
      {
        code: 'day.does-not-exist',
        path: ['purchases', 0, 'date'],
        figures: { text: '2026-02-30' }
      }
    ],
    [
      'half a piece',
      { count: 1.5, price: 1500 },
      {},
      { code: 'plan.count', path: ['purchases', 0, 'count'], figures: { count: 1.5 } }
    ],
    [
      'no piece',
      { count: 0, price: 0 },
      {},
      { code: 'plan.count', path: ['purchases', 0, 'count'], figures: { count: 0 } }
    ]
  ])('%s', (_, change, workspace, expected) => {
    expect(broken(there(workspace), bought(change))).toEqual([expected])
  })
  test('what was slept on may be bought from that day on; another tool’s promise does not matter', () => {
    const promised = (tool: string): Partial<Workspace> => ({
      needTests: [{ tool, reason: 'x', until: '2026-06-01' }] as never
    })
    expect(broken(there(promised('hand-drill')), bought({ date: '2026-06-01' }))).toEqual([])
    expect(broken(there(promised('lathe')), bought({ date: '2026-05-10' }))).toEqual([])
    expect(broken(there({ bans: [{ kind: 'tool', id: 'lathe' }] }), bought())).toEqual([])
    expect(broken(there({ bans: [{ kind: 'method', id: 'hand-drill' }] }), bought())).toEqual([])
  })
  test('an offer that stands for some days is bought on those days, the first and the last among them', () => {
    const days = there({ offers: [{ ...FIND, from: '2026-06-01', until: '2026-06-05' }] })
    const out = (date: string) => broken(days, bought({ date }))
    const refused = (date: string) => [
      {
        code: 'plan.offer-not-then',
        path: ['purchases', 0],
        figures: { tool: 'hand-drill', date }
      }
    ]
    expect([out('2026-05-31'), out('2026-06-06')]).toEqual([
      refused('2026-05-31'),
      refused('2026-06-06')
    ])
    expect([out('2026-06-01'), out('2026-06-05')]).toEqual([[], []])
    const begins = there({ offers: [{ ...FIND, from: '2026-06-01' }] })
    expect(broken(begins, bought({ date: '2026-06-06' }))).toEqual([])
  })
  test('what there is one of is bought once; of other things several, on several days', () => {
    const single = there({ offers: [{ ...FIND, single: true }] })
    const twice = [bought(), bought({ id: 'p2', date: '2026-07-01' })]
    expect(broken(single, ...twice)).toEqual([
      { code: 'plan.only-one', path: ['purchases', 0], figures: { tool: 'hand-drill', count: 1 } }
    ])
    expect(broken(single, bought({ count: 2, price: 2000 }))).toEqual([
      { code: 'plan.only-one', path: ['purchases', 0], figures: { tool: 'hand-drill', count: 2 } }
    ])
    expect(broken(there(), ...twice)).toEqual([])
    expect(broken(single, bought())).toEqual([])
  })
  test('two purchases do not go by one name', () => {
    expect(broken(there(), bought(), bought({ date: '2026-07-01' }))).toEqual([
      { code: 'plan.duplicate-id', path: ['purchases', 1], figures: { id: 'p1' } }
    ])
  })
})

describe('pins, repeats, notes', () => {
  const pinned = (count: number, date = '2026-06-01') =>
    there({ pins: [{ offer: 'my/find', count, date }] })
  test('a pin is kept by as many of that offer on that day, in one purchase or several', () => {
    const not = (date: string) => [
      { code: 'plan.pin-not-kept', path: ['pins', 0], figures: { offer: 'my/find', date } }
    ]
    expect(broken(pinned(1), bought())).toEqual([])
    expect(broken(pinned(2), bought({ count: 2, price: 2000 }))).toEqual([])
    expect(broken(pinned(2), bought(), bought({ id: 'p2' }))).toEqual([])
    expect(broken(pinned(2), bought({ count: 3, price: 3000 }))).toEqual([])
    expect(broken(pinned(2), bought())).toEqual(not('2026-06-01'))
    expect(broken(pinned(1, '2026-06-02'), bought())).toEqual(not('2026-06-02'))
    const other = there({
      offers: [FIND, { ...FIND, id: 'my/other' }],
      quotes: [QUOTE, { ...QUOTE, id: 'q2', offer: 'my/other' }],
      pins: [{ offer: 'my/find', count: 1, date: '2026-06-01' }]
    })
    expect(broken(other, bought({ offer: 'my/other' }))).toEqual(not('2026-06-01'))
  })
  test('a plan of another workspace, of an older state, made with another library: said, with what', () => {
    const world = there()
    const plan = planOf(world)
    expect(evaluate(world, plan).notes).toEqual([])
    expect(evaluate(world, { ...plan, workspace: { id: 'x', hash: 'y' } }).notes).toEqual([
      { code: 'plan.other-workspace', path: ['workspace', 'id'], figures: { id: 'x' } }
    ])
    expect(evaluate(world, { ...plan, workspace: { ...plan.workspace, hash: 'y' } }).notes).toEqual(
      [{ code: 'plan.older-state', path: ['workspace', 'hash'], figures: {} }]
    )
    expect(evaluate(world, { ...plan, libraryVersion: '1' }).notes).toEqual([
      {
        code: 'plan.other-library',
        path: ['libraryVersion'],
        figures: { made: '1', now: world.library.version }
      }
    ])
  })
})

describe('deals a plan counts on', () => {
  /** Buy one, get the cheaper one free: of two at 10.00 one is free. */
  const dealt = () =>
    there({
      deals: [{ id: 'd', name: 'd', buy: 1, free: 1, tools: ['hand-drill'] }],
      offers: [{ ...FIND, condition: 'new' }]
    } as never)
  const two = bought({ count: 2, price: 2000 })
  const withSavings = (savings: Plan['savings']) => {
    const world = dealt()
    return evaluate(world, { ...planOf(world, two), savings })
  }
  test('what the deal takes off is 10.00, on that day and once', () => {
    const right = { deal: 'd', date: '2026-06-01', amount: 1000 }
    const good = withSavings([right])
    expect(good.broken).toEqual([])
    // 20.00 paid, 10.00 off.
    expect(good.spent).toBe(1000)
    const wrong = (index: number, date: string, planned: number, price: number, deal = 'd') => ({
      code: 'plan.saving-differs',
      path: ['savings', index],
      figures: { deal, planned, price, date }
    })
    expect(withSavings([{ ...right, amount: 900 }]).broken).toEqual([
      wrong(0, '2026-06-01', 900, 1000)
    ])
    expect(withSavings([right, right]).broken).toEqual([wrong(1, '2026-06-01', 1000, 0)])
    expect(withSavings([{ ...right, date: '2026-06-02' }]).broken).toEqual([
      wrong(0, '2026-06-02', 1000, 0)
    ])
    expect(withSavings([{ ...right, deal: 'e' }]).broken).toEqual([
      wrong(0, '2026-06-01', 1000, 0, 'e')
    ])
    expect(withSavings([]).broken).toEqual([])
  })
})

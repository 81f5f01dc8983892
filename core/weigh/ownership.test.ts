import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { worldWith } from '../../tests/helpers/workspaces'
import {
  conditionPrice,
  repairReserve,
  resaleShare,
  tierPrice,
  timeFactor,
  type Condition,
  type Tier,
  type Tool
} from '../catalogue'
import { lifeHours, ownershipOptions } from '.'
import { consumablesPerHour } from '../fit'

const HOUR = 900
const world = worldWith({
  money: { ...worldWith().workspace.money, minorPer100Points: 10_000, hourValue: HOUR }
})
const tool = (id: string): Tool => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}

/** The same cost by living through it: an hour at a time, buying again whenever the tool in hand is worn out. */
function livedThrough(of: Tool, tier: Tier, condition: Condition, hours: number): number {
  const points = of.forms[0]?.points ?? 0
  const price = Math.floor(
    (10_000 * points * tierPrice(of, tier) * conditionPrice(condition)) / 100 + 0.5
  )
  const life = lifeHours(of, tier, condition)
  let paid = price + price * repairReserve(condition)
  let left = life
  for (let hour = 0; hour < hours; hour++) {
    if (left < 1e-9) {
      paid += price + price * repairReserve(condition)
      left = life
    }
    left -= 1
    paid += consumablesPerHour(world, of) + (timeFactor(tier, condition) - 1) * HOUR
  }
  const worn = Number.isFinite(life) ? left / life : 1
  return paid - price * resaleShare(of, tier, condition) * worn
}

describe('cost of ownership', () => {
  test.each([
    ['drill-driver', 'weekend', 'new'],
    ['drill-driver', 'get-by', 'new'],
    ['ro-sander', 'trade', 'used'],
    ['circular-saw', 'get-by', 'refurbished'],
    ['chisels', 'weekend', 'new']
  ] as const)(
    '%s, %s, %s: the formula is what living through it hour by hour comes to',
    (id, tier, condition) => {
      const of = tool(id)
      const option = ownershipOptions(world, of, of.forms[0]?.power ?? 'hand').find(
        (one) => one.id === `${tier}/${condition}`
      )
      for (const hours of [1, 10, 30, 59, 60, 61, 79, 80, 81, 160, 240, 333])
        expect(
          Math.abs((option?.cost(hours).total ?? NaN) - livedThrough(of, tier, condition, hours))
        ).toBeLessThan(1.5)
    }
  )
  test('getting by first and trading later is the first tool’s cost until it is worn out, and from then on the better one’s on top', () => {
    const options = ownershipOptions(world, tool('drill-driver'), 'cordless')
    const by =
      (id: string) =>
      (hours: number): number =>
        options.find((one) => one.id === id)?.cost(hours).total ?? NaN
    expect(by('get-by>trade')(80)).toBeCloseTo(by('get-by/new')(80), 6)
    expect(by('get-by>trade')(200)).toBeCloseTo(by('get-by/new')(80) + by('trade/new')(120), 6)
  })
  test('a day’s hire is a tenth of a new one and holds four hours; a depot hires out for a month at most, a neighbour lends for six days (common practice)', () => {
    const options = ownershipOptions(world, tool('drill-driver'), 'cordless')
    const hire = options.find(({ id }) => id === 'hire')
    // 100 points at 100.00 are 100.00: 10.00 a day.
    expect([hire?.cost(4).purchase, hire?.cost(4.5).purchase, hire?.upTo]).toEqual([
      1000, 2000, 120
    ])
    expect(options.find(({ id }) => id === 'borrow')?.upTo).toBe(24)
  })
  test('a price of one’s own to hire stands in place of the usual one', () => {
    const offer = {
      id: 'my/hire',
      tool: 'drill-driver',
      tier: 'trade' as const,
      condition: 'used' as const,
      acquisition: 'hire' as const,
      power: 'cordless' as const
    }
    const own = worldWith({
      offers: [offer],
      quotes: [{ id: 'q', offer: 'my/hire', date: '2026-05-01', price: 700, seller: 'hire-depot' }]
    })
    const hire = ownershipOptions(own, tool('drill-driver'), 'cordless').find(
      ({ id }) => id === 'hire'
    )
    expect([hire?.cost(1).purchase, hire?.typical]).toEqual([700, false])
  })
  test('discs are eaten by the hour: a set of 15 hours’ life costs a fifteenth of its price an hour', () => {
    const discs = tool('sanding-discs')
    const price = Math.floor((10_000 * (discs.forms[0]?.points ?? 0)) / 100 + 0.5)
    expect(consumablesPerHour(world, tool('ro-sander'))).toBeCloseTo(
      price / (discs.lifeHours?.weekend ?? NaN),
      6
    )
    expect(consumablesPerHour(world, tool('chisels'))).toBeGreaterThanOrEqual(0)
  })
})

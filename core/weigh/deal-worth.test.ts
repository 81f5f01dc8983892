import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { dealSaving, type Deal } from '../prices'
import { worldOf, type Plan } from '../workspace'
import { dealWorth } from '.'

const TODAY = '2026-05-04'
const CLAMP = 'f-clamp-600/weekend/new/buy/hand'
const deal: Deal = { id: 'd', name: 'Four for three', buy: 3, free: 1, tools: ['f-clamp-600'] }
const world = worldOf(
  {
    ...emptyWorkspace(),
    quotes: [{ id: 'q', offer: CLAMP, date: TODAY, price: 1000, seller: 'online' }]
  },
  library,
  TODAY
)
const plan = (...counts: number[]): Plan =>
  ({
    purchases: counts.map((count, i) => ({
      id: `${i}`,
      offer: CLAMP,
      count,
      date: `2026-05-${String(10 + i)}`,
      price: 1000 * count
    }))
  }) as unknown as Plan

describe('what a buy-several deal is worth, by the piece', () => {
  test('nothing of it is wanted: no bargain', () => {
    expect(dealWorth(world, deal, plan())).toMatchObject({ wanted: 0, gain: 0, saved: 0 })
  })
  test('five wanted of three and one: worth it for four of the five, one off; three more for two in the end', () => {
    const worth = dealWorth(world, deal, plan(5))
    expect(worth).toMatchObject({ wanted: 5, gain: 4, saved: 1000 })
    // Eight are paid with six: three more cost 30 and take one more off than before.
    expect(worth.more).toEqual({ pieces: 3, tool: 'f-clamp-600', costs: 2000 })
  })
  test('three wanted: the fourth comes for nothing', () => {
    const { more, saved } = dealWorth(world, deal, plan(3))
    expect([saved, more?.pieces]).toEqual([0, 1])
    expect(more?.costs).toBeLessThanOrEqual(0)
  })
  test('bought on days of their own they gain nothing yet; bought together the plan says when', () => {
    expect(dealWorth(world, deal, plan(2, 2)).planned).toBeUndefined()
    expect(dealWorth(world, deal, plan(4)).planned).toEqual({ date: '2026-05-10', saved: 1000 })
  })
  test('once a customer: eight pieces take one off, not two', () => {
    expect(dealWorth(world, { ...deal, most: 1 }, plan(8))).toMatchObject({
      wanted: 8,
      gain: 4,
      saved: 1000,
      more: undefined
    })
    expect(dealWorth(world, deal, plan(8)).saved).toBe(2000)
  })
})

test('a limited deal takes its dearest groups: of 9, 8, 7, 6, 5, 4 two for one, once: the 8', () => {
  expect(dealSaving({ buy: 1, free: 1, most: 1 }, [4, 5, 6, 7, 8, 9])).toBe(8)
  expect(dealSaving({ buy: 1, free: 1 }, [4, 5, 6, 7, 8, 9])).toBe(8 + 6 + 4)
})

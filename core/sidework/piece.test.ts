import { describe, expect, test } from '@jest/globals'
import { BESIDE_A_SAW, build, items, worldWith } from '../../tests/helpers/workspaces'
import { fitBuild, fitContext, kitOf } from '../fit'
import { buildMaterial } from '../workspace'
import { saleReckoning } from '.'

const KIT = [...BESIDE_A_SAW, 'circular-saw', 'flat-bits']
const sold = (netEach: number, change = {}) =>
  build('bird-box', { copies: 4, sale: { netEach, daysToSell: 20 }, ...change })
const world = worldWith({ items: items(...KIT), builds: [sold(2500)] })

describe('what one piece brings', () => {
  test('price less material, what is used up and services; by the hour over the minutes of one: worked by hand', () => {
    const made = saleReckoning(world, undefined, sold(2500))!
    const { planned } = made
    const fit = fitBuild(fitContext(world), kitOf(world.library, world.workspace.items), {
      ...sold(2500),
      batchSize: 4
    })
    expect(planned.inBatch).toBe(4)
    expect(planned.minutes).toBeCloseTo(fit.minutes / 4, 9)
    expect(planned.material).toBeCloseTo((buildMaterial(world, sold(2500)) + fit.spoilt) / 4, 9)
    expect(planned.margin).toBeCloseTo(
      2500 - planned.material - planned.consumables - planned.services,
      9
    )
    expect(planned.perHour).toBeCloseTo(planned.margin / (planned.minutes / 60), 9)
  })
  test('each coin more on the price is a coin more of margin: contribution, textbook cost accounting', () => {
    const [low, high] = [2500, 3500].map((net) => saleReckoning(world, undefined, sold(net))!)
    expect(high!.planned.margin - low!.planned.margin).toBeCloseTo(1000, 9)
    expect(high!.planned.minutes).toBe(low!.planned.minutes)
  })
  test('set-up is shared: together each takes no longer than by itself', () => {
    const { planned, single } = saleReckoning(world, undefined, sold(2500))!
    expect(planned.minutes).toBeLessThan(single.minutes)
    expect(planned.perHour!).toBeGreaterThan(single.perHour!)
  })
  test('too small to pay: a margin below nothing is shown, and no batch pays', () => {
    const { planned, paysFrom } = saleReckoning(world, undefined, sold(100))!
    expect(planned.margin).toBeLessThan(0)
    expect(paysFrom).toBeUndefined()
  })
  test('it pays from the first batch whose hour brings what is asked', () => {
    const { planned, single } = saleReckoning(world, undefined, sold(2500))!
    const asked = Math.round((planned.perHour! + single.perHour!) / 2)
    const { paysFrom } = saleReckoning(world, undefined, sold(2500, { hourValue: asked }))!
    expect(paysFrom).toBeGreaterThan(1)
    expect(paysFrom).toBeLessThanOrEqual(4)
    expect(saleReckoning(world, undefined, sold(2500, { hourValue: 1 }))!.paysFrom).toBe(1)
  })
  test('nothing is said of what is not sold, or cannot be made', () => {
    expect(saleReckoning(world, undefined, build('bird-box'))).toBeUndefined()
    expect(saleReckoning(worldWith(), undefined, sold(2500))).toBeUndefined()
  })
})

import { expect, test } from '@jest/globals'
import { TODAY, build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { makePlan } from '../search'
import { advisedWith } from '.'

/** Somebody who buys a sander for a chest, in a room so large. */
function sanderIn(lengthM: number, widthM: number) {
  const sander = 'ro-sander/weekend/new/buy/corded'
  const world = worldWith({
    ...funds(200_000, 0),
    builds: [build('blanket-chest', { copies: 2 })],
    items: items('tape', 'hammer', 'screwdrivers'),
    workshop: { volts: 230, comfort: {}, room: { lengthM, widthM } },
    pins: [{ offer: sander, count: 1, date: TODAY }]
  })
  const made = makePlan(world, { evaluations: 300 })
  if (made.kind !== 'planned') throw new Error(made.kind)
  const purchase = made.plan.purchases.find(({ offer }) => offer === sander)!
  return advisedWith(world, made.plan, purchase).find(({ dust }) => dust !== undefined)
}

test('what clears the air is announced with the machine that fills it, before it is there', () => {
  const small = sanderIn(2.5, 2)!
  expect(small.dust?.build).toBe('blanket-chest')
  // Above the strictest limit, 1 mg/m³ as a mean over eight hours (NIOSH, from memory).
  expect(small.dust!.from).toBeGreaterThan(1)
  expect(small.dust!.to).toBeLessThan(small.dust!.from)
  expect(small.date).toBe(TODAY)
})
test('in a hall there is nothing to announce', () => {
  expect(sanderIn(40, 20)).toBeUndefined()
})

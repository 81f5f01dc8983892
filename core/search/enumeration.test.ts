import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { Everything } from '../../tests/helpers/everything'
import { miniArbitrary } from '../../tests/helpers/mini'
import { makePlan } from '.'

test('the search finds at least what trying everything finds, to half a per cent', () => {
  const money = fc.record({
    opening: fc.integer({ min: 0, max: 8000 }),
    monthly: fc.integer({ min: 1000, max: 6000 }),
    reserve: fc.integer({ min: 0, max: 1000 }),
    minutesPerWeek: fc.integer({ min: 20, max: 200 })
  })
  let paying = 0
  for (const { world } of fc.sample(miniArbitrary(money, 2), { numRuns: 14, seed: 20_261_127 })) {
    const best = new Everything(world).run()
    const made = makePlan(world, { evaluations: 6000 })
    if (made.kind === 'clash') throw new Error('there are no pins')
    if (best > 0) paying++
    expect(made.report.value.total).toBeGreaterThanOrEqual(best * 0.995 - 1)
  }
  expect(paying).toBeGreaterThan(5)
})

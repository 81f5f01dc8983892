import { describe, expect, test } from '@jest/globals'
import { build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { must } from '../kernel'
import { findOffer } from '../prices'
import { comesTo } from '../plan'
import { makePlan } from '../search'
import { answering, differenceOf } from '.'

const world = worldWith({
  ...funds(60_000, 5000),
  builds: [build('bookcase'), build('planter')],
  items: items('tape', 'hammer', 'screwdrivers')
})
const outcome = makePlan(world, { evaluations: 4000 })
if (outcome.kind !== 'planned') throw new Error(outcome.kind)
const { plan } = outcome

describe('what would be without a purchase', () => {
  test('answers come as they are known: the loss first, then a tier up, then one down; earlier ones stay', () => {
    const saw = must(
      plan.purchases.find(({ offer }) => findOffer(world.pricing, offer)?.tier === 'weekend'),
      'a purchase of the tier between'
    )
    const [first, second, third, ...more] = [...answering(world, plan, saw)]
    expect(more).toEqual([])
    expect(first?.up ?? first?.down).toBeUndefined()
    expect(second).toEqual({ ...first, up: second?.up })
    expect(second?.up?.tier).toBe('trade')
    expect(third).toEqual({ ...second, down: third?.down })
    expect(third?.down?.tier).toBe('get-by')
  })
})

test.each([
  [-1, true],
  [-200, true],
  [-201, false],
  [300, false]
])(
  'of a plan worth 100 000 a change of %i counts as about the same: %p',
  (change, aboutTheSame) => {
    const comes = { ...comesTo(world, plan), value: 100_000 }
    expect(differenceOf(comes, { ...comes, value: 100_000 + change })).toMatchObject({
      value: change,
      aboutTheSame
    })
  }
)

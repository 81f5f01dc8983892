import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { build, demoWorld, items, worldWith } from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { entriesOf, kitWith, makeFitter } from '../fit'
import { buildValue, rank } from '.'

describe('the ranking', () => {
  test('a beginner sees sets that open something, never rows of zeros', () => {
    const { candidates } = rank(
      worldWith({
        builds: [build('bird-box', { copies: 4 }), build('step-stool')],
        items: items('tape')
      })
    )
    expect(candidates.length).toBeGreaterThanOrEqual(2)
    for (const candidate of candidates)
      expect(candidate.gain > 0 || candidate.minutesSaved > 0).toBe(true)
  })
  test('each figure is what the kit is worth with the set less without it', () => {
    const world = demoWorld('hive-yard')
    const fitter = makeFitter(world)
    for (const candidate of rank(world, fitter).candidates.slice(0, 5)) {
      const set = new Map(
        [candidate.lead, ...candidate.others].map((part) => [part.buyable.id, part])
      )
      const kit = kitWith(fitter.kit, entriesOf(set))
      const worth = (owned: typeof kit): number =>
        world.workspace.builds.reduce(
          (sum, one) => sum + buildValue(world, fitter.context, owned, one).net,
          0
        )
      expect(candidate.gain).toBe(worth(kit) - worth(fitter.kit))
      expect(candidate.cost).toBe(
        [candidate.lead, ...candidate.others].reduce(
          (sum, { buyable, count }) => sum + buyable.allIn * count,
          0
        )
      )
      expect(candidate.netGain).toBe(
        candidate.gain - Math.round(world.workspace.money.keptMoneyWorth * candidate.cost)
      )
    }
  })
  test('is ordered by what comes back per unit of money', () => {
    const ratios = rank(demoWorld('half-a-garage')).candidates.map(
      ({ backPerMoney }) => backPerMoney
    )
    expect(ratios).toEqual([...ratios].sort((a, b) => b - a))
  })
  test('a build nothing can make is named with the steps in its way', () => {
    const hopeless = {
      ...build('bird-box'),
      id: 'giant',
      steps: [
        { id: 's1', operation: 'crosscut', quantity: 1, stock: { widthMm: 9000, thicknessMm: 900 } }
      ]
    }
    expect(rank(worldWith({ builds: [hopeless], items: items('tape') })).hopeless).toEqual([
      { build: 'giant', steps: ['s1'] }
    ])
  })
  test('nothing to build, nothing to weigh', () => expect(rank(worldWith()).candidates).toEqual([]))
  test('no candidate costs less than nothing or is worth NaN (small random trades)', () => {
    fc.assert(
      fc.property(miniArbitrary(anyMoney), ({ world }) => {
        for (const { cost, gain, backPerMoney } of rank(world).candidates) {
          expect(cost).toBeGreaterThanOrEqual(0)
          expect(gain).toBeGreaterThanOrEqual(0)
          expect(Number.isNaN(backPerMoney)).toBe(false)
        }
      }),
      { numRuns: 30 }
    )
  })
})

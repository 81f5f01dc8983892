import { describe, expect, test } from '@jest/globals'
import { fitBuild, makeFitter } from '../../core/fit'
import type { Build } from '../../core/builds'
import { item, worldWith } from '../helpers/workspaces'
import { workedBuilds, type WorkedBuild } from './worked-builds'

const buildOf = ({ name, steps }: WorkedBuild): Build => ({
  id: 'worked',
  name,
  copies: 1,
  materials: [],
  steps: steps.map((step, i) => ({ id: `s${i + 1}`, stock: {}, ...step }))
})
const fitterOf = ({ owned, without = [] }: WorkedBuild) =>
  makeFitter(
    worldWith({
      items: owned.map((one) =>
        typeof one === 'string' ? item(one) : item(one[0], { count: one[1] })
      ),
      bans: without.map((id) => ({ kind: 'method', id }))
    })
  )

describe.each(workedBuilds.map((worked) => [worked.name, worked] as const))(
  '%s (common practice, worked by hand)',
  (_, worked) => {
    const fitter = fitterOf(worked)
    test('the gaps', () => {
      const { gaps } = fitBuild(fitter.context, fitter.kit, buildOf(worked))
      expect(gaps.map(({ step }) => step.operation)).toEqual(worked.gaps)
    })
    test('the cheapest way in', () => {
      const [way] = fitter.waysIn(buildOf(worked), undefined, 1)
      const bought = [...(way?.set.values() ?? [])]
        .map(({ buyable, count }): [string, number] => [buyable.entry.tool.id, count])
        .sort(([a], [b]) => (a < b ? -1 : 1))
      expect(bought).toEqual([...worked.wayIn].sort(([a], [b]) => (a < b ? -1 : 1)))
    })
  }
)

test('the post on the compact saw takes the work-around, and its time', () => {
  const worked = workedBuilds.find(({ name }) => name.includes('post'))
  if (!worked) throw new Error('the worked build is missing')
  const fitter = fitterOf(worked)
  const { steps } = fitBuild(fitter.context, fitter.kit, buildOf(worked))
  const [use] = steps[0]?.usable ?? []
  expect(use?.workArounds).toMatchObject([
    { spec: 'depthMm', has: 65, needs: 90, around: { how: 'two-sides' } }
  ])
  // 3 + 3 minutes to set up, and for each of two metres 0.5 to rip and 3 to turn it and rip again.
  expect(use?.minutes).toBeCloseTo(3 + 3 + 2 * (0.5 + 3), 6)
})

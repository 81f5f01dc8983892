import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TIERS } from '../catalogue'
import { REGRET_KINDS, change, type Verdict } from '../workspace'
import { lessonFor, regretCost, tierLessons, USUAL_REGRET } from '.'
import { worldWith } from '../../tests/helpers/workspaces'

const verdict = (item: string, more: Partial<Verdict> = {}): Verdict => ({
  id: `v-${item}`,
  item,
  tool: 'circular-saw',
  tier: 'get-by',
  condition: 'new',
  when: 'month',
  on: '2026-02-01',
  good: true,
  ...more
})

describe('what was said of like purchases', () => {
  test('is the mean of a beta distribution: one regret of one makes (1 + 1) / (1 + 4)', () => {
    const world = worldWith({ verdicts: [verdict('a', { good: false, regret: 'flimsy' })] })
    // Gelman et al., Bayesian Data Analysis, 3rd ed. (2013), §2.4: posterior mean (α + y) / (α + β + n), here α = 1, β = 3.
    expect(lessonFor(world, 'jigsaw')?.risk).toBe(0.4)
    expect(lessonFor(world, 'circular-saw')).toMatchObject({
      judged: 1,
      regretted: 1,
      risk: 0.4,
      kinds: ['flimsy'],
      tools: ['circular-saw']
    })
  })

  test('the newest of a thing counts, once', () => {
    const verdicts = [
      verdict('a', { good: false, regret: 'messy' }),
      verdict('a', { id: 'v-later', when: 'year', on: '2026-12-01' })
    ]
    expect(lessonFor(worldWith({ verdicts }), 'circular-saw')).toMatchObject({
      judged: 1,
      regretted: 0
    })
  })

  test('how it is made speaks against its tier, that it lies about does not', () => {
    const verdicts = [
      verdict('a', { good: false, regret: 'inaccurate' }),
      verdict('b', { good: false, regret: 'hardly-used', tier: 'trade' })
    ]
    expect([...tierLessons(worldWith({ verdicts }), 'circular-saw').keys()]).toEqual(['get-by'])
  })

  test('adds to the cost of having it only what is beyond the usual', () => {
    const lesson = { judged: 1, regretted: 1, risk: 0.4, kinds: [], tools: [] }
    expect(regretCost(lesson, 10_000, 4000)).toBe(900)
    expect(regretCost({ ...lesson, risk: 0.2 }, 10_000, 4000)).toBe(0)
  })

  test('switched off it says nothing', () => {
    const world = worldWith({ verdicts: [verdict('a', { good: false })] })
    const { workspace } = world
    const off = worldWith({
      verdicts: workspace.verdicts ?? [],
      preferences: { ...workspace.preferences, withoutVerdicts: true }
    })
    expect(lessonFor(off, 'circular-saw')).toBeUndefined()
    expect(tierLessons(off, 'circular-saw').size).toBe(0)
  })

  test('risk lies between never and always, nearer to one’s own the more was judged; other groups are left alone', () => {
    const some = fc.array(
      fc.record({
        item: fc.uuid(),
        tier: fc.constantFrom(...TIERS),
        regret: fc.option(fc.constantFrom(...REGRET_KINDS))
      }),
      { minLength: 1, maxLength: 12 }
    )
    fc.assert(
      fc.property(some, (list) => {
        const verdicts = list.map(({ item, tier, regret }) =>
          verdict(item, { tier, good: regret === null, ...(regret === null ? {} : { regret }) })
        )
        const world = worldWith({ verdicts })
        const lesson = lessonFor(world, 'circular-saw')
        const own = verdicts.filter(({ good }) => !good).length / verdicts.length
        expect(lesson?.risk).toBeGreaterThanOrEqual(Math.min(own, USUAL_REGRET) - 1e-12)
        expect(lesson?.risk).toBeLessThanOrEqual(Math.max(own, USUAL_REGRET) + 1e-12)
        expect(lessonFor(world, 'chisels')).toBeUndefined()
      })
    )
  })

  test('a verdict changes the list of verdicts and nothing else, and so no plan', () => {
    const { workspace } = worldWith({})
    const next = change.giveVerdict(workspace, verdict('a', { good: false, regret: 'flimsy' }))
    expect({ ...next, verdicts: undefined }).toEqual({ ...workspace, verdicts: undefined })
    expect(change.dropVerdict(next, 'v-a').verdicts).toEqual([])
  })
})

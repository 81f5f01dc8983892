import { describe, expect, test } from '@jest/globals'
import type { ItemHours } from '../hours'
import { change, type Verdict, type Workspace } from '../workspace'
import { askedNow, bringsNow, idleIn, useCosts } from '.'
import { build, item, items, worldWith } from '../../tests/helpers/workspaces'

const saw = item('circular-saw', { id: 'saw', cost: 9000, since: '2026-01-01' })
const at = (asOf: string, more: Partial<Workspace> = {}) =>
  worldWith({
    asOf,
    items: [saw],
    workshop: { ...worldWith({}).workspace.workshop, comfort: {} },
    ...more
  })
const verdict = (when: Verdict['when'], good = true): Verdict => ({
  id: `v-${when}`,
  item: 'saw',
  tool: 'circular-saw',
  tier: 'weekend',
  condition: 'new',
  when,
  on: '2026-02-01',
  good
})
const used = (minutes: number, times: number, last: string): ReadonlyMap<string, ItemHours> =>
  new Map([['saw', { minutes, builds: ['b'], times, last }]])

describe('a question after a month, a season and a year', () => {
  test.each([
    ['2026-01-30', []],
    ['2026-01-31', ['month']],
    ['2026-04-01', ['month']],
    ['2026-04-02', ['season']],
    ['2026-12-31', ['season']],
    ['2027-01-01', ['year']],
    // Two years on nobody is asked any more.
    ['2028-01-02', []]
  ])('on %s: %j', (asOf, asked) =>
    expect(askedNow(at(asOf)).map(({ when }) => when)).toEqual(asked)
  )
  test('answered, it is not asked again until the next', () => {
    expect(askedNow(at('2026-03-01', { verdicts: [verdict('month')] }))).toEqual([])
    expect(askedNow(at('2026-05-01', { verdicts: [verdict('month')] }))).toHaveLength(1)
  })
  test('not of what was there before, of blades, or of what protects nobody paid for', () =>
    expect(
      askedNow(
        at('2026-03-01', {
          items: [{ ...saw, cost: 0 }, item('saw-blade', { cost: 2000, since: '2026-01-01' })]
        })
      )
    ).toEqual([]))
  test('a verdict takes the place of the former of its time, and stays when the tool is sold', () => {
    const { workspace } = at('2026-03-01')
    const once = change.giveVerdict(change.giveVerdict(workspace, verdict('month')), {
      ...verdict('month', false),
      id: 'v2'
    })
    expect(once.verdicts?.map(({ id, good }) => [id, good])).toEqual([['v2', false]])
    const sold = change.sellItem(once, {
      item: 'saw',
      date: '2026-03-01',
      amount: 4000,
      id: 'e',
      name: 'Saw'
    })
    expect([sold.items, sold.verdicts?.length]).toEqual([[], 1])
    expect(change.dropVerdict(sold, 'v2').verdicts).toEqual([])
  })
})

describe('what a use has cost', () => {
  test('paid less what it would bring, by use and by hour', () => {
    const world = at('2026-06-01')
    const lost = 9000 - bringsNow(world, saw)
    // Ten hours in four pieces of work.
    expect(useCosts(world, used(600, 4, '2026-05-01'))[0]).toMatchObject({
      uses: 4,
      lost,
      perUse: Math.round(lost / 4),
      perHour: Math.round(lost / 10)
    })
    expect(useCosts(world, new Map())[0]).toMatchObject({
      uses: 0,
      perUse: undefined,
      perHour: undefined
    })
  })
})

describe('what lies idle', () => {
  const hand = items(
    'tape',
    'pull-saw',
    'bench-hook',
    'safety-glasses',
    'ear-muffs',
    'half-mask',
    'sawhorses'
  )
  test('half a year without use, from the day it came or was last used', () => {
    expect(idleIn(at('2026-06-29'), new Map())).toEqual([])
    expect(idleIn(at('2026-06-30'), new Map()).map(({ item: one }) => one.id)).toEqual(['saw'])
    expect(idleIn(at('2026-09-01'), used(60, 1, '2026-05-01'))).toEqual([])
    expect(idleIn(at('2026-11-01'), used(60, 1, '2026-05-01'))[0]?.last).toBe('2026-05-01')
  })
  /** The timber yard cuts to length as well. */
  const noCounter = [{ kind: 'method', id: 'crosscut/counter' }] as const
  test('with what it would bring, and what could not be made without it', () => {
    const crosscut = {
      ...build('step-stool'),
      id: 'b',
      steps: [
        { id: 's', operation: 'crosscut', quantity: 1, stock: { widthMm: 80, thicknessMm: 20 } }
      ]
    }
    const alone = items(
      'tape',
      'rafter-square',
      'safety-glasses',
      'ear-muffs',
      'half-mask',
      'sawhorses',
      'saw-blade',
      'f-clamp-300'
    )
    const [closes] = idleIn(
      at('2026-12-01', { items: [saw, ...alone], builds: [crosscut], bans: noCounter }),
      new Map()
    )
    expect(closes).toMatchObject({ brings: bringsNow(at('2026-12-01'), saw), closes: ['b'] })
    const [open] = idleIn(
      at('2026-12-01', { items: [saw, ...alone, ...hand], builds: [crosscut], bans: noCounter }),
      new Map()
    )
    expect(open?.closes).toEqual([])
  })
})

import { describe, expect, test } from '@jest/globals'
import { TODAY, worldWith } from '../../tests/helpers/workspaces'
import { addDays } from '../calendar'
import { checkWorkspace, writeWorkspace } from '../formats'
import type { Quote } from '../prices'
import { change, type Watch, type World } from '../workspace'
import { library } from '../../data'
import { dueIn, watchedIn } from '.'

const watch: Watch = {
  id: 'w',
  tool: 'jigsaw',
  tier: 'weekend',
  condition: 'used',
  power: 'corded',
  upTo: 3000,
  from: addDays(TODAY, -20)
}
const quote = (price: number, daysAgo: number, rest: Partial<Quote> = {}): Quote => ({
  id: `q${price}-${daysAgo}`,
  offer: 'jigsaw/weekend/used/buy/corded',
  date: addDays(TODAY, -daysAgo),
  price,
  seller: 'private',
  ...rest
})
const with_ = (quotes: readonly Quote[], its: Partial<Watch> = {}): World =>
  worldWith({ watches: [{ ...watch, ...its }], quotes })
const stateOf = (world: World): unknown => watchedIn(world)[0]?.state

describe('what is watched', () => {
  test('is met by a price at or below what was said, seen since, of its own kind', () => {
    expect(stateOf(with_([quote(3000, 2)]))).toBe('met')
    expect(stateOf(with_([quote(3001, 2)]))).toBe('waits')
    expect(stateOf(with_([quote(2000, 21)]))).toBe('look')
    expect(stateOf(with_([quote(2000, 2, { offer: 'jigsaw/weekend/new/buy/corded' })]))).toBe(
      'look'
    )
    expect(stateOf(with_([quote(2000, 2, { aside: true })]))).toBe('look')
    expect(stateOf(with_([quote(2000, 2, { until: addDays(TODAY, -1) })]))).toBe('waits')
  })
  test('asks to look again a week after the last look, by a price put in or by saying so', () => {
    const due = (its: Partial<Watch>): unknown => dueIn(with_([], its)).map(({ kind }) => kind)
    expect(due({ looked: addDays(TODAY, -6) })).toEqual([])
    expect(due({ looked: addDays(TODAY, -7) })).toEqual(['watch-look'])
    expect(due({ from: addDays(TODAY, -3) })).toEqual([])
    expect(dueIn(with_([quote(2500, 1)])).map(({ kind }) => kind)).toEqual(['watch-met'])
  })
  test('says nothing more once its last day has gone by', () => {
    const world = with_([quote(2500, 1)], { until: addDays(TODAY, -1) })
    expect([stateOf(world), dueIn(world)]).toEqual(['over', []])
  })
  test('is kept once for each kind, looked at, let go, and read back from a file', () => {
    const { workspace } = worldWith()
    const once = change.addWatch(change.addWatch(workspace, watch), {
      ...watch,
      id: 'x',
      upTo: 2500
    })
    expect(once.watches?.map(({ id }) => id)).toEqual(['x'])
    const looked = change.lookedFor(once, 'x', TODAY)
    expect(looked.watches?.[0]?.looked).toBe(TODAY)
    expect(change.removeWatch(looked, 'x').watches).toEqual([])
    const read = checkWorkspace(JSON.parse(writeWorkspace(looked)), library)
    expect(read.ok && read.value.watches).toEqual(looked.watches)
    const wrong = { ...looked, watches: [{ ...watch, tool: 'no-such-tool' }] }
    const refused = checkWorkspace(JSON.parse(writeWorkspace(wrong)), library)
    expect(refused.ok ? [] : refused.issues.map(({ path }) => path.join('.'))).toEqual([
      'watches.0.tool'
    ])
  })
})

import { describe, expect, test } from '@jest/globals'
import type { ItemHours } from '../hours'
import { change, type CareDone } from '../workspace'
import { careTasks, library } from '../../data'
import { careOf, doneWith } from '.'
import { item, worldWith } from '../../tests/helpers/workspaces'

const hours = (minutes: number): ReadonlyMap<string, ItemHours> =>
  new Map([['i', { minutes, builds: [], times: 1, last: '2026-05-01' }]])
const care = (
  tool: string,
  task: string,
  { since = '2026-05-01', minutes = 0, done = [] as CareDone[], asOf = '2026-05-04' } = {}
) =>
  careOf(
    worldWith({ items: [item(tool, { id: 'i', since })], upkeep: done, asOf }),
    careTasks,
    hours(minutes)
  ).find((one) => one.task.id === task)
const done = (task: string, on: string, atMinutes: number, id = on): CareDone => ({
  kind: 'care',
  id,
  item: 'i',
  task,
  on,
  atMinutes
})

describe('care is due', () => {
  test('by hours of use: chisels after four hours, soon from four fifths of them', () => {
    expect(care('chisels', 'sharpen', { minutes: 239 })?.state).toBe('soon')
    expect(care('chisels', 'sharpen', { minutes: 240 })?.state).toBe('due')
    expect(care('chisels', 'sharpen', { minutes: 190 })?.state).toBe('fine')
    expect(care('chisels', 'sharpen', { minutes: 240 })).toMatchObject({
      hours: 4,
      part: 1,
      day: undefined
    })
  })
  test('counted from the last time: sharpened at three hours, due again at seven', () => {
    const once = { done: [done('sharpen', '2026-05-02', 180)] }
    expect(care('chisels', 'sharpen', { minutes: 419, ...once })?.state).toBe('soon')
    expect(care('chisels', 'sharpen', { minutes: 420, ...once })?.state).toBe('due')
    // A log put right afterwards leaves no hours below none.
    expect(care('chisels', 'sharpen', { minutes: 60, ...once })?.hours).toBe(0)
  })
  test('by months, used or not: iron is waxed every four', () => {
    // Four months of 365/12 days are 122.
    expect(care('jointer', 'rust', { since: '2026-01-01', asOf: '2026-05-02' })?.state).toBe('soon')
    expect(care('jointer', 'rust', { since: '2026-01-01', asOf: '2026-05-03' })).toMatchObject({
      state: 'due',
      day: '2026-05-03'
    })
    const waxed = { since: '2020-01-01', done: [done('rust', '2026-04-01', 0)] }
    expect(care('jointer', 'rust', waxed)?.state).toBe('fine')
  })
  test('whichever comes first where both are said', () => {
    const lube = { since: '2026-01-01' }
    expect(care('table-saw', 'dry-lube', { ...lube, minutes: 25 * 60 })?.state).toBe('due')
    expect(care('table-saw', 'dry-lube', { ...lube, asOf: '2027-01-01' })?.state).toBe('due')
    expect(care('table-saw', 'dry-lube', { ...lube, minutes: 60 })?.state).toBe('fine')
  })
  test('the newest note counts, in whatever order they stand', () => {
    const notes = [done('sharpen', '2026-05-03', 200), done('sharpen', '2026-05-01', 60)]
    expect(care('chisels', 'sharpen', { minutes: 260, done: notes })?.hours).toBe(1)
  })
  test('who sharpens strops; taken out, it is due as before', () => {
    const chisels = item('chisels', { id: 'i' })
    expect(doneWith('sharpen', chisels, careTasks)).toEqual(['sharpen', 'strop'])
    expect(doneWith('strop', chisels, careTasks)).toEqual(['strop'])
    const { workspace } = worldWith({ items: [chisels] })
    const kept = change.addUpkeep(workspace, done('sharpen', '2026-05-02', 0))
    expect(change.removeUpkeep(kept, '2026-05-02').upkeep).toEqual([])
  })
  test('each task is of tools there are and says when', () => {
    for (const { tools, uses = [], everyHours, everyMonths } of careTasks) {
      for (const id of [...tools, ...uses]) expect([id, library.tools.has(id)]).toEqual([id, true])
      expect(everyHours ?? everyMonths).toBeGreaterThan(0)
    }
  })
})

import { describe, expect, test } from '@jest/globals'
import { addDays } from '../calendar'
import { TODAY, item, worldWith } from '../../tests/helpers/workspaces'
import { careAhead, careOf } from '.'

const plane = item('jack-plane', { id: 'plane', since: TODAY })
const world = worldWith({ items: [plane] })
const sharpen = { id: 'sharpen', tools: ['jack-plane'], everyHours: 4, minutes: 20 }
const oil = { id: 'rust', tools: ['jack-plane'], everyMonths: 2, minutes: 5 }
const use = (days: number, hours: number) => ({
  build: 'b',
  begin: addDays(TODAY, days - 7),
  done: addDays(TODAY, days),
  items: { plane: hours * 60 }
})

describe('care ahead', () => {
  test('by hours: due with the build that fills them, 1.5 + 2.5 of 4', () => {
    const care = careOf(world, [sharpen], new Map())
    const uses = [use(10, 1.5), use(20, 2), use(30, 0.5), use(40, 9)]
    expect(careAhead(world, care, uses)).toEqual([
      { item: 'plane', task: 'sharpen', on: addDays(TODAY, 30), minutes: 20 }
    ])
    expect(careAhead(world, care, [use(10, 3)])).toEqual([])
  })
  test('by months: about 61 days after it came; beyond the plan nothing is said', () => {
    const care = careOf(world, [oil], new Map())
    expect(careAhead(world, care, [])[0]?.on).toBe(addDays(TODAY, 61))
    const short = worldWith({
      items: [plane],
      horizon: { start: TODAY, length: 'month', count: 1 }
    })
    expect(careAhead(short, careOf(short, [oil], new Map()), [])).toEqual([])
  })
  test('what is due already stands on today', () => {
    const old = worldWith({ items: [{ ...plane, since: addDays(TODAY, -100) }] })
    expect(careAhead(old, careOf(old, [oil], new Map()), [])[0]?.on).toBe(TODAY)
  })
})

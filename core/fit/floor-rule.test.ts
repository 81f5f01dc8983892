import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { item, worldWith } from '../../tests/helpers/workspaces'
import type { FloorPlan } from '../workshop'
import { makePlan } from '../search'
import { floorRuleOf, roomFor, roomInUse } from '.'

const P = (xMm: number, yMm: number) => ({ xMm, yMm })
const drawn = (w: number, h: number): FloorPlan => ({
  outline: [P(0, 0), P(w, 0), P(w, h), P(0, h)],
  openings: [],
  outlets: [],
  things: [],
  stands: []
})
const tool = (id: string) => library.tools.get(id)!
const shop = (plan?: FloorPlan, floorM2?: number) => ({
  workshop: {
    volts: 230 as const,
    comfort: {},
    ...(plan ? { plan } : {}),
    ...(floorM2 === undefined ? {} : { floorM2 })
  }
})

describe('what the room holds', () => {
  test('nothing is said: no rule; square metres: they add up', () => {
    expect(floorRuleOf(worldWith())).toBeUndefined()
    const rule = floorRuleOf(worldWith(shop(undefined, 1)))!
    expect(rule.goes(rule.amountOf(tool('table-saw')))).toBe(true)
    expect(rule.goes(2 * rule.amountOf(tool('table-saw')))).toBe(false)
  })
  test('a room that is drawn goes before square metres, and small things take none of its floor', () => {
    const rule = floorRuleOf(worldWith(shop(drawn(6000, 4000), 0.01)))!
    expect(rule.limitM2).toBeUndefined()
    expect(rule.amountOf(tool('chisels'))).toBe(0)
    expect(rule.goes(rule.amountOf(tool('drill-press')))).toBe(true)
  })
  test('a saw whose sheet wants six metres in one line: not in a corner of a flat', () => {
    const world = worldWith(shop(drawn(2500, 2500)))
    expect(roomFor(world, [], [tool('table-saw'), tool('drill-press')])).toEqual([
      { tool: 'table-saw', alone: false, beside: false },
      { tool: 'drill-press', alone: true, beside: true }
    ])
    expect(roomFor(worldWith(shop(drawn(6500, 3000))), [], [tool('table-saw')])).toEqual([
      { tool: 'table-saw', alone: true, beside: true }
    ])
  })
  test('the way out: the car driven out while one works, or a smaller one of its kind', () => {
    const garage = (away?: true): FloorPlan => ({
      ...drawn(6200, 3000),
      things: [
        { id: 'car', kind: 'car', ...P(3000, 1000), turn: 1, sides: [1800, 4300], away },
        { id: 'boiler', kind: 'boiler', ...P(300, 2700), turn: 0, sides: [600, 600] }
      ]
    })
    const [stays] = roomFor(worldWith(shop(garage())), [], [tool('table-saw')])
    expect(stays).toMatchObject({ alone: false, beside: false, out: 'car' })
    expect(roomFor(worldWith(shop(garage(true))), [], [tool('table-saw')])).toMatchObject([
      { beside: true }
    ])
    // A floor-standing band saw where only one on the bench finds a place.
    const [large] = roomFor(worldWith(shop(drawn(2400, 1600))), [], [tool('band-saw')])
    expect(large).toMatchObject({ beside: false, out: undefined, smaller: 'band-saw-small' })
  })
  test('one bench goes where two do not: there is no room to stand', () => {
    // 1.4 m by 0.64 m put away, 2 m by 1 m in use with 0.6 m to stand.
    const rule = floorRuleOf(worldWith(shop(drawn(2050, 2150))))!
    const bench = rule.amountOf(tool('workbench'))
    expect([1, 2].map((count) => rule.goes(count * bench))).toEqual([true, false])
  })
  test('the long side of a drawn room is that of the drawing', () => {
    const both = worldWith({
      workshop: { ...shop(drawn(2500, 4100)).workshop, room: { lengthM: 9, widthM: 9 } }
    })
    expect(roomInUse(both, tool('table-saw'))?.roomMm).toBe(4100)
  })
  test('a drawing that is no room yet says nothing', () => {
    expect(floorRuleOf(worldWith(shop(drawn(0, 3000))))).toBeUndefined()
    expect(floorRuleOf(worldWith(shop(drawn(0, 3000), 1)))?.limitM2).toBe(1)
  })
})

test('what does not fit into the room as drawn leaves the plan, and owning too much bars only more', () => {
  const within = (plan: FloorPlan) => {
    const world = worldWith({
      ...shop(plan),
      items: [item('workbench')],
      wishes: ['table-saw']
    })
    const made = makePlan(world, { evaluations: 400 })
    return made.kind === 'clash' ? ['clash'] : made.report.broken.map(({ code }) => code)
  }
  expect(within(drawn(1000, 1000))).toEqual([])
  expect(within(drawn(6000, 4000))).toEqual([])
})

import { expect, test } from '@jest/globals'
import { planFaults, rewalled, type FloorPlan } from '.'

const P = (xMm: number, yMm: number) => ({ xMm, yMm })
const door = (wall: number, fromMm: number, widthMm = 800) =>
  ({ id: `d${wall}`, kind: 'door', wall, fromMm, widthMm, heightMm: 2000 }) as const
const room: FloorPlan = {
  outline: [P(0, 0), P(6000, 0), P(6000, 3000), P(0, 3000)],
  openings: [door(1, 1000), door(2, 600), door(3, 200)],
  outlets: [{ id: 'o', wall: 0, atMm: 5000, circuit: 'a' }],
  things: [],
  stands: []
}
/** The corner at the top left cut out, one metre each way. */
const cut = [P(0, 1000), P(1000, 1000), P(1000, 0), P(6000, 0), P(6000, 3000), P(0, 3000)]

test('what is on a wall stays where it was when corners come in before it; worked by hand', () => {
  const made = rewalled(room, cut)
  expect(made.openings.map(({ wall, fromMm }) => [wall, fromMm])).toEqual([
    [3, 1000],
    [4, 600],
    [5, 200]
  ])
  // Five metres from the old corner are four from the new one.
  expect(made.outlets).toMatchObject([{ wall: 2, atMm: 4000 }])
  expect(planFaults(made)).toEqual([])
})
test('a door where the wall is gone goes to the nearest that runs alike', () => {
  const [only] = rewalled({ ...room, openings: [door(3, 2200)] }, cut).openings
  // From 0 to 800 on the left wall there is a corner now: it begins at the end of what is left.
  expect(only).toMatchObject({ wall: 5, fromMm: 1200 })
})
test('there and back is as it was', () => {
  expect(rewalled(rewalled(room, cut), room.outline)).toEqual(room)
})
test('a corner more on a straight wall, drawn out: a wall that runs aslant keeps its window', () => {
  const outline = [P(0, 0), P(3000, 500), P(6000, 0), P(6000, 3000), P(0, 3000)]
  const made = rewalled({ ...room, openings: [door(0, 4000)] }, outline)
  expect(made.openings[0]?.wall).toBe(1)
  expect(planFaults(made)).toEqual([])
})
test('a door wider than the wall that is left begins at its corner, and is said', () => {
  const small = [P(0, 0), P(600, 0), P(600, 600), P(0, 600)]
  const made = rewalled({ ...room, openings: [door(0, 100)] }, small)
  expect(made.openings[0]?.fromMm).toBe(0)
  expect(planFaults(made).map(({ kind }) => kind)).toContain('opening-beyond-wall')
})

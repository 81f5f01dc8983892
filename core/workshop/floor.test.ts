import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { arranged, allGo } from './arrange'
import { clashesOf } from './clashes'
import { goesInto, goesThrough, planFaults } from './doorway'
import { about, overlaps, placed, type FloorPlan, type Rect, type Standing } from './floor-plan'
import { layoutCost } from './layout'
import { areaOf, liesInside, runToWall } from './outline'
import { Places } from './places'
import { shapeOf, type Shape } from './shape'

const P = (xMm: number, yMm: number) => ({ xMm, yMm })
const room = (w: number, h: number): FloorPlan => ({
  outline: [P(0, 0), P(w, 0), P(w, h), P(0, h)],
  openings: [],
  outlets: [],
  things: [],
  stands: []
})
/** An L: its upper right corner is not there. */
const cornered: FloorPlan = {
  ...room(0, 0),
  outline: [P(0, 0), P(3000, 0), P(3000, 1000), P(5000, 1000), P(5000, 3000), P(0, 3000)]
}
const shape = (tool: string, longest?: number): Shape => {
  const made = shapeOf(library.tools.get(tool)!, longest)
  if (!made) throw new Error(`${tool} stands on no floor`)
  return made
}
const shapes = (...list: Shape[]) => new Map(list.map((one) => [one.tool, one]))
const saw = shape('table-saw', 1000)

describe('the outline', () => {
  test('area of an L is that of its two rectangles', () =>
    expect(areaOf(cornered.outline)).toBe(3 + 10))
  test('a rectangle lies inside where a slow grid of its points does', () => {
    const inL = (x: number, y: number): boolean =>
      y <= 3000 && y >= 0 && x >= 0 && (x <= 3000 || (x <= 5000 && y >= 1000))
    fc.assert(
      fc.property(
        fc.integer({ min: -5, max: 55 }),
        fc.integer({ min: -5, max: 35 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 30 }),
        (x, y, w, h) => {
          const rect: Rect = { x: x * 100, y: y * 100, w: w * 100, h: h * 100 }
          let all = true
          for (let a = 0; a <= w * 2; a++)
            for (let b = 0; b <= h * 2; b++) all &&= inL(rect.x + a * 50, rect.y + b * 50)
          expect(liesInside(cornered.outline, rect)).toBe(all)
        }
      )
    )
  })
  test('two rectangles overlap where some point of a slow grid is in both', () => {
    const part = fc.record({
      x: fc.integer({ min: 0, max: 12 }),
      y: fc.integer({ min: 0, max: 12 }),
      w: fc.integer({ min: 1, max: 8 }),
      h: fc.integer({ min: 1, max: 8 })
    })
    fc.assert(
      fc.property(part, part, (one, other) => {
        const within = ({ x, y, w, h }: Rect, a: number, b: number): boolean =>
          a > x && a < x + w && b > y && b < y + h
        let some = false
        for (let a = 0.5; a < 20; a++)
          for (let b = 0.5; b < 20; b++) some ||= within(one, a, b) && within(other, a, b)
        const mm = ({ x, y, w, h }: Rect): Rect => ({
          x: x * 100,
          y: y * 100,
          w: w * 100,
          h: h * 100
        })
        expect(overlaps(mm(one), mm(other))).toBe(some)
      })
    )
  })
  test('turned four times a body lies as before', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), fc.integer({ min: 1, max: 3000 }), (w, h) => {
        const body = about([w, h])
        expect(placed(body, { ...P(0, 0), turn: 2 })).toEqual(body)
        expect(placed(body, { ...P(10, 20), turn: 1 })).toMatchObject({ w: h, h: w })
      })
    )
  })
  test('a wall at the very edge leaves no run', () => {
    const flush: Rect = { x: 100, y: 0, w: 500, h: 500 }
    expect(runToWall(room(3000, 2000), flush, 'up').mm).toBe(0)
    expect(runToWall(room(3000, 2000), flush, 'down').mm).toBe(1500)
    expect(runToWall(cornered, { x: 3500, y: 1500, w: 200, h: 200 }, 'up').mm).toBe(500)
  })
  test('what is wrong with a drawing is said', () => {
    const crossed = { ...room(0, 0), outline: [P(0, 0), P(2000, 2000), P(2000, 0), P(0, 2000)] }
    expect(planFaults(crossed)).toEqual([{ kind: 'walls-cross', walls: [0, 2] }])
    expect(planFaults(room(0, 3000))).toEqual([{ kind: 'no-floor' }])
    const far = { ...room(3000, 2000), outlets: [{ id: 'o', wall: 1, atMm: 2500, circuit: 'c' }] }
    expect(planFaults(far)).toEqual([{ kind: 'outlet-beyond-wall', id: 'o', wallMm: 2000 }])
    expect(planFaults(room(3000, 2000))).toEqual([])
  })
})

describe('clashes', () => {
  const at = (xMm: number, yMm: number, turn: 0 | 1 | 2 | 3 = 0): Standing => ({
    tool: 'table-saw',
    ...P(xMm, yMm),
    turn
  })
  // In use it stands 900 by 1000 and wants 1000 before and behind: 3000 in one line.
  test('in a room as long as its line nothing is in the way, a decimetre shorter it is', () => {
    expect(clashesOf({ ...room(2000, 3000), stands: [at(1000, 1500)] }, shapes(saw))).toEqual([])
    expect(clashesOf({ ...room(2000, 2900), stands: [at(1000, 1500)] }, shapes(saw))).toEqual([
      { moment: 'in-use', tool: 'table-saw', part: 'infeed', against: { kind: 'wall' }, byMm: 100 }
    ])
  })
  test('turned and mirrored the verdicts stay', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 25 }), fc.integer({ min: 5, max: 25 }), (x, y) => {
        const found = (plan: FloorPlan) =>
          clashesOf(plan, shapes(saw))
            .map(({ part, byMm }) => `${part} ${byMm}`)
            .sort()
        const plain = found({ ...room(3000, 3000), stands: [at(x * 100, y * 100)] })
        const quarter = found({ ...room(3000, 3000), stands: [at(3000 - y * 100, x * 100, 1)] })
        const mirrored = found({ ...room(3000, 3000), stands: [at(3000 - x * 100, y * 100)] })
        expect(quarter).toEqual(plain)
        expect(mirrored).toEqual(plain)
      })
    )
  })
  test('stock goes out by an open gate, and not past a leaf that swings in', () => {
    const gate = {
      id: 'g',
      kind: 'gate' as const,
      wall: 0,
      fromMm: 500,
      widthMm: 1500,
      heightMm: 2000
    }
    const short = { ...room(2500, 2200), stands: [at(1200, 650)] }
    expect(clashesOf(short, shapes(saw))[0]).toMatchObject({ part: 'outfeed', byMm: 850 })
    expect(clashesOf({ ...short, openings: [gate] }, shapes(saw))).toContainEqual(
      expect.objectContaining({ part: 'body', against: { kind: 'opening', id: 'g' } })
    )
    const clear = { ...room(2500, 3200), openings: [gate], stands: [at(1200, 1700)] }
    expect(clashesOf(clear, shapes(saw))).toEqual([])
    const leaf = {
      ...gate,
      id: 'd',
      kind: 'door' as const,
      wall: 2,
      fromMm: 400,
      inward: true as const
    }
    const before = { ...room(2500, 4600), openings: [leaf], stands: [at(600, 2300)] }
    expect(clashesOf(before, shapes(saw))).toContainEqual(
      expect.objectContaining({ part: 'infeed', against: { kind: 'opening', id: 'd' } })
    )
  })
  test('a car that is driven out is in the way of what is put away, not of the work', () => {
    const car = {
      id: 'car',
      kind: 'car' as const,
      ...P(1000, 1500),
      turn: 0 as const,
      sides: [1800, 2800] as const
    }
    const plan = { ...room(2000, 3000), stands: [at(1000, 1500)] }
    const here = clashesOf({ ...plan, things: [car] }, shapes(saw)).map(({ moment }) => moment)
    expect(here).toContain('in-use')
    const away = clashesOf({ ...plan, things: [{ ...car, away: true as const }] }, shapes(saw))
    expect(new Set(away.map(({ moment }) => moment))).toEqual(new Set(['put-away']))
  })
})

describe('places looked for', () => {
  const benchtop = ['table-saw', 'mitre-saw-small', 'thicknesser'].map((tool) => shape(tool, 900))
  test('what fits loosely costs nothing but a step from the wall', () => {
    const plan = { ...room(6000, 4000) }
    const { stands, nowhere } = arranged(plan, benchtop)
    expect(nowhere).toEqual([])
    expect(clashesOf({ ...plan, stands }, shapes(...benchtop))).toEqual([])
  })
  test('never worse than the layout it begins from', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 6, maxLength: 6 }),
        (at) => {
          const stands = benchtop.map(({ tool }, i): Standing => ({
            tool,
            ...P((at[2 * i] ?? 0) * 100, (at[2 * i + 1] ?? 0) * 70),
            turn: 0
          }))
          const plan = { ...room(3200, 2200), stands }
          const found = arranged(plan, benchtop, { starts: 2, tries: 20 })
          expect(found.cost).toBeLessThanOrEqual(layoutCost(plan, benchtop))
          expect(layoutCost({ ...plan, stands: found.stands }, benchtop)).toBeCloseTo(found.cost, 6)
        }
      ),
      { numRuns: 15 }
    )
  })
  test('within a twentieth of every layout there is on a coarse grid', () => {
    const plan = room(2600, 2000)
    const two = [shape('table-saw', 600), shape('drill-press')]
    let least = Infinity
    const turns = [0, 1, 2, 3] as const
    const spots = (one: Shape) =>
      turns.flatMap((turn) =>
        [0, 1, 2, 3, 4, 5].flatMap((i) =>
          [0, 1, 2, 3, 4].map((k): Standing => {
            const [w, h] = turn % 2 === 0 ? one.stored : [one.stored[1], one.stored[0]]
            return {
              tool: one.tool,
              ...P(w / 2 + ((2600 - w) * i) / 5, h / 2 + ((2000 - h) * k) / 4),
              turn
            }
          })
        )
      )
    for (const a of spots(two[0]!))
      for (const b of spots(two[1]!))
        least = Math.min(least, layoutCost({ ...plan, stands: [a, b] }, two))
    expect(arranged(plan, two).cost).toBeLessThanOrEqual(least * 1.05 + 1)
  })
  test('what is larger than the room goes nowhere', () => {
    expect(arranged(room(700, 700), [shape('cabinet-saw')]).nowhere).toEqual(['cabinet-saw'])
    expect(allGo(new Places(room(700, 700)), [shape('cabinet-saw')])).toBe(false)
    expect(allGo(new Places(room(6000, 4000)), benchtop)).toBe(true)
  })
})

describe('through a door', () => {
  const door = { id: 'd', kind: 'door' as const, wall: 0, fromMm: 0, widthMm: 810, heightMm: 2010 }
  test('a rectangle within a rectangle: Carver 1957, the worked bounds', () => {
    expect(goesInto([5, 5], [5, 5])).toBe(true)
    // A ruler of 1.41 goes into a unit square only on the diagonal and without breadth.
    expect(goesInto([1.4, 0.01], [1, 1])).toBe(true)
    expect(goesInto([1.42, 0.01], [1, 1])).toBe(false)
    expect(goesInto([1.4, 0.1], [1, 1])).toBe(false)
  })
  test('a tabletop goes on its edge, a deep case does not, a sheet does', () => {
    expect(goesThrough({ length: 2000, width: 900, height: 40 }, door)).toBe(true)
    expect(goesThrough({ length: 1200, width: 900, height: 850 }, door)).toBe(false)
    expect(goesThrough({ length: 2440, width: 1220, height: 18 }, door)).toBe(true)
  })
})

test('what stands on the floor takes there about what its square metres say', () => {
  for (const { id, standsMm, storedM2, usedM2 } of library.tools.values()) {
    if (!standsMm) continue
    const m2 = ([w, h]: readonly [number, number]): number => (w * h) / 1e6
    expect([id, Math.abs(m2(standsMm.stored) / storedM2 - 1) < 0.15]).toEqual([id, true])
    if (standsMm.used && usedM2)
      expect([id, Math.abs(m2(standsMm.used) / usedM2 - 1) < 0.15]).toEqual([id, true])
  }
})

import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Joint } from '../catalogue'
import { stripsOf, type Part } from '../cutlist'
import {
  RIGID_LIMIT_MM,
  SPECIES,
  adviseJoint,
  alternatives,
  equilibriumMoisture,
  movementMm,
  panelMovement,
  partMovement,
  pocketScrewMm,
  throughScrewMm
} from '.'

const part = (change: Partial<Part>): Part => ({
  id: 'p',
  name: 'Part',
  quantity: 1,
  lengthMm: 900,
  widthMm: 95,
  thicknessMm: 20,
  stock: 'softwood',
  joints: [],
  grain: true,
  ...change
})

describe('movement across the grain', () => {
  test('white fir, flat-grained, 232 mm, from 8 to 11 %: 1.705 mm (Wood Handbook, chapter 13, from memory)', () =>
    expect(movementMm(232, SPECIES['white-fir'].tangential, 8, 11)).toBeCloseTo(1.705, 3))
  test.each([
    ['red-oak', 0.00158, 0.00369],
    ['hard-maple', 0.00165, 0.00353],
    ['cherry', 0.00126, 0.00248],
    ['walnut', 0.0019, 0.00274],
    ['white-pine', 0.00071, 0.00212],
    ['douglas-fir', 0.00165, 0.00267],
    ['yellow-poplar', 0.00158, 0.00289],
    ['beech', 0.0019, 0.00431]
  ] as const)(
    '%s moves %d radially and %d tangentially per per cent (Wood Handbook, chapter 13, from memory)',
    (species, radial, tangential) => expect(SPECIES[species]).toEqual({ radial, tangential })
  )
  test.each([
    [30, 6.2],
    [40, 7.7],
    [50, 9.2],
    [60, 11],
    [65, 12],
    [70, 13.1],
    [80, 16]
  ])(
    'at 21 °C and %d %% humidity wood settles at %d %% (Wood Handbook, table 4-2, from memory)',
    (humidity, moisture) => {
      expect(Math.abs(equilibriumMoisture(humidity, 21.1) - moisture)).toBeLessThan(0.2)
    }
  )
  test('damper air never means drier wood', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 98, noNaN: true }),
        fc.double({ min: 0, max: 1.9, noNaN: true }),
        (humidity, more) =>
          expect(equilibriumMoisture(humidity + more)).toBeGreaterThanOrEqual(
            equilibriumMoisture(humidity) - 1e-9
          )
      )
    )
  })
  test('twice as wide moves twice as much; outside 6 to 14 % the figure says that it is rough', () => {
    expect(panelMovement(800, 'beech').mm).toBeCloseTo(2 * panelMovement(400, 'beech').mm, 9)
    expect([
      panelMovement(400, 'beech', { low: 40, high: 60 }).rough,
      panelMovement(400, 'beech', { low: 20, high: 60 }).rough
    ]).toEqual([false, true])
  })
  test('sheets and narrow parts are not worth a word', () =>
    expect([
      partMovement(part({ stock: 'sheet', widthMm: 600 })),
      partMovement(part({ widthMm: 95 }))
    ]).toEqual([undefined, undefined]))
})

describe('does the joint suit (common practice)', () => {
  const verdict = (
    joint: Parameters<typeof adviseJoint>[0],
    change: Partial<Part>,
    bearing?: 'carries-people' | 'hangs-over-people'
  ): [string, string] => {
    const advice = adviseJoint(joint, part(change), bearing)
    return [advice.verdict, advice.reason]
  }
  test('pocket joints: right for cases of sheets, wrong across wide solid panels, wrong for loaded frames', () => {
    expect(verdict('pocket', { stock: 'sheet', widthMm: 500, thicknessMm: 18 })).toEqual([
      'right',
      'case-of-sheets'
    ])
    expect(verdict('pocket', { stock: 'hardwood-surfaced', widthMm: 600 })).toEqual([
      'wrong',
      'across-the-grain'
    ])
    expect(verdict('pocket', { widthMm: 70 }, 'carries-people')).toEqual(['wrong', 'loaded-frame'])
  })
  test('what carries people is joined wood in wood', () => {
    expect([
      verdict('mortise-tenon', {}, 'carries-people')[0],
      verdict('loose-tenon', {}, 'carries-people')[0],
      verdict('screwed', {}, 'carries-people')[0],
      verdict('nailed', {}, 'carries-people')[0]
    ]).toEqual(['right', 'right', 'wrong', 'wrong'])
  })
  test('brads only where there is no stress', () =>
    expect(verdict('nailed', {})).toEqual(['fair', 'no-stress']))
  test('shaped joints crumble in sheets', () =>
    expect([
      verdict('dovetail', { stock: 'sheet' })[0],
      verdict('mortise-tenon', { stock: 'sheet' })[0]
    ]).toEqual(['wrong', 'wrong']))
  test('a rigid joint is wrong just where what moves against it is more than it bears', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 1200 }),
        fc.constantFrom<Joint>('screwed', 'dowel', 'biscuit', 'pocket', 'nailed'),
        (widthMm, joint) => {
          const panel = part({ stock: 'hardwood-surfaced', species: 'beech', widthMm })
          const moves = partMovement(panel)?.mm ?? 0
          const advice = adviseJoint(joint, panel, undefined)
          if (moves > RIGID_LIMIT_MM) {
            const [verdict_, reason] =
              widthMm > 250 || stripsOf(panel).count > 1
                ? ['wrong', 'across-the-grain']
                : ['fair', 'moves-along']
            expect([advice.verdict, advice.reason, advice.movementMm]).toEqual([
              verdict_,
              reason,
              moves
            ])
          } else if (joint !== 'pocket') expect(advice.reason).not.toBe('across-the-grain')
        }
      )
    )
  })
  // Planters and gates are screwed of single boards that all run the same way, step stools of boards or sheet that stand on their sides (common practice).
  test('single boards of softwood side by side may be screwed; a top glued of them may not', () => {
    const board = { stock: 'softwood' as const, species: 'spruce', widthMm: 170, thicknessMm: 20 }
    expect(verdict('screwed', board)[0]).toBe('fair')
    expect(verdict('dowel', board)[0]).toBe('fair')
    expect(verdict('screwed', { ...board, widthMm: 500 })).toEqual(['wrong', 'across-the-grain'])
  })
  test('the sides of a step stool may be screwed, the legs of a chair may not', () => {
    const side = { stock: 'sheet' as const, widthMm: 250, thicknessMm: 18 }
    expect(verdict('screwed', side, 'carries-people')).toEqual(['fair', 'stands-on-sides'])
    expect(verdict('screwed', { widthMm: 45, thicknessMm: 45 }, 'carries-people')).toEqual([
      'wrong',
      'loaded-frame'
    ])
    expect(verdict('nailed', side, 'carries-people')[0]).toBe('wrong')
  })
  test('what is offered instead suits, and is something else', () => {
    const seat = part({ widthMm: 70 })
    const others = alternatives('pocket', seat, 'carries-people')
    expect(others).toEqual(expect.arrayContaining(['mortise-tenon', 'loose-tenon', 'half-lap']))
    expect(others).not.toContain('pocket')
    for (const joint of others)
      expect(adviseJoint(joint, seat, 'carries-people').verdict).toBe('right')
  })
})

describe('screws (common practice)', () => {
  test('pocket screws: 3/4 in stock takes 1 1/4 in, 1 1/2 in stock takes 2 1/2 in', () => {
    expect(pocketScrewMm(19.05)).toBeCloseTo(31.75, 9)
    expect(pocketScrewMm(38.1)).toBeCloseTo(63.5, 9)
  })
  test('outside what the jigs take there is none', () =>
    expect([pocketScrewMm(6), pocketScrewMm(60)]).toEqual([undefined, undefined]))
  test('through 18 mm into an edge goes a 45 mm screw, and never one shorter than twice the first piece', () => {
    expect(throughScrewMm(18)).toBe(45)
    for (let mm = 6; mm < 45; mm++) expect(throughScrewMm(mm)).toBeGreaterThanOrEqual(2 * mm)
  })
})

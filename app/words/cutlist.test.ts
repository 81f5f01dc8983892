import { describe, expect, test } from '@jest/globals'
import { demoWorld } from '../../tests/helpers/workspaces'
import { JOINTS } from '../../core/catalogue'
import type { Part } from '../../core/cutlist'
import { adviseJoint, panelMovement } from '../../core/joinery'
import { readCutList } from '../../core/formats'
import { builds } from './builds'
import { cutList } from './cutlist'
import { jointNames, joinery } from './joinery'
import { sentence } from './issues'
import { sayFor } from './say'

const say = sayFor(demoWorld('hive-yard'))
const inches = sayFor(demoWorld('half-a-garage'))
const part = (change: Partial<Part>): Part => ({
  id: 'p',
  name: 'Part',
  quantity: 1,
  lengthMm: 900,
  widthMm: 400,
  thicknessMm: 20,
  stock: 'hardwood-surfaced',
  species: 'beech',
  joints: [],
  grain: true,
  ...change
})

describe('what people read about a cut list', () => {
  test('a problem names row, column, what stands there and the way out', () => {
    const text =
      'part\tqty\tlength\twidth\tthickness\nSide\t2\t23 1/2\t300\t18\nRail\t2\t\t70\t20\nLeg\t4\t70 m\t45\t45'
    const sentences = readCutList(text, 'metric').problems.map((one) => sentence(one, say))
    expect(sentences).toEqual([
      'Row 2, length: “23 1/2” is a fraction among millimetres. Say which it is: 23 1/2 in, or a figure in mm.',
      'Row 3, length: nothing stands there. Put it in, or leave the row out.',
      'Row 4, length: “70 m” comes to 70000 mm, which is outside 5 to 8000 mm. Is the unit right?'
    ])
  })
  test('a missing column is named with those that are there', () => {
    const [first] = readCutList('part\tlength\nSide\t600', 'metric').problems
    expect(first && sentence(first, say)).toBe(
      'There is no column for the quantity. Add one with that heading; the columns found are: part, length.'
    )
  })
  test('one and many', () => {
    expect([cutList.parts(1, 1), cutList.parts(3, 9)]).toEqual([
      '1 kind of part, 1 piece',
      '3 kinds of parts, 9 pieces'
    ])
    expect(cutList.problems(1, 2)).toBe('1 thing is not in order; 2 rows are kept for review.')
  })
  test('every joint has its name', () => {
    for (const joint of JOINTS) expect(jointNames[joint].length).toBeGreaterThan(3)
  })
  test('volumes in the units of the workspace: cubic metres, or board feet', () => {
    expect(say.volume(0.0425)).toBe('0.043 m³'.replace('0.043', '0.0425'))
    expect(inches.volume(2.359737e-3)).toBe('1 bd ft')
  })
})

describe('what people read about joints', () => {
  test('every verdict comes with its reason, and a figure where wood moves', () => {
    for (const joint of JOINTS)
      for (const bearing of [undefined, 'carries-people'] as const)
        for (const stock of ['sheet', 'softwood', 'hardwood-rough'] as const) {
          const advice = adviseJoint(joint, part({ stock }), bearing)
          const text = joinery.reason(say, advice)
          expect(text.length).toBeGreaterThan(10)
          expect(text).not.toMatch(/undefined|NaN/)
          expect(joinery.verdict[advice.verdict]).toBeTruthy()
        }
    expect(joinery.reason(say, adviseJoint('screwed', part({}), undefined))).toMatch(
      /moves \d+\.?\d* mm over the year/
    )
  })
  test('movement gives the humidity it was reckoned for, and says when it is rough', () => {
    expect(
      joinery.movement(say, panelMovement(400, 'beech', { low: 40, high: 60 }), 40, 60)
    ).toMatch(
      /^\d+\.\d mm across, between 40 % and 60 % humidity \(7\.\d to 1[01](\.\d)? % moisture\)$/
    )
    expect(
      joinery.movement(say, panelMovement(400, 'beech', { low: 20, high: 80 }), 20, 80)
    ).toContain('roughly')
  })
})

describe('what people read about work-arounds and clean-ups', () => {
  test('both figures, the way round and its time', () => {
    const stretch = {
      role: 'table-saw',
      tool: 'table-saw',
      spec: 'depthMm',
      has: 65,
      needs: 90,
      around: { how: 'two-sides', reach: 2, setupMinutes: 3, runMinutes: 3, errorMm: 0.4 }
    } as const
    expect(builds.workAround(say, stretch)).toBe(
      'Compact table saw gives 65 mm depth of cut, 90 mm is needed: from two sides, +3 min and +3 min for each.'
    )
    expect(
      builds.workAround(say, {
        ...stretch,
        around: { ...stretch.around, how: 'strips', setupMinutes: 0 }
      })
    ).toBe(
      'Compact table saw gives 65 mm depth of cut, 90 mm is needed: in strips, glued again, +3 min for each.'
    )
  })
  test('the clean-up is named with its share of the time', () =>
    expect(builds.cleanUp('Plane on a shooting board', '12 min')).toBe(
      'Then cleaned up: plane on a shooting board, 12 min of the time.'
    ))
  test('too rough is said in words of the trade', () =>
    expect(builds.miss(say, { kind: 'surface', has: 'sawn', needs: 'clean' })).toBe(
      'leaves it sawn, clean is needed'
    ))
})

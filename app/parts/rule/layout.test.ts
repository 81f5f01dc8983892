import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { stagesFrom } from '../../../core/calendar'
import {
  bandPath,
  LEAST_STAGE_WIDTH,
  LEAST_ZOOMED_WIDTH,
  levelPath,
  nearestDay,
  notches,
  scaleFor,
  tags
} from './layout'

const stages = stagesFrom('2026-03-01', 'month', 12)
const scale = scaleFor(stages, 1200)
const planned = (build: string, begin: string) => ({
  planned: { build, begin, done: begin, work: [], methods: {}, material: 0 },
  name: build
})

describe('the scale', () => {
  test('fills the room, or scrolls where stages would become too narrow', () => {
    expect([scale.width, scaleFor(stages, 300).width]).toEqual([1200, LEAST_STAGE_WIDTH * 12])
  })
  test('runs with time', () => {
    expect([scale.xOf('2026-03-01'), scale.xOf('2026-04-01'), scale.xOf('2026-04-16')]).toEqual([
      0, 100, 150
    ])
    expect([scale.xOf('2020-01-01'), scale.xOf('2030-01-01')]).toEqual([0, 1200])
  })
})

test('labels of builds never touch in their row', () => {
  const day = fc
    .integer({ min: 0, max: 350 })
    .map((n) => new Date(Date.UTC(2026, 2, 1 + n)).toISOString().slice(0, 10))
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.string({ minLength: 3, maxLength: 20 }), day), { maxLength: 20 }),
      (list) => {
        const { notches: marks, rows } = notches(
          list.map(([name, begin]) => planned(name, begin)),
          scale
        )
        for (const a of marks) {
          expect(a.row).toBeLessThan(rows)
          for (const b of marks)
            if (a !== b && a.row === b.row)
              expect(
                a.labelX + a.labelWidth <= b.labelX || b.labelX + b.labelWidth <= a.labelX
              ).toBe(true)
        }
      }
    )
  )
})

test('tags hang in their stage, below one another, dearer ones deeper', () => {
  const buy = (id: string, date: string, price: number) => ({
    id,
    offer: id,
    count: 1,
    date,
    price
  })
  const { tags: hung, height } = tags(
    [
      buy('cheap', '2026-04-01', 500),
      buy('dear', '2026-04-01', 40_000),
      buy('other', '2026-06-15', 9000)
    ],
    scale
  )
  const [dear, cheap, other] = ['dear', 'cheap', 'other'].map((id) =>
    hung.find(({ purchase }) => purchase.id === id)
  )
  expect(dear && cheap && dear.height > cheap.height && cheap.y >= dear.y + dear.height).toBe(true)
  expect([other?.x, height > (cheap?.y ?? 0)]).toEqual([303, true])
})

test('the level steps from balance to balance, and the nearest payday is found', () => {
  expect(
    levelPath(
      [
        { date: '2026-03-01', balance: 10 },
        { date: '2026-04-01', balance: 5 }
      ],
      scale,
      (balance) => 100 - balance
    )
  ).toBe('M0,90H100V95H1200')
  expect(levelPath([], scale, () => 0)).toBe('')
  expect(nearestDay(['2026-03-01', '2026-04-01', '2026-05-01'], scale, 160)).toBe('2026-05-01')
  expect(nearestDay([], scale, 160)).toBeUndefined()
})

describe('zoom', () => {
  const stages = stagesFrom('2026-01-01', 'week', 60)
  test('sixty stages do not fit: they stay wide enough for a tag, and the rule is wider than its room', () => {
    const scale = scaleFor(stages, 1100)
    expect(scale.stages[0]?.width).toBe(LEAST_STAGE_WIDTH)
    expect(scale.width).toBe(60 * LEAST_STAGE_WIDTH)
  })
  test('zoomed out far enough they fit, but never narrower than a finger can hit', () => {
    expect(scaleFor(stages, 1560, 0.3).width).toBeLessThanOrEqual(1560)
    expect(scaleFor(stages, 1100, 0.01).stages[0]?.width).toBe(LEAST_ZOOMED_WIDTH)
  })
  test('a place on the rule keeps its day at every zoom', () => {
    for (const zoom of [0.5, 1, 2.5]) {
      const scale = scaleFor(stages, 1100, zoom)
      for (const day of ['2026-01-01', '2026-03-05', '2026-12-24'])
        expect(nearestDay(['2026-01-01', '2026-03-05', '2026-12-24'], scale, scale.xOf(day))).toBe(
          day
        )
    }
  })
  test('few stages share the whole room', () => {
    expect(scaleFor(stages.slice(0, 4), 1000).width).toBe(1000)
    expect(scaleFor(stages.slice(0, 4), 1000, 2).width).toBe(2000)
  })
})

test('a band runs along its upper line and back along its lower one, closed at the end of the rule', () => {
  const at = (balance: number): number => 100 - balance
  const path = bandPath(
    [
      { date: '2026-03-01', low: 10, high: 20 },
      { date: '2026-04-01', low: 30, high: 50 }
    ],
    scale,
    at
  )
  expect(path).toBe('M0,80H100V50H1200V70H100V90H0Z')
  expect(bandPath([], scale, at)).toBe('')
})

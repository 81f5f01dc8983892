import { describe, expect, test } from '@jest/globals'
import { sayFor } from '../../app/words/say'
import { pocketMarkdown } from '../../app/words/pocket'
import { library } from '../../data'
import { DEMO_FILES, TODAY, demoWorld, demoPlan } from '../../tests/helpers/workspaces'
import { worldOf } from '../workspace'
import {
  type CHECKS,
  type PocketLine,
  FAIR_TIMES,
  checksFor,
  pocketDays,
  pocketList,
  seenPrice
} from '.'
import { evaluate } from '../plan'

describe.each(DEMO_FILES)('%s', (name) => {
  const world = demoWorld(name)
  const plan = demoPlan(name)
  const lines = pocketList(world, plan)
  test('holds the purchases of the next three dates, in order', () => {
    const dates = [...new Set(plan.purchases.map(({ date }) => date))].sort().slice(0, 3)
    expect(lines.map(({ id }) => id).sort()).toEqual(
      plan.purchases
        .filter(({ date }) => dates.includes(date))
        .map(({ id }) => id)
        .sort()
    )
    expect(lines.map(({ date }) => date)).toEqual(lines.map(({ date }) => date).sort())
  })
  test('each day comes to what its purchases cost in the plan', () => {
    expect(pocketDays(lines).flatMap((day) => day.lines)).toEqual(lines)
    for (const { date, total } of pocketDays(lines))
      expect(
        plan.purchases
          .filter((one) => one.date === date)
          .map(({ price }) => price)
          .reduce((a, b) => a + b)
      ).toBe(total)
  })
  test('each upper price holds by the evaluator’s word, and one unit more does not where money is the limit', () => {
    // Paying more is the same to the purse as an expense of that much on the day.
    const low = (raised: number, date: string): boolean => {
      const { money } = world.workspace
      const dearer = worldOf(
        {
          ...world.workspace,
          money: {
            ...money,
            oneOffs: [...money.oneOffs, { id: 'dearer', date, amount: -raised, text: 'x' }]
          }
        },
        library,
        TODAY
      )
      return evaluate(dearer, plan).broken.some(({ code }) => code === 'plan.below-reserve')
    }
    for (const { id, date, price, upTo, limit } of lines) {
      expect(upTo).toBeGreaterThanOrEqual(price)
      expect(upTo).toBeLessThanOrEqual(price * FAIR_TIMES)
      expect([id, low(upTo - price, date)]).toEqual([id, false])
      if (limit === 'money') expect([id, low(upTo - price + 1, date)]).toEqual([id, true])
    }
  })
  test('as Markdown every purchase is a line to tick, with its price and what to look at', () => {
    const text = pocketMarkdown(sayFor(world), world.workspace, lines, world.asOf)
    expect(text.match(/^- \[ \] \*\*/gm)).toHaveLength(lines.length)
    expect(text.match(/^## /gm)).toHaveLength(new Set(lines.map(({ date }) => date)).size)
  })
})

test('a day comes to its prices less what deals take off on it, worked by hand', () => {
  const line = (id: string, date: string, price: number): PocketLine => ({
    id,
    offer: id,
    tool: undefined,
    count: 1,
    date,
    price,
    upTo: price,
    limit: 'fair',
    checks: [],
    forBuild: undefined,
    caution: undefined
  })
  const lines = [
    line('a', '2026-06-01', 500),
    line('b', '2026-06-01', 300),
    line('c', '2026-07-01', 90)
  ]
  const days = pocketDays(lines, [{ deal: 'd', date: '2026-06-01', amount: 300 }])
  expect(days.map(({ date, saved, total }) => [date, saved, total])).toEqual([
    ['2026-06-01', 300, 500],
    ['2026-07-01', 0, 90]
  ])
})

test('names are text in the Markdown, whatever they hold', () => {
  const world = demoWorld('hive-yard')
  const text = pocketMarkdown(
    sayFor(world),
    { ...world.workspace, name: '# [x](javascript:1) *b*\n## y' },
    [],
    world.asOf
  )
  expect(text.split('\n')[0]).toBe('# Pocket list: \\# \\[x\\](javascript:1) \\*b\\* \\#\\# y')
})

/** Common practice for used tools: have a machine run, look at cord, guard, play and missing parts; hand tools for flatness and edge. */
test.each<[string, boolean, readonly string[]]>([
  ['table-saw', false, ['runs', 'cord', 'bearings', 'guard', 'fence', 'flat', 'parts', 'size']],
  ['drill-driver', true, ['runs', 'pack', 'bearings', 'guard', 'parts']],
  ['chisels', false, ['edge', 'parts']],
  ['rafter-square', false, ['square', 'parts']]
])('a used %s: what to look at', (id, cordless, expected) => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  const found = checksFor(tool, 'used', cordless)
  for (const check of expected)
    if (check !== 'guard' || tool.hazard !== null)
      expect(
        found.includes(check as (typeof CHECKS)[number]) ||
          (check === 'size' && Object.keys(tool.specs).length === 0)
      ).toBe(true)
  expect(checksFor(tool, 'new', cordless).includes('runs')).toBe(false)
})

test.each([
  [9000, 'planned', -2000, -3000],
  [10_000, 'planned', 0, -1000],
  [10_001, 'holds', 2, -998],
  [10_500, 'holds', 1000, 0],
  [10_501, 'beyond', 1002, 2]
] as const)(
  'two pieces planned at 200.00 in all, worth 210.00 at most: %d each is %s',
  (each, kind, over, tooMuch) => {
    const line = { count: 2, price: 20_000, upTo: 21_000 }
    const said = { over, tooMuch }
    expect(seenPrice({ ...line, limit: 'money' }, each)).toEqual({
      ...said,
      kind: kind === 'beyond' ? 'not-there' : kind
    })
    expect(seenPrice({ ...line, limit: 'fair' }, each).kind).toBe(
      kind === 'beyond' ? 'look-elsewhere' : kind
    )
  }
)

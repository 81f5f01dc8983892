import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { library, schools } from '../../data'
import { build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { ladderOf } from '../ladder'
import { makePlan } from '../search'
import { adviceFor, readFoundList, recogniserOf, schoolOf } from '.'
import { alike, wordsOf } from './words'

const recognise = recogniserOf(library)
const one = (text: string, currency = 'USD') => readFoundList(text, currency).lines[0]

/**
 * Lines written in many hands: what people call tools, misspelt, with sizes and prices (common practice; made up for this test). After the
 * tab stands what is meant: one of these tools, `?` where it has to be asked about (these among the answers), `-` for no tool.
 */
const HANDS = readFileSync(
  new URL('../../tests/fixtures/found-lists/lines.tsv', import.meta.url),
  'utf8'
)
  .trim()
  .split('\n')
  .map((row) => {
    const [line = '', meant = ''] = row.split('\t')
    const tools = meant.replace(/^[?-]/, '').split('/').filter(Boolean)
    return { line, tools, asked: meant.startsWith('?'), none: meant === '-' }
  })

describe('tools by what people write', () => {
  const outcomes = HANDS.map((row) => {
    const found = recognise(one(`${row.line}\n`)?.name ?? '')
    const offered =
      found.kind === 'unsure' &&
      (row.tools.length === 0 || row.tools.some((id) => found.tools.includes(id)))
    const sure = found.kind === 'sure' && row.tools.includes(found.tool) && !row.asked
    const right = row.none ? found.kind !== 'sure' : row.asked ? offered : sure || offered
    return {
      line: row.line,
      kind: found.kind,
      right,
      certain: sure,
      wrong: found.kind === 'sure' && !sure
    }
  })
  test('there are more than three hundred lines, and each names tools of the library', () => {
    expect(HANDS.length).toBeGreaterThan(300)
    expect(HANDS.flatMap(({ tools }) => tools).filter((id) => !library.tools.has(id))).toEqual([])
  })
  test('at least 97 in a hundred are understood, none wrongly without being asked', () => {
    expect(outcomes.filter(({ wrong }) => wrong).map(({ line }) => line)).toEqual([])
    expect(outcomes.filter(({ right }) => right).length / outcomes.length).toBeGreaterThanOrEqual(
      0.97
    )
  })
  test('nine in ten of those that name a tool need no question', () => {
    const named = outcomes.filter((_, i) => HANDS[i]?.tools.length !== 0 && !HANDS[i]?.asked)
    expect(named.filter(({ certain }) => certain).length / named.length).toBeGreaterThanOrEqual(0.9)
  })
  test('every tool of the library is found by its own name and by each of its other names', () => {
    const missed = [...library.tools.values()].flatMap(({ id, name, aliases }) =>
      [name, ...(aliases ?? [])].flatMap((text) => {
        const found = recognise(text)
        const known =
          found.kind === 'sure'
            ? found.tool === id ||
              (library.tools.get(found.tool)?.group ?? '') === library.tools.get(id)?.group
            : found.kind === 'unsure' && wordsOf(text).length > 0
        return known ? [] : [`${id}: ${text} → ${JSON.stringify(found)}`]
      })
    )
    expect(missed.length / library.tools.size).toBeLessThan(0.06)
  })
  test.each([
    ['chisel', 'chisle', true],
    ['saw', 'jaw', false],
    ['clamp', 'lamp', false],
    ['square', 'sqaure', true],
    ['combination', 'combonaton', true],
    ['plane', 'plate', true],
    ['file', 'rasp', false]
  ])('%s and %s are alike but for a slip: %p', (a, b, same) => expect(alike(a, b) > 0).toBe(same))
})

describe('a line', () => {
  test.each([
    ['- Combination square 12" – $25', 'Combination square 12"', 1, 2500],
    ['4 F-clamps, 24 inch $10 each', 'F-clamps, 24 inch', 4, 4000],
    ['4x bench chisels $40', 'bench chisels', 4, 4000],
    ['3. Mallet .......... 18,50 $', 'Mallet', 1, 1850],
    ['[ ] safety glasses x2', 'safety glasses', 2, undefined],
    ['☐ ear muffs (3x)', 'ear muffs', 3, undefined],
    ['Jigsaw = 65', 'Jigsaw', 1, 6500],
    ['block plane for about $45', 'block plane', 1, 4500],
    ['10" table saw', '10" table saw', 1, undefined],
    ['2 in chisel', '2 in chisel', 1, undefined],
    ['🔨 hammer', 'hammer', 1, undefined],
    ['drill\t99.00', 'drill', 1, 9900]
  ])('%s: %s, %i of it, %p', (text, name, count, price) => {
    const line = one(`${text}\n`)
    expect([line?.name.replace(/[ .]+$/, ''), line?.count, line?.price]).toEqual([
      name,
      count,
      price
    ])
  })
  test.each(['clamps $20-30', 'discs $12 a dozen', 'saw $0.125', 'saw £40'])(
    'of "%s" the price is not taken, and that is said',
    (text) => expect(one(`${text}\n`)).toMatchObject({ price: undefined, unclearPrice: true })
  )
  test('headings and sentences are no tools', () => {
    const { lines } = readFoundList(
      'For the first year:\nDrill\nI would never buy a cheap saw again because it wandered off the line all day long.\n',
      'USD'
    )
    expect(lines.map(({ kind }) => kind)).toEqual(['heading', 'tool', 'prose'])
  })
  test('one line with commas is a list', () =>
    expect(
      readFoundList('drill, jigsaw, block plane', 'EUR').lines.map(({ name }) => name)
    ).toEqual(['drill', 'jigsaw', 'block plane']))
  test('two thousand lines: five hundred are looked at, and it is said', () => {
    const { lines, issues } = readFoundList('hammer\n'.repeat(2000), 'USD')
    expect(lines).toHaveLength(500)
    expect(issues).toMatchObject([{ code: 'found.too-many', figures: { lines: 2000, most: 500 } }])
  })
  test('a page of prose: nothing is taken for a tool', () => {
    const page =
      'When I began I had no idea what I would need and so I bought all that the man in the shop told me.\n'
    const { lines, issues } = readFoundList(page.repeat(3), 'USD')
    expect(lines.every(({ kind }) => kind === 'prose')).toBe(true)
    expect(issues.map(({ code }) => code)).toEqual(['found.no-tools'])
  })
  test('nothing is nothing', () =>
    expect(readFoundList(' \n\n', 'USD')).toEqual({ lines: [], issues: [] }))
})

describe('what a list comes to', () => {
  const world = worldWith({
    ...funds(80_000, 0),
    builds: [build('bookcase'), build('planter')],
    items: items('tape', 'hammer', 'screwdrivers', 'finishing-kit')
  })
  const outcome = makePlan(world, { evaluations: 3000 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  const { plan } = outcome
  const ladder = ladderOf(world)
  const advice = adviceFor(world, plan, ladder, [
    { tool: 'hammer', each: undefined },
    { tool: 'drill-driver', each: 13_000 },
    { tool: 'lathe', each: undefined },
    { tool: 'gouges', each: 100 },
    { tool: 'tape', each: 90_000 }
  ])
  test('owned, bought by the plan, asked for by nothing', () => {
    expect(advice.lines.get('hammer')?.standing).toEqual({ kind: 'owned' })
    expect(advice.lines.get('lathe')?.standing.kind).toBe('unasked')
    const bought = plan.purchases.some(({ offer }) => offer.startsWith('drill-driver/'))
    expect(advice.lines.get('drill-driver')?.standing.kind).toBe(bought ? 'planned' : 'rung')
  })
  test('prices beside the usual ones', () => {
    expect(advice.lines.get('drill-driver')?.beside).toBe('usual')
    expect(advice.lines.get('gouges')?.beside).toBe('low')
    expect(advice.lines.get('tape')?.beside).toBe('dear')
    expect(advice.lines.get('lathe')?.beside).toBeUndefined()
  })
  test('gouges come with a stone and something to strike them with; a lathe with protection', () => {
    expect(advice.lines.get('gouges')?.comesWith).toContain('sharpening-stone')
    const gear = advice.lines.get('lathe')?.comesWith ?? []
    expect(gear.some((id) => library.tools.get(id)?.protects.includes('eyes'))).toBe(true)
  })
  test('the list forgets what the plan buys and it does not name, protection first; both sums are the plan’s', () => {
    const { forgotten, planned, plannedOfList } = advice
    expect(forgotten.length).toBeGreaterThan(2)
    expect(forgotten.map(({ tool }) => tool)).not.toContain('drill-driver')
    const first = forgotten.findIndex(({ protects }) => !protects)
    expect(forgotten.slice(0, first).length).toBeGreaterThan(0)
    expect(forgotten.slice(first).some(({ protects }) => protects)).toBe(false)
    expect(planned).toBe(plan.purchases.reduce((sum, { price }) => sum + price, 0))
    expect(planned - plannedOfList).toBe(forgotten.reduce((sum, { price }) => sum + price, 0))
  })
})

test.each([
  ['hand-held', ['drill-driver', 'circular-saw', 'ro-sander', 'f-clamp-600']],
  ['quiet-push', ['workbench', 'back-saw', 'jack-plane', 'chisels', 'brace']],
  [undefined, ['hammer', 'tape']]
])('a list follows the school whose first purchases it names: %s', (school, tools) =>
  expect(schoolOf(library, schools, tools, recognise)).toBe(school)
)

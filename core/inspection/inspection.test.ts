import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library, sheetFor, sheets } from '../../data'
import { german } from '../../data/german'
import { FINDINGS_OF_POINT, inspected, type Answers, type Sheet } from '.'

const toolOf = (id: string): NonNullable<ReturnType<typeof library.tools.get>> => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  return tool
}
const sheetOf = (id: string): Sheet => {
  const tool = toolOf(id)
  const sheet = sheetFor(tool, tool.forms.at(-1)?.power ?? 'hand')
  if (!sheet) throw new Error(id)
  return sheet
}
const allFine = (sheet: Sheet): Answers =>
  Object.fromEntries(sheet.points.map(({ id }) => [id, 'fine' as const]))

describe('what a look at a used tool comes to', () => {
  const saw = sheetOf('table-saw')
  test('a sound one is worth what it was, with nothing kept back', () => {
    expect(inspected(saw, allFine(saw), 14_000, 40_000)).toEqual({
      repair: 0,
      unseen: 0,
      walkAway: [],
      inexact: 1,
      open: 0,
      upTo: 14_000
    })
  })
  test('a fence that does not lock takes its share of a new one off, and makes it less exact', () => {
    const found = inspected(saw, { ...allFine(saw), fence: 'bad' }, 14_000, 40_000)
    expect(found.repair).toBe(10_000)
    expect(found.upTo).toBe(4000)
    expect(found.inexact).toBe(3)
  })
  test('a missing riving knife or a scorched cord: walk away, at no price (common practice)', () => {
    for (const id of ['splitter', 'cord']) {
      const found = inspected(saw, { ...allFine(saw), [id]: 'bad' }, 14_000, 40_000)
      expect([found.upTo, found.walkAway.map((one) => one.id)]).toEqual([0, [id]])
    }
  })
  test('what could not be seen costs something, less than if it were bad', () => {
    const at = (finding: 'unseen' | 'bad' | 'doubtful'): number =>
      inspected(saw, { ...allFine(saw), motor: finding }, 30_000, 40_000).upTo
    expect(at('unseen')).toBeLessThan(30_000)
    expect(at('unseen')).toBeGreaterThan(at('bad'))
    expect(inspected(saw, { ...allFine(saw), cord: 'unseen' }, 30_000, 40_000).upTo).toBeLessThan(
      30_000
    )
  })
  test('a worse answer never makes it worth more, and it is never worth less than nothing', () => {
    const findings = fc.constantFrom(...FINDINGS_OF_POINT)
    fc.assert(
      fc.property(
        fc.constantFrom(...sheets),
        fc.array(findings, { minLength: 12, maxLength: 12 }),
        fc.nat(11),
        (sheet, given, at) => {
          const answers: Record<string, (typeof FINDINGS_OF_POINT)[number]> = {}
          sheet.points.forEach(({ id }, i) => (answers[id] = given[i % given.length] ?? 'fine'))
          const id = sheet.points[at % sheet.points.length]?.id ?? ''
          const with_ = (finding: 'fine' | 'doubtful' | 'bad'): number =>
            inspected(sheet, { ...answers, [id]: finding }, 20_000, 30_000).upTo
          expect(with_('doubtful')).toBeLessThanOrEqual(with_('fine'))
          expect(with_('bad')).toBeLessThanOrEqual(with_('doubtful'))
          expect(with_('bad')).toBeGreaterThanOrEqual(0)
        }
      )
    )
  })
})

describe('the sheets', () => {
  test('there is none for protection, nor for what wears out: these are bought new', () => {
    for (const tool of library.tools.values())
      if (tool.kind !== 'tool')
        expect(sheetFor(tool, tool.forms[0]?.power ?? 'hand')).toBeUndefined()
  })
  test('each used machine and hand-held machine has one, with cord or pack and a switch', () => {
    for (const tool of library.tools.values())
      for (const { power } of tool.forms) {
        if (tool.kind !== 'tool' || tool.madeBy !== undefined || power === 'hand') continue
        const ids = sheetFor(tool, power)?.points.map(({ id }) => id) ?? []
        expect([tool.id, ids.includes(power === 'cordless' ? 'pack' : 'cord')]).toEqual([
          tool.id,
          true
        ])
        expect([tool.id, ids.includes('switch')]).toEqual([tool.id, true])
      }
  })
  test('what can hurt and is bad lets one walk away: cord, switch, guard, swollen pack', () => {
    for (const { points } of sheets)
      for (const { id, bad } of points)
        if (['cord', 'switch', 'guard', 'splitter', 'contacts'].includes(id))
          expect(bad.walkAway).toBe(true)
  })
  test('each has its own points, once each, and every text stands in German', () => {
    for (const { points, bring } of sheets) {
      const ids = points.map(({ id }) => id)
      expect(new Set(ids).size).toBe(ids.length)
      expect(ids.length).toBeGreaterThan(3)
      for (const text of [...bring, ...points.map((one) => one.text)])
        expect(german.texts[text as keyof typeof german.texts] ?? `missing: ${text}`).not.toContain(
          'missing'
        )
    }
  })
})

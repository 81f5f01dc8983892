import { afterEach, describe, expect, test } from '@jest/globals'
import { disputes, library, schools, tellIn, toldText } from '../../data'
import { materialCards, operationCards, stockCard, toolCard, toolCards } from '../../data/cards'
import { german } from '../../data/german'
import { germanAlso } from '../../data/german/pieces-also'
import { piecesAlso } from '../../data/pieces-also'
import { nearestPieces } from '../../core/found-list'
import type { ToolCard } from '../../core/cards'
import { matchesSearch, withSizes } from '../../core/catalogue'
import { parseAmount } from '../../core/money'
import { demoWorld } from '../../tests/helpers/workspaces'
import { currencySign, decimalText, plainNumber } from './amounts'
import { joined, lowerFirst } from './bench'
import { words as germanWords } from './de'
import { knownIssueCodes } from './issues'
import { said, speak } from './language'
import { calendarNames } from './lists'
import { plural } from './plural'
import { sayFor } from './say'
import { stages } from './stages'

const inGerman = (locale = 'de-DE'): void => {
  speak({ language: 'de', locale, capitals: true, catalogue: germanWords })
  tellIn(german)
}
afterEach(() => {
  speak()
  tellIn()
})

describe('a catalogue', () => {
  test('words are taken from it, English where it is silent, and English again when it is put away', () => {
    const words = said('trial', { one: 'a', two: 'b', of: (n: number) => `${n} a` })
    const catalogue = { trial: { one: 'x', of: (n: number) => `${n} x` } }
    speak({ language: 'xx', locale: 'de', capitals: false, catalogue })
    expect([words.one, words.two, words.of(2), Object.values(words)[0]]).toEqual([
      'x',
      'b',
      '2 x',
      'x'
    ])
    speak()
    expect([words.one, words.of(2)]).toEqual(['a', '2 a'])
  })
  test('German has a sentence for every finding there is', () => {
    const sentences = germanWords.issues ?? {}
    expect(knownIssueCodes().filter((code) => !(code in sentences))).toEqual([])
  })
})

describe('the library in German', () => {
  const texts = (entry: {
    why?: string | undefined
    caution?: string | undefined
    companions?: readonly { why: string }[]
  }): string[] =>
    [entry.why, entry.caution, ...(entry.companions ?? []).map(({ why }) => why)].flatMap(
      (one) => one ?? []
    )
  test('every name, reason, caution, school and dispute has its German', () => {
    const { tools, methods, operations, templates, materials } = library.data
    const without = (names: Readonly<Record<string, string>>, list: readonly string[]): string[] =>
      list.filter((text) => names[text] === undefined)
    const names = (list: readonly { name: string }[]): string[] => list.map(({ name }) => name)
    expect([
      without(german.tools, names(tools)),
      without(german.methods, names(methods)),
      without(german.operations, names(operations)),
      without(german.pieces, names([...templates, ...materials])),
      without(german.texts, [...tools, ...methods, ...templates].flatMap(texts)),
      without(german.schools, [
        ...disputes.flatMap(({ question, sides }) => [
          question,
          ...sides.flatMap(({ name, argument }) => [name, argument])
        ]),
        ...schools.flatMap((one) => [one.name, one.firstMoney, one.argument, one.givesUp])
      ])
    ]).toEqual([[], [], [], [], [], []])
  })
  test('no two tools bear one name, and nothing is translated that is not there', () => {
    const names = library.data.tools.map(({ name }) => german.tools[name])
    expect(new Set(names).size).toBe(names.length)
    const known = new Set(
      [
        ...library.data.tools,
        ...library.data.methods,
        ...library.data.templates,
        ...library.data.materials,
        ...library.data.operations
      ].map(({ name }) => name)
    )
    expect(
      Object.keys({ ...german.tools, ...german.methods, ...german.operations }).filter(
        (name) => !known.has(name)
      )
    ).toEqual([])
  })
  test('the cards say as much as the English ones, of the same things', () => {
    const { cards } = german
    expect(Object.keys(cards.tools).sort()).toEqual(Object.keys(toolCards).sort())
    expect(Object.keys(cards.operations).sort()).toEqual(Object.keys(operationCards).sort())
    expect(cards.materials.map(([begins]) => begins)).toEqual(
      materialCards.map(([begins]) => begins)
    )
    const figures = (text: string): string[] =>
      (text.match(/\d+(?:[.,]\d+)?/g) ?? []).map((one) => one.replace(',', '.')).sort()
    const differing = Object.entries(toolCards).flatMap(([id, card]) => {
      const told = (cards.tools as Readonly<Record<string, ToolCard>>)[id]
      return card &&
        told &&
        JSON.stringify(card.look.map(figures)) === JSON.stringify(told.look.map(figures))
        ? []
        : [id]
    })
    expect(differing).toEqual([])
  })
  test('what people say for a piece leads to it in German too, misspelt as well', () => {
    expect(Object.keys(germanAlso).sort()).toEqual(Object.keys(piecesAlso).sort())
    inGerman()
    const first = (text: string): string | undefined =>
      nearestPieces(library, Object.keys(germanAlso), text, { also: germanAlso })[0]
    expect(
      ['Vogelhaus', 'Vogelhauss', 'Brotzeitbrett', 'Werkzeugkasten', 'Weinregal', 'Spalier'].map(
        first
      )
    ).toEqual(['bird-box', 'bird-box', 'cutting-board', 'tool-tote', 'wine-rack', 'trellis'])
  })
  test('told in German, a tool is found by both names; ids and figures stay', () => {
    inGerman()
    const saw = library.tools.get('circular-saw')
    expect(saw?.name).toBe('Handkreissäge, 185 mm')
    expect(matchesSearch('circular saw', saw?.name ?? '', ...(saw?.aliases ?? []))).toBe(true)
    expect([toldText('It hangs on a bench.'), toldText('unknown')]).toEqual([
      'Sie hängt an einer Bank.',
      'unknown'
    ])
    expect(toolCard('awl')?.use).toMatch(/^Markiert/)
    expect(stockCard('plywood-18')?.use).toMatch(/^Sperrholz/)
    // Sizes with a decimal comma go over to inches like those with a point.
    const inch = withSizes(library, 'imperial')
    expect(inch.tools.get('plunge-router')?.name).toBe('Oberfräse, 1/2 in')
  })
})

/** Days and amounts against what the browser's own tables (Unicode CLDR) write. */
describe('figures and days by locale', () => {
  test.each([
    ['de-DE', '4. Mai 2026', '1.234,50 €', '12,5'],
    ['de-AT', '4. Mai 2026', '€ 1.234,50', '12,5'],
    // Switzerland groups by an apostrophe and has a point before the decimals.
    ['de-CH', '4. Mai 2026', 'EUR 1’234.50', '12.5']
  ])('%s', (locale, day, amount, number) => {
    inGerman(locale)
    const say = sayFor(demoWorld('hive-yard'))
    expect([
      say.day('2026-05-04'),
      say.money(123_450).replace("'", '’'),
      plainNumber(12.5)
    ]).toEqual([day, amount.replace(' ', '\u00a0'), number])
  })
  test('what is written into a field of money is read back as the same amount, in each of them', () => {
    for (const locale of ['en-GB', 'en-US', 'de-DE', 'de-CH', 'fr-CH']) {
      speak({ language: 'xx', locale, capitals: true, catalogue: {} })
      for (const amount of [5, 1250, 123_450, 100_000]) {
        const read = parseAmount(decimalText(amount, 'EUR'), 'EUR')
        expect([locale, read.ok && read.value]).toEqual([locale, amount])
      }
    }
  })
  test('the sign of a field of money stands where the language writes it', () => {
    const side = (locale: string): (string | boolean)[] => {
      speak({ language: 'xx', locale, capitals: true, catalogue: {} })
      const { text, before } = currencySign('EUR')
      return [text, before]
    }
    expect(['de-DE', 'de-AT', 'fr-FR', 'en-US'].map(side)).toEqual([
      ['€', false],
      ['€', true],
      ['€', false],
      ['€', true]
    ])
  })
  test('one and many, names in a row, nouns with their capitals, months', () => {
    inGerman()
    expect([
      plural(1, 'Tag', 'Tage'),
      plural(0, 'Tag', 'Tage'),
      plural(1.5, 'Tag', 'Tage')
    ]).toEqual(['1 Tag', '0 Tage', '1,5 Tage'])
    expect([joined(['A', 'B', 'C']), lowerFirst('Stichsäge')]).toEqual(['A, B und C', 'Stichsäge'])
    expect(calendarNames().monthNames[2]).toBe('März')
    expect(calendarNames().dayNames[0]).toBe('Sonntag')
    expect(stages.title(2, '10 €')).toBe('2 Vorhaben für 10 €')
    speak()
    expect([joined(['A', 'B', 'C']), lowerFirst('Jigsaw')]).toEqual(['A, B and C', 'jigsaw'])
  })
})

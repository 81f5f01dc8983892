import { describe, expect, test } from '@jest/globals'
import { demoWorld } from '../../tests/helpers/workspaces'
import { currencySign, decimalText } from './amounts'
import { bench, joined, lowerFirst } from './bench'
import { builds } from './builds'
import { duration, sayFor } from './say'
import { stages } from './stages'

describe('figures as people read them', () => {
  test.each([
    [0, '0 min'],
    [59.4, '59 min'],
    [60, '1 h'],
    [65, '1 h 05'],
    [150, '2 h 30']
  ])('%d minutes: %s', (minutes, text) => expect(duration(minutes)).toBe(text))

  test('money has its own sign and decimals only where there are any', () => {
    const [euro, pound, dollar] = ['hive-yard', 'third-floor', 'half-a-garage'].map((name) =>
      sayFor(demoWorld(name))
    )
    expect([
      euro?.money(1200),
      euro?.money(1250),
      pound?.money(999),
      dollar?.money(100_000)
    ]).toEqual(['€12', '€12.50', '£9.99', '$1,000'])
    expect([euro?.moved(500), euro?.moved(-500), euro?.moved(0)]).toEqual(['+€5', '-€5', '€0'])
  })

  test('amounts go into fields without sign or grouping', () => {
    expect([
      decimalText(123_450, 'EUR'),
      decimalText(1200, 'EUR'),
      decimalText(500, 'JPY')
    ]).toEqual(['1234.50', '12', '500'])
  })

  test('a currency stands on the side where it is written', () => {
    expect(
      [currencySign('USD'), currencySign('EUR')].map(({ text, before }) => [text, before])
    ).toEqual([
      ['$', true],
      ['€', true]
    ])
  })

  test('days, sizes and names', () => {
    const say = sayFor(demoWorld('hive-yard'))
    expect([say.day('2026-09-01'), say.shortDay('2026-09-01')]).toEqual(['1 Sep 2026', '1 Sep'])
    expect(say.lengths([900, 480, 20])).toBe('900 × 480 × 20 mm')
    expect(sayFor(demoWorld('half-a-garage')).lengths([38.1, 88.9])).toBe('1 1/2 × 3 1/2 in')
    expect([say.tool('pull-saw'), say.shortTool('pull-saw'), say.tool('my/unknown')]).toEqual([
      'Pull saw, two-sided, 240 mm',
      'Pull saw',
      'my/unknown'
    ])
    expect([say.build('bird-boxes'), say.build('make/jig-bench-hook')]).toEqual([
      'Bird boxes',
      'Bench hook'
    ])
    expect([say.quantity(1, 'hole'), say.quantity(2, 'hole'), say.quantity(2.5, 'm2')]).toEqual([
      '1 hole',
      '2 holes',
      '2.5 m²'
    ])
    expect(sayFor(demoWorld('half-a-garage')).quantity(3.048, 'metre')).toBe('10 ft')
  })
})

describe('sentences', () => {
  test('lists read as lists', () => {
    expect([joined([]), joined(['a']), joined(['a', 'b']), joined(['a', 'b', 'c'])]).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c'
    ])
    expect([lowerFirst('Pull saw'), lowerFirst('F-clamp')]).toEqual(['pull saw', 'F-clamp'])
  })
  test('one thing is one thing, two are two', () => {
    expect(stages.title(1, '€5')).toBe('1 build for €5')
    expect(stages.title(2, '€5')).toBe('2 builds for €5')
    expect([builds.title(0, 0), builds.title(2, 2), builds.title(1, 3)]).toEqual([
      'Nothing to build yet',
      'Every build can start today',
      'One of three builds can start today'
    ])
  })
  test('what is due names the item, the figure and the day', () => {
    const say = sayFor(demoWorld('hive-yard'))
    expect(
      bench.due(say, {
        kind: 'receipt',
        today: false,
        receipt: { key: 'income/2026-05-01', date: '2026-05-01', amount: 11_000 }
      })
    ).toBe('€110 was to come in on 1 May 2026, but the ledger does not have it.')
    expect(
      bench.due(say, {
        kind: 'receipt',
        today: true,
        receipt: { key: 'one-off/rent', date: '2026-05-04', amount: -2000, text: 'Shed rent' }
      })
    ).toBe('€20 is to be paid today (Shed rent).')
    expect(
      bench.due(say, { kind: 'companion', tool: 'chisels', anyOf: ['sharpening-stone'] })
    ).toBe('Chisels, set of four is of no use yet: it needs sharpening stone and flattener.')
    expect(bench.due(say, { kind: 'below-reserve', balance: 100, reserve: 200 })).toContain(
      '€1 in the purse'
    )
  })
  test('a near miss gives both figures', () => {
    const say = sayFor(demoWorld('hive-yard'))
    expect(
      builds.miss(say, {
        kind: 'spec',
        role: 'table-saw',
        tool: 'table-saw',
        spec: 'depthMm',
        is: 'atLeast',
        has: 65,
        needs: 90,
        count: 1
      })
    ).toBe('needs 90 mm depth of cut, compact table saw gives 65 mm')
    expect(builds.miss(say, { kind: 'role', role: 'clamp', count: 4, have: 2 })).toBe(
      '4 of clamp needed, you have 2'
    )
  })
})

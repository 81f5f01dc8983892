import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { build, demo, emptyWorkspace } from '../../tests/helpers/workspaces'
import { change, levelBasis, priceLevel } from '../workspace'
import { companionCircles, withOwn, type Tool } from '../catalogue'
import { checkWorkspace, readQuotes, readWorkspace, writeWorkspace } from '.'

const defaults = {
  currency: 'EUR',
  tier: 'weekend' as const,
  today: '2026-05-04',
  newId: () => 'q'
}
const read = (text: string) => {
  const result = readQuotes(text, library, defaults)
  return result.ok
    ? {
        quotes: result.value.found,
        codes: result.value.problems.map(({ code, path }) => [code, ...path])
      }
    : { quotes: [], codes: result.issues.map(({ code, path }) => [code, ...path]) }
}

describe('prices from a list', () => {
  test('a row says what it knows; the rest is the usual: weekend tier, new, today', () => {
    expect(read('tool,price\nJigsaw,59.90').quotes).toEqual([
      {
        id: 'q',
        offer: 'jigsaw/weekend/new/buy/corded',
        date: '2026-05-04',
        price: 5990,
        seller: 'other'
      }
    ])
    expect(
      read(
        'Item;Price;Date;Seller;Tier;Condition;Power;Until\nrandom-orbital sander;"1.060,50";2026-04-01;hardware store;trade;used;cordless;2026-06-01'
      ).quotes
    ).toEqual([
      {
        id: 'q',
        offer: 'ro-sander/trade/used/buy/cordless',
        date: '2026-04-01',
        price: 106_050,
        seller: 'hardware-store',
        until: '2026-06-01'
      }
    ])
  })
  test('cells pasted from a sheet, another name of the tool, a sign before the figure, a gift', () => {
    expect(
      read('what\tcost\nscrew gun\t€ 99\nBar clamp\t0').quotes.map(({ offer, price }) => [
        offer,
        price
      ])
    ).toEqual([
      ['drill-driver/weekend/new/buy/cordless', 9900],
      ['f-clamp-600/weekend/new/buy/hand', 0]
    ])
  })
  test.each([
    ['quotes.currency', 'Jigsaw,59 USD', 'price'],
    ['quotes.currency', 'Jigsaw,£59', 'price'],
    ['quotes.price', 'Jigsaw,much', 'price'],
    ['quotes.negative', 'Jigsaw,-3', 'price'],
    ['quotes.tool', 'Flying saw,3', 'tool'],
    ['quotes.shop-made', 'bench-hook,3', 'tool']
  ])('%s: %s is named by row and column, the other rows are taken', (code, row, column) => {
    const { quotes, codes } = read(`tool,price\n${row}\nPull saw,25`)
    expect(codes).toEqual([[code, 2, column]])
    expect(quotes).toHaveLength(1)
  })
  test.each([
    ['quotes.date', 'Jigsaw,5,2026-02-30,,', 'date'],
    ['quotes.future', 'Jigsaw,5,2027-01-01,,', 'date'],
    ['quotes.until', 'Jigsaw,5,2026-05-01,2026-04-01,', 'until'],
    ['quotes.choice', 'Jigsaw,5,,,shiny', 'condition']
  ])('%s: %s', (code, row, column) =>
    expect(read(`tool,price,date,until,condition\n${row}`).codes).toEqual([[code, 2, column]])
  )
  test('no rows, no column, too many', () => {
    expect(read('').codes).toEqual([['quotes.empty']])
    expect(read('thing,money\nJigsaw,3').codes).toEqual([
      ['quotes.no-column', 'tool'],
      ['quotes.no-column', 'price']
    ])
    expect(read(`tool,price\n${'Jigsaw,3\n'.repeat(20_001)}`).codes).toEqual([['quotes.too-many']])
  })
  test('whatever is pasted, it is read or refused, and what is read is sound', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (head, rest) => {
        for (const { price } of read(`tool,price${head}\n${rest}`).quotes)
          expect(Number.isInteger(price) && price >= 0).toBe(true)
      }),
      { numRuns: 200 }
    )
  })
  test('prices of one’s own draw the typical ones along; sales do not', () => {
    const quote = {
      id: 'q',
      offer: 'jigsaw/weekend/new/buy/corded',
      date: '2026-05-01',
      price: 12_000,
      seller: 'online' as const
    }
    const plain = emptyWorkspace()
    const calibrated = change.addQuotes(plain, [quote])
    const sale = change.addQuotes(plain, [{ ...quote, until: '2026-05-09' }])
    expect(levelBasis(plain, library)).toEqual({ kind: 'usual', quotes: 0 })
    expect(levelBasis(calibrated, library)).toEqual({ kind: 'calibrated', quotes: 1 })
    expect(levelBasis(sale, library)).toEqual({ kind: 'usual', quotes: 0 })
    expect(priceLevel(calibrated, library)).toBeGreaterThan(priceLevel(plain, library))
    expect(priceLevel(sale, library)).toBe(priceLevel(plain, library))
  })
})

describe('bundles, deals, sales and need tests in a file', () => {
  const piece = {
    tool: 'jigsaw',
    tier: 'weekend' as const,
    condition: 'new' as const,
    power: 'corded' as const,
    count: 1
  }
  const bundle = { id: 'my/box', name: 'Box', pieces: [piece, { ...piece, tool: 'ro-sander' }] }
  const full = {
    ...change.addBundle({ ...emptyWorkspace(), builds: [build('bird-box', { id: 'b' })] }, bundle, {
      id: 'q1',
      offer: 'my/box',
      date: '2026-05-01',
      price: 9900,
      seller: 'other' as const
    }),
    deals: [{ id: 'd', name: 'Three for two', buy: 2, free: 1, tools: ['f-clamp-600'] }],
    saleWindows: [
      {
        id: 's',
        name: 'Autumn',
        from: '2026-10-01',
        until: '2026-10-07',
        off: 0.2,
        chance: 0.6,
        tools: []
      }
    ],
    needTests: [{ tool: 'jigsaw', build: 'b', asked: '2026-05-04', until: '2026-05-18' }]
  }
  test('come back as they were written', () => {
    const again = readWorkspace(writeWorkspace(full), library)
    expect(again.ok && again.value.workspace).toEqual(full)
  })
  test.each([
    [
      'unknown.tool',
      { ...full, bundles: [{ ...bundle, pieces: [{ ...piece, tool: 'flying-saw' }] }] }
    ],
    [
      'unknown.tool',
      { ...full, deals: [{ id: 'd', name: 'x', buy: 1, free: 1, tools: ['flying-saw'] }] }
    ],
    [
      'unknown.build',
      {
        ...full,
        needTests: [{ tool: 'jigsaw', build: 'none', asked: '2026-05-04', until: '2026-05-18' }]
      }
    ],
    ['unknown.offer', { ...full, bundles: [] }],
    [
      'sale.ends-before-it-begins',
      {
        ...full,
        saleWindows: [
          {
            id: 's',
            name: 'x',
            from: '2026-10-07',
            until: '2026-10-01',
            off: 0.2,
            chance: 0.6,
            tools: []
          }
        ]
      }
    ]
  ])('%s is refused', (code, data) => {
    const checked = checkWorkspace(data, library)
    expect(!checked.ok && checked.issues.map((one) => one.code)).toContain(code)
  })
  test('taking a build or a bundle out takes what hangs on it along', () => {
    expect(change.removeBuild(full, 'b').needTests).toEqual([])
    const without = change.removeOffer(full, 'my/box')
    expect([without.bundles, without.quotes]).toEqual([[], []])
  })
  test('two tools of one’s own that need each other are said, and can still be read', () => {
    const [base] = library.data.tools
    if (!base) throw new Error('no tool')
    const own = (id: string, other: string): Tool => ({
      ...base,
      id,
      name: id,
      companions: [{ anyOf: [other], count: 1, kind: 'needed', why: '' }]
    })
    const tools = [own('my/a', 'my/b'), own('my/b', 'my/a')]
    const workspace = { ...demo('hive-yard'), own: { ...demo('hive-yard').own, tools } }
    expect(companionCircles(withOwn(library, workspace.own), workspace.own)).toHaveLength(1)
    const again = readWorkspace(writeWorkspace(workspace), library)
    expect(again.ok && again.value.notes.map(({ code }) => code)).toContain('own.companion-circle')
  })
})

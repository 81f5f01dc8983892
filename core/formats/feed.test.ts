import { describe, expect, test } from '@jest/globals'
import { Ajv2020 } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import fc from 'fast-check'
import { library } from '../../data'
import { BOARD_NAME, marketFor } from '../../data/board'
import { damaged } from '../../tests/helpers/mutate'
import { feedOn, type Feed } from '../board'
import { feedSchema } from './feed-schema'
import { feedJsonSchema, readFeed, writeFeed, writeFeedCsv } from '.'

/** Ajv (registry library) is the independent judge of the published JSON Schema. */
const ajv = new Ajv2020({ strict: false })
;(addFormats as unknown as (target: Ajv2020) => void)(ajv)
const accepts = ajv.compile(feedJsonSchema())

const TODAY = '2026-05-04'
const wanted = { library, currency: 'EUR', today: TODAY }
const market = marketFor(library, 'EUR')
if (!market) throw new Error('no market')
const whole: Feed = feedOn(market, TODAY, BOARD_NAME)
const few: Feed = { ...whole, listings: whole.listings.slice(0, 6) }
const read = (text: string, more: Partial<typeof wanted> = {}) => {
  const found = readFeed(text, { ...wanted, ...more })
  return found.ok
    ? {
        listings: found.value.feed.listings,
        codes: found.value.problems.map(({ code, path }) => [code, ...path])
      }
    : { listings: [], codes: found.issues.map(({ code, path }) => [code, ...path]) }
}
const LISTING = {
  id: 'a',
  seller: 'A shop',
  sellerType: 'online',
  tool: 'Jigsaw',
  tier: 'weekend',
  condition: 'new',
  power: 'corded',
  price: '59.90'
}
const feedOf = (listings: readonly object[], head: object = {}): string =>
  JSON.stringify({
    format: 'frugal-ledger/price-feed',
    version: 1,
    name: 'Feed',
    currency: 'EUR',
    date: TODAY,
    ...head,
    listings
  })

describe('a price feed', () => {
  test('written as JSON and as CSV it comes back as it was, without a fault', () => {
    for (const text of [writeFeed(whole), writeFeedCsv(whole)]) {
      const found = readFeed(text, wanted)
      expect(found.ok && found.value.problems).toEqual([])
      expect(found.ok && found.value.feed).toEqual(whole)
    }
    expect(accepts(JSON.parse(writeFeed(whole)))).toBe(true)
  })
  test('somebody’s own feed: tools by the names people use, what is not said left open', () => {
    expect(read(feedOf([LISTING])).listings).toEqual([{ ...LISTING, tool: 'jigsaw', price: 5990 }])
    expect(
      read('tool,price,seller,currency,date,power\nJigsaw,59.90,A shop,EUR,2026-05-01,corded')
        .listings
    ).toEqual([{ ...LISTING, id: 'row-2', tool: 'jigsaw', price: 5990, sellerType: 'other' }])
  })
  test.each([
    ['a price of 0', { price: '0' }, ['feed.price', 2, 'price']],
    ['a price of 0.00', { price: '0.00' }, ['feed.price', 2, 'price']],
    ['a negative price', { price: '-3' }, ['feed.price', 2, 'price']],
    ['a price that is a number', { price: 59.9 }, ['feed.price', 2, 'price']],
    ['more decimals than cents', { price: '59.905' }, ['feed.price', 2, 'price']],
    ['another tier', { tier: 'golden' }, ['feed.choice', 2, 'tier']],
    ['a form it is not sold in', { power: 'hand' }, ['feed.choice', 2, 'power']],
    ['a tool nobody knows', { tool: 'flying saw' }, ['feed.tool', 2, 'tool']],
    ['a tool that is made', { tool: 'bench-hook' }, ['feed.tool', 2, 'tool']],
    ['a day that does not exist', { until: '2026-02-30' }, ['feed.day', 2, 'until']],
    ['no seller', { seller: undefined }, ['feed.field', 2, 'seller']],
    ['a field of its own', { colour: 'red' }, ['feed.field', 2, 'colour']],
    ['a name without end', { seller: 'x'.repeat(5000) }, ['feed.field', 2, 'seller']],
    ['an id that stands twice', { id: 'a' }, ['feed.twice', 2, 'id']]
  ])('%s is named by its place, and the others are read', (_what, fault, code) => {
    const found = read(
      feedOf([LISTING, { ...LISTING, id: 'b', ...fault }, { ...LISTING, id: 'c' }])
    )
    expect(found.codes).toEqual([code])
    expect(found.listings.map(({ id }) => id)).toEqual(['a', 'c'])
  })
  test('half a file, JSON or CSV', () => {
    const json = writeFeed(few)
    expect(read(json.slice(0, json.length / 2)).codes).toEqual([['json.syntax']])
    const csv = writeFeedCsv(few)
    const half = read(csv.slice(0, csv.indexOf(few.listings[3]?.id ?? '') + 4))
    expect(half.listings).toHaveLength(3)
    expect(half.codes.map(([code]) => code)).toEqual(['feed.field'])
  })
  test('another currency: as a whole, or in one row of a table', () => {
    expect(read(feedOf([LISTING], { currency: 'USD' })).codes).toEqual([
      ['feed.currency', 'currency']
    ])
    const csv = writeFeedCsv(few).split('\r\n')
    csv[2] = csv[2]?.replace(',EUR,', ',USD,') ?? ''
    expect(read(csv.join('\r\n')).codes).toEqual([['feed.currency', 3, 'currency']])
  })
  test('an old day is said and read, one that has not come is refused', () => {
    const old = read(feedOf([LISTING], { date: '2026-04-01' }))
    expect([old.codes, old.listings.length]).toEqual([[['feed.old', 'date']], 1])
    expect(read(feedOf([LISTING], { date: '2026-05-05' })).codes).toEqual([['feed.future', 'date']])
  })
  test('10 000 rows, none at all, another format, a newer version', () => {
    const many = Array.from({ length: 10_000 }, (_, i) => ({ ...LISTING, id: `n${i}` }))
    expect(read(feedOf(many)).codes).toEqual([['feed.too-many']])
    expect(read(feedOf([])).codes).toEqual([['feed.empty']])
    expect(read('').codes).toEqual([['feed.empty']])
    expect(read('{"format":"other"}').codes).toEqual([['file.not-this-format', 'format']])
    expect(read(feedOf([LISTING], { version: 2 })).codes).toEqual([['file.newer', 'version']])
    expect(read('tool,price\nJigsaw,3').codes.map(([code]) => code)).toEqual(
      ['currency', 'date', 'seller'].map(() => 'feed.no-column')
    )
  })
  test('more than fifty faults are counted, not listed', () => {
    const many = Array.from({ length: 70 }, (_, i) => ({ ...LISTING, id: `n${i}`, price: '0' }))
    const codes = read(feedOf(many)).codes.map(([code]) => code)
    expect(codes).toHaveLength(51)
    expect(codes.at(-1)).toBe('file.more-problems')
  })
  test('hostile text stays text: controls are taken out, nothing runs as a formula, no link but the seller’s words', () => {
    const note = '=HYPERLINK("x")\u202e<img src=x onerror=alert(1)>'
    const [one] = read(feedOf([{ ...LISTING, note }])).listings
    expect(one?.note).toBe('=HYPERLINK("x")<img src=x onerror=alert(1)>')
    const csv = writeFeedCsv({ ...few, listings: one ? [one] : [] })
    expect(csv).toContain(`"'=HYPERLINK`)
    expect(read(csv).listings[0]?.note).toBe(one?.note)
    expect(read(feedOf([{ ...LISTING, __proto__: { polluted: 1 } }])).codes).toEqual([])
    expect(({} as { polluted?: number }).polluted).toBeUndefined()
  })
  test('what is sold out, or has ended, is no offer and no fault', () => {
    const found = read(
      feedOf([
        { ...LISTING, stock: 0 },
        { ...LISTING, id: 'b', until: '2026-05-03' },
        { ...LISTING, id: 'c', until: TODAY, stock: 1 }
      ])
    )
    expect([found.codes, found.listings.map(({ id }) => id)]).toEqual([[], ['c']])
  })
  test('Ajv and our own reader agree on whole and on damaged feeds, and nothing damaged crashes', () => {
    const text = writeFeed(few)
    let refused = 0
    for (let seed = 1; seed <= 300; seed++) {
      const broken = damaged(text, seed)
      const found = readFeed(broken, wanted)
      let raw: unknown
      try {
        raw = JSON.parse(broken.replace(/^\ufeff/, ''))
      } catch {
        expect([seed, found.ok]).toEqual([seed, false])
        continue
      }
      const sound = feedSchema.safeParse(raw).success
      if (!sound) refused++
      expect([seed, accepts(raw)]).toEqual([seed, sound])
    }
    expect(refused).toBeGreaterThan(50)
  })
  test('whatever is read, it is a feed or refused, and each price is a whole amount above 0', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        for (const { price } of read(text).listings)
          expect(Number.isInteger(price) && price > 0).toBe(true)
      })
    )
  })
})

import { expect, test } from '@jest/globals'
import { seededRandom, sumOf } from '../kernel'
import { bestDeals, type Deal, type DealtPiece } from '.'

const deal = (id: string, buy: number, free: number, tools: readonly string[]): Deal => ({
  id,
  name: id,
  buy,
  free,
  tools
})
const piece = (tool: string, atTill: number, count = 1): DealtPiece => ({
  tool,
  atTill,
  count,
  condition: 'new'
})
const saved = (pieces: readonly DealtPiece[], deals: readonly Deal[]): number =>
  sumOf(bestDeals(pieces, deals), (one) => one.saved)

/** The most deals can take off, by trying every deal, or none, for every unit and every grouping's own rule: of each group the cheapest are free. */
function mostByTrying(pieces: readonly DealtPiece[], deals: readonly Deal[]): number {
  const units = pieces.flatMap(({ tool, atTill, count }) =>
    Array.from({ length: count }, () => ({ tool, atTill }))
  )
  const baskets: number[][] = deals.map(() => [])
  const off = ({ buy, free }: Deal, prices: readonly number[]): number => {
    const sorted = [...prices].sort((a, b) => b - a)
    let sum = 0
    for (let i = 0; i < sorted.length; i += buy + free)
      for (const price of sorted.slice(i + buy, i + buy + free)) sum += price
    return sum
  }
  const visit = (index: number): number => {
    const unit = units[index]
    if (!unit) return sumOf(deals, (one) => off(one, baskets[deals.indexOf(one)] ?? []))
    let best = visit(index + 1)
    deals.forEach(({ tools }, i) => {
      if (!tools.includes(unit.tool)) return
      baskets[i]?.push(unit.atTill)
      best = Math.max(best, visit(index + 1))
      baskets[i]?.pop()
    })
    return best
  }
  return visit(0)
}

test('a few deals over a few units take off as much as trying everything finds', () => {
  const random = seededRandom(7)
  const pick = (most: number): number => Math.floor(random() * most)
  for (let run = 0; run < 60; run++) {
    const deals = Array.from({ length: 1 + pick(3) }, (_, i) =>
      deal(
        `d${i}`,
        1 + pick(3),
        1 + pick(2),
        ['a', 'b', 'c'].filter(() => random() < 0.7)
      )
    )
    const pieces = ['a', 'b', 'c'].map((tool) => piece(tool, 100 + pick(900), 1 + pick(2)))
    expect([run, saved(pieces, deals)]).toEqual([run, mostByTrying(pieces, deals)])
  }
})

test('deals that are alike count as one', () => {
  const pieces = [piece('a', 500), piece('b', 300), piece('c', 200)]
  const one = deal('d', 1, 1, ['a', 'b', 'c'])
  expect(saved(pieces, [one])).toBe(300)
  expect(
    saved(
      pieces,
      Array.from({ length: 40 }, (_, i) => ({ ...one, id: `d${i}` }))
    )
  ).toBe(300)
})

test('forty deals over forty tools are answered, with no less than the best of them alone takes off', () => {
  const tools = Array.from({ length: 40 }, (_, i) => `t${i}`)
  const pieces = tools.map((tool, i) => piece(tool, 1000 + 37 * i))
  const deals = Array.from({ length: 40 }, (_, i) =>
    deal(`d${i}`, 1 + (i % 8), 1 + Math.floor(i / 8), tools)
  )
  const alone = Math.max(...deals.map((one) => saved(pieces, [one])))
  expect(saved(pieces, deals)).toBeGreaterThanOrEqual(alone)
})

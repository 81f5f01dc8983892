import { describe, expect, test } from '@jest/globals'
import jstat from 'jstat'
import { library } from '../../data'
import { demoWorld } from '../../tests/helpers/workspaces'
import { seededRandom } from '../kernel'
import { betaQuantiles } from './sale-estimates'
import { saleEstimate, seenPrices, typicalOf, type Quote, type SaleWindow, type SeenPrice } from '.'

const pricing = { ...demoWorld('hive-yard').pricing, library, quotes: [] }
const kind = { tool: 'jigsaw', tier: 'weekend', condition: 'new', power: 'corded' } as const
const typical = typicalOf(pricing, kind) ?? 0
const autumn: SaleWindow = {
  id: 's',
  name: 'Late autumn',
  from: '2026-11-20',
  until: '2026-11-30',
  off: 0.2,
  chance: 0.7,
  tools: [],
  yearly: true
}
const quotes = (list: readonly (readonly [date: string, share: number])[]): readonly SeenPrice[] =>
  seenPrices(
    pricing,
    list.map(([date, share], i): Quote => ({
      id: `q${i}`,
      offer: 'jigsaw/weekend/new/buy/corded',
      date,
      price: Math.round(typical * share),
      seller: 'online'
    })),
    []
  )

test('quantiles of the Beta distribution are jstat’s', () => {
  for (const [a, b] of [
    [1.4, 0.6],
    [3, 2],
    [9, 1.2]
  ] as const)
    betaQuantiles(a, b, [0.1, 0.5, 0.9]).forEach((one, i) =>
      expect(Math.abs(one - jstat.beta.inv([0.1, 0.5, 0.9][i] ?? 0, a, b))).toBeLessThan(0.01)
    )
})

describe('a yearly sale, corrected by what was seen', () => {
  test('with nothing seen it is what was said, and the stretch about it is wide', () => {
    const estimate = saleEstimate([], autumn, '2026-05-04')
    expect(estimate).toMatchObject({ chance: 0.7, off: 0.2, years: 0, came: 0 })
    expect(estimate.chanceHigh - estimate.chanceLow).toBeGreaterThan(0.5)
  })
  test('two years in which it came with three tenths off', () => {
    const seen = quotes([
      ['2024-09-01', 1.1],
      ['2024-11-22', 0.77],
      ['2025-09-01', 1.1],
      ['2025-11-24', 0.77]
    ])
    const { chance, off, years, came } = saleEstimate(seen, autumn, '2026-05-04')
    expect([years, came]).toEqual([2, 2])
    // (2·0.7 + 2)/(2 + 2), and a depth between what was said and what was seen, nearer to what was seen.
    expect(chance).toBeCloseTo(0.85, 2)
    expect(off).toBeGreaterThan(0.25)
    expect(off).toBeLessThan(0.3)
  })
  test('years without a lower price make it less likely, and say nothing of its depth', () => {
    const seen = quotes([
      ['2024-09-01', 1],
      ['2024-11-22', 1],
      ['2025-11-24', 0.98]
    ])
    const { chance, off, came } = saleEstimate(seen, autumn, '2026-05-04')
    // (2·0.7)/(2 + 2) where both were certainly none; prices of one seller leave some doubt.
    expect(chance).toBeGreaterThan(0.34)
    expect(chance).toBeLessThan(0.45)
    expect([off, came]).toEqual([expect.closeTo(0.2, 1), 0])
  })
  test('the stretches hold the truth about as often as they say: 300 made-up histories of six years', () => {
    const random = seededRandom(3)
    const normal = (): number =>
      Math.sqrt(-2 * Math.log(Math.max(1e-12, random()))) * Math.cos(2 * Math.PI * random())
    let [chances, depths, withDepth] = [0, 0, 0]
    const times = 300
    for (let i = 0; i < times; i++) {
      // What was said is right on average, by the weight it is given.
      const truth = jstat.beta.inv(random(), 2 * 0.7, 2 * 0.3)
      const off = 0.2 + 0.08 * normal()
      const rows: [string, number][] = []
      for (let year = 2020; year < 2026; year++) {
        const comes = random() < truth
        const its = off + 0.06 * normal()
        for (const month of ['03', '06', '09'])
          rows.push([`${year}-${month}-10`, 1 + 0.03 * normal()])
        for (const day of ['21', '24', '28'])
          rows.push([`${year}-11-${day}`, (comes ? 1 - its : 1) * (1 + 0.03 * normal())])
      }
      const said = saleEstimate(quotes(rows), autumn, '2026-05-04')
      if (truth >= said.chanceLow && truth <= said.chanceHigh) chances++
      if (said.came > 0) {
        withDepth++
        if (off >= said.offLow && off <= said.offHigh) depths++
      }
    }
    for (const share of [chances / times, depths / withDepth]) {
      expect(share).toBeGreaterThan(0.7)
      expect(share).toBeLessThan(0.9)
    }
  })
})

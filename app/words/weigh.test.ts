import { describe, expect, test } from '@jest/globals'
import { demoWorld } from '../../tests/helpers/workspaces'
import { sayFor } from './say'
import { power } from './power'
import { prices } from './prices'
import { quality } from './quality'
import { weigh } from './weigh'
import { firsts } from './firsts'

const say = sayFor(demoWorld('hive-yard'))
const dollars = sayFor(demoWorld('half-a-garage'))

describe('the Weigh-up says figures with their units, and names the item', () => {
  test('a weight that is zero says what that means, any other its price', () => {
    expect([
      weigh.weightLine(say, 'time', 0),
      weigh.weightLine(say, 'time', 750),
      weigh.weightLine(say, 'money', 1.5)
    ]).toEqual(['hours not priced', 'an hour €7.50', 'builds × 1.5'])
  })
  test('where first place changes: who takes over, below and above', () => {
    expect(weigh.swayLine(say, 'time', undefined, { at: 1010.4, lead: 'jigsaw' })).toBe(
      'above €10.10 jigsaw leads'
    )
    expect(weigh.swayLine(say, 'money', { at: 0.5, lead: 'jigsaw' }, undefined)).toBe(
      'below × 0.5 jigsaw leads'
    )
    expect(weigh.swayLine(say, 'space', undefined, undefined)).toBe('wherever it stands')
  })
  test('what speaks against a purchase, in the user’s own units', () => {
    expect(
      weigh.regret(say, { kind: 'few-uses', tool: 'brad-nailer', usesPerYear: 1, threshold: 4 })
    ).toBe('About 1 uses a year; fewer than 4 are often better borrowed, hired or done without.')
    expect(
      weigh.regret(say, { kind: 'duplicate', tool: 'ro-sander', by: 'palm-sander', times: 1.64 })
    ).toBe('You own palm sander, which does all of it in 1.6 times the time.')
    const outgrown = {
      kind: 'outgrown',
      tool: 'f-clamp-300',
      build: 'coat-bench',
      operation: 'glue-up-panel',
      has: 300,
      needs: 609.6
    } as const
    expect(weigh.regret(dollars, outgrown)).toContain('needs 24 in, it gives 11 13/16 in')
  })
  test('a near miss names tool, measure needed and measure had', () => {
    expect(
      weigh.nearMiss(say, { tool: 'f-clamp-600', has: 600, needs: 800, operation: 'glue-up-panel' })
    ).toMatch(/^F-clamp almost did it: .* needs 800 mm, it gives 600 mm\.$/)
  })
  test('where the plan begins otherwise: the same, later for want of money, with something else, or not at all', () => {
    const rest = {
      first: 'jigsaw/weekend/new/buy/corded',
      firstDate: '2026-06-01',
      firstOpens: ['bird-boxes', 'step-stool', 'tool-tote', 'make/jig-bench-hook']
    } as const
    expect(firsts.beginning(say, 'brace', { kind: 'same' })).toBe('The plan begins with the same.')
    expect(
      firsts.beginning(say, 'brace', { kind: 'later', date: '2026-07-01', short: 2550, ...rest })
    ).toBe(
      'The plan buys jigsaw first, on 1 Jun, for bird boxes, step stool and 1 more; hand brace and bits follows on 1 Jul, since €25.50 is missing before.'
    )
    expect(
      firsts.beginning(say, 'brace', {
        kind: 'otherwise',
        through: 'drill-driver/weekend/new/buy/corded',
        builds: ['bird-boxes'],
        ...rest
      })
    ).toContain('It reaches bird boxes with drill driver instead of hand brace and bits')
    expect(
      firsts.beginning(say, 'brace', { kind: 'left-out', builds: ['cold-frame'], ...rest })
    ).toContain('It leaves out cold frame')
  })
  test('why a part comes along is the companion’s own reason, or what it protects', () => {
    expect(
      weigh.because(say, {
        kind: 'companion',
        of: 'drill-driver',
        why: 'A drill turns nothing by itself.'
      })
    ).toBe('A drill turns nothing by itself.')
    expect(weigh.because(say, { kind: 'protection', of: 'jigsaw' })).toBe('protection for jigsaw')
  })
  test('a price is taken apart only into what it has', () => {
    expect(weigh.priceParts(dollars, { tag: 5000, tax: 400, delivery: 0, repair: 600 })).toBe(
      'tag $50 + tax $4 + repair reserve $6'
    )
  })
})

describe('how good, cords or packs, and prices', () => {
  test('a tier that will not do: by accuracy with both figures, by duty with minutes', () => {
    expect(
      quality.ruledOut(say, {
        kind: 'accuracy',
        tier: 'get-by',
        build: 'step-stool',
        operation: 'crosscut',
        has: 0.75,
        needs: 0.6
      })
    ).toMatch(
      /^The get-by tier: Step stool wants .* within 0\.6 mm, it gives 0\.8 mm with the marking you own\.$/
    )
    expect(
      quality.ruledOut(say, {
        kind: 'duty',
        tier: 'get-by',
        build: 'step-stool',
        operation: 'sand-flat',
        minutes: 90,
        needsPerHour: 30,
        allows: 15
      })
    ).toContain('runs it for 1 h 30 in one go, about 30 minutes in the hour; it is made for 15')
  })
  test('too little names the least that would do and the way out', () => {
    expect(quality.tooLittle(say, 12_300)).toBe(
      'That does not reach: the cheapest tiers that will do cost €123 together. Raise the total or take a tool out.'
    )
  })
  test('cords save money and lose the roaming; the caution stands beside other makers’ packs', () => {
    expect(power.corded(say, 4000)).toContain('Cords save €40')
    expect(power.corded(say, -500)).toBe('Cords would cost €5 more here.')
    expect(power.otherMakerText(say, 3000)).toMatch(/Caution: .*overheat and burn/)
  })
  test('a bundle’s verdict names what is wanted, what comes unasked, and the difference', () => {
    const pieces = { wanted: [{ tool: 'jigsaw' }], unwanted: [{ tool: 'belt-sander' }] }
    expect(prices.bargain(say, { saves: 1000, separately: 6000, ...pieces }, 5000)).toBe(
      '€50: a bargain. Jigsaw alone cost €60; it saves €10. Belt sander would come along unasked.'
    )
    expect(prices.bargain(say, { saves: -3000, separately: 6000, ...pieces }, 9000)).toContain(
      'no bargain'
    )
    expect(
      prices.bargain(say, { saves: 0, separately: 0, wanted: [], unwanted: pieces.unwanted }, 9000)
    ).toContain('nothing in it is planned or wished for')
  })
})

import { describe, expect, test } from '@jest/globals'
import { method, owned, use } from '../../../tests/helpers/kernel'
import type { Method, SpecRule, Tie, WorkAround } from '../../catalogue'
import { exactEnough, leadError, markingAllowed, resultError } from './exactness'
import {
  minutesOf,
  paceKey,
  plainRunMinutes,
  roundMinutes,
  runningMinutes,
  workOf
} from './minutes'
import { eaten, serviceFee } from './money'
import { burdenOf, penaltyOf } from './penalties'
import { leads, leadsOn, meets, reach, tieHolds, tieKey } from './roles'

// Every figure here is worked by hand from the rule it asks about; what a case leaves out plays no part in it.
describe('minutes', () => {
  const load = { units: 10, batches: 3 }
  test('are set-up a batch, running a unit, and work-arounds on top', () => {
    expect(minutesOf(method(), undefined, [use(0, 5, 1)], load)).toBe(6 * 3 + 2 * 10 + 5 * 3 + 10)
    expect(roundMinutes([use(0, 5, 1), use(0, 1, 0)], load)).toBe(5 * 3 + 10 + 3)
    expect(runningMinutes(method(), 50, load)).toBe(32)
    expect(runningMinutes(method(), 10, load)).toBe(0)
  })
  test('grow with the stock and with hard timber, both together', () => {
    const grows = [{ stock: 'thicknessMm', of: 20 }] as unknown as Method['grows']
    const species = { soft: 1, hard: 1.5 } as unknown as Method['species']
    const thick = { ...load, stock: { thicknessMm: 40 } }
    expect(workOf(method({ grows, species }), thick)).toBe(2)
    expect(workOf(method({ grows, species }), { ...thick, species: 'hard' })).toBe(3)
    expect(workOf(method({ species }), { ...load, species: 'hard' })).toBe(1.5)
    expect(workOf(method({ species }), load)).toBe(1)
    expect(plainRunMinutes(method({ grows }), thick)).toBe(2 * 10 * 2)
    expect(minutesOf(method({ grows }), undefined, [], thick)).toBe(18 + 40)
  })
  test('of what is only set once do not hang on the tool; of what is guided they do', () => {
    const poor = owned({ tier: 'get-by' })
    const guided = minutesOf(method(), poor, [], load)
    expect(guided).toBeGreaterThan(18 + 20)
    expect(minutesOf(method({ held: true }), poor, [], load)).toBe(18 + 20)
    expect(paceKey(poor)).not.toBe(paceKey(owned()))
    expect(paceKey(owned())).toMatch(/^1\*1$/)
  })
})

describe('exactness', () => {
  test('independent errors add in squares: 3 and 4 make 5', () => {
    expect(leadError(method(), undefined, [use(4)])).toBe(5)
    expect(leadError(method(), undefined, [])).toBe(3)
    expect(resultError(method({ marked: true }), 3, 4)).toBe(5)
    expect(resultError(method({ marked: false }), 3, 4)).toBe(3)
  })
  test('of a worn tool it is so many times as large, whatever its tier; its pace is told apart', () => {
    const worn = owned({ inexact: 2 })
    expect(leadError(method(), worn, [])).toBe(2 * leadError(method(), owned(), []))
    expect(leadError(method(), owned({ inexact: 1 }), [])).toBe(leadError(method(), owned(), []))
    expect(paceKey(worn)).not.toBe(paceKey(owned()))
  })
  test('an error as large as the limit is within it; without a limit any is', () => {
    expect([exactEnough(1, 1), exactEnough(1.01, 1), exactEnough(99, undefined)]).toEqual([
      true,
      false,
      true
    ])
  })
  test('what marking may take is what the tool leaves of the limit, in squares', () => {
    expect(markingAllowed(method({ marked: true }), 3, 5)).toBeCloseTo(4, 6)
    expect(markingAllowed(method({ marked: true }), 6, 5)).toBe(0)
    expect(markingAllowed(method({ marked: false }), 6, 5)).toBe(Infinity)
    expect(markingAllowed(method({ marked: true }), 6, undefined)).toBe(Infinity)
  })
})

describe('burdens', () => {
  const about = { load: { units: 1, batches: 1 }, workshop: {} } as never
  test('loud is louder than the limit, risk is time times the hazard, coarse is near the limit', () => {
    const at = (soundDbA: number) => burdenOf(method({ soundDbA }), 36, 1, 4, about)
    expect([at(85).loudMinutes, at(86).loudMinutes]).toEqual([0, 30])
    const quiet = { load: { units: 1, batches: 1 }, workshop: { quiet: { aboveDbA: 70 } } } as never
    expect(burdenOf(method({ soundDbA: 71 }), 36, 1, 4, quiet).loudMinutes).toBe(30)
    expect(
      burdenOf(method({ hazard: { class: 'rotation', level: 2 } as never }), 36, 1, 4, about)
    ).toEqual({ loudMinutes: 0, riskMinutes: 60, coarseness: 0.25 })
    expect(burdenOf(method(), 36, 8, 4, about).coarseness).toBe(1)
    expect(burdenOf(method(), 36, 8, undefined, about).coarseness).toBe(0)
  })
  test('in money: an hour of each at its weight, all together', () => {
    const weights = { money: 1, quiet: 100, ease: 30, finish: 7 }
    expect(penaltyOf(weights, { loudMinutes: 90, riskMinutes: 120, coarseness: 1 })).toBe(
      150 + 60 + 7
    )
  })
})

test('a service takes so much a unit and so much a visit; a running tool eats by the hour', () => {
  const service = { pointsPerUnit: 50, pointsPerVisit: 200 } as never
  expect(serviceFee(method({ service }), { units: 4, batches: 3 }, 100)).toBe(800)
  expect(serviceFee(method(), { units: 4, batches: 3 }, 100)).toBe(0)
  expect(eaten(120, method(), 36, { units: 1, batches: 1 })).toBe(60)
})

describe('roles', () => {
  const rule = (of: Partial<SpecRule> = {}): SpecRule =>
    ({
      spec: 'openingMm',
      is: 'atLeast',
      bound: { stock: 'widthMm' },
      ...of
    }) as unknown as SpecRule
  const around: WorkAround = { reach: 2, errorMm: 0, setupMinutes: 1, runMinutes: 0 } as never
  const need = (rules: readonly SpecRule[]) => ({ role: 'clamp', count: 1, rules }) as never
  test('a rule holds at its bound, and wherever the stock does not say', () => {
    const has = (openingMm?: number) => (openingMm === undefined ? {} : { openingMm }) as never
    const stock = { widthMm: 300 }
    expect([299, 300, 301].map((mm) => meets(has(mm), rule(), stock))).toEqual([false, true, true])
    expect([299, 300, 301].map((mm) => meets(has(mm), rule({ is: 'atMost' }), stock))).toEqual([
      true,
      true,
      false
    ])
    expect([meets(has(), rule(), stock), meets(has(), rule(), {})]).toEqual([false, true])
  })
  test('what falls short is reached by a work-around that stretches far enough, and no other', () => {
    const clamp = owned({ specs: { openingMm: 200 } as never, tool: { id: 'clamp' } })
    const at = (mm: number, of: Partial<SpecRule>) =>
      reach(clamp, need([rule(of)]), { widthMm: mm })
    expect(at(200, {})).toEqual([])
    expect(at(300, {})).toBeUndefined()
    expect(at(400, { otherwise: around })).toEqual([
      { role: 'clamp', tool: 'clamp', spec: 'openingMm', has: 200, needs: 400, around }
    ])
    expect(at(401, { otherwise: around })).toBeUndefined()
    expect(at(100, { otherwise: around, is: 'atMost' })).toBeUndefined()
    expect(reach(owned(), need([rule({ otherwise: around })]), { widthMm: 10 })).toBeUndefined()
  })
  test('a tool leads by the first role, on stock it reaches', () => {
    const lead = { role: 'saw', count: 1, rules: [rule()] } as never
    const other = { role: 'clamp', count: 1, rules: [] } as never
    const by = method({ roles: [lead, other] })
    expect([
      leads(owned().tool, by),
      leads(owned({ tool: { roles: ['clamp'] } }).tool, by)
    ]).toEqual([true, false])
    expect(leads(owned().tool, method())).toBe(false)
    const long = owned({ specs: { openingMm: 300 } as never })
    expect([leadsOn(long, by, { widthMm: 300 }), leadsOn(long, by, { widthMm: 301 })]).toEqual([
      true,
      false
    ])
    expect(leadsOn(owned({ tool: { roles: ['clamp'] } }), by, {})).toBe(false)
  })
  const packs: Tie = { comparator: 'same-platform', role: 'drill', withRole: 'pack' } as never
  const collet: Tie = { comparator: 'same-size', role: 'bit', withRole: 'router' } as never
  test('packs go together on one platform; what is not said is no obstacle', () => {
    const on = (platform?: string) => owned(platform === undefined ? {} : { platform })
    expect([
      tieHolds(packs, on('a'), on('a')),
      tieHolds(packs, on('a'), on('b')),
      tieHolds(packs, on(), on('b')),
      tieHolds(packs, on('a'), on())
    ]).toEqual([true, false, true, true])
  })
  test('a shank goes into its collet and a larger one, by a sleeve, never into a smaller one', () => {
    const bit = (shankMm?: number) => owned({ specs: { shankMm } as never })
    const router = (colletMm?: number) => owned({ specs: { colletMm } as never })
    expect([
      tieHolds(collet, bit(8), router(8)),
      tieHolds(collet, bit(8.1), router(8)),
      tieHolds(collet, bit(6), router(12)),
      tieHolds(collet, bit(12), router(8)),
      tieHolds(collet, bit(), router(8)),
      tieHolds(collet, bit(12), router())
    ]).toEqual([true, true, true, false, true, true])
  })
  test('tools tied alike share a key, by the side of the tie they are on', () => {
    const bit = owned({ specs: { shankMm: 8, colletMm: 12 } as never, platform: 'a' })
    expect([
      tieKey([collet], 'bit', bit),
      tieKey([collet], 'router', bit),
      tieKey([collet], 'fence', bit),
      tieKey(undefined, 'bit', bit),
      tieKey([collet], 'bit', owned()),
      tieKey([packs], 'pack', bit),
      tieKey([packs], 'drill', owned()),
      tieKey([packs], 'saw', bit)
    ]).toEqual(['8', '12', '', '', '*', 'a', '*', ''])
  })
})

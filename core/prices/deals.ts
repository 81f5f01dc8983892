import type { Condition } from '../catalogue'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Deal } from './bundles'

/** Pieces a deal may take, with what one costs at the till. */
export interface DealtPiece {
  readonly tool: string
  readonly count: number
  readonly condition: Condition
  readonly atTill: Minor
}
/** What a deal takes off. */
export interface DealSaving {
  readonly deal: Deal
  readonly saved: Minor
}

/** The cheapest `free` of every `buy + free` units, dearest units first: what a deal takes off, and the best grouping there is. */
export function dealSaving(
  { buy, free, most = Infinity }: Pick<Deal, 'buy' | 'free' | 'most'>,
  units: readonly Minor[]
): Minor {
  const sorted = [...units].sort((a, b) => b - a)
  return (
    sumOf(sorted, (price) => price) -
    sumOf(
      sorted.filter((_, i) => i % (buy + free) < buy || i >= most * (buy + free)),
      (price) => price
    )
  )
}

/** Ways of sharing units out among deals that are all tried; where there are more, the best way found by moving one unit at a time. */
const WAYS_TRIED = 4096
/** Of more deals that take the same units only those are weighed that would take off most if they had all of them. */
const DEALS_WEIGHED = 6

/** A unit of a day's basket, and which of the deals could take it. */
interface Dealt {
  readonly price: Minor
  readonly able: readonly number[]
}

/** The deals worth weighing for these units: of several alike one, and of many the ones that could take off most. */
function worthWeighing(
  deals: readonly Deal[],
  units: readonly { readonly price: Minor; readonly tool: string }[]
): Deal[] {
  const seen = new Set<string>()
  const alone = deals.flatMap((deal) => {
    const mine = units.filter(({ tool }) => deal.tools.includes(tool))
    const alike = `${deal.buy}/${deal.free}/${deal.most ?? ''}/${mine.map(({ tool }) => tool).join()}`
    const saved = dealSaving(
      deal,
      mine.map(({ price }) => price)
    )
    if (saved <= 0 || seen.has(alike)) return []
    seen.add(alike)
    return [{ deal, saved }]
  })
  if (alone.length <= DEALS_WEIGHED) return alone.map(({ deal }) => deal)
  const most = [...alone].sort((a, b) => b.saved - a.saved).slice(0, DEALS_WEIGHED)
  return alone.filter((one) => most.includes(one)).map(({ deal }) => deal)
}

/** What each deal takes off where every unit is given to the deal of its place. */
const savedBy = (deals: readonly Deal[], units: readonly Dealt[], to: readonly number[]): Minor[] =>
  deals.map((deal, i) =>
    dealSaving(
      deal,
      units.flatMap(({ price }, k) => (to[k] === i ? [price] : []))
    )
  )
const totalOf = (saved: readonly Minor[]): Minor => sumOf(saved, (one) => one)

/** The best of all ways to share units out. */
function bestOfAll(deals: readonly Deal[], units: readonly Dealt[]): Minor[] {
  let best: Minor[] = []
  const to: number[] = []
  const visit = (index: number): void => {
    const unit = units[index]
    if (!unit) {
      const saved = savedBy(deals, units, to)
      if (best.length === 0 || totalOf(saved) > totalOf(best)) best = saved
      return
    }
    for (const i of unit.able) {
      to[index] = i
      visit(index + 1)
    }
  }
  visit(0)
  return best
}
/** A good way: every unit to the deal that would take off most alone, then one unit moved at a time while that takes off more. */
function bestByMoving(deals: readonly Deal[], units: readonly Dealt[]): Minor[] {
  const alone = savedBy(
    deals,
    units.flatMap(({ price, able }) => able.map((i) => ({ price, able: [i] }))),
    units.flatMap(({ able }) => able)
  )
  const to = units.map(({ able }) =>
    able.reduce((best, i) => ((alone[i] ?? 0) > (alone[best] ?? 0) ? i : best))
  )
  let best = savedBy(deals, units, to)
  units.forEach(({ able }, k) => {
    for (const i of able) {
      const before = to[k] ?? i
      to[k] = i
      const saved = savedBy(deals, units, to)
      if (totalOf(saved) > totalOf(best)) best = saved
      else to[k] = before
    }
  })
  return best
}

/** What deals take off pieces bought together, each unit in at most one of them. */
export function bestDeals(
  wanted: readonly DealtPiece[],
  open: readonly Deal[]
): readonly DealSaving[] {
  const all = wanted.flatMap(({ count, atTill, condition, tool }) =>
    condition === 'new' && atTill > 0
      ? Array.from({ length: count }, () => ({ price: atTill, tool }))
      : []
  )
  const deals = worthWeighing(open, all)
  const units = all
    .map(({ price, tool }): Dealt => ({
      price,
      able: deals.flatMap(({ tools }, i) => (tools.includes(tool) ? [i] : []))
    }))
    .filter(({ able }) => able.length > 0)
  const ways = units.reduce((product, { able }) => product * able.length, 1)
  const saved = ways <= WAYS_TRIED ? bestOfAll(deals, units) : bestByMoving(deals, units)
  return deals.flatMap((deal, i) => ((saved[i] ?? 0) > 0 ? [{ deal, saved: saved[i] ?? 0 }] : []))
}

import { daysBetween, type Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Order, Piece, Workspace } from '../workspace'
import { marginEach, marginPerHour, type Design } from './design'
import { disagreements } from './moves'
import { stockHeld } from './books'
import { leftOf } from './wage'

const MINUTES_PER_HOUR = 60
/** A piece is old when it has waited so many times as long as its kind usually does. A judgement. */
const OLD_TIMES = 3
/** Days a piece may wait at least before it is called old: a month. */
const OLD_DAYS = 30
/** Pieces sold before a design is judged. */
const ENOUGH = 3
/** So much less than the best other design brings an hour, as a share, before it is worth a word. */
const MUCH_LESS = 0.5

/** Something that costs the seller money and can be mended. Amounts in minor units. */
export type Mistake =
  | {
      /** A design whose hours brought little, while another one was there that brings more. */
      readonly kind: 'poor-hours'
      readonly build: string
      readonly name: string
      readonly sold: number
      readonly perHour: number
      readonly better: { readonly build: string; readonly name: string; readonly perHour: number }
      /** What the hours spent on it would have brought with the other one. */
      readonly missed: Minor
    }
  | {
      readonly kind: 'loses'
      readonly build: string
      readonly name: string
      readonly each: Minor
    }
  | {
      /** Pieces that have waited long at a price that was never lowered. */
      readonly kind: 'old-stock'
      readonly build: string
      readonly name: string
      readonly pieces: readonly string[]
      readonly days: number
      readonly usual: number
      readonly tiedUp: Minor
    }
  | { readonly kind: 'over-due'; readonly order: Order; readonly days: number }
  | { readonly kind: 'not-paid'; readonly piece: Piece; readonly days: number }
  | {
      readonly kind: 'disagrees'
      readonly piece: Piece
      readonly expected: Minor
      readonly found: Minor
    }

/** Days after which money that is owed is asked about. A judgement. */
const ASK_AFTER = 14

/** Since when a piece stands at its price. */
const since = ({ offered, made }: Piece): Day => offered[0]?.date ?? made

function poorHours(pieces: readonly Piece[], designs: readonly Design[]): Mistake[] {
  const [best] = [...designs]
    .filter((design) => marginEach(design) > 0)
    .sort((a, b) => (marginPerHour(b) ?? 0) - (marginPerHour(a) ?? 0))
  const rate = best && marginPerHour(best)
  if (!best || rate === undefined) return []
  return designs.flatMap(({ build, name }): Mistake[] => {
    const own = pieces.filter((piece) => piece.build === build && piece.sold && piece.minutes > 0)
    if (build === best.build || own.length < ENOUGH) return []
    const minutes = sumOf(own, (piece) => piece.minutes)
    const left = sumOf(own, leftOf)
    const perHour = (left * MINUTES_PER_HOUR) / minutes
    if (perHour > rate * (1 - MUCH_LESS)) return []
    return [
      {
        kind: 'poor-hours',
        build,
        name,
        sold: own.length,
        perHour,
        better: { build: best.build, name: best.name, perHour: rate },
        missed: Math.round((minutes / MINUTES_PER_HOUR) * rate - left)
      }
    ]
  })
}

function oldStock(held: readonly Piece[], designs: readonly Design[], asOf: Day): Mistake[] {
  const builds = [...new Set(held.map(({ build }) => build))]
  return builds.flatMap((build): Mistake[] => {
    const usual = designs.find((design) => design.build === build)?.days
    if (usual === undefined) return []
    const old = held.filter(
      (piece) =>
        piece.build === build &&
        piece.offered.length === 1 &&
        daysBetween(since(piece), asOf) > Math.max(OLD_DAYS, OLD_TIMES * usual)
    )
    const [first] = old
    if (!first) return []
    return [
      {
        kind: 'old-stock',
        build,
        name: first.name,
        pieces: old.map(({ id }) => id),
        days: Math.max(...old.map((piece) => daysBetween(since(piece), asOf))),
        usual,
        tiedUp: sumOf(old, ({ cost }) => cost)
      }
    ]
  })
}

/** What of a mistake is at stake, for putting them in order. */
const stake = (mistake: Mistake): number => {
  switch (mistake.kind) {
    case 'poor-hours':
      return mistake.missed
    case 'old-stock':
      return mistake.tiedUp
    case 'disagrees':
      return Infinity
    case 'over-due':
      return mistake.order.copies * mistake.order.priceEach
    case 'not-paid':
      return mistake.piece.sold?.price ?? 0
    case 'loses':
      return -mistake.each
  }
}

/** What is wrong with side work as it goes, the dearest first. */
export function mistakesOf(
  workspace: Pick<Workspace, 'pieces' | 'orders' | 'ledger'>,
  designs: readonly Design[],
  asOf: Day
): Mistake[] {
  const { pieces = [], orders = [] } = workspace
  const found: Mistake[] = [
    ...disagreements(workspace).map((one): Mistake => ({ kind: 'disagrees', ...one })),
    ...orders
      .filter(({ state, due }) => state === 'accepted' && due < asOf)
      .map((order): Mistake => ({ kind: 'over-due', order, days: daysBetween(order.due, asOf) })),
    ...pieces
      .filter(
        ({ sold }) => sold && sold.paid === undefined && daysBetween(sold.date, asOf) > ASK_AFTER
      )
      .map((piece): Mistake => ({
        kind: 'not-paid',
        piece,
        days: daysBetween(piece.sold?.date ?? asOf, asOf)
      })),
    ...designs
      .filter((design) => marginEach(design) < 0)
      .map((design): Mistake => ({
        kind: 'loses',
        build: design.build,
        name: design.name,
        each: Math.round(marginEach(design))
      })),
    ...poorHours(pieces, designs),
    ...oldStock(stockHeld(workspace).pieces, designs, asOf)
  ]
  return found.sort((a, b) => stake(b) - stake(a))
}

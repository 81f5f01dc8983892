import { DAYS_PER_MONTH, daysBetween, type Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Order, Piece, Workspace } from '../workspace'
import { marginEach, marginPerHour, minutesEach, type Design } from './design'
import { demandOf } from './month'
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

/** Pieces of a design that would have found a buyer besides those that were made, since side work began. */
function unserved(design: Design, pieces: readonly Piece[], months: number): number {
  const own = pieces.filter(({ build }) => build === design.build).length
  return Math.max(0, demandOf(design) * months - own)
}

/** What the hours of a design would have brought with better ones, as far as these were asked for. */
function otherwise(
  minutes: number,
  rate: number,
  others: readonly { readonly design: Design; readonly rate: number; readonly free: number }[]
): { readonly brings: number; readonly better: Design | undefined } {
  let [left, brings] = [minutes, 0]
  let better: Design | undefined
  for (const { design, rate: best, free } of others) {
    const used = Math.min(left, free * minutesEach(design))
    if (best <= rate || used <= 0) continue
    better ??= design
    brings += (used / MINUTES_PER_HOUR) * best
    left -= used
  }
  return { brings: brings + (left / MINUTES_PER_HOUR) * rate, better }
}

/** Designs whose hours brought much less than others that were asked for and not made. */
function poorHours(pieces: readonly Piece[], designs: readonly Design[], asOf: Day): Mistake[] {
  const first = pieces.reduce((day, { made }) => (made < day ? made : day), asOf)
  const months = Math.max(1, daysBetween(first, asOf) / DAYS_PER_MONTH)
  const others = designs
    .map((design) => ({
      design,
      rate: marginPerHour(design) ?? 0,
      free: unserved(design, pieces, months)
    }))
    .sort((a, b) => b.rate - a.rate)
  return designs.flatMap(({ build, name }): Mistake[] => {
    const own = pieces.filter((piece) => piece.build === build && piece.sold && piece.minutes > 0)
    if (own.length < ENOUGH) return []
    const minutes = sumOf(own, (piece) => piece.minutes)
    const left = sumOf(own, leftOf)
    const perHour = (left * MINUTES_PER_HOUR) / minutes
    const { brings, better } = otherwise(
      minutes,
      perHour,
      others.filter(({ design }) => design.build !== build)
    )
    if (!better || left > brings * (1 - MUCH_LESS)) return []
    return [
      {
        kind: 'poor-hours',
        build,
        name,
        sold: own.length,
        perHour,
        better: {
          build: better.build,
          name: better.name,
          perHour: marginPerHour(better) ?? 0
        },
        missed: Math.round(brings - left)
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
    ...poorHours(pieces, designs, asOf),
    ...oldStock(stockHeld(workspace).pieces, designs, asOf)
  ]
  return found.sort((a, b) => stake(b) - stake(a))
}

import { seededRandom } from '../kernel'
import {
  type Placement,
  type NestPart,
  SLACK,
  type Piece,
  type SheetSize,
  type Layout,
  piecesOf
} from './layout'
import { nestOnShelves } from './shelves'

export interface NestOptions {
  /** Width of the cut, mm; 3 by default. */
  readonly kerfMm?: number
  readonly seed?: number
  /** Random orders tried after the usual ones; 200 by default. */
  readonly trials?: number
}
interface Free {
  readonly x: number
  readonly y: number
  readonly l: number
  readonly w: number
}
interface Open {
  readonly free: Free[]
  readonly placements: Placement[]
  readonly cuts: number[]
}

type Score = (free: Free, l: number, w: number) => number
const SCORES: readonly Score[] = [
  (free, l, w) => free.l * free.w - l * w,
  (free, l, w) => Math.min(free.l - l, free.w - w),
  (free, l, w) => Math.max(free.l - l, free.w - w)
]
const REST_CUTS = ['short', 'long', 'along'] as const
type RestCut = (typeof REST_CUTS)[number]

/** How pieces are laid: by which score a free rectangle is chosen, how its rest is cut, and the width of the cut, mm. */
interface Manner {
  readonly score: Score
  readonly restCut: RestCut
  readonly kerf: number
}
/** Where a piece goes: which free rectangle, and how it lies there. */
interface Spot {
  readonly index: number
  readonly l: number
  readonly w: number
  readonly turned: boolean
  readonly value: number
}

/** Cuts a piece out of the corner of a free rectangle: two cuts from edge to edge, the rest stays free. */
function cutOut(open: Open, piece: NestPart, { index, l, w, turned }: Spot, manner: Manner): void {
  const { kerf, restCut } = manner
  const free = open.free[index] as Free
  const restL = free.l - l - kerf
  const restW = free.w - w - kerf
  open.placements.push({ part: piece.id, x: free.x, y: free.y, lengthMm: l, widthMm: w, turned })
  const acrossFirst =
    restCut === 'along' ? false : restCut === 'short' ? restL <= restW : restL > restW
  const pieces: Free[] = []
  if (acrossFirst) {
    // The first cut runs along the whole length: a strip as wide as the piece comes off, and is cut to length.
    if (free.w - w > SLACK) open.cuts.push(free.l)
    if (free.l - l > SLACK) open.cuts.push(w)
    pieces.push(
      { x: free.x + l + kerf, y: free.y, l: restL, w },
      { x: free.x, y: free.y + w + kerf, l: free.l, w: restW }
    )
  } else {
    if (free.l - l > SLACK) open.cuts.push(free.w)
    if (free.w - w > SLACK) open.cuts.push(l)
    pieces.push(
      { x: free.x + l + kerf, y: free.y, l: restL, w: free.w },
      { x: free.x, y: free.y + w + kerf, l, w: restW }
    )
  }
  open.free.splice(index, 1, ...pieces.filter((one) => one.l > SLACK && one.w > SLACK))
}

function place(open: Open, piece: NestPart, manner: Manner): boolean {
  let best: Spot | undefined
  open.free.forEach((free, index) => {
    for (const turned of piece.canTurn && piece.lengthMm !== piece.widthMm
      ? [false, true]
      : [false]) {
      const [l, w] = turned ? [piece.widthMm, piece.lengthMm] : [piece.lengthMm, piece.widthMm]
      if (l > free.l + SLACK || w > free.w + SLACK) continue
      const value = manner.score(free, l, w)
      if (!best || value < best.value) best = { index, l, w, turned, value }
    }
  })
  if (!best) return false
  cutOut(open, piece, best, manner)
  return true
}

function pack(
  pieces: readonly Piece[],
  sheet: SheetSize,
  manner: Manner,
  most: number
): Open[] | undefined {
  const sheets: Open[] = []
  for (const { part } of pieces) {
    if (sheets.some((open) => place(open, part, manner))) continue
    if (sheets.length >= most) return undefined
    const open: Open = {
      free: [{ x: 0, y: 0, l: sheet.lengthMm, w: sheet.widthMm }],
      placements: [],
      cuts: []
    }
    place(open, part, manner)
    sheets.push(open)
  }
  return sheets
}

const ORDERS: readonly ((a: Piece, b: Piece) => number)[] = [
  (a, b) => b.area - a.area,
  (a, b) =>
    Math.max(b.part.lengthMm, b.part.widthMm) - Math.max(a.part.lengthMm, a.part.widthMm) ||
    b.area - a.area,
  (a, b) =>
    Math.min(b.part.lengthMm, b.part.widthMm) - Math.min(a.part.lengthMm, a.part.widthMm) ||
    b.area - a.area,
  (a, b) => b.part.widthMm - a.part.widthMm || b.part.lengthMm - a.part.lengthMm
]

/** The largest piece left over on the last sheet, mm²: of equal layouts the one with the most useful rest is kept. */
const restOf = (open: Open | undefined): number =>
  Math.max(0, ...(open?.free ?? []).map(({ l, w }) => l * w))

/** Sheets as they came about, with the order of pieces that led to them. */
interface Packed {
  readonly sheets: readonly Open[]
  readonly order: readonly Piece[]
}
/** Of what was best and the same pieces in another order or manner, the one on fewer sheets, or with more left on the last. */
function better(
  best: Packed | undefined,
  order: readonly Piece[],
  sheet: SheetSize,
  manner: Manner,
  most: number
): Packed | undefined {
  const sheets = pack(order, sheet, manner, Math.min(most, best?.sheets.length ?? Infinity))
  if (!sheets) return best
  const wins =
    !best ||
    sheets.length < best.sheets.length ||
    restOf(sheets.at(-1)) > restOf(best.sheets.at(-1))
  return wins ? { sheets, order } : best
}
/** The order with one to four pairs of pieces swapped. */
function swapped(order: readonly Piece[], random: () => number): Piece[] {
  const pieces = [...order]
  for (let swaps = 1 + Math.floor(random() * 4); swaps > 0; swaps--) {
    const [i, k] = [Math.floor(random() * pieces.length), Math.floor(random() * pieces.length)]
    ;[pieces[i], pieces[k]] = [pieces[k] as Piece, pieces[i] as Piece]
  }
  return pieces
}

/**
 * Lays parts on as few sheets as it can, every cut from edge to edge as a saw makes it (guillotine cuts), with the width of the cut and
 * the grain. Several orders, then random ones near the best, until the least possible number of sheets or the last trial. Same input
 * and seed, same layout; never more sheets than `nestOnShelves`.
 */
export function nest(
  parts: readonly NestPart[],
  sheet: SheetSize,
  options: NestOptions = {}
): Layout {
  const { kerfMm = 3, seed = 1, trials = 200 } = options
  const { pieces, tooLarge } = piecesOf(parts, sheet)
  if (pieces.length === 0) return { sheets: [], tooLarge }
  const least = Math.ceil(
    pieces.reduce((sum, { area }) => sum + area, 0) /
      ((sheet.lengthMm + kerfMm) * (sheet.widthMm + kerfMm)) -
      SLACK
  )
  const shelves = nestOnShelves(parts, sheet, kerfMm)
  const most = shelves.sheets.length
  let best: Packed | undefined
  const consider = (order: readonly Piece[], score: Score, restCut: RestCut): void => {
    best = better(best, order, sheet, { score, restCut, kerf: kerfMm }, most)
  }
  for (const by of ORDERS) {
    const order = [...pieces].sort(by)
    for (const score of SCORES) for (const restCut of REST_CUTS) consider(order, score, restCut)
  }
  const random = seededRandom(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const enough = (): boolean => best !== undefined && best.sheets.length <= least
  for (let trial = 0; trial < trials && !enough(); trial++)
    consider(swapped(best?.order ?? pieces, random), pick(SCORES), pick(REST_CUTS))
  return best
    ? { sheets: best.sheets.map(({ placements, cuts }) => ({ placements, cuts })), tooLarge }
    : shelves
}

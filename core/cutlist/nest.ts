import { seededRandom } from '../kernel'

/** A rectangle to cut, finished size in mm. `canTurn` is false where the grain has to run along the sheet. */
export interface NestPart {
  readonly id: string
  readonly lengthMm: number
  readonly widthMm: number
  readonly quantity: number
  readonly canTurn: boolean
}
export interface SheetSize {
  readonly lengthMm: number
  readonly widthMm: number
}
/** Where a part lies: corner nearest the sheet's origin, size along the sheet and across it. */
export interface Placement {
  readonly part: string
  readonly x: number
  readonly y: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly turned: boolean
}
export interface SheetLayout {
  readonly placements: readonly Placement[]
  /** Length of each straight cut from edge to edge of what is being cut, mm, in order. */
  readonly cuts: readonly number[]
}
export interface Layout {
  readonly sheets: readonly SheetLayout[]
  /** Ids of parts larger than the sheet, each once. */
  readonly tooLarge: readonly string[]
}
export interface NestOptions {
  /** Width of the cut, mm; 3 by default. */
  readonly kerfMm?: number
  readonly seed?: number
  /** Random orders tried after the usual ones; 200 by default. */
  readonly trials?: number
}

interface Piece {
  readonly part: NestPart
  readonly area: number
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
const SPLITS = ['short', 'long', 'along'] as const
type Split = (typeof SPLITS)[number]

const SLACK = 1e-6

/** Cuts a piece out of the corner of a free rectangle: two cuts from edge to edge, the rest stays free. */
function cutOut(
  open: Open,
  index: number,
  piece: NestPart,
  l: number,
  w: number,
  turned: boolean,
  kerf: number,
  split: Split
): void {
  const free = open.free[index] as Free
  const restL = free.l - l - kerf
  const restW = free.w - w - kerf
  open.placements.push({ part: piece.id, x: free.x, y: free.y, lengthMm: l, widthMm: w, turned })
  const acrossFirst = split === 'along' ? false : split === 'short' ? restL <= restW : restL > restW
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

function place(open: Open, piece: NestPart, kerf: number, score: Score, split: Split): boolean {
  let best: { index: number; l: number; w: number; turned: boolean; value: number } | undefined
  open.free.forEach((free, index) => {
    for (const turned of piece.canTurn && piece.lengthMm !== piece.widthMm
      ? [false, true]
      : [false]) {
      const [l, w] = turned ? [piece.widthMm, piece.lengthMm] : [piece.lengthMm, piece.widthMm]
      if (l > free.l + SLACK || w > free.w + SLACK) continue
      const value = score(free, l, w)
      if (!best || value < best.value) best = { index, l, w, turned, value }
    }
  })
  if (!best) return false
  cutOut(open, best.index, piece, best.l, best.w, best.turned, kerf, split)
  return true
}

function pack(
  pieces: readonly Piece[],
  sheet: SheetSize,
  kerf: number,
  score: Score,
  split: Split,
  most: number
): Open[] | undefined {
  const sheets: Open[] = []
  for (const { part } of pieces) {
    if (sheets.some((open) => place(open, part, kerf, score, split))) continue
    if (sheets.length >= most) return undefined
    const open: Open = {
      free: [{ x: 0, y: 0, l: sheet.lengthMm, w: sheet.widthMm }],
      placements: [],
      cuts: []
    }
    place(open, part, kerf, score, split)
    sheets.push(open)
  }
  return sheets
}

/**
 * Shelves: pieces by falling width, each on the first shelf with room, each shelf on the first sheet with room (first-fit
 * decreasing height, Coffman, Garey, Johnson and Tarjan 1980). The yardstick that `nest` never falls behind.
 */
export function nestOnShelves(parts: readonly NestPart[], sheet: SheetSize, kerfMm = 3): Layout {
  const { pieces, tooLarge } = piecesOf(parts, sheet)
  const upright = pieces.map(({ part }) => ({
    part,
    turned:
      mustTurn(part, sheet) ||
      (part.canTurn &&
        part.widthMm > part.lengthMm &&
        part.widthMm <= sheet.lengthMm &&
        part.lengthMm <= sheet.widthMm)
  }))
  const sized = upright
    .map(({ part, turned }) => ({
      part,
      turned,
      l: turned ? part.widthMm : part.lengthMm,
      w: turned ? part.lengthMm : part.widthMm
    }))
    .sort((a, b) => b.w - a.w || b.l - a.l)
  const shelves: { sheet: number; y: number; w: number; used: number }[] = []
  const filled: number[] = []
  const sheets: { placements: Placement[]; cuts: number[] }[] = []
  for (const { part, turned, l, w } of sized) {
    let shelf = shelves.find((one) => w <= one.w + SLACK && one.used + l <= sheet.lengthMm + SLACK)
    if (!shelf) {
      let index = filled.findIndex((used) => used + w <= sheet.widthMm + SLACK)
      if (index < 0) {
        index = filled.push(0) - 1
        sheets.push({ placements: [], cuts: [] })
      }
      shelf = { sheet: index, y: filled[index] ?? 0, w, used: 0 }
      filled[index] = shelf.y + w + kerfMm
      sheets[index]?.cuts.push(sheet.lengthMm)
      shelves.push(shelf)
    }
    const target = sheets[shelf.sheet]
    target?.placements.push({
      part: part.id,
      x: shelf.used,
      y: shelf.y,
      lengthMm: l,
      widthMm: w,
      turned
    })
    target?.cuts.push(shelf.w, ...(w < shelf.w - SLACK ? [l] : []))
    shelf.used += l + kerfMm
  }
  return { sheets, tooLarge }
}

const mustTurn = (part: NestPart, sheet: SheetSize): boolean =>
  part.lengthMm > sheet.lengthMm || part.widthMm > sheet.widthMm

function piecesOf(
  parts: readonly NestPart[],
  sheet: SheetSize
): { pieces: Piece[]; tooLarge: string[] } {
  const fits = (part: NestPart): boolean =>
    !mustTurn(part, sheet) ||
    (part.canTurn && part.lengthMm <= sheet.widthMm && part.widthMm <= sheet.lengthMm)
  return {
    pieces: parts
      .filter(fits)
      .flatMap((part) =>
        Array.from({ length: part.quantity }, () => ({ part, area: part.lengthMm * part.widthMm }))
      ),
    tooLarge: parts.filter((part) => !fits(part)).map(({ id }) => id)
  }
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
  let best:
    { sheets: readonly Open[]; order: readonly Piece[]; score: Score; split: Split } | undefined
  const consider = (order: readonly Piece[], score: Score, split: Split): void => {
    const most = Math.min(shelves.sheets.length, best?.sheets.length ?? Infinity)
    const sheets = pack(order, sheet, kerfMm, score, split, most)
    if (
      sheets &&
      (!best ||
        sheets.length < best.sheets.length ||
        restOf(sheets.at(-1)) > restOf(best.sheets.at(-1)))
    )
      best = { sheets, order, score, split }
  }
  for (const by of ORDERS) {
    const order = [...pieces].sort(by)
    for (const score of SCORES) for (const split of SPLITS) consider(order, score, split)
  }
  const random = seededRandom(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  for (let trial = 0; trial < trials && (best?.sheets.length ?? Infinity) > least; trial++) {
    const order = [...(best?.order ?? pieces)]
    for (let swaps = 1 + Math.floor(random() * 4); swaps > 0; swaps--) {
      const [i, k] = [Math.floor(random() * order.length), Math.floor(random() * order.length)]
      ;[order[i], order[k]] = [order[k] as Piece, order[i] as Piece]
    }
    consider(order, pick(SCORES), pick(SPLITS))
  }
  return best
    ? { sheets: best.sheets.map(({ placements, cuts }) => ({ placements, cuts })), tooLarge }
    : shelves
}

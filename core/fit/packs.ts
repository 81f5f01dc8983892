import type { Buyable, Market } from './buyables'
import { servesFor } from './kernel'
import type { NeedSet } from './need-set'

/**
 * Sets of purchases as short sorted lists of numbers: what is looked through in thousands while ways in are sought. A code holds a
 * purchase's number in the register and how many of it.
 */
export interface Pack {
  readonly codes: readonly number[]
  /** All-in cost, minor units. */
  readonly cost: number
  /** A bit for each tool, taken modulo 31: a pack can lie within another only if its bits do. */
  readonly mask: number
  /** Whether several offers of one tool stand in it. */
  readonly mixed: boolean
}

/** A code's lowest bits count, the others number: up to a thousand of one purchase, a million purchases. */
const COUNT_BITS = 10
const MOST = (1 << COUNT_BITS) - 1

/** Every purchase of a market by number. Offers of one tool stand side by side, cheapest first. */
export interface Register {
  readonly buyables: readonly Buyable[]
  readonly numbers: ReadonlyMap<string, number>
  /** All-in cost of one with what bothers about it, minor units: what sets are compared by. */
  readonly costs: readonly number[]
  /** Number of the first offer of the same tool. */
  readonly line: readonly number[]
  /** Offers of the same tool that this one is at least as good as, a bit for each place after the first. */
  readonly covers: readonly number[]
}

const asGood = (better: Buyable, worse: Buyable): boolean =>
  better.jig || worse.jig ? better === worse : servesFor(better.entry, worse.entry)

/** Most offers of one tool whose comparison is kept; further ones stand for themselves. */
const LINE_BITS = 30

export function registerOf(market: Market): Register {
  const buyables: Buyable[] = []
  const line: number[] = []
  const covers: number[] = []
  for (const offers of market.values()) {
    const first = buyables.length
    offers.forEach((offer, i) => {
      buyables.push(offer)
      line.push(first)
      covers.push(
        offers.reduce(
          (bits, other, k) =>
            i < LINE_BITS && k < LINE_BITS && (k === i || asGood(offer, other))
              ? bits | (1 << k)
              : bits,
          0
        )
      )
    })
  }
  return {
    buyables,
    numbers: new Map(buyables.map(({ id }, number) => [id, number])),
    costs: buyables.map(({ allIn, bother }) => allIn + bother),
    line,
    covers
  }
}

/** Whether the offer with number `x` serves where `y` does. */
function covering(register: Register, x: number, y: number): boolean {
  if (x === y) return true
  const first = register.line[x] ?? -1
  return (
    first === register.line[y] &&
    y - first < LINE_BITS &&
    (((register.covers[x] ?? 0) >> (y - first)) & 1) === 1
  )
}

const EMPTY_CODES: readonly number[] = []
export const EMPTY_PACK: Pack = { codes: EMPTY_CODES, cost: 0, mask: 0, mixed: false }

const numberOf = (code: number): number => code >> COUNT_BITS
const countOfCode = (code: number): number => code & MOST
const codeOf = (number: number, count: number): number =>
  (number << COUNT_BITS) | Math.min(count, MOST)

function packOf(register: Register, codes: readonly number[]): Pack {
  let cost = 0
  let mask = 0
  let mixed = false
  let last = -1
  for (const code of codes) {
    const number = numberOf(code)
    const tool = register.line[number] ?? 0
    cost += (register.costs[number] as number) * countOfCode(code)
    mask |= 1 << (tool % 31)
    if (tool === last) mixed = true
    last = tool
  }
  return { codes, cost, mask, mixed }
}

/** So many of one purchase. */
export function packOne(register: Register, buyable: Buyable, count: number): Pack {
  const number = register.numbers.get(buyable.id)
  return number === undefined || count <= 0 ? EMPTY_PACK : packOf(register, [codeOf(number, count)])
}

/** How many bits are set: how many offers one covers. */
function bitsOf(bits: number): number {
  let count = 0
  for (let rest = bits >>> 0; rest !== 0; rest &= rest - 1) count++
  return count
}

/** Of the codes of two packs, each offer as often as the more demanding pack asks for it or better, less what better ones already count for it. */
function collapsed(register: Register, codes: readonly number[], a: Pack, b: Pack): number[] {
  const breadth = (code: number): number => bitsOf(register.covers[numberOf(code)] ?? 0)
  // Better offers first: what covers more is not covered by what covers less.
  const kept: number[] = []
  for (const y of [...codes].sort((x, z) => breadth(z) - breadth(x) || x - z)) {
    const there = kept.reduce(
      (sum, x) => sum + (covering(register, numberOf(x), numberOf(y)) ? countOfCode(x) : 0),
      0
    )
    const asked = Math.max(covered(register, a, y), covered(register, b, y))
    if (asked > there) kept.push(codeOf(numberOf(y), asked - there))
  }
  return kept.sort((x, z) => x - z)
}

/** Two lists of codes as one, in order; of the same purchase the larger count. */
function merged(left: readonly number[], right: readonly number[]): number[] {
  const codes: number[] = []
  let i = 0
  let k = 0
  while (i < left.length && k < right.length) {
    const [x, y] = [left[i] as number, right[k] as number]
    const [nx, ny] = [numberOf(x), numberOf(y)]
    codes.push(nx === ny ? Math.max(x, y) : Math.min(x, y))
    if (nx <= ny) i++
    if (ny <= nx) k++
  }
  while (i < left.length) codes.push(left[i++] as number)
  while (k < right.length) codes.push(right[k++] as number)
  return codes
}

/** Both packs together; of the same purchase the larger count, of offers of one tool no more than serve for both. */
export function packUnion(register: Register, a: Pack, b: Pack): Pack {
  if (a.codes.length === 0) return b
  if (b.codes.length === 0) return a
  const { line } = register
  const codes = merged(a.codes, b.codes)
  let sameTool = false
  for (let i = 1; i < codes.length && !sameTool; i++)
    sameTool = line[numberOf(codes[i] as number)] === line[numberOf(codes[i - 1] as number)]
  return packOf(register, sameTool ? collapsed(register, codes, a, b) : codes)
}

/** How many of the purchase `y` the pack has already, itself or as offers that cover it. */
function covered(register: Register, base: Pack, y: number): number {
  const first = register.line[numberOf(y)] ?? -1
  if ((base.mask & (1 << (first % 31))) === 0) return 0
  let count = 0
  for (const x of base.codes) {
    const number = numberOf(x)
    if ((register.line[number] ?? -1) > first) break
    if (covering(register, number, numberOf(y))) count += countOfCode(x)
  }
  return count
}

/** How many of `y` or better the pack it stands in asks for. */
const asking = (register: Register, pack: Pack, y: number): number =>
  pack.mixed ? covered(register, pack, y) : countOfCode(y)

/** What `extra` adds to the cost of `base`, minor units. */
export function packAdded(register: Register, base: Pack, extra: Pack): number {
  if (base.codes.length === 0) return extra.cost
  let cost = 0
  for (const y of extra.codes)
    cost +=
      (register.costs[numberOf(y)] as number) *
      Math.min(countOfCode(y), Math.max(0, asking(register, extra, y) - covered(register, base, y)))
  return cost
}

/** Whether `whole` holds everything `part` asks for. */
export function packWithin(register: Register, part: Pack, whole: Pack): boolean {
  return (
    (part.mask & ~whole.mask) === 0 &&
    part.codes.every((y) => covered(register, whole, y) >= asking(register, part, y))
  )
}

/** Sets of up to this many purchases are all kept: ways in are exact up to here. */
export const EXACT_SIZE = 4
/** Most small and most larger sets kept of one family, the cheapest of each. Real families of small sets stay far below; a test watches it. */
export const SMALL_KEPT = 160
const LARGE_KEPT = 20

/** Sorted by cost, without packs that contain another one; of those with more than `EXACT_SIZE` purchases only the cheapest. */
export function thinPacks(register: Register, packs: readonly Pack[]): Pack[] {
  const sorted = [...packs].sort((a, b) => a.cost - b.cost || a.codes.length - b.codes.length)
  const kept: Pack[] = []
  let small = 0
  let large = 0
  for (const pack of sorted) {
    const isSmall = pack.codes.length <= EXACT_SIZE
    if (isSmall ? small >= SMALL_KEPT : large >= LARGE_KEPT) continue
    if (kept.some((other) => packWithin(register, other, pack))) continue
    kept.push(pack)
    if (isSmall) small++
    else large++
  }
  return kept
}

/** Every combination of one pack from each family, as unions, thinned as it grows. */
export function packCombine(register: Register, families: readonly (readonly Pack[])[]): Pack[] {
  let packs: Pack[] = [EMPTY_PACK]
  for (const family of [...families].sort((a, b) => a.length - b.length)) {
    if (family.length === 1 && packs.length === 1)
      packs = [packUnion(register, packs[0] ?? EMPTY_PACK, family[0] ?? EMPTY_PACK)]
    else
      packs = thinPacks(
        register,
        packs.flatMap((pack) => family.map((member) => packUnion(register, pack, member)))
      )
  }
  return packs
}

const sets = new WeakMap<Pack, NeedSet>()

/** The pack as a set of purchases with counts. */
export function setOf(register: Register, pack: Pack): NeedSet {
  const known = sets.get(pack)
  if (known) return known
  const set: NeedSet = new Map(
    pack.codes.flatMap((code) => {
      const buyable = register.buyables[numberOf(code)]
      return buyable ? [[buyable.id, { buyable, count: countOfCode(code) }] as const] : []
    })
  )
  sets.set(pack, set)
  return set
}

/** The part of a set of purchases that the register knows. */
export function packOfSet(register: Register, set: NeedSet): Pack {
  if (set.size === 0) return EMPTY_PACK
  const codes: number[] = []
  for (const [id, { count }] of set) {
    const number = register.numbers.get(id)
    if (number !== undefined) codes.push(codeOf(number, count))
  }
  return packOf(
    register,
    codes.sort((a, b) => a - b)
  )
}

/** Numbers of the purchases in a pack. */
export const packNumbers = (pack: Pack): number[] => pack.codes.map(numberOf)

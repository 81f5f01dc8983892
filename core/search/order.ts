/** No day of any horizon. */
export const NEVER = 1 << 29

/**
 * An ordered list of what is wanted, and what the schedule generation reads: activities by their number, choices that may be bought as
 * −1 − number. Each entry has a gene: before which event time nothing of it happens, how dear its minutes count in the choice of its ways,
 * and whether a choice is bought there and then instead of when something asks for it.
 */
export interface Order {
  readonly codes: Int32Array
  readonly genes: Int32Array
  length: number
}

const EVENT_BITS = 16
const EVENT_MASK = (1 << EVENT_BITS) - 1
const HASTE_MASK = 3
const AHEAD = 1 << (EVENT_BITS + 2)

/** The event time of a gene. */
export const eventOf = (gene: number): number => gene & EVENT_MASK
/** How much haste a gene makes, 0 none to 3 great. */
export const hasteOf = (gene: number): number => (gene >> EVENT_BITS) & HASTE_MASK
/** Whether a choice is bought ahead. */
export const isAhead = (gene: number): boolean => (gene & AHEAD) !== 0
export const geneOf = (event: number, haste = 0, ahead = false): number =>
  event | (haste << EVENT_BITS) | (ahead ? AHEAD : 0)
/** A gene with another event time. */
export const withEvent = (gene: number, event: number): number => (gene & ~EVENT_MASK) | event

/** Entries an order may have at most, beyond one for each activity. */
const MOST_ENTRIES = 400

/** Entries an order of a problem may have. */
export const sizeFor = ({
  activities,
  choices
}: {
  readonly activities: readonly unknown[]
  readonly choices: readonly unknown[]
}): number =>
  Math.min(MOST_ENTRIES + activities.length, activities.length * 2 + choices.length + 50)
/** A new order with room for `size` entries. */
export const orderOf = (size: number): Order => ({
  codes: new Int32Array(size),
  genes: new Int32Array(size),
  length: 0
})

/** Makes `to` the same as `from`, as far as there is room. */
export function copyOrder(from: Order, to: Order): void {
  const length = Math.min(from.length, to.codes.length)
  for (let i = 0; i < length; i++) {
    to.codes[i] = from.codes[i] as number
    to.genes[i] = from.genes[i] as number
  }
  to.length = length
}

/** Puts an entry in; a full order takes nothing more. */
export function insert(order: Order, at: number, code: number, gene = 0): void {
  if (order.length >= order.codes.length) return
  const place = Math.min(at, order.length)
  order.codes.copyWithin(place + 1, place, order.length)
  order.genes.copyWithin(place + 1, place, order.length)
  order.codes[place] = code
  order.genes[place] = gene
  order.length++
}

export function remove(order: Order, at: number): void {
  if (at >= order.length) return
  order.codes.copyWithin(at, at + 1, order.length)
  order.genes.copyWithin(at, at + 1, order.length)
  order.length--
}

export function relocate(order: Order, from: number, to: number): void {
  if (order.length === 0) return
  const [code, gene] = [order.codes[from] as number, order.genes[from] as number]
  remove(order, from)
  insert(order, to, code, gene)
}

/** Moves some entries in a row elsewhere. @param choose the new place, once they are out */
export function moveEntries(order: Order, first: number, size: number, choose: () => number): void {
  const codes = order.codes.slice(first, first + size)
  const moved = order.genes.slice(first, first + size)
  for (let k = 0; k < size; k++) remove(order, first)
  const to = choose()
  for (let k = 0; k < size; k++) insert(order, to + k, codes[k] as number, moved[k] as number)
}

/** Whether an order lets a choice be bought before a place. */
export function permits(order: Order, choice: number, before: number): boolean {
  for (let i = 0; i < before; i++) if (order.codes[i] === -1 - choice) return true
  return false
}

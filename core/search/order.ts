/** No day of any horizon. */
export const NEVER = 1 << 29

/**
 * An ordered list of what is wanted, and what the schedule generation reads: activities by their number, choices that may be bought as
 * −1 − number. A gene says before which event time nothing of an activity happens.
 */
export interface Order {
  readonly codes: Int32Array
  readonly notBefore: Int32Array
  length: number
}

/** A new order with room for `size` entries. */
export const orderOf = (size: number): Order => ({
  codes: new Int32Array(size),
  notBefore: new Int32Array(size),
  length: 0
})

/** Makes `to` the same as `from`, as far as there is room. */
export function copyOrder(from: Order, to: Order): void {
  const length = Math.min(from.length, to.codes.length)
  for (let i = 0; i < length; i++) {
    to.codes[i] = from.codes[i] as number
    to.notBefore[i] = from.notBefore[i] as number
  }
  to.length = length
}

/** Puts an entry in; a full order takes nothing more. */
export function insert(order: Order, at: number, code: number, notBefore = 0): void {
  if (order.length >= order.codes.length) return
  const place = Math.min(at, order.length)
  order.codes.copyWithin(place + 1, place, order.length)
  order.notBefore.copyWithin(place + 1, place, order.length)
  order.codes[place] = code
  order.notBefore[place] = notBefore
  order.length++
}

export function remove(order: Order, at: number): void {
  if (at >= order.length) return
  order.codes.copyWithin(at, at + 1, order.length)
  order.notBefore.copyWithin(at, at + 1, order.length)
  order.length--
}

export function relocate(order: Order, from: number, to: number): void {
  if (order.length === 0) return
  const [code, gene] = [order.codes[from] as number, order.notBefore[from] as number]
  remove(order, from)
  insert(order, to, code, gene)
}

/** Moves some entries in a row elsewhere. @param choose the new place, once they are out */
export function moveEntries(order: Order, first: number, size: number, choose: () => number): void {
  const codes = order.codes.slice(first, first + size)
  const genes = order.notBefore.slice(first, first + size)
  for (let k = 0; k < size; k++) remove(order, first)
  const to = choose()
  for (let k = 0; k < size; k++) insert(order, to + k, codes[k] as number, genes[k] as number)
}

/** Whether an order lets a choice be bought before a place. */
export function permits(order: Order, choice: number, before: number): boolean {
  for (let i = 0; i < before; i++) if (order.codes[i] === -1 - choice) return true
  return false
}

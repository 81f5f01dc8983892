/** No day of any horizon. */
export const NEVER = 1 << 29

/**
 * An ordered list of what is wanted, and what the decoder reads: jobs by their number, choices that may be bought as −1 − number. A
 * gene says before which moment nothing of a job happens.
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

export function copyOrder(from: Order, to: Order): void {
  to.codes.set(from.codes)
  to.notBefore.set(from.notBefore)
  to.length = from.length
}

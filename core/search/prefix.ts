import type { KeptSpans } from './calendar'
import { begin, conclude, readEntry, type Decoding } from './decode'
import type { Order } from './order'
import type { State } from './state'

/** A state is kept after every so many entries. */
const APART = 2

/** A state of a decoding as it once was. */
interface Kept {
  readonly bytes: Uint8Array
  readonly ints: Int32Array
  readonly floats: Float64Array
  spans: KeptSpans
  baskets: readonly (readonly [number, readonly (readonly [number, number])[]])[]
  value: number
  spent: number
}

const NOTHING: Kept['baskets'] = []

/** Keeps a state. @param over kept before and needed no more: its room is used again */
function kept(state: State, over: Kept | undefined): Kept {
  const { bytes, ints, floats, calendar, baskets, value, spent } = state
  const now = {
    spans: calendar.keep(),
    baskets: baskets.size > 0 ? [...baskets] : NOTHING,
    value,
    spent
  }
  if (!over) return { bytes: bytes.slice(), ints: ints.slice(), floats: floats.slice(), ...now }
  over.bytes.set(bytes)
  over.ints.set(ints)
  over.floats.set(floats)
  return Object.assign(over, now)
}

/** Brings a state back. */
function bring(state: State, { bytes, ints, floats, spans, baskets, value, spent }: Kept): void {
  state.bytes.set(bytes)
  state.ints.set(ints)
  state.floats.set(floats)
  state.calendar.bring(spans)
  state.baskets.clear()
  for (const [event, lines] of baskets) state.baskets.set(event, lines)
  state.value = value
  state.spent = spent
}

/** How many entries two orders have alike from the beginning on. */
function alike(a: Order, b: Order): number {
  const length = Math.min(a.length, b.length)
  let i = 0
  while (i < length && a.codes[i] === b.codes[i] && a.genes[i] === b.genes[i]) i++
  return i
}

/**
 * Decodes orders that differ little from one at hand: what they have in common with it at the beginning is not read again, since a state
 * depends on nothing but the entries before it. States are kept in passing, as far as an order runs along with the one at hand.
 */
export class Beside {
  private readonly kept: Kept[] = []
  /** So many of what is kept hold for the order at hand: the first stands before all entries. */
  private valid = 0

  /** @param order the one at hand */
  constructor(
    private readonly decoding: Decoding,
    private readonly order: Order
  ) {}

  /** The worth of an order near the one at hand; as `decode` without recording. */
  decode(near: Order): number {
    const { decoding, order } = this
    const { state } = decoding
    const common = alike(order, near)
    const known = Math.min(this.valid - 1, Math.floor(common / APART))
    state.recording = false
    if (known < 0) begin(decoding)
    else {
      state.evaluations++
      bring(state, this.kept[known]!)
    }
    for (let i = Math.max(0, known) * APART; i <= near.length; i++) {
      if (i <= common && i === this.valid * APART) {
        this.kept[this.valid] = kept(state, this.kept[this.valid])
        this.valid++
      }
      if (i < near.length) readEntry(decoding, near, i)
    }
    return conclude(decoding)
  }

  /** The order at hand is about to become another one. */
  changesTo(next: Order): void {
    this.valid = Math.min(this.valid, Math.floor(alike(this.order, next) / APART) + 1)
  }
}

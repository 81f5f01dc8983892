import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import type { Minor } from '../money'
import type { Vector } from './vector'

/** The cheapest way at a stop for the present weights. */
export interface Best {
  readonly cost: number
  readonly minutes: number
  readonly fee: Minor
  readonly penalty: number
}

export interface Known {
  readonly vectors: readonly Vector[]
  best: Best | undefined
  epoch: number
}

/** How far a method gets with some kit, and what it comes to. */
export interface Reach {
  readonly kind: 'done' | 'to-clean' | 'no'
  readonly vector: Vector | undefined
}

export interface Probe {
  readonly method: Method
  readonly tools: ReadonlySet<string>
  readonly reached: Map<string, Reach>
}

/** One kind of step with its load; builds that share it share what is worked out. */
export interface Stop {
  readonly step: Step
  readonly build: Build
  readonly probes: readonly Probe[]
  readonly cleaners: readonly Probe[]
  readonly after: Step | undefined
  readonly tools: ReadonlySet<string>
  readonly known: Map<string, Known>
  /** What an hour of its build counts, where that differs from the rest. */
  readonly hourValue: Minor | undefined
}

/** A build, as planned or of rough boards: its stops and its money. */
export interface Row {
  readonly of: number
  readonly stops: readonly number[]
  /** Those of the stops that the kit by itself cannot do: looked at first, since most sets leave most builds closed. */
  gaps: readonly number[]
  readonly worth: Minor
  readonly material: Minor
  readonly hourValue: Minor | undefined
  readonly roughMetres: number
  readonly timberSaved: Minor
}

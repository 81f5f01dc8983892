import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import type { Minor } from '../money'
import type { Vector } from './vector'

/** The cheapest way at a stop for the present weights. */
export interface Best {
  readonly cost: number
  readonly minutes: number
  readonly wasted: number
  readonly fee: Minor
  readonly spoilt: Minor
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

/** How a step can be done: by methods of its own, roughly with a clean-up after it, or by methods made up of other steps. */
export interface Course {
  readonly step: Step
  readonly probes: readonly Probe[]
  readonly cleaners: readonly Probe[]
  readonly after: Step | undefined
  /** For each method made up of others, its parts, its own minutes, and what it adds to the piece. */
  readonly compounds: readonly {
    readonly parts: readonly Course[]
    readonly minutes: number
    readonly charm: number
  }[]
}

/** One kind of step with its load; builds that share it share what is worked out. */
export interface Stop extends Course {
  readonly build: Build
  readonly tools: ReadonlySet<string>
  readonly known: Map<string, Known>
  /** What a wasted hour of its build counts, where that differs from the rest. */
  readonly hourValue: Minor | undefined
  /** How often an hour of its build counts. */
  readonly hourTimes: number
  /** Minutes that cost nothing: those of the quickest way; none of what is sold. */
  readonly free: number
  /** What a unit paid for its build counts. */
  readonly payTimes: number
}

/** A build, as planned or of rough boards: its stops and its money. */
export interface Row {
  readonly of: number
  readonly stops: readonly number[]
  /** Those of the stops that the kit by itself cannot do: looked at first, since most sets leave most builds closed. */
  gaps: readonly number[]
  /** What it counts, and what its material counts. */
  readonly worth: number
  readonly material: number
  readonly payTimes: number
  readonly hourValue: Minor | undefined
  readonly hourTimes: number
  readonly roughMetres: number
  readonly timberSaved: Minor
}

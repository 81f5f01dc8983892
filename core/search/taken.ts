/** What a kit makes of one step: the way taken, the modes of its slots, and what they cost. */
export interface StepTaken {
  readonly way: number
  readonly modes: readonly number[]
  readonly cost: number
  readonly minutes: number
}

/** What a kit makes of one activity. */
export interface ActivityTaken {
  readonly activity: number
  readonly steps: readonly StepTaken[]
  readonly minutes: number
  /** Worth less material and all its steps cost; negative where it does not pay. */
  readonly net: number
}

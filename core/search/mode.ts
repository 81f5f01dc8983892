/** One way to do a step (in the field's word a mode of it), with what must be there for it. */
export interface Mode {
  readonly method: string
  /** The method that cleans up after it, where it leaves that to be done. */
  readonly then: string | undefined
  readonly minutes: number
  /** Wasted hours at their value and loss of goodwill, ease and finish; counts when the build is done. */
  readonly effort: number
  /** The part of it that is not hours. */
  readonly penalty: number
  /** Fees and what is used up; paid when the build begins. */
  readonly pay: number
  /** What the choice between modes goes by: effort, and the payment as it counts. */
  readonly cost: number
  /** Numbers of its requirements, in order. */
  readonly requires: readonly number[]
}

/** Of modes that cost the same the quicker one counts as the cheaper. */
const PER_MINUTE = 1e-4
export const reckoned = ({ cost, minutes }: Mode): number => cost + PER_MINUTE * minutes

/** How a point is found out. */
export type Doing = 'look' | 'run' | 'measure' | 'ask'

/** What somebody says of a point. */
export const FINDINGS_OF_POINT = ['fine', 'doubtful', 'bad', 'unseen'] as const
export type PointFinding = (typeof FINDINGS_OF_POINT)[number]

/** What follows from a point that is not fine. */
export interface Effect {
  /** Kept back to put it right, as a share of what the tool costs new in its tier. */
  readonly repair?: number | undefined
  /** So many times as inexact as the tool is otherwise. */
  readonly inexact?: number | undefined
  /** Nobody should buy it, at no price. */
  readonly walkAway?: boolean | undefined
}

/** One thing to look at on a used tool. */
export interface Point {
  readonly id: string
  readonly does: Doing
  readonly text: string
  readonly doubtful: Effect
  readonly bad: Effect
}

/** The sheet for one kind of tool. */
export interface Sheet {
  readonly id: string
  readonly bring: readonly string[]
  readonly points: readonly Point[]
}

export type Answers = Readonly<Record<string, PointFinding | undefined>>

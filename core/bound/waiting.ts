import { addBounds, addGain, addRow, type Program, type Term } from './program'
import type { Problem } from '../search'

/** A build as far as waiting for it goes. */
export interface Waited {
  /** Its column: 1 where it is done. */
  readonly done: string
  /** What it is worth to the user when it is done at once, minor units. */
  readonly worth: number
  /** The least minutes it takes. */
  readonly minutes: number
  /** The share of its worth that is left when it is done as early as its own hours allow. */
  readonly atBest: number
}

/** A line below what is lost by waiting: `rate` a minute of work done before, beyond the first `free` minutes. */
interface Loss {
  readonly rate: number
  readonly free: number
}

/**
 * The steepest line below what is lost of a unit of worth when it comes after so many minutes of work: what is done on a day has had no
 * more minutes than there are until that day's end. @param most no build waits for more minutes than this
 */
function lossOf({ events }: Pick<Problem, 'events'>, most: number): Loss {
  const free = events.minutes[0] ?? 0
  let rate = Infinity
  for (let day = 1, through = free; day < events.horizon && through < most; day++) {
    through += events.minutes[day] ?? 0
    if (through > free)
      rate = Math.min(rate, (1 - (events.discount[day] ?? 1)) / (Math.min(through, most) - free))
  }
  return { rate: Number.isFinite(rate) ? rate : 0, free }
}

/**
 * Builds are made one after another by one pair of hands: of two that are both made, one waits for the other. However they are ordered,
 * Σ wⱼ Cⱼ ≥ Σ wⱼ pⱼ + Σ over pairs of min(pᵢ wⱼ, pⱼ wᵢ) (Smith 1956, the rule of the weighted shortest processing time; from memory). What
 * that takes off their worth is written as one row, with a column for each pair that is made.
 */
export function writeWaiting(
  program: Program,
  problem: Pick<Problem, 'events'>,
  builds: readonly Waited[]
): void {
  const { rate, free } = lossOf(
    problem,
    builds.reduce((sum, { minutes }) => sum + minutes, 0)
  )
  const row: Term[] = []
  builds.forEach(({ done, worth, minutes, atBest }, j) => {
    const counted = `c${done}`
    addGain(program, 1, counted)
    addRow(
      program,
      [
        [1, counted],
        [-worth * atBest, done]
      ],
      '<=',
      0
    )
    row.push([1, counted], [-worth * (1 + rate * (free - minutes)), done])
    builds.slice(0, j).forEach((other) => {
      const waits = rate * Math.min(minutes * other.worth, other.minutes * worth)
      if (waits <= 0) return
      const both = `b${done}_${other.done}`
      addBounds(program, both, 1)
      addRow(
        program,
        [
          [1, done],
          [1, other.done],
          [-1, both]
        ],
        '<=',
        1
      )
      row.push([waits, both])
    })
  })
  addRow(program, row, '<=', 0)
}

import type { WeightName, Weights } from '../workspace'
import type { Weighing } from './rank'

/** How far one weight can move, the others kept, before another purchase takes first place. */
export interface Sway {
  readonly weight: WeightName
  readonly now: number
  /** The nearest value below at which first place changes, and who takes it; left out when it holds down to 0. */
  readonly below?: { readonly at: number; readonly lead: string } | undefined
  /** The same above; left out when it holds up to the top of the range. */
  readonly above?: { readonly at: number; readonly lead: string } | undefined
}

/** The top of each weight's range; the money weight is a plain factor, the others are minor units. */
export function weightRange(minorPer100Points: number): Weights {
  const unit = (points: number): number => Math.round((minorPer100Points * points) / 100)
  return {
    money: 2,
    time: unit(25),
    space: unit(300),
    quiet: unit(25),
    ease: unit(25),
    finish: unit(10)
  }
}

/** A range is looked at in so many places first, and the nearest change then halved in on. */
const LOOKS = 8
const HALVINGS = 5

/**
 * Where first place changes when one weight moves. Looked for in eighths of the range and then halved in on: a change that comes and
 * goes between two looks is not seen. Answers at once for a list with fewer than two candidates.
 */
export function swayOf(
  weighing: Weighing,
  weights: Weights,
  weight: WeightName,
  top: number
): Sway {
  const leadAt = (value: number): string | undefined =>
    weighing.rank({ ...weights, [weight]: value }).candidates[0]?.lead.buyable.entry.tool.id
  const now = weights[weight]
  const first = leadAt(now)
  const towards = (end: number): Sway['below'] => {
    let near = now
    for (let look = 1; look <= LOOKS; look++) {
      const far = now + ((end - now) * look) / LOOKS
      const lead = leadAt(far)
      if (lead === first || lead === undefined) {
        near = far
        continue
      }
      let found = { at: far, lead }
      for (let halving = 0; halving < HALVINGS; halving++) {
        const middle = (near + found.at) / 2
        const there = leadAt(middle)
        if (there === first || there === undefined) near = middle
        else found = { at: middle, lead: there }
      }
      return found
    }
    return undefined
  }
  const sway: Sway =
    first === undefined
      ? { weight, now }
      : {
          weight,
          now,
          below: now > 0 ? towards(0) : undefined,
          above: now < top ? towards(top) : undefined
        }
  weighing.rank(weights)
  return sway
}

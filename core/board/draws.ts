import { seededRandom, textPrint } from '../kernel'

const BASE = 36
/** Numbers that follow from a seed and a name alone, so that any day can be looked at without those before it. */
export interface Draws {
  /** From 0 up to 1. */
  share(...name: readonly (string | number)[]): number
  /** Normal, of mean 0 and spread 1. */
  normal(...name: readonly (string | number)[]): number
}

export function drawsOf(seed: number): Draws {
  const random = (name: readonly (string | number)[]): (() => number) =>
    seededRandom(Number.parseInt(textPrint(`${seed}|${name.join('|')}`), BASE))
  return {
    share: (...name) => random(name)(),
    // Two uniform numbers make a normal one: Box and Muller, 1958.
    normal: (...name) => {
      const next = random(name)
      return Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next())
    }
  }
}

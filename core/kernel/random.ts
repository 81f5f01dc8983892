/** Taken once: a look-up through a sandbox's global object costs more than the multiplication. */
const { imul } = Math

/**
 * Random numbers from 0 up to 1 that follow from their seed alone: the mulberry32 generator, public domain. Not for secrets.
 * @param seed a whole number; equal seeds give equal sequences
 */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = imul(state ^ (state >>> 15), state | 1)
    mixed = (mixed + imul(mixed ^ (mixed >>> 7), mixed | 61)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** The least a random number may be whose logarithm is taken. */
const LEAST = 1e-12

/** Standard normal numbers from uniform ones (Box and Muller 1958). */
export const normalFrom = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(Math.max(LEAST, random()))) * Math.cos(2 * Math.PI * random())

import { levelAt } from './noise'

/** What stands between the workshop and who hears it, with what it takes off, dB: usual weighted values for speech and machine noise through one wall with its gaps; a plain estimate. Common practice. */
export const WALLS_BETWEEN = {
  open: 0,
  boards: 20,
  shutWindow: 25,
  blocks: 40,
  flat: 50
} as const
export type WallBetween = keyof typeof WALLS_BETWEEN

/** The nearest room of somebody else. */
export interface Neighbour {
  readonly metres: number
  readonly wall: WallBetween
}

/** What is let through to somebody asleep, dB(A) in the room: WHO guidelines for community noise, from memory. */
export const ASLEEP_DBA = 30
/** No hand work is quieter than this, and nothing louder than that counts as quiet, dB(A). A judgement. */
const [QUIETEST, LOUDEST] = [60, 85]

/**
 * The loudest that goes in quiet hours, at the ear of who works, dB(A): as declared, else what a sleeping neighbour is left in peace by;
 * undefined where neither is said.
 */
export function quietLimit({
  quiet,
  neighbour
}: {
  readonly quiet?: { readonly aboveDbA: number } | undefined
  readonly neighbour?: Neighbour | undefined
}): number | undefined {
  if (!neighbour) return quiet?.aboveDbA
  const through = ASLEEP_DBA - levelAt(0, neighbour.metres, WALLS_BETWEEN[neighbour.wall])
  return Math.min(quiet?.aboveDbA ?? LOUDEST, LOUDEST, Math.max(QUIETEST, through))
}

/** What arrives there of a level at the ear of who works, taken as measured a metre away, dB(A); a plain estimate, not below 0. */
export const atNeighbour = (dbA: number, { metres, wall }: Neighbour): number =>
  Math.max(0, levelAt(dbA, metres, WALLS_BETWEEN[wall]))

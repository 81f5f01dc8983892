import { sumOf } from '../kernel'

/** **Noise of a working day**: how much of a day's permitted noise the work takes, by the two rules in use. Levels in dB(A) at the ear. */

/** A rule of exchange: the level that is permitted for eight hours, and by how many dB more the time halves. */
export interface NoiseRule {
  readonly criterionDbA: number
  readonly exchangeDb: number
}
/** Equal energy: NIOSH criteria document 98-126, from memory. */
export const THREE_DB: NoiseRule = { criterionDbA: 85, exchangeDb: 3 }
/** 29 CFR 1910.95, table G-16 and appendix A, from memory. */
export const FIVE_DB: NoiseRule = { criterionDbA: 90, exchangeDb: 5 }

/** European action values of the daily exposure level, and its limit at the ear, dB(A): directive 2003/10/EC, from memory. */
export const EUROPEAN = { lowerDbA: 80, upperDbA: 85, limitDbA: 87 } as const

const WORKING_DAY_MINUTES = 480
const PER_CENT = 100
const DB = 10

/** A stretch of noise. */
export interface Loud {
  readonly dbA: number
  readonly minutes: number
}

/** Minutes that a level is permitted for: 480 / 2^((L − criterion) / exchange). */
export const permittedMinutes = (
  dbA: number,
  { criterionDbA, exchangeDb }: NoiseRule = THREE_DB
): number => WORKING_DAY_MINUTES / 2 ** ((dbA - criterionDbA) / exchangeDb)

/** Share of a day's permitted noise, per cent: 100 ΣC/T. @param fromDbA quieter stretches count nothing, as the five-decibel rule has it below 80 */
export const doseOf = (
  day: readonly Loud[],
  rule: NoiseRule = THREE_DB,
  fromDbA = -Infinity
): number =>
  PER_CENT *
  sumOf(day, ({ dbA, minutes }) =>
    dbA >= fromDbA && minutes > 0 ? minutes / permittedMinutes(dbA, rule) : 0
  )

/** The steady level over eight hours that comes to the same dose, dB(A): criterion + exchange · log2(D/100), which is 16.61 log10 for five decibels. */
export const levelOfDose = (
  dose: number,
  { criterionDbA, exchangeDb }: NoiseRule = THREE_DB
): number => criterionDbA + exchangeDb * Math.log2(dose / PER_CENT)

/** Daily noise exposure level LEX,8h, dB(A): 10 log10(Σ t·10^(L/10) / 480), ISO 1999, from memory; −Infinity on a silent day. */
export const dailyExposure = (day: readonly Loud[]): number =>
  DB *
  Math.log10(sumOf(day, ({ dbA, minutes }) => minutes * 10 ** (dbA / DB)) / WORKING_DAY_MINUTES)

/** Several levels at once, dB: independent sources add in energy. */
export const together = (levels: readonly number[]): number =>
  DB * Math.log10(sumOf(levels, (one) => 10 ** (one / DB)))

/** Hearing protection with its rating. */
export interface Protector {
  readonly kind: 'muffs' | 'formable-plugs' | 'other-plugs'
  /** Noise reduction rating (NRR) or single number rating (SNR), dB. */
  readonly rating: number
  readonly scheme: 'nrr' | 'snr'
}

/** Shares taken off an NRR for how it is really worn: NIOSH, from memory. Seven decibels lie between the scales it is used with (1910.95 appendix B). */
const DERATED: Readonly<Record<Protector['kind'], number>> = {
  muffs: 0.25,
  'formable-plugs': 0.5,
  'other-plugs': 0.7
}
const BETWEEN_SCALES_DB = 7
/** Deducted from an SNR for real-world fit: UK practice, EN ISO 4869-2, from memory. */
const SNR_FIT_DB = 4

/** Level at the ear behind a protector, dB(A); never more than without it. */
export function levelBehind(dbA: number, { kind, rating, scheme }: Protector): number {
  const takesOff =
    scheme === 'nrr' ? rating * (1 - DERATED[kind]) - BETWEEN_SCALES_DB : rating - SNR_FIT_DB
  return dbA - Math.max(0, takesOff)
}

/** Level at a distance outdoors from one measured a metre away, dB: 20 log10 of the distance less for each tenfold; a plain estimate. @param wallDb what walls and windows take off */
export const levelAt = (dbAAtOneMetre: number, metres: number, wallDb = 0): number =>
  dbAAtOneMetre - 20 * Math.log10(Math.max(1, metres)) - wallDb

import type { DustClass } from '../catalogue'

/** **Dust of a working day**: a room of well-mixed air. What the work sends out spreads in it, air changes and settling take it away. */

/** The air of a room. */
export interface Air {
  readonly volumeM3: number
  /** Air changes an hour. */
  readonly changes: number
}

/** Share of inhalable wood dust that falls out of still air, an hour. A judgement: coarse dust falls in minutes, fine dust in hours. */
export const SETTLES_PER_HOUR = 1
/** Air changes an hour of a shut room, and of one with its gate or windows open. Common practice. */
export const AIR_CHANGES = { shut: 0.5, open: 5 } as const

/** What work sends into the air, mg a minute of work, with nothing to catch it. A judgement from usual concentrations at the bench; not measured on any tool. */
export const SENDS_OUT: Readonly<Record<DustClass, number>> = {
  none: 0,
  shavings: 0.2,
  coarse: 3,
  fine: 8
}
/** Share that a hose on the tool catches. A judgement; the manual of tool and vacuum says what belongs together. */
export const HOSE_CATCHES = 0.85

/** Published limits as an eight-hour mean, mg/m³, from memory: NIOSH; European Union for hardwood, inhalable, since 2023; United Kingdom for softwood; OSHA total. */
export const DUST_LIMITS = { niosh: 1, european: 2, british: 5, osha: 15 } as const
/** Assigned protection factors: half mask with N95 or FFP2, FFP3; 29 CFR 1910.134 and HSG53, from memory. */
export const MASK_FACTORS = { ffp2: 10, ffp3: 20 } as const

/** Air that is as clean again as one need ask of a workshop, mg/m³. A judgement: a tenth of the strictest limit. */
const CLEAN = 0.1
const HOUR = 60
const DAY_HOURS = 8

/** A stretch of work and what it sends out. */
export interface Dusty {
  readonly minutes: number
  /** mg a minute. */
  readonly sends: number
}

/** What goes out of the air, an hour. */
const removal = ({ changes }: Air): number => changes + SETTLES_PER_HOUR

/**
 * Concentration after a stretch, and its mean during it, mg/m³: C(t) = S/λV + (C₀ − S/λV)·e^(−λt), with the source S, the volume V and
 * the removal λ.
 */
export function airAfter(
  air: Air,
  before: number,
  { minutes, sends }: Dusty
): { readonly after: number; readonly mean: number } {
  const hours = minutes / HOUR
  const lambda = removal(air)
  const steady = (sends * HOUR) / (lambda * air.volumeM3)
  const left = Math.exp(-lambda * hours)
  const after = steady + (before - steady) * left
  const mean = hours > 0 ? steady + ((before - steady) * (1 - left)) / (lambda * hours) : before
  return { after, mean }
}

/** What a day's dust comes to. */
export interface DustDay {
  /** Breathed as a mean over eight hours, without a mask, mg/m³. */
  readonly mean: number
  readonly peak: number
  /** Minutes until the air is clean again after the work, with the gate open. */
  readonly airing: number
}

/** The dust of stretches of work one after another; undefined in a room without air. */
export function dustOf(air: Air, day: readonly Dusty[]): DustDay | undefined {
  if (!(air.volumeM3 > 0)) return undefined
  let [now, peak, breathed] = [0, 0, 0]
  for (const stretch of day) {
    const { after, mean } = airAfter(air, now, stretch)
    breathed += (mean * stretch.minutes) / HOUR
    peak = Math.max(peak, after, now)
    now = after
  }
  const open = removal({ ...air, changes: Math.max(air.changes, AIR_CHANGES.open) })
  const airing = now > CLEAN ? (Math.log(now / CLEAN) / open) * HOUR : 0
  return { mean: breathed / DAY_HOURS, peak, airing }
}

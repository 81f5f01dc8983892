import type { DustClass, Library, Protection } from '../catalogue'
import { distinct } from '../kernel'
import {
  FIVE_DB,
  HOSE_CATCHES,
  MASK_FACTORS,
  SENDS_OUT,
  THREE_DB,
  dailyExposure,
  doseOf,
  dustOf,
  levelBehind,
  permittedMinutes,
  type Air,
  type DustDay,
  type Protector
} from '../workshop'
import { loudnessOf } from './kernel'
import type { PlainWay, SittingWork } from './sittings'

/** A stretch of the day: a way of working, and how loud and dusty it is. */
export interface DayStretch {
  readonly operation: string
  readonly method: string
  readonly minutes: number
  readonly dbA: number
  readonly dust: DustClass
}

/** What one has against noise and dust. */
export interface Gear {
  readonly ears: Protector | undefined
  readonly maskFactor: number
  readonly hose: boolean
}

/** Ratings usual for the kind; what stands on the box goes before. Common practice. */
const EARS: Readonly<Record<string, Protector>> = {
  'ear-muffs': { kind: 'muffs', rating: 27, scheme: 'snr' },
  'ear-plugs': { kind: 'formable-plugs', rating: 33, scheme: 'snr' }
}
const MASKS: Readonly<Record<string, number>> = {
  'dust-masks': MASK_FACTORS.ffp2,
  'half-mask': MASK_FACTORS.ffp3,
  'powered-mask': MASK_FACTORS.ffp3
}
/** Tools that draw dust through a hose. */
export const HOSES = ['vacuum', 'chip-extractor'] as const

/** What of a kit helps against noise and dust. @param tools that are there */
export function gearOf(tools: ReadonlySet<string>): Gear {
  const ears = Object.keys(EARS).find((id) => tools.has(id))
  const masks = Object.entries(MASKS).flatMap(([id, factor]) => (tools.has(id) ? [factor] : []))
  return {
    ears: ears === undefined ? undefined : EARS[ears],
    maskFactor: Math.max(1, ...masks),
    hose: HOSES.some((id) => tools.has(id))
  }
}

/** What a day of work comes to. */
export interface WorkingDay {
  readonly stretches: readonly DayStretch[]
  readonly tools: readonly string[]
  readonly wear: readonly Protection[]
  /** Shares of the permitted noise by the two rules, per cent, without protection: as if each way ran the whole time. */
  readonly dose: { readonly threeDb: number; readonly fiveDb: number }
  /** Daily exposure level without protection and behind what is there, dB(A). */
  readonly exposure: { readonly bare: number; readonly worn: number | undefined }
  /** The loudest stretch, and for how many minutes a day its level is permitted. */
  readonly loudest: { readonly stretch: DayStretch; readonly permitted: number } | undefined
  /** Dust as breathed without a mask; undefined in a room without air. */
  readonly dust: DustDay | undefined
  /** The same mean behind the mask there is, and what a hose would make of it where there is none, mg/m³. */
  readonly masked: number | undefined
  readonly withHose: number | undefined
}

/** Below this nothing counts by the five-decibel rule (29 CFR 1910.95), dB(A). */
const COUNTS_FROM = 80

/** What work comes down to: its plain ways, or the way it is done. */
export const waysIn = ({ step, method, minutes, tools, ways }: SittingWork): readonly PlainWay[] =>
  ways ??
  (method === undefined || minutes === undefined
    ? []
    : [{ operation: step.operation, method, minutes, tools }])

/** Whether a tool plays a part in a way of working. */
export const playsIn = (library: Library, tool: string, method: string): boolean => {
  const roles = library.tools.get(tool)?.roles ?? []
  return (library.methods.get(method)?.roles ?? []).some(({ role }) => roles.includes(role))
}

/** The loudest of what work comes down to, dB(A); nothing where it is nobody's work here. */
export const loudestIn = (library: Library, work: SittingWork): number =>
  Math.max(
    -Infinity,
    ...waysIn(work).flatMap(({ method }) => {
      const way = library.methods.get(method)
      return way ? [loudnessOf(way)] : []
    })
  )

/** Noise and dust of what is done in one go, from the ways it is done. */
export function workingDay(
  library: Library,
  work: readonly SittingWork[],
  gear: Gear,
  air: Air
): WorkingDay {
  const stretches = work.flatMap(waysIn).flatMap(({ operation, method, minutes }): DayStretch[] => {
    const way = library.methods.get(method)
    return way
      ? [
          {
            operation,
            method,
            minutes,
            dbA: loudnessOf(way),
            dust: way.dust
          }
        ]
      : []
  })
  const { ears, maskFactor, hose } = gear
  const sends = (caught: boolean) =>
    stretches.map(({ minutes, dust }) => ({
      minutes,
      sends: SENDS_OUT[dust] * (caught ? 1 - HOSE_CATCHES : 1)
    }))
  const dust = dustOf(air, sends(hose))
  const loud = [...stretches].sort((a, b) => b.dbA - a.dbA)[0]
  const worn = ears && stretches.map((one) => ({ ...one, dbA: levelBehind(one.dbA, ears) }))
  return {
    stretches,
    tools: distinct(work.flatMap(({ tools }) => tools)),
    wear: distinct(work.flatMap(({ wear }) => wear)),
    dose: {
      threeDb: doseOf(stretches, THREE_DB),
      fiveDb: doseOf(stretches, FIVE_DB, COUNTS_FROM)
    },
    exposure: { bare: dailyExposure(stretches), worn: worn && dailyExposure(worn) },
    loudest: loud && { stretch: loud, permitted: permittedMinutes(loud.dbA) },
    dust,
    masked: dust && maskFactor > 1 ? dust.mean / maskFactor : undefined,
    withHose: hose ? undefined : dustOf(air, sends(true))?.mean
  }
}

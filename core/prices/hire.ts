import { addDays, type Day } from '../calendar'
import type { Library } from '../catalogue'
import type { Minor } from '../money'
import type { Bundle, BundlePiece } from './bundles'

/** Days that were paid for already. */
export interface HiredTime {
  readonly from: Day
  readonly until: Day
  /** Minutes of work that they hold. */
  readonly minutes: number
}

/** Terms on which tools can be had for a time: hired by the day, or in a shared workshop by the visit or the month. */
export interface Hire {
  readonly id: string
  readonly name: string
  readonly pieces: readonly BundlePiece[]
  readonly per: 'day' | 'visit' | 'month'
  /** For a day, a visit or a month, all in; minor units. */
  readonly fee: Minor
  /** Minutes one works with them in a day or a visit, or in all of a month. */
  readonly minutes: number
  /** The work is done where they stand: they take neither floor nor current at home. */
  readonly elsewhere?: boolean | undefined
  /** The last day on which it can be had. */
  readonly until?: Day | undefined
  readonly taken?: readonly HiredTime[] | undefined
}

/** A stretch of time for which tools can be had, as something that is sold. */
export interface HiredStretch {
  /** Days from the first one on, that one included. */
  readonly days: number
  readonly minutes: number
  readonly fee: Minor
  readonly elsewhere: boolean
  /** Days between which it can begin; of what is paid for already the first and the last day it is there. */
  readonly from?: Day | undefined
  readonly until?: Day | undefined
}

/** Days in a row that can be hired at once, and visits within so many days. Common practice: one visit a week. */
const DAYS_AT_ONCE = [1, 2, 3]
const VISITS = [1, 2, 4]
const [WEEK, MONTH] = [7, 30]

/** The stretches a hire is offered in. */
const stretchesOf = ({
  per,
  fee,
  minutes
}: Hire): readonly Pick<HiredStretch, 'days' | 'minutes' | 'fee'>[] =>
  per === 'month'
    ? [{ days: MONTH, minutes, fee }]
    : (per === 'day' ? DAYS_AT_ONCE : VISITS).map((times) => ({
        days: per === 'day' ? times : (times - 1) * WEEK + 1,
        minutes: times * minutes,
        fee: times * fee
      }))

/** The parts between a hire's id and its stretch: days to come, and days paid for. */
const [OFFERED, TAKEN] = ['@', '@@']

/** The hire an offer is a stretch of; undefined where it is none. */
export const hireOf = (hires: readonly Hire[] | undefined, offer: string): Hire | undefined =>
  hires?.find(({ id }) => offer.startsWith(`${id}${OFFERED}`))

/** What comes with a tool that is hired: all it cannot do without, but for protection, which one brings along. */
function piecesWith(library: Library, pieces: readonly BundlePiece[]): BundlePiece[] {
  const present = new Set(pieces.map(({ tool }) => tool))
  const along = pieces.flatMap(({ tool: id, tier, condition, power }) =>
    (library.tools.get(id)?.companions ?? []).flatMap(
      ({ kind, anyOf, count, packs }): BundlePiece[] => {
        const [first] = anyOf
        const tool = library.tools.get(first ?? '')
        const needless =
          kind === 'advised' ||
          !tool ||
          tool.kind === 'protection' ||
          (packs === true && power !== 'cordless') ||
          anyOf.some((one) => present.has(one))
        if (needless) return []
        present.add(tool.id)
        return [{ tool: tool.id, tier, condition, power: tool.forms[0]?.power ?? 'hand', count }]
      }
    )
  )
  return [...pieces, ...along]
}

const made = new WeakMap<
  readonly Hire[],
  { readonly asOf: Day; readonly bundles: readonly Bundle[] }
>()

/** Hires as things that are sold: each stretch a bundle that goes back, and what is paid for already at no cost. */
export function hiredBundles(
  library: Library,
  hires: readonly Hire[] | undefined,
  asOf: Day
): readonly Bundle[] {
  if (!hires || hires.length === 0) return []
  const known = made.get(hires)
  if (known?.asOf === asOf) return known.bundles
  const bundles = hires.flatMap((hire): Bundle[] => {
    const { id, name, until, elsewhere = false, taken = [] } = hire
    const pieces = piecesWith(library, hire.pieces)
    const offered = stretchesOf(hire).map((stretch): Bundle => ({
      id: `${id}${OFFERED}${stretch.days}`,
      name,
      pieces,
      hire: {
        ...stretch,
        elsewhere,
        ...(until === undefined ? {} : { until: addDays(until, 1 - stretch.days) })
      }
    }))
    const paid = taken
      .filter((one) => one.until >= asOf && one.minutes > 0)
      .map(({ from, until: last, minutes }): Bundle => ({
        id: `${id}${TAKEN}${from}`,
        name,
        pieces,
        hire: { days: 1, minutes, fee: 0, elsewhere, from: from > asOf ? from : asOf, until: last }
      }))
    return [...offered, ...paid]
  })
  made.set(hires, { asOf, bundles })
  return bundles
}

/** Whether a bundle stands for days that are paid for. */
export const isTaken = ({ hire }: Bundle): boolean => hire !== undefined && hire.from !== undefined

/** The last day of a stretch that begins on a day. */
export const lastHired = ({ days, from, until }: HiredStretch, begins: Day): Day =>
  from !== undefined && until !== undefined ? until : addDays(begins, days - 1)

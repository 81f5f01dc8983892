import type { Tier } from '../catalogue'
import type { Minor } from '../money'
import type { TimberPays } from './timber-pays'

/** Where a rung stands to the money: it is there, it comes within the time of the plan, it lies beyond. */
export type Band = 'first' | 'next' | 'later'

/** Something bought, or made, on a rung. */
export interface RungPart {
  readonly tool: string
  /** Offer id, or the id of the build that makes it. */
  readonly offer: string
  readonly count: number
  readonly made: boolean
  /** Price of all of them, minor units; nothing for what is made from offcuts. */
  readonly cost: Minor
}

/** Why this tier: a cheaper one of the same tool would leave builds out or cost so much more, or there is no cheaper one; what a dearer one would add. */
export interface TierReason {
  readonly tier: Tier
  readonly cheaper:
    | {
        readonly offer: string
        readonly saves: Minor
        readonly closes: readonly string[]
        readonly loses: number
      }
    | undefined
}

/** One rung of the ladder. Amounts are minor units. */
export interface Rung {
  readonly lead: RungPart
  readonly along: readonly RungPart[]
  readonly cost: Minor
  /** What all rungs up to here cost. */
  readonly total: Minor
  readonly band: Band
  /** What V gains here. */
  readonly gain: number
  /** It pays only together with rungs above it: the place of the one with which it does. */
  readonly withRung: number | undefined
  /** Builds that can be made from here on. */
  readonly opens: readonly string[]
  /** Builds it is used in, of all that are open, and steps. */
  readonly usedIn: readonly string[]
  readonly of: number
  readonly steps: number
  /** What doing without it costs once the rest is there: builds that go, minutes a year more on the others, V. */
  readonly without: {
    readonly closes: readonly string[]
    readonly minutesPerYear: number
    readonly value: number
    /** What does the same work then, by tool; nothing where the builds go or nothing takes its place. */
    readonly instead: readonly string[]
  }
  readonly tier: TierReason
  /** What it is worth having for though no build asks for it. */
  readonly own: 'wish' | 'order' | undefined
  /** Of a milling machine: what rough timber says for it. */
  readonly timber: TimberPays | undefined
  /** How much of the area under the ladder is lost when it changes places with the next: nothing means either may come first. */
  readonly firmness: number
}

/** Why a tool that could matter is not on the ladder. */
export type NotFor =
  | { readonly kind: 'ruled-out'; readonly tool: string }
  | { readonly kind: 'no-way'; readonly tool: string }
  | { readonly kind: 'same-as'; readonly tool: string; readonly other: string }
  | {
      readonly kind: 'too-dear'
      readonly tool: string
      /** What it would cost with what must come along, and what it would bring. */
      readonly cost: Minor
      readonly brings: number
    }

/** The order of purchases for one person, and what is not on it. */
export interface Ladder {
  readonly rungs: readonly Rung[]
  readonly notFor: readonly NotFor[]
  /** Tools of the library that no step of the builds asks for. */
  readonly unasked: number
  /** Builds that can be made with what is owned, and those no rung opens. */
  readonly already: readonly string[]
  readonly never: readonly string[]
  /** Money there now above the reserve, and all that comes in time; minor units. */
  readonly now: Minor
  readonly inTime: Minor
  /** Whether the order was compared with all orders. */
  readonly exact: boolean
}

/** The rung that matters most of those up to the first that opens a build; the first one where none does. */
export function mainRung({ rungs }: Pick<Ladder, 'rungs'>): Rung | undefined {
  const opening = rungs.findIndex(({ opens }) => opens.length > 0)
  return rungs
    .slice(0, Math.max(1, opening + 1))
    .reduce<Rung | undefined>(
      (best, rung) => (best === undefined || rung.without.value > best.without.value ? rung : best),
      undefined
    )
}

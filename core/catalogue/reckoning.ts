import type { SkillTable } from './skill'

/** How much a build is wanted: it counts so many times what such a piece costs ready-made. */
export const WISHES = ['must', 'like', 'pays'] as const
export type Wish = (typeof WISHES)[number]

/** Where timber and finish of a build are paid from. */
export const TIMBERS = ['elsewhere', 'purse'] as const
export type Timber = (typeof TIMBERS)[number]

/** What an hour beyond the quickest way may cost, in words. */
export const HOUR_WORDS = ['slow', 'little', 'some', 'lot'] as const
export type HourWord = (typeof HOUR_WORDS)[number]

/** What the money is for, in words. */
export const MONEY_AIMS = ['workshop', 'earn'] as const
export type MoneyAim = (typeof MONEY_AIMS)[number]

/** The figures everything is reckoned with unless somebody says otherwise; each can be changed where it is shown. */
export interface Reckoning {
  /** Times the worth of a piece counts. */
  readonly wish: Readonly<Record<Wish, number>>
  readonly usualWish: Wish
  /** Price index points for an hour beyond the quickest way there is. */
  readonly hour: Readonly<Record<HourWord, number>>
  readonly usualHour: HourWord
  /** What a unit of money that is left counts (μ). */
  readonly kept: Readonly<Record<MoneyAim, number>>
  readonly usualAim: MoneyAim
  readonly timber: Timber
  /** Years after the plan in which the kit goes on serving, and between how many pieces a year are made in them. */
  readonly yearsAfter: number
  readonly leastPerYear: number
  readonly mostPerYear: number
  readonly skill: SkillTable
  /** What bothers about a tool that is not as it is wished, as shares of what a new weekend one costs; a preference, never a fence. */
  readonly bother: {
    /** Below the wished tier, times what it costs less: of tools that forgive it, of those accuracy or edge starts from, of the rest. */
    readonly tierForgiving: number
    readonly tierExact: number
    readonly tier: number
    /** Risk and errands of what is not new, where new is wished, and where it is not. */
    readonly condition: Readonly<Record<'refurbished' | 'used', number>>
    readonly conditionWished: number
    /** A cord where it gets in the way, and either form where the other is wished. */
    readonly cord: { readonly much: number; readonly some: number }
    readonly power: number
  }
  /** What saves time whatever is built: places to keep tools, light. */
  readonly comfort: {
    /** Own tools from which on there is something to look for. */
    readonly fromTools: number
    /** Minutes of each hour of work that it saves; of one group only what saves most. */
    readonly saves: readonly {
      readonly tool: string
      readonly group: string
      readonly minutesPerHour: number
    }[]
  }
  /** Share of a sale that flows back into the purse. */
  readonly reinvest: number
}

import type { Build, MaterialPrice } from '../builds'
import type {
  Family,
  Condition,
  Leaning,
  Levels,
  Material,
  Method,
  NameSet,
  Operation,
  Power,
  PowerWish,
  Specs,
  Tier,
  Timber,
  Tool
} from '../catalogue'
import type { Day, Rhythm, ShopTime, StageLength } from '../calendar'
import type { LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import type { Bundle, Deal, Hire, Offer, PriceKind, Quote, SaleWindow } from '../prices'
import type { UnitSystem } from '../units'
import type { Workshop } from '../workshop'
import type { Plan } from './plan-types'
import type { Loan } from './loans'
import type { Photo } from './photo'
import type { Order, Outlet, Piece } from './selling-types'
import type { Upkeep } from './upkeep'
import type { Supply } from './supplies'
import type { Verdict } from './verdicts'

/** One tool, or several alike, that the user owns. Specs are copied at entry. */
export interface Item {
  readonly id: string
  readonly tool: string
  readonly name?: string | undefined
  readonly tier: Tier
  readonly condition: Condition
  readonly power: Power
  readonly platform?: string | undefined
  readonly specs: Specs
  readonly count: number
  readonly since: Day
  readonly cost: Minor
  readonly uses?: number | undefined
  /** So many times as inexact as others of its tier, as a look at it found; 1 or more. */
  readonly inexact?: number | undefined
  /** What is still to be looked at now that it is here: points of its sheet, and `align` for setting it true. */
  readonly checks?: readonly string[] | undefined
  /** Lent out, or somebody else's. */
  readonly loan?: Loan | undefined
}

/** Money expected once; negative for an expense that is already known. */
export interface OneOff {
  readonly id: string
  readonly date: Day
  readonly amount: Minor
  readonly text: string
}

export interface MoneySettings {
  readonly currency: string
  readonly income: Rhythm
  readonly oneOffs: readonly OneOff[]
  /** The balance is never planned below this. */
  readonly reserve: Minor
  /** The most a plan may pay out from today on, whatever comes in; no limit when left out. */
  readonly cap?: Minor | undefined
  readonly taxBasisPoints: number
  readonly deliveryEach: Minor
  /** What 100 price index points cost here; the currency's usual level when left out. */
  readonly minorPer100Points?: number | undefined
  /** What an hour beyond the quickest way there is costs in the reckoning; 0 for somebody who likes the slow way. */
  readonly hourValue: Minor
  /** Impatience ρ, share per year: what comes a year later counts 1/(1+ρ). */
  readonly impatience: number
  /** μ: what a unit of money that is left counts: less than 1 where it is set aside for the workshop, 1 where a tool must earn its place. */
  readonly keptMoneyWorth: number
  /** Share of a build's worth that is lost for each day after its wished date. */
  readonly latenessPerDay: number
  /** Share of a sale that flows back into the tool budget. */
  readonly reinvestShare: number
  /** So much of what each piece brings is the seller's own before any of it flows back. */
  readonly reinvestAbove?: Minor | undefined
  /** What a kilometre counts in the books of what is sold, and what the room costs a month; not counted when left out. */
  readonly perKm?: Minor | undefined
  readonly roomPerMonth?: Minor | undefined
  /** Where timber and finish of builds one keeps are paid from. */
  readonly timber: Timber
  /** How long the kit goes on serving after the plan, and for how many pieces a year; worked out from hours and builds when left out. */
  readonly after: { readonly years: number; readonly perYear?: number | undefined }
}

/**
 * What counts besides the price, each with its own figure. What an hour costs stands in `MoneySettings.hourValue`, what an hour of
 * noise costs in the workshop's quiet hours; these are the rest. Left out: 1 for worth, 0 for the others.
 */
export interface Weighting {
  /** What builds are worth is multiplied by this before it is weighed; 1 takes it as it is, 0 leaves only hours and the like. */
  readonly worth: number
  /** Cost of a square metre of floor that something takes when it is put away. */
  readonly spacePerM2: Minor
  /** Cost of an hour at hazard level 1; twice that at level 2. */
  readonly easePerHour: Minor
  /** Cost of a step that comes out just as exact as it has to be; half that where it is twice as exact. */
  readonly finishPerStep: Minor
}

/** Everything a school can set. */
export interface OwnMix {
  readonly weighting?: Weighting | undefined
  readonly leanings?: readonly Leaning[] | undefined
  readonly soldTimes?: number | undefined
  readonly joints?: number | undefined
  readonly learns?: readonly Family[] | undefined
  readonly power: PowerWish
  readonly hourValue: Minor
  readonly quiet?: Workshop['quiet'] | undefined
  readonly comfort: Workshop['comfort']
  readonly bans: readonly Ban[]
  readonly reinvestShare: number
}

/** Settings from before a side in a dispute was taken, and what the side has set. */
export interface BeforeSide {
  readonly power: PowerWish
  readonly tier: Tier
  readonly condition: Condition
  /** Leanings that the side's own took the place of. */
  readonly leanings: readonly Leaning[]
  /** Tools that were banned by the side and by nothing before it. */
  readonly bans: readonly string[]
}

/** What is never to be bought, whatever it would save. */
export interface RuledOut {
  readonly tiers?: readonly Tier[] | undefined
  readonly conditions?: readonly Condition[] | undefined
  /** What hangs on a cord, what runs from a battery. */
  readonly powers?: readonly ('corded' | 'cordless')[] | undefined
}

export interface Preferences {
  readonly units: UnitSystem
  /** The tier that is wished: a lower one bothers, a higher one is bought where it is worth its price. */
  readonly tier: Tier
  readonly condition: Condition
  readonly power: PowerWish
  readonly ruledOut?: RuledOut | undefined
  /** How often what a fine joint adds to a piece counts where none is set; 0 when left out. */
  readonly joints?: number | undefined
  /** Families of ways to work the user means to learn: what practice will have brought is reckoned with. */
  readonly learns?: readonly Family[] | undefined
  /** How far the user is with each family of ways to work; new to it where nothing is said. */
  readonly levels?: Levels | undefined
  /** Times as the library has them, whatever the log says of the user's own pace. */
  readonly byTheBook?: true | undefined
  /** What was said of purchases has no part in the advice. */
  readonly withoutVerdicts?: true | undefined
  /** Which country's trade names are shown; the library's own when left out. */
  readonly names?: NameSet | undefined
  readonly weighting?: Weighting | undefined
  readonly leanings?: readonly Leaning[] | undefined
  /** What builds for sale bring counts this many times when purchases are put in order. */
  readonly soldTimes?: number | undefined
  /** The school taken up, for its name; what it set stands in the settings themselves. */
  readonly school?: string | undefined
  /** The user's own settings from before a school was taken up; they come back when it is left. */
  readonly ownMix?: OwnMix | undefined
  /** The sides taken in disputes of the trade, by dispute. */
  readonly sides?: Readonly<Record<string, string>> | undefined
  /** What was before each of these sides was taken: it comes back when the side is left. */
  readonly beforeSides?: Readonly<Record<string, BeforeSide>> | undefined
}

/** "I need it for …": a purchase thought over before it is made. */
export interface NeedTest {
  readonly tool: string
  /** The build it is needed for. */
  readonly build: string
  readonly asked: Day
  /** Not bought before this day. */
  readonly until: Day
}

/** A purchase kept at its date. */
export interface Pin {
  readonly offer: string
  readonly count: number
  readonly date: Day
}

/** A tool one keeps an eye on, up to a price. */
export interface Watch extends PriceKind {
  readonly id: string
  /** Tag price at or below which it is to be said. */
  readonly upTo: Minor
  /** The day it was begun: older prices do not meet it. */
  readonly from: Day
  /** The last day it is of interest. */
  readonly until?: Day | undefined
  /** The day prices were last looked at for it without any put in. */
  readonly looked?: Day | undefined
}

/** Something that must not be in the plan. */
export type Ban =
  { readonly kind: 'tool'; readonly id: string } | { readonly kind: 'method'; readonly id: string }

/** Another way things could go, kept to be compared: a few changes to the workspace, not a copy of it. */
export interface Scenario {
  readonly id: string
  readonly name: string
  readonly change: {
    readonly school?: string | undefined
    /** What is set aside is multiplied by this. */
    readonly incomeTimes?: number | undefined
    readonly hoursTimes?: number | undefined
    /** Money that comes once more, or goes. */
    readonly extra?: { readonly date: Day; readonly amount: Minor } | undefined
    /** Purchases kept at their date: a machine now, or later. */
    readonly pins?: readonly Pin[] | undefined
    /** Tools that are not bought. */
    readonly without?: readonly string[] | undefined
    /** Typical prices are multiplied by this. */
    readonly pricesTimes?: number | undefined
    /** The tier that is wished. */
    readonly tier?: Tier | undefined
  }
}

/** A moment, ISO 8601 in UTC to the millisecond: `2026-05-04T18:30:00.000Z`. */
export type Moment = string

/** When what was changed, so that two devices can be brought together. Keys name a part: `items/<id>`, `money`, … */
export interface Trail {
  /** When each part was last changed here. */
  readonly changed: Readonly<Record<string, Moment>>
  /** When parts were taken out. */
  readonly removed: Readonly<Record<string, Moment>>
  /** States that left this device as a file or came in as one, by their print, oldest first. */
  readonly handed: readonly { readonly print: string; readonly at: Moment }[]
}

/** Everything one person plans with; plain readonly data, one file. */
export interface Workspace {
  readonly format: 'frugal-ledger/workspace'
  readonly version: 3
  readonly id: string
  readonly name: string
  readonly libraryVersion: string
  /** A fixed "today", for demonstrations; the real date when left out. */
  readonly asOf?: Day | undefined
  readonly preferences: Preferences
  readonly money: MoneySettings
  readonly horizon: { readonly start: Day; readonly length: StageLength; readonly count: number }
  readonly time: ShopTime
  readonly workshop: Workshop
  readonly builds: readonly Build[]
  readonly items: readonly Item[]
  readonly offers: readonly Offer[]
  readonly quotes: readonly Quote[]
  readonly materialPrices: readonly MaterialPrice[]
  readonly own: {
    readonly operations: readonly Operation[]
    readonly methods: readonly Method[]
    readonly tools: readonly Tool[]
    readonly materials: readonly Material[]
  }
  readonly pins: readonly Pin[]
  readonly bans: readonly Ban[]
  /** Tools the user would like to have, whatever the ranking says. */
  readonly wishes: readonly string[]
  readonly needTests?: readonly NeedTest[] | undefined
  readonly bundles?: readonly Bundle[] | undefined
  readonly deals?: readonly Deal[] | undefined
  readonly saleWindows?: readonly SaleWindow[] | undefined
  readonly watches?: readonly Watch[] | undefined
  readonly hires?: readonly Hire[] | undefined
  readonly scenarios?: readonly Scenario[] | undefined
  readonly ledger: readonly LedgerEntry[]
  /** Plans kept, so that later one can see what was true. */
  readonly adopted: readonly Plan[]
  readonly photos?: readonly Photo[] | undefined
  readonly outlets?: readonly Outlet[] | undefined
  readonly pieces?: readonly Piece[] | undefined
  readonly orders?: readonly Order[] | undefined
  /** Checks made and care taken; what became of purchases. */
  readonly upkeep?: readonly Upkeep[] | undefined
  readonly verdicts?: readonly Verdict[] | undefined
  readonly supplies?: readonly Supply[] | undefined
  readonly trail: Trail
}

/** A workspace as a file holds it: with the plan that was last made for it. In memory the two are apart, since a plan is derived. */
export interface WorkspaceFile extends Workspace {
  readonly plan?: Plan | undefined
}

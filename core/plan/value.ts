import { type Build } from '../builds'
import { type Day } from '../calendar'
import { fitContext, hourValueOf, type MethodUse } from '../fit'
import { sumOf, sumOfMost } from '../kernel'
import type { Minor } from '../money'
import { type PlannedBuild, type World } from '../workspace'
import { type CashMovement } from './evaluate-cash'
import { kitBetween, type Acquired } from './acquired'
import { type Priced } from './evaluate-purchases'
import { type Resold } from './resale'
import { counts, discount, endOfService, fromPurse, resaleValue, worthWhenDone } from './terms'
import { afterWorth, comfortsOf } from '../worth'

/** The objective of a plan, term by term, in minor units seen from today; costs are negative. */
export interface PlanValue {
  readonly builds: number
  readonly sales: number
  /** Owned tools sold because something better has come; all others count under `resale` when the years after are over. */
  readonly resold: number
  /** From the purse, at what kept money is worth. */
  readonly payments: number
  /** Timber, fees and what is used up that is paid from elsewhere. */
  readonly elsewhere: number
  /** Hours beyond the quickest way; for what is sold all of them. */
  readonly hours: number
  readonly penalties: number
  /** Floor taken by what is bought, at what a square metre counts. */
  readonly space: number
  /** What bothers about tools that are not as they are wished: a tier below, used ones, a cord; and setting machines true. */
  readonly bother: number
  /** Wishes, places to keep tools and light: what is worth having though no build asks for it. */
  readonly comfort: number
  /** What the kit owned at the end goes on bringing in the years after. */
  readonly after: number
  readonly resale: number
  readonly total: number
}

export interface EvaluatedBuild {
  readonly build: string
  readonly begin: Day
  readonly done: Day
  readonly minutes: number
}

export interface CheckedBuild {
  readonly planned: PlannedBuild
  readonly build: Build
  readonly uses: readonly MethodUse[]
  /** Minutes still to be given. */
  readonly minutes: number
  /** Material, fees and what is used up, due on the first day; from the purse or from elsewhere. */
  readonly payment: Minor
}

/** A plan as it was replayed: what is bought, made, sold, and what moves in the purse. */
export interface Replayed {
  readonly world: World
  readonly checked: readonly CheckedBuild[]
  readonly movements: readonly CashMovement[]
  readonly acquired: readonly Acquired[]
  readonly list: readonly Priced[]
  readonly resold: readonly Resold[]
}

/** The terms of one build at what counts of them on its day. */
interface BuildTerms {
  readonly worth: number
  readonly hours: number
  readonly penalties: number
  readonly elsewhere: number
}

function termsOf(world: World, { planned, build, uses, payment }: CheckedBuild): BuildTerms {
  const rate = hourValueOf(fitContext(world), build)
  const worth = worthWhenDone(world, build, planned.done)
  const hours = (rate * sumOf(uses, ({ wasted }) => wasted)) / MINUTES_PER_HOUR
  const penalties = sumOf(uses, ({ penalty }) => penalty)
  const elsewhere = payment - fromPurse(world, build, payment)
  const share = counts(world, worth - hours - penalties - elsewhere, planned.done)
  return {
    worth: share * worth,
    hours: share * hours,
    penalties: share * penalties,
    elsewhere: share * elsewhere
  }
}
const MINUTES_PER_HOUR = 60

/**
 * Sales: what flows back counts as money kept, the rest in full, all of it when it comes. So a piece for sale is not put off either, though
 * its money may all flow back.
 */
function salesTerm({ world, movements }: Replayed): number {
  const { keptMoneyWorth } = world.workspace.money
  return sumOf(movements, ({ kind, date, amount, full = 0 }) =>
    kind === 'sale' ? discount(world, date) * (keptMoneyWorth * amount + full - amount) : 0
  )
}

/** What is paid from the purse for tools and material, less what deals take off, at what kept money is worth. */
function paymentsTerm({ world, checked, list, movements }: Replayed): number {
  const bought = sumOf(list, ({ expected }) => expected)
  const material = sumOf(checked, ({ build, payment }) => fromPurse(world, build, payment))
  const saved = sumOf(movements, ({ kind, amount }) => (kind === 'saving' ? amount : 0))
  return -world.workspace.money.keptMoneyWorth * (bought + material - saved)
}

/** What all tools would still bring when the years after are over, but those that were sold before. */
function resaleTerm({ world, acquired, resold }: Replayed): number {
  const gone = new Set(resold.map(({ item }) => item))
  return (
    world.workspace.money.keptMoneyWorth *
    endOfService(world) *
    sumOf(acquired, ({ entry, paid, item }) =>
      item !== undefined && gone.has(item) ? 0 : resaleValue(entry, paid)
    )
  )
}

/** Floor taken by what is bought, at what a square metre counts. */
function spaceTerm({ world, acquired }: Replayed): number {
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  return perM2 === 0
    ? 0
    : -perM2 *
        sumOf(acquired, ({ entry, from }) =>
          from < world.asOf ? 0 : entry.tool.storedM2 * entry.count
        )
}

/** What is worth having by itself, from the day on which it is there; of each group the one that counts most. */
function comfortTerm({ world, acquired }: Replayed): number {
  const comforts = comfortsOf(world)
  if (comforts.size === 0) return 0
  const had = acquired.flatMap(({ entry, from, until, item }) => {
    const comfort = comforts.get(entry.tool.id)
    return comfort && item === undefined && until === undefined ? [{ ...comfort, from }] : []
  })
  return sumOfMost(
    had,
    ({ group }) => group,
    ({ worth, from }) => discount(world, from) * worth
  )
}

/** The objective, term by term (docs/model.md, 5). */
export function valueOf(replayed: Replayed): PlanValue {
  const { world, checked, acquired, resold } = replayed
  const terms = checked.map((one) => termsOf(world, one))
  const value = {
    builds: sumOf(terms, ({ worth }) => worth),
    sales: salesTerm(replayed),
    resold: world.workspace.money.keptMoneyWorth * sumOf(resold, ({ amount }) => amount),
    payments: paymentsTerm(replayed),
    elsewhere: -sumOf(terms, ({ elsewhere }) => elsewhere),
    hours: -sumOf(terms, ({ hours }) => hours),
    penalties: -sumOf(terms, ({ penalties }) => penalties),
    space: spaceTerm(replayed),
    bother: -world.workspace.money.keptMoneyWorth * sumOf(replayed.list, ({ bother }) => bother),
    comfort: comfortTerm(replayed),
    after: afterWorth(world, kitBetween(acquired, world.until, FOR_GOOD)),
    resale: resaleTerm(replayed)
  }
  return { ...value, total: sumOf(Object.values(value), (term) => term) }
}
/** A day after all others: what is owned then is neither hired nor lent. */
const FOR_GOOD = '9999-12-31'

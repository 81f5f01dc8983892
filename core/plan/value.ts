import { type Build } from '../builds'
import { type Day } from '../calendar'
import { type MethodUse } from '../fit'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { type PlannedBuild, type World } from '../workspace'
import { type CashMovement } from './evaluate-cash'
import { type Acquired } from './acquired'
import { type Priced } from './evaluate-purchases'
import { type Resold } from './resale'
import { discount, resaleValue, worthWhenDone } from './terms'

/** The objective of a plan, term by term, in minor units at today's worth; costs are negative. */
export interface PlanValue {
  readonly builds: number
  readonly sales: number
  /** Owned tools sold because something better has come; after the horizon's end all others count under `resale`. */
  readonly resold: number
  readonly payments: number
  readonly hours: number
  readonly penalties: number
  /** Floor taken by what is bought, at what a square metre counts. */
  readonly space: number
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
  /** Material and fees to be paid on the first day. */
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

/** What builds that are kept are worth on the day they are done. */
const buildsTerm = ({ world, checked }: Replayed): number =>
  sumOf(
    checked.filter(({ build }) => build.sale === undefined),
    ({ build, planned }) =>
      discount(world, planned.done) * worthWhenDone(world, build, planned.done)
  )

/** Movements of one kind, each discounted; sales at their full price, of which only a share may come into the purse. */
const movedTerm = ({ world, movements }: Replayed, of: 'sale' | 'saving'): number =>
  sumOf(movements, ({ kind, date, amount, full }) =>
    kind === of ? discount(world, date) * (of === 'sale' ? (full ?? 0) : amount) : 0
  )

/** What is paid out for tools and material, less what deals take off, at what kept money is worth. */
function paymentsTerm(replayed: Replayed): number {
  const { world, checked, list } = replayed
  const bought = sumOf(list, ({ purchase, expected }) => discount(world, purchase.date) * expected)
  const material = sumOf(
    checked,
    ({ planned, payment }) => discount(world, planned.begin) * payment
  )
  return -world.workspace.money.keptMoneyWorth * (bought + material - movedTerm(replayed, 'saving'))
}

const hoursTerm = ({ world, checked }: Replayed): number =>
  -sumOf(
    checked,
    ({ planned, build, minutes }) =>
      (discount(world, planned.done) *
        minutes *
        (build.hourValue ?? world.workspace.money.hourValue)) /
      60
  )

const penaltiesTerm = ({ world, checked }: Replayed): number =>
  -sumOf(
    checked,
    ({ planned, uses }) => discount(world, planned.done) * sumOf(uses, ({ penalty }) => penalty)
  )

/** What all tools would still bring at the end, but those that were sold before. */
function resaleTerm({ world, acquired, resold }: Replayed): number {
  const gone = new Set(resold.map(({ item }) => item))
  return (
    discount(world, world.until) *
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
          from < world.asOf ? 0 : discount(world, from) * entry.tool.storedM2 * entry.count
        )
}

/** The objective, term by term (docs/model.md, 5). */
export function valueOf(replayed: Replayed): PlanValue {
  const { world, resold } = replayed
  const builds = buildsTerm(replayed)
  const sales = movedTerm(replayed, 'sale')
  const sold = sumOf(resold, ({ date, amount }) => discount(world, date) * amount)
  const payments = paymentsTerm(replayed)
  const hours = hoursTerm(replayed)
  const penalties = penaltiesTerm(replayed)
  const resale = resaleTerm(replayed)
  const space = spaceTerm(replayed)
  return {
    builds,
    sales,
    resold: sold,
    payments,
    hours,
    penalties,
    space,
    resale,
    total: builds + sales + sold + payments + hours + penalties + space + resale
  }
}

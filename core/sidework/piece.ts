import { togetherOf, type Build } from '../builds'
import type { Day } from '../calendar'
import { fitContext, type FitContext, type Kit } from '../fit'
import { distinct } from '../kernel'
import type { Minor } from '../money'
import { kitOn } from '../plan'
import {
  outletOf,
  priceLeaving,
  saleParts,
  type Outlet,
  type Plan,
  type PriceParts,
  type World
} from '../workspace'
import { makingOf, type Making } from './design'

const MINUTES_PER_HOUR = 60
/** Batches looked at: nobody makes more of one thing at a time in a hobby room. A judgement. */
const MOST_IN_BATCH = 24

/** Where the price of one piece goes when so many are made together. Amounts in minor units, of one piece. */
export interface PieceBrings extends Making, PriceParts {
  /** What is left for the hours: the contribution of the piece; below 0 where it costs more than it brings. */
  readonly margin: number
  /** Margin for an hour of work; undefined where it takes no time. */
  readonly perHour: number | undefined
}

/** From a day on, with what the plan has bought by then. */
export interface FromDay {
  readonly day: Day
  readonly minutes: number
  readonly perHour: number | undefined
}

/** What a build that is sold brings. */
export interface SaleReckoning {
  /** As many together as the build says, and one by itself. */
  readonly planned: PieceBrings
  readonly single: PieceBrings
  /** What an hour of it is to bring by the user's own figure, minor units; 0 where none is said. */
  readonly asked: Minor
  /** From so many together on an hour brings that; undefined where it never does. */
  readonly paysFrom: number | undefined
  /** How long a piece takes today and after purchases of the plan, where that changes; one entry where it does not. */
  readonly stages: readonly FromDay[]
  /** The price a piece would have to have for an hour to bring what is asked, minor units; undefined where the price is enough. */
  readonly priceNeeded: Minor | undefined
}

/** The build, and what a piece of it takes the seller compared with the estimate. */
interface Selling {
  readonly world: World
  readonly build: Build
  readonly context: FitContext
  readonly pace: number
}

/** What one piece brings when so many are made together with a kit; undefined where the kit cannot make it. */
function bringsIn(
  { world, build, context, pace }: Selling,
  kit: Kit,
  inBatch: number
): PieceBrings | undefined {
  const making = build.sale && makingOf(world, kit, build, inBatch, context)
  if (!making || !build.sale) return undefined
  const parts = saleParts(world.workspace, build.sale)
  const margin = parts.net - making.material - making.consumables - making.services
  const minutes = making.minutes * pace
  return {
    ...making,
    ...parts,
    margin,
    minutes,
    perHour: minutes > 0 ? (margin * MINUTES_PER_HOUR) / minutes : undefined
  }
}

/** The days on which a piece begins to take another time, with the plan's purchases. */
function stagesOf(selling: Selling, plan: Plan | undefined, inBatch: number): FromDay[] {
  const { world } = selling
  const bought = plan ? distinct(plan.purchases.map(({ date }) => date)).sort() : []
  const days = [world.asOf, ...bought.filter((day) => day > world.asOf)]
  const found = days.flatMap((day): FromDay[] => {
    const at = bringsIn(selling, kitOn(world, plan, day), inBatch)
    return at ? [{ day, minutes: at.minutes, perHour: at.perHour }] : []
  })
  return found.filter(
    ({ minutes }, i) => Math.round(minutes) !== Math.round(found[i - 1]?.minutes ?? NaN)
  )
}

/**
 * What a build that is sold brings by the piece and by the hour, with what the plan has bought by the day it begins it, or with what is owned.
 * Undefined for what is not sold, and what cannot be made with that. Not tax advice.
 * @param pace how much longer than the estimate the seller takes over it: 1 as estimated
 */
export function saleReckoning(
  world: World,
  plan: Plan | undefined,
  build: Build,
  pace = 1
): SaleReckoning | undefined {
  if (!build.sale) return undefined
  const begin = plan?.builds.find((one) => one.build === build.id)?.begin
  const kit = kitOn(world, begin === undefined ? undefined : plan, begin ?? world.asOf)
  const selling: Selling = { world, build, context: fitContext(world), pace }
  const at = (many: number): PieceBrings | undefined => bringsIn(selling, kit, many)
  const batch = togetherOf(build)
  const [planned, single] = [at(batch), at(1)]
  if (!planned || !single) return undefined
  const asked = build.hourValue ?? world.workspace.money.hourValue
  const pays = (one: PieceBrings): boolean => one.margin > 0 && (one.perHour ?? Infinity) >= asked
  const paysFrom = firstOf(MOST_IN_BATCH, (many) => {
    const one = at(many)
    return one !== undefined && pays(one)
  })
  return {
    planned,
    single,
    asked,
    paysFrom,
    stages: stagesOf(selling, plan, batch),
    priceNeeded: pays(planned)
      ? undefined
      : priceFor(planned, asked, outletOf(world.workspace, build.sale.outlet))
  }
}

/** The first whole number up to a most for which something holds. */
function firstOf(most: number, holds: (many: number) => boolean): number | undefined {
  for (let many = 1; many <= most; many++) if (holds(many)) return many
  return undefined
}

/** The price that leaves so much for an hour, when the outlet goes on taking its share; undefined where it takes all of it. */
function priceFor(
  { net, margin, minutes }: PieceBrings,
  asked: Minor,
  outlet: Outlet | undefined
): Minor | undefined {
  const price = priceLeaving(net + (minutes / MINUTES_PER_HOUR) * asked - margin, outlet)
  return Number.isFinite(price) ? price : undefined
}

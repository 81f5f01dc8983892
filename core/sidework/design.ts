import { demandSaid, isForSale, materialCost, togetherOf, type Build, type Sale } from '../builds'
import { DAYS_PER_MONTH } from '../calendar'
import { fitBuild, fitContext, usedUp, type FitContext, type Kit } from '../fit'
import type { Minor } from '../money'
import { saleParts, type World } from '../workspace'
import { corrected, paceOf, type Learnt } from './learnt'

/** What it takes to make so many pieces of a build together, of one piece. Amounts in minor units. */
export interface Making {
  readonly inBatch: number
  readonly material: number
  /** Blades, bits and discs. */
  readonly consumables: number
  readonly services: number
  readonly minutes: number
}

/** What it takes to make a piece when so many are made together with a kit; undefined where the kit cannot make it. */
export function makingOf(
  world: World,
  kit: Kit,
  build: Build,
  inBatch: number,
  context: FitContext = fitContext(world)
): Making | undefined {
  const many: Build = { ...build, copies: inBatch, batchSize: inBatch }
  const fit = fitBuild(context, kit, many)
  if (fit.gaps.length > 0) return undefined
  const uses = fit.steps.flatMap(({ usable: [best] }) => best ?? [])
  return {
    inBatch,
    material: (materialCost(world.pricing, many) + fit.spoilt) / inBatch,
    consumables: usedUp(world, many, uses) / inBatch,
    services: fit.fees / inBatch,
    minutes: fit.minutes / inBatch
  }
}

/** A build for sale as the reckonings of side work see it. Amounts in minor units of one piece. */
export interface Design {
  readonly build: string
  readonly name: string
  readonly price: Minor
  readonly fee: Minor
  readonly delivery: Minor
  readonly net: Minor
  /** Timber, finish, what wears and services; of that the timber and finish, which offcuts save. */
  readonly cost: number
  readonly timber: number
  readonly batch: number
  /** Minutes once for each batch, and for each piece, at the seller's own pace. */
  readonly batchMinutes: number
  readonly eachMinutes: number
  /** The seller's own pace: 1 as estimated. */
  readonly pace: number
  /** Days a piece waits for its buyer, and how many are sold in a month at this price. */
  readonly days: number
  readonly perMonth: number
  /** Whether the demand was said, not only taken from the days to sell. */
  readonly demandSaid: boolean
  readonly season: readonly number[] | undefined
  readonly storedM2: number
  /** What an hour of it is to bring, minor units: for less it is not made. */
  readonly hourValue: Minor
  readonly offcuts: { readonly build: string; readonly each: number } | undefined
}

/** Minutes of one piece in its batch. */
export const minutesEach = ({ batchMinutes, eachMinutes, batch }: Design): number =>
  batchMinutes / Math.max(1, batch) + eachMinutes
/** What one piece leaves for the hours. */
export const marginEach = ({ net, cost }: Design): number => net - cost
const MINUTES_PER_HOUR = 60
/** Whether an hour of it brings what it is to bring. */
export const paysHours = (design: Design): boolean =>
  marginEach(design) > 0 && (marginPerHour(design) ?? Infinity) >= design.hourValue
/** The same for an hour; undefined where it takes no time. */
export const marginPerHour = (design: Design): number | undefined => {
  const minutes = minutesEach(design)
  return minutes > 0 ? (marginEach(design) * MINUTES_PER_HOUR) / minutes : undefined
}

/**
 * How long a piece waits and how many are sold in a month at its price: as said of prices, the waiting corrected by what was seen. Where
 * nothing is said of buyers, what is made together is taken to be sold in the days that are reckoned with, as plans take it.
 */
function demandOfSale(
  build: Build,
  sale: Sale,
  seen: Learnt | undefined
): Pick<Design, 'days' | 'perMonth' | 'demandSaid'> {
  const said = demandSaid(sale)
  const days = corrected(said?.days ?? sale.daysToSell, seen?.days ?? 0, seen?.sold ?? 0)
  return {
    days,
    perMonth: said?.perMonth ?? (DAYS_PER_MONTH * togetherOf(build)) / Math.max(1, days),
    demandSaid: said !== undefined
  }
}

/** Of a build for sale what does not hang on the kit: price, demand, season, floor and what an hour is to bring. */
export const saleFacts = (
  { workspace }: Pick<World, 'workspace'>,
  build: Build,
  sale: Sale,
  learnt: readonly Learnt[]
) => ({
  build: build.id,
  name: build.name,
  ...saleParts(workspace, sale),
  ...demandOfSale(
    build,
    sale,
    learnt.find((one) => one.build === build.id)
  ),
  season: sale.season,
  storedM2: sale.storedM2 ?? 0,
  hourValue: build.hourValue ?? workspace.money.hourValue,
  offcuts: sale.offcuts
})

/**
 * The builds for sale with a kit, at their prices and the seller's own pace. What the kit cannot make is left out; an order is no design.
 * @param learnt what pieces have shown so far: hours and waiting days go by it
 */
export function designsOf(
  world: World,
  kit: Kit,
  learnt: readonly Learnt[],
  context: FitContext = fitContext(world)
): Design[] {
  const made = world.workspace.builds.flatMap((build) => {
    if (!isForSale(build)) return []
    const { sale } = build
    const batch = togetherOf(build)
    const [one, many] = [
      makingOf(world, kit, build, 1, context),
      makingOf(world, kit, build, Math.max(2, batch), context)
    ]
    return one && many ? [{ build, sale, batch, one, many }] : []
  })
  const estimates = new Map(
    made.map(({ build, batch, one, many }) => [build.id, batch > 1 ? many.minutes : one.minutes])
  )
  return made.map(({ build, sale, batch, one, many }): Design => {
    const pace = paceOf(learnt, estimates, build.id)
    const runs = Math.max(
      0,
      Math.min(one.minutes, (many.minutes * many.inBatch - one.minutes) / (many.inBatch - 1))
    )
    const at = batch > 1 ? many : one
    return {
      ...saleFacts(world, build, sale, learnt),
      cost: at.material + at.consumables + at.services,
      timber: at.material,
      batch,
      batchMinutes: Math.max(0, one.minutes - runs) * pace,
      eachMinutes: runs * pace,
      pace
    }
  })
}

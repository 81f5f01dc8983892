import type { Build } from '../builds'
import { fitBuild, fitContext, usedUp, type Kit } from '../fit'
import type { Minor } from '../money'
import { kitOn } from '../plan'
import { buildMaterial, type Plan, type World } from '../workspace'

const MINUTES_PER_HOUR = 60
/** Batches looked at: nobody makes more of one thing at a time in a hobby room. A judgement. */
const MOST_IN_BATCH = 24

/** Where the price of one piece goes when so many are made together. Amounts in minor units, of one piece. */
export interface PieceBrings {
  readonly inBatch: number
  /** What the seller gets, fees and delivery taken off. */
  readonly net: Minor
  readonly material: number
  /** Blades, bits and discs. */
  readonly consumables: number
  /** What services are paid. */
  readonly services: number
  /** What is left for the hours: the contribution of the piece; below 0 where it costs more than it brings. */
  readonly margin: number
  readonly minutes: number
  /** Margin for an hour of work; undefined where it takes no time. */
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
}

/** What one piece brings when so many are made together with a kit; undefined where the kit cannot make it. */
function bringsIn(world: World, kit: Kit, build: Build, inBatch: number): PieceBrings | undefined {
  const many: Build = { ...build, copies: inBatch, batchSize: inBatch }
  const fit = fitBuild(fitContext(world), kit, many)
  if (fit.gaps.length > 0 || !build.sale) return undefined
  const uses = fit.steps.flatMap(({ usable: [best] }) => best ?? [])
  const each = (amount: number): number => amount / inBatch
  const net = build.sale.netEach
  const material = each(buildMaterial(world, many) + fit.spoilt)
  const consumables = each(usedUp(world, many, uses))
  const services = each(fit.fees)
  const margin = net - material - consumables - services
  const minutes = each(fit.minutes)
  return {
    inBatch,
    net,
    material,
    consumables,
    services,
    margin,
    minutes,
    perHour: minutes > 0 ? (margin * MINUTES_PER_HOUR) / minutes : undefined
  }
}

/**
 * What a build that is sold brings by the piece and by the hour, with what the plan has bought by the day it begins it, or with what is owned.
 * Undefined for what is not sold, and what cannot be made with that. Not tax advice.
 */
export function saleReckoning(
  world: World,
  plan: Plan | undefined,
  build: Build
): SaleReckoning | undefined {
  if (!build.sale) return undefined
  const begin = plan?.builds.find((one) => one.build === build.id)?.begin
  const kit = kitOn(world, begin === undefined ? undefined : plan, begin ?? world.asOf)
  const at = (many: number): PieceBrings | undefined => bringsIn(world, kit, build, many)
  const [planned, single] = [at(build.batchSize ?? build.copies), at(1)]
  if (!planned || !single) return undefined
  const asked = build.hourValue ?? world.workspace.money.hourValue
  const pays = (one: PieceBrings | undefined): boolean =>
    one !== undefined && one.margin > 0 && (one.perHour ?? Infinity) >= asked
  let paysFrom: number | undefined
  for (let many = 1; many <= MOST_IN_BATCH && paysFrom === undefined; many++)
    if (pays(at(many))) paysFrom = many
  return { planned, single, asked, paysFrom }
}

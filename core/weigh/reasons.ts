import { batchesOf, type Build } from '../builds'
import { DAYS_PER_YEAR, daysBetween } from '../calendar'
import type { HazardClass, HazardLevel, Step } from '../catalogue'
import { distinct, must, sumOf } from '../kernel'
import {
  costOf,
  entriesOf,
  kitWith,
  loadOf,
  makeFitter,
  neededCompanions,
  type BuildFit,
  type Fitter,
  type NeedSet
} from '../fit'
import type { Minor } from '../money'
import { worldOf, type World } from '../workspace'
import { partsOf } from './showing'
import { type Candidate, type Part } from './candidate'
import { buildValue } from './value'
import { type Regret, duplicateOf, outgrownBy } from './regrets'
import { type StepChange, type NearMiss, changesOf, nearMissesOf } from './near-misses'

/** Why a part belongs to a purchase. */
export type Because =
  | { readonly kind: 'lead' }
  | { readonly kind: 'companion'; readonly of: string; readonly why: string }
  | { readonly kind: 'protection'; readonly of: string }
  | { readonly kind: 'role'; readonly operation: string }
  | { readonly kind: 'jig' }

/** Another way to the same builds. */
export interface Way {
  readonly parts: readonly Part[]
  readonly cost: Minor
  /** Minutes more for the builds it opens, as against the candidate. */
  readonly minutesMore: number
}

/** A service that the purchase takes the place of. */
export interface ServiceUse {
  readonly operation: string
  readonly units: number
  readonly feeEach: number
  /** After so many units the whole purchase has paid for itself. */
  readonly breakEvenUnits: number
}

export interface Reasons {
  readonly because: readonly { readonly part: Part; readonly because: Because }[]
  readonly changes: readonly StepChange[]
  readonly nearMisses: readonly NearMiss[]
  readonly regrets: readonly Regret[]
  readonly services: readonly ServiceUse[]
  /** Sessions in which the leading tool is used, in a year of builds like these. */
  readonly usesPerYear: number
  readonly perYear: { readonly minutes: number; readonly fees: Minor; readonly timber: Minor }
  /** The most dangerous way of working it brings, and a way with less of that. */
  readonly hazard?:
    | {
        readonly kind: HazardClass
        readonly level: HazardLevel
        readonly gentler?: Way | undefined
      }
    | undefined
  /** The least that opens the same builds without the leading tool. */
  readonly cheaper?: Way | undefined
}

/** Fewer uses a year than this are few: once a quarter. Common practice for "would have been better borrowed". */
export const FEW_USES = 4
/** What brings back more than so many times its cost is no purchase to regret for its few uses. */
const WELL_PAID = 2

/** Years the open builds are spread over: the horizon, but never less than one. */
export const yearsOf = (world: World): number =>
  Math.max(1, daysBetween(world.asOf, world.until) / DAYS_PER_YEAR)

const setOfParts = (parts: readonly Part[]): NeedSet =>
  new Map(parts.map((part) => [part.buyable.id, part]))

function becauseOf(
  part: Part,
  parts: readonly Part[],
  changes: readonly StepChange[],
  lead: Part
): Because {
  if (part === lead) return { kind: 'lead' }
  const { tool } = part.buyable.entry
  const operations = distinct(changes.map(({ operation }) => operation))
  for (const { buyable } of parts) {
    const other = buyable.entry.tool
    const companion =
      other === tool
        ? undefined
        : operations
            .flatMap((operation) => neededCompanions(other, operation))
            .find(({ anyOf }) => anyOf.includes(tool.id))
    if (companion) return { kind: 'companion', of: other.id, why: companion.why }
  }
  const guarded = parts.find(({ buyable }) =>
    buyable.entry.tool.needs.some((need) => tool.protects.includes(need))
  )
  if (guarded && tool.protects.length > 0)
    return { kind: 'protection', of: guarded.buyable.entry.tool.id }
  const used = changes.find(({ after }) => after.tools.some((entry) => entry.tool.id === tool.id))
  if (used) return { kind: 'role', operation: used.operation }
  return part.buyable.jig
    ? { kind: 'jig' }
    : { kind: 'role', operation: changes[0]?.operation ?? '' }
}

function servicesOf(world: World, changes: readonly StepChange[], cost: Minor): ServiceUse[] {
  const operations = distinct(
    changes.flatMap(({ before, operation }) => (before?.method.service ? [operation] : []))
  )
  return operations.flatMap((operation) => {
    const served = changes.filter(
      (change) =>
        change.operation === operation &&
        change.before?.method.service &&
        change.after.fee < change.before.fee
    )
    const units = sumOf(served, ({ build: id, step }) => {
      const build = must(
        world.workspace.builds.find((one) => one.id === id),
        'the build of a change'
      )
      const one = build.steps.find((candidate: Step) => candidate.id === step)
      return one ? loadOf(one, build).units : 0
    })
    const fees = sumOf(served, ({ before, after }) => (before?.fee ?? 0) - after.fee)
    return units > 0 && fees > 0
      ? [
          {
            operation,
            units,
            feeEach: fees / units,
            breakEvenUnits: Math.ceil(cost / (fees / units))
          }
        ]
      : []
  })
}

/** The builds' minutes with a set of purchases. */
const minutesWith = (
  world: World,
  fitter: Fitter,
  set: NeedSet,
  builds: readonly Build[]
): number =>
  sumOf(
    builds,
    (build) => buildValue(world, fitter.context, kitWith(fitter.kit, entriesOf(set)), build).minutes
  )

/** The cheapest way to some builds together, in a fitter's world; undefined where there is none. */
function wayTo(
  world: World,
  fitter: Fitter,
  builds: readonly Build[],
  minutes: number
): Way | undefined {
  const together: Build = {
    id: 'together',
    name: 'together',
    copies: 1,
    materials: [],
    steps: builds.flatMap(({ id, steps }) =>
      steps.map((step) => ({ ...step, id: `${id}/${step.id}` }))
    )
  }
  const set = fitter.waysIn(together, undefined, 1)[0]?.set
  if (!set) return undefined
  return {
    parts: [...set.values()].sort((a, b) => b.buyable.allIn * b.count - a.buyable.allIn * a.count),
    cost: costOf(set),
    minutesMore: minutesWith(world, fitter, set, builds) - minutes
  }
}

/** The same workspace with a change, seen from the same day. */
const otherwise = (world: World, change: Partial<World['workspace']>): World =>
  worldOf({ ...world.workspace, ...change, asOf: world.asOf }, world.library, world.asOf)

/**
 * Everything that speaks for and against a candidate, down to the steps of the builds. Each part of it is worked out from the builds,
 * the kit and the market: nothing is a set phrase.
 * @param fitter the fitter the candidate was ranked with
 */
export function reasonsFor(world: World, fitter: Fitter, candidate: Candidate): Reasons {
  const parts = partsOf(candidate)
  const set = setOfParts(parts)
  const kit = kitWith(fitter.kit, entriesOf(set))
  const { builds } = world.workspace
  const open = builds.filter(({ log }) => log?.done === undefined)
  const touched = open.filter(({ id }) => candidate.effects.some(({ build }) => build === id))
  const before = new Map(
    open.map((build) => [build.id, buildValue(world, fitter.context, fitter.kit, build).fit])
  )
  const after = new Map(
    open.map((build) => [build.id, buildValue(world, fitter.context, kit, build).fit])
  )
  const fitOf = (fits: ReadonlyMap<string, BuildFit>, build: Build): BuildFit =>
    must(fits.get(build.id), 'a fit')
  const changes = touched.flatMap((build) => changesOf(fitOf(before, build), fitOf(after, build)))
  const lead = candidate.lead.buyable.entry
  const led = changes.filter(({ after: { tools } }) =>
    tools.some(({ tool }) => tool.id === lead.tool.id)
  )
  const years = yearsOf(world)
  const usesPerYear =
    sumOf(led, ({ build }) =>
      batchesOf(
        must(
          builds.find(({ id }) => id === build),
          'a build'
        )
      )
    ) / years
  const few: Regret[] =
    usesPerYear < FEW_USES && candidate.gain < WELL_PAID * candidate.cost
      ? [{ kind: 'few-uses', tool: lead.tool.id, usesPerYear, threshold: FEW_USES }]
      : []
  const opened = touched.filter(({ id }) =>
    candidate.effects.some(({ build, opens }) => opens && build === id)
  )
  const minutes = minutesWith(world, fitter, set, opened)
  const [worst] = changes
    .flatMap(({ after: { method } }) => method.hazard ?? [])
    .sort((a, b) => b.level - a.level)
  const comfort =
    worst && worst.level > 1
      ? { ...world.workspace.workshop.comfort, [worst.kind]: (worst.level - 1) as HazardLevel }
      : undefined
  const gentleWorld =
    comfort && otherwise(world, { workshop: { ...world.workspace.workshop, comfort } })
  const plainWorld =
    opened.length === 0
      ? undefined
      : otherwise(world, { bans: [...world.workspace.bans, { kind: 'tool', id: lead.tool.id }] })
  const cheaper = plainWorld && wayTo(plainWorld, makeFitter(plainWorld), opened, minutes)
  return {
    because: parts.map((part) => ({
      part,
      because: becauseOf(part, parts, changes, candidate.lead)
    })),
    changes,
    nearMisses: touched.flatMap((build) =>
      nearMissesOf(
        fitOf(before, build),
        changes.filter((change) => change.build === build.id)
      )
    ),
    regrets: [
      ...few,
      duplicateOf(fitter, touched, lead.tool) ?? [],
      outgrownBy(fitter, open, lead, after) ?? []
    ].flat(),
    services: servicesOf(world, changes, candidate.cost),
    usesPerYear,
    perYear: {
      minutes: candidate.minutesSaved / years,
      fees: candidate.feesSaved / years,
      timber: candidate.timberSaved / years
    },
    hazard: worst && {
      ...worst,
      gentler:
        gentleWorld && opened.length > 0
          ? wayTo(gentleWorld, makeFitter(gentleWorld), opened, minutes)
          : undefined
    },
    cheaper: cheaper && cheaper.cost < candidate.cost ? cheaper : undefined
  }
}

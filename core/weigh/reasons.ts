import { batchesOf, type Build } from '../builds'
import { DAYS_PER_YEAR, daysBetween } from '../calendar'
import type { HazardClass, HazardLevel, Step } from '../catalogue'
import { distinct, must, sumOf } from '../kernel'
import {
  entriesOf,
  kitWith,
  loadOf,
  makeFitter,
  usesWithin,
  type BuildFit,
  type Fitter,
  type Kit,
  type NeedSet
} from '../fit'
import type { Minor } from '../money'
import { type World } from '../workspace'
import { linesOf } from './showing'
import { type Candidate, type PackageLine } from './candidate'
import { buildValue } from './value'
import { type Regret, duplicateOf, outgrownBy } from './regrets'
import { type StepChange, type NearMiss, changesOf, nearMissesOf } from './near-misses'
import { type Because, becauseOf } from './because'
import { type Way, otherwise, wayTo, minutesWith } from './other-ways'

/** A service that the purchase takes the place of. */
export interface ServiceUse {
  readonly operation: string
  readonly units: number
  readonly feeEach: number
  /** After so many units the whole purchase has paid for itself. */
  readonly breakEvenUnits: number
}

export interface Reasons {
  readonly because: readonly { readonly part: PackageLine; readonly because: Because }[]
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

const setOfParts = (parts: readonly PackageLine[]): NeedSet =>
  new Map(parts.map((part) => [part.buyable.id, part]))

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

/** What a candidate changes: the builds it touches or opens, with their fits before and after. */
interface Change {
  readonly open: readonly Build[]
  readonly touched: readonly Build[]
  readonly opened: readonly Build[]
  readonly before: ReadonlyMap<string, BuildFit>
  readonly after: ReadonlyMap<string, BuildFit>
}
function changeBy(world: World, fitter: Fitter, candidate: Candidate, set: NeedSet): Change {
  const kit = kitWith(fitter.kit, entriesOf(set))
  const open = world.workspace.builds.filter(({ log }) => log?.done === undefined)
  const touched = open.filter(({ id }) => candidate.effects.some(({ build }) => build === id))
  const fits = (which: Kit): ReadonlyMap<string, BuildFit> =>
    new Map(
      open.map((build) => [build.id, buildValue(world, fitter.context, which, build).fit] as const)
    )
  return {
    open,
    touched,
    opened: touched.filter(({ id }) =>
      candidate.effects.some(({ build, opens }) => opens && build === id)
    ),
    before: fits(fitter.kit),
    after: fits(kit)
  }
}
const fitIn = (fits: ReadonlyMap<string, BuildFit>, { id }: Build): BuildFit =>
  must(fits.get(id), 'a fit')

/** The worst hazard of what a candidate would be used for, with the cheapest way of the builds it opens that is a class gentler. */
function hazardOf(
  world: World,
  changes: readonly StepChange[],
  opened: readonly Build[],
  minutes: number
): Reasons['hazard'] {
  const [worst] = changes
    .flatMap(({ after }) => usesWithin(after).flatMap(({ method }) => method.hazard ?? []))
    .sort((a, b) => b.level - a.level)
  if (!worst) return undefined
  if (worst.level <= 1 || opened.length === 0) return { ...worst, gentler: undefined }
  const { workshop } = world.workspace
  const comfort = { ...workshop.comfort, [worst.kind]: (worst.level - 1) as HazardLevel }
  const gentle = otherwise(world, { workshop: { ...workshop, comfort } })
  return { ...worst, gentler: wayTo(gentle, makeFitter(gentle), opened, minutes) }
}

/** The cheapest way to the builds a candidate opens that does without its leading tool, where it costs less than the candidate. */
function cheaperThan(
  world: World,
  candidate: Candidate,
  opened: readonly Build[],
  minutes: number
): Reasons['cheaper'] {
  if (opened.length === 0) return undefined
  const { bans } = world.workspace
  const lead = candidate.lead.buyable.entry.tool.id
  const plain = otherwise(world, { bans: [...bans, { kind: 'tool', id: lead }] })
  const way = wayTo(plain, makeFitter(plain), opened, minutes)
  return way && way.cost < candidate.cost ? way : undefined
}

/**
 * Everything that speaks for and against a candidate, down to the steps of the builds. Each part of it is worked out from the builds,
 * the kit and the market: nothing is a set phrase.
 * @param fitter the fitter the candidate was ranked with
 */
export function reasonsFor(world: World, fitter: Fitter, candidate: Candidate): Reasons {
  const parts = linesOf(candidate)
  const set = setOfParts(parts)
  const change = changeBy(world, fitter, candidate, set)
  const { open, touched, opened, before, after } = change
  const changes = touched.flatMap((build) => changesOf(fitIn(before, build), fitIn(after, build)))
  const lead = candidate.lead.buyable.entry
  const led = changes.filter(({ after: { tools } }) =>
    tools.some(({ tool }) => tool.id === lead.tool.id)
  )
  const years = yearsOf(world)
  const usesPerYear =
    sumOf(led, ({ build }) =>
      batchesOf(
        must(
          open.find(({ id }) => id === build),
          'a build'
        )
      )
    ) / years
  const few: Regret[] =
    usesPerYear < FEW_USES && candidate.gain < WELL_PAID * candidate.cost
      ? [{ kind: 'few-uses', tool: lead.tool.id, usesPerYear, threshold: FEW_USES }]
      : []
  const minutes = minutesWith(world, fitter, set, opened)
  return {
    because: parts.map((part) => ({
      part,
      because: becauseOf(part, parts, changes, candidate.lead)
    })),
    changes,
    nearMisses: touched.flatMap((build) =>
      nearMissesOf(
        fitIn(before, build),
        changes.filter((one) => one.build === build.id)
      )
    ),
    regrets: [
      ...few,
      duplicateOf(fitter, touched, lead.tool) ?? [],
      outgrownBy(fitter, [...open], lead, after) ?? []
    ].flat(),
    services: servicesOf(world, changes, candidate.cost),
    usesPerYear,
    perYear: {
      minutes: candidate.minutesSaved / years,
      fees: candidate.feesSaved / years,
      timber: candidate.timberSaved / years
    },
    hazard: hazardOf(world, changes, opened, minutes),
    cheaper: cheaperThan(world, candidate, opened, minutes)
  }
}

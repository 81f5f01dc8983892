import { batchesOf, type Build } from '../builds'
import { DAYS_PER_YEAR, daysBetween } from '../calendar'
import type { HazardClass, HazardLevel, Method, Step } from '../catalogue'
import { distinct, must, sumOf } from '../kernel'
import {
  boundValue,
  costOf,
  entriesOf,
  fitBuild,
  kitWith,
  leads,
  loadOf,
  makeFitter,
  meets,
  minutesOf,
  neededCompanions,
  type BuildFit,
  type Fitter,
  type KitTool,
  type MethodUse,
  type NeedSet
} from '../fit'
import type { Minor } from '../money'
import { worldOf, type World } from '../workspace'
import { partsOf, type Candidate, type Part } from './rank'
import { buildValue } from './value'

/** Why a part belongs to a purchase. */
export type Because =
  | { readonly kind: 'lead' }
  | { readonly kind: 'companion'; readonly of: string; readonly why: string }
  | { readonly kind: 'protection'; readonly of: string }
  | { readonly kind: 'role'; readonly operation: string }
  | { readonly kind: 'jig' }

/** A step that a purchase opens or changes. */
export interface StepChange {
  readonly build: string
  readonly step: string
  readonly operation: string
  /** How it is done today; left out for a gap. */
  readonly before?: MethodUse | undefined
  readonly after: MethodUse
}

/** A tool owned that almost does a step, by the measure it lacks, mm. */
export interface NearMiss {
  readonly build: string
  readonly operation: string
  readonly tool: string
  readonly has: number
  readonly needs: number
}

export type Regret =
  | {
      readonly kind: 'few-uses'
      readonly tool: string
      readonly usesPerYear: number
      readonly threshold: number
    }
  | {
      readonly kind: 'duplicate'
      readonly tool: string
      readonly by: string
      readonly times: number
    }
  | {
      readonly kind: 'outgrown'
      readonly tool: string
      readonly build: string
      readonly operation: string
      readonly has: number
      readonly needs: number
    }

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
/** A tool owned that takes no more than so many times as long is a near duplicate. */
const NEAR_DUPLICATE = 2
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

function changesOf(before: BuildFit, after: BuildFit): StepChange[] {
  return after.steps.flatMap(({ step, usable }, i): StepChange[] => {
    const [now] = before.steps[i]?.usable ?? []
    const [then] = usable
    if (
      !then ||
      (now &&
        now.method.id === then.method.id &&
        now.minutes === then.minutes &&
        now.fee === then.fee)
    )
      return []
    return [
      { build: before.build.id, step: step.id, operation: step.operation, before: now, after: then }
    ]
  })
}

/** Tools owned that miss a step only by a measure, where that step is one the purchase opens. */
function nearMissesOf(before: BuildFit, changes: readonly StepChange[]): NearMiss[] {
  return before.gaps
    .filter(({ step }) => changes.some((change) => change.step === step.id))
    .flatMap(({ step, others }) => {
      const spec = others
        .flatMap(({ misses }) => (misses.every(({ kind }) => kind === 'spec') ? misses : []))
        .find(({ kind }) => kind === 'spec')
      return spec?.kind === 'spec'
        ? [
            {
              build: before.build.id,
              operation: step.operation,
              tool: spec.tool,
              has: spec.has,
              needs: spec.needs
            }
          ]
        : []
    })
}

/** Methods a tool would lead, for one step. */
const ledBy = (tool: KitTool['tool'], methods: readonly Method[]): Method[] =>
  methods.filter((method) => leads(tool, method))

/** An owned tool that already does every step the new one would do, in not much more time. */
function duplicateOf(
  fitter: Fitter,
  builds: readonly Build[],
  lead: KitTool['tool']
): Regret | undefined {
  const { library } = fitter.context
  const steps = builds
    .flatMap((build) =>
      fitBuild(fitter.context, fitter.kit, build).steps.map(({ step, usable }) => ({
        build,
        step,
        usable
      }))
    )
    .filter(({ step }) => ledBy(lead, library.methodsFor.get(step.operation) ?? []).length > 0)
  if (steps.length === 0) return undefined
  const owned = distinct(fitter.kit.tools.map(({ tool }) => tool)).filter(
    (tool) => tool.kind === 'tool' && tool.id !== lead.id
  )
  for (const other of owned) {
    let times = 0
    const all = steps.every(({ build, step, usable }) => {
      const now = usable.find(({ tools }) => tools[0]?.tool.id === other.id)
      const quickest = Math.min(
        ...ledBy(lead, library.methodsFor.get(step.operation) ?? []).map((method) =>
          minutesOf(method, undefined, [], loadOf(step, build))
        )
      )
      if (!now || now.minutes > NEAR_DUPLICATE * quickest) return false
      times = Math.max(times, now.minutes / Math.max(1e-9, quickest))
      return true
    })
    if (all) return { kind: 'duplicate', tool: lead.id, by: other.id, times }
  }
  return undefined
}

/** The next build that the tool is too small for and that nothing else opens. */
function outgrownBy(
  fitter: Fitter,
  builds: readonly Build[],
  entry: KitTool,
  fits: ReadonlyMap<string, BuildFit>
): Regret | undefined {
  const { library } = fitter.context
  for (const build of builds)
    for (const { step } of fits.get(build.id)?.gaps ?? [])
      for (const method of library.methodsFor.get(step.operation) ?? []) {
        const short = method.roles
          .filter(({ role }) => entry.tool.roles.includes(role))
          .flatMap(({ rules }) => rules)
          .find((rule) => rule.is === 'atLeast' && !meets(entry.specs, rule, step.stock))
        if (short)
          return {
            kind: 'outgrown',
            tool: entry.tool.id,
            build: build.id,
            operation: step.operation,
            has: entry.specs[short.spec] ?? 0,
            needs: boundValue(short, step.stock) ?? 0
          }
      }
  return undefined
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

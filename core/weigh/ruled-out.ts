import {
  TIERS,
  dutyMinutesPerHour,
  type Library,
  type Method,
  type Power,
  type Step,
  type Tier,
  type Tool,
  specsOf
} from '../catalogue'
import { isDone, type Build } from '../builds'
import {
  exactEnough,
  kitOf,
  leadError,
  leadsOn,
  loadOf,
  plainRunMinutes,
  resultError,
  slownessOf,
  withParts,
  methodsOf,
  partSteps,
  type KitTool
} from '../fit'
import { sumOf } from '../kernel'
import type { World } from '../workspace'

/** Why a tier will not do. */
export type RuledOut =
  | {
      readonly kind: 'accuracy'
      readonly tier: Tier
      readonly build: string
      readonly operation: string
      readonly has: number
      readonly needs: number
    }
  | {
      readonly kind: 'duty'
      readonly tier: Tier
      readonly build: string
      readonly operation: string
      readonly minutes: number
      readonly needsPerHour: number
      readonly allows: number
    }

/** A run longer than this in one go counts as long, minutes. */
const LONG_RUN = 60
/** Share of the running time in which the trigger is really pressed: the rest is turning the work and looking. Common practice. */
const TRIGGER_SHARE = 0.5

/** A tool at a tier, for a step: what leads the step's methods, and the marking there would be. */
interface Judged {
  readonly tier: Tier
  readonly power: Power
  readonly build: Build
  readonly step: Step
  readonly led: readonly Method[]
  /** The tool is used for marking, so that its own error is the marking's. */
  readonly marks: boolean
  readonly markingMm: number
  /** The finest marking that could be had with the tool. */
  readonly finestMm: number
}

/** Too coarse at this tier, where a better one would do. */
function tooCoarse({ tier, build, step, led, marks, markingMm, finestMm }: Judged): RuledOut[] {
  const { accuracyMm: needs } = step
  if (needs === undefined) return []
  const error = (of: Tier, marking: number): number =>
    Math.min(
      ...led.map((method) =>
        resultError(method, leadError(method, marks ? undefined : { tier: of }, []), marking)
      )
    )
  const has = error(tier, markingMm)
  if (exactEnough(has, needs) || !exactEnough(error('lifetime', finestMm), needs)) return []
  return [{ kind: 'accuracy', tier, build: build.id, operation: step.operation, has, needs }]
}

/** A run over an hour that asks for more minutes in the hour than the tier is made for. */
function tooLong({ tier, power, build, step, led, marks }: Judged): RuledOut[] {
  if (power === 'hand' || marks) return []
  const load = loadOf(step, build)
  const quickest = Math.min(...led.map((method) => plainRunMinutes(method, load)))
  const minutes = (quickest * slownessOf({ tier, condition: 'new' })) / load.batches
  const needsPerHour = 60 * TRIGGER_SHARE
  const allows = dutyMinutesPerHour(tier)
  if (minutes <= LONG_RUN || needsPerHour <= allows) return []
  const { operation } = step
  return [{ kind: 'duty', tier, build: build.id, operation, minutes, needsPerHour, allows }]
}

/**
 * Tiers that the builds rule out: where a step's accuracy cannot be met with the tool's error at that tier and the marking owned, but
 * could be with a better one; or where a run over an hour asks for more minutes in the hour than the tier is made for (powered tools).
 */
export function ruledOut(world: World, tool: Tool, power: Power): RuledOut[] {
  const { library } = world
  const owned = kitOf(library, world.workspace.items).markingMm
  const marks = tool.roles.includes('square')
  const markingAt = (tier: Tier): number =>
    marks ? Math.min(owned, specsOf(tool, tier).accuracyMm ?? owned) : owned
  const open = world.workspace.builds.filter((one) => !isDone(one))
  return TIERS.flatMap((tier) => {
    const specs = specsOf(tool, tier)
    const entry: KitTool = { tool, tier, condition: 'new', power, specs, count: 1 }
    return open.flatMap((build) =>
      build.steps
        .flatMap((one) => withParts(library, one))
        .flatMap((step) => {
          const led = (library.methodsFor.get(step.operation) ?? []).filter((method) =>
            marks ? method.marked : leadsOn(entry, method, step.stock)
          )
          if (led.length === 0) return []
          const [markingMm, finestMm] = [markingAt(tier), markingAt('lifetime')]
          const judged = { tier, power, build, step, led, marks, markingMm, finestMm }
          return [...tooCoarse(judged), ...tooLong(judged)]
        })
    )
  })
}

/** Minutes of a step by the quickest way that a tool leads, or leads a part of; 0 where it leads none. */
function minutesLed(library: Library, entry: KitTool, step: Step, build: Build): number {
  const ways = methodsOf(library, step)
    .map((method) =>
      method.parts
        ? sumOf(partSteps(method, step), (part) => minutesLed(library, entry, part, build))
        : leadsOn(entry, method, step.stock)
          ? plainRunMinutes(method, loadOf(step, build))
          : 0
    )
    .filter((minutes) => minutes > 0)
  return ways.length > 0 ? Math.min(...ways) : 0
}

/** Hours the open builds would use a tool, each step by the quickest way with it; per copy and batch as the builds say. */
export function hoursOfUse(
  world: World,
  library: Library,
  tool: Tool
): {
  readonly hours: number
  readonly builds: readonly { readonly build: string; readonly hours: number }[]
} {
  const entry: KitTool = {
    tool,
    tier: 'weekend',
    condition: 'new',
    power: tool.forms[0]?.power ?? 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 99
  }
  const builds = world.workspace.builds
    .filter((one) => !isDone(one))
    .flatMap((build) => {
      let minutes = 0
      for (const step of build.steps) minutes += minutesLed(library, entry, step, build)
      return minutes > 0 ? [{ build: build.id, hours: minutes / 60 }] : []
    })
  return { hours: builds.reduce((sum, { hours }) => sum + hours, 0), builds }
}

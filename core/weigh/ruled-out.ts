import {
  TIERS,
  exactBy,
  type HazardClass,
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
  plainTool,
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
/**
 * Share of a step's running time in which the motor is really under load: a driver turns for seconds and a saw for as long as its cut, the
 * rest is turning the work and looking; a machine that is fed runs on. Common practice.
 */
const UNDER_LOAD: Readonly<Partial<Record<HazardClass, number>>> = {
  'spinning-bit': 0.2,
  'hand-blade': 0.25,
  'router-bit': 0.25
}
const LOADED_OTHERWISE = 0.5

/** A tool at a tier, for a step: what leads the step's methods, and the marking there would be. */
interface Judged {
  readonly tool: Tool
  readonly tier: Tier
  readonly power: Power
  readonly build: Build
  readonly step: Step
  readonly led: readonly Method[]
  /** The tool is used for marking, so that its own error is the marking's. */
  readonly marks: boolean
  readonly markingMm: number
  /** What the hand guides is trued afterwards where the operation has a way to: with a plane, a sander. */
  readonly cleanedUp: boolean
  /** The finest marking that could be had with the tool. */
  readonly finestMm: number
}

/** Too coarse at this tier, where a better one would do. */
function tooCoarse(judged: Judged): RuledOut[] {
  const { tier, build, step, led, marks, markingMm, finestMm, cleanedUp } = judged
  const { accuracyMm: needs } = step
  if (needs === undefined || (cleanedUp && led.every((method) => exactBy(method) !== 'tool')))
    return []
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
function tooLong({ tool, tier, power, build, step, led, marks }: Judged): RuledOut[] {
  // Of a tool that forgives a plain make a cheap one is used up sooner, which its life says already.
  if (power === 'hand' || marks || tool.forgives) return []
  const load = loadOf(step, build)
  const quickest = Math.min(...led.map((method) => plainRunMinutes(method, load)))
  const minutes = (quickest * slownessOf({ tier, condition: 'new' })) / load.batches
  const share = (tool.hazard && UNDER_LOAD[tool.hazard]) ?? LOADED_OTHERWISE
  const needsPerHour = 60 * share
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
          const cleanedUp = library.operations.get(step.operation)?.cleanUp !== undefined
          const judged = {
            cleanedUp,
            tool,
            tier,
            power,
            build,
            step,
            led,
            marks,
            markingMm,
            finestMm
          }
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

/** As many of a tool as any way asks for. */
const plenty = (tool: Tool): KitTool => plainTool(tool, 99)

/**
 * Hours the open builds would use a tool, each step by the quickest way with it; per copy and batch as the builds say. A step that one of
 * the others does in less time is left to that one.
 * @param others tools that are there too, beside the owned ones
 */
export function hoursOfUse(
  world: World,
  library: Library,
  tool: Tool,
  others: readonly Tool[] = []
): {
  readonly hours: number
  readonly builds: readonly { readonly build: string; readonly hours: number }[]
} {
  const entry = plenty(tool)
  const beside = [...kitOf(library, world.workspace.items).tools, ...others.map(plenty)].filter(
    (one) => one.tool.id !== tool.id
  )
  const minutesIn = (step: Step, build: Build): number => {
    const own = minutesLed(library, entry, step, build)
    const quicker = (one: KitTool): boolean => {
      const minutes = minutesLed(library, one, step, build)
      return minutes > 0 && minutes < own
    }
    return own > 0 && !beside.some(quicker) ? own : 0
  }
  const builds = world.workspace.builds
    .filter((one) => !isDone(one))
    .flatMap((build) => {
      let minutes = 0
      for (const step of build.steps) minutes += minutesIn(step, build)
      return minutes > 0 ? [{ build: build.id, hours: minutes / 60 }] : []
    })
  return { hours: builds.reduce((sum, { hours }) => sum + hours, 0), builds }
}

import { roughVariant, type Build } from '../builds'
import type { Minor } from '../money'
import type { Step } from '../catalogue'
import { charmOf, hourTimesOf, hourValueOf, minutesOf, partSteps, taskOf, wastedOf } from '../fit'
import { sumOf } from '../kernel'
import { buildMaterial } from '../workspace'
import { payTimes } from '../worth'
import type { Mode } from './mode'
import { compoundsOf, modesFor, type ModeContext } from './modes'
import type { Activity, Slot, Way } from './problem'

/** A problem while it is being compiled. */
export interface Compiling extends ModeContext {
  readonly modes: Mode[]
  readonly activities: Activity[]
  /** Modes of kinds of steps met with so far. */
  readonly known: Map<string, Slot>
  /** The choice a build brings about, by the build's id. */
  readonly yielding: ReadonlyMap<string, number>
}

/** The timber of which a share is spoilt where a step may be done in a way that spoils some; nothing where it cannot. */
const timberSpoilt = ({ sources }: Compiling, { operation }: Step, build: Build): Minor =>
  (sources.context.library.methodsFor.get(operation) ?? []).some(
    ({ spoilt }) => spoilt !== undefined
  )
    ? sources.context.timberOf(build)
    : 0

/** The modes of a step, by their place in the list; equal steps share them. */
function slotFor(compiling: Compiling, step: Step, build: Build): Slot {
  const { modes, known, grain } = compiling
  const { operation, quantity, stock, species, accuracyMm, surface, way, byOneself, spared } = step
  const { copies, batchSize, hourValue, sale } = build
  const key = JSON.stringify([
    operation,
    quantity,
    stock,
    species,
    accuracyMm,
    surface,
    way,
    byOneself,
    spared,
    step.perBatch,
    copies,
    batchSize,
    hourValue,
    sale ? hourTimesOf(compiling.sources.context, build) : null,
    payTimes(compiling.world, build),
    timberSpoilt(compiling, step, build),
    grain.paces,
    grain.hopeful
  ])
  const present = known.get(key)
  if (present) return present
  const first = modes.length
  modes.push(...modesFor(compiling, step, build))
  const range = { first, last: modes.length }
  known.set(key, range)
  return range
}

/** What a build is made of, as the last of an activity's steps: timber as it is listed, or rough boards milled by oneself. */
export const ROUGH = 'timber/rough'
const LISTED = 'timber/listed'

/** A mode that asks for nothing and only costs something. */
function pricedMode(compiling: Compiling, build: Build, method: string, pay: number): Slot {
  const first = compiling.modes.length
  const cost = payTimes(compiling.world, build) * pay
  compiling.modes.push({
    method,
    then: undefined,
    minutes: 0,
    effort: 0,
    penalty: 0,
    pay,
    cost,
    requires: []
  })
  return { first, last: first + 1 }
}

/** The choice between planed and rough timber, and what the cheaper one costs. */
export interface TimberChoice {
  readonly ways: readonly Way[]
  /** What the material comes to from rough boards, minor units; planed ones cost more. */
  readonly material: number
}

/** The choice between planed and rough timber, where rough boards would be cheaper and can be milled; undefined otherwise. */
export function timberChoice(compiling: Compiling, build: Build): TimberChoice | undefined {
  const { world } = compiling
  const variant = build.yields === undefined ? roughVariant(world.library, build) : undefined
  if (!variant) return undefined
  const material = buildMaterial(world, variant.build)
  const spared = buildMaterial(world, build) - material
  const milling = variant.build.steps.filter((step) => step.spared)
  if (spared <= 0) return undefined
  const slots = milling.map((step) => slotFor(compiling, step, variant.build))
  if (slots.some(({ first, last }) => first === last)) return undefined
  const plain = { minutes: 0, extra: 0 }
  const ways = [
    { method: LISTED, slots: [pricedMode(compiling, build, LISTED, spared)], ...plain },
    { method: ROUGH, slots, ...plain }
  ]
  return { ways, material }
}

/** The ways to do a step that have a mode for each of their parts. */
export function waysFor(compiling: Compiling, step: Step, build: Build): Way[] {
  const { sources } = compiling
  const { context } = sources
  const plain = slotFor(compiling, step, build)
  const own: Way[] =
    plain.first === plain.last ? [] : [{ method: undefined, slots: [plain], minutes: 0, extra: 0 }]
  const rate = hourValueOf(context, build) / MINUTES_PER_HOUR
  const made = compoundsOf(context, step).flatMap((method): Way[] => {
    const parts = partSteps(method, step)
    const slots = parts.map((part) => slotFor(compiling, part, build))
    if (slots.some(({ first, last }) => first === last)) return []
    const task = taskOf(step, build)
    const minutes = minutesOf(method, undefined, [], task.load)
    const quickest = minutes + sumOf(parts, (part) => context.quickest(taskOf(part, build)))
    // Of what is sold every minute counts: those of the parts in their modes, its own here.
    const beyond = build.sale ? minutes : wastedOf(context, task, quickest)
    const charm = charmOf(context, method, task)
    return [{ method: method.id, slots, minutes, extra: rate * beyond - charm }]
  })
  return [...own, ...made]
}
const MINUTES_PER_HOUR = 60

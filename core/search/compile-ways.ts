import type { Build } from '../builds'
import type { Step } from '../catalogue'
import { charmOf, hourValueOf, minutesOf, partSteps, taskOf, wastedOf } from '../fit'
import { sumOf } from '../kernel'
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

/** The modes of a step, by their place in the list; equal steps share them. */
function slotFor(compiling: Compiling, step: Step, build: Build): Slot {
  const { modes, known, grain } = compiling
  const { operation, quantity, stock, accuracyMm, surface, way, byOneself } = step
  const { copies, batchSize, hourValue, sale } = build
  const key = JSON.stringify([
    operation,
    quantity,
    stock,
    accuracyMm,
    surface,
    way,
    byOneself,
    copies,
    batchSize,
    hourValue,
    sale !== undefined,
    payTimes(compiling.world, build),
    grain.paces
  ])
  const present = known.get(key)
  if (present) return present
  const first = modes.length
  modes.push(...modesFor(compiling, step, build))
  const range = { first, last: modes.length }
  known.set(key, range)
  return range
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

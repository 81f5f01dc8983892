import { TIERS, specsOf, type Library, type Method, type Step, type Tool } from '../catalogue'
import { sumOf } from '../kernel'
import { circuitCarries } from '../workshop'
import type { World } from '../workspace'
import {
  admitted,
  cleanUpStep,
  exactEnough,
  leadError,
  limitsBroken,
  minutesOf,
  overload,
  reach,
  resultError,
  roundMinutes,
  methodsOf,
  partSteps,
  tooRough,
  type Circumstances
} from './kernel'
import { floorRuleOf } from './floor-rule'
import { kitOf, makeKit, type Kit, type KitTool } from './kit'
import { isDrivenOut } from './ruled-out'
import { taskOf, type Task } from './task'

/** Minutes of the quickest way there is to do a task, with any tool on the market; Infinity where there is none. */
export type Quickest = (task: Task) => number

/** Everything that could be owned: each tool in each tier, new, that is not left out, that the room holds and the circuit carries. */
function everything(world: World): Kit {
  const { library, workspace } = world
  const { bans, workshop, items } = workspace
  const floor = floorRuleOf(world)
  const banned = new Set(bans.flatMap(({ kind, id }) => (kind === 'tool' ? [id] : [])))
  const allowed = (tool: Tool): boolean =>
    tool.roles.length > 0 &&
    !banned.has(tool.id) &&
    !isDrivenOut(world, tool) &&
    (floor?.goes(floor.amountOf(tool)) ?? true)
  const entries = [...library.tools.values()].filter(allowed).flatMap((tool): KitTool[] => {
    const [form] = tool.forms.filter(({ power }) => circuitCarries(workshop, tool, power))
    return form === undefined
      ? []
      : TIERS.map((tier) => ({
          tool,
          tier,
          condition: 'new',
          power: form.power,
          specs: specsOf(tool, tier),
          count: 1
        }))
  })
  return makeKit([...entries, ...kitOf(library, items).tools])
}

/** The least that work-arounds of the tools beside the leading one add, minutes; Infinity where some part cannot be played. */
function besides(kit: Kit, method: Method, { step, load }: Task): number {
  let minutes = 0
  for (const need of method.roles.slice(1)) {
    let least = Infinity
    for (const entry of kit.byRole.get(need.role) ?? []) {
      const uses = reach(entry, need, step.stock)
      if (uses) least = Math.min(least, roundMinutes(uses, load))
      if (least === 0) break
    }
    minutes += least
  }
  return minutes
}

/** The least minutes one method takes; Infinity where it cannot do the step. @param exact as exact as asked; otherwise to be cleaned up */
function leastOf(
  kit: Kit,
  circumstances: Circumstances,
  method: Method,
  task: Task,
  exact: boolean
): number {
  const { step, load } = task
  const limit = exact ? step.accuracyMm : undefined
  const within = (error: number): boolean =>
    exactEnough(resultError(method, error, kit.markingMm), limit)
  const [lead] = method.roles
  const beside = besides(kit, method, task)
  if (beside === Infinity) return Infinity
  if (!lead)
    return within(leadError(method, undefined, []))
      ? minutesOf(method, undefined, [], load)
      : Infinity
  let best = Infinity
  for (const entry of kit.byRole.get(lead.role) ?? []) {
    const uses = reach(entry, lead, step.stock)
    if (!uses || overload(entry, circumstances.workshop)) continue
    const minutes = minutesOf(method, entry, uses, load)
    if (minutes < best && within(leadError(method, entry, uses))) best = minutes
  }
  return best + beside
}

/** Ways of one's own to do a step: what is had done by others is no hour of the hobby. */
const waysOf = (library: Library, circumstances: Circumstances, step: Step): Method[] =>
  methodsOf(library, step).filter(
    (method) =>
      method.service === undefined &&
      admitted(method, circumstances) &&
      limitsBroken(method, step.stock).length === 0
  )

function leastMinutes(world: World, kit: Kit, circumstances: Circumstances, task: Task): number {
  const { library } = world
  const { step } = task
  const after = cleanUpStep(library, step)
  const cleaning = after ? { ...task, step: after } : undefined
  const clean = cleaning
    ? Math.min(
        Infinity,
        ...waysOf(library, circumstances, cleaning.step)
          .filter((method) => !tooRough(method, cleaning.step))
          .map((method) => leastOf(kit, circumstances, method, cleaning, true))
      )
    : Infinity
  return Math.min(
    Infinity,
    ...waysOf(library, circumstances, step).map((method) => {
      if (method.parts)
        return (
          minutesOf(method, undefined, [], task.load) +
          sumOf(partSteps(method, step), (part) =>
            leastMinutes(world, kit, circumstances, taskOf(part, task.build))
          )
        )
      const rough = tooRough(method, step)
      const alone = rough ? Infinity : leastOf(kit, circumstances, method, task, true)
      return clean === Infinity
        ? alone
        : Math.min(alone, leastOf(kit, circumstances, method, task, false) + clean)
    })
  )
}

/**
 * **The quickest way there is** (docs/model.md, 4): for one task the least minutes of any method with any tool on the market within
 * comfort, room, circuit and bans. Its hours are the hobby itself; those beyond it are wasted. Companions and ties are taken as met, so
 * that it is never more than what can really be reached. Worked out when it is first asked for, once for equal tasks.
 */
export function quickestFor(world: World, circumstances: Circumstances): Quickest {
  let kit: Kit | undefined
  const known = new WeakMap<Step, Map<string, number>>()
  const byContent = new Map<string, number>()
  let last: { readonly step: Step; readonly units: number; readonly batches: number } | undefined
  let lastMinutes = 0
  return (task) => {
    const { step, load } = task
    if (step.spared) return 0
    // The ways of one task are judged one after another.
    if (last?.step === step && last.units === load.units && last.batches === load.batches)
      return lastMinutes
    const loads = known.get(step) ?? new Map<string, number>()
    known.set(step, loads)
    const key = `${load.units}|${load.batches}`
    last = { step, units: load.units, batches: load.batches }
    const present = loads.get(key)
    if (present !== undefined) return (lastMinutes = present)
    const { operation, stock, accuracyMm, surface } = step
    const content = `${operation}|${stock.lengthMm}x${stock.widthMm}x${stock.thicknessMm}|${step.species}|${accuracyMm}|${surface}|${step.way}|${key}`
    let minutes = byContent.get(content)
    if (minutes === undefined) {
      kit ??= everything(world)
      minutes = leastMinutes(world, kit, circumstances, task)
      byContent.set(content, minutes)
    }
    loads.set(key, minutes)
    last = { step, units: load.units, batches: load.batches }
    return (lastMinutes = minutes)
  }
}

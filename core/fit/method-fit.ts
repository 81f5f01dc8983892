import type {
  HazardClass,
  HazardLevel,
  Method,
  Protection,
  RoleNeed,
  SpecName,
  SpecRule,
  Step,
  StockField,
  Surface,
  Tie,
  Wall
} from '../catalogue'
import { comfortable, suitsWall, type Workshop } from '../workshop'
import type { Kit, KitTool } from './kit'
import {
  admitted,
  exactEnough,
  leadError,
  limitsBroken,
  reach,
  resultError,
  type Circumstances,
  type Load,
  type WorkAroundUse
} from './kernel'
import { fillRole, tieMisses, serviceMisses } from './filling'

/** Why a method cannot do a step with a kit; lengths in millimetres. */
export type Miss =
  | {
      readonly kind: 'role'
      readonly role: string
      readonly count: number
      readonly have: number
    }
  | {
      readonly kind: 'spec'
      readonly role: string
      readonly tool: string
      readonly spec: SpecName
      readonly is: SpecRule['is']
      readonly has: number
      readonly needs: number
      readonly count: number
    }
  | {
      readonly kind: 'limit'
      readonly stock: StockField
      readonly is: 'atLeast' | 'atMost'
      readonly has: number
      readonly limit: number
    }
  | { readonly kind: 'accuracy'; readonly has: number; readonly needs: number }
  | { readonly kind: 'surface'; readonly has: Surface; readonly needs: Surface }
  | {
      readonly kind: 'tie'
      readonly role: string
      readonly withRole: string
      readonly comparator: Tie['comparator']
    }
  | {
      readonly kind: 'companion'
      readonly tool: string
      readonly anyOf: readonly string[]
      readonly count: number
    }
  | { readonly kind: 'protection'; readonly tool: string; readonly protection: Protection }
  | { readonly kind: 'comfort'; readonly hazard: HazardClass; readonly level: HazardLevel }
  | {
      readonly kind: 'circuit'
      readonly tool: string
      readonly amps: number
      readonly limit: number
    }
  | { readonly kind: 'wall'; readonly wall: Wall }
  | { readonly kind: 'banned'; readonly id: string }

export interface MethodFit {
  readonly method: Method
  readonly misses: readonly Miss[]
  /** The tools that fill the roles, leading tool first; incomplete where roles are missing. */
  readonly tools: readonly KitTool[]
  /** Work-arounds the tools need. */
  readonly workArounds: readonly WorkAroundUse[]
  /** Error of the result with this kit's marking, mm. */
  readonly accuracyMm: number
}

/** Whether a method plainly cannot do a step: ruled out, beyond its limits, or a role that nothing owned can play. Says nothing of the rest. */
export function plainlyNot(
  kit: Kit,
  method: Method,
  step: Step,
  circumstances: Circumstances
): boolean {
  if (!admitted(method, circumstances) || limitsBroken(method, step.stock).length > 0) return true
  for (const need of method.roles) {
    const players = kit.byRole.get(need.role)
    if (!players) return true
    let have = 0
    for (const entry of players)
      if (need.rules.length === 0 || reach(entry, need, step.stock) !== undefined)
        have += entry.count
    if (have < need.count) return true
  }
  return false
}

/** A tool that can play a role, with the work-arounds it needs for that. */
export interface Able {
  readonly entry: KitTool
  readonly workArounds: readonly WorkAroundUse[]
}

const ableOf = (kit: Kit, need: RoleNeed, stock: Step['stock']): Able[] =>
  (kit.byRole.get(need.role) ?? []).flatMap((entry) => {
    const workArounds = reach(entry, need, stock)
    return workArounds ? [{ entry, workArounds }] : []
  })

/** What the choice between tools for a role goes by. */
export interface Choosing {
  readonly kit: Kit
  readonly method: Method
  readonly step: Step
  readonly workshop: Workshop
  readonly load: Load
}

/** What rules a method out before any tool is looked at. */
function circumstanceMisses(method: Method, step: Step, circumstances: Circumstances): Miss[] {
  const misses: Miss[] = []
  if (circumstances.bannedMethods.has(method.id)) misses.push({ kind: 'banned', id: method.id })
  const { workshop } = circumstances
  if (method.wall && !suitsWall(workshop, method)) misses.push({ kind: 'wall', wall: method.wall })
  if (method.hazard && !comfortable(workshop, method))
    misses.push({ kind: 'comfort', hazard: method.hazard.kind, level: method.hazard.level })
  for (const { stock, is, value } of limitsBroken(method, step.stock))
    misses.push({ kind: 'limit', stock, is, has: step.stock[stock] ?? 0, limit: value })
  return misses
}

/**
 * Whether one method does one step with a kit, and if not, everything that is in the way. Reported misses are complete for the
 * tools chosen. Of several tools that could lead, one that has all it needs and is exact enough comes first, then the quickest for
 * the load, so that owning more never makes a step slower.
 */
export function fitMethod(
  kit: Kit,
  method: Method,
  step: Step,
  circumstances: Circumstances,
  load: Load = { units: step.quantity, batches: 1 }
): MethodFit {
  const { workshop } = circumstances
  const choosing: Choosing = { kit, method, step, workshop, load }
  const ables = method.roles.map((need) => ableOf(kit, need, step.stock))
  const filled = method.roles.map((need, index) =>
    fillRole(choosing, need, ables[index] ?? [], index === 0)
  )
  const tools: KitTool[] = []
  const workArounds: WorkAroundUse[] = []
  const misses = circumstanceMisses(method, step, circumstances)
  for (const one of filled) {
    tools.push(...one.tools)
    workArounds.push(...one.workArounds)
    if (one.miss) misses.push(one.miss)
  }
  if (method.ties) misses.push(...tieMisses(method, ables))
  const lead = filled[0]?.tools[0]
  tools.forEach((entry, i) => {
    if (tools.indexOf(entry) === i)
      misses.push(...serviceMisses(kit, entry, method, workshop, entry === lead))
  })
  const error = leadError(method, filled[0]?.tools[0], workArounds)
  const accuracyMm = resultError(method, error, kit.markingMm)
  if (!exactEnough(accuracyMm, step.accuracyMm))
    misses.push({ kind: 'accuracy', has: accuracyMm, needs: step.accuracyMm ?? 0 })
  return { method, misses, tools, workArounds, accuracyMm }
}

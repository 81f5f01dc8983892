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
  Tie
} from '../catalogue'
import { leastBy, sumOf } from '../kernel'
import type { Workshop } from '../workshop'
import type { Kit, KitTool } from './kit'
import {
  admitted,
  boundValue,
  exactEnough,
  lackingCompanions,
  lackingProtection,
  leadError,
  limitsBroken,
  minutesOf,
  overload,
  reach,
  resultError,
  roundMinutes,
  tieHolds,
  type Circumstances,
  type Load,
  type WorkAroundUse
} from './kernel'

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

/** What is still missing for a tool to be useful and safe in an operation. */
export function serviceMisses(
  kit: Kit,
  entry: KitTool,
  operation: string,
  workshop: Workshop
): Miss[] {
  const tool = entry.tool.id
  const over = overload(entry, workshop)
  return [
    ...lackingCompanions(kit, entry.tool, operation).map(({ anyOf, count }): Miss => ({
      kind: 'companion',
      tool,
      anyOf,
      count
    })),
    ...lackingProtection(kit, entry.tool).map((protection): Miss => ({
      kind: 'protection',
      tool,
      protection
    })),
    ...(over ? [{ kind: 'circuit' as const, tool, ...over }] : [])
  ]
}

/** How far the best of the tools that play a role falls short of one of its rules. */
function specMiss(need: RoleNeed, candidates: readonly KitTool[], stock: Step['stock']): Miss {
  const shortfall = (entry: KitTool): { rule: SpecRule; by: number } | undefined =>
    need.rules.flatMap((rule) => {
      // What a work-around bridges is not what is in the way.
      if (reach(entry, { ...need, rules: [rule] }, stock) !== undefined) return []
      const needed = boundValue(rule, stock) ?? 0
      return [{ rule, by: Math.abs(needed - (entry.specs[rule.spec] ?? 0)) }]
    })[0]
  const nearest = leastBy(candidates, (entry) => shortfall(entry)?.by ?? Infinity)
  const short = nearest && shortfall(nearest)
  const { role, count } = need
  if (!nearest || !short)
    return { kind: 'role', role, count, have: sumOf(candidates, (one) => one.count) }
  const { spec, is } = short.rule
  return {
    kind: 'spec',
    role,
    tool: nearest.tool.id,
    spec,
    is,
    has: nearest.specs[spec] ?? 0,
    needs: boundValue(short.rule, stock) ?? 0,
    count
  }
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

interface Filled {
  readonly tools: readonly KitTool[]
  readonly workArounds: readonly WorkAroundUse[]
  readonly miss?: Miss
}

/** A tool that can play a role, with the work-arounds it needs for that. */
interface Able {
  readonly entry: KitTool
  readonly workArounds: readonly WorkAroundUse[]
}

const ableOf = (kit: Kit, need: RoleNeed, stock: Step['stock']): Able[] =>
  (kit.byRole.get(need.role) ?? []).flatMap((entry) => {
    const workArounds = reach(entry, need, stock)
    return workArounds ? [{ entry, workArounds }] : []
  })

/** What the choice between tools for a role goes by. */
interface Choosing {
  readonly kit: Kit
  readonly method: Method
  readonly step: Step
  readonly workshop: Workshop
  readonly load: Load
}

const filledBy = (chosen: readonly Able[]): Filled => ({
  tools: chosen.map(({ entry }) => entry),
  workArounds: chosen.flatMap(({ workArounds }) => workArounds)
})

function fillRole(
  choosing: Choosing,
  need: RoleNeed,
  able: readonly Able[],
  leads: boolean
): Filled {
  const have = sumOf(able, ({ entry }) => entry.count)
  const { role, count } = need
  if (have < count) {
    const players = choosing.kit.byRole.get(role) ?? []
    if (have === 0 && players.length > 0)
      return { tools: [], workArounds: [], miss: specMiss(need, players, choosing.step.stock) }
    return { ...filledBy(able), miss: { kind: 'role', role, count, have } }
  }
  if (able.length === 1) return filledBy(able)
  const rank = leads ? leadRank : followRank
  const sorted = able
    .map((one) => ({ one, rank: rank(choosing, one) }))
    .sort((a, b) => a.rank - b.rank)
  let filled = 0
  const chosen: Able[] = []
  for (const { one } of sorted) {
    if (filled >= count) break
    filled += one.entry.count
    chosen.push(one)
  }
  return filledBy(chosen)
}

/** A miss outweighs any number of minutes. */
const PER_MISS = 1e6

const servicedRank = ({ kit, method, workshop }: Choosing, entry: KitTool): number =>
  serviceMisses(kit, entry, method.operation, workshop).length * PER_MISS

/** Of tools that could lead: one with all it needs, exact enough, then the quickest for the load. */
function leadRank(choosing: Choosing, { entry, workArounds }: Able): number {
  const { kit, method, step, load } = choosing
  const error = resultError(method, leadError(method, entry, workArounds), kit.markingMm)
  return (
    servicedRank(choosing, entry) +
    (exactEnough(error, step.accuracyMm) ? 0 : PER_MISS) +
    minutesOf(method, entry, workArounds, load)
  )
}

/** Of tools for the other roles: one with all it needs, then the one with least work-around. */
const followRank = (choosing: Choosing, { entry, workArounds }: Able): number =>
  servicedRank(choosing, entry) +
  roundMinutes(workArounds, choosing.load) +
  sumOf(workArounds, ({ around }) => around.errorMm)

/** What rules a method out before any tool is looked at. */
function circumstanceMisses(method: Method, step: Step, circumstances: Circumstances): Miss[] {
  const misses: Miss[] = []
  if (circumstances.bannedMethods.has(method.id)) misses.push({ kind: 'banned', id: method.id })
  const unbanned = { ...circumstances, bannedMethods: NONE_BANNED }
  if (method.hazard && !admitted(method, unbanned))
    misses.push({ kind: 'comfort', hazard: method.hazard.kind, level: method.hazard.level })
  for (const { stock, is, value } of limitsBroken(method, step.stock))
    misses.push({ kind: 'limit', stock, is, has: step.stock[stock] ?? 0, limit: value })
  return misses
}
const NONE_BANNED: ReadonlySet<string> = new Set()

/** Ties that no two of the tools able to play their roles hold. */
const tieMisses = (method: Method, ables: readonly (readonly Able[])[]): Miss[] =>
  (method.ties ?? []).flatMap((tie): Miss[] => {
    const able = (name: string): readonly Able[] =>
      ables[method.roles.findIndex((need) => need.role === name)] ?? []
    const [a, b] = [able(tie.role), able(tie.withRole)]
    const held = b.some((other) => a.some(({ entry }) => tieHolds(tie, entry, other.entry)))
    if (a.length === 0 || b.length === 0 || held) return []
    return [{ kind: 'tie', role: tie.role, withRole: tie.withRole, comparator: tie.comparator }]
  })

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
  const tools = filled.flatMap((one) => one.tools)
  const workArounds = filled.flatMap((one) => one.workArounds)
  const misses: Miss[] = [
    ...circumstanceMisses(method, step, circumstances),
    ...filled.flatMap(({ miss }) => miss ?? []),
    ...tieMisses(method, ables),
    ...[...new Set(tools)].flatMap((entry) => serviceMisses(kit, entry, method.operation, workshop))
  ]
  const error = leadError(method, filled[0]?.tools[0], workArounds)
  const accuracyMm = resultError(method, error, kit.markingMm)
  if (!exactEnough(accuracyMm, step.accuracyMm))
    misses.push({ kind: 'accuracy', has: accuracyMm, needs: step.accuracyMm ?? 0 })
  return { method, misses, tools, workArounds, accuracyMm }
}

import {
  errorFactor,
  timeFactor,
  type Companion,
  type HazardClass,
  type HazardLevel,
  type Method,
  type Protection,
  type RoleNeed,
  type SpecName,
  type SpecRule,
  type Step,
  type StockField,
  type Surface,
  type WorkAround
} from '../catalogue'
import { leastBy } from '../kernel'
import { ampsOf, comfortable, type Workshop } from '../workshop'
import { countOf, type Kit, type KitTool } from './kit'

/** Why a method cannot do a step with a kit; lengths in millimetres. */
export type Miss =
  | { readonly kind: 'role'; readonly role: string; readonly count: number; readonly have: number }
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
      readonly comparator: string
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

/** The circumstances besides the kit. */
export interface Circumstances {
  readonly workshop: Workshop
  readonly bannedMethods: ReadonlySet<string>
}

export interface MethodFit {
  readonly method: Method
  readonly misses: readonly Miss[]
  /** The tools that fill the roles, leading tool first; incomplete where roles are missing. */
  readonly tools: readonly KitTool[]
  /** Work-arounds the tools need. */
  readonly stretches: readonly Stretch[]
  /** Error of the result with this kit's marking, mm. */
  readonly accuracyMm: number
}

/** The figure a rule asks for on this stock; undefined when the stock does not say. */
export function boundValue(rule: SpecRule, stock: Step['stock']): number | undefined {
  const { stock: field, times = 1, plus = 0 } = rule.bound
  if (field === undefined) return plus
  const size = stock[field]
  return size === undefined ? undefined : size * times + plus
}

/** Whether a tool's spec meets a rule outright. A spec the tool does not have never does. */
export function meets(specs: KitTool['specs'], rule: SpecRule, stock: Step['stock']): boolean {
  const needed = boundValue(rule, stock)
  if (needed === undefined) return true
  const has = specs[rule.spec]
  if (has === undefined) return false
  return rule.is === 'atLeast' ? has >= needed : has <= needed
}

/** A work-around in use: a tool that gives less than the step asks for, and how it is done all the same. Lengths in millimetres. */
export interface Stretch {
  readonly role: string
  readonly tool: string
  readonly spec: SpecName
  readonly has: number
  readonly needs: number
  readonly around: WorkAround
}

/** How a tool meets all rules of a role: outright (an empty list), by work-arounds, or not at all (undefined). */
export function reach(
  entry: KitTool,
  need: RoleNeed,
  stock: Step['stock']
): readonly Stretch[] | undefined {
  let stretches: readonly Stretch[] = OUTRIGHT
  for (const rule of need.rules) {
    if (meets(entry.specs, rule, stock)) continue
    const { otherwise: around, spec } = rule
    const has = entry.specs[spec]
    const needs = boundValue(rule, stock)
    if (
      !around ||
      has === undefined ||
      needs === undefined ||
      rule.is === 'atMost' ||
      has * around.reach < needs
    )
      return undefined
    stretches = [...stretches, { role: need.role, tool: entry.tool.id, spec, has, needs, around }]
  }
  return stretches
}
const OUTRIGHT: readonly Stretch[] = []

/** The error of a method with its leading tool and a marking tool, mm: independent errors add in squares. */
export function composedAccuracy(method: Method, leadingError: number, markingMm: number): number {
  return Math.hypot(method.accuracyMm * leadingError, method.marked ? markingMm : 0)
}

/** Whether a shank of this size is held by the collet: equal to within a tenth of a millimetre. */
const shankFits = (bit: KitTool, router: KitTool): boolean => {
  const shank = bit.specs.shankMm
  const collet = router.specs.colletMm
  return shank === undefined || collet === undefined || Math.abs(shank - collet) <= 0.1
}
const samePlatform = (a: KitTool, b: KitTool): boolean =>
  a.platform === undefined || b.platform === undefined || a.platform === b.platform

/** The companions a tool needs for an operation. */
export const neededCompanions = (tool: KitTool['tool'], operation: string): readonly Companion[] =>
  tool.companions.filter(
    ({ kind, operation: only }) =>
      kind === 'needed' || (kind === 'needed-for' && only === operation)
  )

/** What is still missing for a tool to be useful and safe in an operation. */
export function serviceMisses(
  kit: Kit,
  entry: KitTool,
  operation: string,
  workshop: Workshop
): Miss[] {
  const misses: Miss[] = []
  for (const { anyOf, count } of neededCompanions(entry.tool, operation))
    if (!anyOf.some((id) => countOf(kit, id) >= count))
      misses.push({ kind: 'companion', tool: entry.tool.id, anyOf, count })
  for (const protection of entry.tool.needs)
    if (!kit.protects.has(protection))
      misses.push({ kind: 'protection', tool: entry.tool.id, protection })
  const amps = ampsOf(entry.tool, entry.power, workshop.volts)
  if (workshop.circuitAmps !== undefined && amps > workshop.circuitAmps)
    misses.push({ kind: 'circuit', tool: entry.tool.id, amps, limit: workshop.circuitAmps })
  return misses
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
  if (!nearest || !short)
    return {
      kind: 'role',
      role: need.role,
      count: need.count,
      have: candidates.reduce((sum, { count }) => sum + count, 0)
    }
  const { rule } = short
  return {
    kind: 'spec',
    role: need.role,
    tool: nearest.tool.id,
    spec: rule.spec,
    is: rule.is,
    has: nearest.specs[rule.spec] ?? 0,
    needs: boundValue(rule, stock) ?? 0,
    count: need.count
  }
}

/** Whether a method plainly cannot do a step: ruled out, beyond its limits, or a role that nothing owned can play. Says nothing of the rest. */
export function plainlyNot(
  kit: Kit,
  method: Method,
  step: Step,
  { workshop, bannedMethods }: Circumstances
): boolean {
  if (bannedMethods.has(method.id) || !comfortable(workshop, method)) return true
  if (method.limits)
    for (const { stock, is, value } of method.limits) {
      const has = step.stock[stock]
      if (has !== undefined && (is === 'atMost' ? has > value : has < value)) return true
    }
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
  readonly stretches: readonly Stretch[]
  readonly miss?: Miss
}

/** A tool that can play a role, with the work-arounds it needs for that. */
interface Able {
  readonly entry: KitTool
  readonly stretches: readonly Stretch[]
}

const ableOf = (kit: Kit, need: RoleNeed, stock: Step['stock']): Able[] =>
  (kit.byRole.get(need.role) ?? []).flatMap((entry) => {
    const stretches = reach(entry, need, stock)
    return stretches ? [{ entry, stretches }] : []
  })

/** What the choice between tools for a role goes by. */
interface Choosing {
  readonly kit: Kit
  readonly method: Method
  readonly step: Step
  readonly workshop: Workshop
  readonly load: Load
}

function fillRole(
  choosing: Choosing,
  need: RoleNeed,
  able: readonly Able[],
  leads: boolean
): Filled {
  const { kit, step } = choosing
  let have = 0
  for (const { entry } of able) have += entry.count
  if (have >= need.count) {
    const [only] = able
    if (able.length === 1 && only) return { tools: [only.entry], stretches: only.stretches }
    const sorted = able
      .map((one) => ({ one, rank: leads ? leadRank(choosing, one) : followRank(choosing, one) }))
      .sort((a, b) => a.rank - b.rank)
    let count = 0
    const chosen: Able[] = []
    for (const { one } of sorted) {
      if (count >= need.count) break
      count += one.entry.count
      chosen.push(one)
    }
    return {
      tools: chosen.map(({ entry }) => entry),
      stretches: chosen.flatMap(({ stretches }) => stretches)
    }
  }
  const players = kit.byRole.get(need.role) ?? []
  if (have === 0 && players.length > 0)
    return { tools: [], stretches: OUTRIGHT, miss: specMiss(need, players, step.stock) }
  return {
    tools: able.map(({ entry }) => entry),
    stretches: able.flatMap(({ stretches }) => stretches),
    miss: { kind: 'role', role: need.role, count: need.count, have }
  }
}

/** How much work a fit is judged for: units and batches of all copies. */
export interface Load {
  readonly units: number
  readonly batches: number
}

const around = (stretches: readonly Stretch[], { units, batches }: Load): number =>
  stretches.reduce(
    (sum, one) => sum + one.around.setupMinutes * batches + one.around.runMinutes * units,
    0
  )

/** Minutes a method takes for a load: set-up once per batch, running per unit, work-arounds on top of both. */
export const minutesOf = (
  method: Method,
  tools: readonly KitTool[],
  stretches: readonly Stretch[],
  load: Load
): number =>
  method.setupMinutes * load.batches +
  method.runMinutes * load.units * runFactor(tools) +
  around(stretches, load)

const accuracyOf = (
  kit: Kit,
  method: Method,
  tools: readonly KitTool[],
  stretches: readonly Stretch[]
): number => {
  const leading = tools[0]
  const own = composedAccuracy(method, leading ? errorFactor(leading.tier) : 1, kit.markingMm)
  return stretches.length === 0
    ? own
    : Math.hypot(own, ...stretches.map((one) => one.around.errorMm))
}

/** A miss outweighs any number of minutes. */
const PER_MISS = 1e6

const servicedRank = ({ kit, method, workshop }: Choosing, entry: KitTool): number =>
  serviceMisses(kit, entry, method.operation, workshop).length * PER_MISS

/** Of tools that could lead: one with all it needs, exact enough, then the quickest for the load. */
function leadRank(choosing: Choosing, { entry, stretches }: Able): number {
  const { kit, method, step, load } = choosing
  const coarse =
    step.accuracyMm !== undefined &&
    accuracyOf(kit, method, [entry], stretches) > step.accuracyMm + 1e-9
  return (
    servicedRank(choosing, entry) +
    (coarse ? PER_MISS : 0) +
    minutesOf(method, [entry], stretches, load)
  )
}

/** Of tools for the other roles: one with all it needs, then the one with least work-around. */
const followRank = (choosing: Choosing, { entry, stretches }: Able): number =>
  servicedRank(choosing, entry) +
  around(stretches, choosing.load) +
  stretches.reduce((sum, one) => sum + one.around.errorMm, 0)

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
  const { workshop, bannedMethods } = circumstances
  const misses: Miss[] = []
  if (bannedMethods.has(method.id)) misses.push({ kind: 'banned', id: method.id })
  if (!comfortable(workshop, method) && method.hazard)
    misses.push({ kind: 'comfort', hazard: method.hazard.kind, level: method.hazard.level })
  for (const limit of method.limits ?? []) {
    const has = step.stock[limit.stock]
    if (has !== undefined && (limit.is === 'atMost' ? has > limit.value : has < limit.value))
      misses.push({ kind: 'limit', stock: limit.stock, is: limit.is, has, limit: limit.value })
  }
  const choosing: Choosing = { kit, method, step, workshop, load }
  const ables = method.roles.map((need) => ableOf(kit, need, step.stock))
  const filled = method.roles.map((need, index) =>
    fillRole(choosing, need, ables[index] ?? [], index === 0)
  )
  const tools = filled.flatMap((one) => one.tools)
  const stretches = filled.flatMap((one) => one.stretches)
  misses.push(...filled.flatMap(({ miss }) => miss ?? []))
  for (const { comparator, role, withRole } of method.ties ?? []) {
    const able = (name: string): readonly Able[] =>
      ables[method.roles.findIndex((need) => need.role === name)] ?? []
    const fits = comparator === 'shank-fits-collet' ? shankFits : samePlatform
    const [a, b] = [able(role), able(withRole)]
    if (
      a.length > 0 &&
      b.length > 0 &&
      !b.some((other) => a.some(({ entry }) => fits(entry, other.entry)))
    )
      misses.push({ kind: 'tie', role, withRole, comparator })
  }
  tools.forEach((entry, i) => {
    if (tools.indexOf(entry) === i)
      misses.push(...serviceMisses(kit, entry, method.operation, workshop))
  })
  const accuracyMm = accuracyOf(kit, method, filled[0]?.tools ?? [], stretches)
  if (step.accuracyMm !== undefined && accuracyMm > step.accuracyMm + 1e-9)
    misses.push({ kind: 'accuracy', has: accuracyMm, needs: step.accuracyMm })
  return { method, misses, tools, stretches, accuracyMm }
}

/** Run-time factor of the leading tool; 1 for services and methods without tools. */
export const runFactor = (tools: readonly KitTool[]): number => {
  const leading = tools[0]
  return leading ? timeFactor(leading.tier, leading.condition) : 1
}

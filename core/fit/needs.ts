import type { Build } from '../builds'
import { SURFACES, errorFactor, type Method, type Step } from '../catalogue'
import { circuitCarries, comfortable } from '../workshop'
import { cleanUpStep, isUse, useMethod, type FitContext } from './build-fit'
import type { Buyable, Market } from './buyables'
import type { Dominance } from './dominance'
import { countOf, kitWith, type Kit, type KitTool } from './kit'
import {
  EMPTY_PACK,
  packCombine,
  packOne,
  packUnion,
  setOf,
  thinPacks,
  type Pack,
  type Register
} from './packs'
import {
  fitMethod,
  neededCompanions,
  plainlyNot,
  reach,
  type MethodFit,
  type Stretch
} from './method-fit'

/** Purchases that belong together, by buyable id, with how many of each. */
export type NeedSet = ReadonlyMap<string, { readonly buyable: Buyable; readonly count: number }>

export const EMPTY_SET: NeedSet = new Map()

/** Both sets together; of the same purchase the larger count. */
export function union(a: NeedSet, b: NeedSet): NeedSet {
  if (a.size === 0) return b
  const sum = new Map(a)
  for (const [id, need] of b) {
    const present = sum.get(id)
    if (!present || present.count < need.count) sum.set(id, need)
  }
  return sum
}

/** What `extra` adds to the cost of `base`, minor units. */
export function addedCost(base: NeedSet, extra: NeedSet): number {
  let cost = 0
  for (const [id, { buyable, count }] of extra) {
    const more = count - (base.get(id)?.count ?? 0)
    if (more > 0) cost += buyable.allIn * more
  }
  return cost
}

export const costOf = (set: NeedSet): number => addedCost(EMPTY_SET, set)

export const entriesOf = (set: NeedSet): KitTool[] =>
  [...set.values()].map(({ buyable, count }) => ({
    ...buyable.entry,
    count: count * buyable.entry.count
  }))

export interface NeedContext {
  readonly fit: FitContext
  readonly kit: Kit
  readonly market: Market
  /** Tools that another tool makes needless: see `dominance.ts`. */
  readonly dominates: Dominance
  /** Needed sets of a shop-made tool's own build; empty when it cannot be made. */
  readonly jigWays: (buyable: Buyable) => readonly Pack[]
  /** `stepNeeds`, remembered. */
  readonly needsOf: (step: Step) => readonly Pack[]
  readonly register: Register
  /** What `acquire` and `companionFamilies` have worked out so far. */
  readonly known: Map<string, Pack[]>
}

/** Ways to come by `count` of one purchase, with all it needs beside it. */
function acquire(context: NeedContext, buyable: Buyable, count: number, operation: string): Pack[] {
  const key = `${buyable.id}|${count}|${operation}`
  const known = context.known.get(key)
  if (known) return known
  const bodies = packOne(
    context.register,
    buyable,
    buyable.jig ? 1 : Math.ceil(count / buyable.entry.count)
  )
  const families = [
    [bodies],
    ...companionFamilies(context, buyable.entry, operation),
    ...(buyable.jig ? [context.jigWays(buyable)] : [])
  ]
  const found = families.some((family) => family.length === 0)
    ? []
    : packCombine(context.register, families)
  context.known.set(key, found)
  return found
}

/** The cheapest offer of each tool, without tools that another of them makes needless. */
const cheapestOf = (context: NeedContext, tools: readonly string[]): Buyable[] =>
  context.dominates.spared(tools.flatMap((id) => (context.market.get(id) ?? []).slice(0, 1)))

/**
 * What has to be bought along with a tool: companions not owned and protection not owned, one family for each. A companion brings
 * its own protection with it, but not its own companions: packs taken from a drill do not need the drill's bits.
 */
function companionFamilies(
  context: NeedContext,
  entry: KitTool,
  operation: string
): (readonly Pack[])[] {
  const companions = neededCompanions(entry.tool, operation)
    .filter(({ anyOf, count }) => !anyOf.some((id) => countOf(context.kit, id) >= count))
    .map(({ anyOf, count }) =>
      cheapestOf(context, anyOf).flatMap((buyable) => {
        const bodies = packOne(
          context.register,
          buyable,
          count - countOf(context.kit, buyable.entry.tool.id)
        )
        const families = [
          [bodies],
          ...protectionFamilies(context, buyable.entry),
          ...(buyable.jig ? [context.jigWays(buyable)] : [])
        ]
        return families.some((family) => family.length === 0)
          ? []
          : packCombine(context.register, families)
      })
    )
  return [...companions, ...protectionFamilies(context, entry)]
}

const protectionFamilies = (context: NeedContext, entry: KitTool): (readonly Pack[])[] =>
  entry.tool.needs
    .filter((protection) => !context.kit.protects.has(protection))
    .map((protection) =>
      cheapestOf(
        context,
        (context.fit.library.protectionFor.get(protection) ?? []).map(({ id }) => id)
      ).map((buyable) => packOne(context.register, buyable, 1))
    )

/** Keeps, of offers for the same tool, those that are not both dearer and no better. */
function undominated(candidates: readonly Buyable[]): Buyable[] {
  const kept: Buyable[] = []
  for (const candidate of candidates)
    if (
      !kept.some(
        ({ entry, allIn, offer }) =>
          entry.tool.id === candidate.entry.tool.id &&
          allIn <= candidate.allIn &&
          offer?.single !== true &&
          errorFactor(entry.tier) <= errorFactor(candidate.entry.tier)
      )
    )
      kept.push(candidate)
  return kept
}

const cheapestPerTool = (candidates: readonly Buyable[]): Buyable[] => {
  const seen = new Set<string>()
  return candidates.filter(({ entry, offer }) =>
    offer?.single ? true : seen.has(entry.tool.id) ? false : (seen.add(entry.tool.id), true)
  )
}

/** One way to fill a role: what has to be bought, and the tool that then plays it. */
interface Filling {
  readonly set: Pack
  readonly entry: KitTool
}

/** The ways to fill one role of a method, leaving out what the kit already has. */
function fillings(
  context: NeedContext,
  method: Method,
  step: Step,
  index: number,
  present: MethodFit
): Filling[] {
  const { fit, kit, market } = context
  const need = method.roles[index]
  if (!need) return []
  const owned = (kit.byRole.get(need.role) ?? []).filter(
    (entry) => reach(entry, need, step.stock) !== undefined
  )
  const have = owned.reduce((sum, { count }) => sum + count, 0)
  const sellable = (fit.library.toolsFor.get(need.role) ?? [])
    .flatMap(({ id }) => market.get(id) ?? [])
    .filter(({ entry }) => reach(entry, need, step.stock) !== undefined)
  const candidates = context.dominates.spared(
    index === 0 && step.accuracyMm !== undefined ? undominated(sellable) : cheapestPerTool(sellable)
  )
  const bought = (count: number): Filling[] =>
    candidates.flatMap((buyable) =>
      acquire(context, buyable, count, method.operation).map((set) => ({
        set,
        entry: buyable.entry
      }))
    )
  if (have < need.count) return bought(need.count - have)
  const carried = owned.filter(
    ({ tool, power }) => index > 0 || circuitCarries(fit.workshop, tool, power)
  )
  const serviced = carried.flatMap((entry) =>
    packCombine(context.register, companionFamilies(context, entry, method.operation)).map(
      (set) => ({ set, entry })
    )
  )
  const better =
    index === 0 && present.misses.some(({ kind }) => kind === 'accuracy' || kind === 'circuit')
      ? bought(need.count)
      : []
  const untied = present.misses.some(
    (miss) => miss.kind === 'tie' && (miss.role === need.role || miss.withRole === need.role)
  )
  return [...serviced, ...better, ...(untied ? bought(need.count) : [])]
}

/**
 * The sets that make one method do a step, leaving out what the kit already has. Empty when nothing can. By construction a set fills
 * every role with all it needs; the error is that of the leading tool with the marking tool chosen, and what is then too rough or not
 * exact enough takes a clean-up along.
 */
function methodNeeds(context: NeedContext, method: Method, step: Step): Pack[] {
  const { fit, kit, register } = context
  if (fit.bannedMethods.has(method.id) || !comfortable(fit.workshop, method)) return []
  const present = fitMethod(kit, method, step, fit)
  if (present.misses.some(({ kind }) => kind === 'limit')) return []
  const [lead = [], ...others] = method.roles.map((_, index) =>
    fillings(context, method, step, index, present)
  )
  if (
    method.roles.length > 0 &&
    (lead.length === 0 || others.some((family) => family.length === 0))
  )
    return []
  const rest = others.map((family) =>
    thinPacks(
      context.register,
      family.map(({ set }) => set)
    )
  )
  const rough =
    step.surface !== undefined && SURFACES.indexOf(method.surface) < SURFACES.indexOf(step.surface)
  const [need] = method.roles
  const leads =
    method.roles.length === 0
      ? [{ set: EMPTY_PACK, error: method.accuracyMm, tool: '' }]
      : lead.map(({ set, entry }) => ({
          set,
          error: leadingError(method, entry, (need && reach(entry, need, step.stock)) ?? []),
          tool: entry.tool.id
        }))
  const exact: Pack[] = []
  const short: Pack[] = []
  // Offers of a tool come cheapest first: a dearer one counts only when it gets by with less for marking.
  const leastMarking = new Map<string, number>()
  for (const { set, error, tool } of leads) {
    const marked = rough ? [] : markings(context, method, step, error)
    if (marked.length === 0) short.push(set)
    const least = marked[0]?.cost ?? Infinity
    const known = leastMarking.get(tool)
    if (
      known !== undefined &&
      known <= least &&
      set.cost > 0 &&
      marked.length > 0 &&
      known === least &&
      exact.some((pack) => pack.cost <= set.cost + least)
    )
      continue
    leastMarking.set(tool, Math.min(least, known ?? Infinity))
    exact.push(...marked.map((marking) => packUnion(register, set, marking)))
  }
  const cleaned =
    short.length > 0
      ? cleanUpNeeds(context, step).flatMap((clean) =>
          short.map((set) => packUnion(register, set, clean))
        )
      : []
  const sets = packCombine(register, [thinPacks(context.register, [...exact, ...cleaned]), ...rest])
  if ((method.ties ?? []).length === 0) return sets
  const probe = probeBuild(step)
  return sets.filter((set) =>
    isUse(useMethod(fit, kitWith(kit, entriesOf(setOf(register, set))), method, step, probe))
  )
}

/** Error of a method with a leading tool, apart from marking, mm. */
const leadingError = (method: Method, entry: KitTool, stretches: readonly Stretch[]): number =>
  Math.hypot(
    method.accuracyMm * errorFactor(entry.tier),
    ...stretches.map((one) => one.around.errorMm)
  )

/** Marking tools to buy, or none, with which a leading error stays within the step's limit. */
function markings(context: NeedContext, method: Method, step: Step, error: number): Pack[] {
  const limit = step.accuracyMm
  if (limit === undefined) return [EMPTY_PACK]
  const within = (markingMm: number): boolean =>
    Math.hypot(error, method.marked ? markingMm : 0) <= limit + 1e-9
  if (within(context.kit.markingMm)) return [EMPTY_PACK]
  if (!method.marked || !within(0)) return []
  const squares = (context.fit.library.toolsFor.get('square') ?? [])
    .flatMap(({ id }) => context.market.get(id) ?? [])
    .filter(({ entry }) => within(entry.specs.accuracyMm ?? Infinity))
  return context.dominates
    .spared(cheapestPerTool(squares))
    .sort((a, b) => a.allIn - b.allIn)
    .map((buyable) => packOne(context.register, buyable, 1))
}

/** A build of one step, to ask whether a method does it. */
const probeBuild = (step: Step): Build => ({
  id: 'probe',
  name: 'probe',
  copies: 1,
  materials: [],
  steps: [step]
})

/** What has to be bought to clean up after a step done too roughly; the empty set where the kit can. */
function cleanUpNeeds(context: NeedContext, step: Step): readonly Pack[] {
  const after = cleanUpStep(context.fit.library, step)
  if (!after || context.fit.library.operations.get(after.operation)?.cleanUp) return []
  return context.needsOf(after)
}

/** Every smallest set of purchases that lets the kit do a step, cheapest first. `[EMPTY_PACK]` when it already can. */
export function stepNeeds(context: NeedContext, step: Step): Pack[] {
  const methods = context.fit.library.methodsFor.get(step.operation) ?? []
  const probe = probeBuild(step)
  if (
    methods.some(
      (method) =>
        !plainlyNot(context.kit, method, step, context.fit) &&
        isUse(useMethod(context.fit, context.kit, method, step, probe))
    )
  )
    return [EMPTY_PACK]
  return thinPacks(
    context.register,
    methods.flatMap((method) => methodNeeds(context, method, step))
  )
}

/** Like `stepNeeds`, but for quicker or cheaper ways to do a step that can be done already; the two cheapest for each method not yet usable. */
export function improvementNeeds(context: NeedContext, step: Step): Pack[] {
  const methods = context.fit.library.methodsFor.get(step.operation) ?? []
  const probe = probeBuild(step)
  return methods
    .filter(
      (method) =>
        plainlyNot(context.kit, method, step, context.fit) ||
        !isUse(useMethod(context.fit, context.kit, method, step, probe))
    )
    .flatMap((method) =>
      thinPacks(context.register, methodNeeds(context, method, step)).slice(0, 2)
    )
}

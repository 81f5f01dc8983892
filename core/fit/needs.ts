import { TIERS, errorFactor, type Method, type Step } from '../catalogue'
import { comfortable } from '../workshop'
import type { FitContext } from './build-fit'
import type { Buyable, Market } from './buyables'
import { countOf, kitWith, type Kit, type KitTool } from './kit'
import { composedAccuracy, fitMethod, meets, neededCompanions, type Miss } from './method-fit'

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

/** Whether `whole` holds everything `part` asks for. */
export function isWithin(part: NeedSet, whole: NeedSet): boolean {
  if (part.size > whole.size) return false
  for (const [id, { count }] of part) if ((whole.get(id)?.count ?? 0) < count) return false
  return true
}

export const entriesOf = (set: NeedSet): KitTool[] => [...set.values()].map(({ buyable, count }) => ({ ...buyable.entry, count: count * buyable.entry.count }))

const single = (buyable: Buyable, count: number): NeedSet => new Map([[buyable.id, { buyable, count }]])

/** Every combination of one set from each family, as unions; `limit` keeps the cheapest where there are too many. */
export function combine(families: readonly (readonly NeedSet[])[], limit: number): NeedSet[] {
  let sets: NeedSet[] = [EMPTY_SET]
  for (const family of families) {
    sets = sets.flatMap((set) => family.map((member) => union(set, member)))
    if (sets.length > limit) sets = thin(sets).slice(0, limit)
  }
  return sets
}

/** Sorted by cost, without sets that contain another one. */
export function thin(sets: readonly NeedSet[]): NeedSet[] {
  const sorted = [...sets].map((set) => ({ set, cost: costOf(set) })).sort((a, b) => a.cost - b.cost || a.set.size - b.set.size)
  const kept: NeedSet[] = []
  for (const { set } of sorted) if (!kept.some((other) => isWithin(other, set))) kept.push(set)
  return kept
}

/** Families longer than this are cut to their cheapest members. Real ones are far shorter; a test watches it. */
export const FAMILY_LIMIT = 120

export interface NeedContext {
  readonly fit: FitContext
  readonly kit: Kit
  readonly market: Market
  /** Needed sets of a shop-made tool's own build; empty when it cannot be made. Guards against jigs that need themselves. */
  readonly jigWays: (buyable: Buyable) => readonly NeedSet[]
}

/** Ways to come by `count` of something of which `have` are owned, from these buyables. */
function acquire(context: NeedContext, candidates: readonly Buyable[], count: number, operation: string): NeedSet[] {
  return candidates.flatMap((buyable) => {
    const bodies = single(buyable, buyable.jig ? 1 : Math.ceil(count / buyable.entry.count))
    const families = [[bodies], ...companionFamilies(context, buyable.entry, operation)]
    if (buyable.jig) families.push([...context.jigWays(buyable)])
    return families.some((family) => family.length === 0) ? [] : combine(families, FAMILY_LIMIT)
  })
}

/**
 * What has to be bought along with a tool: companions not owned and protection not owned, one family for each. A companion brings
 * its own protection with it, but not its own companions: packs taken from a drill do not need the drill's bits.
 */
function companionFamilies(context: NeedContext, entry: KitTool, operation: string): NeedSet[][] {
  const companions = neededCompanions(entry.tool, operation)
    .filter(({ anyOf, count }) => !anyOf.some((id) => countOf(context.kit, id) >= count))
    .map(({ anyOf, count }) =>
      anyOf.flatMap((id) =>
        (context.market.get(id) ?? []).slice(0, 1).flatMap((buyable) => combine([[single(buyable, count - countOf(context.kit, id))], ...protectionFamilies(context, buyable.entry)], FAMILY_LIMIT))
      )
    )
  return [...companions, ...protectionFamilies(context, entry)]
}

const protectionFamilies = (context: NeedContext, entry: KitTool): NeedSet[][] =>
  entry.tool.needs
    .filter((protection) => !context.kit.protects.has(protection))
    .map((protection) => (context.fit.library.protectionFor.get(protection) ?? []).flatMap(({ id }) => (context.market.get(id) ?? []).slice(0, 1).map((buyable) => single(buyable, 1))))

/** Keeps, of offers for the same tool, those that are not both dearer and no better. */
function undominated(candidates: readonly Buyable[]): Buyable[] {
  const kept: Buyable[] = []
  for (const candidate of candidates)
    if (!kept.some(({ entry, allIn, offer }) => entry.tool.id === candidate.entry.tool.id && allIn <= candidate.allIn && offer?.single !== true && errorFactor(entry.tier) <= errorFactor(candidate.entry.tier)))
      kept.push(candidate)
  return kept
}

/** The sets that make one method do a step, leaving out what the kit already has. Empty when nothing can. */
function methodNeeds(context: NeedContext, method: Method, step: Step): NeedSet[] {
  const { fit, kit, market } = context
  if (fit.bannedMethods.has(method.id) || !comfortable(fit.workshop, method)) return []
  const current = fitMethod(kit, method, step, fit)
  if (current.misses.some(({ kind }) => kind === 'limit')) return []
  const asMiss = (kinds: readonly Miss['kind'][]): boolean => current.misses.some(({ kind }) => kinds.includes(kind))
  const families: NeedSet[][] = method.roles.map((need, index) => {
    const owned = (kit.byRole.get(need.role) ?? []).filter((entry) => need.rules.every((rule) => meets(entry.specs, rule, step.stock)))
    const have = owned.reduce((sum, { count }) => sum + count, 0)
    const sellable = (fit.library.toolsFor.get(need.role) ?? [])
      .flatMap(({ id }) => market.get(id) ?? [])
      .filter(({ entry }) => need.rules.every((rule) => meets(entry.specs, rule, step.stock)))
    const exact = (index === 0 && step.accuracyMm !== undefined) || sellable.some(({ entry }) => entry.tool.roles.includes('square'))
    const candidates = exact ? undominated(sellable) : cheapestPerTool(sellable)
    if (have < need.count) return acquire(context, candidates, need.count - have, method.operation)
    const serviced = owned.flatMap((entry) => combine(companionFamilies(context, entry, method.operation), FAMILY_LIMIT))
    const better = index === 0 && asMiss(['accuracy', 'circuit']) ? acquire(context, candidates, need.count, method.operation) : []
    return thin([...serviced, ...better])
  })
  if (families.some((family) => family.length === 0)) return []
  const sets = combine(families, FAMILY_LIMIT)
  const works = (set: NeedSet): boolean => fitMethod(kitWith(kit, entriesOf(set)), method, step, fit).misses.length === 0
  const exact = sets.filter(works)
  const marked = exact.length === sets.length ? [] : markingOptions(context, method, step).flatMap((square) => sets.filter((set) => !exact.includes(set)).map((set) => union(set, square)))
  return [...exact, ...marked.filter(works)]
}

const cheapestPerTool = (candidates: readonly Buyable[]): Buyable[] => {
  const seen = new Set<string>()
  return candidates.filter(({ entry, offer }) => (offer?.single ? true : seen.has(entry.tool.id) ? false : (seen.add(entry.tool.id), true)))
}

/** The factor of the most exact tier: what no leading tool beats. */
const BEST_ERROR = Math.min(...TIERS.map(errorFactor))

/** Marking tools that could bring the error down far enough. */
function markingOptions(context: NeedContext, method: Method, step: Step): NeedSet[] {
  if (!method.marked || step.accuracyMm === undefined) return []
  const best = step.accuracyMm
  const squares = (context.fit.library.toolsFor.get('square') ?? [])
    .flatMap(({ id }) => context.market.get(id) ?? [])
    .filter(({ entry }) => composedAccuracy(method, BEST_ERROR, entry.specs.accuracyMm ?? Infinity) <= best && (entry.specs.accuracyMm ?? Infinity) < context.kit.markingMm)
  return undominated(squares).map((buyable) => single(buyable, 1))
}

/** Every smallest set of purchases that lets the kit do a step, cheapest first. `[EMPTY_SET]` when it already can. */
export function stepNeeds(context: NeedContext, step: Step): NeedSet[] {
  const methods = context.fit.library.methodsFor.get(step.operation) ?? []
  if (methods.some((method) => fitMethod(context.kit, method, step, context.fit).misses.length === 0)) return [EMPTY_SET]
  return thin(methods.flatMap((method) => methodNeeds(context, method, step))).slice(0, FAMILY_LIMIT)
}

/** Like `stepNeeds`, but for quicker or cheaper ways to do a step that can be done already; one list per method not yet usable. */
export function improvementNeeds(context: NeedContext, step: Step): NeedSet[] {
  const methods = context.fit.library.methodsFor.get(step.operation) ?? []
  return methods
    .filter((method) => fitMethod(context.kit, method, step, context.fit).misses.length > 0)
    .flatMap((method) => thin(methodNeeds(context, method, step)).slice(0, 2))
}

import type { Build } from '../builds'
import type { Step } from '../catalogue'
import { stableText } from '../kernel'
import type { World } from '../workspace'
import { fitContext, type FitContext } from './build-fit'
import { marketOf, type Buyable, type Market } from './buyables'
import { dominanceOf } from './dominance'
import { kitOf, type Kit } from './kit'
import { EMPTY_SET, addedCost, costOf, improvementNeeds, isWithin, stepNeeds, thin, union, type NeedContext, type NeedSet } from './needs'

/** Purchases that close all gaps of a build. */
export interface WayIn {
  readonly set: NeedSet
  /** What they cost all in, beyond what is planned already. */
  readonly cost: number
}

/** A fitter remembers what it has worked out for one kit; make a new one when kit, prices or bans change. */
export interface Fitter {
  readonly context: FitContext
  readonly kit: Kit
  readonly market: Market
  /** For each step of a build, the smallest sets that let it be done; undefined when a step cannot be done at all. */
  families(build: Build): readonly (readonly NeedSet[])[] | undefined
  /** The `most` cheapest ways in, given purchases already planned. Exact: the first one costs least. Empty when there is none. */
  waysIn(build: Build, planned?: NeedSet, most?: number): WayIn[]
  /** Sets that would do a step in another way than the kit can now. */
  improvements(build: Build): NeedSet[]
}

const stepKey = (step: Step): string => stableText([step.operation, step.stock, step.accuracyMm ?? null, step.surface ?? null])

/** A lower bound on what closing the families from `from` on adds: the dearest of their cheapest members. Stops once over `enough`. */
function leastRest(open: readonly (readonly NeedSet[])[], from: number, have: NeedSet, enough: number): number {
  let most = 0
  for (let i = from; i < open.length && most < enough; i++) {
    let least = Infinity
    for (const set of open[i] ?? []) least = Math.min(least, addedCost(have, set))
    most = Math.max(most, least)
  }
  return most
}

/** Cheapest unions of one set per family, by branch and bound over the families. */
function cheapestUnions(families: readonly (readonly NeedSet[])[], planned: NeedSet, most: number): WayIn[] {
  const open = [...families].filter((family) => !family.some((set) => isWithin(set, planned))).sort((a, b) => a.length - b.length)
  let found: WayIn[] = []
  const bound = (): number => (found.length < most ? Infinity : (found.at(-1)?.cost ?? Infinity))
  const visit = (index: number, chosen: NeedSet, cost: number): void => {
    let next = index
    const have = union(planned, chosen)
    while (next < open.length && open[next]?.some((set) => isWithin(set, have))) next++
    const family = open[next]
    if (!family) {
      if (!found.some(({ set }) => isWithin(set, chosen))) found = [...found.filter(({ set }) => !isWithin(chosen, set)), { set: chosen, cost }].sort((a, b) => a.cost - b.cost).slice(0, most)
      return
    }
    const rest = found.length < most ? 0 : leastRest(open, next + 1, have, bound() - cost)
    const options = family.map((set) => ({ set, added: addedCost(have, set) })).sort((a, b) => a.added - b.added)
    for (const { set, added } of options) {
      if (cost + Math.max(added, rest) >= bound()) continue
      visit(next + 1, union(chosen, set), cost + added)
    }
  }
  visit(0, EMPTY_SET, 0)
  return found
}

/** How many ways to make a jig are carried along: the cheapest alone would miss tools that the rest of a build needs anyway. */
const JIG_WAYS = 12

export function makeFitter(world: World, kit: Kit = kitOf(world.library, world.workspace.items)): Fitter {
  const context = fitContext(world)
  const market = marketOf(world)
  const steps = new Map<string, readonly NeedSet[]>()
  const jigs = new Map<string, readonly NeedSet[]>()
  const underWay = new Set<string>()

  const jigWays = (buyable: Buyable): readonly NeedSet[] => {
    const known = jigs.get(buyable.id)
    if (known) return known
    if (!buyable.jig || underWay.has(buyable.id)) return []
    underWay.add(buyable.id)
    const ways = waysIn(buyable.jig, EMPTY_SET, JIG_WAYS).map(({ set }) => set)
    underWay.delete(buyable.id)
    if (underWay.size === 0) jigs.set(buyable.id, ways)
    return ways
  }
  const needContext: NeedContext = { fit: context, kit, market, dominates: dominanceOf(context.library), jigWays, needsOf: (step) => needsOf(step) }

  const needsOf = (step: Step): readonly NeedSet[] => {
    const key = stepKey(step)
    const known = steps.get(key)
    if (known) return known
    const needs = stepNeeds(needContext, step)
    if (underWay.size === 0) steps.set(key, needs)
    return needs
  }
  const perBuild = new WeakMap<readonly Step[], { families: readonly (readonly NeedSet[])[] | undefined }>()
  const families = (build: Build): readonly (readonly NeedSet[])[] | undefined => {
    const known = perBuild.get(build.steps)
    if (known) return known.families
    const all = build.steps.map(needsOf)
    const open = all.some((family) => family.length === 0) ? undefined : distinctFamilies(all.filter((family) => !family.includes(EMPTY_SET)))
    if (underWay.size === 0) perBuild.set(build.steps, { families: open })
    return open
  }
  const waysIn = rememberedWays(families)
  const better = new Map<string, readonly NeedSet[]>()
  const betterFor = (step: Step): readonly NeedSet[] => {
    const key = stepKey(step)
    const known = better.get(key) ?? improvementNeeds(needContext, step).filter((set) => costOf(set) > 0)
    better.set(key, known)
    return known
  }
  const perBuildBetter = new WeakMap<readonly Step[], NeedSet[]>()
  const improvements = (build: Build): NeedSet[] => {
    const known = perBuildBetter.get(build.steps) ?? thin(build.steps.flatMap(betterFor))
    perBuildBetter.set(build.steps, known)
    return known
  }
  return { context, kit, market, families, waysIn, improvements }
}

/** Ways in depend on those planned purchases alone that occur in the build's families; each such case is worked out once. */
function rememberedWays(families: Fitter['families']): Fitter['waysIn'] {
  const perFamilies = new WeakMap<object, { ids: ReadonlySet<string>; ways: Map<string, WayIn[]> }>()
  return (build, planned = EMPTY_SET, most = 4) => {
    const open = families(build)
    if (open === undefined) return []
    const known = perFamilies.get(open) ?? { ids: new Set(open.flatMap((family) => family.flatMap((set) => [...set.keys()]))), ways: new Map<string, WayIn[]>() }
    perFamilies.set(open, known)
    const relevant = [...planned].filter(([id]) => known.ids.has(id))
    const key = `${most}|${relevant.map(([id, { count }]) => `${id}*${count}`).sort().join()}`
    const ways = known.ways.get(key) ?? cheapestUnions(open, new Map(relevant), most)
    known.ways.set(key, ways)
    return ways
  }
}

/** The same fitter without some purchases: sets that contain one of them are passed over. */
export function avoiding(fitter: Fitter, ids: ReadonlySet<string>): Fitter {
  const free = (set: NeedSet): boolean => ![...set.keys()].some((id) => ids.has(id))
  const known = new WeakMap<readonly Step[], { families: readonly (readonly NeedSet[])[] | undefined }>()
  const families: Fitter['families'] = (build) => {
    const before = known.get(build.steps)
    if (before) return before.families
    const left = fitter.families(build)?.map((family) => family.filter(free))
    const usable = left?.some((family) => family.length === 0) ? undefined : left
    known.set(build.steps, { families: usable })
    return usable
  }
  return { ...fitter, families, waysIn: rememberedWays(families), improvements: (build) => fitter.improvements(build).filter(free) }
}

/** Families are shared between steps of the same kind; each needs closing once. */
const distinctFamilies = (families: readonly (readonly NeedSet[])[]): (readonly NeedSet[])[] => [...new Set(families)]

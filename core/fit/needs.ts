import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import { sumOf } from '../kernel'
import { circuitCarries } from '../workshop'
import { isUse, useMethod } from './build-fit'
import { acquire, companionFamilies, type NeedContext } from './acquire'
import type { Buyable } from './buyables'
import {
  admitted,
  asExact,
  cleanUpStep,
  exactEnough,
  leadError,
  limitsBroken,
  methodsOf,
  partSteps,
  reach,
  resultError,
  tooRough
} from './kernel'
import { kitWith, type KitTool } from './kit'
import { fitMethod, plainlyNot, type MethodFit } from './method-fit'
import { entriesOf } from './need-set'
import { EMPTY_PACK, packCombine, packOne, packUnion, setOf, thinPacks, type Pack } from './packs'

/** Keeps, of offers for the same tool, those that are not both dearer and no better. */
function paretoBuyables(candidates: readonly Buyable[]): Buyable[] {
  const kept: Buyable[] = []
  for (const candidate of candidates)
    if (
      !kept.some(
        ({ entry, allIn, bother, offer }) =>
          entry.tool.id === candidate.entry.tool.id &&
          allIn + bother <= candidate.allIn + candidate.bother &&
          offer?.single !== true &&
          asExact(entry, candidate.entry)
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
  const have = sumOf(owned, ({ count }) => count)
  const sellable = (fit.library.toolsFor.get(need.role) ?? [])
    .flatMap(({ id }) => market.get(id) ?? [])
    .filter(({ entry }) => reach(entry, need, step.stock) !== undefined)
  const candidates = context.dominates.spared(
    index === 0 && step.accuracyMm !== undefined
      ? paretoBuyables(sellable)
      : cheapestPerTool(sellable)
  )
  const bought = (count: number): Filling[] =>
    candidates.flatMap((buyable) =>
      acquire(context, buyable, count, method).map((set) => ({
        set,
        entry: buyable.entry
      }))
    )
  if (have < need.count) return bought(need.count - have)
  const carried = owned.filter(
    ({ tool, power }) => index > 0 || circuitCarries(fit.workshop, tool, power)
  )
  const serviced = carried.flatMap((entry) =>
    packCombine(context.register, companionFamilies(context, entry, method)).map((set) => ({
      set,
      entry
    }))
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

/** A way to lead a method: what is bought for it, and its error apart from marking, mm. */
interface Leading {
  readonly set: Pack
  readonly error: number
  readonly tool: string
}

function leadings(method: Method, step: Step, lead: readonly Filling[]): Leading[] {
  const [need] = method.roles
  if (!need) return [{ set: EMPTY_PACK, error: leadError(method, undefined, []), tool: '' }]
  return lead.map(({ set, entry }) => ({
    set,
    error: leadError(method, entry, reach(entry, need, step.stock) ?? []),
    tool: entry.tool.id
  }))
}

/** The leading sets with what marking they need, and those that leave the work too rough or not exact enough. */
function byExactness(
  context: NeedContext,
  method: Method,
  step: Step,
  leads: readonly Leading[]
): { readonly exact: Pack[]; readonly short: Pack[] } {
  const rough = tooRough(method, step)
  const exact: Pack[] = []
  const short: Pack[] = []
  // Offers of a tool come cheapest first: a dearer one counts only when it gets by with less for marking.
  const leastMarking = new Map<string, number>()
  for (const { set, error, tool } of leads) {
    const marked = rough ? [] : markings(context, method, step, error)
    if (marked.length === 0) short.push(set)
    const least = marked[0]?.cost ?? Infinity
    const known = leastMarking.get(tool)
    const noBetter = known === least && set.cost > 0 && marked.length > 0
    if (noBetter && exact.some((pack) => pack.cost <= set.cost + least)) continue
    leastMarking.set(tool, Math.min(least, known ?? Infinity))
    exact.push(...marked.map((marking) => packUnion(context.register, set, marking)))
  }
  return { exact, short }
}

/**
 * The sets that make one method do a step, leaving out what the kit already has. Empty when nothing can. By construction a set fills
 * every role with all it needs; the error is that of the leading tool with the marking tool chosen, and what is then too rough or not
 * exact enough takes a clean-up along.
 */
function methodNeeds(context: NeedContext, method: Method, step: Step): Pack[] {
  const { fit, kit, register } = context
  if (!admitted(method, fit) || limitsBroken(method, step.stock).length > 0) return []
  if (method.parts) return everyPart(context, partSteps(method, step))
  const present = fitMethod(kit, method, step, fit)
  const families = method.roles.map((_, index) => fillings(context, method, step, index, present))
  if (families.some((family) => family.length === 0)) return []
  const [lead = [], ...others] = families
  const rest = others.map((family) =>
    thinPacks(
      register,
      family.map(({ set }) => set)
    )
  )
  const { exact, short } = byExactness(context, method, step, leadings(method, step, lead))
  const cleaned =
    short.length === 0
      ? []
      : cleanUpNeeds(context, step).flatMap((clean) =>
          short.map((set) => packUnion(register, set, clean))
        )
  const sets = packCombine(register, [thinPacks(register, [...exact, ...cleaned]), ...rest])
  if ((method.ties ?? []).length === 0) return sets
  const probe = probeBuild(step)
  return sets.filter((set) =>
    isUse(useMethod(fit, kitWith(kit, entriesOf(setOf(register, set))), method, step, probe))
  )
}

/** The sets that let every part of a method be done; empty where one cannot. */
function everyPart(context: NeedContext, parts: readonly Step[]): Pack[] {
  const families = parts.map((part) => context.needsOf(part))
  return families.some((family) => family.length === 0)
    ? []
    : packCombine(context.register, families)
}

/** Marking tools to buy, or none, with which a leading error stays within the step's limit. */
function markings(context: NeedContext, method: Method, step: Step, error: number): Pack[] {
  const limit = step.accuracyMm
  if (limit === undefined) return [EMPTY_PACK]
  const within = (markingMm: number): boolean =>
    exactEnough(resultError(method, error, markingMm), limit)
  if (within(context.kit.markingMm)) return [EMPTY_PACK]
  if (!method.marked || !within(0)) return []
  const squares = (context.fit.library.toolsFor.get('square') ?? [])
    .flatMap(({ id }) => context.market.get(id) ?? [])
    .filter(({ entry }) => within(entry.specs.accuracyMm ?? Infinity))
  return context.dominates
    .spared(cheapestPerTool(squares))
    .sort((a, b) => a.allIn + a.bother - b.allIn - b.bother)
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
  const methods = methodsOf(context.fit.library, step)
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
  const methods = methodsOf(context.fit.library, step)
  const probe = probeBuild(step)
  const within = methods.flatMap((method) =>
    partSteps(method, step).flatMap((part) => improvementNeeds(context, part))
  )
  const others = methods
    .filter(
      (method) =>
        plainlyNot(context.kit, method, step, context.fit) ||
        !isUse(useMethod(context.fit, context.kit, method, step, probe))
    )
    .flatMap((method) =>
      thinPacks(context.register, methodNeeds(context, method, step)).slice(0, 2)
    )
  return [...others, ...within]
}

import type { Build } from '../builds'
import { EMPTY_SET, addedCost, entriesOf, fitBuild, hourValueOf, kitWith, union, type Fitter, type NeedSet } from '../fit'

/** How many quicker ways are kept per build. */
const KEPT = 3
/** How many sets are combined at most into one quicker way. */
const DEPTH = 3

const remembered = new WeakMap<Fitter['market'], Map<string, readonly NeedSet[]>>()

/**
 * Ways in that cost more money but less work: from the cheapest way in, sets that let a step be done otherwise are added one after
 * another as long as each saves more in hours, fees and goodwill than it costs. Empty where hours cost nothing and nobody minds noise.
 */
export function quickerWays(fitter: Fitter, build: Build): readonly NeedSet[] {
  const { context } = fitter
  if (hourValueOf(context, build) === 0 && context.workshop.quiet === undefined) return []
  const known = remembered.get(fitter.market) ?? new Map<string, readonly NeedSet[]>()
  remembered.set(fitter.market, known)
  const found = known.get(build.id) ?? search(fitter, build)
  known.set(build.id, found)
  const allowed = new Set(fitter.improvements(build).flatMap((set) => [...set.keys()]).concat(fitter.waysIn(build, EMPTY_SET, 8).flatMap(({ set }) => [...set.keys()])))
  return found.filter((set) => [...set.keys()].every((id) => allowed.has(id)))
}

function search(fitter: Fitter, build: Build): readonly NeedSet[] {
  const { context, kit } = fitter
  const effort = (set: NeedSet): number => {
    const fit = fitBuild(context, kitWith(kit, entriesOf(set)), build)
    return fit.gaps.length > 0 ? Infinity : (hourValueOf(context, build) * fit.minutes) / 60 + fit.fees + fit.penalties + addedCost(EMPTY_SET, set)
  }
  const base = fitter.waysIn(build, EMPTY_SET, 1)[0]?.set
  if (!base) return []
  const better = fitter.improvements(build)
  const found: NeedSet[] = []
  let current = { set: base, effort: effort(base) }
  for (let depth = 0; depth < DEPTH; depth++) {
    const next = better
      .map((set) => union(current.set, set))
      .map((set) => ({ set, effort: effort(set) }))
      .filter((trial) => trial.effort < current.effort)
      .sort((a, b) => a.effort - b.effort)
    if (depth === 0) found.push(...next.slice(0, KEPT).map(({ set }) => set))
    const best = next[0]
    if (!best) break
    current = best
    if (depth > 0) found.push(best.set)
  }
  return found.map((set) => lean(fitter, build, set))
}

/** Without purchases that do nothing: what the dearer way has made superfluous in the cheapest one. */
function lean(fitter: Fitter, build: Build, set: NeedSet): NeedSet {
  const minutesWith = (trial: NeedSet): number => {
    const fit = fitBuild(fitter.context, kitWith(fitter.kit, entriesOf(trial)), build)
    return fit.gaps.length > 0 ? Infinity : fit.minutes
  }
  const most = minutesWith(set)
  let kept = set
  for (const id of set.keys()) {
    const without = new Map([...kept].filter(([other]) => other !== id))
    const jigsStillMade = [...without.values()].every(({ buyable }) => !buyable.jig || fitter.waysIn(buyable.jig, without, 1)[0]?.cost === 0)
    if (jigsStillMade && minutesWith(without) <= most) kept = without
  }
  return kept
}

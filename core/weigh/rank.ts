import type { Build } from '../builds'
import { distinct, groupBy, must, sumOf } from '../kernel'
import { costOf, entriesOf, kitWith, makeFitter, union, type Buyable, type Fitter, type NeedSet } from '../fit'
import type { Minor } from '../money'
import type { World } from '../workspace'
import { buildValue, openBuilds, type BuildValue } from './value'

/** What a candidate does for one build. */
export interface Effect {
  readonly build: string
  /** True when the build becomes possible, false when it only becomes quicker or cheaper. */
  readonly opens: boolean
  readonly gain: Minor
  readonly minutesSaved: number
  readonly feesSaved: Minor
}

export interface Part {
  readonly buyable: Buyable
  readonly count: number
}

/** A purchase shown as the best set that contains it. */
export interface Candidate {
  /** Ids of all parts, joined: the same set has the same id. */
  readonly id: string
  /** The part the set is named after: the dearest real tool in it. */
  readonly lead: Part
  readonly others: readonly Part[]
  readonly cost: Minor
  readonly effects: readonly Effect[]
  /** V(kit ∪ set) − V(kit), minor units. */
  readonly gain: Minor
  readonly netGain: Minor
  /** gain / cost; Infinity for something worth having that costs nothing. */
  readonly backPerMoney: number
  readonly minutesSaved: number
  /** True while some price in it is typical, not quoted. */
  readonly typical: boolean
  /** Other sets with the same leading tool that do the same for the same builds, cheapest first. */
  readonly variants: readonly Candidate[]
}

export interface Ranking {
  readonly candidates: readonly Candidate[]
  /** Builds possible with the kit as it is. */
  readonly feasible: readonly string[]
  /** Builds no purchase can open, with the steps that stand in the way. */
  readonly hopeless: readonly { readonly build: string; readonly steps: readonly string[] }[]
}

/** How many ways in are looked at per build. */
const WAYS_PER_BUILD = 6
const IMPROVEMENTS_PER_BUILD = 12

const setId = (set: NeedSet): string => [...set].map(([id, { count }]) => (count > 1 ? `${id}*${count}` : id)).sort().join(' + ')

function candidateSets(world: World, fitter: Fitter, builds: readonly Build[], before: ReadonlyMap<string, BuildValue>): NeedSet[] {
  const banned = world.workspace.bans
  const perBuild = builds.map((build) => (before.get(build.id)?.feasible ? [] : fitter.waysIn(build, undefined, WAYS_PER_BUILD).map(({ set }) => set)))
  const firsts = perBuild.flatMap((ways) => ways.slice(0, 1))
  const pairs = firsts.flatMap((a, i) => firsts.slice(i + 1).map((b) => union(a, b)))
  const better = builds.flatMap((build) => fitter.improvements(build).slice(0, IMPROVEMENTS_PER_BUILD))
  const all = [...perBuild.flat(), ...pairs, ...better].filter((set) => set.size > 0)
  return [...groupBy(all, setId).values()].map((group) => must(group[0], 'a set')).filter((set) => ![...set.values()].some(({ buyable }) => banned.some(({ kind, id }) => kind === 'tool' && id === buyable.entry.tool.id)))
}

function weighSet(world: World, fitter: Fitter, builds: readonly Build[], before: ReadonlyMap<string, BuildValue>, set: NeedSet): Candidate {
  const kit = kitWith(fitter.kit, entriesOf(set))
  const effects = builds.flatMap((build): Effect[] => {
    const then = buildValue(world, fitter.context, kit, build)
    const now = must(before.get(build.id), 'the value without the set')
    const opens = then.feasible && !now.feasible
    const gain = then.net - now.net
    const minutesSaved = opens || !now.feasible ? 0 : now.minutes - then.minutes
    return opens || gain > 0 || minutesSaved > 0 ? [{ build: build.id, opens, gain, minutesSaved, feesSaved: opens ? 0 : now.fees - then.fees }] : []
  })
  const parts = [...set.values()].sort((a, b) => Number(b.buyable.entry.tool.kind === 'tool') - Number(a.buyable.entry.tool.kind === 'tool') || b.buyable.allIn * b.count - a.buyable.allIn * a.count)
  const [lead, ...others] = parts
  const cost = costOf(set)
  const gain = sumOf(effects, (effect) => effect.gain)
  return {
    id: setId(set),
    lead: must(lead, 'the first part of a set'),
    others,
    cost,
    effects: effects.sort((a, b) => b.gain - a.gain || b.minutesSaved - a.minutesSaved),
    gain,
    netGain: gain - cost,
    backPerMoney: cost === 0 ? (gain > 0 ? Infinity : 0) : gain / cost,
    minutesSaved: sumOf(effects, (effect) => effect.minutesSaved),
    typical: parts.some(({ buyable }) => buyable.typical),
    variants: []
  }
}

const better = (a: Candidate, b: Candidate): number =>
  b.backPerMoney - a.backPerMoney || b.minutesSaved / Math.max(1, b.cost) - a.minutesSaved / Math.max(1, a.cost) || a.cost - b.cost || (a.id < b.id ? -1 : 1)

const partsOf = ({ lead, others }: Candidate): readonly Part[] => [lead, ...others]
const holds = (whole: Candidate, part: Candidate): boolean =>
  partsOf(part).every(({ buyable, count }) => partsOf(whole).some((other) => other.buyable.id === buyable.id && other.count >= count))

/** Leaves out sets that do no more than smaller sets inside them do one by one: two ways in side by side are two purchases. */
function withoutMereSums(candidates: readonly Candidate[]): Candidate[] {
  return candidates.filter((whole) => {
    const inside = candidates.filter((part) => part !== whole && part.others.length < whole.others.length && part.gain > 0 && holds(whole, part))
    const opened = new Set(inside.flatMap(({ effects }) => effects.filter(({ opens }) => opens).map(({ build }) => build)))
    const news = whole.effects.filter(({ opens, build }) => opens && !opened.has(build))
    return inside.length === 0 || news.length > 0
  })
}

/** Keeps for every tool the best set that contains it; a set stands once, however many tools it is best for. */
function bestPerTool(candidates: readonly Candidate[]): Candidate[] {
  const sorted = [...candidates].sort(better)
  const tools = distinct(sorted.flatMap(({ lead, others }) => [lead, ...others].map(({ buyable }) => buyable.entry.tool.id)))
  const kept = tools.map((tool) => sorted.find(({ lead, others }) => [lead, ...others].some(({ buyable }) => buyable.entry.tool.id === tool)))
  const rows = groupBy(distinct(kept.flatMap((candidate) => candidate ?? [])).sort(better), sameUse)
  return [...rows.values()].flatMap(([first, ...variants]) => (first ? [{ ...first, variants: variants.sort((a, b) => a.cost - b.cost) }] : [])).sort(better)
}

/** Sets with one leading tool that open and ease the same builds are one row with variants. */
const sameUse = ({ lead, effects }: Candidate): string => [lead.buyable.entry.tool.id, ...effects.map(({ build, opens }) => `${build}${opens}`).sort()].join()

/**
 * Ranks purchases by what they bring back per unit of money. Candidates are ways in and improvements, each shown as the best set
 * that contains it, so that a beginner's list is not all zeros; what does nothing for any build is left out.
 */
export function rank(world: World, fitter: Fitter = makeFitter(world)): Ranking {
  const builds = openBuilds(world)
  const before = new Map(builds.map((build) => [build.id, buildValue(world, fitter.context, fitter.kit, build)]))
  const sets = candidateSets(world, fitter, builds, before)
  const weighed = sets.map((set) => weighSet(world, fitter, builds, before, set)).filter(({ gain, minutesSaved }) => gain > 0 || minutesSaved > 0)
  const candidates = bestPerTool(withoutMereSums(weighed))
  return {
    candidates,
    feasible: builds.filter(({ id }) => before.get(id)?.feasible).map(({ id }) => id),
    hopeless: builds.flatMap((build) => {
      const value = before.get(build.id)
      if (!value || value.feasible || fitter.families(build) !== undefined) return []
      return [{ build: build.id, steps: value.fit.gaps.filter(({ step }) => fitter.families({ ...build, steps: [step] }) === undefined).map(({ step }) => step.id) }]
    })
  }
}

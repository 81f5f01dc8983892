import type { Build } from '../builds'
import { groupBy, must } from '../kernel'
import { costOf, union, type Fitter, type NeedSet } from '../fit'
import { type PricedBundle, type Wanted } from '../prices'
import { type World } from '../workspace'
import { roughVariant } from '../builds'
import type { Scale } from './scale'
import type { PackageLine, Candidate } from './candidate'
import { scoreOf } from './score'
import { doesWork } from './work'

/** So many of the best first ways in are looked at in pairs, for builds that need two of them. */
const WAYS_PAIRED = 12
/** How many ways in are looked at per build. */
const WAYS_PER_BUILD = 6

export const setId = (set: NeedSet): string =>
  [...set]
    .map(([id, { count }]) => (count > 1 ? `${id}*${count}` : id))
    .sort()
    .join(' + ')

/** Parts of a set, first the one it is named after: what leads some way of doing the builds' steps, the dearest of these. */
export const partsOfSet = (set: NeedSet, leads: ReadonlySet<string>): PackageLine[] =>
  [...set.values()].sort(
    (a, b) =>
      Number(doesWork(b, leads)) - Number(doesWork(a, leads)) ||
      b.buyable.allIn * b.count - a.buyable.allIn * a.count ||
      (a.buyable.id < b.buyable.id ? -1 : 1)
  )

/** Sets of the pieces of each bundle that can be had, where they are not owned. */
function bundleSets(fitter: Fitter, bundles: readonly PricedBundle[]): NeedSet[] {
  return bundles.map(
    ({ bundle }) =>
      new Map(
        bundle.pieces.flatMap((piece) => {
          const buyable = (fitter.market.get(piece.tool) ?? []).find(
            ({ entry }) => entry.tier === piece.tier && entry.power === piece.power
          )
          return buyable ? [[buyable.id, { buyable, count: piece.count }] as const] : []
        })
      )
  )
}

export function candidateSets(
  world: World,
  fitter: Fitter,
  scale: Scale,
  bundles: readonly PricedBundle[]
): NeedSet[] {
  const banned = world.workspace.bans
  const possible = (of: number): boolean => scale.base[of]?.feasible ?? false
  const perBuild = scale.builds.map((build, of) =>
    possible(of) ? [] : fitter.waysIn(build, undefined, WAYS_PER_BUILD).map(({ set }) => set)
  )
  const firsts = perBuild
    .flatMap((ways) => ways.slice(0, 1))
    .sort((a, b) => scale.gain(b) / Math.max(1, costOf(b)) - scale.gain(a) / Math.max(1, costOf(a)))
    .slice(0, WAYS_PAIRED)
  const pairs = firsts.flatMap((a, i) => firsts.slice(i + 1).map((b) => union(a, b)))
  const better = scale.builds.flatMap((build) => fitter.everyImprovement(build))
  const milling = scale.builds.flatMap((build, of) => {
    const variant = possible(of) ? roughVariant(world.library, build) : undefined
    return variant
      ? [
          ...fitter.waysIn(variant.build, undefined, WAYS_PER_BUILD).map(({ set }) => set),
          ...fitter.everyImprovement(variant.build)
        ]
      : []
  })
  const some = [...perBuild.flat(), ...pairs, ...better, ...milling, ...bundleSets(fitter, bundles)]
  const all = [...some, ...throughOthers(fitter, scale, some)].filter((set) => set.size > 0)
  return [...groupBy(all, setId).values()]
    .map((group) => must(group[0], 'a set'))
    .filter(
      (set) =>
        ![...set.values()].some(({ buyable }) =>
          banned.some(({ kind, id }) => kind === 'tool' && id === buyable.entry.tool.id)
        )
    )
}

/** Ways in through tools that stand in no set so far: each with the cheapest rest of the build where it costs least. */
function throughOthers(fitter: Fitter, scale: Scale, sets: readonly NeedSet[]): NeedSet[] {
  const seen = new Set(
    sets.flatMap((set) => [...set.values()].map(({ buyable }) => buyable.entry.tool.id))
  )
  // Of builds in which a tool costs equally little all are looked at, so that their order makes no difference.
  const best = new Map<string, { cost: number; ways: { build: Build; set: NeedSet }[] }>()
  scale.builds.forEach((build, of) => {
    if (scale.base[of]?.feasible) return
    for (const [tool, set] of fitter.setPerTool(build)) {
      if (seen.has(tool)) continue
      const cost = costOf(set)
      const known = best.get(tool)
      if (cost < (known?.cost ?? Infinity)) best.set(tool, { cost, ways: [{ build, set }] })
      else if (known && cost === known.cost) known.ways.push({ build, set })
    }
  })
  return [...best.values()]
    .flatMap(({ ways }) => ways)
    .flatMap(({ build, set }) => fitter.waysIn(build, set, 1).map((rest) => union(set, rest.set)))
}

/** A set's parts as wanted pieces, for bundles and deals. */
export const wantedOf = (parts: readonly PackageLine[]): Wanted[] =>
  parts.map(({ buyable: { id, entry, allIn, atTill }, count }) => ({
    id,
    tool: entry.tool.id,
    tier: entry.tier,
    condition: entry.condition,
    power: entry.power,
    platform: entry.platform,
    count,
    each: allIn,
    atTill
  }))

export const better = (a: Candidate, b: Candidate): number => {
  const [x, y] = [scoreOf(a), scoreOf(b)]
  if (x !== y) return y - x
  return (
    b.minutesSaved / Math.max(1, b.cost) - a.minutesSaved / Math.max(1, a.cost) ||
    a.cost - b.cost ||
    (a.id < b.id ? -1 : 1)
  )
}

import type { Build } from '../builds'
import { distinct, groupBy, must, sumOf } from '../kernel'
import { costOf, makeFitter, union, type Buyable, type Fitter, type NeedSet } from '../fit'
import type { Minor } from '../money'
import { bundlePrice, priceSet, type PricedBundle, type SetPrice, type Wanted } from '../prices'
import { weightsOf, type Weights, type World } from '../workspace'
import { roughVariant } from './rough-timber'
import { Scale } from './scale'
import type { ScaleWeights } from './scale-parts'

/** What a candidate does for one build. */
export interface Effect {
  readonly build: string
  /** True when the build becomes possible, false when it only becomes quicker or cheaper. */
  readonly opens: boolean
  readonly gain: Minor
  readonly minutesSaved: number
  readonly feesSaved: Minor
  /** Planed board that is bought rough instead, and the timber money that saves. */
  readonly roughMetres: number
  readonly timberSaved: Minor
}

export interface Part {
  readonly buyable: Buyable
  readonly count: number
}

/** A purchase shown as the best set that contains it. */
export interface Candidate {
  /** Ids of all parts, joined: the same set has the same id. */
  readonly id: string
  /** The part the set is named after: the dearest of those that lead the work. */
  readonly lead: Part
  readonly others: readonly Part[]
  readonly cost: Minor
  /** Bundles and deals that make it cheaper than part by part; the cost counts them. */
  readonly price: SetPrice
  readonly effects: readonly Effect[]
  /** V(kit ∪ set) − V(kit) less the floor it takes at its price, minor units; can be negative where floor is dear. */
  readonly gain: Minor
  /** The floor's part of it, minor units, 0 or less. */
  readonly floor: Minor
  readonly netGain: Minor
  /** gain / cost; Infinity for something worth having that costs nothing. */
  readonly backPerMoney: number
  /** The leanings of its parts, multiplied with `backPerMoney` for the order; 1 for none. */
  readonly leaning: number
  readonly minutesSaved: number
  readonly feesSaved: Minor
  readonly timberSaved: Minor
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
  /** True when every weight is zero, so that nothing can be told apart but by price. */
  readonly weightless: boolean
}

/** So many of the best first ways in are looked at in pairs, for builds that need two of them. */
const WAYS_PAIRED = 12
/** How many ways in are looked at per build. */
const WAYS_PER_BUILD = 6

const setId = (set: NeedSet): string =>
  [...set]
    .map(([id, { count }]) => (count > 1 ? `${id}*${count}` : id))
    .sort()
    .join(' + ')

/** Parts of a set, first the one it is named after: what leads some way of doing the builds' steps, the dearest of these. */
const partsOfSet = (set: NeedSet, leads: ReadonlySet<string>): Part[] =>
  [...set.values()].sort(
    (a, b) =>
      Number(doesWork(b, leads)) - Number(doesWork(a, leads)) ||
      b.buyable.allIn * b.count - a.buyable.allIn * a.count ||
      (a.buyable.id < b.buyable.id ? -1 : 1)
  )

const doesWork = ({ buyable }: Part, leads: ReadonlySet<string>): boolean =>
  buyable.jig === undefined && buyable.entry.tool.roles.some((role) => leads.has(role))

/** Leading roles of all methods that could do a step of the builds. */
const leadingRoles = (world: World, builds: readonly Build[]): ReadonlySet<string> =>
  new Set(
    distinct(builds.flatMap(({ steps }) => steps.map(({ operation }) => operation))).flatMap(
      (operation) =>
        (world.library.methodsFor.get(operation) ?? []).flatMap(({ roles }) => roles[0]?.role ?? [])
    )
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

function candidateSets(
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
export const wantedOf = (parts: readonly Part[]): Wanted[] =>
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

/** A set with what does not hang on the weights worked out once. */
interface Prepared {
  readonly id: string
  readonly set: NeedSet
  readonly parts: readonly Part[]
  readonly price: SetPrice
  readonly floorM2: number
  readonly typical: boolean
  readonly leaning: number
}

function effectsOf(scale: Scale, set: NeedSet): Effect[] {
  const effects: Effect[] = []
  for (const [of, then] of scale.weigh(set)) {
    const now = must(scale.base[of], 'the value without the set')
    const opens = then.feasible && !now.feasible
    const gain = then.net - now.net
    const minutesSaved = opens || !now.feasible ? 0 : now.minutes - then.minutes
    const timberSaved = then.timberSaved - now.timberSaved
    if (opens || gain > 0 || minutesSaved > 0)
      effects.push({
        build: must(scale.builds[of], 'a build').id,
        opens,
        gain,
        minutesSaved,
        feesSaved: opens ? 0 : now.fees - then.fees,
        roughMetres: then.roughMetres - now.roughMetres,
        timberSaved
      })
  }
  return effects.sort(
    (a, b) => b.gain - a.gain || b.minutesSaved - a.minutesSaved || (a.build < b.build ? -1 : 1)
  )
}

/** Builds for sale, and how often what they bring counts. */
interface Favours {
  readonly sold: ReadonlySet<string>
  readonly times: number
}

function candidateOf(
  { id, set, parts, price, floorM2, typical, leaning }: Prepared,
  scale: Scale,
  space: Minor,
  favours: Favours
): Candidate {
  const [lead, ...others] = parts
  const effects = effectsOf(scale, set)
  const floor = -Math.round(space * floorM2)
  const built = sumOf(effects, (effect) => effect.gain)
  const gain = built + floor
  const sold =
    built > 0
      ? sumOf(effects, (effect) => (favours.sold.has(effect.build) ? effect.gain : 0)) / built
      : 0
  return {
    id,
    lead: must(lead, 'the first part of a set'),
    others,
    cost: price.cost,
    price,
    effects,
    gain,
    floor,
    netGain: gain - price.cost,
    backPerMoney: price.cost === 0 ? (gain > 0 ? Infinity : 0) : gain / price.cost,
    leaning: leaning * (1 + (favours.times - 1) * sold),
    minutesSaved: sumOf(effects, (effect) => effect.minutesSaved),
    feesSaved: sumOf(effects, (effect) => effect.feesSaved),
    timberSaved: sumOf(effects, (effect) => effect.timberSaved),
    typical,
    variants: []
  }
}

/** What the order goes by. A leaning draws what does not pay further down, not up. */
export const scoreOf = ({
  backPerMoney,
  leaning
}: Pick<Candidate, 'backPerMoney' | 'leaning'>): number =>
  backPerMoney >= 0 ? backPerMoney * leaning : backPerMoney / leaning

const better = (a: Candidate, b: Candidate): number => {
  const [x, y] = [scoreOf(a), scoreOf(b)]
  if (x !== y) return y - x
  return (
    b.minutesSaved / Math.max(1, b.cost) - a.minutesSaved / Math.max(1, a.cost) ||
    a.cost - b.cost ||
    (a.id < b.id ? -1 : 1)
  )
}

export const partsOf = ({ lead, others }: Pick<Candidate, 'lead' | 'others'>): readonly Part[] => [
  lead,
  ...others
]
const holds = (whole: NeedSet, part: NeedSet): boolean => {
  for (const [id, { count }] of part) if ((whole.get(id)?.count ?? 0) < count) return false
  return true
}

/** A set made up of smaller ones must get at least this share of its gain from builds that none of them opens. */
const OWN_SHARE = 0.5

/**
 * Leaves out sets that do little more than smaller sets inside them do one by one: two ways in side by side are two purchases.
 * @param insides for each set, by id, those of the scale whose parts it holds
 */
function withoutMereSums(
  candidates: readonly Candidate[],
  insides: ReadonlyMap<string, readonly string[]>
): Candidate[] {
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]))
  return candidates.filter((whole) => {
    const inside = (insides.get(whole.id) ?? [])
      .flatMap((id) => byId.get(id) ?? [])
      .filter(({ gain }) => gain > 0)
    if (inside.length === 0) return true
    const opened = new Set(
      inside.flatMap(({ effects }) =>
        effects.filter(({ opens }) => opens).map(({ build }) => build)
      )
    )
    const own = sumOf(whole.effects, ({ opens, build, gain }) =>
      opens && !opened.has(build) ? gain : 0
    )
    const madeUp = partsOf(whole).every((part) =>
      inside.some((other) =>
        partsOf(other).some(
          ({ buyable, count }) => buyable.id === part.buyable.id && count >= part.count
        )
      )
    )
    return own > 0 && (!madeUp || own >= OWN_SHARE * (whole.gain - whole.floor))
  })
}

/** Keeps for every tool the best set that contains it; a set stands once, however many tools it is best for. */
function bestPerTool(candidates: readonly Candidate[], leads: ReadonlySet<string>): Candidate[] {
  const kept = new Map<string, Candidate>()
  for (const candidate of [...candidates].sort(better))
    for (const { buyable } of partsOf(candidate))
      if (!kept.has(buyable.entry.tool.id)) kept.set(buyable.entry.tool.id, candidate)
  const rows = groupBy(distinct([...kept.values()]).sort(better), sameUse)
  return named(
    [...rows.values()]
      .flatMap(([first, ...variants]) =>
        first ? [{ ...first, variants: variants.sort((a, b) => a.cost - b.cost) }] : []
      )
      .sort(better),
    leads
  )
}

/** A row whose leading tool heads a row above it is named after what it adds to that one, where that does the work. */
function named(candidates: readonly Candidate[], leads: ReadonlySet<string>): Candidate[] {
  const above = new Map<string, ReadonlySet<string>>()
  return candidates.map((candidate) => {
    const first = above.get(candidate.lead.buyable.entry.tool.id)
    const lead = first
      ? (candidate.others.find(
          (part) =>
            doesWork(part, leads) &&
            !first.has(part.buyable.entry.tool.id) &&
            !above.has(part.buyable.entry.tool.id)
        ) ?? candidate.lead)
      : candidate.lead
    const tools = partsOf(candidate).map(({ buyable }) => buyable.entry.tool.id)
    if (!above.has(lead.buyable.entry.tool.id))
      above.set(lead.buyable.entry.tool.id, new Set(tools))
    return lead === candidate.lead
      ? candidate
      : { ...candidate, lead, others: partsOf(candidate).filter((part) => part !== lead) }
  })
}

/** Sets with one leading tool that open and ease the same builds are one row with variants. */
const sameUse = ({ lead, effects }: Candidate): string =>
  [
    lead.buyable.entry.tool.id,
    ...effects.map(({ build, opens }) => `${build}${opens}`).sort()
  ].join()

const worthShowing = ({ effects }: Candidate): boolean =>
  effects.some(({ gain, minutesSaved }) => gain > 0 || minutesSaved > 0)

/** What is on the scale for one workspace; asked again with other weights it answers at once. */
export class Weighing {
  readonly fitter: Fitter
  readonly scale: Scale
  private readonly prepared: readonly Prepared[]
  private weights: Weights
  private readonly favours: Favours
  private readonly leads: ReadonlySet<string>
  private readonly insides: ReadonlyMap<string, readonly string[]>

  constructor(
    readonly world: World,
    fitter: Fitter = makeFitter(world),
    builds?: readonly Build[]
  ) {
    this.fitter = fitter
    this.scale = new Scale(world, fitter, builds)
    this.weights = weightsOf(world.workspace)
    this.favours = {
      sold: new Set(this.scale.builds.flatMap(({ id, sale }) => (sale ? [id] : []))),
      times: world.workspace.preferences.soldTimes ?? 1
    }
    const { bundles = [], deals = [], preferences } = world.workspace
    const priced = bundles.flatMap((bundle) => bundlePrice(world.pricing, bundle, world.asOf) ?? [])
    const standing = deals.filter(({ until }) => until === undefined || until >= world.asOf)
    const leanings = new Map((preferences.leanings ?? []).map(({ tool, times }) => [tool, times]))
    this.leads = leadingRoles(world, this.scale.builds)
    this.prepared = candidateSets(world, fitter, this.scale, priced).map((set) => {
      const parts = partsOfSet(set, this.leads)
      const price =
        priced.length + standing.length === 0
          ? { cost: costOf(set), separately: costOf(set), bundles: [], deals: [] }
          : priceSet(wantedOf(parts), priced, standing)
      return {
        id: setId(set),
        set,
        parts,
        price,
        floorM2: sumOf(
          parts,
          ({ buyable, count }) => buyable.entry.tool.storedM2 * buyable.entry.count * count
        ),
        typical: parts.some(({ buyable }) => buyable.typical),
        leaning: parts.reduce(
          (most, { buyable }) => strongest(most, leanings.get(buyable.entry.tool.id) ?? 1),
          1
        )
      }
    })
    this.insides = new Map(
      this.prepared.map((whole) => [
        whole.id,
        this.prepared
          .filter((part) => part.set.size < whole.set.size && holds(whole.set, part.set))
          .map(({ id }) => id)
      ])
    )
  }

  /** The sets on the scale. */
  get sets(): readonly NeedSet[] {
    return this.prepared.map(({ set }) => set)
  }

  /** Every set on the scale as a candidate, in order; before those that do the same are put together. */
  candidates(weights: Weights = this.weights): Candidate[] {
    this.use(weights)
    return this.prepared
      .map((one) => candidateOf(one, this.scale, weights.space, this.favours))
      .filter(worthShowing)
      .sort(better)
  }

  private use(weights: Weights): void {
    if (sameWeights(this.weights, weights)) return
    this.weights = weights
    this.scale.reweigh(scaleWeightsOf(weights))
  }

  /** The order for these weights; the workspace's own when left out. */
  rank(weights?: Weights): Ranking {
    const candidates = bestPerTool(
      withoutMereSums(this.candidates(weights), this.insides),
      this.leads
    )
    const { base, builds } = this.scale
    const hopeless = builds.flatMap((build, of) => {
      if (base[of]?.feasible || this.fitter.families(build) !== undefined) return []
      return [
        {
          build: build.id,
          steps: build.steps
            .filter((step) => this.fitter.families({ ...build, steps: [step] }) === undefined)
            .map(({ id }) => id)
        }
      ]
    })
    const { money, time, space, quiet, ease, finish } = this.weights
    return {
      candidates,
      feasible: builds.filter((_, of) => base[of]?.feasible).map(({ id }) => id),
      hopeless,
      weightless: [money, time, space, quiet, ease, finish].every((weight) => weight === 0)
    }
  }
}

const strongest = (a: number, b: number): number =>
  Math.abs(Math.log(b)) > Math.abs(Math.log(a)) ? b : a
const sameWeights = (a: Weights, b: Weights): boolean =>
  a.money === b.money &&
  a.time === b.time &&
  a.space === b.space &&
  a.quiet === b.quiet &&
  a.ease === b.ease &&
  a.finish === b.finish
const scaleWeightsOf = ({ money, time, quiet, ease, finish }: Weights): ScaleWeights => ({
  worth: money,
  hourValue: time,
  quietPerHour: quiet,
  easePerHour: ease,
  finishPerStep: finish
})

/**
 * Ranks purchases by what they bring back per unit of money. Candidates are ways in and improvements, each shown as the best set
 * that contains it, so that a beginner's list is not all zeros; what does nothing for any build is left out.
 */
export const rank = (world: World, fitter?: Fitter): Ranking => new Weighing(world, fitter).rank()

import type { Build } from '../builds'
import { must, sumOf } from '../kernel'
import { costOf, makeFitter, operationsUnder, type Fitter, type NeedSet } from '../fit'
import type { Minor } from '../money'
import { bundlePrice, priceSet, type SetPrice } from '../prices'
import { weightsOf, type Weights, type World } from '../workspace'
import { Scale } from './scale'
import type { PackageLine, Effect, Candidate, Ranking } from './candidate'
import { better, candidateSets, partsOfSet, wantedOf, setId } from './candidate-sets'
import { worthShowing, bestPerTool, withoutMereSums } from './showing'

/** Leading roles of all methods that could do a step of the builds. */
const leadingRoles = (world: World, builds: readonly Build[]): ReadonlySet<string> =>
  new Set(
    [
      ...operationsUnder(
        world.library,
        builds.flatMap(({ steps }) => steps.map(({ operation }) => operation))
      )
    ].flatMap((operation) =>
      (world.library.methodsFor.get(operation) ?? []).flatMap(({ roles }) => roles[0]?.role ?? [])
    )
  )

/** A set with what does not hang on the weights worked out once. */
interface Prepared {
  readonly id: string
  readonly set: NeedSet
  readonly parts: readonly PackageLine[]
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
  /** What a unit of money kept counts. */
  readonly kept: number
}

function candidateOf(
  { id, set, parts, price, floorM2, typical, leaning }: Prepared,
  scale: Scale,
  space: Minor,
  favours: Favours
): Candidate {
  const { kept } = favours
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
    netGain: gain - Math.round(kept * price.cost),
    backPerMoney: price.cost === 0 ? (gain > 0 ? Infinity : 0) : gain / price.cost,
    leaning: leaning * (1 + (favours.times - 1) * sold),
    minutesSaved: sumOf(effects, (effect) => effect.minutesSaved),
    feesSaved: sumOf(effects, (effect) => effect.feesSaved),
    timberSaved: sumOf(effects, (effect) => effect.timberSaved),
    typical,
    variants: []
  }
}
const holds = (whole: NeedSet, part: NeedSet): boolean => {
  for (const [id, { count }] of part) if ((whole.get(id)?.count ?? 0) < count) return false
  return true
}

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
      times: world.workspace.preferences.soldTimes ?? 1,
      kept: world.workspace.money.keptMoneyWorth
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
    this.scale.reweigh(weights)
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
/**
 * Ranks purchases by what they bring back per unit of money. Candidates are ways in and improvements, each shown as the best set
 * that contains it, so that a beginner's list is not all zeros; what does nothing for any build is left out.
 */
export const rank = (world: World, fitter?: Fitter): Ranking => new Weighing(world, fitter).rank()

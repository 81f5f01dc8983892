import type { Build } from '../builds'
import type { Step } from '../catalogue'
import { distinct, stableText } from '../kernel'
import type { World } from '../workspace'
import { fitContext, type FitContext } from './fit-context'
import { marketOf, type Buyable, type Market } from './buyables'
import { dominanceOf } from './dominance'
import { kitOf, type Kit } from './kit'
import type { NeedContext } from './acquire'
import { EMPTY_SET, type NeedSet } from './need-set'
import { improvementNeeds, stepNeeds } from './needs'
import {
  EXACT_SIZE,
  packNumbers,
  packOfSet,
  registerOf,
  setOf,
  thinPacks,
  type Pack,
  type Register
} from './packs'
import { cheapestUnions } from './unions'

/** Purchases that close all gaps of a build. */
export interface WayIn {
  readonly set: NeedSet
  /** What they cost all in, beyond what is planned already. */
  readonly cost: number
  /** The same with what bothers about them: what ways in are put in order by. */
  readonly reckoned: number
}

/** For each step of a build that cannot be done yet, the smallest sets that let it be done. */
export type Families = readonly (readonly Pack[])[]

/** A fitter remembers what it has worked out for one kit; make a new one when kit, prices or bans change. */
export interface Fitter {
  readonly context: FitContext
  readonly kit: Kit
  readonly market: Market
  readonly register: Register
  /** Undefined when a step cannot be done at all. */
  families(build: Build): Families | undefined
  /** For each tool that could take part in opening a build, the cheapest of the sets that does so for one of its steps. */
  setPerTool(build: Build): ReadonlyMap<string, NeedSet>
  /**
   * The `most` cheapest ways in, given purchases already planned; the first one costs least. Exact for ways of up to four purchases;
   * among larger ones the best found within a fixed number of trials. Empty when there is none.
   */
  waysIn(build: Build, planned?: NeedSet, most?: number): WayIn[]
  /** Sets that would do a step in another way than the kit can now. */
  improvements(build: Build): NeedSet[]
  /** The same with sets that hold another one of them: a machine, and the machine with the jig that lets it do one step more. */
  everyImprovement(build: Build): NeedSet[]
}

const stepKey = (step: Step): string =>
  stableText([
    step.operation,
    step.stock,
    step.accuracyMm ?? null,
    step.surface ?? null,
    step.way ?? null,
    step.byOneself ?? null
  ])

/** Ways to make a jig that are carried along: the cheapest ones, and small ones, which the rest of a build may need anyway. */
const JIG_WAYS = 8
const JIG_WAYS_OF_ANY_SIZE = 2
/** A jig may be made with jigs made with jigs, so many deep. This also keeps jigs from needing themselves. */
const JIG_DEPTH = 3

interface Needs {
  of(step: Step): readonly Pack[]
  families(build: Build): Families | undefined
  readonly context: NeedContext
}

/** What steps need where jigs may be made with jigs `depth` deep; everything is worked out once. */
function needsAt(depth: number, base: Omit<NeedContext, 'jigWays' | 'needsOf' | 'known'>): Needs {
  const below = depth > 0 ? needsAt(depth - 1, base) : undefined
  const jigs = new Map<string, readonly Pack[]>()
  const steps = new Map<string, readonly Pack[]>()
  const perBuild = new WeakMap<readonly Step[], { families: Families | undefined }>()
  const waysIn = below && rememberedWays(base.register, below.families)

  const jigWays = (buyable: Buyable): readonly Pack[] => {
    if (!waysIn || !buyable.jig) return []
    const known = jigs.get(buyable.id)
    if (known) return known
    const ways = waysIn(buyable.jig, EMPTY_SET, JIG_WAYS)
      .map(({ set }) => packOfSet(base.register, set))
      .filter(({ codes }, i) => i < JIG_WAYS_OF_ANY_SIZE || codes.length < EXACT_SIZE)
    jigs.set(buyable.id, ways)
    return ways
  }
  const of = (step: Step): readonly Pack[] => {
    const key = stepKey(step)
    const known = steps.get(key) ?? stepNeeds(context, step)
    steps.set(key, known)
    return known
  }
  const families = (build: Build): Families | undefined => {
    const known = perBuild.get(build.steps)
    if (known) return known.families
    const all: (readonly Pack[])[] = []
    for (const step of build.steps) {
      const needs = of(step)
      if (needs.length === 0) break
      all.push(needs)
    }
    // Families are shared between steps of the same kind; each needs closing once.
    const open =
      all.length < build.steps.length
        ? undefined
        : distinct(all.filter((family) => !family.some(({ codes }) => codes.length === 0)))
    perBuild.set(build.steps, { families: open })
    return open
  }
  const context: NeedContext = { ...base, jigWays, needsOf: of, known: new Map() }
  return { of, families, context }
}

export function makeFitter(
  world: World,
  kit: Kit = kitOf(world.library, world.workspace.items)
): Fitter {
  const context = fitContext(world)
  const market = marketOf(world)
  const register = registerOf(market)
  const needs = needsAt(JIG_DEPTH, {
    fit: context,
    kit,
    market,
    dominates: dominanceOf(context.library),
    register
  })
  const { families } = needs
  const waysIn = rememberedWays(register, families)
  const better = new Map<string, readonly Pack[]>()
  const betterFor = (step: Step): readonly Pack[] => {
    const key = stepKey(step)
    const known =
      better.get(key) ?? improvementNeeds(needs.context, step).filter(({ cost }) => cost > 0)
    better.set(key, known)
    return known
  }
  const perBuildBetter = new WeakMap<readonly Step[], NeedSet[]>()
  const improvements = (build: Build): NeedSet[] => {
    const known =
      perBuildBetter.get(build.steps) ??
      thinPacks(register, build.steps.flatMap(betterFor)).map((pack) => setOf(register, pack))
    perBuildBetter.set(build.steps, known)
    return known
  }
  const setPerTool: Fitter['setPerTool'] = (build) => {
    const cheapest = new Map<string, Pack>()
    for (const family of families(build) ?? [])
      for (const pack of family)
        for (const number of packNumbers(pack)) {
          const { tool } = register.buyables[number]?.entry ?? {}
          const known = tool && cheapest.get(tool.id)
          if (tool && (!known || pack.cost < known.cost)) cheapest.set(tool.id, pack)
        }
    return new Map([...cheapest].map(([tool, pack]) => [tool, setOf(register, pack)]))
  }
  const everyImprovement: Fitter['everyImprovement'] = (build) =>
    distinct(build.steps.flatMap(betterFor)).map((pack) => setOf(register, pack))
  return {
    context,
    kit,
    market,
    register,
    families,
    setPerTool,
    waysIn,
    improvements,
    everyImprovement
  }
}

/** Ways in depend on those planned purchases alone that occur in the build's families; each such case is worked out once. */
function rememberedWays(register: Register, families: Fitter['families']): Fitter['waysIn'] {
  const perFamilies = new WeakMap<
    object,
    { ids: ReadonlySet<string>; ways: Map<string, WayIn[]> }
  >()
  return (build, planned = EMPTY_SET, most = 4) => {
    const open = families(build)
    if (open === undefined) return []
    const known = perFamilies.get(open) ?? {
      ids: new Set(
        open.flatMap((family) =>
          family.flatMap((pack) =>
            packNumbers(pack).map((number) => register.buyables[number]?.id ?? '')
          )
        )
      ),
      ways: new Map<string, WayIn[]>()
    }
    perFamilies.set(open, known)
    const relevant = [...planned].filter(([id]) => known.ids.has(id))
    const key = `${most}|${relevant
      .map(([id, { count }]) => `${id}*${count}`)
      .sort()
      .join()}`
    const ways =
      known.ways.get(key) ??
      cheapestUnions(register, open, packOfSet(register, new Map(relevant)), most)
    known.ways.set(key, ways)
    return ways
  }
}

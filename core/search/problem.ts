import { isBegun, isDone, nightsOf, togetherOf, type Build, batchOf } from '../builds'
import { daysBetween } from '../calendar'
import type { Offer } from '../prices'
import { buildMaterial, buildWorth, type World } from '../workspace'
import { canonical } from './canon'
import { afterOf, comfortsOf, paidFromPurse, type Comfort } from '../worth'
import { eventTimesOf, type EventTimes } from './event-times'
import { leastOf, type Choice } from './choices'
import { pinsOf, resaleOfOwned } from './given'
import { sourcesOf, type Sources } from './sources'
import { mattering, paying } from './mattering'
import type { Mode } from './mode'
import { COARSE, FINE, HOPEFUL, PLAIN, type Grain } from './grain'
import { timberChoice, waysFor, type Compiling, type TimberChoice } from './compile-ways'
import { sellingOf, type Selling } from './selling'
import { emptyBook, require, type Requirement } from './requirements'

/** Modes of which one is taken, by their places in the list. */
export interface Slot {
  readonly first: number
  readonly last: number
}

/** One way to do a step: a method of its own in one of its modes, or a method made up of others, each in one of theirs. */
export interface Way {
  /** The method made up of others; left out where the mode's method is all there is. */
  readonly method: string | undefined
  readonly slots: readonly Slot[]
  /** Minutes of its own, besides those of its modes. */
  readonly minutes: number
  /** What it costs besides its modes: hours beyond the quickest way that lie in the choice of the way itself, less what a fine joint adds. */
  readonly extra: number
}

export interface ActivityStep {
  readonly id: string
  readonly ways: readonly Way[]
}

/** A build, a batch of one, or a jig, as the search sees it. */
export interface Activity {
  readonly build: Build
  /** Copies made in this batch; undefined for all of them at once. */
  readonly copies: number | undefined
  readonly steps: readonly ActivityStep[]
  /** Timber and finish, due when it begins. */
  readonly material: number
  /** Whether that, fees and what is used up are paid from the purse. */
  readonly fromPurse: boolean
  /** Worth to the user when done in time, at the weight of worth, or net sale price. */
  readonly worth: number
  readonly sold: Selling | undefined
  /** Day it is wished for, from today; Infinity without a wish. */
  readonly wished: number
  readonly spentMinutes: number
  /** Nights it waits for glue and coats. */
  readonly nights: number
  readonly begun: boolean
  /** The choice it brings about, −1 for none. */
  readonly yields: number
  /** Derived jigs are made when something needs them, never for themselves. */
  readonly derived: boolean
}

/** A workspace compiled for the search: numbers instead of names. */
export interface Problem {
  readonly world: World
  readonly events: EventTimes
  readonly sources: Sources
  readonly choices: readonly Choice[]
  readonly requirements: readonly Requirement[]
  readonly modes: readonly Mode[]
  readonly activities: readonly Activity[]
  /** Activities of the user's builds: what a plan may hold. */
  readonly wanted: readonly number[]
  /** The activity that makes a choice, by the choice's number. */
  readonly maker: Int32Array
  /** Builds no step of which is without any way at all are in `wanted`; the others stand here. */
  readonly hopeless: readonly string[]
  /** One more piece of each kind that goes on being made after the plan, as activities. */
  readonly after: readonly number[]
  /** What each of those counts. */
  readonly afterTimes: number
  /** What is owned brings this at the end, whatever the plan does. */
  readonly constant: number
  /** Choices worth having though no build asks for them. */
  readonly comforts: readonly (Comfort & { readonly choice: number })[]
  /** Protection each choice needs, as requirements; −1 where it cannot be had. */
  readonly guards: readonly (readonly number[])[]
  /** Operations with more combinations of tools than were looked at: for these a better way may have been missed. */
  readonly curtailed: readonly string[]
  /** What the user has pinned, in order of the days. */
  readonly pins: readonly {
    readonly choice: number
    readonly event: number
    readonly count: number
  }[]
}

/** The step that stands for what timber is bought; no step of a build has this id. */
const TIMBER = 'timber/'

/** A build in its batches; one begun, or made in one go, stays whole. */
function batchesFor(build: Build): (number | undefined)[] {
  const size = togetherOf(build)
  if (size >= build.copies || build.log !== undefined || build.yields !== undefined)
    return [undefined]
  const parts: number[] = []
  for (let left = build.copies; left > 0; left -= size) parts.push(Math.min(size, left))
  return parts
}

/** What a build's material comes to at least, and the ways to buy its timber where there is a choice; nothing where it is begun. */
const timberOf = (compiling: Compiling, build: Build): TimberChoice =>
  build.log
    ? { material: 0, ways: [] }
    : (timberChoice(compiling, build) ?? {
        material: buildMaterial(compiling.world, build),
        ways: []
      })

/** Adds a build, or a batch of it; undefined where a step has no mode at all. */
function addActivity(
  compiling: Compiling,
  whole: Build,
  copies: number | undefined,
  derived: boolean
): number | undefined {
  const { world, activities } = compiling
  const build = batchOf(whole, copies)
  const { sale, wished, log } = build
  const worth =
    buildWorth(world, build) * (sale ? 1 : (world.workspace.preferences.weighting?.worth ?? 1))
  const steps: ActivityStep[] = []
  for (const step of build.steps) {
    const ways = waysFor(compiling, step, build)
    if (ways.length === 0) return undefined
    steps.push({ id: step.id, ways })
  }
  const { material, ways } = timberOf(compiling, build)
  if (ways.length > 0) steps.push({ id: TIMBER, ways })
  activities.push({
    build,
    copies,
    steps,
    derived,
    material,
    fromPurse: paidFromPurse(world, build),
    worth: derived ? 0 : worth,
    sold: sellingOf(world, build, worth),
    wished: wished === undefined ? Infinity : daysBetween(world.asOf, wished),
    spentMinutes: log?.minutesSpent ?? 0,
    nights: nightsOf(world.library, build),
    begun: isBegun(build),
    yields: compiling.yielding.get(whole.id) ?? -1
  })
  return activities.length - 1
}

/** The user's builds as activities, and those that have no way at all. */
function addBuilds(
  compiling: Compiling,
  builds: readonly Build[]
): Pick<Problem, 'wanted' | 'hopeless'> {
  const wanted: number[] = []
  const hopeless: string[] = []
  for (const build of builds)
    for (const copies of batchesFor(build)) {
      const activity = addActivity(compiling, build, copies, false)
      if (activity !== undefined) wanted.push(activity)
      else if (!hopeless.includes(build.id)) hopeless.push(build.id)
    }
  return { wanted, hopeless }
}

/** Choices that some requirement from a place on could be met by. */
const askedFrom = ({ book }: Compiling, first: number): number[] => [
  ...new Set(book.list.slice(first).flatMap(({ from }) => [...from.keys()]))
]

/** The activity that makes each choice that can be made: one of the user's, or a derived one where something could ask for it. */
function makersOf(compiling: Compiling, wanted: readonly number[]): Int32Array {
  const { activities, sources, book } = compiling
  const maker = new Int32Array(sources.choices.length).fill(-1)
  sources.choices.forEach(({ makes }, choice) => {
    if (!makes) return
    const own = wanted.find((activity) => activities[activity]?.build.id === makes.id)
    if (own !== undefined) maker[choice] = own
  })
  if (compiling.grain === PLAIN) compiling.grain = COARSE
  else if (compiling.grain === FINE) compiling.grain = HOPEFUL
  // What a jig is made with may itself be made.
  for (let seen = 0; seen < book.list.length;) {
    const asked = askedFrom(compiling, seen)
    seen = book.list.length
    for (const choice of asked) {
      const { makes } = sources.choices[choice]!
      if (makes && maker[choice] === -1)
        maker[choice] = addActivity(compiling, makes, undefined, true) ?? -1
    }
  }
  return maker
}

/** Protection that each choice has to be bought with. */
function guardsOf({ sources, book }: Compiling): number[][] {
  const { kit, byProtection, choices } = sources
  return choices.map(({ entries }) =>
    [...new Set(entries.flatMap(({ tool }) => tool.needs))].flatMap((protection) => {
      if (kit.protects.has(protection)) return []
      const asked = require(book, byProtection.get(protection) ?? [], 1, true)
      return asked === 'never' ? [-1] : asked === 'met' ? [] : [asked]
    })
  )
}

/** Choices that are worth having by themselves: bought for good, one tool each. */
const comfortChoices = (world: World, choices: readonly Choice[]): Problem['comforts'] => {
  const comforts = comfortsOf(world)
  if (comforts.size === 0) return []
  return choices.flatMap(({ entries, until, makes }, choice) => {
    const comfort = entries.length === 1 ? comforts.get(entries[0]!.tool.id) : undefined
    return comfort && until === Infinity && makes === undefined ? [{ ...comfort, choice }] : []
  })
}

/** How a workspace is compiled. */
export interface ProblemOptions {
  /** Offers that are not to be had: for questions of the kind “what if not this one”. */
  readonly avoid?: ((offer: Offer) => boolean) | undefined
  /** Also what matters to no build but could pay by itself or through a deal: for an upper bound. */
  readonly wholeMarket?: boolean
  /** How closely the ways of the user's builds are told apart. */
  readonly grain?: Grain
}

const compiled = new WeakMap<World, Problem>()

/** Compiles a workspace; as it stands, once for each world. */
export function problemOf(world: World, options?: ProblemOptions): Problem {
  if (options) return compile(world, options)
  const present = compiled.get(world)
  if (present) return present
  const problem = compile(world, {})
  compiled.set(world, problem)
  return problem
}

function compile(world: World, options: ProblemOptions): Problem {
  const events = eventTimesOf(world)
  const open = canonical(world.workspace.builds.filter((build) => !isDone(build)))
  const matters = mattering(world, open)
  for (const tool of comfortsOf(world).keys()) matters.add(tool)
  if (options.wholeMarket) for (const tool of paying(world)) matters.add(tool)
  const sources = sourcesOf(world, events, matters, options.avoid)
  const { choices } = sources
  const compiling: Compiling = {
    world,
    sources,
    book: emptyBook(sources.choices.map(leastOf)),
    curtailed: new Set(),
    grain: options.grain ?? (options.wholeMarket ? FINE : PLAIN),
    modes: [],
    activities: [],
    known: new Map(),
    yielding: new Map(choices.flatMap(({ makes }, i) => (makes ? [[makes.id, i]] : [])))
  }
  const { wanted, hopeless } = addBuilds(compiling, open)
  const { kinds, times } = afterOf(world)
  const after =
    times === 0
      ? []
      : canonical(kinds).flatMap((kind) => addActivity(compiling, kind, undefined, false) ?? [])
  const guards = guardsOf(compiling)
  const maker = makersOf(compiling, wanted)
  return {
    world,
    events,
    sources,
    choices,
    requirements: compiling.book.list,
    modes: compiling.modes,
    activities: compiling.activities,
    wanted,
    maker,
    hopeless,
    constant: resaleOfOwned(world, sources),
    after,
    afterTimes: kinds.length === 0 ? 0 : times / kinds.length,
    comforts: comfortChoices(world, choices),
    guards,
    curtailed: [...compiling.curtailed],
    pins: pinsOf(world, choices, events)
  }
}

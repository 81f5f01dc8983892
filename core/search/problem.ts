import { isBegun, isDone, type Build, batchOf } from '../builds'
import { daysBetween } from '../calendar'
import type { Step } from '../catalogue'
import type { Offer } from '../prices'
import { buildMaterial, buildWorth, type World } from '../workspace'
import { resaleValue } from '../plan'
import { eventTimesOf, type EventTimes } from './event-times'
import type { Choice } from './choices'
import { sourcesOf, type Sources } from './sources'
import { mattering, paying } from './mattering'
import { modesFor, type Mode, type ModeContext } from './modes'
import { emptyBook, require, type Requirement } from './requirements'

/** A build, a batch of one, or a jig, as the search sees it. */
export interface Activity {
  readonly build: Build
  /** Copies made in this batch; undefined for all of them at once. */
  readonly copies: number | undefined
  readonly steps: readonly { readonly id: string; readonly first: number; readonly last: number }[]
  readonly material: number
  /** Worth to the user when done in time, or net sale price. */
  readonly worth: number
  readonly sold: { readonly afterDays: number; readonly flowsBack: number } | undefined
  /** Day it is wished for, from today; Infinity without a wish. */
  readonly wished: number
  readonly spentMinutes: number
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
  /** What is owned brings this at the end, whatever the plan does. */
  readonly constant: number
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

/** A build in its batches; one begun, or made in one go, stays whole. */
function batchesFor(build: Build): (number | undefined)[] {
  const size = Math.max(1, Math.min(build.batchSize ?? build.copies, build.copies))
  if (size >= build.copies || build.log !== undefined || build.yields !== undefined)
    return [undefined]
  const parts: number[] = []
  for (let left = build.copies; left > 0; left -= size) parts.push(Math.min(size, left))
  return parts.length > BATCHES ? [undefined] : parts
}
/** More batches than this are planned as one: nobody follows them singly. */
const BATCHES = 12

/** A problem while it is being compiled. */
interface Compiling extends ModeContext {
  readonly modes: Mode[]
  readonly activities: Activity[]
  /** Modes of kinds of steps met with so far. */
  readonly known: Map<string, { readonly first: number; readonly last: number }>
  /** The choice a build brings about, by the build's id. */
  readonly yielding: ReadonlyMap<string, number>
}

/** The modes of a step, by their place in the list; equal steps share them. */
function modeRange(
  compiling: Compiling,
  step: Step,
  build: Build
): { first: number; last: number } {
  const { modes, known } = compiling
  const { operation, quantity, stock, accuracyMm, surface } = step
  const { copies, batchSize, hourValue } = build
  const key = JSON.stringify([
    operation,
    quantity,
    stock,
    accuracyMm,
    surface,
    copies,
    batchSize,
    hourValue
  ])
  const present = known.get(key)
  if (present) return present
  const first = modes.length
  modes.push(...modesFor(compiling, step, build))
  const range = { first, last: modes.length }
  known.set(key, range)
  return range
}

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
  const steps: Activity['steps'][number][] = []
  for (const step of build.steps) {
    const range = modeRange(compiling, step, build)
    if (range.first === range.last) return undefined
    steps.push({ id: step.id, ...range })
  }
  activities.push({
    build,
    copies,
    steps,
    derived,
    material: log ? 0 : buildMaterial(world, build),
    worth: derived ? 0 : buildWorth(world, build),
    sold: sale && {
      afterDays: sale.daysToSell,
      flowsBack: world.workspace.money.reinvestShare
    },
    wished: wished === undefined ? Infinity : daysBetween(world.asOf, wished),
    spentMinutes: log?.minutesSpent ?? 0,
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

/** The activity that makes each choice that can be made: one of the user's, or a derived one. */
function makersOf(compiling: Compiling, wanted: readonly number[]): Int32Array {
  const { activities, sources } = compiling
  return Int32Array.from(sources.choices, ({ makes }) => {
    if (!makes) return -1
    const own = wanted.find((activity) => activities[activity]?.build.id === makes.id)
    return own ?? addActivity(compiling, makes, undefined, true) ?? -1
  })
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

/** What is owned brings when it is sold at the end, minor units at today's worth. */
function resaleOfOwned({ workspace, library }: World, { kit }: Sources, end: number): number {
  const costs = workspace.items.filter((one) => library.tools.has(one.tool)).map(({ cost }) => cost)
  return end * kit.tools.reduce((sum, entry, i) => sum + resaleValue(entry, costs[i] ?? 0), 0)
}

function pinsOf(
  { workspace }: World,
  choices: readonly Choice[],
  events: EventTimes
): Problem['pins'] {
  return workspace.pins
    .map(({ offer, date, count }) => ({
      choice: choices.findIndex(({ id }) => id === offer),
      event: events.dates.indexOf(date),
      count
    }))
    .filter(({ choice, event }) => choice >= 0 && event >= 0)
    .sort((a, b) => a.event - b.event)
}

/** How a workspace is compiled. */
export interface ProblemOptions {
  /** Offers that are not to be had: for questions of the kind “what if not this one”. */
  readonly avoid?: ((offer: Offer) => boolean) | undefined
  /** Also what matters to no build but could pay by itself or through a deal: for an upper bound. */
  readonly wholeMarket?: boolean
}

/** Compiles a workspace. */
export function problemOf(world: World, options: ProblemOptions = {}): Problem {
  const events = eventTimesOf(world)
  const open = world.workspace.builds.filter((build) => !isDone(build))
  const matters = mattering(world, open)
  if (options.wholeMarket) for (const tool of paying(world)) matters.add(tool)
  const sources = sourcesOf(world, events, matters, options.avoid)
  const { choices } = sources
  const compiling: Compiling = {
    world,
    sources,
    book: emptyBook(),
    curtailed: new Set(),
    modes: [],
    activities: [],
    known: new Map(),
    yielding: new Map(choices.flatMap(({ makes }, i) => (makes ? [[makes.id, i]] : [])))
  }
  const { wanted, hopeless } = addBuilds(compiling, open)
  const maker = makersOf(compiling, wanted)
  const guards = guardsOf(compiling)
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
    constant: resaleOfOwned(world, sources, events.discount[events.horizon - 1] ?? 1),
    guards,
    curtailed: [...compiling.curtailed],
    pins: pinsOf(world, choices, events)
  }
}

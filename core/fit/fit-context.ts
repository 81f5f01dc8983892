import type { Build } from '../builds'
import type { Library, Method } from '../catalogue'
import { timesRatio, type Minor } from '../money'
import {
  buildMaterial,
  saleHourTimes,
  weightsOf,
  type SaleMoney,
  type Weights,
  type World
} from '../workspace'
import type { Circumstances } from './kernel'
import { quickestFor, type Quickest } from './quickest'
import type { Task } from './task'

/** What fitting needs to know besides kit and build. */
export interface FitContext extends Circumstances {
  readonly library: Library
  readonly minorPer100Points: number
  readonly weights: Weights
  /** What money from sales counts, and so an hour of what is sold. */
  readonly money: SaleMoney
  readonly quickest: Quickest
  /** Timber and finish of all copies of a build, minor units. */
  readonly timberOf: (build: Build) => Minor
  /** How often what a fine joint adds to a piece counts where none is set. */
  readonly joints: number
}

function rememberedTimber(world: World): FitContext['timberOf'] {
  const known = new WeakMap<Build, Minor>()
  return (build) => {
    const present = known.get(build)
    if (present !== undefined) return present
    const cost = buildMaterial(world, build)
    known.set(build, cost)
    return cost
  }
}

const contexts = new WeakMap<World, FitContext>()

/** What fitting needs of a world; the same object each time it is asked for. */
export function fitContext(world: World): FitContext {
  const present = contexts.get(world)
  if (present) return present
  const circumstances: Circumstances = {
    workshop: world.workspace.workshop,
    bannedMethods: new Set(
      world.workspace.bans.flatMap((ban) => (ban.kind === 'method' ? [ban.id] : []))
    )
  }
  const context: FitContext = {
    ...circumstances,
    library: world.library,
    minorPer100Points: world.pricing.minorPer100Points,
    weights: weightsOf(world.workspace),
    money: world.workspace.money,
    quickest: quickestFor(world, circumstances),
    timberOf: rememberedTimber(world),
    joints: world.workspace.preferences.joints ?? 0
  }
  contexts.set(world, context)
  return context
}

/** How often an hour of a build counts: one of what is sold as often as the money it brings, so that like is held against like. */
export const hourTimesOf = (
  { money }: Pick<FitContext, 'money'>,
  { sale }: Pick<Build, 'sale'>
): number => (sale ? saleHourTimes(money, sale) : 1)

/** What a wasted hour of a build costs in the reckoning, and for what is sold any hour. Minor units, not rounded for what is sold. */
export const hourValueOf = (context: Pick<FitContext, 'weights' | 'money'>, build: Build): number =>
  (build.hourValue ?? context.weights.time) * hourTimesOf(context, build)

/** Of so many minutes for a task those that count: beyond the quickest way there is; all of them for what is sold. */
export const wastedOf = (context: FitContext, task: Task, minutes: number): number =>
  task.build.sale ? minutes : Math.max(0, minutes - context.quickest(task))

/** What a step done by a method spoils of a build's timber, minor units, rounded half up. */
export const spoiltBy = (context: FitContext, { spoilt }: Method, build: Build): Minor =>
  spoilt === undefined ? 0 : timesRatio(context.timberOf(build), spoilt)

/**
 * What a way to join adds to the worth of a piece, minor units: in full where it has been chosen for the step, else as much as somebody
 * cares for fine joints.
 */
export function charmOf(context: FitContext, { id, joins }: Method, { step, load }: Task): number {
  if (!joins || joins.addsPoints === 0) return 0
  const times = step.way === id ? Math.max(1, context.joints) : context.joints
  return (times * joins.addsPoints * load.units * context.minorPer100Points) / 100
}

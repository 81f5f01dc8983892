import { isDone, type Build, type SharedMinutes } from '../builds'
import type { Day } from '../calendar'
import { fingerprint, groupBy, sumOf } from '../kernel'
import type { Plan, World } from '../workspace'
import { plannedMethods, shareOf } from './share'

/** What a thing one owns has been used, by the log. */
export interface ItemHours {
  readonly minutes: number
  /** Builds it was used for. */
  readonly builds: readonly string[]
  /** How many pieces of work that was: logs, and pieces made for sale. */
  readonly times: number
  /** The day it was last used for anything logged. */
  readonly last: Day
}

const shares = new WeakMap<Build, Map<string, SharedMinutes>>()

/** So many minutes at a build, with what was there on a day. */
interface Working {
  readonly spent: number
  readonly on: Day
  readonly plan: Plan | undefined
  readonly done: boolean
}

/** Worked out once for the same build, minutes and things owned. */
function remembered(world: World, build: Build, { spent, on, plan, done }: Working): SharedMinutes {
  const known = shares.get(build) ?? new Map<string, SharedMinutes>()
  shares.set(build, known)
  const owned = world.workspace.items.filter(({ since }) => since <= on)
  const key = fingerprint([spent, done, owned, plannedMethods(world.workspace, build.id, plan)])
  const present = known.get(key)
  if (present) return present
  const share = shareOf(world, build, spent, on, { plan, isDone: done })
  known.set(key, share)
  return share
}

/** How the log of a build is shared: as it was kept when it was done, or worked out from what is there. Undefined where nothing is logged. */
export function sharedOf(world: World, build: Build, plan?: Plan): SharedMinutes | undefined {
  const { log } = build
  if (!log || log.minutesSpent <= 0) return undefined
  return (
    log.shared ??
    remembered(world, build, {
      spent: log.minutesSpent,
      on: log.done ?? world.asOf,
      plan,
      done: isDone(build)
    })
  )
}

/** A build with how a part of its minutes is shared, and on which day it was worked. */
interface Worked {
  readonly build: string
  readonly on: Day
  readonly items: Readonly<Record<string, number>>
  /** How many pieces of work it was. */
  readonly times: number
}

/** Logs of builds, and pieces made for sale: those of a build made with the same things owned in one. */
function worked(world: World, plan: Plan | undefined): Worked[] {
  const { builds, pieces = [], items } = world.workspace
  const logged = builds.flatMap((build): Worked[] => {
    const share = sharedOf(world, build, plan)
    return share
      ? [{ build: build.id, on: build.log?.done ?? world.asOf, items: share.items, times: 1 }]
      : []
  })
  const made = builds.flatMap((build): Worked[] => {
    const own = pieces.filter((piece) => piece.build === build.id && piece.minutes > 0)
    // What the log of the build tells of the same work is not counted twice.
    const all = sumOf(own, ({ minutes }) => minutes)
    const untold = Math.max(0, all - (build.log?.minutesSpent ?? 0)) / Math.max(1, all)
    const alike = groupBy(own, (piece) => items.filter(({ since }) => since <= piece.made).length)
    return [...alike.values()].map((some): Worked => {
      const on = some.reduce((last, piece) => (piece.made > last ? piece.made : last), '')
      const spent = Math.round(untold * sumOf(some, ({ minutes }) => minutes))
      return {
        build: build.id,
        on,
        times: some.length,
        items: remembered(world, build, { spent, on, plan, done: true }).items
      }
    })
  })
  return [...logged, ...made]
}

/** What each item has been used, from the logs of builds and from pieces made for sale. */
export function itemHours(world: World, plan?: Plan): ReadonlyMap<string, ItemHours> {
  const found = new Map<
    string,
    { minutes: number; builds: Set<string>; times: number; last: Day }
  >()
  for (const { build, on, items, times } of worked(world, plan))
    for (const [item, minutes] of Object.entries(items)) {
      const entry = found.get(item) ?? { minutes: 0, builds: new Set<string>(), times: 0, last: on }
      entry.minutes += minutes
      entry.builds.add(build)
      entry.times += times
      if (on > entry.last) entry.last = on
      found.set(item, entry)
    }
  return new Map([...found].map(([item, entry]) => [item, { ...entry, builds: [...entry.builds] }]))
}

/** Minutes one thing was in use by the end of a day, by what was finished by then. */
export const minutesUntil = (world: World, item: string, day: Day, plan?: Plan): number =>
  sumOf(worked(world, plan), ({ on, items }) => (on <= day ? (items[item] ?? 0) : 0))

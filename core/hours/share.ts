import type { Build, SharedMinutes } from '../builds'
import type { Day } from '../calendar'
import { fitBuild, fitContext, kitOf, plainWays, type PlainWay } from '../fit'
import { apportion, distinct, sumOf } from '../kernel'
import { OTHER_WORK, paceUsed, worldOf, type Item, type Plan, type World } from '../workspace'

/** A plain way of a build with what it is reckoned to take, in the order of the work. */
export type ReckonedWay = PlainWay

const books = new WeakMap<World, World>()

/** A world in which times stand as the book has them at the user's level: without the pace that the log has shown. The same one each time. */
function byTheBook(world: World): World {
  const { workspace, library, asOf } = world
  if (Object.keys(paceUsed(workspace)).length === 0) return world
  const present = books.get(world)
  if (present) return present
  const preferences = { ...workspace.preferences, byTheBook: true as const }
  const book = worldOf({ ...workspace, preferences }, library, asOf)
  books.set(world, book)
  return book
}

/** What was there on a day; all that is there now where that is nothing. */
const ownedOn = (items: readonly Item[], day: Day): readonly Item[] =>
  items.filter(({ since }) => since <= day)

/** The ways a plan or a kept one names for a build, by step. */
export const plannedMethods = (
  { adopted }: World['workspace'],
  build: string,
  plan?: Plan
): Readonly<Record<string, string>> =>
  [...adopted, ...(plan ? [plan] : [])]
    .flatMap(({ builds }) => builds)
    .findLast((one) => one.build === build && Object.keys(one.methods).length > 0)?.methods ?? {}

/**
 * The plain ways by which a build is done with what was owned on a day, each with its minutes by the book: by the ways that were planned, or
 * where these cannot be taken, by the best there are. Steps without a way are left out.
 */
export function reckonedWays(
  world: World,
  build: Build,
  day: Day,
  methods: Readonly<Record<string, string>> = {}
): ReckonedWay[] {
  const book = byTheBook(world)
  const kit = kitOf(book.library, ownedOn(book.workspace.items, day))
  return fitBuild(fitContext(book), kit, build).steps.flatMap(({ step, usable }) => {
    const use = usable.find(({ method }) => method.id === methods[step.id]) ?? usable[0]
    return use ? plainWays(use) : []
  })
}

/** Of what is reckoned for a build so many minutes, its first work first; all of it where it takes no longer than that. */
function begunWith(ways: readonly ReckonedWay[], minutes: number): ReckonedWay[] {
  let left = minutes
  return ways.flatMap((way) => {
    const spent = Math.min(left, way.minutes)
    left -= spent
    return spent > 0 ? [{ ...way, minutes: spent }] : []
  })
}

/** Whole minutes under each key, together as many as there are. */
function summed(keys: readonly string[], minutes: readonly number[]): Record<string, number> {
  const sums: Record<string, number> = {}
  keys.forEach((key, i) => {
    const more = minutes[i] ?? 0
    if (more > 0) sums[key] = (sums[key] ?? 0) + more
  })
  return sums
}

/** The item that a tool's minutes go to: of several alike the one that has been there longest. */
export function itemFor(items: readonly Item[], tool: string, day: Day): Item | undefined {
  return ownedOn(items, day)
    .filter((item) => item.tool === tool)
    .sort((a, b) => (a.since < b.since ? -1 : a.since > b.since ? 1 : 0))[0]
}

/**
 * The minutes of a build shared over its ways in proportion to what the fit reckons for each, and from there over the things they are done with:
 * whatever a way is done with is in use all through it. Whole minutes; those of the ways come to the minutes of the log exactly.
 * @param spent minutes that were worked  @param on the day that decides what was owned: when it was done, or today
 */
export function shareOf(
  world: World,
  build: Build,
  spent: number,
  on: Day,
  { plan, isDone = true }: { readonly plan?: Plan | undefined; readonly isDone?: boolean } = {}
): SharedMinutes {
  const all = reckonedWays(world, build, on, plannedMethods(world.workspace, build.id, plan))
  const ways = isDone ? all : begunWith(all, spent)
  const { library } = world
  const families = ways.map(({ method }) => library.methods.get(method)?.family ?? OTHER_WORK)
  const reckoned = ways.map(({ minutes }) => minutes)
  const real = apportion(spent, reckoned)
  const items: Record<string, number> = {}
  ways.forEach(({ tools }, i) => {
    const used = distinct(tools).flatMap(
      (tool) => itemFor(world.workspace.items, tool, on)?.id ?? []
    )
    for (const id of used) items[id] = Math.min(spent, (items[id] ?? 0) + (real[i] ?? 0))
  })
  return {
    book: summed(families, apportion(Math.round(sumOf(reckoned, (minutes) => minutes)), reckoned)),
    ways: summed(
      ways.map(({ method }) => method),
      real
    ),
    items: Object.fromEntries(Object.entries(items).filter(([, minutes]) => minutes > 0))
  }
}

import { isDone } from '../builds'
import type { Tool } from '../catalogue'
import type { World } from '../workspace'
import { sidesOf } from '../workshop'
import { leadsOn, withParts } from './kernel'
import { plainTool } from './kit'

/** The room a machine wants while it runs. */
export interface InUse {
  /** Floor it stands on, m². */
  readonly m2: number
  /** A line through the machine, mm: stock in front, the machine, stock behind. 0 for what is not fed. */
  readonly lineMm: number
  /** The longest piece the open builds feed it, mm; undefined where they say none. */
  readonly longestMm: number | undefined
  /** The longer side of the room, mm; undefined where the room is not said. */
  readonly roomMm: number | undefined
}

const MILLIMETRES = 1000

/** The longest stock that open builds give a tool to lead, mm. */
export function longestFed(world: World, tool: Tool): number | undefined {
  const entry = plainTool(tool)
  const lengths = world.workspace.builds
    .filter((build) => !isDone(build))
    .flatMap(({ steps }) => steps.flatMap((step) => withParts(world.library, step)))
    .flatMap(({ operation, stock }) =>
      stock.lengthMm !== undefined &&
      (world.library.methodsFor.get(operation) ?? []).some((method) =>
        leadsOn(entry, method, stock)
      )
        ? [stock.lengthMm]
        : []
    )
  return lengths.length > 0 ? Math.max(...lengths) : undefined
}

/**
 * What a machine takes of the room while it runs: all of a piece lies in front of the blade before the cut and behind it afterwards, so the
 * line is twice the piece and the machine between; no more than the machine's own feed asks for. It is told, not held against a plan: doors
 * stand open, and machines are rolled out of doors.
 * @returns undefined for what takes no more in use than put away
 */
export function roomInUse(world: World, tool: Tool): InUse | undefined {
  const { usedM2, feedMm, storedM2 } = tool
  if (usedM2 === undefined && feedMm === undefined) return undefined
  const m2 = usedM2 ?? storedM2
  const longestMm = longestFed(world, tool)
  const run = (feed: number): number => Math.min(feed, longestMm ?? feed)
  const room = sidesOf(world.workspace.workshop)
  return {
    m2,
    lineMm: feedMm ? run(feedMm.infeed) + Math.sqrt(m2) * MILLIMETRES + run(feedMm.outfeed) : 0,
    longestMm,
    roomMm: room && Math.max(room.lengthM, room.widthM) * MILLIMETRES
  }
}

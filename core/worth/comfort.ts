import type { Tool } from '../catalogue'
import { DAYS_PER_YEAR, daysBetween } from '../calendar'
import { sumOf } from '../kernel'
import type { World } from '../workspace'
import { afterOf, usualHours } from './after'

/** What it is worth to have something that no build asks for. */
export interface Comfort {
  /** Of one group only what is worth most counts: two lamps light no better than the better one. */
  readonly group: string
  /** Minor units, from the day on which it is there. */
  readonly worth: number
}

const MINUTES_PER_HOUR = 60

/** Hours of work there will be: the open builds', and those of the years after. */
function hoursToCome(world: World): number {
  const { kinds, perYear, years } = afterOf(world)
  if (kinds.length === 0) return 0
  const mean = sumOf(kinds, (kind) => usualHours(world, kind)) / kinds.length
  const listed = sumOf(world.workspace.builds, ({ copies, yields, log }) =>
    yields === undefined && log === undefined ? copies : 0
  )
  const can =
    (world.workspace.time.minutesPerWeek / MINUTES_PER_HOUR) *
    ((daysBetween(world.asOf, world.until) + years * DAYS_PER_YEAR) / 7)
  return Math.min(can, (listed + perYear * years) * mean)
}

/** What a tool the user wishes for costs as it usually is, minor units. */
const usualPrice = ({ pricing }: World, { forms }: Tool): number =>
  ((forms[0]?.points ?? 0) * pricing.minorPer100Points) / 100

const known = new WeakMap<World, ReadonlyMap<string, Comfort>>()

/**
 * **Worth of its own** (docs/model.md, 4), by tool: what is on the user's list of wishes counts its usual price times a wish; places to
 * keep tools and light to work by save so many minutes of each hour of work, once there are enough tools to look for. What is there
 * already, or made, counts nothing more.
 */
export function comfortsOf(world: World): ReadonlyMap<string, Comfort> {
  const present = known.get(world)
  if (present) return present
  const { workspace, library } = world
  const { comfort, wish, usualWish } = library.data.reckoning
  const owned = new Set(workspace.items.map(({ tool }) => tool))
  const found = new Map<string, Comfort>()
  const tools = [...owned].filter((id) => library.tools.get(id)?.kind === 'tool').length
  const inUse = tools >= comfort.fromTools
  const rate = (inUse ? workspace.money.hourValue * hoursToCome(world) : 0) / MINUTES_PER_HOUR
  const had = new Map<string, number>()
  for (const { tool, group, minutesPerHour } of comfort.saves)
    if (owned.has(tool)) had.set(group, Math.max(had.get(group) ?? 0, minutesPerHour))
  for (const { tool, group, minutesPerHour } of comfort.saves) {
    const worth = rate * (minutesPerHour - (had.get(group) ?? 0))
    if (worth > 0) found.set(tool, { group, worth })
  }
  for (const id of workspace.wishes) {
    const tool = library.tools.get(id)
    if (!tool || owned.has(id) || tool.madeBy !== undefined) continue
    const worth = wish[usualWish] * usualPrice(world, tool) + (found.get(id)?.worth ?? 0)
    found.set(id, { group: `wish/${id}`, worth })
  }
  known.set(world, found)
  return found
}

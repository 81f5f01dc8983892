import { endOfService, resaleValue } from '../plan'
import type { World } from '../workspace'
import type { Choice } from './choices'
import type { EventTimes } from './event-times'
import type { Problem } from './problem'
import type { Sources } from './sources'

/** What is owned counts when the years after are over, minor units. */
export function resaleOfOwned(world: World, { kit }: Sources): number {
  const { workspace, library } = world
  const end = workspace.money.keptMoneyWorth * endOfService(world)
  const costs = workspace.items.filter((one) => library.tools.has(one.tool)).map(({ cost }) => cost)
  return end * kit.tools.reduce((sum, entry, i) => sum + resaleValue(entry, costs[i] ?? 0), 0)
}

export function pinsOf(
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

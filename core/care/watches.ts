import { compareDays, daysBetween, type Day } from '../calendar'
import { findOffer, kindKey, type Quote } from '../prices'
import type { Watch, World } from '../workspace'

/** Prices move weekly; common practice. So long after a look one looks again, days. */
export const LOOK_AGAIN_DAYS = 7

/** How it stands with something that is watched. */
export interface Watched {
  readonly watch: Watch
  /** The newest price at or below what was said; undefined while there is none. */
  readonly met: Quote | undefined
  /** Days since prices were looked at for it: by a price that was put in, or by saying so. */
  readonly days: number
  /** `met`: a price is low enough. `look`: it is time to look again. `over`: its last day has gone by. */
  readonly state: 'met' | 'look' | 'waits' | 'over'
}

const newestOf = (quotes: readonly Quote[]): Quote | undefined =>
  [...quotes].sort((a, b) => compareDays(a.date, b.date)).at(-1)

function stands({ pricing, asOf }: World, watch: Watch): Watched {
  const mine = pricing.quotes.filter(({ offer: id, date }) => {
    const offer = findOffer(pricing, id)
    return offer !== undefined && kindKey(offer) === kindKey(watch) && date >= watch.from
  })
  const met = newestOf(
    mine.filter(({ price, until }) => price <= watch.upTo && (until === undefined || until >= asOf))
  )
  const looked = [watch.from, watch.looked, newestOf(mine)?.date]
    .filter((day): day is Day => day !== undefined)
    .sort(compareDays)
    .at(-1)
  const days = daysBetween(looked ?? watch.from, asOf)
  const over = watch.until !== undefined && watch.until < asOf
  return {
    watch,
    met,
    days,
    state: over ? 'over' : met ? 'met' : days >= LOOK_AGAIN_DAYS ? 'look' : 'waits'
  }
}

/** Everything watched with how it stands: prices that are low enough first, then what is to be looked at again. */
export function watchedIn(world: World): readonly Watched[] {
  const rank = { met: 0, look: 1, waits: 2, over: 3 } as const
  return (world.workspace.watches ?? [])
    .map((watch) => stands(world, watch))
    .sort((a, b) => rank[a.state] - rank[b.state] || b.days - a.days)
}

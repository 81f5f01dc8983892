import type { EventTimes } from '../search'

/** A stretch of time: days, and the event times whose prices hold on them. */
export interface Bucket {
  readonly firstEvent: number
  readonly lastEvent: number
  readonly firstDay: number
  readonly lastDay: number
}

/** The days from one event time to the next, in so many parts. */
function pieces(events: EventTimes, event: number, parts: number): Bucket[] {
  const first = events.days[event] ?? 0
  const end = events.days[event + 1] ?? events.horizon
  const size = Math.max(1, Math.ceil((end - first) / parts))
  const buckets: Bucket[] = []
  for (let day = first; day < end; day += size)
    buckets.push({
      firstEvent: event,
      lastEvent: event,
      firstDay: day,
      lastDay: Math.min(end, day + size) - 1
    })
  return buckets
}

/** The horizon in about so many stretches of time: several event times each where there are more of these, parts of one where there are fewer. */
export function bucketsOf(events: EventTimes, most: number): Bucket[] {
  if (most >= 2 * events.count)
    return Array.from({ length: events.count }, (_, event) =>
      pieces(events, event, Math.floor(most / events.count))
    ).flat()
  const size = Math.ceil(events.count / Math.max(1, Math.min(most, events.count)))
  const buckets: Bucket[] = []
  for (let first = 0; first < events.count; first += size) {
    const last = Math.min(events.count - 1, first + size - 1)
    buckets.push({
      firstEvent: first,
      lastEvent: last,
      firstDay: events.days[first] ?? 0,
      lastDay: (events.days[last + 1] ?? events.horizon) - 1
    })
  }
  return buckets
}

/** Days that count as one: what is done in them is done on the first, with the hours of all of them. */
export interface Span {
  readonly firstDay: number
  readonly lastDay: number
}

export function spansOf(horizon: number, size: number): Span[] {
  const spans: Span[] = []
  for (let day = 0; day < horizon; day += size)
    spans.push({ firstDay: day, lastDay: Math.min(horizon, day + size) - 1 })
  return spans
}

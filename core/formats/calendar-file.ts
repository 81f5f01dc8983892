import { createEvents, type EventAttributes } from 'ics'
import type { CareAhead } from '../care'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Plan, World } from '../workspace'

const parts = (day: string): [number, number, number] => [
  Number(day.slice(0, 4)),
  Number(day.slice(5, 7)),
  Number(day.slice(8, 10))
]
const dayAfter = (day: string): string =>
  new Date(Date.parse(day) + 86_400_000).toISOString().slice(0, 10)

/** The words of a calendar, in whatever language it is read. */
export interface CalendarWords {
  /** @param offer what is bought, by its id */
  readonly buy: (offer: string, count: number) => string
  /** @param price minor units @param build what it is bought for, by its id */
  readonly price: (price: Minor, build: string | undefined) => string
  /** @param build by its id @param copies of a batch */
  readonly build: (build: string, copies: number | undefined) => string
  readonly hours: (minutes: number) => string
  /** @param item a thing owned, by its id @param task what is done to it */
  readonly care: (item: string, task: string) => string
  readonly kinds: { readonly purchase: string; readonly build: string; readonly care: string }
}

/**
 * The plan as a calendar file (RFC 5545): an all-day event for each purchase, for each build from its begin to its last day, and for care of
 * what is owned.
 * Undefined where the calendar cannot be written.
 */
export function planCalendar(
  world: World,
  plan: Plan,
  words: CalendarWords,
  care: readonly CareAhead[] = []
): string | undefined {
  const shared = {
    timestamp: Date.parse(world.asOf),
    calName: world.workspace.name,
    productId: 'frugal-ledger'
  }
  const purchases = plan.purchases.map(
    ({ id, offer, count, date, price, forBuild }): EventAttributes => ({
      ...shared,
      uid: `${world.workspace.id}-buy-${id}`,
      start: parts(date),
      end: parts(dayAfter(date)),
      title: words.buy(offer, count),
      description: words.price(price, forBuild),
      categories: [words.kinds.purchase],
      transp: 'TRANSPARENT',
      busyStatus: 'FREE'
    })
  )
  const builds = plan.builds.map(({ build, begin, done, work, copies }, i): EventAttributes => ({
    ...shared,
    uid: `${world.workspace.id}-build-${build}-${i}`,
    start: parts(begin),
    end: parts(dayAfter(done)),
    title: words.build(build, copies),
    description: words.hours(sumOf(work, ({ minutes }) => minutes)),
    categories: [words.kinds.build],
    transp: 'TRANSPARENT',
    busyStatus: 'FREE'
  }))
  const kept = care.map(({ item, task, on, minutes }): EventAttributes => ({
    ...shared,
    uid: `${world.workspace.id}-care-${item}-${task}`,
    start: parts(on),
    end: parts(dayAfter(on)),
    title: words.care(item, task),
    description: words.hours(minutes),
    categories: [words.kinds.care],
    transp: 'TRANSPARENT',
    busyStatus: 'FREE'
  }))
  const { value } = createEvents([...purchases, ...builds, ...kept])
  return value === undefined || value === null ? undefined : foldedByOctets(value)
}

/** Octets of a line, at most, its break not counted (RFC 5545, 3.1). */
const LINE_OCTETS = 75
/** The lines of a calendar file, broken anew: the library counts letters, the standard octets, and no letter may be torn. */
export function foldedByOctets(text: string): string {
  const octets = new TextEncoder()
  const fold = (line: string): string => {
    let folded = ''
    let room = LINE_OCTETS
    for (const letter of line) {
      const size = octets.encode(letter).length
      if (size > room) {
        folded += '\r\n '
        room = LINE_OCTETS - 1
      }
      folded += letter
      room -= size
    }
    return folded
  }
  return text
    .replace(/\r\n[ \t]/g, '')
    .split('\r\n')
    .map(fold)
    .join('\r\n')
}

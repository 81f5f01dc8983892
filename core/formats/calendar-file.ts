import { createEvents, type EventAttributes } from 'ics'
import { findOffer } from '../prices'
import { findBuild, type Plan, type World } from '../workspace'
import { decimal } from './write'

const parts = (day: string): [number, number, number] => [
  Number(day.slice(0, 4)),
  Number(day.slice(5, 7)),
  Number(day.slice(8, 10))
]
const dayAfter = (day: string): string =>
  new Date(Date.parse(day) + 86_400_000).toISOString().slice(0, 10)

/**
 * The plan as a calendar file (RFC 5545): an all-day event for each purchase and for each build from its begin to its last day.
 * Undefined where the calendar cannot be written.
 */
export function planCalendar(world: World, plan: Plan): string | undefined {
  const { currency } = world.workspace.money
  const shared = {
    timestamp: Date.parse(world.asOf),
    calName: world.workspace.name,
    productId: 'frugal-ledger'
  }
  const buildName = (id: string): string => findBuild(world, id)?.name ?? id
  const bundleName = (id: string): string | undefined =>
    world.workspace.bundles?.find((bundle) => bundle.id === id)?.name
  const purchases = plan.purchases.map(
    ({ id, offer, count, date, price, forBuild }): EventAttributes => {
      const name =
        world.library.tools.get(findOffer(world.pricing, offer)?.tool ?? '')?.name ??
        bundleName(offer) ??
        offer
      return {
        ...shared,
        uid: `${world.workspace.id}-buy-${id}`,
        start: parts(date),
        end: parts(dayAfter(date)),
        title: `Buy ${name}${count > 1 ? ` × ${count}` : ''}`,
        description: `Planned at ${decimal(price, currency)} ${currency}${forBuild === undefined ? '' : `, for ${buildName(forBuild)}`}.`,
        categories: ['Purchase'],
        transp: 'TRANSPARENT',
        busyStatus: 'FREE'
      }
    }
  )
  const builds = plan.builds.map(({ build, begin, done, work, copies }, i): EventAttributes => ({
    ...shared,
    uid: `${world.workspace.id}-build-${build}-${i}`,
    start: parts(begin),
    end: parts(dayAfter(done)),
    title: `${build.startsWith('make/') ? 'Make' : 'Build'} ${buildName(build)}${copies === undefined ? '' : ` (${copies})`}`,
    description: `${Math.round(work.reduce((sum, { minutes }) => sum + minutes, 0) / 6) / 10} hours of work.`,
    categories: ['Build'],
    transp: 'TRANSPARENT',
    busyStatus: 'FREE'
  }))
  const { value } = createEvents([...purchases, ...builds])
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

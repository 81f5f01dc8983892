import { timesRatio, type Minor } from '../money'
import type { Library, Region } from '../catalogue'
import type { Day } from '../calendar'
import { NO_TRAIL } from './trail'
import type { Workspace } from './types'

/** Evening minutes a week a new workspace starts with: one free evening. */
const ONE_EVENING = 240

/** What 100 index points cost in a currency until prices of one's own say better, minor units. */
const FALLBACK_LEVEL = 12_000
export const usualLevel = (library: Library, currency: string): Minor =>
  library.data.regions.find((region) => region.currency === currency)?.minorPer100Points ??
  FALLBACK_LEVEL

/** The region of a country by its two letters; undefined where its money is not known. */
export const regionOf = (library: Library, country: string | undefined): Region | undefined =>
  library.data.regions.find(({ countries }) => country !== undefined && countries.includes(country))

/** What an hour beyond the quickest way costs unless somebody says otherwise, minor units. */
export const usualHourValue = (library: Library, currency: string): Minor =>
  timesRatio(
    usualLevel(library, currency),
    library.data.reckoning.hour[library.data.reckoning.usualHour] / 100
  )

/** An empty workspace with the usual settings of a currency. */
export function freshWorkspace(
  library: Library,
  id: string,
  name: string,
  currency: string,
  today: Day
): Workspace {
  const { regions, reckoning } = library.data
  const region = regions.find((candidate) => candidate.currency === currency)
  return {
    format: 'frugal-ledger/workspace',
    version: 3,
    id,
    name,
    libraryVersion: library.version,
    preferences: {
      units: region?.units ?? 'metric',
      tier: 'weekend',
      condition: 'new',
      power: 'cheapest',
      ...(region?.names === undefined ? {} : { names: region.names })
    },
    money: {
      currency,
      income: { kind: 'none' },
      oneOffs: [],
      reserve: 0,
      taxBasisPoints: 0,
      deliveryEach: 0,
      hourValue: usualHourValue(library, currency),
      impatience: 0.3,
      keptMoneyWorth: reckoning.kept[reckoning.usualAim],
      latenessPerDay: 0.002,
      reinvestShare: reckoning.reinvest,
      timber: reckoning.timber,
      after: { years: reckoning.yearsAfter }
    },
    horizon: { start: today, length: 'month', count: 12 },
    time: { minutesPerWeek: ONE_EVENING },
    workshop: { volts: region?.volts ?? 230, comfort: {} },
    builds: [],
    items: [],
    offers: [],
    quotes: [],
    materialPrices: [],
    own: { operations: [], methods: [], tools: [], materials: [] },
    pins: [],
    bans: [],
    wishes: [],
    ledger: [],
    adopted: [],
    trail: NO_TRAIL
  }
}

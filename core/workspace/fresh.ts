import type { Library } from '../catalogue'
import type { Day } from '../calendar'
import { NO_TRAIL } from './trail'
import type { Workspace } from './types'

/** Evening minutes a week a new workspace starts with: one free evening. */
const ONE_EVENING = 240

/** An empty workspace with the usual settings of a currency. */
export function freshWorkspace(
  library: Library,
  id: string,
  name: string,
  currency: string,
  today: Day
): Workspace {
  const region = library.data.regions.find((candidate) => candidate.currency === currency)
  return {
    format: 'frugal-ledger/workspace',
    version: 2,
    id,
    name,
    libraryVersion: library.version,
    preferences: {
      units: region?.units ?? 'metric',
      tier: 'weekend',
      condition: 'new',
      power: 'cheapest'
    },
    money: {
      currency,
      income: { kind: 'none' },
      oneOffs: [],
      reserve: 0,
      taxBasisPoints: 0,
      deliveryEach: 0,
      hourValue: 0,
      impatience: 0.3,
      keptMoneyWorth: 1,
      latenessPerDay: 0.002,
      reinvestShare: 0
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

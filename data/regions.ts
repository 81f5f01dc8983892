import type { Region } from '../core/catalogue'

/** What 100 price index points cost, in minor units, until the user's own prices say better. Rough levels, from memory. */
export const regions: readonly Region[] = [
  { currency: 'EUR', minorPer100Points: 12_000, units: 'metric', volts: 230 },
  { currency: 'GBP', minorPer100Points: 10_500, units: 'metric', volts: 230 },
  { currency: 'USD', minorPer100Points: 13_000, units: 'imperial', volts: 120 },
  { currency: 'CAD', minorPer100Points: 17_000, units: 'imperial', volts: 120 },
  { currency: 'AUD', minorPer100Points: 19_000, units: 'metric', volts: 230 },
  { currency: 'NZD', minorPer100Points: 21_000, units: 'metric', volts: 230 },
  { currency: 'CHF', minorPer100Points: 13_500, units: 'metric', volts: 230 },
  { currency: 'SEK', minorPer100Points: 135_000, units: 'metric', volts: 230 },
  { currency: 'NOK', minorPer100Points: 140_000, units: 'metric', volts: 230 },
  { currency: 'DKK', minorPer100Points: 90_000, units: 'metric', volts: 230 },
  { currency: 'PLN', minorPer100Points: 52_000, units: 'metric', volts: 230 },
  { currency: 'CZK', minorPer100Points: 300_000, units: 'metric', volts: 230 },
  { currency: 'JPY', minorPer100Points: 18_000, units: 'metric', volts: 120 }
]

import type { Region } from '../core/catalogue'

/** What 100 price index points cost, in minor units, until the user's own prices say better. Rough levels, from memory. */
export const regions: readonly Region[] = [
  {
    currency: 'EUR',
    countries: [
      'AT',
      'BE',
      'BG',
      'CY',
      'DE',
      'EE',
      'ES',
      'FI',
      'FR',
      'GR',
      'HR',
      'IE',
      'IT',
      'LT',
      'LU',
      'LV',
      'MT',
      'NL',
      'PT',
      'SI',
      'SK'
    ],
    minorPer100Points: 12_000,
    units: 'metric',
    volts: 230
  },
  { currency: 'GBP', countries: ['GB'], names: 'british', minorPer100Points: 10_500, units: 'metric', volts: 230 },
  { currency: 'USD', countries: ['US'], names: 'american', minorPer100Points: 13_000, units: 'imperial', volts: 120 },
  { currency: 'CAD', countries: ['CA'], names: 'american', minorPer100Points: 17_000, units: 'imperial', volts: 120 },
  { currency: 'AUD', countries: ['AU'], names: 'british', minorPer100Points: 19_000, units: 'metric', volts: 230 },
  { currency: 'NZD', countries: ['NZ'], names: 'british', minorPer100Points: 21_000, units: 'metric', volts: 230 },
  { currency: 'CHF', countries: ['CH', 'LI'], minorPer100Points: 13_500, units: 'metric', volts: 230 },
  { currency: 'SEK', countries: ['SE'], minorPer100Points: 135_000, units: 'metric', volts: 230 },
  { currency: 'NOK', countries: ['NO'], minorPer100Points: 140_000, units: 'metric', volts: 230 },
  { currency: 'DKK', countries: ['DK'], minorPer100Points: 90_000, units: 'metric', volts: 230 },
  { currency: 'PLN', countries: ['PL'], minorPer100Points: 52_000, units: 'metric', volts: 230 },
  { currency: 'CZK', countries: ['CZ'], minorPer100Points: 300_000, units: 'metric', volts: 230 },
  { currency: 'JPY', countries: ['JP'], minorPer100Points: 18_000, units: 'metric', volts: 120 }
]

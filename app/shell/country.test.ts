import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { freshWorkspace, regionOf } from '../../core/workspace'
import { countryOf } from './country'

describe('the country a browser is set to', () => {
  test.each<[string[], string | undefined]>([
    [['en-US', 'en'], 'US'],
    // The first that names one; likely countries by the Unicode CLDR, likely subtags.
    [['de', 'de-CH', 'en-US'], 'CH'],
    [['de'], 'DE'],
    [['en'], 'US'],
    [['sv'], 'SE'],
    [['zh-Hant-TW'], 'TW'],
    [['not a tag', 'fr-FR'], 'FR'],
    [[], undefined]
  ])('%j: %s', (languages, country) => expect(countryOf(languages)).toBe(country))
})

describe('what follows from a country', () => {
  // Currencies by ISO 4217, its list of countries; mains by IEC 60083; all from memory.
  test.each([
    ['US', 'USD', 'imperial', 120, 'american'],
    ['CA', 'CAD', 'imperial', 120, 'american'],
    ['GB', 'GBP', 'metric', 230, 'british'],
    ['DE', 'EUR', 'metric', 230, undefined],
    ['HR', 'EUR', 'metric', 230, undefined],
    ['CH', 'CHF', 'metric', 230, undefined],
    ['SE', 'SEK', 'metric', 230, undefined]
  ])('%s: %s, %s, %i V', (country, currency, units, volts, names) => {
    const region = regionOf(library, country)
    expect([region?.currency, region?.units, region?.volts, region?.names]).toEqual([
      currency,
      units,
      volts,
      names
    ])
    const fresh = freshWorkspace(library, 'w', 'W', currency, '2026-05-04')
    expect([fresh.preferences.units, fresh.workshop.volts, fresh.preferences.names]).toEqual([
      units,
      volts,
      names
    ])
  })
  test('each country pays in one currency; where none is known, none is said', () => {
    const all = library.data.regions.flatMap(({ countries }) => countries)
    expect(new Set(all).size).toBe(all.length)
    expect([regionOf(library, 'BR'), regionOf(library, undefined)]).toEqual([undefined, undefined])
  })
})

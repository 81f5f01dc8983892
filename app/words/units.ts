import type { UnitSystem } from '../../core/units'
import { said } from './language'

const WORDS: Readonly<Record<string, readonly [one: string, many: string]>> = said('unitWords', {
  piece: ['piece', 'pieces'],
  cut: ['cut', 'cuts'],
  metre: ['m', 'm'],
  m2: ['m²', 'm²'],
  m3: ['m³', 'm³'],
  hole: ['hole', 'holes'],
  screw: ['screw', 'screws'],
  joint: ['joint', 'joints'],
  panel: ['panel', 'panels'],
  case: ['case', 'cases'],
  edge: ['edge', 'edges'],
  batch: ['batch', 'batches'],
  hour: ['hour', 'hours'],
  sheet: ['sheet', 'sheets'],
  pack: ['pack', 'packs'],
  litre: ['l', 'l']
})
const each = said('unitEach', {
  one: (unit: string): string => `${/^[aeiou]/.test(unit) ? 'an' : 'a'} ${unit}`
})

export const operationUnits = (unit: string, quantity: number, system: UnitSystem): string => {
  if (system === 'imperial' && unit === 'metre') return 'ft'
  const [one, many] = WORDS[unit] ?? [unit, unit]
  return quantity === 1 ? one : many
}

/** "a cut", "an edge": the price of one unit. */
export const perUnit = (unit: string): string => each.one(WORDS[unit]?.[0] ?? unit)

/**
 * Dimensional change coefficients across the grain, per per cent of moisture: radial (quarter-sawn) and tangential (flat-sawn).
 * USDA Forest Products Laboratory, Wood Handbook, chapter 13 (values from memory); valid from 6 to 14 % moisture.
 */
export const SPECIES = {
  'white-fir': { radial: 0.00112, tangential: 0.00245 },
  'white-pine': { radial: 0.00071, tangential: 0.00212 },
  'douglas-fir': { radial: 0.00165, tangential: 0.00267 },
  'red-oak': { radial: 0.00158, tangential: 0.00369 },
  'hard-maple': { radial: 0.00165, tangential: 0.00353 },
  cherry: { radial: 0.00126, tangential: 0.00248 },
  walnut: { radial: 0.0019, tangential: 0.00274 },
  'yellow-poplar': { radial: 0.00158, tangential: 0.00289 },
  beech: { radial: 0.0019, tangential: 0.00431 }
} as const
export type Species = keyof typeof SPECIES

/** What a species that is not said moves like, by stock: white pine for softwood, red oak for hardwood. */
export const USUAL_SPECIES = {
  softwood: 'white-pine',
  'hardwood-surfaced': 'red-oak',
  'hardwood-rough': 'red-oak'
} as const

export const isSpecies = (text: string | undefined): text is Species =>
  text !== undefined && text in SPECIES

/** Moisture content, per cent, between which the coefficients hold. */
export const VALID_MOISTURE = { least: 6, most: 14 } as const

/**
 * Change of a width across the grain, mm: ΔD = D · C · (M2 − M1). Wood Handbook, chapter 13.
 * @param widthMm width at the moisture `from`
 * @param coefficient per per cent of moisture
 * @param from moisture content before, per cent
 * @param to moisture content after, per cent
 */
export const movementMm = (
  widthMm: number,
  coefficient: number,
  from: number,
  to: number
): number => widthMm * coefficient * (to - from)

/**
 * Equilibrium moisture content of wood, per cent, by relative humidity and temperature: the Hailwood-Horrobin equation with the
 * constants of the Wood Handbook, equation 4-5 (from memory).
 * @param humidity relative humidity, per cent, from 0 to below 100
 * @param celsius temperature, 21 by default
 */
export function equilibriumMoisture(humidity: number, celsius = 21): number {
  const h = Math.min(99.9, Math.max(0, humidity)) / 100
  const t = celsius
  const w = 349 + 1.29 * t + 0.0135 * t * t
  const k = 0.805 + 0.000736 * t - 0.00000273 * t * t
  const k1 = 6.27 - 0.00938 * t - 0.000303 * t * t
  const k2 = 1.91 + 0.0407 * t - 0.000293 * t * t
  const kh = k * h
  const top = k1 * kh + 2 * k1 * k2 * kh * kh
  const bottom = 1 + k1 * kh + k1 * k2 * kh * kh
  return (1800 / w) * (kh / (1 - kh) + top / bottom)
}

/** A room's humidity over the year, per cent. */
export interface Humidity {
  readonly low: number
  readonly high: number
}
/** A heated home over the year; common practice. */
export const USUAL_HUMIDITY: Humidity = { low: 35, high: 65 }

export interface PanelMovement {
  /** Between the driest and the dampest of the year, mm. */
  readonly mm: number
  readonly fromMoisture: number
  readonly toMoisture: number
  /** The range leaves what the coefficients hold for, so the figure is rough. */
  readonly rough: boolean
}

/** How much a flat-sawn panel moves across its grain over the year. */
export function panelMovement(
  widthMm: number,
  species: Species,
  humidity: Humidity = USUAL_HUMIDITY
): PanelMovement {
  const fromMoisture = equilibriumMoisture(humidity.low)
  const toMoisture = equilibriumMoisture(humidity.high)
  return {
    mm: movementMm(widthMm, SPECIES[species].tangential, fromMoisture, toMoisture),
    fromMoisture,
    toMoisture,
    rough: fromMoisture < VALID_MOISTURE.least || toMoisture > VALID_MOISTURE.most
  }
}

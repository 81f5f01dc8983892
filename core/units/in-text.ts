import { MM_PER_FOOT, MM_PER_INCH, inchText, type UnitSystem } from './length'

/**
 * What the trade calls a size where inches are used, which is not always the nearest fraction: millimetres to inches. Blades, shanks,
 * sheets, screws and clamps; common practice, from memory.
 */
const CALLED: ReadonlyMap<number, number> = new Map([
  [6, 1 / 4],
  [6.35, 1 / 4],
  [8, 5 / 16],
  [9, 3 / 8],
  [10, 3 / 8],
  [12, 1 / 2],
  [12.7, 1 / 2],
  [15, 5 / 8],
  [16, 5 / 8],
  [18, 3 / 4],
  [19, 3 / 4],
  [20, 3 / 4],
  [25, 1],
  [32, 1.25],
  [35, 1.375],
  [38, 1.5],
  [50, 2],
  [64, 2.5],
  [65, 2.5],
  [75, 3],
  [82, 3.25],
  [100, 4],
  [125, 5],
  [136, 5.375],
  [150, 6],
  [180, 7],
  [185, 7.25],
  [200, 8],
  [210, 8.25],
  [216, 8.5],
  [230, 9],
  [250, 10],
  [254, 10],
  [300, 12],
  [305, 12],
  [310, 12.5],
  [533, 21],
  [600, 24],
  [900, 36],
  [1000, 40],
  [1200, 48],
  [1400, 55],
  [1500, 60],
  [2440, 96]
])
/** Up to a length, sizes are told to this part of an inch. */
const TOLD: readonly (readonly [toMm: number, part: number])[] = [
  [5, 1 / 32],
  [40, 1 / 16],
  [150, 1 / 8],
  [350, 1 / 4],
  [Infinity, 1]
]
/** From here on, lengths are told in feet, mm. */
const FEET_FROM = 2500
/** Below this, a size is told in thousandths: 0.1 mm is 0.004 in. */
const THOUSANDTHS_BELOW = 0.75

/** A size as a woodworker who uses inches calls it, without its unit. */
function called(mm: number): string {
  const known = CALLED.get(mm)
  if (known !== undefined) return inchText(known * MM_PER_INCH)
  if (mm < THOUSANDTHS_BELOW) return (mm / MM_PER_INCH).toFixed(3)
  const part = TOLD.find(([to]) => mm <= to)?.[1] ?? 1
  return inchText(Math.max(part, Math.round(mm / MM_PER_INCH / part) * part) * MM_PER_INCH)
}

const FIGURE = String.raw`\d+(?:[.,]\d+)?`
const BETWEEN = String.raw`\s*(?:×|–|-|,\s|to|and|or|bis|und|oder)\s*`
/** A figure as it stands in a text: “12.7”, or “12,7” in other languages. */
const numberOf = (text: string): number => Number(text.replace(',', '.'))
/** Sizes before one unit: "3, 24 and 36 mm", "75 × 533 mm", "1.5 m"; not areas, volumes or speeds. */
const SIZES = new RegExp(
  String.raw`(?<![\d.,])(${FIGURE}(?:${BETWEEN}${FIGURE})*)\s?(mm|m)(?![\p{L}\d²³/])`,
  'gu'
)

/**
 * Text with its metric sizes as they are called in the other system: "Circular saw, 185 mm" → "Circular saw, 7 1/4 in", "5 m" → "16 ft".
 * Sizes that are told together keep what stands between them.
 */
export function sizesIn(text: string, units: UnitSystem): string {
  if (units === 'metric') return text
  return text.replace(SIZES, (_, figures: string, unit: string) => {
    const scale = unit === 'm' ? 1000 : 1
    const all = [...figures.matchAll(new RegExp(FIGURE, 'g'))].map(([one]) => numberOf(one) * scale)
    const feet = all.every((mm) => mm >= FEET_FROM)
    const told = figures.replace(new RegExp(FIGURE, 'g'), (one) =>
      feet
        ? String(Math.round((numberOf(one) * scale) / MM_PER_FOOT))
        : called(numberOf(one) * scale)
    )
    return `${told} ${feet ? 'ft' : 'in'}`
  })
}

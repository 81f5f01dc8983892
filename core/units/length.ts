import { issue, ok, refused, type Issue, type Result } from '../kernel'
import { readFigure, valueOf } from './figure'

export type UnitSystem = 'metric' | 'imperial'

export const MM_PER_INCH = 25.4
export const MM_PER_FOOT = 304.8
const FINEST = 32

/** Inches as people say them, to the nearest 1/32: 38.1 → "1 1/2", 76.2 → "3", 0.79 → "1/32". */
export function inchText(mm: number): string {
  const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * FINEST)
  const sign = mm < 0 && parts > 0 ? '-' : ''
  const whole = Math.floor(parts / FINEST)
  let over = parts % FINEST
  let under = FINEST
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2]
  if (over === 0) return `${sign}${whole}`
  return whole === 0 ? `${sign}${over}/${under}` : `${sign}${whole} ${over}/${under}`
}

const UNIT_MM: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  '"': MM_PER_INCH,
  ft: MM_PER_FOOT,
  "'": MM_PER_FOOT
}

/** No board or sheet is longer, mm: a reading beyond is none. */
const LONGEST_MM = 20_000

/** A decimal figure of a unit in millimetres. Code `length.ambiguous` where thousands are as likely as thousandths: "1,200 mm". */
function decimalLength(text: string, unitMm: number, whole: string): Result<number> {
  const figure = readFigure(text)
  if (!figure || figure.negative) return refused(issue('length.not-a-length', [], { text: whole }))
  const thousands = Number(figure.whole + figure.fraction)
  if (figure.orThousands && thousands * unitMm <= LONGEST_MM)
    return refused(issue('length.ambiguous', [], { text: whole, thousands }))
  return ok(valueOf(figure) * unitMm)
}

/** A figure with a fraction: "23 1/2", "1-1/2", "3/4"; undefined where it is none. */
function fractionOf(text: string): number | undefined {
  const match = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(text)
  if (!match || Number(match[3]) === 0) return undefined
  return Number(match[1] ?? 0) + Number(match[2]) / Number(match[3])
}

/** Feet and what stands behind them: `2' 6 1/2"`; undefined where there are none. */
function feetAndInches(clean: string, system: UnitSystem): Result<number> | undefined {
  const feet = /^(\d+(?:[.,]\d+)?)\s*(?:'|ft)\s*(.+)$/.exec(clean)
  const behind = feet?.[2]
  if (!feet || behind === undefined) return undefined
  const rest = parseLength(/("|in)$/.test(behind) ? behind : `${behind} in`, system)
  const whole = readFigure(feet[1] ?? '')
  return rest.ok && whole
    ? ok(valueOf(whole) * MM_PER_FOOT + rest.value)
    : refused(issue('length.not-a-length', [], { text: clean }))
}

/**
 * Reads a length in millimetres: "450", "45 cm", "1,2 m", "23 1/2", "1-1/2 in", "6 ft", `2' 6 1/2"`. A bare number is
 * millimetres in the metric system and inches in the imperial one. Zero and negative lengths are refused; so is what can be read in two ways.
 */
export function parseLength(text: string, system: UnitSystem): Result<number> {
  const clean = text.trim().toLowerCase().replace(/[″”]/g, '"').replace(/[′’]/g, "'")
  const feet = feetAndInches(clean, system)
  if (feet) return feet
  const match = /^(.*?)\s*(mm|cm|m|in|ft|"|')?$/.exec(clean)
  const unitMm = UNIT_MM[match?.[2] ?? (system === 'metric' ? 'mm' : 'in')] ?? 1
  const figure = match?.[1] ?? ''
  const fraction = fractionOf(figure)
  const read =
    fraction === undefined ? decimalLength(figure, unitMm, text.trim()) : ok(fraction * unitMm)
  if (!read.ok) return read
  return read.value > 0 ? read : refused(issue('length.not-positive', [], { text }))
}

/** Lengths of several fields, mm; empty fields are left out. What is no length is refused with the name of its field as the path. */
export function parseLengths<K extends string>(
  texts: Readonly<Partial<Record<K, string>>>,
  names: readonly K[],
  system: UnitSystem
): Result<Partial<Record<K, number>>> {
  const read = names.flatMap((name) =>
    (texts[name] ?? '').trim() === ''
      ? []
      : [{ name, length: parseLength(texts[name] ?? '', system) }]
  )
  const issues = read.flatMap(({ name, length }) =>
    length.ok ? [] : length.issues.map((one): Issue => ({ ...one, path: [name, ...one.path] }))
  )
  return issues.length > 0
    ? refused(...issues)
    : ok(
        Object.fromEntries(
          read.flatMap(({ name, length }) => (length.ok ? [[name, length.value]] : []))
        ) as Partial<Record<K, number>>
      )
}

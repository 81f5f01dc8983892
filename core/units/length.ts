import { issue, ok, refused, type Result, type Issue } from '../kernel'

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

/**
 * Reads a length in millimetres: "450", "45 cm", "1,2 m", "23 1/2", "1-1/2 in", "6 ft", `2' 6 1/2"`. A bare number is
 * millimetres in the metric system and inches in the imperial one. Zero and negative lengths are refused.
 */
export function parseLength(text: string, system: UnitSystem): Result<number> {
  const clean = text
    .trim()
    .toLowerCase()
    .replace(/[″”]/g, '"')
    .replace(/[′’]/g, "'")
    .replace(/,/g, '.')
  const feet = /^(\d+(?:\.\d+)?)\s*(?:'|ft)\s*(.*)$/.exec(clean)
  if (feet && (feet[2] ?? '') !== '') {
    const rest = parseLength(
      /("|in)$/.test(feet[2] ?? '') ? (feet[2] ?? '') : `${feet[2]} in`,
      system
    )
    return rest.ok
      ? ok(Number(feet[1]) * MM_PER_FOOT + rest.value)
      : refused(issue('length.not-a-length', [], { text }))
  }
  const match =
    /^(?:(\d+(?:\.\d+)?)(?:[\s-]+(\d+)\/(\d+))?|(\d+)\/(\d+))\s*(mm|cm|m|in|ft|"|')?$/.exec(clean)
  const [, whole, over = match?.[4], under = match?.[5]] = match ?? []
  if (!match || Number(under ?? 1) === 0) return refused(issue('length.not-a-length', [], { text }))
  const number = Number(whole ?? 0) + (over === undefined ? 0 : Number(over) / Number(under))
  const mm = number * (UNIT_MM[match[6] ?? (system === 'metric' ? 'mm' : 'in')] ?? 1)
  return mm > 0 ? ok(mm) : refused(issue('length.not-positive', [], { text }))
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

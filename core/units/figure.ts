import { issue, ok, refused, type Result } from '../kernel'

/** A figure as it is written: its sign, the digits before and after the decimal mark. */
export interface Figure {
  readonly negative: boolean
  readonly whole: string
  /** Digits after the decimal mark; empty without one. */
  readonly fraction: string
  /** The text can also be read as a whole number, its mark parting thousands: "1,234". */
  readonly orThousands: boolean
}

/** Minus signs people type or paste: hyphen, the typographic minus, dashes. */
const MINUS = /[-\u2010-\u2015\u2212]/g
/** What parts groups of digits besides a mark: spaces, also narrow and protected ones, and apostrophes. */
const GAPS = /(?<=\d)[\s\u00a0\u202f'’](?=\d{3}(?!\d))/g

/** Digits before the decimal mark without what parts their groups; undefined where the groups are none: thousands, or lakhs. */
function ungrouped(text: string): string | undefined {
  if (/^\d*$/.test(text)) return text
  const mark = /[.,]/.exec(text)?.[0] ?? ','
  const groups = text.split(mark)
  const first = groups[0] ?? ''
  const whole = /^\d{1,3}$/.test(first) && groups.slice(1).every((one) => /^\d{2,3}$/.test(one))
  return whole && groups.at(-1)?.length === 3 ? groups.join('') : undefined
}

/**
 * Reads a plain decimal figure as people of any country write it: "12", "12.5", "12,5", "1 234,5", "1.234,50", "1'234.50", "−3", "(3)",
 * "3-". Where one mark stands before just three digits ("1,234") both readings are possible, which is said with it. Undefined where it
 * is no figure.
 */
export function readFigure(text: string): Figure | undefined {
  const signed = signedDigits(text.trim().replace(MINUS, '-').replace(GAPS, ''))
  if (!signed) return undefined
  const { negative, digits } = signed
  const marks = [...digits].filter((one) => one === '.' || one === ',')
  const isGroup = marks.length > 1 && new Set(marks).size === 1
  const mark = isGroup ? -1 : Math.max(digits.lastIndexOf('.'), digits.lastIndexOf(','))
  const whole = ungrouped(mark < 0 ? digits : digits.slice(0, mark))
  const fraction = mark < 0 ? '' : digits.slice(mark + 1)
  if (whole === undefined || (mark >= 0 && fraction === '')) return undefined
  const orThousands = marks.length === 1 && fraction.length === 3 && /^[1-9]\d{0,2}$/.test(whole)
  return { negative, whole: whole === '' ? '0' : whole, fraction, orThousands }
}

/** Sign and digits of a figure: one sign, before or behind, or brackets. */
function signedDigits(
  bare: string
): { readonly negative: boolean; readonly digits: string } | undefined {
  const inside = /^\((.+)\)$/.exec(bare)?.[1]
  const match = /^([+-]?)\s*(\d[\d.,]*|[.,]\d+)\s*(-?)$/.exec(inside ?? bare)
  if (!match) return undefined
  const [, before = '', digits = '', behind = ''] = match
  const signs = [inside === undefined ? '' : '(', before, behind].filter((one) => one !== '')
  // "(3)" and "(3-)" mean the same to some people; "(-3)" and "-3-" to nobody.
  const twice = before !== '' && signs.length > 1
  return twice ? undefined : { negative: signs.some((one) => one !== '+'), digits }
}

/** The value of a figure, its mark taken for a decimal one. */
export const valueOf = ({ negative, whole, fraction }: Figure): number =>
  (negative ? -1 : 1) * Number(`${whole}.${fraction === '' ? '0' : fraction}`)

/** Reads a number; codes `number.not-a-number` and, where it can be read in two ways, `number.ambiguous`. */
export function parseNumber(text: string): Result<number> {
  const figure = readFigure(text)
  if (!figure) return refused(issue('number.not-a-number', [], { text: text.trim() }))
  if (figure.orThousands) {
    const { whole, fraction } = figure
    const thousands = `${whole}${fraction}`
    return refused(issue('number.ambiguous', [], { text: text.trim(), thousands }))
  }
  return ok(valueOf(figure))
}

/** Reads a whole number of something, at least `least`; code `number.not-a-count`. "1,200" of anything is twelve hundred. */
export function parseCount(text: string, least = 1): Result<number> {
  const figure = readFigure(text)
  const count =
    figure && (figure.orThousands ? Number(figure.whole + figure.fraction) : valueOf(figure))
  return count !== undefined && Number.isInteger(count) && count >= least
    ? ok(count)
    : refused(issue('number.not-a-count', [], { text: text.trim(), least }))
}

import { readFigure } from '../units'
import { bug, issue, ok, refused, type Path, type Result } from '../kernel'

/** An amount in integer minor units (cents, pence …) of the workspace's one currency. */
export type Minor = number

/** The largest amount accepted anywhere: one thousand million major units at two decimals. */
export const LARGEST_AMOUNT: Minor = 100_000_000_000

/** The largest sum of amounts that is kept: what whole numbers are exact to. */
export const LARGEST_TOTAL: Minor = Number.MAX_SAFE_INTEGER

/** Digits after the decimal mark for currencies that do not have two. Source: ISO 4217 (from memory). */
const EXPONENTS: Readonly<Record<string, number>> = {
  BIF: 0,
  CLP: 0,
  DJF: 0,
  GNF: 0,
  ISK: 0,
  JPY: 0,
  KMF: 0,
  KRW: 0,
  PYG: 0,
  RWF: 0,
  UGX: 0,
  VND: 0,
  VUV: 0,
  XAF: 0,
  XOF: 0,
  XPF: 0,
  BHD: 3,
  IQD: 3,
  JOD: 3,
  KWD: 3,
  LYD: 3,
  OMR: 3,
  TND: 3
}

/** Minor units per major unit as a power of ten, by ISO 4217 code; 2 for a code not listed. */
export const exponentOf = (currency: string): number => EXPONENTS[currency] ?? 2

/** Rounds half up (towards plus infinity), the rule for every line of money. */
export const roundHalfUp = (value: number): number => Math.floor(value + 0.5)

/**
 * An amount times a ratio, rounded half up to whole minor units. The tiny addition undoes the binary error of ratios such as
 * 1.005, which would otherwise fall just under the half.
 */
export function timesRatio(amount: Minor, ratio: number): Minor {
  const product = amount * ratio
  if (!Number.isFinite(product)) bug(`an amount of ${product}`)
  return roundHalfUp(product + Math.abs(product) * 1e-12)
}

/** Checks that a number may stand as money: a whole number of minor units within range. */
export function checkAmount(value: number, path: Path = []): Result<Minor> {
  if (!Number.isInteger(value)) return refused(issue('money.fraction', path, { value }))
  if (Math.abs(value) > LARGEST_AMOUNT) return refused(issue('money.too-large', path, { value }))
  return ok(value)
}

/** Signs people write for a currency, where only these are usually meant by them. */
const SIGNS: Readonly<Record<string, readonly string[]>> = {
  '€': ['EUR'],
  '£': ['GBP'],
  $: ['USD', 'CAD', 'AUD', 'NZD'],
  '¥': ['JPY', 'CNY']
}

/** The currency an amount is written in, where that is another one than `own`: its letters or its sign. Undefined where it is the own one, or not said. */
export function foreignCurrency(text: string, own: string): string | undefined {
  const word = /(?<![A-Z])[A-Z]{3}(?![A-Z])/.exec(text.toUpperCase())?.[0]
  if (word !== undefined) return word === own ? undefined : word
  const sign = [...text].find((character) => SIGNS[character] !== undefined)
  return sign === undefined || SIGNS[sign]?.includes(own) ? undefined : sign
}

/** A currency's sign or a short word for it: €, EUR, kr, zł, Fr. */
const CURRENCY_WORD = /\p{Sc}|\p{L}{1,4}\.?(?!\p{L})/gu
/** Letters that stand for thousands or millions: such an amount is asked for in figures. */
const SHORT_FOR_MORE = /\d\s*(?:k|m|mio|mn|bn|tsd|t)\b/i

/**
 * Reads an amount as people type it: "12", "12.50", "12,50", "1 234,5", "1.234,50", "−12", "(12.00)", "12-", with or without a currency
 * sign. A mark before three digits parts thousands, unless the currency has three decimals or nothing but a zero stands before it.
 * An amount in another currency is refused (`money.other-currency`): nothing is converted in silence.
 */
export function parseAmount(text: string, currency: string): Result<Minor> {
  if (SHORT_FOR_MORE.test(text)) return refused(issue('money.not-a-number', [], { text }))
  const exponent = exponentOf(currency)
  const foreign = foreignCurrency(text, currency)
  if (foreign !== undefined && /\d/.test(text))
    return refused(issue('money.other-currency', [], { found: foreign, expected: currency }))
  const bare = text.replace(CURRENCY_WORD, ' ').replace(/([-\u2212(])\s+/g, '$1')
  const figure = readFigure(bare)
  if (!figure) return refused(issue('money.not-a-number', [], { text }))
  const thousands = figure.orThousands && exponent !== 3
  const whole = thousands ? figure.whole + figure.fraction : figure.whole
  const fraction = thousands ? '' : figure.fraction
  if (fraction.length > exponent) return refused(issue('money.fraction', [], { value: text }))
  const minor = Number(`${whole}${fraction.padEnd(exponent, '0')}`)
  return checkAmount(figure.negative && minor !== 0 ? -minor : minor)
}

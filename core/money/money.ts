import { readFigure, type Figure } from '../units'
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

/**
 * Short words people write for their currency beside its sign and its code (common practice): crowns, francs, rupees, zlotys, forints,
 * lei, levs, rand, ringgit, lira, reais, soles, dollars by country. Any other word is asked about: "DR" is no currency.
 */
const CURRENCY_WORDS = new Set(
  'kr skr nkr dkr fr frs sfr rs re zł zl kč kc ft lei leu лв lv kn din r rm tl'.split(' ')
)
/** Words before a dollar sign only: "C$ 5" is an amount, "5 C" is none. */
const BEFORE_DOLLAR = new Set('us ca c au a nz s hk'.split(' '))
/** How banks say which way it goes: debit (out) or credit (in), behind the figure. */
const WAY = /(?<=\d[\s-]*)\s*\b(dr|cr)\b\.?\s*$/i

/** "12,-" is twelve and nothing besides. */
const WHOLE_PRICE = /(?<=\d)[.,]\s?[-\u2010-\u2015\u2212]+(?=\s*$)/

/** The text without what only names the currency; undefined where a word stands in it that is none. */
function withoutCurrency(text: string, currency: string): string | undefined {
  let strange = false
  const bare = text.replace(
    /(\p{L}+)(\.\d?)?(\s*\p{Sc})?|\p{Sc}/gu,
    (found, word?: string, dot = '', sign?: string) => {
      const small = word?.toLowerCase()
      const short = small !== undefined && CURRENCY_WORDS.has(small)
      const named =
        small === currency.toLowerCase() ||
        (small !== undefined && sign !== undefined && BEFORE_DOLLAR.has(small))
      // "Rs.50" is fifty; whether "EUR.50" is, nobody knows.
      strange ||= !(word === undefined || short || (named && dot.length < 2))
      return ` ${String(dot).slice(1)}`
    }
  )
  return strange ? undefined : bare
}
/** Letters that stand for thousands or millions: such an amount is asked for in figures. */
const SHORT_FOR_MORE = /\d\s*(?:k|m|mio|mn|bn|tsd|t)\b/i

/** The figure of an amount without what names its currency; undefined where it is none. */
function amountFigure(text: string, currency: string): Figure | undefined {
  const way = WAY.exec(text)?.[1]?.toLowerCase()
  const bare = withoutCurrency(text.replace(WAY, ''), currency)
    ?.replace(WHOLE_PRICE, '')
    .replace(/([-\u2212(])\s+/g, '$1')
  const figure = bare === undefined ? undefined : readFigure(bare)
  if (!figure || way === undefined) return figure
  return figure.negative ? undefined : { ...figure, negative: way === 'dr' }
}

/**
 * Reads an amount as people type it: "12", "12.50", "12,50", "1 234,5", "1.234,50", "−12", "(12.00)", "12-", "12,-", "12 DR" (a bank's
 * word for money out), with or without a currency sign or its usual short word. A mark before three digits parts thousands, unless the currency has three decimals or nothing but a zero stands before it.
 * An amount in another currency is refused (`money.other-currency`): nothing is converted in silence.
 */
export function parseAmount(text: string, currency: string): Result<Minor> {
  const foreign = SHORT_FOR_MORE.test(text) ? undefined : foreignCurrency(text, currency)
  if (foreign !== undefined && /\d/.test(text))
    return refused(issue('money.other-currency', [], { found: foreign, expected: currency }))
  const figure = SHORT_FOR_MORE.test(text) ? undefined : amountFigure(text, currency)
  if (!figure) return refused(issue('money.not-a-number', [], { text }))
  const exponent = exponentOf(currency)
  const thousands = figure.orThousands && exponent !== 3
  const whole = thousands ? figure.whole + figure.fraction : figure.whole
  const fraction = thousands ? '' : figure.fraction
  if (fraction.length > exponent) return refused(issue('money.fraction', [], { value: text }))
  const minor = Number(`${whole}${fraction.padEnd(exponent, '0')}`)
  return checkAmount(figure.negative && minor !== 0 ? -minor : minor)
}

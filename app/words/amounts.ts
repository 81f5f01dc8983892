import { localeNow, perLocale } from './language'
import { exponentOf, type Minor } from '../../core/money'

/** The mark before the decimals in the language that is spoken. */
const decimalMark = perLocale(
  (locale) =>
    new Intl.NumberFormat(locale).formatToParts(1.5).find(({ type }) => type === 'decimal')
      ?.value ?? '.'
)

/** A figure as it is typed into a field, to a thousandth. */
export const plainNumber = (value: number): string =>
  String(Math.round(value * 1000) / 1000).replace('.', decimalMark())

/** An amount as it is typed into a field: plain decimals, without sign or grouping, with the mark of the language. */
export const decimalText = (amount: Minor, currency: string): string => {
  const exponent = exponentOf(currency)
  const text = (amount / 10 ** exponent).toFixed(amount % 10 ** exponent === 0 ? 0 : exponent)
  return text.replace('.', decimalMark())
}

/** How a currency is written beside a sum, in the language that is spoken. */
export interface CurrencySign {
  readonly text: string
  /** Whether it stands before the figure. */
  readonly before: boolean
  /** Room a field keeps for it. */
  readonly room: Readonly<Record<string, string>>
}

const signs = perLocale(() => new Map<string, CurrencySign>())

/** The sign of a currency and its side, from the browser's own tables (CLDR). */
export function currencySign(currency: string): CurrencySign {
  const known = signs()
  const present = known.get(currency)
  if (present) return present
  const parts = new Intl.NumberFormat(localeNow(), {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol'
  }).formatToParts(1)
  const at = parts.findIndex(({ type }) => type === 'currency')
  const text = parts[at]?.value ?? currency
  const before = at < parts.findIndex(({ type }) => type === 'integer')
  const room = `calc(${text.length}ch + 0.95rem)`
  const sign = { text, before, room: { [`padding-inline-${before ? 'start' : 'end'}`]: room } }
  known.set(currency, sign)
  return sign
}

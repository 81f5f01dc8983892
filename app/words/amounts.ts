import { perLocale } from './language'
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

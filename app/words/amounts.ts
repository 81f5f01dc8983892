import { languageNow } from './language'
import { exponentOf, type Minor } from '../../core/money'

/** An amount as it is typed into a field: plain decimals, without sign or grouping, with the mark of the language. */
export const decimalText = (amount: Minor, currency: string): string => {
  const exponent = exponentOf(currency)
  const text = (amount / 10 ** exponent).toFixed(amount % 10 ** exponent === 0 ? 0 : exponent)
  return languageNow() === 'de' ? text.replace('.', ',') : text
}

import { exponentOf, type Minor } from '../../core/money'

/** An amount as it is typed into a field: plain decimals, without sign or grouping. */
export const decimalText = (amount: Minor, currency: string): string => {
  const exponent = exponentOf(currency)
  return (amount / 10 ** exponent).toFixed(amount % 10 ** exponent === 0 ? 0 : exponent)
}

import { checkDay, type Day } from '../calendar'
import { issue, ok, refused, type Result } from '../kernel'
import { parseAmount, type Minor } from '../money'

/** A day on which something really happened, as it was typed. Codes of `checkDay`, and `ledger.future` for a day after `asOf`. */
export function pastDay(text: string, asOf: Day): Result<Day> {
  const day = checkDay(text)
  return day.ok && day.value > asOf ? refused(issue('ledger.future', [], { date: day.value })) : day
}

/** A day that may be left open. Codes of `checkDay`. */
export const dayOrNone = (text: string): Result<Day | undefined> =>
  text.trim() === '' ? ok(undefined) : checkDay(text)

/** What was really paid, as it was typed; nothing for a gift. Codes of `parseAmount`, and `money.negative`. */
export function paidAmount(text: string, currency: string): Result<Minor> {
  const amount = parseAmount(text, currency)
  return amount.ok && amount.value < 0 ? refused(issue('money.negative')) : amount
}

/** What an entry moves, as it was typed, without its direction. As `paidAmount`, and `ledger.zero` where nothing moves. */
export function movedAmount(text: string, currency: string): Result<Minor> {
  const amount = paidAmount(text, currency)
  return amount.ok && amount.value === 0 ? refused(issue('ledger.zero')) : amount
}

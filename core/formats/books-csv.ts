import type { BookLine, BookPeriod } from '../sidework'
import { writeSheet } from './sheet'
import { decimal } from './write'

/** The books of what is sold as CSV: for each month or year a row in all, then one for each design. Money in the workspace's currency. */
export function writeBooks(periods: readonly BookPeriod[], currency: string): string {
  const money = (amount: number): string => decimal(Math.round(amount), currency)
  const row = (
    period: string,
    design: string,
    line: BookLine
  ): Record<string, string | number> => ({
    period,
    design,
    'pieces sold': line.pieces,
    takings: money(line.takings),
    'fees and delivery': money(line.fees),
    'timber and wear': money(line.cost),
    'room, car, not sold': money(line.other),
    left: money(line.left),
    'minutes of work': Math.round(line.minutes),
    'left per hour': line.perHour === undefined ? '' : money(line.perHour),
    currency
  })
  return writeSheet(
    [
      'period',
      'design',
      'pieces sold',
      'takings',
      'fees and delivery',
      'timber and wear',
      'room, car, not sold',
      'left',
      'minutes of work',
      'left per hour',
      'currency'
    ],
    periods.flatMap(({ period, all, designs }) => [
      row(period, '', all),
      ...designs.map(({ name, line }) => row(period, name, line))
    ])
  )
}

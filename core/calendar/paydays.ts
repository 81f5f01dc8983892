import type { Minor } from '../money'
import { addDays, byDate, daysBetween, earlierDay, monthlyDay, type Day } from './day'

/** When money is set aside. `until` is the last day on which it may fall; without it the rhythm goes on. */
export type Rhythm =
  | { readonly kind: 'none' }
  | {
      readonly kind: 'weekly' | 'fortnightly'
      readonly first: Day
      readonly amount: Minor
      readonly until?: Day | undefined
    }
  | {
      readonly kind: 'monthly'
      readonly first: Day
      readonly dayOfMonth: number
      readonly amount: Minor
      readonly until?: Day | undefined
    }
  | {
      readonly kind: 'list'
      readonly receipts: readonly { readonly date: Day; readonly amount: Minor }[]
    }

export interface Payday {
  readonly date: Day
  readonly amount: Minor
}

/**
 * The paydays from one day to another, both included, in order of date.
 * @param dayOfMonth of a monthly rhythm is 1 to 31; in shorter months the last day counts.
 */
export function paydays(rhythm: Rhythm, from: Day, to: Day): Payday[] {
  switch (rhythm.kind) {
    case 'none':
      return []
    case 'list':
      return rhythm.receipts
        .filter(({ date }) => date >= from && date <= to)
        .map(({ date, amount }) => ({ date, amount }))
        .sort(byDate)
    case 'weekly':
    case 'fortnightly': {
      const step = rhythm.kind === 'weekly' ? 7 : 14
      const last = earlierDay(rhythm.until ?? to, to)
      const skipped = Math.max(0, Math.ceil(daysBetween(rhythm.first, from) / step))
      const found: Payday[] = []
      for (
        let date = addDays(rhythm.first, skipped * step);
        date <= last;
        date = addDays(date, step)
      )
        found.push({ date, amount: rhythm.amount })
      return found
    }
    case 'monthly': {
      const last = earlierDay(rhythm.until ?? to, to)
      const found: Payday[] = []
      for (let k = 0; ; k++) {
        const date = monthlyDay(rhythm.first, k, rhythm.dayOfMonth)
        if (date > last) return found
        if (date >= from && date >= rhythm.first) found.push({ date, amount: rhythm.amount })
      }
    }
  }
}

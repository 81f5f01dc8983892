import type { Day } from '../../core/calendar'

/** What the application takes from the machine it runs on: the day, the moment and chance. Nothing else looks at the clock. */

/** Today where the person is. */
export function todayHere(): Day {
  const now = new Date()
  return [
    now.getFullYear(),
    String(now.getMonth() + 1).padStart(2, '0'),
    String(now.getDate()).padStart(2, '0')
  ].join('-')
}

/** A short id nobody else has: 60 random bits. */
export function newId(prefix: string): string {
  const words = crypto.getRandomValues(new Uint32Array(2))
  return `${prefix}-${[...words].map((word) => (word & 0x3fffffff).toString(36).padStart(6, '0')).join('')}`
}

/** This moment in UTC, to the millisecond. */
export const momentNow = (): string => new Date().toISOString()

/** This moment, ms since the epoch. */
export const msNow = (): number => Date.now()

import { z } from 'zod'
import { PACE_FAMILIES } from '../workspace'
import * as part from './schema-parts'

const { id, day, minutes } = part
const sharedMinutes = z.record(id, minutes)

/** What really happened with a build: when, how long, in which sessions, and where the minutes went. */
export const buildLog = z.strictObject({
  begun: day,
  done: day.optional(),
  minutesSpent: minutes,
  sessions: z
    .array(
      z.strictObject({
        id,
        on: day,
        minutes: minutes.min(1, 'number.too-small').max(24 * 60, 'number.too-large')
      })
    )
    .max(2000, 'list.too-long')
    .optional(),
  running: part.moment.optional(),
  shared: z
    .strictObject({
      book: z.partialRecord(z.enum(PACE_FAMILIES), minutes),
      ways: sharedMinutes,
      items: sharedMinutes
    })
    .optional()
})

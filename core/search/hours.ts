import type { HireTerms } from './hired'
import type { Model } from './model'
import { NEVER } from './order'
import type { State } from './state'

const { max } = Math

/** What an activity asks of the days its hours lie on. */
interface Asked extends HireTerms {
  readonly activity: number
  /** Last day on which the work may be done. */
  readonly due: number
}

/** Whether what was just taken from the calendar may begin when it does, by what is hired. */
function inHire(state: State, first: boolean, { beginBy, stretch }: Asked): boolean {
  const { begin } = state.calendar
  if (begin > beginBy) state.inTheWay = true
  return begin <= beginBy && (first || begin - (state.days[0] as number) < stretch)
}

/**
 * Takes the hours of jigs and activity one after another; false, and nothing taken, where one does not fit, begins or ends too late. Each
 * is done when its nights have passed too; what is hired may go back when the last work is done.
 */
export function takeHours({ problem }: Model, state: State, asked: Asked, from: number): boolean {
  const { activities, events } = problem
  const { jigs, calendar, days } = state
  const { activity, due } = asked
  const byHire = asked.beginBy < NEVER || asked.stretch < NEVER
  const careful = jigs.length > 0 || due < NEVER || byHire || activities[activity]!.nights > 0
  if (careful) calendar.save()
  let day = from
  for (let i = 0; i <= jigs.length; i++) {
    const one = i < jigs.length ? (jigs[i] as number) : activity
    const minutes = state.minutes[one] as number
    let begin = day
    if (minutes > 0) {
      const ok = calendar.take(minutes, day) && calendar.done <= due
      const inTime = !byHire || inHire(state, i === 0, asked)
      begin = calendar.begin
      day = max(calendar.done, begin + activities[one]!.nights)
      if (!ok || !inTime || day >= events.horizon) {
        if (careful) calendar.restore()
        return false
      }
    }
    days[2 * i] = begin
    days[2 * i + 1] = day
  }
  return true
}

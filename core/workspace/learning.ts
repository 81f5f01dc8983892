import { isDone } from '../builds'
import { DAYS_PER_MONTH } from '../calendar'
import { sharesOver, type Family, type Library, type Shares } from '../catalogue'
import { sumOf } from '../kernel'
import { skillPracticeOf } from './skill-practice'
import type { Workspace } from './types'

const MINUTES_PER_HOUR = 60
const DAYS_OF = { week: 7, fortnight: 14, month: DAYS_PER_MONTH } as const
/** Hours taken for a piece that says nothing of its own. */
const USUAL_HOURS = 6

/** No family takes more than its share of the hours: a piece is sawn, planed and joined. */
const SHARING = 3

/** Hours of work ahead: those of the open builds, no more than there are until the plan ends. */
function hoursAhead({ builds, time, horizon }: Workspace, library: Library): number {
  const listed = sumOf(builds, (build) =>
    isDone(build)
      ? 0
      : build.copies * (library.templates.get(build.template ?? '')?.typicalHours ?? USUAL_HOURS)
  )
  const weeks = (horizon.count * DAYS_OF[horizon.length]) / 7
  return Math.min(listed, (time.minutesPerWeek / MINUTES_PER_HOUR) * weeks)
}

/**
 * What the levels of the families somebody wants to learn are on average while the plan goes on (docs/model.md, 2): from the hours logged
 * so far along the learning curve, the hours ahead shared evenly among these families, a third to
 * each at most. Empty where nothing is to be learnt.
 */
export function learningOf(
  workspace: Workspace,
  library: Library
): Readonly<Partial<Record<Family, Shares>>> {
  const { learns = [], levels = {} } = workspace.preferences
  if (learns.length === 0) return {}
  const practice = skillPracticeOf(workspace, library)
  const each = hoursAhead(workspace, library) / Math.max(SHARING, learns.length)
  return Object.fromEntries(
    learns.map((family) => [
      family,
      sharesOver(
        levels[family] ?? 'new',
        practice.find((one) => one.family === family)?.hours ?? 0,
        each
      )
    ])
  )
}

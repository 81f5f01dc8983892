import { byDate } from '../calendar'
import { issue, sumOf, type Issue } from '../kernel'
import type { Priced } from './evaluate-purchases'
import type { CheckedBuild } from './value'

/** Fractions of a minute that adding up leaves behind. */
const TOLERANCE = 1e-6

/** What is done with hired tools has to fit into the time they are hired for; the last build that asks for more is named. */
export function checkHired(
  list: readonly Priced[],
  checked: readonly CheckedBuild[],
  broken: Issue[]
): void {
  for (const { index, tool, brings } of list) {
    const limit = brings[0]?.hired?.minutes
    if (limit === undefined) continue
    const entries = new Set(brings.map(({ entry }) => entry))
    const asking = checked
      .map(({ planned: { build, begin: date }, uses }) => ({
        build,
        date,
        minutes: sumOf(uses, (use) =>
          use.tools.some((entry) => entries.has(entry)) ? use.minutes : 0
        )
      }))
      .filter(({ minutes }) => minutes > 0)
      .sort(byDate)
    const minutes = sumOf(asking, (one) => one.minutes)
    if (minutes > limit + TOLERANCE)
      broken.push(
        issue('plan.hired-too-short', ['purchases', index], {
          build: asking.at(-1)?.build ?? '',
          tool,
          minutes: Math.ceil(minutes),
          limit
        })
      )
  }
}

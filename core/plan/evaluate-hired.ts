import { byDate } from '../calendar'
import { issue, type Issue } from '../kernel'
import type { Acquired } from './acquired'
import type { Priced } from './evaluate-purchases'
import type { CheckedBuild } from './value'

/** Fractions of a minute that adding up leaves behind. */
const TOLERANCE = 1e-6

/** A purchase that brings hired tools, with the minutes of work it still holds. */
interface Stretch {
  readonly index: number
  readonly name: string
  readonly brings: readonly Acquired[]
  readonly limit: number
  left: number
}

const stretchesOf = (list: readonly Priced[]): Stretch[] =>
  list.flatMap(({ index, tool: name, brings }) => {
    const limit = brings[0]?.hired?.minutes
    return limit === undefined ? [] : [{ index, name, brings, limit, left: limit }]
  })

/** Whether a stretch has a tool on the day a build begins. */
const serves = ({ brings }: Stretch, tool: string, begin: string): boolean =>
  brings.some(
    ({ entry, from, until }) =>
      entry.tool.id === tool && from <= begin && until !== undefined && until >= begin
  )

const tooShort = (build: string, { index, name, limit, left }: Stretch, minutes: number): Issue =>
  issue('plan.hired-too-short', ['purchases', index], {
    build,
    tool: name,
    minutes: Math.ceil(limit - left + minutes),
    limit
  })

/**
 * What is done with hired tools has to fit into the time they are hired for: each step goes to a stretch that has all its hired tools on
 * the day the build begins, one the build uses anyway before another. Builds in the order of their days.
 */
export function checkHired(
  list: readonly Priced[],
  checked: readonly CheckedBuild[],
  broken: Issue[]
): void {
  const stretches = stretchesOf(list)
  if (stretches.length === 0) return
  const hired = new Set(stretches.flatMap(({ brings }) => brings.map(({ entry }) => entry)))
  const builds = checked
    .map(({ planned: { build, begin: date }, uses }) => ({ build, date, uses }))
    .sort(byDate)
  for (const { build, date, uses } of builds) {
    const used = new Set<Stretch>()
    for (const { tools, minutes } of uses) {
      const asked = tools.filter((entry) => hired.has(entry)).map(({ tool }) => tool.id)
      if (asked.length === 0) continue
      const able = stretches
        .filter((one) => asked.every((tool) => serves(one, tool, date)))
        .sort((a, b) => Number(used.has(b)) - Number(used.has(a)) || a.left - b.left)
      const taken = able.find(({ left }) => left + TOLERANCE >= minutes)
      if (!taken) broken.push(tooShort(build, able[0] ?? stretches[0]!, minutes))
      else {
        taken.left -= minutes
        used.add(taken)
      }
    }
  }
}

import type { Method, RoleNeed } from '../catalogue'
import {
  exactEnough,
  leadError,
  markingAllowed,
  minutesOf,
  overload,
  reach,
  roundMinutes,
  tieKey,
  type Task
} from '../fit'
import { serviceOf, type RequirementBook } from './requirements'
import type { Source, Sources } from './sources'

/** Tools that fill a role alike: same companions needed, same work-around, same tie; for the leading role also as quick and as exact. */
export interface Players {
  readonly sources: readonly Source[]
  /** Requirements beside the tools themselves. */
  readonly service: readonly number[]
  /** Minutes its work-arounds add. */
  readonly round: number
  /** Minutes of the method with these tools in the lead, work-arounds included; 0 for other roles. */
  readonly minutes: number
  /** Error of the method with these tools in the lead, apart from marking, mm. */
  readonly errorMm: number
  /** The largest marking error they put up with, mm; Infinity where it does not matter. */
  readonly marking: number
  readonly tie: string
  readonly first: Source
}

/** Groups of tools looked at for one role. */
const GROUPS = 24

/** How one tool would fill a role; undefined where it cannot. */
function playerOf(
  sources: Sources,
  book: RequirementBook,
  { method, index, task, exact }: RoleTask,
  source: Source
): Players | undefined {
  const { entry } = source
  const need = method.roles[index]
  const uses = need && reach(entry, need, task.step.stock)
  const { context } = sources
  if (!need || !uses || overload(entry, context.workshop)) return undefined
  const service = serviceOf(book, sources, entry.tool, method.operation)
  if (!service) return undefined
  const shared = {
    sources: [source],
    service,
    round: roundMinutes(uses, task.load),
    tie: tieKey(method.ties, need.role, entry),
    first: source
  }
  if (index > 0) return { ...shared, minutes: 0, errorMm: 0, marking: Infinity }
  const errorMm = leadError(method, entry, uses)
  const limit = exact ? task.step.accuracyMm : undefined
  if (!exactEnough(errorMm, limit)) return undefined
  const minutes = minutesOf(method, entry, uses, task.load)
  return { ...shared, minutes, errorMm, marking: markingAllowed(method, errorMm, limit) }
}

/** A role of a method for a task. */
export interface RoleTask {
  readonly method: Method
  readonly index: number
  readonly task: Task
  /** As exact as the step asks; otherwise it is to be cleaned up. */
  readonly exact: boolean
}

/** What serves a demanding group also serves an easier one. */
const servesIn = (other: Players, group: Players): boolean =>
  other.service.every((one) => group.service.includes(one)) &&
  other.round <= group.round &&
  other.minutes <= group.minutes &&
  other.marking >= group.marking &&
  other.tie === group.tie

/** The groups of tools that can fill a role, the quickest first. */
export function playersFor(sources: Sources, book: RequirementBook, part: RoleTask): Players[] {
  const need: RoleNeed | undefined = part.method.roles[part.index]
  const groups = new Map<string, Players & { sources: Source[] }>()
  for (const source of sources.byRole.get(need?.role ?? '') ?? []) {
    const one = playerOf(sources, book, part, source)
    if (!one) continue
    const key = [one.service.join(), one.round, one.minutes, one.marking, one.tie].join('|')
    const group = groups.get(key)
    if (group) group.sources.push(source)
    else groups.set(key, { ...one, sources: [source] })
  }
  const all = [...groups.values()]
  return all
    .map((group) => ({
      ...group,
      sources: all.flatMap((other) => (servesIn(other, group) ? other.sources : []))
    }))
    .sort((a, b) => a.minutes + a.round - b.minutes - b.round)
    .slice(0, GROUPS)
}

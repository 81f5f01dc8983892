import type { Method, RoleNeed, Tier } from '../catalogue'
import {
  boundValue,
  exactEnough,
  leadError,
  markingAllowed,
  minutesOf,
  overload,
  paceKey,
  reach,
  roundMinutes,
  tieKey,
  type KitTool,
  type Task,
  type WorkAroundUse
} from '../fit'
import { groupBy } from '../kernel'
import { serviceOf, type Kinds, type RequirementBook } from './requirements'
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

/** A role of a method for a task. */
export interface RoleTask {
  readonly method: Method
  readonly index: number
  readonly task: Task
  /** The task as the method is judged by it: without a limit where it is to be cleaned up. */
  readonly judged: Task
  /** As exact as the step asks; otherwise it is to be cleaned up. */
  readonly exact: boolean
}

/** What serves a demanding group also serves an easier one. */
const servesIn = (other: Players, group: Players): boolean =>
  other === group ||
  (other.round <= group.round &&
    other.minutes <= group.minutes &&
    other.marking >= group.marking &&
    other.tie === group.tie &&
    other.service.every((one) => group.service.includes(one)))

/** What decides how a tool fills a role, as a key: the measures its rules ask for, what it is tied by, what it draws, and for the leading role its pace and error. */
function kindKey(method: Method, index: number, { role, rules }: RoleNeed, entry: KitTool): string {
  const { tool, specs, power } = entry
  const measures = rules.map(({ spec }) => specs[spec])
  const tie = tieKey(method.ties, role, entry)
  const pace = index > 0 ? '' : paceKey(entry)
  return `${tool.id}|${power}|${measures.join()}|${tie}|${pace}`
}

/** The tools that play a role of a method, those of one kind together; the same whatever the task. */
function kindsFor(sources: Sources, book: RequirementBook, method: Method, index: number): Kinds {
  const key = `${method.id}|${index}`
  const present = book.kinds.get(key)
  if (present) return present
  const need = method.roles[index]
  const kinds = need
    ? [
        ...groupBy(sources.byRole.get(need.role) ?? [], ({ entry }) =>
          kindKey(method, index, need, entry)
        ).values()
      ]
    : []
  book.kinds.set(key, kinds)
  return kinds
}

/** Tools of one kind that can fill a role on stock of a size. */
interface Able {
  readonly alike: readonly Source[]
  readonly entry: KitTool
  readonly uses: readonly WorkAroundUse[]
  readonly service: readonly number[]
  /** The same as a text. */
  readonly serviceKey: string
  readonly tie: string
}

/** Those that can fill a role on stock of a size, and the groups they make where nothing else of the task matters. */
export interface AbleList {
  readonly list: readonly Able[]
  /** No tool needs a work-around. */
  readonly outright: boolean
  groups?: Players[]
}

/** The tools that can fill a role of a method on stock of a size; the same for all stock that asks for the same measures. */
function ableFor(sources: Sources, book: RequirementBook, part: RoleTask): AbleList {
  const { method, index, task } = part
  const { stock } = task.step
  const need = method.roles[index]
  if (!need) return { list: [], outright: true }
  let key = `${method.id}|${index}`
  for (const rule of need.rules) key += `|${boundValue(rule, stock)}`
  const present = book.able.get(key)
  if (present) return present
  const list = kindsFor(sources, book, method, index).flatMap((alike): Able[] => {
    const [source] = alike
    const uses = source && reach(source.entry, need, stock)
    if (!source || !uses || overload(source.entry, sources.context.workshop)) return []
    const { entry } = source
    const service = serviceOf(book, sources, entry, method)
    if (!service) return []
    const tie = tieKey(method.ties, need.role, entry)
    return [{ alike, entry, uses, service, serviceKey: service.join(), tie }]
  })
  const able = { list, outright: list.every(({ uses }) => uses.length === 0) }
  book.able.set(key, able)
  return able
}

/** A group while it grows. */
type Growing = Players & { readonly sources: Source[]; readonly serviceKey: string }

/**
 * Puts tools into the group of those that are alike in everything given, or into a new one. Groups are few, and comparing figures is
 * far quicker than making a text of them.
 */
function putInto(groups: Growing[], { alike, service, serviceKey, tie }: Able, made: Made): void {
  const { round, minutes, errorMm, marking } = made
  for (const group of groups)
    if (
      group.minutes === minutes &&
      group.round === round &&
      group.marking === marking &&
      group.serviceKey === serviceKey &&
      group.tie === tie
    ) {
      group.sources.push(...alike)
      return
    }
  const sources = [...alike]
  const first = alike[0]!
  groups.push({ sources, service, serviceKey, round, minutes, errorMm, marking, tie, first })
}
/** What a tool makes of a task. */
type Made = Pick<Players, 'round' | 'minutes' | 'errorMm' | 'marking'>

/** Tools that fill a role beside the leading one, in groups. */
function besideGroups({ list }: AbleList, { task }: RoleTask): Growing[] {
  const groups: Growing[] = []
  for (const able of list) {
    const round = roundMinutes(able.uses, task.load)
    putInto(groups, able, { round, minutes: 0, errorMm: 0, marking: Infinity })
  }
  return groups
}

/** Tools that lead a method, in groups; those not exact enough left out. */
function leadGroups({ list }: AbleList, { method, task, exact }: RoleTask): Growing[] {
  const limit = exact ? task.step.accuracyMm : undefined
  const groups: Growing[] = []
  for (const able of list) {
    const { entry, uses } = able
    const errorMm = leadError(method, entry, uses)
    if (!exactEnough(errorMm, limit)) continue
    putInto(groups, able, {
      round: roundMinutes(uses, task.load),
      minutes: minutesOf(method, entry, uses, task.load),
      errorMm,
      marking: markingAllowed(method, errorMm, limit)
    })
  }
  return groups
}

/** Which paces of a leading tool are told apart: all, those of tiers that differ by more than a few parts in a hundred, none. */
export type Paces = 'all' | 'by-tier' | 'one'

/** How groups are told apart. */
export interface Telling {
  readonly paces: Paces
  readonly hopeful?: true
}

/** Tiers whose paces lie together, whatever the condition. */
const PACE_OF: Readonly<Record<Tier, string>> = {
  'get-by': 'slow',
  weekend: 'plain',
  trade: 'brisk',
  lifetime: 'brisk'
}

/** Groups that differ in little but pace as one: as slow as the slowest, as exact as the least exact; or, hopefully, as the best of them. */
function coarsened(groups: readonly Growing[], { paces, hopeful }: Telling): Players[] {
  if (paces === 'all' || groups.length < 2) return [...groups]
  const merged: Growing[][] = []
  for (const group of groups) {
    const pace = PACE_OF[group.first.entry.tier]
    const present = merged.find(
      ([one]) =>
        one!.round === group.round &&
        one!.serviceKey === group.serviceKey &&
        one!.tie === group.tie &&
        (paces === 'one' || PACE_OF[one!.first.entry.tier] === pace)
    )
    if (present) present.push(group)
    else merged.push([group])
  }
  return merged.map((alike) => {
    const [first] = alike
    if (alike.length === 1 && first) return first
    const sources = alike.flatMap((one) => one.sources)
    const errors = alike.map(({ errorMm }) => errorMm)
    const markings = alike.map(({ marking }) => marking)
    if (hopeful) {
      const quickest = alike.reduce((a, b) => (b.minutes < a.minutes ? b : a))
      return {
        ...quickest,
        sources,
        errorMm: Math.min(...errors),
        marking: Math.max(...markings)
      }
    }
    const slowest = alike.reduce((a, b) => (b.minutes > a.minutes ? b : a))
    return {
      ...slowest,
      sources,
      errorMm: Math.max(...errors),
      marking: Math.min(...markings)
    }
  })
}

/** Each group with all that serve as well, the quickest first. */
function widened(all: readonly Players[]): Players[] {
  const wide =
    all.length === 1
      ? [...all]
      : all.map((group) => {
          const serving = all.filter((other) => servesIn(other, group))
          return serving.length === 1
            ? group
            : { ...group, sources: serving.flatMap(({ sources }) => sources) }
        })
  return wide.sort((a, b) => a.minutes + a.round - b.minutes - b.round).slice(0, GROUPS)
}

/** The groups of tools that can fill a role, the quickest first. */
export function playersFor(
  sources: Sources,
  book: RequirementBook,
  part: RoleTask,
  telling: Telling
): Players[] {
  const able = ableFor(sources, book, part)
  if (part.index === 0) {
    return widened(coarsened(leadGroups(able, part), telling))
  }
  if (!able.outright) return widened(besideGroups(able, part))
  return (able.groups ??= widened(besideGroups(able, part)))
}

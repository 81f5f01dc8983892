import { addDays, DAYS_PER_MONTH, daysBetween, type Day } from '../calendar'
import { specsOf, withoutSkill } from '../catalogue'
import { fitBuild, fitContext, kitOf, leadError } from '../fit'
import { isDone } from '../builds'
import { errorTyped, type TrueCheck } from '../inspection'
import type { CheckDone, Item, World } from '../workspace'

/** Checks are asked about on the Bench for so many days after a tool came; after that they stand on their page. A judgement. */
export const ASKED_DAYS = 90

/** A check of one thing owned, with what was found last. */
export interface CheckOf {
  readonly item: Item
  readonly check: TrueCheck
  readonly last: CheckDone | undefined
  /** The error found last, mm over the length of the check; undefined where nothing was measured. */
  readonly errorMm: number | undefined
  /** What plans reckon with for a sound one of its tier, mm. */
  readonly reckonedMm: number | undefined
  readonly isFine: boolean
  /** The day it is due; for what was never checked the day the thing came. */
  readonly due: Day
}

/** What plans reckon with for a sound one of the tier, mm: its own accuracy, or that of the way of working it leads, without anybody's hand in it. */
export function reckonedError(
  { library }: World,
  item: Item,
  check: TrueCheck
): number | undefined {
  if (check.kind === 'look') return undefined
  const tool = library.tools.get(item.tool)
  if (check.method === undefined)
    return tool && (item.specs.accuracyMm ?? specsOf(tool, item.tier).accuracyMm)
  const method = withoutSkill(library).methods.get(check.method)
  return method && leadError(method, { tier: item.tier }, [])
}

const doneOf = ({ workspace }: World, item: string, check: string): CheckDone[] =>
  (workspace.upkeep ?? [])
    .filter(
      (one): one is CheckDone => one.kind === 'check' && one.item === item && one.check === check
    )
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))

const measuredIn = (check: TrueCheck, done: CheckDone | undefined): number | undefined => {
  if (!done || check.kind === 'look') return undefined
  const error = errorTyped(check, done.values)
  return error.ok ? error.value : undefined
}

/** All checks of what is owned, those due first. */
export function checksOf(world: World, checks: readonly TrueCheck[]): CheckOf[] {
  return world.workspace.items
    .flatMap((item) =>
      checks.flatMap((check): CheckOf[] => {
        if (!check.tools.includes(item.tool)) return []
        const last = doneOf(world, item.id, check.id).at(-1)
        const errorMm = measuredIn(check, last)
        const reckonedMm = reckonedError(world, item, check)
        return [
          {
            item,
            check,
            last,
            errorMm,
            reckonedMm,
            isFine: last?.fine ?? true,
            due: last ? addDays(last.on, Math.round(check.months * DAYS_PER_MONTH)) : item.since
          }
        ]
      })
    )
    .sort((a, b) => (a.due < b.due ? -1 : a.due > b.due ? 1 : 0))
}

/**
 * So many times as inexact as others of its tier an item is by its checks with one more: the worst of the newest of each, so that what it is exact to in
 * plans is what was measured. 1 where all is as it should be; undefined where none was ever measured.
 */
export function inexactBy(
  world: World,
  item: Item,
  checks: readonly TrueCheck[],
  upkeep: World['workspace']['upkeep'] = world.workspace.upkeep
): number | undefined {
  const state = { ...world, workspace: { ...world.workspace, upkeep } }
  const ratios = checks.flatMap((check) => {
    if (!check.tools.includes(item.tool)) return []
    const error = measuredIn(check, doneOf(state, item.id, check.id).at(-1))
    const reckoned = reckonedError(world, item, check)
    return error === undefined || !reckoned ? [] : [error / reckoned]
  })
  return ratios.length === 0 ? undefined : Math.max(1, ...ratios)
}

/** Builds that cannot be made because an item is not true, and could be if it were. */
export function waitsForTrue(world: World, item: Item): string[] {
  if ((item.inexact ?? 1) <= 1) return []
  const { inexact: _off, ...sound } = item
  const context = fitContext(world)
  const items = world.workspace.items
  const [as, set] = [items, items.map((one) => (one.id === item.id ? sound : one))].map((list) =>
    kitOf(world.library, list)
  )
  return world.workspace.builds.flatMap((build) =>
    as &&
    set &&
    !isDone(build) &&
    fitBuild(context, as, build).gaps.length > fitBuild(context, set, build).gaps.length
      ? [build.id]
      : []
  )
}

/** Things that came lately and were not checked yet, with what the checks take. */
export interface ToCheck {
  readonly item: string
  readonly tool: string
  readonly checks: readonly string[]
  readonly minutes: number
}
export function toCheck(world: World, checks: readonly TrueCheck[]): ToCheck[] {
  const open = checksOf(world, checks).filter(
    ({ last, item }) =>
      last === undefined &&
      item.since <= world.asOf &&
      daysBetween(item.since, world.asOf) <= ASKED_DAYS
  )
  return world.workspace.items.flatMap((item): ToCheck[] => {
    const own = open.filter((one) => one.item === item)
    return own.length === 0
      ? []
      : [
          {
            item: item.id,
            tool: item.tool,
            checks: own.map(({ check }) => check.id),
            minutes: own.reduce((sum, { check }) => sum + check.minutesFirst, 0)
          }
        ]
  })
}

import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import {
  admitted,
  cleanUpStep,
  consumablesPerHour,
  eaten,
  exactEnough,
  figuresOf,
  leadError,
  limitsBroken,
  markingAllowed,
  methodsOf,
  minutesOf,
  reach,
  resultError,
  taskOf,
  tieHolds,
  tooRough,
  type FitContext,
  type Task
} from '../fit'
import { sumOf } from '../kernel'
import { payTimes } from '../worth'
import type { World } from '../workspace'
import type { Grain } from './grain'
import type { Mode } from './mode'
import { playersFor, type RoleTask, type Players } from './players'
import { require, requireAll, type Asked, type RequirementBook } from './requirements'
import type { Sources } from './sources'
import { cleaned } from './cleaned'
import { thin } from './thin'

/** What modes are worked out from. */
export interface ModeContext {
  readonly world: World
  readonly sources: Sources
  readonly book: RequirementBook
  /** Operations with more combinations of tools than are looked at. */
  readonly curtailed: Set<string>
  /** How closely the ways are told apart: for what is made along the way as far as it needs to be possible and about right. */
  grain: Grain
}

/** Combinations looked at, whether anything comes of them or not: ties may let none of very many hold. */
const LOOKED_AT = 20_000

/** Whether a group goes with those chosen for the roles before it. */
function tied(method: Method, chosen: readonly Players[], group: Players, index: number): boolean {
  return (method.ties ?? []).every((tie) => {
    const place = (role: string): number => method.roles.findIndex((need) => need.role === role)
    const [a, b] = [place(tie.role), place(tie.withRole)]
    if (index !== a && index !== b) return true
    const other = chosen[index === a ? b : a]
    if (!other) return true
    const [first, second] = index === a ? [group, other] : [other, group]
    return tieHolds(tie, first.first.entry, second.first.entry)
  })
}

/** What the tools of a role ask for: the tools themselves, enough of them, and what they need beside them. */
function roleRequires(
  { sources, book }: ModeContext,
  { method, task }: RoleTask,
  group: Players,
  index: number
): Asked[] {
  const need = method.roles[index]
  if (!need) return ['never']
  const count = index === 0 ? 1 : need.count
  const asked: Asked[] = [require(book, group.sources, count, false), ...group.service]
  if (count < need.count) {
    const able = (sources.byRole.get(need.role) ?? []).filter(
      ({ entry }) => reach(entry, need, task.step.stock) !== undefined
    )
    asked.push(require(book, able, need.count, false))
  }
  return asked
}

/** The marking tool a method needs to come out exact enough; what is owned where that is good enough. */
function markingRequires({ sources, book }: ModeContext, allowed: number): Asked {
  if (allowed >= sources.kit.markingMm) return 'met'
  const known = book.marking.get(allowed)
  if (known !== undefined) return known
  const fine = (sources.byRole.get('square') ?? []).filter(
    ({ entry }) => (entry.specs.accuracyMm ?? Infinity) <= allowed
  )
  const asked = require(book, fine, 1, false)
  book.marking.set(allowed, asked)
  return asked
}

/** What each group asks for, worked out when a combination first holds it: of the leading one for its task, of the others once and for all. */
function asksOf(
  context: ModeContext,
  part: RoleTask,
  groups: readonly Players[],
  leading: WeakMap<Players, readonly Asked[]>
): Asked[] {
  const all: Asked[] = []
  for (let index = 0; index < groups.length; index++) {
    const group = groups[index]!
    const known = index === 0 ? leading : context.book.asks
    let asks = known.get(group)
    if (!asks) known.set(group, (asks = roleRequires(context, part, group, index)))
    for (const one of asks) all.push(one)
  }
  return all
}

/** What is known of the ways of one method while they are looked at one after another. */
interface Asking {
  readonly leading: WeakMap<Players, readonly Asked[]>
  /** The last mode: the next one mostly differs in what it requires alone. */
  known:
    | {
        readonly lead: Players | undefined
        readonly minutes: number
        readonly errorMm: number
        readonly mode: Mode
      }
    | undefined
}

/** The same way with other tools beside the leading one. */
const withRequires = (
  { method, then, minutes, effort, penalty, pay, cost }: Mode,
  requires: readonly number[]
): Mode => ({ method, then, minutes, effort, penalty, pay, cost, requires })

function modeOf(
  context: ModeContext,
  part: RoleTask,
  groups: readonly Players[],
  asking: Asking
): Mode | undefined {
  const { method, task, exact } = part
  const { world, sources } = context
  const [lead, ...others] = groups
  const limit = exact ? task.step.accuracyMm : undefined
  const own = lead ? lead.errorMm : leadError(method, undefined, [])
  if (!lead && !exactEnough(own, limit)) return undefined
  const marking = lead?.marking ?? markingAllowed(method, own, limit)
  const asks = asksOf(context, part, groups, asking.leading)
  const requires = requireAll([...asks, markingRequires(context, marking)])
  if (!requires) return undefined
  const minutes =
    (lead ? lead.minutes : minutesOf(method, undefined, [], task.load)) +
    sumOf(others, ({ round }) => round)
  const errorMm = resultError(method, own, Math.min(sources.kit.markingMm, marking))
  const { known } = asking
  if (known?.lead === lead && known?.minutes === minutes && known.errorMm === errorMm)
    return withRequires(known.mode, requires)
  const { fee, spoilt, effort, penalty } = figuresOf(
    sources.context,
    method,
    part.judged,
    minutes,
    errorMm
  )
  const perHour = lead ? consumablesPerHour(world, lead.first.entry.tool) : 0
  const used = Math.floor(eaten(perHour, method, minutes, task.load) + 0.5)
  const pay = fee + spoilt + used
  const cost = effort + payTimes(world, task.build) * pay
  const mode = {
    method: method.id,
    then: undefined,
    minutes,
    effort,
    penalty,
    pay,
    cost,
    requires
  }
  asking.known = { lead, minutes, errorMm, mode }
  return mode
}

/** All modes of one method by itself. @param exact as exact as the step asks; otherwise to be cleaned up */
function modesOfMethod(context: ModeContext, method: Method, task: Task, exact: boolean): Mode[] {
  const { sources, book, grain } = context
  const judged = exact ? task : { ...task, step: { ...task.step, accuracyMm: undefined } }
  const partAt = (index: number): RoleTask => ({ method, index, task, judged, exact })
  const families: Players[][] = []
  for (let index = 0; index < method.roles.length; index++) {
    const family = playersFor(sources, book, partAt(index), grain)
    if (family.length === 0) return []
    families.push(family)
  }
  const whole = partAt(0)
  const found: Mode[] = []
  const asking: Asking = { leading: new WeakMap(), known: undefined }
  let looked = 0
  const visit = (index: number, chosen: readonly Players[]): void => {
    if (found.length >= grain.pairings || looked++ >= LOOKED_AT) {
      context.curtailed.add(method.operation)
      return
    }
    const family = families[index]
    if (!family) {
      const one = modeOf(context, whole, chosen, asking)
      if (one) found.push(one)
      return
    }
    for (const group of family)
      if (tied(method, chosen, group, index)) visit(index + 1, [...chosen, group])
  }
  visit(0, [])
  return found
}

/** Methods made up of others that may do a step. */
export const compoundsOf = (context: FitContext, step: Step): Method[] =>
  methodsOf(context.library, step).filter(
    (method) =>
      method.parts !== undefined &&
      admitted(method, context) &&
      limitsBroken(method, step.stock).length === 0
  )

/** All modes of a step of a build by methods of its own, the cheapest first; those no better than another one in anything are left out. */
export function modesFor(context: ModeContext, step: Step, build: Build): Mode[] {
  const { book, sources, grain } = context
  const { library } = sources.context
  const methodsFor = (one: Step): Method[] =>
    methodsOf(library, one, build.sale !== undefined).filter(
      (method) =>
        method.parts === undefined &&
        admitted(method, sources.context) &&
        limitsBroken(method, one.stock).length === 0
    )
  const modes = (method: Method, one: Step, exact: boolean): Mode[] =>
    modesOfMethod(context, method, taskOf(one, build), exact)
  const after = cleanUpStep(library, step)
  const few = { ...grain, kept: grain.combined, perMethod: grain.perPair }
  const cleanUps = after
    ? thin(
        book,
        methodsFor(after).flatMap((method) =>
          tooRough(method, after) ? [] : modes(method, after, true)
        ),
        few
      )
    : []
  const found = methodsFor(step).flatMap((method) => {
    const rough = tooRough(method, step)
    const alone = rough ? [] : modes(method, step, true)
    if (!after || (!rough && step.accuracyMm === undefined)) return alone
    const first = thin(book, modes(method, step, false), few)
    return [...alone, ...cleaned(context, taskOf(step, build), first, cleanUps)]
  })
  return thin(book, found, grain)
}

import type { Day } from '../calendar'
import type { Library, School, Tool } from '../catalogue'
import { kitOf, usualOffer } from '../fit'
import { sumOf } from '../kernel'
import type { Ladder, NotFor } from '../ladder'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { Plan, World } from '../workspace'
import type { Recognised } from './recognise'
import { doesWorkOf } from './same-work'

/** Where a tool of the list stands for this person. */
export type Standing =
  | { readonly kind: 'owned' }
  /** A piece that is owned, planned or on the ladder does the same work. */
  | { readonly kind: 'done-by'; readonly other: string; readonly owned: boolean }
  | { readonly kind: 'planned'; readonly date: Day; readonly price: Minor }
  /** On the ladder, and not in the plan. @param place from 1 */
  | { readonly kind: 'rung'; readonly place: number }
  | { readonly kind: 'too-dear'; readonly cost: Minor; readonly brings: Minor }
  | { readonly kind: 'ruled-out' }
  | { readonly kind: 'unasked' }

/** What a listed price is beside the usual one. */
export type Beside = 'low' | 'usual' | 'dear'

export interface LineAdvice {
  readonly tool: string
  readonly standing: Standing
  /** Builds it is used in once it is there. */
  readonly usedIn: readonly string[]
  /** What must come with it and is neither owned nor on the list: tools, protection among them. */
  readonly comesWith: readonly string[]
  /** Usual price of one, new, no plainer than wished, and the offer it is asked for; undefined where it is made or not sold. */
  readonly usual: Minor | undefined
  readonly offer: string | undefined
  readonly beside: Beside | undefined
}

/** Something the plan buys and the list does not name. */
export interface Forgotten {
  readonly tool: string
  readonly date: Day
  readonly price: Minor
  readonly protects: boolean
}

export interface ListAdvice {
  /** By tool. */
  readonly lines: ReadonlyMap<string, LineAdvice>
  readonly forgotten: readonly Forgotten[]
  /** The school whose first purchases the list names most of; undefined where it follows none. */
  readonly school: string | undefined
  /** What the plan pays for tools in all, and what of it stands on the list. */
  readonly planned: Minor
  readonly plannedOfList: Minor
}

/** A listed price within this share of the usual one is the usual one. */
const USUAL = { from: 0.7, to: 1.25 }

/** What is known of plan and kit, by tool. */
interface Known {
  readonly world: World
  readonly owned: ReadonlySet<string>
  readonly planned: ReadonlyMap<string, { readonly date: Day; readonly price: Minor }>
  /** Place on the ladder, from 1, and the builds it is used in. */
  readonly rungs: ReadonlyMap<
    string,
    { readonly place: number; readonly usedIn: readonly string[] }
  >
  readonly notFor: ReadonlyMap<string, NotFor>
}

function knownOf(world: World, plan: Plan | undefined, ladder: Ladder): Known {
  const planned = new Map<string, { readonly date: Day; readonly price: Minor }>()
  for (const { offer, date, price } of plan?.purchases ?? []) {
    const bundle = world.workspace.bundles?.find(({ id }) => id === offer)
    const tools = bundle
      ? bundle.pieces.map(({ tool }) => tool)
      : [findOffer(world.pricing, offer)?.tool ?? '']
    for (const tool of tools) {
      const before = planned.get(tool)
      // Bought several times: the first day, and all that is paid.
      planned.set(tool, {
        date: before && before.date < date ? before.date : date,
        price: (before?.price ?? 0) + Math.round(price / tools.length)
      })
    }
  }
  const rungs = new Map<string, { readonly place: number; readonly usedIn: readonly string[] }>()
  ladder.rungs.forEach(({ lead, along, usedIn }, i) => {
    for (const { tool } of [lead, ...along])
      if (!rungs.has(tool)) rungs.set(tool, { place: i + 1, usedIn })
  })
  return {
    world,
    owned: new Set(kitOf(world.library, world.workspace.items).tools.map(({ tool }) => tool.id)),
    planned,
    rungs,
    notFor: new Map(ladder.notFor.map((one) => [one.tool, one]))
  }
}

function standingOf(known: Known, tool: Tool): Standing {
  const { world, owned, planned, rungs, notFor } = known
  if (owned.has(tool.id)) return { kind: 'owned' }
  const bought = planned.get(tool.id)
  if (bought) return { kind: 'planned', ...bought }
  const rung = rungs.get(tool.id)
  if (rung) return { kind: 'rung', place: rung.place }
  const does = (among: Iterable<string>): string | undefined =>
    [...among].find((id) => {
      const other = world.library.tools.get(id)
      return other !== undefined && other !== tool && doesWorkOf(other, tool)
    })
  const mine = does(owned)
  const coming = mine ?? does(planned.keys()) ?? does(rungs.keys())
  if (coming !== undefined) return { kind: 'done-by', other: coming, owned: mine !== undefined }
  const not = notFor.get(tool.id)
  if (not?.kind === 'same-as') return { kind: 'done-by', other: not.other, owned: false }
  if (not?.kind === 'too-dear')
    return { kind: 'too-dear', cost: not.cost, brings: Math.max(0, Math.round(not.brings)) }
  return not?.kind === 'ruled-out' ? { kind: 'ruled-out' } : { kind: 'unasked' }
}

/** Companions a tool needs, and protection from it, that are neither owned nor listed: of several the one that is planned, else the first. */
function comesWith(
  { world, owned, planned }: Known,
  tool: Tool,
  listed: ReadonlySet<string>
): string[] {
  const { tools, protectionFor } = world.library
  const there = (id: string): boolean => owned.has(id) || listed.has(id)
  const pick = (any: readonly string[]): string[] => {
    const first = any.find((id) => planned.has(id)) ?? any[0]
    return any.length === 0 || any.some(there) || first === undefined ? [] : [first]
  }
  const needed = tool.companions.filter(({ kind, packs }) => kind === 'needed' && packs !== true)
  return [
    ...new Set([
      ...needed.flatMap(({ anyOf }) => pick(anyOf.filter((id) => tools.has(id)))),
      ...tool.needs.flatMap((protection) =>
        pick((protectionFor.get(protection) ?? []).map(({ id }) => id))
      )
    ])
  ]
}

function besideUsual(price: Minor | undefined, usual: Minor | undefined): Beside | undefined {
  if (price === undefined || usual === undefined || usual <= 0) return undefined
  const share = price / usual
  return share < USUAL.from ? 'low' : share > USUAL.to ? 'dear' : 'usual'
}

/** A tool of the list with what one of it costs there. */
export interface Listed {
  readonly tool: string
  readonly each: Minor | undefined
}

/**
 * What a found list comes to for somebody's builds: per tool whether it is needed, when, what else does its work, what must come along and
 * whether its price is the usual one; and what the list forgets, protection first. Looked up in plan, ladder and kit; nothing is planned anew.
 */
export function adviceFor(
  world: World,
  plan: Plan | undefined,
  ladder: Ladder,
  listed: readonly Listed[],
  school?: string
): ListAdvice {
  const known = knownOf(world, plan, ladder)
  const named = new Set(listed.map(({ tool }) => tool))
  const lines = new Map<string, LineAdvice>()
  for (const { tool: id, each } of listed) {
    const tool = world.library.tools.get(id)
    if (!tool || lines.has(id)) continue
    const offered = usualOffer(world, id)
    const usual = offered?.payment
    lines.set(id, {
      tool: id,
      standing: standingOf(known, tool),
      usedIn: known.rungs.get(id)?.usedIn ?? [],
      comesWith: comesWith(known, tool, named),
      usual,
      offer: offered?.id,
      beside: besideUsual(each, usual)
    })
  }
  const forgotten = [...known.planned]
    .filter(([tool]) => !named.has(tool) && !known.owned.has(tool))
    .map(([tool, bought]): Forgotten => ({
      tool,
      ...bought,
      protects: (world.library.tools.get(tool)?.protects.length ?? 0) > 0
    }))
    .sort((a, b) => Number(b.protects) - Number(a.protects) || (a.date < b.date ? -1 : 1))
  return {
    lines,
    forgotten,
    school,
    planned: sumOf([...known.planned.values()], ({ price }) => price),
    plannedOfList: sumOf([...known.planned], ([tool, { price }]) => (named.has(tool) ? price : 0))
  }
}

/** Of a school's first purchases so large a share has to stand on a list that follows it, and so many. */
const FOLLOWS = { share: 0.5, tools: 2 }

/** The school whose first purchases, as it names them, a list has most of; a tool it does without speaks against it. */
export function schoolOf(
  library: Library,
  schools: readonly School[],
  tools: readonly string[],
  recognise: (name: string) => Recognised
): string | undefined {
  const listed = tools.flatMap((id) => library.tools.get(id) ?? [])
  const scored = schools.map(({ id, firstMoney, bans }) => {
    const wanted = firstMoney.split(/,|;| and | or | with /).flatMap((name) => {
      const found = recognise(name)
      const first =
        found.kind === 'sure' ? found.tool : found.kind === 'unsure' ? found.tools[0] : undefined
      return library.tools.get(first ?? '') ?? []
    })
    const there = wanted.filter((tool) =>
      listed.some((one) => one.id === tool.id || doesWorkOf(tool, one))
    ).length
    const against = listed.filter((tool) => bans.includes(tool.id)).length
    return { id, there, share: wanted.length === 0 ? 0 : (there - against) / wanted.length }
  })
  const [first, second] = scored.sort((a, b) => b.share - a.share)
  return first &&
    first.share >= FOLLOWS.share &&
    first.there >= FOLLOWS.tools &&
    first.share > (second?.share ?? 0)
    ? first.id
    : undefined
}

import type { Method } from '../catalogue'
import { bringsPacks, lackingCompanions, lackingProtection, type KitTool } from '../fit'
import type { AbleList, Players } from './players'
import type { Source, Sources } from './sources'

/** Something that must be there for a mode: so many of any of these sources. */
export interface Requirement {
  readonly id: number
  readonly need: number
  /** Units that each choice brings towards it, by the choice's number. */
  readonly from: ReadonlyMap<number, number>
  /** Units owned. */
  readonly owned: number
  /** Companion or protection: bought along without being asked for. */
  readonly along: boolean
}

/** What asking for a requirement comes to: its number, that what is owned suffices, or that nothing can meet it. */
export type Asked = number | 'met' | 'never'

/** Tools that play a role, those that play it alike together. */
export type Kinds = readonly (readonly Source[])[]

/** Requirements met with so far, each once, and what was worked out about them. */
export interface RequirementBook {
  readonly list: Requirement[]
  readonly numbers: Map<string, number>
  /** Which is enough for which: by the number of the strong one, then of the weak one. */
  readonly implied: (boolean | undefined)[][]
  /** What a tool needs beside itself, by tool and operation. */
  readonly services: Map<string, number[] | undefined>
  /** Tools that play a role of a method, by method and place of the role. */
  readonly kinds: Map<string, Kinds>
  /** Of those the ones that can on stock of a size, by what the rules ask for. */
  readonly able: Map<string, AbleList>
  /** What groups of tools beside the leading one ask for. */
  readonly asks: WeakMap<Players, readonly Asked[]>
  /** The marking tool that is asked for, by the largest error it may have, mm. */
  readonly marking: Map<number, Asked>
  /** What one of a choice takes, by its number, and per requirement the least that meeting it takes, as far as it has been asked. */
  readonly takes: readonly number[]
  readonly least: (number | undefined)[]
}
/** @param takes what one of each choice takes, at what kept money counts */
export const emptyBook = (takes: readonly number[]): RequirementBook => ({
  list: [],
  numbers: new Map(),
  implied: [],
  services: new Map(),
  kinds: new Map(),
  able: new Map(),
  asks: new WeakMap(),
  marking: new Map(),
  takes,
  least: []
})

/** The least that meeting a requirement takes with what is owned, minor units. */
export function leastToMeet(book: RequirementBook, requirement: number): number {
  const known = book.least[requirement]
  if (known !== undefined) return known
  const { from, need, owned } = book.list[requirement]!
  let least = Infinity
  for (const [offer, units] of from)
    least = Math.min(least, (book.takes[offer] ?? 0) * Math.ceil((need - owned) / units))
  return (book.least[requirement] = least)
}

/** Enters a requirement into the book. @param along bought along without being asked for */
export function require(
  book: RequirementBook,
  sources: readonly Source[],
  need: number,
  along: boolean
): Asked {
  const from = new Map<number, number>()
  let owned = 0
  for (const { offer, entry } of sources) {
    if (offer < 0) owned += entry.count
    else from.set(offer, (from.get(offer) ?? 0) + entry.count)
  }
  if (owned >= need) return 'met'
  if (from.size === 0) return 'never'
  let key = `${need}|${owned}|${along ? 1 : 0}|`
  for (const [offer, count] of from) key += count === 1 ? `${offer},` : `${offer}*${count},`
  const known = book.numbers.get(key)
  if (known !== undefined) return known
  const id = book.list.length
  book.list.push({ id, need, from, owned, along })
  book.numbers.set(key, id)
  return id
}

/** Enters several requirements; their numbers without repeats and in order, or undefined where one can never be met. */
export function requireAll(asked: readonly Asked[]): number[] | undefined {
  const numbers: number[] = []
  for (const one of asked) {
    if (one === 'never') return undefined
    if (one === 'met') continue
    // Few and mostly in order already: put where it belongs.
    let at = numbers.length
    while (at > 0 && numbers[at - 1]! > one) at--
    if (at === 0 || numbers[at - 1] !== one) numbers.splice(at, 0, one)
  }
  return numbers
}

/** Whether meeting one requirement is enough for another. */
export function implies(book: RequirementBook, strong: number, weak: number): boolean {
  if (strong === weak) return true
  const row = (book.implied[strong] ??= [])
  return (row[weak] ??= enoughFor(book.list[strong], book.list[weak]))
}

function enoughFor(a: Requirement | undefined, b: Requirement | undefined): boolean {
  if (!a || !b || a.need < b.need || a.owned > b.owned || a.from.size > b.from.size) return false
  for (const [offer, count] of a.from) if ((b.from.get(offer) ?? 0) < count) return false
  return true
}

/** What has to be there for a tool to serve in a method beyond itself: companions and protection; undefined where that cannot be had. */
export function serviceOf(
  book: RequirementBook,
  { byTool, byProtection, kit }: Sources,
  entry: Pick<KitTool, 'tool' | 'power'>,
  method: Method
): number[] | undefined {
  const { tool, power } = entry
  const key = `${tool.id}|${power}|${method.operation}|${method.protection?.join() ?? ''}`
  if (book.services.has(key)) return book.services.get(key)
  const service = requireAll([
    ...lackingCompanions(kit, entry, method.operation).map(({ anyOf, count, packs }) => {
      const able = anyOf.flatMap((id) => byTool.get(id) ?? [])
      return require(book, packs ? able.filter((one) => bringsPacks(one.entry)) : able, count, true)
    }),
    ...lackingProtection(kit, tool, method).map((protection) =>
      require(book, byProtection.get(protection) ?? [], 1, true)
    )
  ])
  book.services.set(key, service)
  return service
}

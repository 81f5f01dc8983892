import { sumOf } from '../kernel'
import { savingsOn, unitOn, type Till, type Unit } from '../prices'
import { tillOf } from '../workspace'
import type { Problem } from './problem'
import type { State } from './state'

/** What deals take off what is bought together, for the search. */
export interface Deals {
  readonly till: Till
  /** Per choice: whether some deal holds for it. */
  readonly concerned: Uint8Array
  /** Per deal: the choices it holds for. */
  readonly groups: readonly (readonly number[])[]
  /** Savings known already, by event time and what is bought. */
  readonly known: Map<string, number>
  readonly units: Map<string, Unit | undefined>
}

/** The deals of a problem; undefined where none can take anything off. */
export function dealsOf({ world, choices }: Problem): Deals | undefined {
  const till = tillOf(world)
  const concerned = Uint8Array.from(choices, ({ offByDeals }) =>
    offByDeals.some((off) => off > 0) ? 1 : 0
  )
  if (till.deals.length === 0 || !concerned.includes(1)) return undefined
  const groups = till.deals.map(({ tools }) =>
    choices.flatMap(({ entries }, choice) =>
      concerned[choice] === 1 && tools.includes(entries[0]?.tool.id ?? '') ? [choice] : []
    )
  )
  return { till, concerned, groups, known: new Map(), units: new Map() }
}

/** So many of a choice, bought together with others. */
type Line = readonly [choice: number, count: number]

/** What deals take off lines bought at an event time, minor units. */
function savingOf(deals: Deals, { events, choices }: Problem, k: number, lines: Line[]): number {
  if (lines.length === 0) return 0
  const key = `${k}|${lines
    .map(([choice, count]) => `${choice}*${count}`)
    .sort()
    .join()}`
  const known = deals.known.get(key)
  if (known !== undefined) return known
  const date = events.dates[k] ?? ''
  const unitFor = (choice: number): Unit | undefined => {
    const id = choices[choice]!.id
    const at = `${id}|${k}`
    if (!deals.units.has(at)) deals.units.set(at, unitOn(deals.till, id, date))
    return deals.units.get(at)
  }
  const saved = sumOf(
    savingsOn(
      deals.till,
      date,
      lines.flatMap(([choice, count]) => {
        const unit = unitFor(choice)
        return unit ? [{ unit, count }] : []
      })
    ),
    ({ amount }) => amount
  )
  deals.known.set(key, saved)
  return saved
}

/** What is on the list that deals hold for. */
const listed = ({ concerned }: Deals, { list, buying }: State): Line[] =>
  list.flatMap((choice): Line[] =>
    concerned[choice] === 1 ? [[choice, buying[choice] as number]] : []
  )

/** What deals take off in all once the list is bought at an event time, less what they take off what is bought then already. */
export function savedMore(deals: Deals, problem: Problem, state: State, k: number): number {
  if (!state.list.some((choice) => deals.concerned[choice] === 1)) return 0
  const more = listed(deals, state)
  const there = state.baskets.get(k) ?? []
  return savingOf(deals, problem, k, [...there, ...more]) - savingOf(deals, problem, k, [...there])
}

/** Notes that the list is bought at an event time. */
export function noteBought(deals: Deals, state: State, k: number): void {
  const more = listed(deals, state)
  if (more.length > 0) state.baskets.set(k, [...(state.baskets.get(k) ?? []), ...more])
}

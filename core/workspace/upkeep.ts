import type { Day } from '../calendar'
import type { Item, Workspace } from './types'

/** A look at whether a tool is true, and what it came to. */
export interface CheckDone {
  readonly kind: 'check'
  readonly id: string
  readonly item: string
  readonly check: string
  readonly on: Day
  /** What was measured, mm, as the kind of check asks; empty where one only looks. */
  readonly values: readonly number[]
  readonly fine: boolean
}

/** Care that was taken of a tool. */
export interface CareDone {
  readonly kind: 'care'
  readonly id: string
  readonly item: string
  readonly task: string
  readonly on: Day
  /** Minutes of use it had by then. */
  readonly atMinutes: number
}
export type Upkeep = CheckDone | CareDone

/** An item as exact as others of its tier, or so many times as inexact. */
function withInexact(item: Item, inexact: number): Item {
  const { inexact: _former, ...rest } = item
  return inexact > 1 ? { ...rest, inexact } : rest
}

const setInexact = (
  items: readonly Item[],
  id: string,
  inexact: number | undefined
): readonly Item[] =>
  inexact === undefined
    ? items
    : items.map((item) => (item.id === id ? withInexact(item, inexact) : item))

/** A check or a care noted. @param inexact what the checks of the item now come to; undefined where they say nothing of it */
export const addUpkeep = (workspace: Workspace, done: Upkeep, inexact?: number): Workspace => ({
  ...workspace,
  items: setInexact(workspace.items, done.item, inexact),
  upkeep: [...(workspace.upkeep ?? []), done]
})

/** A note taken out that was made by mistake. */
export function removeUpkeep(workspace: Workspace, id: string, inexact?: number): Workspace {
  const gone = workspace.upkeep?.find((one) => one.id === id)
  return gone
    ? {
        ...workspace,
        items: setInexact(workspace.items, gone.item, inexact),
        upkeep: (workspace.upkeep ?? []).filter((one) => one.id !== id)
      }
    : workspace
}

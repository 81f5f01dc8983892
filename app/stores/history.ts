import { reconcile } from '../../core/ledger'
import type { Plan, Workspace } from '../../core/workspace'

/** A workspace with the plan that lay beside it. */
export interface OnTable {
  readonly workspace: Workspace
  readonly plan: Plan | undefined
}

/** A change that can be undone, by the name a person reads. */
export interface Step {
  readonly name: string
  readonly before: OnTable
  readonly after: OnTable
  /** One workspace took the place of another: going back is to the former one as it was, ledger and all. */
  readonly whole?: boolean | undefined
}

export interface History {
  readonly past: readonly Step[]
  readonly future: readonly Step[]
}

/** Steps kept while the page is open. */
export const STEPS_KEPT = 200

export const NO_HISTORY: History = { past: [], future: [] }

export const recorded = (history: History, step: Step): History => ({
  past: [...history.past, step].slice(-STEPS_KEPT),
  future: []
})

/** A former state, with the ledger brought to that state's standing entries by adding, never by taking out. */
const restored = (
  target: Workspace,
  current: Workspace,
  whole: boolean | undefined,
  newId: () => string
): Workspace => (whole === true ? target : returnedTo(target, current, newId))

/**
 * A former state of the same workspace: everything as it was then, but the ledger only grows, what has been handed over stays known, and
 * photos go over to entries that are entered again.
 */
export function returnedTo(target: Workspace, current: Workspace, newId: () => string): Workspace {
  const again = new Map<string, string>()
  const ledger = reconcile(current.ledger, target.ledger, newId, (from, to) => again.set(from, to))
  const { photos, ...rest } = target
  const there = new Set(ledger.map(({ id }) => id))
  const kept = photos
    ?.map((photo) => {
      const entry = again.get(photo.entry ?? '')
      return entry === undefined ? photo : { ...photo, entry }
    })
    .filter(({ entry }) => entry === undefined || there.has(entry))
  return { ...rest, ledger, trail: current.trail, ...(kept ? { photos: kept } : {}) }
}

/** The state before the last step. Ledger entries the step made are reversed, not erased. */
export function undone(
  history: History,
  current: Workspace,
  newId: () => string
): { history: History; workspace: Workspace; plan: Plan | undefined } | undefined {
  const step = history.past.at(-1)
  if (!step) return undefined
  return {
    history: { past: history.past.slice(0, -1), future: [step, ...history.future] },
    workspace: restored(step.before.workspace, current, step.whole, newId),
    plan: step.before.plan
  }
}

export function redone(
  history: History,
  current: Workspace,
  newId: () => string
): { history: History; workspace: Workspace; plan: Plan | undefined } | undefined {
  const step = history.future[0]
  if (!step) return undefined
  return {
    history: { past: [...history.past, step], future: history.future.slice(1) },
    workspace: restored(step.after.workspace, current, step.whole, newId),
    plan: step.after.plan
  }
}

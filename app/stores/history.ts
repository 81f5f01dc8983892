import { reconcile } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'

/** A change that can be undone, by the name a person reads. */
export interface Step {
  readonly name: string
  readonly before: Workspace
  readonly after: Workspace
}

export interface History {
  readonly past: readonly Step[]
  readonly future: readonly Step[]
}

/** Steps kept while the page is open. */
export const STEPS_KEPT = 200

export const NO_HISTORY: History = { past: [], future: [] }

export const recorded = (history: History, step: Step): History => ({ past: [...history.past, step].slice(-STEPS_KEPT), future: [] })

/** A former state, with the ledger brought to that state's standing entries by adding, never by taking out. */
const restored = (target: Workspace, current: Workspace, newId: () => string): Workspace => ({ ...target, ledger: reconcile(current.ledger, target.ledger, newId) })

/** The state before the last step. Ledger entries the step made are reversed, not erased. */
export function undone(history: History, current: Workspace, newId: () => string): { history: History; workspace: Workspace } | undefined {
  const step = history.past.at(-1)
  if (!step) return undefined
  return { history: { past: history.past.slice(0, -1), future: [step, ...history.future] }, workspace: restored(step.before, current, newId) }
}

export function redone(history: History, current: Workspace, newId: () => string): { history: History; workspace: Workspace } | undefined {
  const step = history.future[0]
  if (!step) return undefined
  return { history: { past: [...history.past, step], future: history.future.slice(1) }, workspace: restored(step.after, current, newId) }
}

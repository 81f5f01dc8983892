import { differingSections } from './sections'
import type { Moment, Trail, Workspace } from './types'

export const NO_TRAIL: Trail = { changed: {}, removed: {}, handed: [] }

/** Most removals remembered; the oldest go first. */
const MOST_REMOVALS = 2000
/** Most hand-overs remembered. */
const MOST_HANDED = 50

/** Whether anything in it was ever changed or taken out since it was made. */
export const isTouched = ({ trail }: Pick<Workspace, 'trail'>): boolean =>
  Object.keys(trail.changed).length + Object.keys(trail.removed).length > 0

/** The later state with the moment of the change beside every part that it changed or took out. */
export function stamped(before: Workspace, after: Workspace, now: Moment): Workspace {
  const differing = differingSections(before, after)
  if (differing.size === 0) return after
  const changed: Record<string, Moment> = { ...after.trail.changed }
  const removed: Record<string, Moment> = { ...after.trail.removed }
  for (const [key, { after: value }] of differing) {
    if (value === undefined && key.includes('/')) {
      delete changed[key]
      removed[key] = now
    } else {
      delete removed[key]
      changed[key] = now
    }
  }
  return { ...after, trail: { ...after.trail, changed, removed: newestOf(removed) } }
}
function newestOf(removed: Record<string, Moment>): Record<string, Moment> {
  const all = Object.entries(removed)
  return all.length <= MOST_REMOVALS
    ? removed
    : Object.fromEntries(
        all.sort(([, a], [, b]) => (a < b ? 1 : a > b ? -1 : 0)).slice(0, MOST_REMOVALS)
      )
}

/** Notes that a state with this print left as a file or came in as one; the same print twice in a row is one hand-over. */
export function handedOver(workspace: Workspace, print: string, at: Moment): Workspace {
  if (workspace.trail.handed.at(-1)?.print === print) return workspace
  return {
    ...workspace,
    trail: {
      ...workspace.trail,
      handed: [...workspace.trail.handed, { print, at }].slice(-MOST_HANDED)
    }
  }
}

/** The moment of the latest hand-over that both know of; undefined where they share none. */
export function lastCommon(
  mine: Trail,
  theirs: Trail
): { readonly mine: Moment; readonly theirs: Moment } | undefined {
  const known = new Map(mine.handed.map(({ print, at }) => [print, at]))
  const shared = [...theirs.handed].reverse().find(({ print }) => known.has(print))
  return shared && { mine: known.get(shared.print) ?? shared.at, theirs: shared.at }
}

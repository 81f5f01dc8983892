import type { checkChange } from '../../core/formats'
import { ok, type Issue, type Result } from '../../core/kernel'
import type { Workspace } from '../../core/workspace'
import { library } from '../../data'
import { formats } from './storage-here'

let check: typeof checkChange | undefined

/** Fetches what checks changes; the page need not wait for it, since a state is checked once more before it is written. */
export async function openDoor(): Promise<void> {
  check ??= (await formats()).checkChange
}
/** Nobody changes anything before the first press; whoever does not press at all has the page to look at first. */
const AT_LATEST_MS = 8000

/** Fetches what checks changes at the first press, or when the page has stood for a while. */
export function openDoorInTime(): void {
  const presses = ['pointerdown', 'keydown'] as const
  const open = (): void => {
    clearTimeout(timer)
    for (const press of presses) removeEventListener(press, open, true)
    openDoor().catch(() => undefined)
  }
  const timer = setTimeout(open, AT_LATEST_MS)
  for (const press of presses) addEventListener(press, open, true)
}
/** States that are known to be readable: they came through the door, or from the reader. */
const passed = new WeakSet<Workspace>()
export const notePassed = (state: Workspace): void => void passed.add(state)
export const hasPassed = (state: Workspace): boolean => passed.has(state)
export const isDoorOpen = (): boolean => check !== undefined

/** A changed state as it will be read back, or why it could not be; unchecked while the check is being fetched. */
export const atDoor = (before: Workspace, after: Workspace): Result<Workspace> =>
  check ? check(before, after, library) : ok(after)

/** Who hears of a refused change in place of the page's head: the field that brought it about. */
let hearing: Issue[] | undefined

/** Does something that may change the workspace, and answers with why the change was refused; empty where it was not. */
export function refusalsDuring(work: () => void): readonly Issue[] {
  const outer = hearing
  const mine: Issue[] = []
  hearing = mine
  try {
    work()
  } finally {
    hearing = outer
  }
  return mine
}
/** Tells whoever listens of a refused change; false where nobody does. */
export function tellRefused(issues: readonly Issue[]): boolean {
  hearing?.push(...issues)
  return hearing !== undefined
}

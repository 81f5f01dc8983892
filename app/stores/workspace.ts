import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import {
  stamped,
  trimmedPlan,
  worldOf,
  type Plan,
  type Workspace,
  type World
} from '../../core/workspace'
import { library } from '../../data'
import { sayFor, type Say } from '../words/say'
import type { Issue } from '../../core/kernel'
import { momentNow, newId, todayHere } from './clock'
import { DEMOS } from './demos'
import { atDoor, isDoorOpen, notePassed, refusalsDuring, tellRefused } from './door'
import { useNotices } from './notices'
import { plain } from './plain'
import {
  NO_HISTORY,
  recorded,
  redone,
  returnedTo,
  undone,
  type History,
  type OnTable
} from './history'

/** How a change is made. */
export interface ChangeOptions {
  /** `whole` puts another workspace in the place of this one; `merged` brings its own moments along. */
  readonly kind?: 'whole' | 'merged' | undefined
  /** What becomes of the plan; left out, what it names and is gone is left out of it. */
  readonly plan?: ((plan: Plan | undefined, after: Workspace) => Plan | undefined) | undefined
}

/** Hears of every state that is to be kept. @param before the state before a change of the user's; undefined for other states */
export type Listener = (after: Workspace, name: string | undefined, before?: Workspace) => void

/** The workspace on the table, the plan made for it, and the commands that change them and can be undone. */
export const useWorkspace = defineStore('workspace', () => {
  const workspace = shallowRef<Workspace>()
  const plan = shallowRef<Plan>()
  const today = ref(todayHere())
  const history = shallowRef<History>(NO_HISTORY)
  const listeners: Listener[] = []
  const notices = useNotices()

  const world = computed<World | undefined>(
    () => workspace.value && worldOf(workspace.value, library, today.value)
  )
  const say = computed<Say | undefined>(() => world.value && sayFor(world.value))
  const isDemo = computed(() =>
    DEMOS.some(({ workspaceId }) => workspaceId === workspace.value?.id)
  )
  const undoName = computed(() => history.value.past.at(-1)?.name)
  const redoName = computed(() => history.value.future[0]?.name)

  const tell: Listener = (after, name, before) => {
    for (const listener of listeners) listener(after, name, before)
  }
  const put = (next: OnTable): void => {
    workspace.value = plain(next.workspace, workspace.value)
    plan.value = next.plan
  }
  const onTable = (): OnTable | undefined =>
    workspace.value && { workspace: workspace.value, plan: plan.value }

  /**
   * Makes an undoable change. A change to nothing leaves no step; one that could not be read back is refused, with the reasons, which
   * the field it came from shows, or else the head of the page.
   */
  function run(
    name: string,
    change: (state: Workspace) => Workspace,
    { kind, plan: changePlan }: ChangeOptions = {}
  ): readonly Issue[] {
    const before = onTable()
    if (!before) return []
    const changed = plain(change(before.workspace), before.workspace)
    if (changed === before.workspace) return []
    const checked = atDoor(before.workspace, changed)
    if (!checked.ok) {
      if (!tellRefused(checked.issues)) notices.setRefused(name, checked.issues)
      return checked.issues
    }
    notices.settleRefused()
    const after = kind ? checked.value : stamped(before.workspace, checked.value, momentNow())
    const left = before.plan && world.value && trimmedPlan(before.plan, after, world.value.library)
    if (isDoorOpen()) notePassed(after)
    put({ workspace: after, plan: changePlan ? changePlan(left, after) : left })
    record(name, before, kind === 'whole')
    tell(after, name, before.workspace)
    return []
  }
  /** Remembers the step from a former state to the one on the table. */
  function record(name: string, before: OnTable, whole = false): void {
    const after = onTable()
    if (!after) return
    history.value = recorded(history.value, { name, before, after, ...(whole ? { whole } : {}) })
  }
  function travel(go: typeof undone, name: string | undefined): void {
    const before = onTable()
    if (!before) return
    const there = go(history.value, before.workspace, () => newId('e'))
    if (!there) return
    const next = stamped(before.workspace, there.workspace, momentNow())
    history.value = there.history
    put({ workspace: next, plan: there.plan })
    tell(next, name)
  }
  return {
    workspace,
    plan,
    world,
    say,
    today,
    isDemo,
    undoName,
    redoName,
    run,
    /** The same for a form, which shows itself why a change was refused. */
    attempt: (...change: Parameters<typeof run>): readonly Issue[] =>
      refusalsDuring(() => void run(...change)),
    record,
    undo: (): void => travel(undone, undoName.value),
    redo: (): void => travel(redone, redoName.value),
    /** Takes a change back that turned out not to be readable: the former state is on the table again, without a step. */
    takeBack(former: Workspace): void {
      put({ workspace: former, plan: plan.value })
      history.value = NO_HISTORY
    },
    /** Goes back to a former state; what has moved since is reversed in the ledger, and all of it can be undone. */
    returnTo: (name: string, former: Workspace): readonly Issue[] =>
      run(name, (state) => returnedTo(former, state, () => newId('e'))),
    /** Notes something that is no change of the user's, such as that the state was handed over as a file. */
    note(change: (state: Workspace) => Workspace): void {
      const before = workspace.value
      const next = before && change(before)
      if (!next || next === before) return
      workspace.value = next
      tell(next, undefined)
    },
    /** Puts a state on the table with nothing to undo. */
    lay(next: OnTable): OnTable {
      put(next)
      history.value = NO_HISTORY
      return { workspace: workspace.value ?? next.workspace, plan: next.plan }
    },
    /** Puts a state on the table that another tab has brought about; what can be undone stays. */
    follow: put,
    /** Hears of states to be kept. */
    onChange: (listener: Listener): void => void listeners.push(listener),
    /** A page that stays open sees the day change. */
    lookAtTheDay: (): void => {
      today.value = todayHere()
    }
  }
})

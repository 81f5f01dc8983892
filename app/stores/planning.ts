import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { keepPlan, withChances } from '../../core/against'
import type { Build } from '../../core/builds'
import type { Day } from '../../core/calendar'
import type { Layout, NestPart, SheetSize } from '../../core/cutlist'
import type { Issue } from '../../core/kernel'
import { movePurchase, type Report } from '../../core/plan'
import type { Outcome } from '../../core/search'
import {
  change,
  workspaceHash,
  type Plan,
  type PlannedPurchase,
  type Workspace
} from '../../core/workspace'
import type { Planned, WayView } from '../workers/protocol'
import { steps } from '../words/steps'
import { aboutTable, askCore } from './asking'
import { useJudging } from './judging'
import { useNotices } from './notices'
import { useSaving } from './saving'
import { useWorkspace } from './workspace'

/** The plan carries the hash of the state it is to stand for. */
const madeFor = (plan: Plan, state: Workspace): Plan => ({
  ...plan,
  workspace: { id: state.id, hash: workspaceHash(state) }
})

/** Makes the plan for the workspace on the table, kept up to date by a worker. */
export const usePlanning = defineStore('planning', () => {
  const table = useWorkspace()
  const judging = useJudging()
  const saving = useSaving()
  const notices = useNotices()
  const client = askCore()
  const side = askCore()
  const sure = askCore()
  const busy = ref(false)
  const outcome = shallowRef<Outcome>()
  const failure = shallowRef<Issue>()
  /** How far planning has come, and what the best plan so far is worth. */
  const progress = shallowRef<Extract<Planned, { kind: 'so-far' }>>()
  /** The plan that stood before the newest one, for its ghosts on the rule. */
  const former = shallowRef<Plan>()
  /** State and day the newest planning request was made for. */
  let asked = ''

  const plan = computed<Plan | undefined>(() => table.plan)
  /** What stands on the rule: the plan, or the one being tried out. */
  const shown = computed<Plan | undefined>(() => judging.whatIf ?? plan.value)
  const hash = computed(() => (table.workspace ? workspaceHash(table.workspace) : ''))
  /** Whether the plan was made for what is on the table. One of an earlier day stands as long as the judge says that it holds. */
  const standing = computed<'yes' | 'no' | 'unknown'>(() => {
    const { world } = table
    const its = plan.value
    if (!its || !world || its.workspace.hash !== hash.value) return 'no'
    if (its.libraryVersion !== world.library.version) return 'no'
    if (its.asOf >= world.asOf) return 'yes'
    if (!judging.says) return 'unknown'
    return judging.says.overtaken ? 'no' : 'yes'
  })

  function rest(): void {
    busy.value = false
    progress.value = undefined
    asked = ''
  }
  /** Ends planning; the best plan found so far stays. */
  function stop(): void {
    client.stop()
    rest()
    asked = judging.state
  }
  function heard(wanted: string, answer: Planned): void {
    // What was asked about may have gone from the table, by an undo say.
    if (wanted !== judging.state) {
      if (answer.kind === 'done' && asked === wanted) rest()
      return
    }
    if (answer.kind === 'so-far') {
      progress.value = answer
      table.plan = answer.plan
      return
    }
    busy.value = false
    outcome.value = answer.outcome
    if (answer.outcome.kind === 'clash') return
    table.plan = answer.outcome.plan
    saving.keepPlan(answer.outcome.plan.workspace.id, answer.outcome.plan)
  }
  function replan(): void {
    if (!table.workspace) return
    const wanted = judging.state
    const from = plan.value
    asked = wanted
    busy.value = true
    failure.value = undefined
    progress.value = undefined
    judging.whatIf = undefined
    if (from) former.value = from
    // A long ledger takes a moment to be made ready for the worker; the page shows the change first.
    setTimeout(() => {
      if (asked !== wanted || wanted !== judging.state) return
      client.ask('plan', { from }, aboutTable(), {
        answer: (answer) => heard(wanted, answer),
        failed: (trouble) => {
          failure.value = trouble
          busy.value = false
        }
      })
    })
  }
  /** Pins whose day has gone by are held for today or let go, and said. */
  function carryPins(): boolean {
    const { world } = table
    if (!world?.workspace.pins.some(({ date }) => date < world.asOf)) return false
    judging.ask('carried-pins', {}, (carried) => {
      if (!carried) return
      table.note((state) => ({ ...state, pins: carried.pins }))
      notices.addNotes(carried.notes)
    })
    return true
  }
  /** Plans again whenever what is planned with has changed; a plan moved by hand carries the new state's hash and stays. */
  watch(
    [() => judging.state, standing],
    ([state, stands]) => {
      if (state === '' || carryPins() || stands === 'unknown') return
      if (stands === 'yes' && asked !== state) rest()
      if (stands === 'no' && asked !== state) replan()
    },
    { immediate: true }
  )

  /** Ways in for a build of the workspace, by its id, or for one that stands nowhere yet. */
  function waysIn(
    build: string | Build,
    step: string | undefined,
    heardWays: (ways: readonly WayView[]) => void
  ): void {
    side.ask('ways', { build, step }, aboutTable(), { answer: heardWays })
  }
  /** Lays parts on a sheet in the worker. */
  function layOut(
    parts: readonly NestPart[],
    sheet: SheetSize,
    heardLayout: (layout: Layout) => void
  ): void {
    side.ask('nest', { parts, sheet }, undefined, { answer: heardLayout })
  }
  /** What the judge says if a purchase stood on another day; nothing is changed. */
  function tryMove(
    purchase: PlannedPurchase,
    date: Day,
    heardReport: (report: Report) => void
  ): void {
    const { world } = table
    if (!world || !shown.value) return
    const tried = movePurchase(world, shown.value, purchase.id, date)
    judging.ask('judge-move', { plan: tried }, heardReport)
  }

  /** Moves a purchase and pins it there; everything else stays where it was until the rest is planned again. */
  function move(purchase: PlannedPurchase, date: Day): void {
    const { world } = table
    if (!world || purchase.date === date) return
    if (judging.whatIf) {
      judging.whatIf = movePurchase(world, judging.whatIf, purchase.id, date)
      return
    }
    former.value = plan.value
    const pin = { offer: purchase.offer, count: purchase.count, date }
    table.run(
      steps.moved(table.say?.offer(purchase.offer) ?? ''),
      (state) => change.pin(state, pin, purchase.date),
      { plan: (its, after) => its && madeFor(movePurchase(world, its, purchase.id, date), after) }
    )
    outcome.value = undefined
  }
  /** Begins or ends trying things out: what is moved then is not kept. */
  function tryOut(on: boolean): void {
    judging.whatIf = on ? plan.value : undefined
  }
  /** Keeps what was tried out: every purchase that has moved is pinned where it stands now. */
  function keepTried(): void {
    const tried = judging.whatIf
    const before = plan.value
    judging.whatIf = undefined
    if (!tried || !before) return
    const dayBefore = (id: string): Day | undefined =>
      before.purchases.find((one) => one.id === id)?.date
    const moved = tried.purchases.filter(({ id, date }) => dayBefore(id) !== date)
    if (moved.length === 0) return
    former.value = before
    table.run(
      steps.triedOut(moved.length),
      (state) =>
        moved.reduce(
          (next, { offer, count, date, id }) =>
            change.pin(next, { offer, count, date }, dayBefore(id)),
          state
        ),
      { plan: (_its, after) => madeFor(tried, after) }
    )
    outcome.value = undefined
  }
  function setPinned({ offer, count, date }: PlannedPurchase, pinned: boolean): void {
    const name = table.say?.offer(offer) ?? ''
    table.run(
      pinned ? steps.pinned(name) : steps.unpinned(name),
      (state) =>
        pinned ? change.pin(state, { offer, count, date }) : change.unpin(state, offer, date),
      { plan: (its, after) => its && madeFor(its, after) }
    )
  }
  /** Keeps the plan as it stands today, so that later one can see what was true. */
  function keep(): void {
    const { world } = table
    const its = plan.value
    if (!world || !its || table.run(steps.adopted(), () => keepPlan(world, its)).length > 0) return
    // What is kept says how sure it was: worked out beside the page, and no step of the user's.
    sure.ask('risk', { plan: its }, aboutTable(), {
      answer: (found, last) => {
        if (!last) return
        const chances = found.builds.map(({ build, by, chance }) => ({ build, by, chance }))
        table.note((state) => withChances(state, its, chances))
      },
      failed: () => undefined
    })
  }
  const isPinned = ({ offer, date }: PlannedPurchase): boolean =>
    table.workspace?.pins.some((pin) => pin.offer === offer && pin.date === date) ?? false

  return {
    plan,
    shown,
    outcome,
    hash,
    busy,
    progress,
    former,
    failure,
    replan,
    stop,
    keep,
    tryOut,
    keepTried,
    waysIn,
    layOut,
    tryMove,
    move,
    setPinned,
    isPinned,
    whatIf: computed(() => judging.whatIf),
    report: computed(() => judging.report)
  }
})

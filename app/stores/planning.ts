import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { carriedPins, evaluate, movePurchase, type Report } from '../../core/plan'
import { explainPurchase, purchaseOpens, type PurchaseReasons } from '../../core/explain'
import { isOvertaken } from '../../core/shopping'
import { keepPlan } from '../../core/against'
import type { Outcome } from '../../core/search'
import { change, forPlanning, workspaceHash, type Plan, type PlannedPurchase, type Workspace } from '../../core/workspace'
import type { Build } from '../../core/builds'
import type { Layout, NestPart, SheetSize } from '../../core/cutlist'
import type { Day } from '../../core/calendar'
import type { WayView } from '../workers/protocol'
import { workerClient, type WorkerLike } from '../workers/client'
import { useWorkspace } from './workspace'
import { steps } from '../words/steps'

const makeWorker = (): WorkerLike =>
  new Worker(new URL('../workers/core.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike

/** The plan and the ranking for the workspace on the table, kept up to date by the worker. */
export const usePlanning = defineStore('planning', () => {
  const store = useWorkspace()
  const client = workerClient(makeWorker)
  const busy = ref(false)
  const outcome = shallowRef<Outcome>()
  const failure = ref<string>()
  /** State and day the newest planning request was made for. */
  let asked = ''

  /** How far planning has come, and what the best plan so far is worth. */
  const progress = shallowRef<{
    readonly evaluations: number
    readonly of: number
    readonly value: number
  }>()
  /** The plan that stood before the newest one, for its ghosts on the rule. */
  const former = shallowRef<Plan>()
  /** A plan being tried out: nothing of it is kept until it is accepted. */
  const whatIf = shallowRef<Plan>()
  /** What is planned with: the workspace, and the library that is in use. */
  const hash = computed(() => (store.workspace ? workspaceHash(store.workspace) : ''))
  /** The same, with the day. */
  const key = computed(() => (hash.value === '' ? '' : `${hash.value}@${store.world?.asOf ?? ''}`))
  /** A plan of an earlier day stands as long as it holds; what has gone by otherwise is planned again. */
  const overtaken = computed(
    () =>
      store.world !== undefined &&
      plan.value !== undefined &&
      isOvertaken(store.world, plan.value, () => planReport.value ?? { broken: [] })
  )
  const isSettled = (): boolean =>
    plan.value?.workspace.hash === hash.value &&
    plan.value.libraryVersion === store.world?.library.version &&
    !overtaken.value
  const plan = computed<Plan | undefined>(() => store.workspace?.plan)
  /** What stands on the rule: the plan, or the one being tried out. */
  const shown = computed<Plan | undefined>(() => whatIf.value ?? plan.value)
  /** A plan moved by hand has its rules checked, but nothing else was re-planned. */
  const planReport = computed<Report | undefined>(() =>
    store.world && plan.value ? evaluate(store.world, plan.value) : undefined
  )
  const report = computed<Report | undefined>(() =>
    store.world && whatIf.value ? evaluate(store.world, whatIf.value) : planReport.value
  )

  const question = (): { workspace: Workspace; today: Day } | undefined =>
    store.workspace && { workspace: forPlanning(store.workspace, store.today), today: store.today }

  /** Counts the plans asked for; one that was stopped or overtaken before it went to the worker is not asked for. */
  let turn = 0
  function rest(): void {
    turn += 1
    busy.value = false
    progress.value = undefined
    asked = ''
  }
  /** Ends planning; the best plan found so far stays. */
  function stop(): void {
    client.stop()
    rest()
    asked = key.value
  }
  function replan(): void {
    if (!store.workspace) return
    const wanted = key.value
    asked = wanted
    turn += 1
    const mine = turn
    busy.value = true
    failure.value = undefined
    progress.value = undefined
    whatIf.value = undefined
    const from = plan.value
    if (from) former.value = from
    // A long ledger takes a moment to be made ready for the worker; the page shows the change first.
    setTimeout(() => {
      const asks = question()
      if (asks && mine === turn) askFor(wanted, asks, from)
    })
  }
  function askFor(
    wanted: string,
    asks: { workspace: Workspace; today: Day },
    from: Plan | undefined
  ): void {
    client.ask({ kind: 'plan', ...asks, from }, (reply) => {
      if (wanted !== key.value) {
        // What was asked about has gone from the table, by an undo say; nothing is under way for what stands there now.
        if (reply.kind !== 'plan-so-far' && asked === wanted) rest()
        return
      }
      if (reply.kind === 'failed') failure.value = reply.message
      if (reply.kind === 'plan-so-far') {
        progress.value = reply
        store.settlePlan(reply.plan, false)
        return
      }
      busy.value = false
      if (reply.kind !== 'plan') return
      outcome.value = reply.outcome
      if (reply.outcome.kind !== 'clash') store.settlePlan(reply.outcome.plan)
    })
  }

  /** Plans again whenever what is planned with has changed; a plan moved by hand carries the new state's hash and stays. */
  watch(
    [key, () => plan.value?.workspace.hash],
    () => {
      const carried = store.world && carriedPins(store.world)
      if (carried) {
        store.note(() => carried.workspace)
        store.notes = [...store.notes, ...carried.notes]
        return
      }
      if (isSettled() && asked !== key.value) rest()
      if (key.value === '' || isSettled() || asked === key.value) return
      replan()
    },
    { immediate: true }
  )

  function waysIn(
    build: string,
    step: string | undefined,
    listener: (ways: readonly WayView[]) => void
  ): void {
    const asks = question()
    if (asks)
      client.ask(
        { kind: 'ways', ...asks, build, step },
        (reply) => reply.kind === 'ways' && listener(reply.ways)
      )
  }

  /** Ways in for a build that does not stand in the workspace. */
  function waysInFor(build: Build, listener: (ways: readonly WayView[]) => void): void {
    const asks = question()
    if (asks)
      client.ask(
        { kind: 'ways', ...asks, build },
        (reply) => reply.kind === 'ways' && listener(reply.ways)
      )
  }
  /** Lays parts on sheets in the worker; the listener hears the layout for the material. */
  function layOut(
    parts: readonly NestPart[],
    sheet: SheetSize,
    material: string,
    listener: (layout: Layout) => void
  ): void {
    client.ask({ kind: 'nest', parts, sheet, material }, (reply) => {
      if (reply.kind === 'nest') listener(reply.layout)
    })
  }
  /** What the evaluator says if a purchase stood on another day; nothing is changed. */
  function tryMove(purchase: PlannedPurchase, date: Day): Report | undefined {
    return store.world && shown.value
      ? evaluate(store.world, movePurchase(store.world, shown.value, purchase.id, date))
      : undefined
  }

  /** Moves a purchase and pins it there; everything else stays where it was until the rest is planned again. */
  function move(purchase: PlannedPurchase, date: Day): void {
    const { world } = store
    if (!world || purchase.date === date) return
    if (whatIf.value) {
      whatIf.value = movePurchase(world, whatIf.value, purchase.id, date)
      return
    }
    former.value = plan.value
    store.run(steps.moved(store.say?.offer(purchase.offer) ?? ''), (state) => {
      const next = state.plan ? movePurchase(world, state.plan, purchase.id, date) : undefined
      const pinned = change.pin(
        state,
        { offer: purchase.offer, count: purchase.count, date },
        purchase.date
      )
      return next ? withHash(pinned, next) : pinned
    })
    outcome.value = undefined
  }
  /** Begins or ends trying things out: what is moved then is not kept. */
  function tryOut(on: boolean): void {
    whatIf.value = on ? plan.value : undefined
  }
  /** Keeps what was tried out: every purchase that has moved is pinned where it stands now. */
  function keepTried(): void {
    const tried = whatIf.value
    const before = plan.value
    whatIf.value = undefined
    if (!tried || !before) return
    const moved = tried.purchases.filter(
      ({ id, date }) => before.purchases.find((one) => one.id === id)?.date !== date
    )
    if (moved.length === 0) return
    former.value = before
    store.run(steps.triedOut(moved.length), (state) =>
      withHash(
        moved.reduce(
          (next, { offer, count, date, id }) =>
            change.pin(
              next,
              { offer, count, date },
              before.purchases.find((one) => one.id === id)?.date
            ),
          state
        ),
        tried
      )
    )
    outcome.value = undefined
  }
  function setPinned(purchase: PlannedPurchase, pinned: boolean): void {
    const name = store.say?.offer(purchase.offer) ?? ''
    store.run(pinned ? steps.pinned(name) : steps.unpinned(name), (state) => {
      const next = pinned
        ? change.pin(state, { offer: purchase.offer, count: purchase.count, date: purchase.date })
        : change.unpin(state, purchase.offer, purchase.date)
      return state.plan ? withHash(next, state.plan) : next
    })
  }
  /** The plan carries the hash of the state it is to stand for. */
  const withHash = (state: Workspace, next: Plan): Workspace => ({
    ...state,
    plan: { ...next, workspace: { id: state.id, hash: workspaceHash(state) } }
  })

  /** Keeps the plan as it stands today, so that later one can see what was true. */
  function keep(): void {
    const { world } = store
    if (world) store.run(steps.adopted(), () => keepPlan(world))
  }

  const reasons = (purchase: PlannedPurchase): PurchaseReasons | undefined =>
    store.world && shown.value ? explainPurchase(store.world, shown.value, purchase) : undefined
  const opens = (purchase: PlannedPurchase): PurchaseReasons['opens'] =>
    store.world && plan.value
      ? purchaseOpens(store.world, plan.value, purchase, report.value?.broken)
      : []
  const isPinned = (purchase: PlannedPurchase): boolean =>
    store.workspace?.pins.some(
      ({ offer, date }) => offer === purchase.offer && date === purchase.date
    ) ?? false

  return {
    plan,
    shown,
    report,
    outcome,
    hash,
    busy,
    progress,
    former,
    whatIf,
    failure,
    replan,
    stop,
    keep,
    tryOut,
    keepTried,
    waysIn,
    waysInFor,
    layOut,
    tryMove,
    move,
    setPinned,
    isPinned,
    reasons,
    opens
  }
})

import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import type { Beginning, PurchaseReasons } from '../../core/explain'
import type { Issue } from '../../core/kernel'
import type { Report } from '../../core/plan'
import type { PocketLine } from '../../core/shopping'
import { workspaceHash, type Plan, type PlannedPurchase } from '../../core/workspace'
import type { Answer, Asks, CallName, Judged } from '../workers/protocol'
import { aboutTable, askCore } from './asking'
import { useWorkspace } from './workspace'
import { toldText } from '../../data'

/** A line of the pocket list with its caution in the language that is spoken: what reckons beside the page knows none. */
const inWords = (line: PocketLine): PocketLine =>
  line.caution === undefined ? line : { ...line, caution: toldText(line.caution) }

/** What the judge says of plans: asked of a worker of its own, which is never busy with searching. */
export const useJudging = defineStore('judging', () => {
  const table = useWorkspace()
  const judge = askCore(true)
  const failure = shallowRef<Issue>()
  const judged = shallowRef<{
    readonly plan: Plan
    readonly state: string
    readonly says: Judged
  }>()
  /** How the plan begins as against the head of the ranking. */
  const beginning = shallowRef<Beginning>()
  /** A plan being tried out: nothing of it is kept until it is accepted. */
  const whatIf = shallowRef<Plan>()
  const triedReport = shallowRef<{ readonly plan: Plan; readonly report: Report }>()

  /** Asks one question about the state on the table. */
  function ask<K extends CallName>(
    call: K,
    asks: Asks<K>,
    heard: (answer: Answer<K>) => void
  ): void {
    judge.ask(call, asks, aboutTable(), {
      answer: heard,
      failed: (trouble) => {
        failure.value = trouble
      }
    })
  }
  const state = computed(() =>
    table.workspace ? `${workspaceHash(table.workspace)}@${table.world?.asOf ?? ''}` : ''
  )
  watch(
    [() => table.plan, state],
    ([plan, at]) => {
      if (!plan || at === '') return
      ask('judge', { plan }, (says) => {
        judged.value = { plan, state: at, says }
      })
    },
    { immediate: true }
  )
  watch(whatIf, (plan) => {
    if (!plan) return
    ask('judge-move', { plan }, (report) => {
      triedReport.value = { plan, report }
    })
  })
  /** What is said of the plan on the table as it stands; undefined while the judge is looking. */
  const says = computed<Judged | undefined>(() =>
    judged.value?.plan === table.plan && judged.value?.state === state.value
      ? judged.value.says
      : undefined
  )
  /** The judge's report of the plan; of a former one while it looks at the newest. */
  const planReport = computed<Report | undefined>(() =>
    table.plan ? judged.value?.says.report : undefined
  )
  /** The report of what stands on the rule: the plan, or the one being tried out. */
  const report = computed<Report | undefined>(() =>
    whatIf.value ? (triedReport.value?.report ?? planReport.value) : planReport.value
  )
  /** Why a purchase of a plan stands where it does; answers once, with a function that ends the question. */
  function reasons(
    plan: Plan,
    purchase: PlannedPurchase,
    heard: (reasons: PurchaseReasons | undefined) => void
  ): void {
    ask('purchase-reasons', { plan, purchase: purchase.id }, heard)
  }
  function askBeginning(asks: Asks<'beginning'>): void {
    ask('beginning', asks, (found) => {
      beginning.value = found
    })
  }
  /** How the plan begins as against a rung of the ladder. */
  function beginsWith(
    asks: Asks<'beginning'>,
    heard: (found: Beginning | undefined) => void
  ): void {
    ask('beginning', asks, heard)
  }
  /** The pocket list of the plan; empty without one. */
  function pocket(heard: (lines: readonly PocketLine[]) => void): void {
    if (table.plan) ask('pocket', { plan: table.plan }, (lines) => heard(lines.map(inWords)))
    else heard([])
  }
  return {
    beginning,
    askBeginning,
    beginsWith,
    pocket,
    whatIf,
    failure,
    judged,
    says,
    planReport,
    report,
    state,
    ask,
    reasons
  }
})

import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Answers, CurvePoint, Difference } from '../../core/explain'
import type { Risk } from '../../core/risk'
import type { ScenarioOutcome } from '../../core/scenarios'
import type { Minor } from '../../core/money'
import { forPlanning, workspaceHash, type Plan, type Scenario, type Workspace } from '../../core/workspace'
import { workerClient, type WorkerLike } from '../workers/client'
import { usePlanning } from './planning'
import { useWorkspace } from './workspace'

const makeThinker = (): WorkerLike =>
  new Worker(new URL('../workers/core.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike
const makeProver = (): WorkerLike =>
  new Worker(new URL('../workers/prover.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike

/** Questions about the plan that take planning again or many courses of things; worked out beside the page, forgotten when the plan changes. */
export const useStaging = defineStore('staging', () => {
  const store = useWorkspace()
  const planning = usePlanning()
  const thinker = workerClient(makeThinker)
  const prover = workerClient(makeProver)
  const answers = shallowRef<ReadonlyMap<string, Answers>>(new Map())
  const more = shallowRef<{ readonly amount: Minor; readonly difference: Difference }>()
  const curve = shallowRef<readonly CurvePoint[]>([])
  const outcomes = shallowRef<readonly ScenarioOutcome[]>([])
  const risk = shallowRef<Risk>()
  const bound = ref<number>()
  const thinking = ref<'answers' | 'more' | 'curve' | 'scenarios' | 'risk'>()
  const proving = ref(false)
  /** No limit came out in the time there was. */
  const unbounded = ref(false)
  const failure = ref<string>()

  const key = computed(() =>
    planning.plan
      ? JSON.stringify([
          planning.plan.workspace.hash,
          planning.plan.purchases.map(({ id }) => id),
          planning.plan.builds.map(({ build, done }) => [build, done])
        ])
      : ''
  )
  /** What does not depend on the plan but on what is planned with. */
  const ground = computed(() => (store.workspace ? workspaceHash(store.workspace) : ''))
  watch(key, () => {
    answers.value = new Map()
    more.value = undefined
    risk.value = undefined
    curve.value = []
    if (thinking.value !== undefined && thinking.value !== 'scenarios') halt()
  })
  watch(ground, () => {
    bound.value = undefined
    unbounded.value = false
    outcomes.value = []
    prover.stop()
    proving.value = false
    halt()
  })
  const question = (): { workspace: Workspace; today: string; plan: Plan } | undefined => {
    const { workspace, today } = store
    return workspace && planning.plan
      ? { workspace: forPlanning(workspace, today), today, plan: planning.plan }
      : undefined
  }
  function halt(): void {
    if (thinking.value === undefined) return
    thinker.stop()
    thinking.value = undefined
  }
  function begin(what: NonNullable<typeof thinking.value>): ReturnType<typeof question> {
    const asks = question()
    if (!asks) return undefined
    halt()
    failure.value = undefined
    thinking.value = what
    return asks
  }
  const ended = (what: string): void => {
    if (thinking.value === what) thinking.value = undefined
  }
  const failed = (message: string, what: string): void => {
    failure.value = message
    ended(what)
  }

  function ask(purchase: string): void {
    const asks = answers.value.has(purchase) ? undefined : begin('answers')
    if (asks)
      thinker.ask({ kind: 'answers', ...asks, purchase }, (reply) => {
        if (reply.kind === 'failed') failed(reply.message, 'answers')
        if (reply.kind !== 'answers') return
        if (reply.answers)
          answers.value = new Map([...answers.value, [reply.purchase, reply.answers]])
        ended('answers')
      })
  }
  function spend(amount: Minor): void {
    const asks = begin('more')
    if (asks)
      thinker.ask({ kind: 'more', ...asks, amount }, (reply) => {
        if (reply.kind === 'failed') failed(reply.message, 'more')
        if (reply.kind === 'more') more.value = reply
        ended('more')
      })
  }
  function drawCurve(): void {
    const asks = begin('curve')
    curve.value = []
    if (asks)
      thinker.ask({ kind: 'curve', ...asks }, (reply) => {
        if (reply.kind === 'failed') failed(reply.message, 'curve')
        if (reply.kind !== 'curve') return
        curve.value = [...curve.value, reply.point]
        if (reply.done) ended('curve')
      })
  }
  function compare(scenarios: readonly (Scenario | null)[]): void {
    const asks = begin('scenarios')
    outcomes.value = []
    if (asks)
      thinker.ask(
        { kind: 'scenarios', workspace: asks.workspace, today: asks.today, scenarios },
        (reply) => {
          if (reply.kind === 'failed') failed(reply.message, 'scenarios')
          if (reply.kind !== 'scenarios') return
          outcomes.value = [...outcomes.value, reply.outcome]
          if (reply.done) ended('scenarios')
        }
      )
  }
  function weighRisk(): void {
    const asks = begin('risk')
    if (asks)
      thinker.ask({ kind: 'risk', ...asks }, (reply) => {
        if (reply.kind === 'failed') failed(reply.message, 'risk')
        if (reply.kind !== 'risk') return
        risk.value = reply.risk
        if (reply.done) ended('risk')
      })
  }
  /** Works out how much better a plan could be at most. */
  function prove(): void {
    const asks = question()
    if (!asks) return
    proving.value = true
    prover.ask({ kind: 'bound', workspace: asks.workspace, today: asks.today }, (reply) => {
      if (reply.kind === 'failed') failure.value = reply.message
      if (reply.kind === 'bound')
        [bound.value, unbounded.value] = [reply.bound, reply.done && reply.bound === undefined]
      if (reply.kind === 'failed' || (reply.kind === 'bound' && reply.done)) proving.value = false
    })
  }
  function stopProving(): void {
    prover.stop()
    proving.value = false
  }
  return {
    answers,
    more,
    curve,
    outcomes,
    risk,
    bound,
    unbounded,
    thinking,
    proving,
    failure,
    ask,
    spend,
    drawCurve,
    compare,
    weighRisk,
    prove,
    stopProving,
    halt
  }
})

import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Day } from '../../core/calendar'
import type { Power, School } from '../../core/catalogue'
import type { Minor } from '../../core/money'
import type { SchoolOutcome } from '../../core/scenarios'
import type { Sway } from '../../core/weigh'
import { WEIGHTS, forPlanning, weightsOf, withWeights, workspaceHash, type WeightName, type Weights, type Workspace } from '../../core/workspace'
import { workerClient, type WorkerLike } from '../workers/client'
import type { BatteriesView, OwnershipView, PullsView, RankingView, ReasonsView, SplitView } from '../workers/protocol'
import { steps } from '../words/steps'
import { useWorkspace } from './workspace'

const makeWorker = (): WorkerLike =>
  new Worker(new URL('../workers/core.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike

/** What the Weigh-up shows, worked out beside the page: one worker answers at once, another one takes its time. */
export const useWeighing = defineStore('weighing', () => {
  const store = useWorkspace()
  const quick = workerClient(makeWorker)
  const patient = workerClient(makeWorker)
  const ranking = shallowRef<RankingView>()
  const rankedFor = ref('')
  /** Weights being tried out with a slider; the workspace keeps its own until it is let go. */
  const trial = shallowRef<Weights>()
  const pulls = shallowRef<PullsView>()
  const sways = shallowRef<readonly Sway[]>([])
  const reasons = shallowRef<ReadonlyMap<string, ReasonsView>>(new Map())
  const ownership = shallowRef<OwnershipView>()
  const split = shallowRef<SplitView>()
  const batteries = shallowRef<BatteriesView>()
  const outcomes = shallowRef<readonly SchoolOutcome[]>([])
  const comparing = ref(false)
  const failure = ref<string>()
  let sharedFor = ''
  let askedFor = ''

  const weights = computed<Weights | undefined>(
    () => trial.value ?? (store.workspace && weightsOf(store.workspace))
  )
  const hash = computed(() =>
    store.workspace
      ? `${workspaceHash(store.workspace)}|${store.workspace.wishes.join()}|${store.today}`
      : ''
  )
  const question = (): { workspace: Workspace; today: Day } | undefined =>
    store.workspace && { workspace: forPlanning(store.workspace, store.today), today: store.today }

  /**
   * Puts the purchases in order; does nothing where that is done already.
   * @param whole also shares the gain and looks how firmly first place is held, which takes longer
   */
  function weigh(whole = true): void {
    const asks = question()
    const wanted = hash.value
    if (!asks) return
    if (whole && sharedFor !== wanted) share(asks, wanted)
    if (askedFor === wanted) return
    askedFor = wanted
    quick.ask({ kind: 'rank', ...asks }, (reply) => {
      if (reply.kind === 'failed') failure.value = reply.message
      if (reply.kind !== 'rank' || wanted !== hash.value) return
      ranking.value = reply.ranking
      rankedFor.value = wanted
      reasons.value = new Map()
    })
  }
  function share(asks: { workspace: Workspace; today: Day }, wanted: string): void {
    sharedFor = wanted
    pulls.value = undefined
    sways.value = []
    patient.ask({ kind: 'pulls', ...asks }, (reply) => {
      if (reply.kind !== 'pulls' || wanted !== hash.value) return
      const first = reply.view.done
      pulls.value = reply.view
      if (first)
        patient.ask({ kind: 'sway', ...asks }, (next) => {
          if (next.kind === 'sway' && wanted === hash.value)
            sways.value = [...sways.value, next.sway]
        })
    })
  }

  /** Tries a weight without keeping it: the order follows the slider. */
  function tryWeight(name: WeightName, value: number): void {
    const asks = question()
    if (!asks || !weights.value) return
    const tried = { ...weights.value, [name]: value }
    trial.value = tried
    // What is on the screen is no longer what the workspace says; a change that is undone has to be asked about again.
    askedFor = ''
    quick.ask({ kind: 'rank', ...asks, weights: tried }, (reply) => {
      if (reply.kind === 'rank' && trial.value === tried) ranking.value = reply.ranking
    })
  }
  /** Keeps the weights that are being tried, as one step that can be undone. */
  function keepWeights(name: string): void {
    const tried = trial.value
    trial.value = undefined
    const present = store.workspace && weightsOf(store.workspace)
    if (tried && present && WEIGHTS.some((weight) => tried[weight] !== present[weight]))
      store.run(steps.weighed(name), (state) => withWeights(state, tried))
  }

  function explain(candidate: string): void {
    const asks = question()
    if (!asks || reasons.value.has(candidate)) return
    const wanted = hash.value
    quick.ask({ kind: 'reasons', ...asks, candidate }, (reply) => {
      if (reply.kind === 'reasons' && reply.reasons && wanted === hash.value)
        reasons.value = new Map([...reasons.value, [reply.candidate, reply.reasons]])
    })
  }
  function own(tool: string, power: Power, limit?: number): void {
    const asks = question()
    if (asks)
      quick.ask({ kind: 'ownership', ...asks, tool, power, limit }, (reply) => {
        if (reply.kind === 'ownership') ownership.value = reply.view
      })
  }
  function divide(
    total: Minor,
    years: number,
    tools: readonly { tool: string; power: Power; count: number }[]
  ): void {
    const asks = question()
    if (asks)
      quick.ask({ kind: 'split', ...asks, total, years, tools }, (reply) => {
        if (reply.kind === 'split') split.value = reply.view
      })
  }
  function power(tools?: readonly string[]): void {
    const asks = question()
    if (asks)
      quick.ask({ kind: 'batteries', ...asks, tools }, (reply) => {
        if (reply.kind === 'batteries') batteries.value = reply.view
      })
  }
  /** Ranks and plans as each school would, one after another; null stands for the user's own mix. */
  function compare(schools: readonly (School | null)[]): void {
    const asks = question()
    if (!asks || schools.length === 0) return
    outcomes.value = []
    comparing.value = true
    patient.ask({ kind: 'schools', ...asks, schools }, (reply) => {
      if (reply.kind === 'failed') [failure.value, comparing.value] = [reply.message, false]
      if (reply.kind !== 'schools') return
      outcomes.value = [...outcomes.value, reply.outcome]
      comparing.value = !reply.done
    })
  }
  function stopComparing(): void {
    patient.stop()
    comparing.value = false
  }

  return {
    ranking,
    rankedFor,
    weights,
    trial,
    pulls,
    sways,
    reasons,
    ownership,
    split,
    batteries,
    outcomes,
    comparing,
    failure,
    hash,
    weigh,
    tryWeight,
    keepWeights,
    explain,
    own,
    divide,
    power,
    compare,
    stopComparing
  }
})

import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Power, School } from '../../core/catalogue'
import type { Issue } from '../../core/kernel'
import type { Minor } from '../../core/money'
import type { SchoolOutcome } from '../../core/scenarios'
import type { Sway } from '../../core/weigh'
import {
  WEIGHTS,
  weightsOf,
  withWeights,
  workspaceHash,
  type WeightName,
  type Weights
} from '../../core/workspace'
import type {
  Answer,
  Asks,
  BatteriesView,
  CallName,
  OwnershipView,
  PullsView,
  RankingView,
  ReasonsView,
  SplitView
} from '../workers/protocol'
import type { WorkerClient } from '../workers/client'
import { steps } from '../words/steps'
import { aboutTable, askCore } from './asking'
import { useJudging } from './judging'
import { useWorkspace } from './workspace'

/** What the Weigh-up shows, worked out beside the page: one worker answers at once, another one takes its time. */
export const useWeighing = defineStore('weighing', () => {
  const table = useWorkspace()
  const judging = useJudging()
  const quick = askCore()
  const patient = askCore()
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
  const failure = shallowRef<Issue>()
  let sharedFor = ''
  let askedFor = ''

  const weights = computed<Weights | undefined>(
    () => trial.value ?? (table.workspace && weightsOf(table.workspace))
  )
  const hash = computed(() =>
    table.workspace
      ? `${workspaceHash(table.workspace)}|${table.workspace.wishes.join()}|${table.today}`
      : ''
  )
  function ask<K extends CallName>(
    client: WorkerClient,
    call: K,
    asks: Asks<K>,
    heard: (answer: Answer<K>, last: boolean) => void
  ): void {
    if (!table.workspace) return
    failure.value = undefined
    client.ask(call, asks, aboutTable(), {
      answer: heard,
      failed: (trouble) => {
        failure.value = trouble
        comparing.value = false
        // What failed may be asked for again.
        askedFor = ''
        sharedFor = ''
      }
    })
  }

  /**
   * Puts the purchases in order; does nothing where that is done already.
   * @param whole also shares the gain and looks how firmly first place is held, which takes longer
   */
  function weigh(whole = true): void {
    const wanted = hash.value
    if (wanted === '') return
    if (whole && sharedFor !== wanted) share(wanted)
    if (askedFor === wanted) return
    askedFor = wanted
    ask(quick, 'rank', {}, (found) => {
      if (wanted !== hash.value) return
      rankedFor.value = wanted
      ranking.value = found
      reasons.value = new Map()
    })
  }
  /** How the plan begins as against the head of the list: asked of the judge whenever either changes. */
  watch([ranking, () => table.plan], ([list, plan]) => {
    const first = list?.candidates[0]
    judging.beginning = undefined
    if (!first || !plan || trial.value || rankedFor.value !== hash.value) return
    const opens = first.effects.filter((one) => one.opens).map(({ build }) => build)
    judging.askBeginning({ plan, lead: first.lead.tool, cost: first.cost, opens })
  })
  function share(wanted: string): void {
    sharedFor = wanted
    pulls.value = undefined
    sways.value = []
    ask(patient, 'pulls', {}, (found, last) => {
      if (wanted !== hash.value) return
      pulls.value = found
      if (last) lookAtSways(wanted)
    })
  }
  function lookAtSways(wanted: string): void {
    ask(patient, 'sway', {}, ({ sway }) => {
      if (wanted === hash.value) sways.value = [...sways.value, sway]
    })
  }

  /** Tries a weight without keeping it: the order follows the slider. */
  function tryWeight(name: WeightName, value: number): void {
    if (!weights.value) return
    const tried = { ...weights.value, [name]: value }
    trial.value = tried
    // What is on the screen is no longer what the workspace says; a change that is undone has to be asked about again.
    askedFor = ''
    ask(quick, 'rank', { weights: tried }, (found) => {
      if (trial.value === tried) ranking.value = found
    })
  }
  /** Keeps the weights that are being tried, as one step that can be undone. */
  function keepWeights(name: string): void {
    const tried = trial.value
    trial.value = undefined
    const present = table.workspace && weightsOf(table.workspace)
    if (tried && present && WEIGHTS.some((weight) => tried[weight] !== present[weight]))
      table.run(steps.weighed(name), (state) => withWeights(state, tried))
  }

  function explain(candidate: string): void {
    if (reasons.value.has(candidate)) return
    const wanted = hash.value
    ask(quick, 'reasons', { candidate }, (found) => {
      if (found && wanted === hash.value)
        reasons.value = new Map([...reasons.value, [candidate, found]])
    })
  }
  function own(tool: string, power: Power, limit?: number): void {
    ask(quick, 'ownership', { tool, power, limit }, (found) => {
      ownership.value = found
    })
  }
  function divide(
    total: Minor,
    years: number,
    tools: readonly { tool: string; power: Power; count: number }[]
  ): void {
    ask(quick, 'split', { total, years, tools }, (found) => {
      split.value = found
    })
  }
  function power(tools?: readonly string[]): void {
    ask(quick, 'batteries', { tools }, (found) => {
      batteries.value = found
    })
  }
  /** Ranks and plans as each school would, one after another; null stands for the user's own mix. */
  function compare(schools: readonly (School | null)[]): void {
    if (schools.length === 0) return
    outcomes.value = []
    comparing.value = true
    ask(patient, 'schools', { schools, plan: table.plan }, (outcome, last) => {
      outcomes.value = [...outcomes.value, outcome]
      comparing.value = !last
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

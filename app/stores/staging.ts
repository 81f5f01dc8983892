import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Answers, CurvePoint, Difference } from '../../core/explain'
import type { Issue } from '../../core/kernel'
import type { Minor } from '../../core/money'
import type { Risk } from '../../core/risk'
import type { ScenarioOutcome } from '../../core/scenarios'
import { workspaceHash, type Plan, type Scenario } from '../../core/workspace'
import type { Answer, Asks } from '../workers/protocol'
import { aboutTable, askCore, askProver } from './asking'
import { useWorkspace } from './workspace'

/** Questions of which one is answered at a time. */
type Thought = 'answers' | 'more' | 'curve' | 'scenarios' | 'risk'

/** Questions about the plan that take planning again or many courses of things; worked out beside the page, forgotten when the plan changes. */
export const useStaging = defineStore('staging', () => {
  const table = useWorkspace()
  const thinker = askCore()
  const prover = askProver()
  const answers = shallowRef<ReadonlyMap<string, Answers>>(new Map())
  const more = shallowRef<{ readonly amount: Minor; readonly difference: Difference }>()
  const curve = shallowRef<readonly CurvePoint[]>([])
  const outcomes = shallowRef<readonly ScenarioOutcome[]>([])
  /** The scenarios last asked about, the workspace as it stands without a mark. */
  const asked = shallowRef<readonly string[]>([])
  const risk = shallowRef<Risk>()
  const bound = ref<number>()
  const thinking = ref<Thought>()
  const proving = ref(false)
  /** No limit came out in the time there was. */
  const unbounded = ref(false)
  /** The plan asked about is proven best, to a thousandth of what it is worth. */
  const proven = ref(false)
  const failure = shallowRef<Issue>()

  const planKey = ({ workspace: { hash }, purchases, builds }: Plan): string =>
    JSON.stringify([
      hash,
      purchases.map(({ id }) => id),
      builds.map(({ build, done }) => [build, done])
    ])
  const key = computed(() => (table.plan ? planKey(table.plan) : ''))
  /** What does not depend on the plan but on what is planned with. */
  const ground = computed(() => (table.workspace ? workspaceHash(table.workspace) : ''))
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
    proven.value = false
    outcomes.value = []
    stopProving()
    halt()
  })
  function halt(): void {
    if (thinking.value === undefined) return
    thinker.stop()
    thinking.value = undefined
  }
  /** Asks one question in the place of the one under way. */
  function think<K extends Thought>(
    call: K,
    asks: Asks<K>,
    heard: (answer: Answer<K>) => void
  ): void {
    halt()
    failure.value = undefined
    thinking.value = call
    const ended = (): void => {
      if (thinking.value === call) thinking.value = undefined
    }
    thinker.ask(call, asks, aboutTable(), {
      answer: (answer, last) => {
        heard(answer)
        if (last) ended()
      },
      failed: (trouble) => {
        failure.value = trouble
        ended()
      }
    })
  }

  function ask(purchase: string): void {
    const { plan } = table
    if (!plan || answers.value.has(purchase)) return
    think('answers', { plan, purchase }, (found) => {
      if (found) answers.value = new Map([...answers.value, [purchase, found]])
    })
  }
  function spend(amount: Minor): void {
    const { plan } = table
    if (!plan) return
    think('more', { plan, amount }, (difference) => {
      more.value = { amount, difference }
    })
  }
  function drawCurve(): void {
    const { plan } = table
    curve.value = []
    if (!plan) return
    think('curve', { plan }, (point) => {
      curve.value = [...curve.value, point]
    })
  }
  function compare(scenarios: readonly (Scenario | null)[]): void {
    outcomes.value = []
    asked.value = scenarios.map((one) => one?.id ?? '')
    think('scenarios', { scenarios, plan: table.plan }, (outcome) => {
      outcomes.value = [...outcomes.value, outcome]
    })
  }
  function weighRisk(): void {
    const { plan } = table
    if (!plan) return
    think('risk', { plan }, (found) => {
      risk.value = found
    })
  }
  /** Works out how much better a plan could be at most. @param value what it is worth, minor units */
  function prove(value: number): void {
    proving.value = true
    prover.ask('bound', { value }, aboutTable(), {
      answer: (found, last) => {
        bound.value = found.bound
        proven.value = found.proven
        unbounded.value = last && found.bound === undefined
        if (last) proving.value = false
      },
      failed: (trouble) => {
        failure.value = trouble
        proving.value = false
      }
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
    asked,
    risk,
    bound,
    unbounded,
    proven,
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

import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import type { Issue } from '../../core/kernel'
import type { Offered, WaitOrBuy, WorthUpTo } from '../../core/timing'
import type { Plan } from '../../core/workspace'
import { aboutTable, askCore } from './asking'
import { usePlanning } from './planning'
import { useWorkspace } from './workspace'

/** Whether to buy now or to wait, and what something offered is worth; worked out beside the page, forgotten when the plan changes. */
export const useTiming = defineStore('timing', () => {
  const table = useWorkspace()
  const planning = usePlanning()
  const client = askCore()
  const judge = askCore()
  const answers = shallowRef<readonly WaitOrBuy[]>([])
  const thinking = ref(false)
  const failure = shallowRef<Issue>()
  /** What the newest thing offered is worth, and whether that is being worked out. */
  const worth = shallowRef<WorthUpTo>()
  const judging = ref(false)
  let asked: Plan | undefined

  function forget(): void {
    if (thinking.value) client.stop()
    if (judging.value) judge.stop()
    thinking.value = false
    judging.value = false
    answers.value = []
    worth.value = undefined
    asked = undefined
  }
  // At once: whoever asks about the new plan in the same turn must not be forgotten with the old one.
  watch(() => table.plan, forget, { flush: 'sync' })

  /** Works the answers out for the plan as it stands, unless they are there or under way. */
  function look(): void {
    const { plan } = table
    if (!plan || plan === asked || planning.busy) return
    asked = plan
    answers.value = []
    failure.value = undefined
    thinking.value = true
    const paid = (table.workspace?.ledger ?? []).filter(
      ({ offer, reverses }) => offer !== undefined || reverses !== undefined
    )
    client.ask('wait-or-buy', { plan, paid }, aboutTable(), {
      answer: (answer, last) => {
        if (answer) answers.value = [...answers.value, answer]
        if (last) thinking.value = false
      },
      failed: (trouble) => {
        failure.value = trouble
        thinking.value = false
      }
    })
  }
  function weigh(offered: Offered): void {
    const { plan } = table
    if (!plan) return
    worth.value = undefined
    failure.value = undefined
    judging.value = true
    judge.ask('worth-up-to', { plan, offered }, aboutTable(), {
      answer: (found) => {
        worth.value = found
        judging.value = false
      },
      failed: (trouble) => {
        failure.value = trouble
        judging.value = false
      }
    })
  }
  return { answers, thinking, failure, worth, judging, look, weigh }
})

<script setup lang="ts">
import { computed } from 'vue'
import type { Issue } from '../../core/kernel'
import { useJudging } from '../stores/judging'
import { useNotices } from '../stores/notices'
import { usePlanning } from '../stores/planning'
import { useWorkspace } from '../stores/workspace'
import { placed } from '../words/where'
import MessageLine from './MessageLine.vue'

/** What was found wanting, what was noted, and what a worker could not do, each with its way out. */
const store = useWorkspace()
const notices = useNotices()
const judging = useJudging()
const planning = usePlanning()

interface Shown {
  readonly text: string
  readonly severity: 'error' | 'info'
  /** What is done about it on the spot, where something can be. */
  readonly again?: () => void
  readonly dismiss: () => void
}
/** A message with what takes it away: itself alone. */
const message = (one: Issue, severity: 'error' | 'info'): Shown => ({
  text: placed(one, store.say),
  severity,
  dismiss: () => notices.dismiss(one)
})
/** What a worker could not do: it is asked again. */
const stopped = computed<Shown[]>(() => {
  const shown: Shown[] = []
  if (planning.failure)
    shown.push({
      ...message(planning.failure, 'error'),
      again: () => planning.replan(),
      dismiss: () => {
        planning.failure = undefined
      }
    })
  if (judging.failure && judging.failure.code !== planning.failure?.code)
    shown.push({
      ...message(judging.failure, 'error'),
      dismiss: () => {
        judging.failure = undefined
      }
    })
  return shown
})
const messages = computed<Shown[]>(() => [
  ...notices.trouble.map((one) => message(one, 'error')),
  ...notices.notes.map((one) => message(one, 'info')),
  ...stopped.value
])
</script>

<template>
  <MessageLine
    v-for="(one, index) in messages"
    :key="index"
    :text="one.text"
    :severity="one.severity"
    :retry="one.again !== undefined"
    @again="one.again?.()"
    @dismiss="one.dismiss()"
  />
</template>

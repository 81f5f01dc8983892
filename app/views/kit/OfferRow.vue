<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Comes } from '../../../core/plan'
import type { Scenario } from '../../../core/workspace'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'

/** Something to set otherwise: what it says, what the plan would become with it, and one press to do it. */
const props = defineProps<{
  id: string
  text: string
  change?: Scenario['change'] | undefined
  label?: string | undefined
}>()
const emit = defineEmits<{ apply: [] }>()
const store = useWorkspace()
const staging = useStaging()
const scenario = computed(() => `what-if/${props.id}`)
function ask(): void {
  const { change } = props
  if (change)
    staging.compare([null, { id: scenario.value, name: scenario.value.slice(0, 80), change }])
}
const made = ({ builds }: Comes): number =>
  builds.filter(({ build }) => !build.startsWith('make/')).length
const lastDay = ({ builds }: Comes): string =>
  builds.reduce((last, { done }) => (done > last ? done : last), '')
const effect = computed(() => {
  const { say } = store
  const found = staging.outcomes.find((one) => one.scenario === scenario.value)
  const now = staging.outcomes.find((one) => one.scenario === '')?.comes
  if (!say || !found || !now) return undefined
  if (!found.comes) return words.effectNone
  const day = (comes: Comes): string =>
    comes.builds.length > 0 ? say.day(lastDay(comes)) : words.notYet
  return words.effect(
    [made(now), made(found.comes)],
    [day(now), day(found.comes)],
    [say.money(now.spentOnTools), say.money(found.comes.spentOnTools)]
  )
})
const isAsked = computed(
  () => staging.thinking === 'scenarios' && staging.asked.includes(scenario.value)
)
</script>

<template>
  <li class="offer">
    <p>{{ text }}</p>
    <div class="row">
      <Button v-if="label" size="small" :label="label" @click="emit('apply')" />
      <Button
        v-if="change"
        size="small"
        severity="secondary"
        :label="words.whatIf"
        :aria-label="`${words.whatIf} ${label ?? ''}`"
        :disabled="isAsked"
        @click="ask"
      />
      <slot />
    </div>
    <p v-if="isAsked" class="soft small" role="status">{{ words.asking }}</p>
    <p v-else-if="effect" class="small" role="status">{{ effect }}</p>
  </li>
</template>

<style scoped>
.offer {
  display: grid;
  gap: 0.35rem;
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  margin-bottom: 0.5rem;
  background-color: var(--paper-raised);
}
</style>

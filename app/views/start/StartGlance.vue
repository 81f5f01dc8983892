<script setup lang="ts">
import { computed } from 'vue'
import { bench, joined, lowerFirst } from '../../words/bench'
import { start as words } from '../../words/start'
import { useFirstPlan } from './first-plan'

/** The first plan in one line, in sight while one answers on a page too narrow for both. */
const { say, days, state } = useFirstPlan()
const line = computed(() => {
  const [day] = days.value
  if (state.value !== undefined || !day) return state.value ?? words.planNone
  const [first = '', ...others] = day.names
  return words.glance(
    others.length === 0
      ? lowerFirst(first)
      : joined([lowerFirst(first), bench.andMore(day.count - 1)]),
    say.value.money(day.cost),
    say.value.shortDay(day.date)
  )
})
function toPlan(): void {
  const plan = document.getElementById('first-plan')
  plan?.scrollIntoView({ block: 'start' })
  plan?.focus({ preventScroll: true })
}
</script>

<template>
  <p class="glance no-print">
    <span>{{ line }}</span>
    <button type="button" class="link" @click="toPlan">{{ words.seePlan }}</button>
  </p>
</template>

<style scoped>
.glance {
  display: none;
}
@media (max-width: 900px) {
  .glance {
    position: sticky;
    bottom: 0;
    z-index: 4;
    display: flex;
    gap: 0.75rem;
    justify-content: space-between;
    align-items: baseline;
    background: var(--paper-raised);
    border: 1px solid var(--graphite);
    padding: 0.4rem 0.75rem;
    font-size: var(--text-small);
  }
  .glance .link {
    white-space: nowrap;
  }
}
/* Above the index. */
@media (max-width: 700px) {
  .glance {
    bottom: 3.6rem;
  }
}
</style>

<script setup lang="ts">
import type { Mistake } from '../../../core/sidework'
import { useWorkspace } from '../../stores/workspace'
import { side as words } from '../../words/side'

/** What costs the seller money and can be mended, the dearest first, each with the way there. */
defineProps<{ mistakes: readonly Mistake[] }>()
const store = useWorkspace()
const MOST = 3
const SHOWN = { poor: '/side/prices', stock: '/side/stock' } as const
const wayOf = ({ kind }: Mistake): string =>
  kind === 'poor-hours' || kind === 'loses' ? SHOWN.poor : SHOWN.stock
</script>

<template>
  <section v-if="store.say && mistakes.length > 0" class="mistakes" :aria-label="words.mistakes">
    <h2 class="attention">{{ words.mistakes }}</h2>
    <ul class="plain-list">
      <li v-for="(one, i) in mistakes.slice(0, MOST)" :key="i">
        {{ words.mistake(store.say, one) }}
        <RouterLink :to="wayOf(one)">{{ words.mend[one.kind] }}</RouterLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.mistakes {
  border-left: 4px solid var(--attention);
  padding-left: 0.8rem;
}
li {
  padding: 0.15rem 0;
  max-width: 60rem;
}
h2 {
  font-size: var(--head-3);
}
</style>

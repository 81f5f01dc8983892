<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { exponentOf } from '../../../core/money'
import { sentence } from '../../words/issues'
import { staging as words } from '../../words/staging'
import { worthWords } from '../../words/plan-worth'

/** What the plan is worth, how much better one could be at most, and what the next money would do. */
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const value = computed(() => planning.report?.value.total ?? 0)
/** Fifty of the currency. */
const FIFTY = 50
const amount = computed(() => FIFTY * 10 ** exponentOf(store.workspace?.money.currency ?? 'EUR'))
const gain = computed(() => {
  if (staging.unbounded) return worthWords.gainUnknown
  if (staging.bound === undefined || !store.say) return undefined
  const more = Math.max(0, staging.bound - value.value)
  return more < 1
    ? worthWords.gainNone
    : worthWords.gain(
        value.value > 0 ? store.say.percent(more / value.value) : '–',
        store.say.money(Math.round(more))
      )
})
</script>

<template>
  <section v-if="store.say && planning.report" class="worth no-print">
    <div>
      <p class="small">{{ worthWords.worth(store.say.money(Math.round(value))) }}</p>
      <p v-if="gain" class="small" role="status">{{ gain }}</p>
      <p v-if="staging.proving" class="small soft" role="status">
        {{ worthWords.proving }}
        <button type="button" class="link" @click="staging.stopProving()">{{ words.stop }}</button>
      </p>
      <button
        v-else-if="gain === undefined"
        type="button"
        class="link small"
        @click="staging.prove()"
      >
        {{ worthWords.prove }}
      </button>
    </div>
    <div>
      <Button
        size="small"
        severity="secondary"
        :label="worthWords.moreAsk(store.say.money(amount))"
        :disabled="staging.thinking !== undefined"
        @click="staging.spend(amount)"
      />
      <p v-if="staging.thinking === 'more'" class="small soft" role="status">
        {{ worthWords.asking }}
      </p>
      <p v-else-if="staging.more" class="small" role="status">
        {{ worthWords.difference(staging.more.difference, store.say) }}
      </p>
    </div>
    <p v-if="staging.failure" class="small" role="alert">
      {{ sentence(staging.failure, store.say) }}
    </p>
  </section>
</template>

<style scoped>
.worth {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 0.5rem 2rem;
  border-top: 1px solid var(--line);
  padding-top: 0.5rem;
}
@media (max-width: 700px) {
  .worth {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

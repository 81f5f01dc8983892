<script setup lang="ts">
import { computed } from 'vue'
import type { MoneySettings } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useWorkspace } from '../../stores/workspace'
import { sideTools as words } from '../../words/side-books'

/** What of sales flows back into tools: all, a share, or what is above a sum of each piece. */
const store = useWorkspace()
const PERCENT = 100
const HALF = 0.5
const USUAL_ABOVE = 1000
type Rule = 'all' | 'share' | 'above'
const money = computed(() => store.workspace?.money)
const rule = computed<Rule>(() =>
  (money.value?.reinvestAbove ?? 0) > 0
    ? 'above'
    : (money.value?.reinvestShare ?? 1) === 1
      ? 'all'
      : 'share'
)
const rules = [
  { id: 'all' as const, name: words.flowAll },
  { id: 'share' as const, name: words.flowShare },
  { id: 'above' as const, name: words.flowAbove }
]
function set(next: Partial<MoneySettings>): void {
  store.run(words.flowStep, (state) => ({ ...state, money: { ...state.money, ...next } }))
}
function choose(id: Rule): void {
  if (id === 'all') set({ reinvestShare: 1, reinvestAbove: undefined })
  else if (id === 'share') set({ reinvestShare: HALF, reinvestAbove: undefined })
  else set({ reinvestShare: 1, reinvestAbove: USUAL_ABOVE })
}
</script>

<template>
  <section v-if="store.say && money" class="stack">
    <h2>{{ words.flowTitle }}</h2>
    <div class="row fields">
      <SelectField :label="words.flow" :value="rule" :options="rules" @change="choose" />
      <NumberField
        v-if="rule !== 'all'"
        :label="words.share"
        :value="Math.round(money.reinvestShare * PERCENT)"
        :least="0"
        :most="100"
        width="4.5rem"
        @change="set({ reinvestShare: ($event ?? 0) / PERCENT })"
      />
      <MoneyField
        v-if="rule === 'above'"
        :label="words.above"
        :value="money.reinvestAbove"
        width="6rem"
        @change="set({ reinvestAbove: $event })"
      />
    </div>
    <p class="caption">
      {{ words.flowHint(store.say, money.reinvestShare, money.reinvestAbove ?? 0) }}
      <RouterLink to="/stages">{{ words.toStages }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
</style>

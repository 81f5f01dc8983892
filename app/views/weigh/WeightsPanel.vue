<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import Slider from 'primevue/slider'
import { computed, ref } from 'vue'
import { weightRange } from '../../../core/weigh'
import { WEIGHTS, type WeightName } from '../../../core/workspace'
import { schools } from '../../../data'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { weigh as words } from '../../words/weigh'

/** The six things that count, with how far each can move before first place changes. */
const store = useWorkspace()
const weighing = useWeighing()
const open = ref(false)
/** Steps of a slider over its range. */
const STEPS = 40
const KEEP_AFTER_MS = 700

const range = computed(() =>
  store.world ? weightRange(store.world.pricing.minorPer100Points) : undefined
)
const school = computed(
  () => schools.find(({ id }) => id === store.workspace?.preferences.school)?.name
)
const place = (weight: WeightName): number =>
  range.value && weighing.weights
    ? Math.min(STEPS, (weighing.weights[weight] / range.value[weight]) * STEPS)
    : 0
function slide(weight: WeightName, at: number | number[]): void {
  if (!range.value || typeof at !== 'number') return
  const value = (range.value[weight] * at) / STEPS
  weighing.tryWeight(weight, weight === 'money' ? value : Math.round(value))
}
/** Keys move a slider step by step; the last of them counts as one change. */
const keepSoon = useDebounceFn(
  (weight: WeightName) => weighing.keepWeights(words.weightName[weight]),
  KEEP_AFTER_MS
)
const swayOf = (weight: WeightName): string => {
  const sway = weighing.sways.find((one) => one.weight === weight)
  return sway && store.say ? words.swayLine(store.say, weight, sway.below, sway.above) : '…'
}
</script>

<template>
  <section v-if="store.say && weighing.weights" class="weights no-print">
    <button type="button" class="summary" :aria-expanded="open" @click="open = !open">
      <span class="strong">{{ words.counts }}</span>
      <span class="soft small">{{
        [
          school,
          ...WEIGHTS.map((weight) =>
            words.weightLine(store.say!, weight, weighing.weights![weight])
          )
        ]
          .filter(Boolean)
          .join(' · ')
      }}</span>
      <i :class="open ? 'pi pi-chevron-up' : 'pi pi-chevron-down'" aria-hidden="true" />
    </button>
    <div v-if="open" class="sliders">
      <div v-for="weight in WEIGHTS" :key="weight" class="one">
        <span :id="`weight-${weight}`" class="small"
          >{{ words.weightName[weight] }}:
          <span class="strong">{{
            words.weightLine(store.say, weight, weighing.weights[weight])
          }}</span></span
        >
        <Slider
          :model-value="place(weight)"
          :max="STEPS"
          :step="1"
          :aria-labelledby="`weight-${weight}`"
          @update:model-value="slide(weight, $event)"
          @slideend="weighing.keepWeights(words.weightName[weight])"
          @keyup="keepSoon(weight)"
        />
        <span class="soft small">{{ words.holds }}: {{ swayOf(weight) }}</span>
      </div>
      <p class="caption">{{ words.countsHint }}</p>
    </div>
  </section>
</template>

<style scoped>
.weights {
  border-bottom: 1px solid var(--line);
}
.summary {
  width: 100%;
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 0.75rem;
  align-items: baseline;
  background: none;
  border: 0;
  padding: 0.35rem 0;
  cursor: pointer;
  text-align: left;
}
.sliders {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.9rem 2rem;
  padding: 0.4rem 0 0.9rem;
}
.one {
  display: grid;
  gap: 0.45rem;
  align-content: start;
}
.caption {
  grid-column: 1 / -1;
}
@media (max-width: 800px) {
  .sliders {
    grid-template-columns: minmax(0, 1fr);
  }
  .summary {
    grid-template-columns: 1fr auto;
  }
  .summary .soft {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>

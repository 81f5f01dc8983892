<script setup lang="ts">
import { computed } from 'vue'

/** Where a price goes: parts from the left, and hatched what is left of it. */
const props = defineProps<{
  parts: readonly {
    readonly id: 'fee' | 'delivery' | 'timber' | 'other' | 'margin'
    readonly amount: number
  }[]
  /** The amount the whole width stands for. */
  whole: number
}>()
const PERCENT = 100
const shown = computed(() =>
  props.parts
    .filter(({ amount }) => amount > 0)
    .map(({ id, amount }) => ({ id, width: (amount / Math.max(1, props.whole)) * PERCENT }))
)
</script>

<template>
  <div class="bar" aria-hidden="true">
    <span
      v-for="one in shown"
      :key="one.id"
      :class="['part', `fill-${one.id}`]"
      :style="{ width: `${one.width}%` }"
    />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  height: 1.2rem;
  width: 100%;
}
.part {
  border: 1px solid var(--graphite);
  border-left-width: 0;
}
.part:first-child {
  border-left-width: 1px;
}
</style>

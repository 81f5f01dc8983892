<script setup lang="ts">
import type { Stage } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import type { Say } from '../../words/say'
import { stages as words } from '../../words/stages'

/** A stage's day on the rule, and the money that comes in during it. */
defineProps<{ stage: Stage; x: number; width: number; top: number; money: Minor; say: Say }>()
</script>

<template>
  <button
    type="button"
    class="stage-label"
    :aria-label="words.afterLabel(say.shortDay(stage.end))"
    :style="{ left: `${x}px`, width: `${width}px`, top: `${top}px` }"
  >
    <span>{{ say.shortDay(stage.start) }}</span><span v-if="money !== 0" class="money-in">{{
      say.moved(money)
    }}</span>
  </button>
</template>

<style scoped>
.stage-label {
  position: absolute;
  display: grid;
  padding: 0 0.35rem;
  line-height: 1.3;
  font-size: 0.75rem;
  color: var(--rule-ink);
  font-family: var(--slab);
  white-space: nowrap;
  overflow: hidden;
  background: none;
  border: 0;
  text-align: left;
  align-content: start;
  cursor: pointer;
  height: 34px;
}
.stage-label:hover {
  text-decoration: underline;
}
.money-in {
  font-family: var(--sans);
  text-align: right;
}
</style>

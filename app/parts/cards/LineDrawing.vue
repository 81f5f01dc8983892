<script setup lang="ts">
import { CANVAS, type Drawing } from '../../drawings'

/** A line drawing, read out by its name where it is not beside it anyway: fine detail, outline, and heaviest the edge that does the work. */
defineProps<{ drawing: Drawing; name?: string }>()
</script>

<template>
  <svg
    class="drawing"
    :viewBox="`0 0 ${CANVAS.width} ${CANVAS.height}`"
    :role="name === undefined ? undefined : 'img'"
    :aria-label="name"
    :aria-hidden="name === undefined ? 'true' : undefined"
    fill="none"
    stroke="currentColor"
    stroke-linecap="round"
    stroke-linejoin="round"
  >
    <path v-if="drawing.fine" :d="drawing.fine" stroke-width="0.9" />
    <path :d="drawing.outline" stroke-width="1.6" />
    <path v-if="drawing.edge" class="edge" :d="drawing.edge" stroke-width="2.6" />
  </svg>
</template>

<style scoped>
.drawing {
  display: block;
  width: 100%;
  height: auto;
  max-height: 14rem;
}
.edge {
  stroke: var(--planned);
}
@media print {
  .edge {
    stroke: currentColor;
  }
}
@media (forced-colors: active) {
  .edge {
    stroke: Highlight;
  }
}
</style>

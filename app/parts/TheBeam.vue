<script setup lang="ts">
import { computed } from 'vue'
import type { Minor } from '../../core/money'

/** The beam: cost to the left of the fulcrum, worth by build to the right, tipped to the heavier side. */
const props = defineProps<{
  cost: Minor
  /** The share of the cost that comes along with the leading tool. */
  along: Minor
  parts: readonly { readonly name: string; readonly gain: Minor }[]
  /** The heaviest side of all beams beside one another: the common scale. */
  heaviest: Minor
  label: string
}>()

const HALF = 250
const HEIGHT = 64
const THICK = 22
const MOST_TILT = 5
const CHARACTER = 5.4
/** A label shorter than this says nothing. */
const LEAST_LABEL = 5

const scale = computed(() => (HALF - 4) / Math.max(1, props.heaviest))
const gain = computed(() => props.parts.reduce((sum, part) => sum + part.gain, 0))
const tilt = computed(() => {
  const weight = Math.max(props.cost, gain.value)
  return weight === 0 ? 0 : (MOST_TILT * (gain.value - props.cost)) / weight
})
const left = computed(() => ({
  main: (props.cost - props.along) * scale.value,
  along: props.along * scale.value
}))
const right = computed(() => {
  let x = 0
  return props.parts
    .filter((part) => part.gain > 0)
    .map((part, index) => {
      const width = part.gain * scale.value
      const room = Math.floor((width - 9) / CHARACTER)
      const piece = {
        ...part,
        x,
        width,
        shade: index % 3,
        label:
          part.name.length <= room
            ? part.name
            : room >= LEAST_LABEL
              ? `${part.name.slice(0, room - 1).trim()}…`
              : ''
      }
      x += width
      return piece
    })
})
</script>

<template>
  <svg
    :viewBox="`${-HALF} 0 ${HALF * 2} ${HEIGHT}`"
    role="img"
    :aria-label="label"
    preserveAspectRatio="xMidYMid meet"
  >
    <g :transform="`rotate(${tilt} 0 ${HEIGHT / 2 + THICK / 2})`">
      <rect
        :x="-left.main - left.along"
        :y="HEIGHT / 2 - THICK / 2"
        :width="left.along"
        :height="THICK"
        class="along"
      />
      <rect
        :x="-left.main"
        :y="HEIGHT / 2 - THICK / 2"
        :width="left.main"
        :height="THICK"
        class="cost"
      />
      <g v-for="piece in right" :key="piece.name">
        <rect
          :x="piece.x"
          :y="HEIGHT / 2 - THICK / 2"
          :width="piece.width"
          :height="THICK"
          :class="`worth shade-${piece.shade}`"
        />
        <text v-if="piece.label" :x="piece.x + 5" :y="HEIGHT / 2 + 4">{{ piece.label }}</text>
      </g>
    </g>
    <path :d="`M-8,${HEIGHT / 2 + THICK / 2 + 15}h16l-8,-14z`" class="fulcrum" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 4rem;
  overflow: visible;
}
rect {
  stroke: var(--graphite);
  stroke-width: 1;
}
.cost {
  fill: var(--spent);
  fill-opacity: 0.72;
}
.along {
  fill: var(--spent-wash);
  stroke-dasharray: 4 3;
}
.worth {
  fill: var(--planned-wash);
}
.shade-1 {
  fill: var(--planned-faint);
}
.shade-2 {
  fill: var(--paper-raised);
}
.fulcrum {
  fill: var(--graphite);
}
text {
  font-size: 10.5px;
  fill: var(--graphite);
  font-family: var(--sans);
}
</style>

<script setup lang="ts">
import type { Notch, RuleScale } from './layout'

/** What is drawn of the rule and cannot be touched: the scale, the level of the money, the notches of builds. */
const RULE_HEIGHT = 50
const LABEL_ROW = 26
defineProps<{
  scale: RuleScale
  marks: readonly Notch[]
  level: string
  area: string
  /** From the widest in. */
  bands: readonly string[]
  height: number
  top: number
  ruleY: number
  reserveY: number
  todayX: number
  targetX: number | undefined
}>()
</script>

<template>
  <svg :width="scale.width" :height="height" aria-hidden="true">
    <path :d="area" class="level" />
    <path v-for="(band, i) in bands" :key="i" :d="band" class="fan" :class="{ wide: i === 0 }" />
    <path :d="level" class="edge" />
    <line x1="0" :x2="scale.width" :y1="reserveY" :y2="reserveY" class="reserve" />
    <g v-for="mark in marks" :key="mark.planned.build + mark.planned.begin">
      <line :x1="mark.x" :x2="mark.x" :y1="mark.row * LABEL_ROW + 22" :y2="ruleY" class="leader" />
    </g>
    <rect x="0" :y="ruleY" :width="scale.width - 0.5" :height="RULE_HEIGHT" class="rule" />
    <g v-for="{ stage, x, width } in scale.stages" :key="stage.start">
      <line :x1="x" :x2="x" :y1="ruleY" :y2="ruleY + RULE_HEIGHT" class="tick" />
      <line
        v-for="n in 7"
        :key="n"
        :x1="x + (width * n) / 8"
        :x2="x + (width * n) / 8"
        :y1="ruleY"
        :y2="ruleY + (n === 4 ? 14 : 8)"
        class="tick fine"
      />
    </g>
    <g v-for="mark in marks" :key="mark.planned.build + mark.planned.begin">
      <rect
        :x="mark.x"
        :y="ruleY"
        :width="Math.max(3, mark.doneX - mark.x)"
        height="5"
        class="span"
      />
      <path
        :d="`M${mark.x - 6},${ruleY}h12l-6,9z`"
        class="notch"
        :class="{ jig: mark.planned.build.startsWith('make/') }"
      />
    </g>
    <line :x1="todayX" :x2="todayX" :y1="ruleY - 36" :y2="ruleY + 14" class="now" />
    <line
      v-if="targetX !== undefined"
      :x1="targetX"
      :x2="targetX"
      :y1="top"
      :y2="height"
      class="target"
    />
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
}
.level {
  fill: var(--planned-faint);
}
.fan {
  fill: var(--planned);
  opacity: 0.24;
}
.fan.wide {
  opacity: 0.14;
}
.edge {
  fill: none;
  stroke: var(--planned);
  stroke-width: 2;
}
.reserve {
  stroke: var(--spent);
  stroke-dasharray: 6 4;
}
.leader {
  stroke: var(--graphite);
  stroke-dasharray: 1 4;
  stroke-width: 1.2;
}
.rule {
  fill: var(--rule);
  stroke: var(--rule-ink);
}
.tick {
  stroke: var(--rule-ink);
  stroke-width: 1.4;
}
.fine {
  stroke-width: 0.9;
}
.notch {
  fill: var(--graphite);
}
.notch.jig {
  fill: var(--paper);
  stroke: var(--graphite);
  stroke-width: 1.3;
}
.span {
  fill: var(--planned);
  opacity: 0.55;
}
.now {
  stroke: var(--graphite);
  stroke-width: 3;
}
.target {
  stroke: var(--attention);
  stroke-width: 2;
  stroke-dasharray: 4 3;
}
</style>

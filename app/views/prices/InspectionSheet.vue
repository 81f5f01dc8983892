<script setup lang="ts">
import { computed } from 'vue'
import { FINDINGS_OF_POINT, inspected, type Answers, type Sheet } from '../../../core/inspection'
import { toldText } from '../../../data'
import { useWorkspace } from '../../stores/workspace'
import { timing as words } from '../../words/timing'

/** A used tool, point by point: what it is worth runs along as they are answered. */
const props = defineProps<{
  sheet: Sheet
  name: string
  /** What a sound one is worth, and what it costs new, minor units. */
  sound: number
  priceNew: number
  answers: Answers
}>()
const emit = defineEmits<{ answer: [point: string, finding: (typeof FINDINGS_OF_POINT)[number]] }>()
const store = useWorkspace()
const found = computed(() => inspected(props.sheet, props.answers, props.sound, props.priceNew))
const bring = computed(() => props.sheet.bring.map(toldText).join(', '))
</script>

<template>
  <section v-if="store.say" class="stack" :aria-label="words.sheetTitle(name)">
    <h2>{{ words.sheetTitle(name) }}</h2>
    <p class="small">{{ words.bring(bring) }}</p>
    <div class="runs" aria-live="polite">
      <p v-for="point in found.walkAway" :key="point.id" class="attention strong">
        {{ words.walkAway(toldText(point.text)) }}
      </p>
      <p v-if="found.walkAway.length === 0" class="strong">
        {{ words.worthNow(store.say, found, sound) }}
      </p>
      <p v-if="found.inexact > 1" class="small">
        {{ words.inexact(store.say.number(found.inexact, 1)) }}
      </p>
    </div>
    <ol class="plain-list">
      <li v-for="point in sheet.points" :key="point.id">
        <fieldset>
          <legend>
            <span class="strong">{{ words.doing[point.does] }}.</span>
            {{ toldText(point.text) }}
          </legend>
          <div class="row">
            <label v-for="one in FINDINGS_OF_POINT" :key="one" class="choice"
              ><input
                type="radio"
                :name="`${sheet.id}-${point.id}`"
                :checked="answers[point.id] === one"
                @change="emit('answer', point.id, one)"
              />{{ words.finding[one] }}</label
            >
          </div>
        </fieldset>
      </li>
    </ol>
    <p class="caption">{{ words.usedCaution }}</p>
  </section>
</template>

<style scoped>
li {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
  break-inside: avoid;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
legend {
  padding: 0;
}
.choice {
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  min-height: 2.25rem;
  padding-right: 0.75rem;
}
.choice input {
  /* Never under the strip that stays in sight. */
  scroll-margin-block: 8rem;
  width: 1.25rem;
  height: 1.25rem;
  accent-color: var(--planned);
}
/* The worth stays in sight while one goes down the points. */
.runs {
  position: sticky;
  top: 0;
  z-index: 1;
  background: var(--paper);
  border-bottom: 1px solid var(--line-strong);
}
@media print {
  .runs {
    position: static;
  }
}
</style>

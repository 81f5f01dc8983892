<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { isDone } from '../../../core/builds'
import { sittingsOf } from '../../../core/fit'
import { distinct, sumOf } from '../../../core/kernel'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { printPage } from '../../shell/save'
import { useWorkspace } from '../../stores/workspace'
import { buildPage } from '../../words/build-page'
import { PROTECTION } from '../../words/cards'
import { paper as words } from '../../words/paper'
import { duration } from '../../words/say'
import { stepText, useBenchSteps } from './step-text'

/** A build in evenings, each a list to tick: what to have ready, what to wear, what to do, and what then rests. */
const props = defineProps<{ id: string }>()
const store = useWorkspace()
const MINUTES = 60
const MOST_HOURS = 24
/** An evening is what one has in a week, up to three hours: longer is seldom kept up after work. A judgement. */
const USUAL_HOURS = 3
const hours = ref(
  Math.min(USUAL_HOURS, Math.max(1, (store.workspace?.time.minutesPerWeek ?? 0) / MINUTES))
)
const build = computed(() => store.workspace?.builds.find(({ id }) => id === props.id))
const steps = useBenchSteps(() => props.id)
const sittings = computed(() =>
  store.world ? sittingsOf(store.world.library, steps.value, hours.value * MINUTES) : []
)
const sheets = computed(() => {
  const { say, world } = store
  const copies = build.value?.copies ?? 1
  if (!say || !world) return []
  return sittings.value.map(({ work, minutes, nights }) => {
    const lines = work.map((one) => ({
      ...one,
      ...stepText(say, world.library.operations.get(one.step.operation)?.unit ?? '', one, copies)
    }))
    return {
      minutes,
      nights,
      lines,
      tools: distinct(lines.flatMap(({ tools }) => tools)).map((tool) => say.shortTool(tool)),
      wear: distinct(lines.flatMap(({ wear }) => wear)).map((one) => PROTECTION[one])
    }
  })
})
</script>

<template>
  <p v-if="!build" class="soft">
    {{ buildPage.missing }} <RouterLink to="/builds">{{ buildPage.back }}</RouterLink>
  </p>
  <template v-else-if="store.say">
    <PlaceHead
      :title="words.sheetTitle(build.name)"
      :subtitle="
        sheets.length === 0
          ? undefined
          : words.sheetSum(
              sheets.length,
              duration(sumOf(sheets, ({ minutes }) => minutes)),
              sumOf(sheets, ({ nights }) => nights)
            )
      "
    >
      <Button severity="secondary" :label="words.print" @click="printPage" />
      <RouterLink :to="`/builds/${encodeURIComponent(id)}`">{{ build.name }}</RouterLink>
    </PlaceHead>
    <p v-if="isDone(build)">{{ words.finished }}</p>
    <p v-else-if="sheets.length === 0">{{ words.noSteps }}</p>
    <div v-else class="stack sheets">
      <div class="row no-print">
        <NumberField
          :label="words.hours"
          :value="hours"
          :least="0.5"
          :most="MOST_HOURS"
          @change="hours = $event ?? hours"
        />
      </div>
      <p class="caption">{{ words.sheetHint }} {{ words.asPlanned }}</p>
      <section v-for="(sheet, index) in sheets" :key="index" class="sheet">
        <h2>{{ words.evening(index + 1, duration(sheet.minutes)) }}</h2>
        <p class="small">{{ words.ready(sheet.tools) }}</p>
        <p v-if="sheet.wear.length > 0" class="small wear">
          {{ words.wear(sheet.wear) }} {{ words.caution }}
        </p>
        <ul class="plain-list">
          <li v-for="line in sheet.lines" :key="line.step.id">
            <span class="box" aria-hidden="true" />
            <div>
              <span class="strong">{{ line.work }}</span>
              {{ [line.much, line.stock, line.exact].filter(Boolean).join(' · ') }}
              <span v-if="line.goesOn" class="soft"> · {{ words.goesOn }}</span>
              <p class="soft small">{{ line.with }}</p>
            </div>
            <span class="figure">{{
              line.minutes === undefined ? '–' : duration(line.minutes)
            }}</span>
          </li>
        </ul>
        <p v-if="sheet.nights > 0" class="small strong">{{ words.rests(sheet.nights) }}</p>
      </section>
    </div>
  </template>
</template>

<style scoped>
.sheets {
  max-width: 46rem;
}
.sheet {
  break-inside: avoid;
  display: grid;
  gap: 0.35rem;
  padding-top: 0.5rem;
}
li {
  display: grid;
  grid-template-columns: 1.1rem minmax(0, 1fr) auto;
  gap: 0.25rem 0.75rem;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
.wear {
  border-left: 4px solid var(--hazard);
  padding-left: 0.5rem;
}
</style>

<script setup lang="ts">
import Select from 'primevue/select'
import { computed, shallowRef, watch } from 'vue'
import type { HazardClass, HazardLevel } from '../../../core/catalogue'
import type { Courage } from '../../../core/safety'
import { beyondComfort } from '../../../core/workshop'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import SheetCard from '../../parts/cards/SheetCard.vue'
import { hazardDrawings } from '../../drawings'
import { useJudging } from '../../stores/judging'
import { useWorkspace } from '../../stores/workspace'
import { courage as words, hazardSheets } from '../../words/hazard-sheets'
import { hazards } from '../../words/hazards'
import { settings } from '../../words/settings'
import { workshop } from '../../words/workshop'
import { useSetWorkshop } from './set-workshop'

/** The ladder of courage: for each kind of danger how far one goes, what is practised, what the next level asks and would open. */
const store = useWorkspace()
/** Not named one by one beyond this many. */
const NAMED = 4
const TOP: HazardLevel = 3
const levels = computed(() =>
  settings.comfortLevels.map((name, id) => ({ id: id as HazardLevel, name }))
)
const judging = useJudging()
const ladder = shallowRef<readonly Courage[]>([])
watch(
  [() => store.plan, () => judging.state],
  ([plan]) => judging.ask('courage', { plan }, (found) => (ladder.value = found)),
  { immediate: true }
)
const leftOut = (hazard: HazardClass): number =>
  store.world
    ? beyondComfort(store.world.library, store.world.workspace.workshop, hazard).length
    : 0
const opens = ({ opens: its }: Courage): string | undefined => {
  const { say } = store
  if (!its || !say) return undefined
  const named = its.operations.slice(0, NAMED).map((id) => say.operation(id))
  const more = its.operations.length > NAMED ? ['…'] : []
  return words.opens(say, its.steps, its.builds.length, its.hours, [...named, ...more].join(', '))
}
const drawn = (hazard: HazardClass) =>
  hazardDrawings[Object.keys(hazardSheets.texts[hazard].shows)[0] ?? '']
const change = useSetWorkshop()
const set = (hazard: HazardClass, level: HazardLevel): void =>
  change({ comfort: { ...store.workspace?.workshop.comfort, [hazard]: level } })
</script>

<template>
  <section v-if="store.say">
    <h2>{{ words.title }}</h2>
    <p class="caption">{{ words.why }}</p>
    <div v-for="one in ladder" :key="one.hazard" class="class">
      <div>
        <h3>{{ hazards[one.hazard] }}</h3>
        <LineDrawing v-if="drawn(one.hazard)" class="shows" :drawing="drawn(one.hazard)!" />
      </div>
      <div class="said">
        <div class="level">
          <Select
            :model-value="one.level ?? TOP"
            :options="levels"
            option-label="name"
            option-value="id"
            :aria-label="words.level(hazards[one.hazard])"
            @update:model-value="set(one.hazard, $event)"
          />
          <span class="small soft">{{
            one.level === undefined
              ? words.unlimited
              : leftOut(one.hazard) > 0
                ? workshop.left(leftOut(one.hazard))
                : words.top
          }}</span>
        </div>
        <p class="small practised">
          {{ words.practised(store.say, one.hours, one.pieces) }}
          <span v-if="one.suggests !== undefined" role="note"
            >{{ workshop.suggests(one.builds) }}
            <button type="button" class="link" @click="set(one.hazard, one.suggests)">
              {{ workshop.raise(settings.comfortLevels[one.suggests] ?? '') }}
            </button></span
          >
        </p>
        <div v-if="one.next !== undefined" class="small next">
          <p>{{ opens(one) }}</p>
          <p class="soft">
            {{ words.asks }} “{{ settings.comfortLevels[one.next] }}”:
            {{ words.steps[one.next]?.join(' ') }}
          </p>
        </div>
        <details class="small">
          <summary>{{ words.sheet(hazards[one.hazard]) }}</summary>
          <SheetCard :sheet="one.hazard" />
        </details>
      </div>
    </div>
  </section>
</template>

<style scoped>
.class {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr);
  gap: 0.2rem 1.25rem;
  border-bottom: 1px solid var(--line);
  padding: 0.6rem 0;
}
h3 {
  margin: 0;
}
h3::first-letter {
  text-transform: uppercase;
}
.level {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.75rem;
  align-items: center;
}
p {
  margin: 0;
}
.shows {
  max-height: 5.5rem;
  margin-top: 0.3rem;
}
.said {
  display: grid;
  gap: 0.25rem;
  align-content: start;
}
summary {
  cursor: pointer;
}
@media (max-width: 700px) {
  .class {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

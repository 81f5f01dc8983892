<script setup lang="ts">
import { computed } from 'vue'
import { HAZARDS, type HazardClass } from '../../../core/catalogue'
import { SHEETS, type Sheet } from '../../../core/safety'
import PlaceHead from '../../parts/PlaceHead.vue'
import SheetCard from '../../parts/cards/SheetCard.vue'
import { useWorkspace } from '../../stores/workspace'
import { hazardSheets as words, sheetName } from '../../words/hazard-sheets'
import CourageSteps from './CourageSteps.vue'
import SkillLevels from './SkillLevels.vue'
import WorkshopTabs from './WorkshopTabs.vue'

/** What can hurt: how far one goes with each kind of danger, and its sheet. */
const store = useWorkspace()
const general = SHEETS.filter(
  (one): one is Exclude<Sheet, HazardClass> => !(HAZARDS as readonly string[]).includes(one)
)
const named = computed(() => general.map((id) => ({ id, name: sheetName(id) ?? id })))
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle" />
  <WorkshopTabs />
  <div v-if="store.workspace && store.say" class="stack">
    <CourageSteps />
    <section>
      <h2>{{ words.all }}</h2>
      <details v-for="one in named" :key="one.id">
        <summary>{{ one.name }}</summary>
        <SheetCard :sheet="one.id" />
      </details>
    </section>
    <SkillLevels />
  </div>
</template>

<style scoped>
details {
  border-bottom: 1px solid var(--line);
  padding: 0.35rem 0;
}
summary {
  cursor: pointer;
  font-family: var(--slab);
}
summary::first-letter {
  text-transform: uppercase;
}
</style>

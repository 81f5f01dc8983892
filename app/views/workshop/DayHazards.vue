<script setup lang="ts">
import { computed } from 'vue'
import { gentlerWays, sheetsOf, sheetsOfDay, type Sheet } from '../../../core/safety'
import WhatIs from '../../parts/WhatIs.vue'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import { hazardDrawings } from '../../drawings'
import { useWorkspace } from '../../stores/workspace'
import { gentlerSaid, hazardSheets, sheetName } from '../../words/hazard-sheets'

/** What can hurt on a day: of each kind a drawing, what happens, how to stand, and what would be gentler. */
const props = defineProps<{ methods: readonly string[] }>()
const store = useWorkspace()
const ways = computed(() =>
  props.methods.flatMap((id) => store.world?.library.methods.get(id) ?? [])
)
const sheets = computed(() => {
  return sheetsOfDay(ways.value).map((id) => ({
    id,
    name: sheetName(id) ?? id,
    text: hazardSheets.texts[id],
    drawing: hazardDrawings[Object.keys(hazardSheets.texts[id].shows)[0] ?? ''],
    gentler: gentlerFor(id)
  }))
})
/** Of the work of a sheet, what would be gentler. */
function gentlerFor(sheet: Sheet): string | undefined {
  const { world, say } = store
  const method = ways.value.find((one) => sheetsOf(one)[0] === sheet)
  const way = world && method && gentlerWays(world.library, method)[0]
  return way && say ? gentlerSaid(say, way) : undefined
}
</script>

<template>
  <div v-for="one in sheets" :key="one.id" class="hazard">
    <LineDrawing v-if="one.drawing" :drawing="one.drawing" />
    <div>
      <p><WhatIs :id="one.id" kind="hazard" :name="one.name" /></p>
      <p class="small">{{ one.text.happens }} {{ one.text.stand }}</p>
      <p v-if="one.gentler" class="soft small">{{ one.gentler }}</p>
    </div>
  </div>
</template>

<style scoped>
.hazard {
  display: grid;
  grid-template-columns: 7.5rem minmax(0, 1fr);
  gap: 0.9rem;
  align-items: start;
  border-left: 4px solid var(--hazard);
  padding: 0.1rem 0 0.1rem 0.6rem;
  break-inside: avoid;
}
.hazard p {
  margin: 0 0 0.15rem;
}
</style>

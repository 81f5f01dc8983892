<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Power } from '../../../core/catalogue'
import { FINDINGS_OF_POINT } from '../../../core/inspection'
import { sheetFor, toldText } from '../../../data'
import PlaceHead from '../../parts/PlaceHead.vue'
import { printPage } from '../../shell/save'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { paper } from '../../words/paper'
import { timing as words } from '../../words/timing'

/** What to look at on a used tool, on a sheet of paper to take along. */
const props = defineProps<{ tool: string; power: string }>()
const store = useWorkspace()
const entry = computed(() => store.world?.library.tools.get(props.tool))
const sheet = computed(() => entry.value && sheetFor(entry.value, props.power as Power))
const name = computed(() => lowerFirst(store.say?.shortTool(props.tool) ?? props.tool))
</script>

<template>
  <PlaceHead
    :title="sheet ? words.sheetTitle(name) : words.noSheet"
    :subtitle="sheet ? words.bring(sheet.bring.map(toldText).join(', ')) : undefined"
  >
    <Button v-if="sheet" severity="secondary" :label="paper.print" @click="printPage" />
  </PlaceHead>
  <p class="no-print">
    <RouterLink to="/prices/find">{{ words.tabs.find }}</RouterLink>
  </p>
  <template v-if="sheet && store.say">
    <p class="caution">{{ words.usedCaution }}</p>
    <p class="blanks">
      <span v-for="blank in words.blanks" :key="blank">{{ blank }}</span>
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ words.point }}</th>
          <th v-for="one in FINDINGS_OF_POINT" :key="one" class="tick">{{ words.finding[one] }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="point in sheet.points" :key="point.id">
          <td>
            <span class="strong">{{ words.doing[point.does] }}.</span> {{ toldText(point.text) }}
            <span v-if="point.bad.walkAway" class="strong">{{ words.elseLeave }}</span>
          </td>
          <td v-for="one in FINDINGS_OF_POINT" :key="one" class="tick" aria-hidden="true">☐</td>
        </tr>
      </tbody>
    </table>
  </template>
</template>

<style scoped>
.tick {
  text-align: center;
  width: 4.5rem;
}
tr {
  break-inside: avoid;
}
.blanks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.75rem 1.5rem;
}
.blanks span {
  border-bottom: 1px solid var(--line-strong);
  padding-bottom: 1.25rem;
}
</style>

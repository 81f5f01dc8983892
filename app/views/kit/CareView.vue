<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { distinct } from '../../../core/kernel'
import { toolCard } from '../../../data/cards'
import PlaceHead from '../../parts/PlaceHead.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useTold } from '../../parts/cards/told'
import { printPage } from '../../shell/save'
import { useWorkspace } from '../../stores/workspace'
import { paper as words } from '../../words/paper'

/** The care of everything one owns on one sheet, to hang up in the shop. */
const store = useWorkspace()
const told = useTold()
const rows = computed(() =>
  distinct((store.workspace?.items ?? []).map(({ tool }) => tool))
    .flatMap((id) => {
      const care = toolCard(id)?.care
      return care && store.say ? [{ id, name: store.say.tool(id), care: told(care) }] : []
    })
    .sort((a, b) => a.name.localeCompare(b.name))
)
</script>

<template>
  <PlaceHead :title="words.careTitle" :subtitle="words.careHint">
    <Button severity="secondary" :label="words.print" @click="printPage" />
  </PlaceHead>
  <p v-if="rows.length === 0" class="soft">{{ words.careNone }}</p>
  <template v-else>
    <p class="caution">{{ words.careNote }}</p>
    <table class="plain care">
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row"><WhatIs :id="row.id" kind="tool" :name="row.name" /></th>
          <td>{{ row.care }}</td>
          <td class="room soft small">{{ words.careDone }}</td>
        </tr>
      </tbody>
    </table>
  </template>
</template>

<style scoped>
.care {
  max-width: 60rem;
}
.care th {
  min-width: 11rem;
}
.care tr {
  break-inside: avoid;
}
.room {
  display: none;
}
@media screen and (max-width: 700px) {
  .care th,
  .care td:not(.room) {
    display: block;
    border-bottom: 0;
    padding-bottom: 0;
  }
}
@media print {
  .room {
    display: table-cell;
    width: 7rem;
  }
}
.caution {
  border-left: 4px solid var(--hazard);
  padding-left: 0.5rem;
}
</style>

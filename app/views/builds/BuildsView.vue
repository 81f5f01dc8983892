<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { isDone } from '../../../core/builds'
import { fitContext, kitOf } from '../../../core/fit'
import PlaceHead from '../../parts/PlaceHead.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { builds as words } from '../../words/builds'
import AddBuild from './AddBuild.vue'
import { gridOf, type Cell } from './cells'
import BuildOrder from './BuildOrder.vue'
import { walkCells } from './walk-cells'
import CellWhy from './CellWhy.vue'
import FitCell from './FitCell.vue'

const store = useWorkspace()
const router = useRouter()
const narrow = useMediaQuery('(max-width: 700px)')
const all = ref(false)
const adding = ref(false)
const chosenKey = ref<string>()
const only = ref<string>()

const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
const shownBuilds = computed(() =>
  narrow.value
    ? open.value.filter(({ id }) => id === (only.value ?? open.value[0]?.id))
    : open.value
)
const grid = computed(() =>
  store.world
    ? gridOf(
        fitContext(store.world),
        kitOf(store.world.library, store.world.workspace.items),
        open.value
      )
    : { rows: [], fits: [] }
)
const columns = computed(() =>
  shownBuilds.value.map(({ id }) => open.value.findIndex((build) => build.id === id))
)
const rows = computed(() => {
  const relevant = grid.value.rows.filter(({ cells }) =>
    columns.value.some((column) => cells[column])
  )
  return all.value
    ? relevant
    : relevant.filter(({ cells }) =>
        columns.value.some((column) => cells[column] && cells[column].state !== 'fast')
      )
})
const hidden = computed(
  () =>
    grid.value.rows.filter(({ cells }) => columns.value.some((column) => cells[column])).length -
    rows.value.length
)
const possible = computed(() => grid.value.fits.filter(({ gaps }) => gaps.length === 0).length)
const inTheWay = computed(() => {
  const counts = grid.value.rows.map(({ operation, cells }) => ({
    name: operation.name,
    count: cells.filter((cell) => cell && (cell.state === 'none' || cell.state === 'near')).length
  }))
  return counts
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count - a.count)
    .slice(0, 3)
    .map(({ name }) => name)
})
const keyOf = (cell: Cell): string => `${cell.build.id}|${cell.operation.id}`
const chosen = computed(() =>
  grid.value.rows
    .flatMap(({ cells }) => cells.flatMap((cell) => cell ?? []))
    .find((cell) => keyOf(cell) === chosenKey.value)
)
const finished = computed(() => (store.workspace?.builds ?? []).filter(isDone))
</script>

<template>
  <PlaceHead
    :title="words.title(possible, open.length)"
    :subtitle="open.length === 0 ? words.emptyHint : words.subtitle(inTheWay)"
  >
    <Button :label="words.add" @click="adding = true" />
    <Button severity="secondary" :label="words.cutList" @click="router.push('/cut-list')" />
  </PlaceHead>
  <template v-if="store.say && open.length > 0">
    <div v-if="narrow" class="field">
      <span id="build-choice" class="label">{{ words.choose }}</span>
      <Select
        :model-value="only ?? open[0]?.id"
        :options="open"
        option-label="name"
        option-value="id"
        aria-labelledby="build-choice"
        fluid
        @update:model-value="only = $event"
      />
    </div>
    <div class="scroller" tabindex="0" role="group" :aria-label="words.gridLabel">
      <table class="grid" :aria-label="words.gridLabel" @keydown="walkCells">
        <thead>
          <tr>
            <th scope="col">
              <span class="visually-hidden">{{ words.operation }}</span>
            </th>
            <th v-for="build in shownBuilds" :key="build.id" scope="col">
              <RouterLink :to="`/builds/${encodeURIComponent(build.id)}`"
                ><bdi>{{ build.name }}</bdi
                ><template v-if="build.copies > 1"> ×{{ build.copies }}</template></RouterLink
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.operation.id">
            <th scope="row">
              <WhatIs :id="row.operation.id" kind="operation" :name="row.operation.name" />
            </th>
            <td v-for="column in columns" :key="column">
              <FitCell
                v-if="row.cells[column]"
                :cell="row.cells[column]"
                :say="store.say"
                :chosen="chosenKey === keyOf(row.cells[column])"
                @choose="chosenKey = keyOf(row.cells[column])"
              />
            </td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">{{ words.hours }}</th>
            <td v-for="column in columns" :key="column" class="strong">
              {{
                grid.fits[column]?.gaps.length === 0
                  ? store.say.duration(grid.fits[column].minutes)
                  : words.dash
              }}
            </td>
          </tr>
        </tfoot>
      </table>
    </div>
    <button v-if="hidden > 0 || all" type="button" class="link fold" @click="all = !all">
      {{ all ? words.showFewer : words.showAll(hidden) }}
    </button>
    <p class="caption">{{ words.caption }}</p>
    <CellWhy v-if="chosen" :cell="chosen" />
    <BuildOrder v-if="open.length > 1" :open="open" />
  </template>
  <p v-if="finished.length > 0" class="small soft row">
    <RouterLink
      v-for="build in finished"
      :key="build.id"
      :to="`/builds/${encodeURIComponent(build.id)}`"
      ><bdi>{{ build.name }}</bdi> ✓</RouterLink
    >
  </p>
  <AddBuild
    v-if="adding"
    v-model:visible="adding"
    @added="router.push(`/builds/${encodeURIComponent($event)}`)"
  />
</template>

<style scoped>
.scroller {
  overflow-x: auto;
}
.grid {
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
  min-width: 60rem;
}
.grid th:first-child {
  width: 10.5rem;
}
.grid thead th {
  text-align: left;
  vertical-align: bottom;
  padding: 0 0.25rem 0.4rem;
  font-size: var(--text-small);
  line-height: 1.2;
}
.grid thead a {
  color: var(--graphite);
}
.grid tbody th,
.grid tfoot th {
  text-align: left;
  font-weight: 650;
  font-size: var(--text-small);
  padding-right: 0.5rem;
}
.grid td {
  padding: 0.2rem 0.25rem;
  font-size: var(--text-small);
}
.grid tbody tr {
  border-bottom: 1px solid var(--line);
}
.fold {
  justify-self: start;
}
@media (max-width: 700px) {
  .grid {
    min-width: 0;
  }
  .grid th:first-child {
    width: 9rem;
  }
}
</style>

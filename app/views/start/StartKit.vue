<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, useTemplateRef } from 'vue'
import { TOOL_GROUPS, matchesSearch, namesInAllSets, type ToolGroup } from '../../../core/catalogue'
import { USUAL_ASKED, library, usual } from '../../../data'
import { toolDrawings } from '../../drawings'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useRoving } from '../../parts/roving'
import { useStart } from '../../stores/start'
import { groups as groupNames } from '../../words/kit'
import { start as words } from '../../words/start'
import ChipSearch from './ChipSearch.vue'

/** What is there already: what people often have, then by family, each with its drawing; the usual basics as one press. */
const start = useStart()
type Shown = 'usual' | ToolGroup
const shown = ref<Shown>('usual')
const wanted = ref('')
/** What one owns before one begins; jigs are made, and what is kept in the shop is no tool to ask for. */
const FAMILIES = TOOL_GROUPS.filter((group) => group !== 'shop-made' && group !== 'storage')
const chips = [
  { id: 'usual' as const, name: words.usualTools },
  ...FAMILIES.map((id) => ({ id, name: groupNames[id] }))
]
const found = computed(() => {
  const text = wanted.value.trim().toLowerCase()
  const all = [...start.told.tools.values()]
  if (text !== '')
    return all.filter(({ id, name, aliases = [] }) =>
      matchesSearch(
        text,
        name,
        ...aliases,
        ...namesInAllSets(library, library.tools.get(id)?.name ?? name)
      )
    )
  return shown.value === 'usual'
    ? usual.slice(0, USUAL_ASKED).flatMap((id) => start.told.tools.get(id) ?? [])
    : all.filter(({ group }) => group === shown.value)
})
/** What is ticked stays in sight, whatever is looked at. */
const asked = computed(() => {
  const ids = new Set(found.value.map(({ id }) => id))
  const elsewhere = start.answers.tools.filter((id) => !ids.has(id))
  return [...elsewhere.flatMap((id) => start.told.tools.get(id) ?? []), ...found.value]
})
const tiles = useRoving(useTemplateRef<HTMLElement>('tileList'))
const has = (id: string): boolean => start.answers.tools.includes(id)
function toggle(id: string): void {
  const { answers } = start
  answers.tools = has(id) ? answers.tools.filter((one) => one !== id) : [...answers.tools, id]
}
</script>

<template>
  <fieldset>
    <legend>
      <h2>{{ words.kitTitle }}</h2>
    </legend>
    <div class="row full">
      <Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.allUsual"
        @click="start.tickBasics()"
      />
      <Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.nothing"
        @click="start.answers.tools = []"
      />
    </div>
    <ChipSearch
      v-model:group="shown"
      v-model:wanted="wanted"
      :groups="chips"
      :label="words.families"
      :search-label="words.findTool"
    />
    <p v-if="found.length === 0" class="small" role="status">{{ words.noTool(wanted) }}</p>
    <ul
      ref="tileList"
      class="tools"
      :aria-label="words.kitTitle"
      @keydown="tiles.key"
      @focusin="tiles.entered"
    >
      <li v-for="tool in asked" :key="tool.id" :class="{ on: has(tool.id) }">
        <label
          ><input type="checkbox" data-rove :checked="has(tool.id)" @change="toggle(tool.id)" />
          <span class="picture" aria-hidden="true"
            ><LineDrawing v-if="toolDrawings[tool.id]" :drawing="toolDrawings[tool.id]!"
          /></span>
          <span>{{ tool.name }}</span></label
        ><WhatIs :id="tool.id" kind="tool" :name="tool.name" mark tabindex="-1" />
      </li>
    </ul>
    <p class="caption">{{ words.kitHint }}</p>
  </fieldset>
</template>

<style scoped src="./start.css" />

<style scoped>
.tools {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 0.3rem 0.5rem;
  width: 100%;
}
.tools li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 0 0.3rem;
}
.tools label {
  display: grid;
  grid-template-columns: auto 3rem minmax(0, 1fr);
  gap: 0.5rem;
  align-items: center;
  cursor: pointer;
  padding: 0.2rem 0;
  line-height: 1.25;
  overflow-wrap: anywhere;
  hyphens: auto;
}
.picture :deep(.drawing) {
  max-height: 2rem;
}
</style>

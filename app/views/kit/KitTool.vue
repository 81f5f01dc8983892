<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Day } from '../../../core/calendar'
import { isCapacity, type Tool } from '../../../core/catalogue'
import { change, type Item } from '../../../core/workspace'
import { sheetsOfTool } from '../../../core/safety'
import HazardSheets from '../../parts/HazardSheets.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { kit as words } from '../../words/kit'
import { steps } from '../../words/steps'
import { toolLife } from '../../words/tool-life'
import InUse from '../../parts/InUse.vue'
import WhatIs from '../../parts/WhatIs.vue'
import KitItem from './KitItem.vue'

/** A tool of the trade: had or not, planned, wished for, and what it is for. */
const props = defineProps<{
  tool: Tool
  item: Item | undefined
  /** The day it is planned for. */
  planned: Day | undefined
  /** What it lacks to be used, in words. */
  waiting: string[]
  operations: string[]
  open: boolean
}>()
const emit = defineEmits<{ toggle: [] }>()
const store = useWorkspace()
const isWished = computed(() => store.workspace?.wishes.includes(props.tool.id) ?? false)
/** What it takes, in the measures of the one that is owned. */
const capacities = computed(() =>
  Object.entries(props.item?.specs ?? props.tool.specs)
    .flatMap(([spec, value]) =>
      value !== undefined && store.say && isCapacity(spec)
        ? [words.capacity(store.say.length(value), specName(spec))]
        : []
    )
    .join(', ')
)
function tick(has: boolean): void {
  const { tool, item } = props
  if (has && !item)
    store.run(steps.owned(tool.name), (state) =>
      change.addItem(state, change.plainItem(tool, newId('item'), store.world?.asOf ?? ''))
    )
  if (!has && item)
    store.run(steps.disowned(tool.name), (state) => ({
      ...state,
      items: state.items.filter((one) => one.tool !== tool.id)
    }))
}
function toggleWish(): void {
  const { tool } = props
  const wanted = !isWished.value
  store.run(wanted ? steps.wished(tool.name) : steps.unwished(tool.name), (state) =>
    change.wish(state, tool.id, wanted)
  )
}
</script>

<template>
  <li
    v-if="store.say"
    class="tool"
    :class="{ owned: item, planned: planned !== undefined && !item }"
  >
    <label class="tick">
      <input
        type="checkbox"
        :checked="item !== undefined"
        :aria-label="words.have(tool.name)"
        @change="tick(($event.target as HTMLInputElement).checked)"
      />
      <span>
        <span class="strong">{{ tool.name }}</span>
        <span v-if="item && item.count > 1"> × {{ item.count }}</span>
        <span v-if="!item && planned !== undefined" class="small state">{{
          words.plannedOn(store.say.shortDay(planned))
        }}</span>
        <span v-if="isWished" class="small state">{{ words.wished }}</span>
        <span v-if="item && waiting.length > 0" class="small attention">
          {{ words.waitsFor(waiting) }}</span
        >
      </span>
    </label>
    <WhatIs :id="tool.id" kind="tool" :name="tool.name" mark />
    <button
      type="button"
      class="link small"
      :aria-expanded="open"
      :aria-label="`${words.details}: ${tool.name}`"
      @click="emit('toggle')"
    >
      {{ words.details }}
    </button>
    <div v-if="open" class="details small">
      <p>
        {{ operations.length > 0 ? words.covers(operations) : words.coversNone
        }}<template v-if="capacities !== ''"> · {{ capacities }}</template>
      </p>
      <p v-if="tool.why">{{ tool.why }}</p>
      <InUse :tool="tool" />
      <p v-if="tool.caution" class="caution">
        {{ tool.caution }} {{ words.cautionTail }}
        <HazardSheets :sheets="sheetsOfTool(tool)" />
      </p>
      <ul v-if="tool.companions.length > 0" class="plain-list">
        <li v-for="companion in tool.companions" :key="companion.anyOf.join()">
          {{ companion.anyOf.map((id) => store.say!.shortTool(id)).join(' / ') }}:
          {{ companion.why }}
        </li>
      </ul>
      <template v-if="item">
        <KitItem :tool="tool" :item="item" />
        <RouterLink :to="`/kit/item/${encodeURIComponent(item.id)}`">{{
          toolLife.open
        }}</RouterLink>
      </template>
      <Button
        v-else
        size="small"
        severity="secondary"
        :label="isWished ? words.unwish : words.wish"
        @click="toggleWish"
      />
    </div>
  </li>
</template>

<style scoped>
.tool {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 0.15rem 0.5rem;
  align-items: baseline;
  border: 1px solid var(--line);
  border-left: 4px solid transparent;
  padding: 0.3rem 0.5rem;
  margin-top: 0.3rem;
  background: var(--paper);
}
.tool.owned {
  background: var(--paper-raised);
  border-color: var(--graphite);
  border-left: 4px solid var(--planned);
}
.tool.planned {
  border-style: dashed;
  border-color: var(--graphite);
}
.tick {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.5rem;
  align-items: baseline;
  cursor: pointer;
}
.tick input {
  accent-color: var(--planned);
}
.state {
  display: inline-block;
  border: 1px dashed var(--line-strong);
  padding: 0 0.3rem;
  margin-left: 0.4rem;
  white-space: nowrap;
}
.details {
  grid-column: 1 / -1;
  display: grid;
  gap: 0.4rem;
  padding: 0.25rem 0 0.25rem 1.6rem;
  justify-items: start;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
</style>

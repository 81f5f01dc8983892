<script setup lang="ts">
import { computed } from 'vue'
import { methodFacts } from '../../../core/cards'
import type { Method } from '../../../core/catalogue'
import { gentlerWays, sheetsOf } from '../../../core/safety'
import { toolDrawings, workDrawings } from '../../drawings'
import { useWorkspace } from '../../stores/workspace'
import { cards as words } from '../../words/cards'
import { gentlerSaid, hazardSheets } from '../../words/hazard-sheets'
import { operationUnits } from '../../words/units'
import LineDrawing from './LineDrawing.vue'
import NameList from './NameList.vue'
import WhatIs from '../WhatIs.vue'
import NamedText from '../NamedText.vue'
import HazardSheets from '../HazardSheets.vue'

/** A way to do a piece of work: with what, how long, what it leaves, what it can do to you. */
const props = defineProps<{ method: Method }>()
const store = useWorkspace()
const SHOWN = 4
const facts = computed(() =>
  store.world ? methodFacts(store.world.library, props.method) : undefined
)
const operation = computed(() => store.world?.library.operations.get(props.method.operation))
const lead = computed(() => facts.value?.roles[0]?.tools[0])
/** The tool it is done with; where there is none, the work. */
const drawing = computed(
  () => toolDrawings[lead.value ?? ''] ?? workDrawings[props.method.operation]
)
const roles = computed(
  () =>
    facts.value?.roles.map(({ role, tools }) => ({
      role,
      entries: tools.slice(0, SHOWN).map((id) => ({ id, name: store.say?.tool(id) ?? id }))
    })) ?? []
)
const parts = computed(
  () => facts.value?.parts.map((id) => ({ id, name: store.say?.operation(id) ?? id })) ?? []
)
const unit = computed(() =>
  operationUnits(operation.value?.unit ?? '', 1, store.workspace?.preferences.units ?? 'metric')
)
/** The gentler way with its time; where there is none, that. */
const softer = computed(() => {
  const { say, world } = store
  if (!say || !world || (props.method.hazard?.level ?? 0) === 0) return undefined
  const work = say.operation(props.method.operation)
  const way = gentlerWays(world.library, props.method)[0]
  return way ? gentlerSaid(say, way) : hazardSheets.gentlerNone(work, say.method(props.method.id))
})
</script>

<template>
  <div v-if="facts && store.say" class="card">
    <div class="known">
      <LineDrawing v-if="drawing" :drawing="drawing" :name="method.name" />
      <p v-if="operation">
        <WhatIs :id="operation.id" kind="operation" :name="operation.name" />
      </p>
      <p class="small">{{ words.form[method.form] }}</p>
    </div>
    <div class="said">
      <p v-if="method.why" class="use"><NamedText :text="method.why" /></p>
      <p v-if="facts.minutes > 0">{{ words.minutes(store.say, facts.minutes, unit) }}</p>
      <p>{{ words.surface(method.surface) }}</p>
      <p v-if="method.form !== 'service'" class="small" :class="{ caution: method.hazard }">
        <template v-if="method.hazard">
          <i class="pi pi-exclamation-triangle" aria-hidden="true" />
          {{ words.hazard(method.hazard.kind) }} {{ words.level(method.hazard.level) }}.
          {{ words.manual }}</template
        >
        <template v-if="method.protection?.length">
          {{ words.protects(method.protection) }}</template
        >
      </p>
      <p><HazardSheets :sheets="sheetsOf(method)" /></p>
      <p v-if="softer" class="small">{{ softer }}</p>
      <template v-if="parts.length > 0">
        <h2>{{ words.parts }}</h2>
        <NameList kind="operation" :entries="parts" />
      </template>
      <template v-if="roles.length > 0">
        <h2>{{ words.doneWith }}</h2>
        <ul>
          <li v-for="one in roles" :key="one.role">
            <NameList kind="tool" :entries="one.entries" />
          </li>
        </ul>
      </template>
    </div>
  </div>
</template>

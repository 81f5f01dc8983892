<script setup lang="ts">
import { computed } from 'vue'
import type { Tool } from '../../core/catalogue'
import { roomInUse } from '../../core/fit'
import { useWorkspace } from '../stores/workspace'
import { workshop as words } from '../words/workshop'

/** The room a machine takes while it runs, against the room there is. */
const props = defineProps<{ tool: Tool }>()
const store = useWorkspace()
const use = computed(() => (store.world ? roomInUse(store.world, props.tool) : undefined))
/** To the decimetre. */
const metres = (mm: number): string => store.say?.length(Math.round(mm / 100) * 100) ?? ''
const tight = computed(() => use.value?.roomMm !== undefined && use.value.lineMm > use.value.roomMm)
</script>

<template>
  <p v-if="tool.alignMinutes !== undefined && store.say" class="small soft">
    {{ words.firstHour(store.say.duration(tool.alignMinutes)) }}
  </p>
  <p v-if="use && store.say" class="small" :class="tight ? 'attention' : 'soft'">
    {{ words.inUse(store.say.number(use.m2, 1)) }}
    <template v-if="use.lineMm > 0">{{
      words.line(
        metres(use.lineMm),
        use.longestMm === undefined ? undefined : metres(use.longestMm)
      )
    }}</template>
    <template v-if="tight && use.roomMm !== undefined">{{
      words.tooShort(metres(use.roomMm))
    }}</template>
  </p>
</template>

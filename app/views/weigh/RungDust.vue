<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { clearing, sheetsOfTool, type DustAhead } from '../../../core/safety'
import HazardSheets from '../../parts/HazardSheets.vue'
import { useJudging } from '../../stores/judging'
import { useWorkspace } from '../../stores/workspace'
import { air as words } from '../../words/air'

/** On an opened rung: what can hurt, and the dust its machine will make, announced before it is there. */
const props = defineProps<{ tool: string }>()
const store = useWorkspace()
const judging = useJudging()
const ahead = shallowRef<DustAhead>()
watch(
  () => [props.tool, judging.state] as const,
  ([machine]) => {
    ahead.value = undefined
    judging.ask('dust-ahead', { plan: store.plan, machine }, (found) => {
      if (machine === props.tool) ahead.value = found
    })
  },
  { immediate: true }
)
const sheets = computed(() => {
  const tool = store.world?.library.tools.get(props.tool)
  return tool ? sheetsOfTool(tool) : []
})
const line = computed(() => {
  const { say } = store
  if (!ahead.value || !say) return undefined
  const clear = clearing(ahead.value)
  return words.onRung(
    say,
    ahead.value,
    clear && say.tool(clear.tool),
    clear ? say.money(clear.price) : '',
    clear?.air ?? 0
  )
})
</script>

<template>
  <p v-if="sheets.length > 0"><HazardSheets :sheets="sheets" /></p>
  <p v-if="line">{{ line }}</p>
</template>

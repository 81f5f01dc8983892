<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { Day } from '../../../core/calendar'
import { kindKey, type PriceKind } from '../../../core/prices'
import type { Minor } from '../../../core/money'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { prices } from '../../words/prices'
import { steps } from '../../words/steps'
import { timing as words } from '../../words/timing'

/** Keeps an eye on a kind up to a price; the Bench says when one was seen, and when to look again. */
const props = defineProps<{ kind: PriceKind; upTo: Minor }>()
const store = useWorkspace()
const most = ref<Minor>()
const until = ref<Day>()
watch(
  [() => kindKey(props.kind), () => props.upTo],
  () => {
    most.value = props.upTo > 0 ? props.upTo : undefined
    until.value = undefined
  },
  { immediate: true }
)
const known = computed(() =>
  store.workspace?.watches?.find((one) => kindKey(one) === kindKey(props.kind))
)
function start(): void {
  const { say, world } = store
  if (!say || !world || most.value === undefined) return
  const { tool, tier, condition, power } = props.kind
  const upTo = most.value
  store.run(steps.watched(say.shortTool(tool)), (state) =>
    change.addWatch(state, {
      id: newId('w'),
      tool,
      tier,
      condition,
      power,
      upTo,
      from: world.asOf,
      ...(until.value === undefined ? {} : { until: until.value })
    })
  )
}
</script>

<template>
  <form v-if="store.say && !known" class="row fields" @submit.prevent="start">
    <MoneyField :label="words.watchPrice" :value="most" optional @change="most = $event" />
    <DayField :label="prices.until" :value="until" optional @change="until = $event" />
    <Button type="submit" size="small" severity="secondary" :label="words.watchStart" />
  </form>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
</style>

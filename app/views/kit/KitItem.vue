<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import {
  CONDITIONS,
  SPECS,
  TIERS,
  isCapacity,
  specsOf,
  type SpecName,
  type Tool
} from '../../../core/catalogue'
import { change, type Item } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import { useLengthText } from '../../parts/length-text'
import TextField from '../../parts/TextField.vue'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { kit as words } from '../../words/kit'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'

/** What is known of a tool one has: how many, of which quality, its measures, what it cost. */
const props = defineProps<{ tool: Tool; item: Item }>()
const store = useWorkspace()
const tiers = TIERS.map((id) => ({ id, name: terms.tierName[id] }))
const conditions = CONDITIONS.map((id) => ({ id, name: terms.conditionName[id] }))
function edit(next: Partial<Item>): void {
  const { tool, item } = props
  store.run(steps.owned(tool.name), (state) =>
    change.changeItem(state, item.id, (one) => ({
      ...one,
      ...next,
      ...(next.tier ? { specs: specsOf(tool, next.tier) } : {})
    }))
  )
}
/** Measures that decide what it can do. */
const measures = computed(() =>
  SPECS.filter((spec) => isCapacity(spec) && props.item.specs[spec] !== undefined)
)
const { text: sizeText, read: readSize } = useLengthText()
const setMeasure = (spec: SpecName, mm: number | undefined): void =>
  edit({ specs: { ...props.item.specs, [spec]: mm ?? props.tool.specs[spec] } })
</script>

<template>
  <div class="row">
    <Button
      size="small"
      severity="secondary"
      icon="pi pi-minus"
      :aria-label="words.less(tool.name)"
      :disabled="item.count <= 1"
      @click="edit({ count: item.count - 1 })"
    />
    <span>{{ words.count }}: {{ item.count }}</span>
    <Button
      size="small"
      severity="secondary"
      icon="pi pi-plus"
      :aria-label="words.more(tool.name)"
      @click="edit({ count: item.count + 1 })"
    />
    <Select
      :model-value="item.tier"
      :options="tiers"
      option-label="name"
      option-value="id"
      :aria-label="words.tier"
      @update:model-value="edit({ tier: $event })"
    />
    <Select
      :model-value="item.condition"
      :options="conditions"
      option-label="name"
      option-value="id"
      :aria-label="words.condition"
      @update:model-value="edit({ condition: $event })"
    />
    <TextField
      v-for="spec in measures"
      :key="spec"
      :label="specName(spec)"
      width="5rem"
      :value="sizeText(item.specs[spec])"
      :read="readSize"
      @change="setMeasure(spec, $event as number | undefined)"
    />
    <MoneyField :label="words.paid" :value="item.cost" @change="edit({ cost: $event ?? 0 })" />
    <DayField
      :label="words.since"
      :value="item.since"
      @change="$event !== undefined && edit({ since: $event })"
    />
  </div>
</template>

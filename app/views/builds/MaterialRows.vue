<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { MaterialLine } from '../../../core/catalogue'
import type { Minor } from '../../../core/money'
import WideBox from '../../parts/WideBox.vue'
import NumberField from '../../parts/NumberField.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { operationUnits } from '../../words/units'
import { buildPage as words } from '../../words/build-page'

const props = defineProps<{
  lines: readonly (MaterialLine & { cost: Minor; typical: boolean })[]
}>()
const emit = defineEmits<{ change: [lines: readonly MaterialLine[]] }>()
const store = useWorkspace()
const materials = computed(() => [...(store.world?.library.materials.values() ?? [])])
/** How long what ages keeps: bought too early it is thrown away. */
function keeps(id: string): string | undefined {
  const days = store.world?.library.materials.get(id)?.keepsDays
  return days === undefined ? undefined : words.keeps(Math.round(days / 30.4))
}
const bare = computed(() => props.lines.map(({ material, quantity }) => ({ material, quantity })))
const replace = (index: number, next: MaterialLine): void =>
  emit(
    'change',
    bare.value.map((line, i) => (i === index ? next : line))
  )
const add = (): void =>
  emit('change', [...bare.value, { material: materials.value[0]?.id ?? '', quantity: 1 }])
</script>

<template>
  <WideBox v-if="lines.length > 0">
    <table class="plain narrow">
      <thead>
        <tr>
          <th>{{ words.material }}</th>
          <th>{{ words.quantity }}</th>
          <th class="figure">{{ words.cost }}</th>
          <td />
        </tr>
      </thead>
      <tbody>
        <tr v-for="(line, index) in lines" :key="index">
          <td>
            <Select
              :model-value="line.material"
              :options="materials"
              option-label="name"
              option-value="id"
              filter
              :aria-label="words.material"
              @update:model-value="replace(index, { material: $event, quantity: line.quantity })"
            /><WhatIs
              :id="line.material"
              kind="material"
              :name="materials.find(({ id }) => id === line.material)?.name ?? line.material"
              mark
            />
          </td>
          <td>
            <div class="row">
              <NumberField
                hide-label
                :label="words.quantity"
                width="4.5rem"
                :value="line.quantity"
                :least="0.001"
                :most="1000000"
                @change="replace(index, { material: line.material, quantity: $event ?? 1 })"
              /><span class="soft small">{{
                operationUnits(
                  materials.find(({ id }) => id === line.material)?.unit ?? '',
                  line.quantity,
                  'metric'
                )
              }}</span>
              <span v-if="keeps(line.material)" class="soft small">{{ keeps(line.material) }}</span>
            </div>
          </td>
          <td class="figure" :class="{ typical: line.typical }">
            {{ store.say?.money(line.cost) }}
          </td>
          <td>
            <Button
              size="small"
              severity="secondary"
              variant="text"
              icon="pi pi-times"
              :aria-label="`${words.remove}: ${materials.find(({ id }) => id === line.material)?.name ?? ''}`"
              @click="
                emit(
                  'change',
                  bare.filter((_, i) => i !== index)
                )
              "
            />
          </td>
        </tr>
      </tbody>
    </table>
  </WideBox>
  <div><Button size="small" severity="secondary" :label="words.addMaterial" @click="add" /></div>
</template>

<style scoped>
.narrow {
  max-width: 46rem;
}
</style>

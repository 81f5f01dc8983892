<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { useId } from 'vue'
import { useToolOptions } from '../../parts/tool-options'

/** The tools an offer is for. */
defineProps<{ label: string }>()
const tools = defineModel<string[]>({ required: true })
const options = useToolOptions()
const id = useId()
</script>

<template>
  <div class="field grow">
    <span :id="id" class="label">{{ label }}</span><MultiSelect
      v-model="tools"
      :aria-labelledby="id"
      :options="options"
      option-label="name"
      option-value="id"
      filter
      :filter-fields="['words']"
      display="comma"
      :max-selected-labels="3"
    />
  </div>
</template>

<style scoped>
.grow {
  flex: 1 1 14rem;
  min-width: 0;
}
</style>

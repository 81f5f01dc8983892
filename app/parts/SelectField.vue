<script setup lang="ts" generic="T extends string">
import Select from 'primevue/select'
import { useId } from 'vue'

/** One of a few things in words, with its label. */
defineProps<{
  label: string
  value: T
  options: readonly { readonly id: T; readonly name: string }[]
}>()
defineEmits<{ change: [value: T] }>()
const id = useId()
</script>

<template>
  <div class="field">
    <span :id="id" class="label">{{ label }}</span><Select
      :model-value="value"
      :options="[...options]"
      option-label="name"
      option-value="id"
      :aria-labelledby="id"
      @update:model-value="$emit('change', $event as T)"
    />
  </div>
</template>

<style scoped>
.field,
.field :deep(.p-select) {
  max-width: 100%;
}
</style>

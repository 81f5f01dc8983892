<script setup lang="ts" generic="Id extends string">
import InputText from 'primevue/inputtext'
import { useTemplateRef } from 'vue'
import { useRoving } from '../../parts/roving'

/** Groups to look through, or a name to look for: whichever was used last holds. */
defineProps<{
  groups: readonly { readonly id: Id; readonly name: string }[]
  label: string
  searchLabel: string
}>()
const group = defineModel<Id>('group', { required: true })
const wanted = defineModel<string>('wanted', { required: true })
const walk = useRoving(useTemplateRef<HTMLElement>('chipRow'))
function show(id: Id): void {
  group.value = id
  wanted.value = ''
}
</script>

<template>
  <div class="row full">
    <div
      ref="chipRow"
      class="chips"
      role="group"
      :aria-label="label"
      @keydown="walk.key"
      @focusin="walk.entered"
    >
      <button
        v-for="one in groups"
        :key="one.id"
        type="button"
        data-rove
        :aria-pressed="group === one.id && wanted === ''"
        @click="show(one.id)"
      >
        {{ one.name }}
      </button>
    </div>
    <InputText
      v-model="wanted"
      size="small"
      type="search"
      :placeholder="searchLabel"
      :aria-label="searchLabel"
    />
  </div>
</template>

<style scoped src="./start.css" />

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
}
.chips button {
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--text-small);
  padding: 0.25rem 0.6rem;
  min-height: 28px;
  cursor: pointer;
}
.chips button[aria-pressed='true'] {
  background: var(--graphite);
  color: var(--paper);
}
</style>

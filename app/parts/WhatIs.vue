<script setup lang="ts">
import { computed } from 'vue'
import type { CardKind } from '../../core/cards'
import { useCards } from '../stores/cards'
import { whatIs } from '../words/what-is'

/** A name that says what it means when it is pressed; as a mark alone beside a field or in a row that is pressed for something else. */
const props = defineProps<{
  kind: CardKind
  id: string
  name: string
  mark?: boolean
  /** Within a sentence: no taller than its line. */
  inText?: boolean
}>()
const cards = useCards()
const label = computed(() => whatIs(props.name))
</script>

<template>
  <button
    type="button"
    class="what-is"
    :class="{ mark, 'in-text': inText }"
    :data-card="`${kind}/${id}`"
    :aria-label="inText ? undefined : label"
    :title="label"
    @click.stop="cards.open(kind, id)"
  >
    <i v-if="mark" class="pi pi-question-circle" aria-hidden="true" /><bdi v-else>{{ name }}</bdi>
  </button>
</template>

<style scoped>
.what-is {
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: inherit;
  cursor: help;
  min-height: 24px;
  text-decoration: underline dotted var(--line-strong);
  text-underline-offset: 0.2em;
}
.mark {
  min-width: 24px;
  text-decoration: none;
  color: var(--graphite-soft);
}
.in-text {
  display: inline;
  min-height: 0;
}
.what-is:hover {
  text-decoration-color: currentColor;
}
</style>

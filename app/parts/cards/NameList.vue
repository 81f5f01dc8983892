<script setup lang="ts">
import type { CardKind } from '../../../core/cards'
import WhatIs from '../WhatIs.vue'

/** Names that have cards, in one line, with what is said of each. */
defineProps<{
  kind: CardKind
  entries: readonly { readonly id: string; readonly name: string; readonly more?: string }[]
}>()
</script>

<template>
  <ul class="names">
    <li v-for="one in entries" :key="one.id">
      <WhatIs :id="one.id" :kind="kind" :name="one.name" />
      <span v-if="one.more" class="soft small">{{ one.more }}</span>
    </li>
  </ul>
</template>

<style scoped>
.names {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.9rem;
}
li {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.35rem;
}
</style>

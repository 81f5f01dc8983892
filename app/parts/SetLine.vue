<script setup lang="ts">
import type { Minor } from '../../core/money'
import { useWorkspace } from '../stores/workspace'
import { weigh } from '../words/weigh'
import type { LineView } from '../workers/protocol'

/** A set of purchases on one line, with what it costs all in. */
defineProps<{ parts: readonly LineView[]; cost: Minor }>()
const store = useWorkspace()
</script>

<template>
  <p v-if="store.say" class="line">
    <span v-for="(part, index) in parts" :key="part.id"
      ><template v-if="index > 0"> + </template>{{ weigh.part(store.say, part) }}</span
    >
    <span class="strong"> · {{ cost === 0 ? weigh.free : store.say.money(cost) }}</span>
  </p>
</template>

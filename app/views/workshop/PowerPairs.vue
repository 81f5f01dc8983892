<script setup lang="ts">
import { computed } from 'vue'
import { runningTogether } from '../../../core/safety'
import { circuitsOf } from '../../../core/workshop'
import { useWorkspace } from '../../stores/workspace'
import { circuits as words } from '../../words/circuits'

/** Machines on a cord, owned and planned, each with the vacuum or extractor that runs with it. */
const store = useWorkspace()
const lines = computed(() => {
  const { say, world } = store
  if (!say || !world) return []
  const known = circuitsOf(world.workspace.workshop).length > 0
  return runningTogether(world, store.plan).map((one) => ({
    key: `${one.tool}+${one.with}`,
    text: words.pair(say, one, known),
    bad: known && !one.on
  }))
})
</script>

<template>
  <h2>{{ words.pairsTitle }}</h2>
  <p v-if="lines.length === 0" class="soft">{{ words.pairsNone }}</p>
  <ul v-else class="plain-list">
    <li v-for="one in lines" :key="one.key" :class="{ attention: one.bad }">{{ one.text }}</li>
  </ul>
</template>

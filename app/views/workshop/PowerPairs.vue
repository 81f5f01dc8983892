<script setup lang="ts">
import { computed } from 'vue'
import { findOffer } from '../../../core/prices'
import { circuitsOf, runTogether } from '../../../core/workshop'
import { useWorkspace } from '../../stores/workspace'
import { circuits as words } from '../../words/circuits'

/** Machines on a cord, owned and planned, each with the vacuum or extractor that runs with it. */
const store = useWorkspace()
const HOSES = ['vacuum', 'chip-extractor']
const DUSTY = ['hand-blade', 'fixed-blade', 'router-bit', 'feed-rollers', 'dust']
const corded = computed(() => {
  const { world } = store
  if (!world) return []
  const bought = (store.plan?.purchases ?? []).flatMap(
    ({ offer }) => findOffer(world.pricing, offer) ?? []
  )
  const ids = [...world.workspace.items, ...bought].flatMap(({ tool, power }) =>
    power === 'corded' ? [tool] : []
  )
  return [...new Set(ids)].flatMap((id) => world.library.tools.get(id) ?? [])
})
const lines = computed(() => {
  const { say, world } = store
  if (!say || !world) return []
  const { workshop } = world.workspace
  const hoses = corded.value.filter(({ id }) => HOSES.includes(id))
  const known = circuitsOf(workshop).length > 0
  return corded.value
    .filter(({ hazard }) => hazard !== null && DUSTY.includes(hazard))
    .flatMap((tool) => hoses.map((hose) => runTogether(workshop, tool, hose)))
    .map((one) => ({
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

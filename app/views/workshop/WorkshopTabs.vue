<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { floor as words } from '../../words/floor'

/** The questions of the Workshop. */
const tabs = [
  ['/workshop', words.tabs.floor],
  ['/workshop/power', words.tabs.power],
  ['/workshop/air', words.tabs.air],
  ['/workshop/hazards', words.tabs.hazards],
  ['/workshop/today', words.tabs.today],
  ['/workshop/limits', words.tabs.bounds]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="words.tabsLabel" />
</template>

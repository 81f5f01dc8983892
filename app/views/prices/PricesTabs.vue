<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { timing as words } from '../../words/timing'

/** The questions of the Prices. */
const tabs = [
  ['/prices', words.tabs.now],
  ['/prices/seen', words.tabs.seen],
  ['/prices/sales', words.tabs.sales],
  ['/prices/find', words.tabs.find],
  ['/prices/board', words.tabs.board]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="words.tabsLabel" />
</template>

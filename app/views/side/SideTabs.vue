<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { placeNames } from '../../words/shell'
import { side as words } from '../../words/side'

/** The questions of side work. */
const tabs = [
  ['/side', words.tabs.make],
  ['/side/prices', words.tabs.prices],
  ['/side/stock', words.tabs.stock],
  ['/side/tools', words.tabs.tools],
  ['/side/books', words.tabs.books]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="placeNames.side" />
</template>

<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { ledger as words } from '../../words/ledger'

/** The three questions of the Ledger. */
const tabs = [
  ['/ledger', words.tabs.entries],
  ['/ledger/plan', words.tabs.against],
  ['/ledger/inventory', words.tabs.inventory]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="words.tabs.entries" />
</template>

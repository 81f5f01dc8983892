<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { stages as words } from '../../words/stages'

/** The three questions of the Stages. */
const tabs = [
  ['/stages', words.tabs.rule],
  ['/stages/scenarios', words.tabs.scenarios],
  ['/stages/risk', words.tabs.risk]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="words.tabs.rule" />
</template>

<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { weigh as words } from '../../words/weigh'

/** The six questions of the Weigh-up. */
const tabs = [
  ['/weigh', words.tabs.ladder],
  ['/weigh/packages', words.tabs.tools],
  ['/weigh/quality', words.tabs.quality],
  ['/weigh/power', words.tabs.power],
  ['/weigh/schools', words.tabs.schools],
  ['/weigh/list', words.tabs.list]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="words.tabs.ladder" />
</template>

<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { back } from '../../words/back'
import { hours } from '../../words/hours'
import { placeNames } from '../../words/shell'
import { supplies } from '../../words/supplies'
import { upkeep } from '../../words/upkeep'

/** The questions of what one owns. */
const tabs = [
  ['/kit', hours.tabs.have],
  ['/kit/due', upkeep.tab],
  ['/kit/stock', supplies.tab],
  ['/kit/hours', hours.tabs.hours],
  ['/kit/back', back.tab]
] as const
</script>

<template>
  <PlaceTabs :tabs="tabs" :label="placeNames.kit" />
</template>

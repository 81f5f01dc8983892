<script setup lang="ts">
import PlaceTabs from '../../parts/PlaceTabs.vue'
import { keeping as words } from '../../words/keeping'
import { shell } from '../../words/shell'

const tabs = [
  ['/settings', words.tabs.settings],
  ['/keeping', words.tabs.keeping]
] as const
</script>

<template>
  <PlaceTabs :label="shell.settings" :tabs="tabs" />
</template>

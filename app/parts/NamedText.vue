<script setup lang="ts">
import { computed } from 'vue'
import { useWorkspace } from '../stores/workspace'
import { namesIn } from '../words/names-in'
import WhatIs from './WhatIs.vue'

/** A sentence in which each name of a tool or a material opens its card. Not for what stands inside a button or a link. */
const props = defineProps<{ text: string }>()
const store = useWorkspace()
const stretches = computed(() =>
  store.world ? namesIn(store.world.library, props.text) : [{ text: props.text }]
)
</script>

<template>
  <template v-for="(one, at) in stretches" :key="at"
    ><WhatIs
      v-if="one.card"
      :id="one.card.id"
      :kind="one.card.kind"
      :name="one.text"
      in-text
    /><template v-else>{{ one.text }}</template></template
  >
</template>

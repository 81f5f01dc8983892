<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet } from '../../core/safety'
import { hazardSheets as words, sheetName } from '../words/hazard-sheets'
import WhatIs from './WhatIs.vue'

/** Beside a choice that can hurt: the names of its sheets, each of which opens. */
const props = defineProps<{ sheets: readonly Sheet[] }>()
const named = computed(() => props.sheets.map((id) => ({ id, name: sheetName(id) ?? id })))
</script>

<template>
  <span v-if="named.length > 0" class="small">
    {{ words.open }}
    <template v-for="(one, index) in named" :key="one.id"
      ><template v-if="index > 0">, </template
      ><WhatIs :id="one.id" kind="hazard" :name="one.name" in-text
    /></template>
  </span>
</template>

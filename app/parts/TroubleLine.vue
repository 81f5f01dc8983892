<script setup lang="ts">
import Button from 'primevue/button'
import type { Issue } from '../../core/kernel'
import { useWorkspace } from '../stores/workspace'
import { sentence } from '../words/issues'
import { shell } from '../words/shell'

/** What went wrong beside the page, in a sentence, with the way out. */
defineProps<{ trouble: Issue | undefined }>()
defineEmits<{ again: [] }>()
const store = useWorkspace()
</script>

<template>
  <p v-if="trouble" class="row" role="alert">
    <span>{{ sentence(trouble, store.say) }}</span>
    <Button size="small" severity="secondary" :label="shell.again" @click="$emit('again')" />
  </p>
</template>

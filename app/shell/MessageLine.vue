<script setup lang="ts">
import Button from 'primevue/button'
import MessageBox from 'primevue/message'
import { useWorkspace } from '../stores/workspace'
import { shell } from '../words/shell'
import { useSave } from './use-save'

/** What the page has to say above everything else, with its ways out; a trouble can always be met by saving to a file. */
defineProps<{
  text: string
  severity: 'error' | 'info'
  /** Whether it can be tried again. */
  retry?: boolean
}>()
defineEmits<{ again: []; dismiss: [] }>()
const store = useWorkspace()
const save = useSave()
</script>

<template>
  <MessageBox class="no-print" :severity="severity">
    <div class="row">
      <span>{{ text }}</span>
      <Button v-if="retry" size="small" :label="shell.again" @click="$emit('again')" />
      <Button
        v-if="severity === 'error' && store.workspace"
        size="small"
        severity="secondary"
        :label="shell.saveNow"
        @click="save"
      />
      <Button
        size="small"
        severity="secondary"
        variant="text"
        :label="shell.dismiss"
        @click="$emit('dismiss')"
      />
    </div>
  </MessageBox>
</template>

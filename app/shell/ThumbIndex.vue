<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { PLACES } from '../places'
import { useSaving } from '../stores/saving'
import { useSettings } from '../stores/settings'
import { useWorkspace } from '../stores/workspace'
import { placeNames, shell } from '../words/shell'
import { headingFor } from './heading'

defineEmits<{ find: []; keys: [] }>()
const store = useWorkspace()
const settings = useSettings()
const saving = useSaving()
const route = useRoute()
const here = computed(() => headingFor.value ?? route.meta.place)
</script>

<template>
  <nav class="index" :aria-label="shell.index">
    <p class="name">{{ shell.product[0] }}<br />{{ shell.product[1] }}</p>
    <ul class="plain-list places">
      <li v-for="place in PLACES" :key="place.id">
        <RouterLink
          :to="place.path"
          class="place"
          :class="{ here: here === place.id }"
          :aria-current="here === place.id ? 'page' : undefined"
        >
          <span>{{ placeNames[place.id] }}</span>
          <kbd v-if="settings.settings.letters !== false" aria-hidden="true">{{
            place.letter
          }}</kbd>
        </RouterLink>
      </li>
    </ul>
    <div class="tools">
      <button
        type="button"
        class="tool"
        :disabled="!store.undoName"
        :title="shell.undo(store.undoName)"
        :aria-label="shell.undo(store.undoName)"
        @click="store.undo()"
      >
        <i class="pi pi-undo" aria-hidden="true" /> {{ shell.undoShort }}
      </button>
      <button
        type="button"
        class="tool"
        :disabled="!store.redoName"
        :title="shell.redo(store.redoName)"
        :aria-label="shell.redo(store.redoName)"
        @click="store.redo()"
      >
        <i class="pi pi-refresh" aria-hidden="true" /> {{ shell.redoShort }}
      </button>
      <button type="button" class="tool" @click="$emit('find')">
        <i class="pi pi-search" aria-hidden="true" /> {{ shell.find }}
      </button>
      <button type="button" class="tool" @click="$emit('keys')">
        <i class="pi pi-question-circle" aria-hidden="true" /> {{ shell.keys }}
      </button>
      <RouterLink class="tool" to="/settings"
        ><i class="pi pi-folder-open" aria-hidden="true" /> {{ shell.settings }}</RouterLink
      >
      <p class="kept" role="status">
        {{ shell.keptStates[saving.kept] }}
      </p>
    </div>
  </nav>
</template>

<style scoped>
.index {
  background: var(--paper-deep);
  border-right: 1px solid var(--graphite);
  display: flex;
  flex-direction: column;
  position: sticky;
  top: 0;
  height: 100vh;
  overflow-y: auto;
}
.name {
  font-family: var(--slab);
  font-weight: 700;
  line-height: 1.15;
  font-size: 1.0625rem;
  padding: 1rem 0.75rem;
}
.place {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: baseline;
  padding: 0.5rem 0.75rem;
  color: var(--graphite);
  text-decoration: none;
  font-weight: 650;
  border-top: 1px solid var(--line);
}
.place:hover {
  background: var(--paper);
}
.place.here {
  background: var(--paper);
  border: 1px solid var(--graphite);
  border-right: 0;
  margin-right: -1px;
  position: relative;
}
kbd {
  font-family: var(--sans);
  font-size: 0.6875rem;
  color: var(--graphite-soft);
}
.tools {
  margin-top: auto;
  padding: 0.75rem;
  display: grid;
  gap: 0.15rem;
  font-size: var(--text-small);
}
.tool {
  background: none;
  border: 0;
  padding: 0.2rem 0;
  text-align: left;
  color: var(--graphite);
  text-decoration: none;
  cursor: pointer;
  display: flex;
  gap: 0.4rem;
  align-items: baseline;
}
.tool i {
  font-size: 0.75rem;
}
.tool:hover:not(:disabled) {
  text-decoration: underline;
}
.tool:disabled {
  color: var(--graphite-soft);
  cursor: default;
  opacity: 0.7;
}
.kept {
  color: var(--graphite-soft);
  font-size: 0.6875rem;
  line-height: 1.3;
  padding-top: 0.3rem;
}
</style>

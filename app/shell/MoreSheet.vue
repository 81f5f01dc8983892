<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { FAR_PLACES } from '../places'
import { useSaving } from '../stores/saving'
import { useWorkspace } from '../stores/workspace'
import { foundList } from '../words/found-list'
import { pocket } from '../words/pocket'
import { placeNames, shell } from '../words/shell'

/** Everything that does not fit under the thumb, one press further. */
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ find: []; help: [] }>()
const store = useWorkspace()
const saving = useSaving()

/** Pages that are no place of the index. */
const PAGES = [
  { path: '/pocket', icon: 'pi pi-shopping-bag', name: pocket.title },
  ...FAR_PLACES.map(({ id, path, icon }) => ({ path, icon, name: placeNames[id] })),
  { path: '/weigh/list', icon: 'pi pi-list-check', name: foundList.title },
  { path: '/settings', icon: 'pi pi-folder-open', name: shell.settings }
] as const
function find(): void {
  visible.value = false
  emit('find')
}
function help(): void {
  visible.value = false
  emit('help')
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    position="bottom"
    :draggable="false"
    :header="shell.moreTitle"
    :style="{ width: '100vw', margin: 0 }"
  >
    <ul class="plain-list">
      <li v-for="page in PAGES" :key="page.path">
        <RouterLink :to="page.path" class="entry" @click="visible = false"
          ><i :class="page.icon" aria-hidden="true" />{{ page.name }}</RouterLink
        >
      </li>
      <li>
        <button type="button" class="entry" @click="find">
          <i class="pi pi-search" aria-hidden="true" />{{ shell.find }}
        </button>
      </li>
      <li>
        <button type="button" class="entry" @click="help">
          <i class="pi pi-question-circle" aria-hidden="true" />{{ shell.help }}
        </button>
      </li>
      <li v-if="store.redoName">
        <button type="button" class="entry" @click="store.redo()">
          <i class="pi pi-refresh" aria-hidden="true" />{{ shell.redo(store.redoName) }}
        </button>
      </li>
    </ul>
    <p class="soft small kept" role="status">{{ shell.keptStates[saving.kept] }}</p>
  </Dialog>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0 1rem;
}
.entry {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  width: 100%;
  min-height: 3rem;
  padding: 0;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  color: var(--graphite);
  font-weight: 650;
  text-align: left;
  text-decoration: none;
}
.kept {
  padding-top: 0.75rem;
}
</style>

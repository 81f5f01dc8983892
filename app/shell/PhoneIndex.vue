<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { NEAR_PLACES } from '../places'
import { useSaving } from '../stores/saving'
import { useWorkspace } from '../stores/workspace'
import { placeNames, shell } from '../words/shell'
import { headingFor } from './heading'

/** The index under the thumb: five places and "more"; above it what can be undone, while there is something. */
defineEmits<{ find: []; help: [] }>()
const MoreSheet = defineAsyncComponent(() => import('./MoreSheet.vue'))
const store = useWorkspace()
const saving = useSaving()
const route = useRoute()
const open = ref(false)
const here = computed(() => headingFor.value ?? route.meta.place)
const isNear = computed(() => NEAR_PLACES.some(({ id }) => id === here.value))
// What is pressed on the sheet closes it; one that is opened while a place is being drawn stays.
watch(
  headingFor,
  (to) => {
    if (to !== undefined) open.value = false
  },
  { flush: 'sync' }
)
</script>

<template>
  <nav class="phone-index" :aria-label="shell.index">
    <p v-if="saving.kept === 'not-kept'" class="line attention" role="status">
      {{ shell.keptStates[saving.kept] }}
    </p>
    <p v-if="store.undoName" class="line">
      <button type="button" class="undo" @click="store.undo()">
        <i class="pi pi-undo" aria-hidden="true" />{{ shell.undo(store.undoName) }}
      </button>
    </p>
    <ul class="plain-list">
      <li v-for="place in NEAR_PLACES" :key="place.id">
        <RouterLink
          :to="place.path"
          class="place"
          :class="{ here: here === place.id }"
          :aria-current="here === place.id ? 'page' : undefined"
        >
          <i :class="place.icon" aria-hidden="true" /><span>{{ placeNames[place.id] }}</span>
        </RouterLink>
      </li>
      <li>
        <button
          type="button"
          class="place"
          :class="{ here: !isNear }"
          aria-haspopup="dialog"
          :aria-expanded="open"
          @click="open = true"
        >
          <i class="pi pi-ellipsis-h" aria-hidden="true" /><span>{{ shell.more }}</span>
        </button>
      </li>
    </ul>
  </nav>
  <MoreSheet v-if="open" v-model:visible="open" @find="$emit('find')" @help="$emit('help')" />
</template>

<style scoped>
.phone-index {
  position: fixed;
  inset: auto 0 0 0;
  z-index: 5;
  background: var(--paper-deep);
  border-top: 1px solid var(--graphite);
  padding-bottom: env(safe-area-inset-bottom);
}
ul {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
}
.place {
  display: grid;
  justify-items: center;
  gap: 0.15rem;
  width: 100%;
  padding: 0.5rem 0 0.45rem;
  border: 0;
  border-top: 3px solid transparent;
  background: none;
  color: var(--graphite);
  text-decoration: none;
  font-weight: 650;
  font-size: 0.6875rem;
  line-height: 1.2;
}
.place i {
  font-size: 1.15rem;
}
.place.here {
  border-top-color: var(--planned);
  background: var(--paper);
}
.line {
  padding: 0 0.9rem;
  border-bottom: 1px solid var(--line);
  font-size: var(--text-small);
}
.undo {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  width: 100%;
  min-height: 2rem;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.undo i {
  font-size: 0.75rem;
}
</style>

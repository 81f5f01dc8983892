<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { PlaceId } from '../places'
import { useSettings } from '../stores/settings'
import { useWorkspace } from '../stores/workspace'
import { firstTime as words } from '../words/first-time'

/** What to try at a place, in one line, the first time one is there; gone for good once something was done, or one has gone on. */
const store = useWorkspace()
const settings = useSettings()
const route = useRoute()
const place = computed(() => route.meta.place as PlaceId | undefined)
const isNew = computed(
  () => place.value !== undefined && !(settings.settings.visited ?? []).includes(place.value)
)
function visited(one: PlaceId | undefined): void {
  const before = settings.settings.visited ?? []
  if (one !== undefined && !before.includes(one))
    void settings.change({ visited: [...before, one] })
}
watch(place, (_now, before) => visited(before))
watch(
  () => store.undoName,
  (name) => {
    if (name !== undefined) visited(place.value)
  }
)
</script>

<template>
  <p v-if="isNew && place" class="first-time small no-print" role="note" :aria-label="words.label">
    <span>{{ words.lines[place] }}</span>
    <button type="button" class="link" @click="visited(place)">{{ words.done }}</button>
  </p>
</template>

<style scoped>
.first-time {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.75rem;
  align-items: baseline;
  border-left: 3px solid var(--planned);
  padding-left: 0.6rem;
}
</style>

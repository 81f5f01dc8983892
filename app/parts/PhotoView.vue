<script setup lang="ts">
import { onUnmounted, ref, watch } from 'vue'
import { storageHere } from '../stores/storage-here'
import { useWorkspace } from '../stores/workspace'
import { ledger as words } from '../words/ledger'

/** One kept photo; it is opened large in place. */
const props = defineProps<{ id: string; what: string }>()
const store = useWorkspace()
const url = ref('')
const missing = ref(false)
const large = ref(false)
const release = (): void => {
  if (url.value) URL.revokeObjectURL(url.value)
  url.value = ''
}
watch(
  () => props.id,
  async (id) => {
    release()
    const kept = await storageHere().photo(store.workspace?.id ?? '', id)
    missing.value = !kept.ok || !kept.value
    if (kept.ok && kept.value)
      url.value = URL.createObjectURL(
        new Blob([kept.value.bytes as Uint8Array<ArrayBuffer>], { type: kept.value.type })
      )
  },
  { immediate: true }
)
onUnmounted(release)
</script>

<template>
  <p v-if="missing" class="small soft">{{ words.photoElsewhere }}</p>
  <button
    v-else
    type="button"
    class="photo"
    :class="{ large }"
    :aria-expanded="large"
    :aria-label="words.photoOf(what)"
    @click="large = !large"
  >
    <img v-if="url" :src="url" :alt="words.photoOf(what)" />
  </button>
</template>

<style scoped>
.photo {
  border: 1px solid var(--line-strong);
  padding: 0;
  background: var(--paper-raised);
  width: 6rem;
  height: 4.5rem;
  cursor: zoom-in;
  overflow: hidden;
}
.photo img {
  width: 100%;
  height: 100%;
  object-fit: cover;
  display: block;
}
.photo.large {
  width: 100%;
  height: auto;
  cursor: zoom-out;
}
.photo.large img {
  object-fit: contain;
}
</style>

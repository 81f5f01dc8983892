<script setup lang="ts">
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, onUnmounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useWorkspace } from '../stores/workspace'
import { shell } from '../words/shell'
import { shownAgain } from './found'
import { findables, search } from './search'
import { enteredAhead, findText, isOpening } from './typed-ahead'

const visible = defineModel<boolean>('visible', { required: true })
const SHOWN = 12
const store = useWorkspace()
const router = useRouter()
const chosen = ref(0)

const all = store.world && store.say ? findables(store.world, store.say, store.plan) : []
const result = computed(() => search(all, findText.value, SHOWN))
const found = computed(() => result.value.found)
function go(index: number): void {
  const target = found.value[index]
  if (!target) return
  visible.value = false
  if (router.currentRoute.value.fullPath === target.path) shownAgain.value += 1
  else void router.push(target.path)
}
watch(
  enteredAhead,
  (entered) => {
    if (entered) go(chosen.value)
  },
  { immediate: true }
)
onUnmounted(() => {
  isOpening.value = false
})
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="shell.findTitle"
    position="top"
    :style="{ width: '34rem', maxWidth: '95vw' }"
  >
    <InputText
      v-model="findText"
      autofocus
      fluid
      :aria-label="shell.findLabel"
      role="combobox"
      aria-expanded="true"
      aria-controls="found"
      :aria-activedescendant="found[chosen] ? `found-${chosen}` : undefined"
      @focus="isOpening = false"
      @input="chosen = 0"
      @keydown.down.prevent="chosen = Math.min(chosen + 1, found.length - 1)"
      @keydown.up.prevent="chosen = Math.max(chosen - 1, 0)"
      @keydown.enter.prevent="go(chosen)"
    />
    <ul id="found" class="plain-list" role="listbox" :aria-label="shell.findTitle">
      <li
        v-for="(one, index) in found"
        :id="`found-${index}`"
        :key="one.kind + one.key"
        role="option"
        :aria-selected="index === chosen"
        :class="{ chosen: index === chosen }"
        @click="go(index)"
      >
        <span class="name"
          ><bdi>{{ one.label }}</bdi>
          <span v-if="one.more" class="soft small"
            ><bdi>{{ one.more }}</bdi></span
          ></span
        >
        <span class="soft small">{{ shell.findKinds[one.kind] }}</span>
      </li>
    </ul>
    <p v-if="found.length === 0" class="soft">{{ shell.findNothing }}</p>
    <p v-else-if="result.more > 0" class="soft small">{{ shell.findMore(result.more) }}</p>
  </Dialog>
</template>

<style scoped>
ul {
  margin-top: 0.5rem;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  padding: 0.35rem 0.5rem;
  cursor: pointer;
  border-bottom: 1px solid var(--line);
}
.name {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.chosen {
  background: var(--planned-wash);
}
</style>

<script setup lang="ts">
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { matchesSearch, namesInAllSets } from '../../core/catalogue'
import { PLACES } from '../places'
import { useWorkspace } from '../stores/workspace'
import { placeNames, shell } from '../words/shell'

const visible = defineModel<boolean>('visible', { required: true })
const store = useWorkspace()
const router = useRouter()
const text = ref('')
const chosen = ref(0)

const found = computed(() => {
  const wanted = text.value.trim().toLowerCase()
  const places = PLACES.map(({ id, path }) => ({ key: id, label: placeNames[id], kind: '', path, words: placeNames[id] }))
  const builds = (store.workspace?.builds ?? []).map(({ id, name }) => ({ key: id, label: name, kind: placeNames.builds, path: `/builds/${encodeURIComponent(id)}`, words: name }))
  const tools = [...(store.world?.library.tools.values() ?? [])].map(({ id, name, aliases }) => ({ key: id, label: name, kind: placeNames.kit, path: `/kit?tool=${encodeURIComponent(id)}`, words: [...(store.world ? namesInAllSets(store.world.library, name) : [name]), ...aliases].join(' ') }))
  return [...places, ...builds, ...tools].filter(({ words }) => matchesSearch(wanted, words)).slice(0, 9)
})
function go(index: number): void {
  const target = found.value[index]
  if (!target) return
  visible.value = false
  void router.push(target.path)
}
</script>

<template>
  <Dialog v-model:visible="visible" modal dismissable-mask :header="shell.findTitle" position="top" :style="{ width: '30rem', maxWidth: '95vw' }">
    <InputText
      v-model="text" autofocus fluid :aria-label="shell.findLabel" role="combobox" aria-expanded="true" aria-controls="found" :aria-activedescendant="found[chosen] ? `found-${chosen}` : undefined"
      @input="chosen = 0" @keydown.down.prevent="chosen = Math.min(chosen + 1, found.length - 1)" @keydown.up.prevent="chosen = Math.max(chosen - 1, 0)" @keydown.enter.prevent="go(chosen)"
    />
    <ul id="found" class="plain-list" role="listbox" :aria-label="shell.findTitle">
      <li v-for="(one, index) in found" :id="`found-${index}`" :key="one.kind + one.key" role="option" :aria-selected="index === chosen" :class="{ chosen: index === chosen }" @click="go(index)">
        <bdi>{{ one.label }}</bdi> <span class="soft small">{{ one.kind }}</span>
      </li>
    </ul>
    <p v-if="found.length === 0" class="soft">{{ shell.findNothing }}</p>
  </Dialog>
</template>

<style scoped>
ul { margin-top: 0.5rem; }
li { display: flex; justify-content: space-between; padding: 0.35rem 0.5rem; cursor: pointer; border-bottom: 1px solid var(--line); }
.chosen { background: var(--planned-wash); }
</style>

<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Issue } from '../../../core/kernel'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useIncoming } from '../../stores/incoming'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { isEmpty } from '../../words/keeping'
import { incoming as words } from '../../words/incoming'
import ChangeList from './ChangeList.vue'

/** What a file would change, before it does: bring both together, or take the file instead. */
const store = useWorkspace()
const bringing = useIncoming()
const router = useRouter()
const mode = ref<'merge' | 'replace'>('merge')
const choices = ref(new Map<string, 'mine' | 'theirs'>())
const problems = ref<readonly Issue[]>([])
const from = computed(() => bringing.incoming)
const isRows = computed(() => from.value?.kind === 'rows')
const comparison = computed(() =>
  mode.value === 'merge' ? from.value?.merge : from.value?.replace
)
const nothing = computed(
  () => comparison.value !== undefined && isEmpty(comparison.value, mode.value === 'replace')
)
if (!bringing.incoming) void router.replace('/settings')

const choose = (key: string, side: 'mine' | 'theirs'): void => {
  choices.value = new Map(choices.value).set(key, side)
}
async function go(): Promise<void> {
  problems.value = await bringing.takeIn(mode.value, choices.value)
  if (problems.value.length === 0) await router.push('/keeping')
}
async function leave(): Promise<void> {
  bringing.incoming = undefined
  await router.push('/settings')
}
</script>

<template>
  <PlaceHead
    v-if="from"
    :title="words.title(from.file)"
    :subtitle="words.subtitle(store.workspace?.name ?? '')"
  />
  <div v-if="from && comparison" class="stack wide">
    <fieldset v-if="!isRows" class="modes">
      <legend class="label">{{ words.mode }}</legend>
      <label
        ><input v-model="mode" type="radio" name="mode" value="merge" />
        <span class="strong">{{ words.merge }}</span>
        <span class="soft small">{{ words.mergeHint }}</span></label
      >
      <label
        ><input v-model="mode" type="radio" name="mode" value="replace" />
        <span class="strong">{{ words.replace }}</span>
        <span class="soft small">{{ words.replaceHint }}</span></label
      >
    </fieldset>
    <ul v-if="from.notes.length > 0" class="plain-list small attention">
      <li v-for="(one, index) in from.notes" :key="index">{{ sentence(one, store.say) }}</li>
    </ul>
    <p v-if="from.alreadyThere > 0" class="soft">{{ words.alreadyThere(from.alreadyThere) }}</p>
    <ChangeList
      :comparison="comparison"
      :replacing="mode === 'replace'"
      :choices="choices"
      :plain="isRows"
      @choose="choose"
    />
    <p v-if="from.photos.length > 0">{{ words.photos(from.photos.length) }}</p>
    <p v-for="(one, index) in problems" :key="index" class="attention" role="alert">
      {{ sentence(one, store.say) }}
    </p>
    <p class="caption">{{ words.undoable }}</p>
    <div class="row">
      <Button :label="isRows ? words.goRows : words.go" :disabled="nothing" @click="go" />
      <Button severity="secondary" :label="words.cancel" @click="leave" />
    </div>
  </div>
</template>

<style scoped>
.wide {
  max-width: 52rem;
}
.modes {
  border: 1px solid var(--line-strong);
  padding: 0.5rem 0.9rem;
  display: grid;
  gap: 0.35rem;
}
</style>

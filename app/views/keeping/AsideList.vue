<script setup lang="ts">
import Button from 'primevue/button'
import { saveText } from '../../shell/save'
import { useKeeping } from '../../stores/keeping'
import { useWorkspace } from '../../stores/workspace'
import { keeping as words, momentText } from '../../words/keeping'
import { sentence } from '../../words/issues'
import { placeText } from '../../words/where'
import type { StoredAside } from '../../storage'

/** What could not be read and was set aside, untouched: it can be seen, saved, and let go. */
const store = useWorkspace()
const keeping = useKeeping()
const text = (value: unknown): string => JSON.stringify(value, null, 2)
const saveOne = (one: StoredAside): void =>
  saveText(words.asideFile(momentText(one.at)), `${text(one)}\n`, 'application/json')
</script>

<template>
  <section
    v-if="keeping.aside.length > 0 && store.say"
    class="stack"
    :aria-label="words.asideTitle"
  >
    <h2>{{ words.asideTitle }}</h2>
    <p class="caption">{{ words.asideHint }}</p>
    <div v-for="one in keeping.aside" :key="one.key" class="stack aside">
      <div class="row">
        <span class="strong">{{ words.asideOf(momentText(one.at), one.parts?.length) }}</span>
        <Button size="small" severity="secondary" :label="words.asideSave" @click="saveOne(one)" />
        <button type="button" class="link small" @click="keeping.dropAside(one.key)">
          {{ words.asideDrop }}
        </button>
      </div>
      <ul class="plain-list small">
        <li v-for="(part, index) in one.parts ?? []" :key="index">
          <details>
            <summary>{{ placeText(part.path) }}: {{ sentence(part.issue, store.say) }}</summary>
            <pre>{{ text(part.value) }}</pre>
          </details>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.aside {
  border-left: 4px solid var(--attention);
  padding: 0.25rem 0 0.25rem 1rem;
}
pre {
  max-height: 14rem;
  overflow: auto;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>

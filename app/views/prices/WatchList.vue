<script setup lang="ts">
import { computed } from 'vue'
import { watchedIn } from '../../../core/care'
import { change } from '../../../core/workspace'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { steps } from '../../words/steps'
import { timing as words } from '../../words/timing'

/** What is watched, and how it stands. */
const store = useWorkspace()
const watched = computed(() => (store.world ? watchedIn(store.world) : []))
</script>

<template>
  <section v-if="store.say && watched.length > 0" class="stack">
    <h2>{{ words.watches }}</h2>
    <ul class="plain-list small">
      <li v-for="one in watched" :key="one.watch.id" :class="{ soft: one.state === 'over' }">
        <WhatIs
          :id="one.watch.tool"
          kind="tool"
          :name="store.say.shortTool(one.watch.tool)"
          in-text
        />
        {{ words.watched(store.say, one) }}
        <button
          type="button"
          class="link no-print"
          :aria-label="`${bench.unwatch}: ${store.say.shortTool(one.watch.tool)}`"
          @click="
            store.run(steps.unwatched(store.say.shortTool(one.watch.tool)), (state) =>
              change.removeWatch(state, one.watch.id)
            )
          "
        >
          {{ bench.unwatch }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
</style>

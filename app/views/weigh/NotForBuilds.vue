<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Ladder } from '../../../core/ladder'
import { change } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { ladder as words } from '../../words/ladder'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'
import NamedText from '../../parts/NamedText.vue'
import WhatIs from '../../parts/WhatIs.vue'

/** Tools that could do some step and stand on no rung, with the reason. */
const props = defineProps<{ ladder: Ladder }>()
const FIRST = 8
const store = useWorkspace()
const all = ref(false)
const shown = computed(() =>
  all.value ? props.ladder.notFor : props.ladder.notFor.slice(0, FIRST)
)
function allow(id: string): void {
  store.run(steps.unbanned(store.say?.tool(id) ?? id), (state) =>
    change.unban(state, { kind: 'tool', id })
  )
}
</script>

<template>
  <section v-if="store.say && ladder.notFor.length > 0" class="stack not-for">
    <h2>{{ words.notFor }}</h2>
    <p class="caption">{{ words.notForCount(ladder.notFor.length, ladder.unasked) }}</p>
    <ul class="plain-list small">
      <li v-for="one in shown" :key="one.tool">
        <span class="strong"
          ><WhatIs :id="one.tool" kind="tool" :name="store.say.shortTool(one.tool)" /></span
        ><span class="soft"><NamedText :text="words.reason(store.say, one)" /></span
        ><button
          v-if="one.kind === 'ruled-out'"
          type="button"
          class="link"
          @click="allow(one.tool)"
        >
          {{ weigh.unban }}
        </button>
      </li>
    </ul>
    <p v-if="ladder.notFor.length > FIRST">
      <button type="button" class="link small" @click="all = !all">
        {{ all ? words.fewer : `${words.show} (${ladder.notFor.length})` }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.not-for {
  max-width: 62rem;
}
li {
  display: grid;
  grid-template-columns: 14rem minmax(0, 1fr) auto;
  gap: 0 0.75rem;
  padding: 0.1rem 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

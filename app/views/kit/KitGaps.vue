<script setup lang="ts">
import type { CapacityGap } from '../../../core/care'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { kit as words } from '../../words/kit'

/** Where the kit stops short: tools too small for a build, tools that lack what must come along. */
defineProps<{
  shortfalls: readonly CapacityGap[]
  alone: readonly { readonly tool: string; readonly waiting: readonly string[] }[]
}>()
const store = useWorkspace()
</script>

<template>
  <div v-if="store.say" class="gaps small">
    <section v-if="shortfalls.length > 0">
      <h2>{{ words.shortTitle }}</h2>
      <ul class="plain-list">
        <li v-for="one in shortfalls" :key="one.tool + one.spec">
          <bdi>{{
            words.short(
              store.say.shortTool(one.tool),
              store.say.length(one.has),
              specName(one.spec),
              store.say.length(one.needs),
              one.builds.map((id) => store.say!.build(id))
            )
          }}</bdi>
        </li>
      </ul>
    </section>
    <section v-if="alone.length > 0">
      <h2>{{ words.companionTitle }}</h2>
      <ul class="plain-list">
        <li v-for="{ tool, waiting } in alone" :key="tool">
          {{ words.companion(store.say.shortTool(tool), waiting.join(', ')) }}
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.gaps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: 0.5rem 2rem;
  border-left: 4px solid var(--attention);
  padding-left: 0.75rem;
  margin-top: 0.75rem;
}
.gaps h2 {
  font-size: var(--head-3);
}
</style>

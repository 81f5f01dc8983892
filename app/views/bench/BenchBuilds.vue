<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { isBegun, isDone, type Build } from '../../../core/builds'
import { buildableNow } from '../../../core/fit'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { duration } from '../../words/say'
import NamedText from '../../parts/NamedText.vue'

/** Builds under way, and those that can be begun with what is owned. */
const emit = defineEmits<{ log: [build: string] }>()
const store = useWorkspace()
const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
const possible = computed(() => (store.world ? buildableNow(store.world) : []))
const underWay = computed(() => open.value.filter(isBegun))
/** The work it begins with, by the order of the trade. */
const firstOf = (build: Build): string | undefined =>
  build.steps
    .flatMap(({ operation }) => store.world?.library.operations.get(operation) ?? [])
    .sort((a, b) => a.order - b.order)[0]?.name
const linkTo = (build: Build): string => `/builds/${encodeURIComponent(build.id)}`
</script>

<template>
  <section v-if="store.say && store.world" class="stack" :aria-label="bench.buildTitle">
    <template v-if="underWay.length > 0">
      <h2>{{ bench.underWay }}</h2>
      <ul class="plain-list builds">
        <li v-for="build in underWay" :key="build.id">
          <RouterLink :to="linkTo(build)"
            ><bdi>{{ build.name }}</bdi></RouterLink
          >
          <span class="soft small">{{
            bench.since(store.say.shortDay(build.log?.begun ?? store.world.asOf))
          }}</span>
          <Button
            size="small"
            :label="bench.finish"
            :aria-label="`${bench.finish}: ${build.name}`"
            @click="emit('log', build.id)"
          />
        </li>
      </ul>
    </template>
    <h2>{{ bench.buildTitle }}</h2>
    <p v-if="possible.length === 0" class="soft">{{ bench.buildNone }}</p>
    <ul class="plain-list builds">
      <li v-for="{ build, minutes } in possible" :key="build.id">
        <RouterLink :to="linkTo(build)"
          ><bdi>{{ build.name }}</bdi></RouterLink
        >
        <span class="soft small"
          >{{ bench.takes(duration(minutes))
          }}<template v-if="firstOf(build)"
            ><br /><NamedText :text="bench.beginsWith(firstOf(build) ?? '')" /></template
        ></span>
        <Button
          size="small"
          severity="secondary"
          :label="bench.begin"
          :aria-label="`${bench.begin}: ${build.name}`"
          @click="emit('log', build.id)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.builds li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 0.75rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
</style>

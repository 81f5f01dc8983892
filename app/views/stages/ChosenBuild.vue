<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { roughVariant } from '../../../core/builds'
import { buildMaterial, plannedBuild, type PlannedBuild } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { stages as words } from '../../words/stages'

/** A build of the plan: its days, its hours, its timber. */
const props = defineProps<{ planned: PlannedBuild }>()
const emit = defineEmits<{ log: [build: string] }>()
const store = useWorkspace()
const log = computed(
  () => store.workspace?.builds.find(({ id }) => id === props.planned.build)?.log
)
/** Planed board that rough board takes the place of, and what that saves. */
const rough = computed(() => {
  const { world } = store
  if (!world || !props.planned.rough) return undefined
  const listed = plannedBuild(world, { ...props.planned, rough: undefined })
  const variant = listed && roughVariant(world.library, listed)
  return variant && listed
    ? {
        metres: variant.metres * listed.copies,
        saved: buildMaterial(world, listed) - buildMaterial(world, variant.build)
      }
    : undefined
})
</script>

<template>
  <div v-if="store.say" class="stack">
    <h2>
      <bdi>{{ store.say.planned(planned) }}</bdi>
    </h2>
    <p>
      {{
        words.buildLabel(
          store.say.build(planned.build),
          store.say.day(planned.begin),
          store.say.day(planned.done)
        )
      }}
      ·
      {{
        words.buildWork(
          store.say.duration(planned.work.reduce((sum, { minutes }) => sum + minutes, 0)),
          store.say.money(planned.material)
        )
      }}
    </p>
    <p v-if="rough">
      {{ words.rough(store.say.number(rough.metres, 1), store.say.money(rough.saved)) }}
    </p>
    <p class="row">
      <RouterLink
        v-if="!planned.build.startsWith('make/')"
        :to="`/builds/${encodeURIComponent(planned.build)}`"
        >{{ words.openBuild }}</RouterLink
      >
      <Button
        size="small"
        severity="secondary"
        :label="log ? bench.finish : bench.begin"
        @click="emit('log', planned.build)"
      />
    </p>
  </div>
</template>

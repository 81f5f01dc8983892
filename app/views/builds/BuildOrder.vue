<script setup lang="ts">
import { VueDraggable } from 'vue-draggable-plus'
import { nextTick, ref, watch } from 'vue'
import type { Build } from '../../../core/builds'
import { change } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { builds as words } from '../../words/builds'
import { steps } from '../../words/steps'

/** The open builds in the order they are wanted, moved by hand or by keys. */
const props = defineProps<{ open: readonly Build[] }>()
const store = useWorkspace()
/** The order as it is while something is dragged; the workspace's own at rest. */
const order = ref<Build[]>([])
watch(
  () => props.open,
  (builds) => {
    order.value = [...builds]
  },
  { immediate: true }
)
function place(id: string, to: number): void {
  const name = store.workspace?.builds.find((build) => build.id === id)?.name ?? ''
  // Places are counted among the open builds; finished ones keep theirs behind.
  const neighbour = props.open[Math.min(props.open.length - 1, Math.max(0, to))]
  const target = store.workspace?.builds.findIndex((build) => build.id === neighbour?.id) ?? -1
  if (target >= 0)
    store.run(steps.changedBuild(name), (state) => change.moveBuild(state, id, target))
}
function dropped(): void {
  const moved = order.value.find(
    (build, i) =>
      props.open[i]?.id !== build.id &&
      order.value.indexOf(build) !== props.open.indexOf(build) &&
      isMoved(build)
  )
  if (moved) place(moved.id, order.value.indexOf(moved))
}
/** The one that was dragged: without it the rest stands as before. */
const isMoved = (build: Build): boolean => {
  const rest = (list: readonly Build[]): string =>
    list
      .filter((other) => other !== build)
      .map(({ id }) => id)
      .join()
  return rest(order.value) === rest(props.open)
}
async function shift(event: KeyboardEvent, id: string): Promise<void> {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (!event.altKey || by === undefined) return
  event.preventDefault()
  place(id, props.open.findIndex((build) => build.id === id) + by)
  await nextTick()
  document.querySelector<HTMLElement>(`[data-build="${CSS.escape(id)}"]`)?.focus()
}
</script>

<template>
  <section class="order">
    <h2>{{ words.orderTitle }}</h2>
    <p class="caption">{{ words.orderHint }}</p>
    <VueDraggable v-model="order" tag="ul" class="plain-list row" :animation="0" @end="dropped">
      <li v-for="build in order" :key="build.id">
        <button
          type="button"
          class="chip"
          :data-build="build.id"
          :aria-label="words.orderKeys(build.name)"
          @keydown="shift($event, build.id)"
        >
          <bdi>{{ build.name }}</bdi>
        </button>
      </li>
    </VueDraggable>
  </section>
</template>

<style scoped>
.order {
  margin-top: 0.75rem;
  display: grid;
  gap: 0.4rem;
}
.chip {
  background: var(--paper-raised);
  border: 1px solid var(--graphite);
  border-radius: 2px;
  padding: 0.25rem 0.6rem;
  cursor: grab;
}
</style>

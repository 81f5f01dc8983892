<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { inexactBy, type CheckOf } from '../../../core/care'
import { change } from '../../../core/workspace'
import { trueChecks as checks } from '../../../data'
import { checkDrawings } from '../../drawings'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { trueChecks, upkeep as words } from '../../words/upkeep'
import CheckForm from './CheckForm.vue'

/** One check of one tool: when it is due, how it goes, and its result. */
const props = defineProps<{
  one: CheckOf
  /** On the sheet of the tool itself its name is not said again. */
  bare?: boolean
}>()
const store = useWorkspace()
const open = ref(false)
const drawing = computed(() => checkDrawings[props.one.check.id])
const told = computed(() => trueChecks[props.one.check.id])
const name = computed(
  () => props.one.item.name ?? store.say?.tool(props.one.item.tool) ?? props.one.item.tool
)
const status = computed(() => {
  const { last, due } = props.one
  if (!store.say) return ''
  return last
    ? `${words.was(store.say.day(last.on))}, ${words.again(store.say.day(due))}`
    : words.never
})
function takeOut(): void {
  const { world } = store
  const { last, item } = props.one
  if (!world || !last) return
  const upkeep = (world.workspace.upkeep ?? []).filter(({ id }) => id !== last.id)
  store.run(words.steps.out, (state) =>
    change.removeUpkeep(state, last.id, inexactBy(world, item, checks, upkeep) ?? 1)
  )
}
</script>

<template>
  <li v-if="told && store.say" class="check">
    <button type="button" class="link name" :aria-expanded="open" @click="open = !open">
      {{ bare ? told.name : `${name}: ${told.name}` }}
    </button>
    <span class="soft small"
      >{{ status }} ·
      {{ words.takes(duration(one.check.minutesFirst), duration(one.check.minutesLater)) }}</span
    >
    <div v-if="open" class="stack how">
      <LineDrawing v-if="drawing" :drawing="drawing" class="drawing" />
      <p>
        <strong>{{ words.need }}:</strong> {{ told.need }}
      </p>
      <p>
        <strong>{{ words.how }}:</strong> {{ told.how }}
      </p>
      <CheckForm :key="one.last?.id ?? ''" :one="one" @kept="open = false" />
      <Button
        v-if="one.last"
        size="small"
        severity="secondary"
        :label="words.takeOut(told.name, store.say.day(one.last.on))"
        @click="takeOut"
      />
    </div>
  </li>
</template>

<style scoped>
.check {
  display: grid;
  justify-items: start;
  gap: 0.1rem;
  padding: 0.45rem 0;
  border-bottom: 1px solid var(--line);
}
.name {
  font-weight: 650;
  text-align: start;
}
.drawing {
  max-width: 14rem;
}
.how > :deep(.p-button) {
  justify-self: start;
}
.how {
  max-width: 46rem;
  padding: 0.4rem 0 0.6rem 0.75rem;
  border-left: 3px solid var(--planned);
}
</style>

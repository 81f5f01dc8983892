<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, useId } from 'vue'
import { doneWith, type CareOf } from '../../../core/care'
import { issuesOf, type Issue } from '../../../core/kernel'
import { minutesUntil } from '../../../core/hours'
import { paidAmount, pastDay } from '../../../core/ledger'
import { change, type CareDone } from '../../../core/workspace'
import { careTasks as tasks } from '../../../data'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { duration } from '../../words/say'
import { careTasks, upkeep as words } from '../../words/upkeep'

/** Care of one tool: why it is due, how it goes, what comes of leaving it, and one press when it is done. */
const props = defineProps<{
  one: CareOf
  minutesUsed: number
  /** On the sheet of the tool itself its name is not said again. */
  bare?: boolean
}>()
const store = useWorkspace()
const key = useId()
const cost = ref('')
const on = ref(store.world?.asOf ?? '')
/** Done today, unless another day is asked for. */
const otherDay = ref(false)
const currency = store.workspace?.money.currency ?? 'EUR'
const problems = ref<readonly Issue[]>([])
const told = computed(() => careTasks[props.one.task.id])
const name = computed(
  () => props.one.item.name ?? store.say?.tool(props.one.item.tool) ?? props.one.item.tool
)
const why = computed(() => {
  const { one } = props
  const { say, world } = store
  if (!say || !world) return ''
  const byHours = one.task.everyHours !== undefined && one.hours > 0
  return [
    ...(byHours && one.task.everyHours !== undefined
      ? [words.after(duration(one.hours * 60), one.task.everyHours)]
      : []),
    ...(one.day !== undefined
      ? [one.day <= world.asOf ? words.overdue(say.day(one.day)) : words.byTime(say.day(one.day))]
      : []),
    words.minutes(duration(one.task.minutes))
  ].join(' · ')
})
function done(): void {
  const { world } = store
  if (!world) return
  const { item, task } = props.one
  const paid = cost.value.trim() === '' ? undefined : paidAmount(cost.value, currency)
  const day = pastDay(on.value, world.asOf)
  problems.value = issuesOf(day, ...(paid ? [paid] : []))
  if (problems.value.length > 0 || !day.ok) return
  const atMinutes =
    day.value === world.asOf
      ? props.minutesUsed
      : minutesUntil(world, item.id, day.value, store.plan)
  const notes = doneWith(task.id, item, tasks).map((id): CareDone => ({
    kind: 'care',
    id: newId('k'),
    item: item.id,
    task: id,
    on: day.value,
    atMinutes
  }))
  const amount = paid?.ok ? paid.value : 0
  const text = `${told.value?.name ?? task.id}: ${name.value}`
  problems.value = store.attempt(words.steps.care(name.value), (state) => {
    const noted = notes.reduce((so, note) => change.addUpkeep(so, note), state)
    const entry = {
      id: newId('e'),
      date: day.value,
      kind: 'consumable',
      amount: -amount,
      text
    } as const
    return amount > 0 ? change.addEntry(noted, entry) : noted
  })
}
</script>

<template>
  <li v-if="told" class="care">
    <div>
      <strong>{{ bare ? told.name : `${name}: ${told.name}` }}</strong>
      <p class="soft small">{{ why }}</p>
      <p class="small">{{ told.how }}</p>
      <p class="small soft">{{ words.left }}: {{ told.left }}</p>
    </div>
    <div class="stack">
      <div v-if="one.task.uses" class="field no-print">
        <label :for="key">{{ words.cost }}</label><AmountInput
          :id="key"
          v-model="cost"
          width="6rem"
        />
      </div>
      <DayField v-if="otherDay" :label="words.doneOn" :value="on" @change="on = $event ?? ''" />
      <button
        v-else
        type="button"
        class="link small no-print"
        :aria-label="words.otherDayOf(told.name, name)"
        @click="otherDay = true"
      >
        {{ words.otherDay }}
      </button>
      <Button
        size="small"
        :label="words.done"
        :aria-label="words.doneOf(told.name, name)"
        @click="done"
      />
      <p v-for="problem in problems" :key="problem.code" class="attention small" role="alert">
        {{ store.say && sentence(problem, store.say) }}
      </p>
    </div>
  </li>
</template>

<style scoped>
.care {
  display: grid;
  grid-template-columns: minmax(0, 46rem) auto;
  gap: 0.5rem 1rem;
  align-items: start;
  justify-content: start;
  padding: 0.45rem 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 700px) {
  .care {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
  }
}
</style>

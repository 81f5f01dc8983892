<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { useEventListener } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, useId, useTemplateRef, watch, type Ref } from 'vue'
import { dayNumber, MS_PER_DAY, type Day } from '../../core/calendar'
import { ok, type Issue, type Result } from '../../core/kernel'
import { refusalsDuring } from '../stores/door'
import { useWorkspace } from '../stores/workspace'
import { sentence } from '../words/issues'
import { dates as words } from '../words/dates'
import { isMonthFirst, loadReaders, readDay, readersAtHand } from './read-day'

const DayPicker = defineAsyncComponent(() => import('./DayPicker.vue'))

/**
 * A day as people write it, or picked from a month. It is read when the field is left or Enter is pressed; what cannot be read stays in the
 * field with a sentence beside it, holds back the form it stands in, and the former day stays in force.
 */
const props = defineProps<{
  label: string
  value: Day | undefined
  optional?: boolean
  hideLabel?: boolean
  /** A date without a year is the next one, not the nearest. */
  ahead?: boolean
}>()
const emit = defineEmits<{ change: [value: Day | undefined] }>()
const store = useWorkspace()
const id = useId()
const day = computed(() => props.value || undefined)
const shown = computed(() => (day.value && store.say ? store.say.day(day.value) : ''))
const text: Ref<string> = ref(shown.value)
const refusal = ref<readonly Issue[]>([])
const picking = ref(false)
const field = useTemplateRef<HTMLElement>('field')
const input = (): HTMLInputElement | null | undefined => field.value?.querySelector('input')
watch(shown, (value) => {
  text.value = value
  refuse([])
})
/** A form is not sent off with a date that could not be read. */
function refuse(issues: readonly Issue[]): void {
  refusal.value = issues
  const [first] = issues
  input()?.setCustomValidity(first ? sentence(first, store.say) : '')
}

function read(typed: string): Result<Day | undefined> {
  if (typed.trim() === '' && props.optional) return ok(undefined)
  const today = store.world?.asOf ?? ''
  return readDay(typed, readersAtHand(), {
    today,
    monthFirst: isMonthFirst(navigator.language),
    ahead: props.ahead ?? false,
    nextPayday: store.world?.receipts.find(({ amount, date }) => amount > 0 && date > today)?.date
  })
}
function take(result: Result<Day | undefined>): void {
  refuse(result.ok ? [] : result.issues)
  if (!result.ok) return
  const { value } = result
  refuse(refusalsDuring(() => emit('change', value)))
  // What was typed otherwise is written as the application writes it.
  if (refusal.value.length === 0) text.value = value && store.say ? store.say.day(value) : ''
}
function leave(): void {
  if (text.value === shown.value) {
    refuse([])
    return
  }
  const now = read(text.value)
  if (now.ok || readersAtHand()) take(now)
  else void loadReaders().then(() => take(read(text.value)))
}
function pick(picked: Day): void {
  picking.value = false
  take(ok(picked))
  input()?.focus()
}
useEventListener(window, 'beforeunload', leave, { capture: true })
const asDate = computed(() =>
  day.value === undefined ? undefined : new Date(dayNumber(day.value) * MS_PER_DAY)
)
</script>

<template>
  <div ref="field" class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <span class="row nowrap">
      <InputText
        :id="id"
        v-model="text"
        autocomplete="off"
        :placeholder="words.placeholder"
        :invalid="refusal.length > 0"
        :aria-describedby="refusal.length > 0 ? `${id}-why` : undefined"
        style="width: 8.5rem"
        @focus="loadReaders"
        @blur="leave"
        @keydown.enter="leave"
      /><Button
        type="button"
        size="small"
        severity="secondary"
        icon="pi pi-calendar"
        :aria-label="words.pick(label)"
        :aria-expanded="picking"
        @click="picking = !picking"
      />
    </span>
    <DayPicker
      v-if="picking"
      :value="asDate"
      :label="label"
      @pick="pick"
      @close="picking = false"
    />
    <p
      v-for="one in refusal"
      :id="`${id}-why`"
      :key="one.code"
      class="attention small"
      role="alert"
    >
      {{ sentence(one, store.say) }}
    </p>
  </div>
</template>

<style scoped>
.nowrap {
  flex-wrap: nowrap;
  gap: 0.25rem;
}
</style>

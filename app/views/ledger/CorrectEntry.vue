<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { Day } from '../../../core/calendar'
import { issue, issuesOf, refused, type Issue, type Result } from '../../../core/kernel'
import { movedAmount, pastDay, type LedgerEntry } from '../../../core/ledger'
import type { Minor } from '../../../core/money'
import { change } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { sentence } from '../../words/issues'
import { ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'

/** Corrects an entry, or records money that came back for it. */
const props = defineProps<{
  entry: LedgerEntry
  doing: 'correct' | 'refund'
  refundable: Minor
  inKit: boolean
}>()
const emit = defineEmits<{ done: [] }>()
const store = useWorkspace()
const currency = store.workspace?.money.currency ?? 'EUR'
const isCorrection = props.doing === 'correct'
/** Of several alike, how many there still are; a bundle goes back whole. */
const several = computed(() => {
  const there = store.workspace ? change.itemsOf(store.workspace, props.entry) : []
  return there.length === 1 ? (there[0]?.count ?? 1) : 1
})
const amount = ref(
  decimalText(isCorrection ? Math.abs(props.entry.amount) : props.refundable, currency)
)
const date = ref(isCorrection ? props.entry.date : (store.world?.asOf ?? ''))
const text = ref(props.entry.text)
const returned = ref(props.inKit)
/** How many of several alike went back. */
const pieces = ref(several.value)
const problems = ref<readonly Issue[]>([])

/** No more comes back than was paid: neither now, nor by a correction of what was paid. */
function readAmount(): Result<Minor> {
  const read = movedAmount(amount.value, currency)
  if (!read.ok) return read
  const refunded = Math.abs(props.entry.amount) - props.refundable
  const [back, paid] = isCorrection
    ? [props.entry.amount < 0 ? refunded : 0, read.value]
    : [read.value, props.refundable]
  return back > paid ? refused(issue('ledger.refund-too-large', [], { amount: back, paid })) : read
}
const correct = (date: Day, amount: Minor): readonly Issue[] =>
  store.attempt(steps.corrected(props.entry.text), (state) =>
    change.correctEntry(
      state,
      props.entry.id,
      { amount: props.entry.amount < 0 ? -amount : amount, date, text: text.value.trim() },
      () => newId('e')
    )
  )
const refund = (date: Day, amount: Minor): readonly Issue[] =>
  store.attempt(steps.refunded(props.entry.text), (state) =>
    change.refundEntry(state, {
      entry: props.entry.id,
      date,
      amount,
      id: newId('e'),
      returned: returned.value && props.inKit ? pieces.value : 0
    })
  )
function confirm(): void {
  if (!store.world) return
  const read = readAmount()
  const day = pastDay(date.value, store.world.asOf)
  problems.value = [
    ...issuesOf(read, day),
    ...(isCorrection && text.value.trim() === '' ? [issue('text.needed')] : [])
  ]
  if (problems.value.length > 0 || !read.ok || !day.ok) return
  problems.value = (isCorrection ? correct : refund)(day.value, read.value)
  if (problems.value.length === 0) emit('done')
}
</script>

<template>
  <form v-if="store.say" class="stack form" @submit.prevent="confirm">
    <h3>{{ doing === 'correct' ? words.correct : words.refund }}</h3>
    <p class="caption">
      {{ doing === 'correct' ? words.correctHint : words.refundHint(store.say.money(refundable)) }}
    </p>
    <div class="row top">
      <div class="field">
        <label for="do-amount">{{ words.amount }}</label><AmountInput
          id="do-amount"
          v-model="amount"
          width="6rem"
        />
      </div>
      <DayField :label="words.date" :value="date" @change="date = $event ?? ''" />
    </div>
    <div v-if="doing === 'correct'" class="field">
      <label for="do-text">{{ words.text }}</label><InputText
        id="do-text"
        v-model="text"
        maxlength="200"
        fluid
      />
    </div>
    <label v-if="doing === 'refund' && inKit" class="row small"
      ><input v-model="returned" type="checkbox" /> {{ words.returned }}</label
    >
    <NumberField
      v-if="doing === 'refund' && inKit && returned && several > 1"
      :label="words.returnedOf(several)"
      :value="pieces"
      :least="1"
      :most="several"
      whole
      @change="pieces = $event ?? several"
    />
    <div class="row">
      <Button type="submit" size="small" :label="words.confirm" /><Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.cancel"
        @click="emit('done')"
      />
    </div>
    <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
      {{ sentence(one, store.say) }}
    </p>
  </form>
</template>

<style scoped>
.form {
  border-top: 1px dashed var(--line-strong);
  padding-top: 0.5rem;
}
</style>

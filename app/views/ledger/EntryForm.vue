<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { ref, watch } from 'vue'
import { checkDay } from '../../../core/calendar'
import { issue, type Issue } from '../../../core/kernel'
import { COMES_IN, ENTRY_KINDS, type EntryKind } from '../../../core/ledger'
import { parseAmount } from '../../../core/money'
import { change } from '../../../core/workspace'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { entryKinds, ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'

/** One entry at a time: what moved, when, for what. */
defineEmits<{ receipt: [] }>()
const store = useWorkspace()
const kind = ref<EntryKind>(store.workspace?.ledger.length === 0 ? 'opening' : 'tool')
const amount = ref('')
const date = ref(store.world?.asOf ?? '')
/** A page that stays open over midnight goes on with the new day. */
watch(
  () => store.world?.asOf,
  (now, before) => {
    if (now !== undefined && date.value === before) date.value = now
  }
)
const text = ref('')
const problems = ref<readonly Issue[]>([])
const kinds = ENTRY_KINDS.filter((id) => id !== 'reversal').map((id) => ({
  id,
  name: entryKinds[id]
}))

function enter(): void {
  const { world, workspace } = store
  if (!world || !workspace) return
  const read = parseAmount(amount.value, workspace.money.currency)
  const day = checkDay(date.value)
  problems.value = [
    ...(read.ok
      ? read.value === 0
        ? [issue('ledger.zero')]
        : read.value < 0
          ? [issue('money.negative')]
          : []
      : read.issues),
    ...(day.ok
      ? day.value > world.asOf
        ? [issue('ledger.future', [], { date: day.value })]
        : []
      : day.issues),
    ...(text.value.trim() === '' && kind.value !== 'opening' ? [issue('text.needed')] : [])
  ]
  if (problems.value.length > 0 || !read.ok || !day.ok) return
  const line = text.value.trim() || entryKinds[kind.value]
  problems.value = store.attempt(steps.entered(line), (state) =>
    change.addEntry(state, {
      id: newId('e'),
      date: day.value,
      kind: kind.value,
      amount: COMES_IN.has(kind.value) ? read.value : -read.value,
      text: line
    })
  )
  if (problems.value.length > 0) return
  amount.value = ''
  text.value = ''
}
</script>

<template>
  <form class="enter" @submit.prevent="enter">
    <div class="field">
      <span id="kind-label" class="label">{{ words.kind }}</span><Select
        v-model="kind"
        :options="kinds"
        option-label="name"
        option-value="id"
        aria-labelledby="kind-label"
      />
    </div>
    <div class="field">
      <label for="entry-amount">{{ words.amount }}</label><AmountInput
        id="entry-amount"
        v-model="amount"
        width="6rem"
      />
    </div>
    <DayField :label="words.date" :value="date" @change="date = $event ?? ''" />
    <div class="field grow">
      <label for="entry-text">{{ words.text }}</label><InputText
        id="entry-text"
        v-model="text"
        maxlength="200"
        fluid
      />
    </div>
    <Button type="submit" :label="words.add" />
    <Button
      type="button"
      severity="secondary"
      :label="words.receiptOpen"
      @click="$emit('receipt')"
    />
  </form>
  <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
    {{ sentence(one, store.say) }}
  </p>
</template>

<style scoped>
.enter {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.75rem;
  align-items: end;
}
.grow {
  flex: 1 1 10rem;
}
</style>

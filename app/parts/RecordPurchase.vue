<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { checkDay, type Day } from '../../core/calendar'
import { issue, type Issue } from '../../core/kernel'
import { parseAmount, exponentOf } from '../../core/money'
import { change, type PlannedPurchase } from '../../core/workspace'
import InputText from 'primevue/inputtext'
import { newId } from '../stores/clock'
import { useWorkspace } from '../stores/workspace'
import { record } from '../words/bench'
import { sentence } from '../words/issues'
import { steps } from '../words/steps'

/** A planned purchase that was really made, at its real price: two actions, open and confirm. */
const props = defineProps<{ purchase: PlannedPurchase }>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ recorded: [] }>()
const store = useWorkspace()
const exponent = exponentOf(store.workspace?.money.currency ?? 'EUR')
const paid = ref((props.purchase.price / 10 ** exponent).toFixed(exponent))
const date = ref<Day>(store.world?.asOf ?? '')
const problems = ref<readonly Issue[]>([])
const tool = (): string => store.say?.offer(props.purchase.offer) ?? ''

function confirm(): void {
  const { world, workspace } = store
  if (!world || !workspace) return
  const amount = parseAmount(paid.value, workspace.money.currency)
  const day = checkDay(date.value)
  const future = day.ok && day.value > world.asOf ? [issue('ledger.future', [], { date: day.value })] : []
  const negative = amount.ok && amount.value < 0 ? [issue('money.negative')] : []
  problems.value = [...(amount.ok ? negative : amount.issues), ...(day.ok ? future : day.issues)]
  if (problems.value.length > 0 || !amount.ok || !day.ok) return
  const { library } = world
  store.run(steps.bought(tool()), (state) => change.recordPurchase(state, library, { purchase: props.purchase, date: day.value, paid: amount.value, itemId: newId('item'), entryId: newId('e') }))
  visible.value = false
  emit('recorded')
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="record.title(tool())" :style="{ width: '24rem', maxWidth: '95vw' }">
    <form class="stack" @submit.prevent="confirm">
      <div class="field">
        <label for="paid">{{ record.paid }}</label>
        <InputText id="paid" v-model="paid" inputmode="decimal" autofocus />
        <p class="soft small">{{ record.plannedWas(store.say?.money(purchase.price) ?? '') }}</p>
      </div>
      <div class="field">
        <label for="paid-on">{{ record.date }}</label>
        <InputText id="paid-on" v-model="date" type="date" />
      </div>
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">{{ sentence(one, store.say) }}</p>
      <div class="row">
        <Button type="submit" :label="record.confirm" />
        <Button type="button" severity="secondary" :label="record.cancel" @click="visible = false" />
      </div>
    </form>
  </Dialog>
</template>

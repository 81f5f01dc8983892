<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import type { Day } from '../../core/calendar'
import { sumOf, type Issue } from '../../core/kernel'
import { pastDay } from '../../core/ledger'
import type { Minor } from '../../core/money'
import { change, withoutPurchases, type PlannedPurchase } from '../../core/workspace'
import { newId } from '../stores/clock'
import { useWorkspace } from '../stores/workspace'
import { sentence } from '../words/issues'
import { record } from '../words/record'
import { steps } from '../words/steps'
import DayField from './DayField.vue'
import MoneyField from './MoneyField.vue'

/** A whole basket that was really bought: each at what it cost, all on one day, in one step that can be undone. */
const props = defineProps<{ purchases: readonly PlannedPurchase[] }>()
const visible = defineModel<boolean>('visible', { required: true })
const store = useWorkspace()
const paid = ref<Readonly<Record<string, Minor>>>(
  Object.fromEntries(props.purchases.map(({ id, price }) => [id, price]))
)
const date = ref<Day>(store.world?.asOf ?? '')
const problems = ref<readonly Issue[]>([])
const total = computed(() => sumOf(props.purchases, ({ id }) => paid.value[id] ?? 0))

function confirm(): void {
  const { world } = store
  if (!world) return
  const day = pastDay(date.value, world.asOf)
  problems.value = day.ok ? [] : day.issues
  if (!day.ok) return
  const made = props.purchases
  problems.value = store.attempt(
    steps.boughtAll(made.length),
    (workspace) =>
      made.reduce(
        (state, purchase) =>
          change.recordPurchase(state, world.library, {
            purchase,
            date: day.value,
            paid: paid.value[purchase.id] ?? purchase.price,
            itemId: newId('item'),
            entryId: newId('e')
          }),
        workspace
      ),
    { plan: (plan) => plan && withoutPurchases(plan, [...made]) }
  )
  if (problems.value.length === 0) visible.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="record.basketTitle(purchases.length)"
    :style="{ width: '34rem', maxWidth: '95vw' }"
  >
    <form v-if="store.say" class="stack" @submit.prevent="confirm">
      <p class="soft small">{{ record.basketHint }}</p>
      <table class="plain">
        <tbody>
          <tr v-for="one in purchases" :key="one.id">
            <th scope="row">{{ store.say.offer(one.offer) }}</th>
            <td class="figure">
              <MoneyField
                hide-label
                :label="record.paidFor(store.say.offer(one.offer))"
                :value="paid[one.id]"
                @change="paid = { ...paid, [one.id]: $event ?? 0 }"
              />
            </td>
          </tr>
          <tr>
            <th scope="row">{{ record.basketTotal }}</th>
            <td class="figure strong">{{ store.say.money(total) }}</td>
          </tr>
        </tbody>
      </table>
      <DayField :label="record.date" :value="date" @change="date = $event ?? date" />
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
      <div class="row">
        <Button type="submit" :label="record.confirm" />
        <Button
          type="button"
          severity="secondary"
          :label="record.cancel"
          @click="visible = false"
        />
      </div>
    </form>
  </Dialog>
</template>

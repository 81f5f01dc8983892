<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import type { Day } from '../../core/calendar'
import type { Condition } from '../../core/catalogue'
import { issuesOf, ok, type Issue } from '../../core/kernel'
import type { SellerType } from '../../core/prices'
import type { Minor } from '../../core/money'
import { dayOrNone, paidAmount, pastDay } from '../../core/ledger'
import { change, type PlannedPurchase, withoutPurchases } from '../../core/workspace'
import type { Taken } from '../shell/photo'
import { newId } from '../stores/clock'
import { attachPhoto } from '../stores/photos'
import { useWorkspace } from '../stores/workspace'
import { decimalText } from '../words/amounts'
import { record } from '../words/record'
import { sentence } from '../words/issues'
import { ledger as words } from '../words/ledger'
import { steps } from '../words/steps'
import PhotoPick from './PhotoPick.vue'
import ReceiptFields from './ReceiptFields.vue'
import DayField from './DayField.vue'
import AmountInput from './AmountInput.vue'

/** A planned purchase that was really made, at its real price: two actions, open and confirm. */
const props = defineProps<{
  purchase: PlannedPurchase
  /** What was asked for it, where that is known already. */
  asked?: Minor | undefined
}>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ recorded: [] }>()
const store = useWorkspace()
const paid = ref(
  decimalText(props.asked ?? props.purchase.price, store.workspace?.money.currency ?? 'EUR')
)
const date = ref<Day>(store.world?.asOf ?? '')
const seller = ref<SellerType>()
const warranty = ref('')
const condition = ref<Condition | undefined>()
const photo = ref<Taken>()
const more = ref(false)
const problems = ref<readonly Issue[]>([])
const tool = (): string => store.say?.offer(props.purchase.offer) ?? ''

async function confirm(): Promise<void> {
  const { world, workspace } = store
  if (!world || !workspace) return
  const amount = paidAmount(paid.value, workspace.money.currency)
  const day = pastDay(date.value, world.asOf)
  const until = dayOrNone(warranty.value)
  problems.value = issuesOf(amount, day, until)
  if (!amount.ok || !day.ok || !until.ok) return
  const { library } = world
  const entryId = newId('e')
  const what = tool()
  const made = props.purchase
  problems.value = store.attempt(
    steps.bought(what),
    (state) =>
      change.recordPurchase(state, library, {
        purchase: props.purchase,
        date: day.value,
        paid: amount.value,
        itemId: newId('item'),
        entryId,
        seller: seller.value,
        condition: condition.value,
        ...(until.value === undefined ? {} : { warrantyUntil: until.value })
      }),
    { plan: (plan) => plan && withoutPurchases(plan, [made]) }
  )
  if (problems.value.length > 0) return
  const kept = photo.value ? await attachPhoto(entryId, what, photo.value) : ok(undefined)
  if (!kept.ok) {
    problems.value = kept.issues
    return
  }
  visible.value = false
  emit('recorded')
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="record.title(tool())"
    :style="{ width: '24rem', maxWidth: '95vw' }"
  >
    <form class="stack" @submit.prevent="confirm">
      <div class="field">
        <label for="paid">{{ record.paid }}</label>
        <AmountInput id="paid" v-model="paid" width="100%" autofocus />
        <p class="soft small">{{ record.plannedWas(store.say?.money(purchase.price) ?? '') }}</p>
      </div>
      <DayField :label="record.date" :value="date" @change="date = $event ?? ''" />
      <template v-if="more">
        <ReceiptFields
          v-model:seller="seller"
          v-model:warranty="warranty"
          v-model:condition="condition"
        />
      </template>
      <div class="row">
        <PhotoPick @taken="photo = $event" />
        <span v-if="photo" class="small" role="status">{{ words.photoReady }}</span>
        <button v-if="!more" type="button" class="link small" @click="more = true">
          {{ record.more }}
        </button>
      </div>
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

<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { Day } from '../../../core/calendar'
import type { Condition, SpecName } from '../../../core/catalogue'
import { issuesOf, ok, type Issue } from '../../../core/kernel'
import { dayOrNone, paidAmount, pastDay } from '../../../core/ledger'
import type { Minor } from '../../../core/money'
import type { Offer, SellerType } from '../../../core/prices'
import { parseLengths } from '../../../core/units'
import { change, withoutPurchases, type PlannedPurchase } from '../../../core/workspace'
import AmountInput from '../../parts/AmountInput.vue'
import DayField from '../../parts/DayField.vue'
import PhotoPick from '../../parts/PhotoPick.vue'
import ReceiptFields from '../../parts/ReceiptFields.vue'
import type { Taken } from '../../shell/photo'
import { newId } from '../../stores/clock'
import { attachPhoto } from '../../stores/photos'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { lowerFirst } from '../../words/bench'
import { specName } from '../../words/builds'
import { sentence } from '../../words/issues'
import { ledger } from '../../words/ledger'
import { record } from '../../words/record'
import { steps } from '../../words/steps'
import { timing as words } from '../../words/timing'

/** A used tool that was looked at and bought: into the kit with what was measured, its repair kept back, what is left to look at due. */
const props = defineProps<{
  find: Offer
  asked: Minor | undefined
  /** What is kept back for its repair, and what is still to be looked at. */
  repair: Minor
  checks: readonly string[]
  /** Measures that matter for its kind. */
  measures: readonly SpecName[]
}>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ bought: [] }>()
const store = useWorkspace()
const currency = computed(() => store.workspace?.money.currency ?? 'EUR')
const paid = ref(props.asked === undefined ? '' : decimalText(props.asked, currency.value))
const date = ref<Day>(store.world?.asOf ?? '')
const seller = ref<SellerType | undefined>('private')
const warranty = ref('')
const condition = ref<Condition | undefined>(props.find.condition)
const sizes = ref<Partial<Record<SpecName, string>>>({})
const photo = ref<Taken>()
const problems = ref<readonly Issue[]>([])
const name = computed(() => store.say?.shortTool(props.find.tool) ?? '')

/** The purchase as the plan holds it, or as it was found. */
const purchaseOf = (price: Minor): PlannedPurchase =>
  store.plan?.purchases.find(({ offer }) => offer === props.find.id) ?? {
    id: newId('p'),
    offer: props.find.id,
    count: 1,
    date: date.value,
    price: props.asked ?? price
  }

async function confirm(): Promise<void> {
  const { world, workspace } = store
  if (!world || !workspace) return
  const amount = paidAmount(paid.value, workspace.money.currency)
  const day = pastDay(date.value, world.asOf)
  const until = dayOrNone(warranty.value)
  const specs = parseLengths(sizes.value, props.measures, workspace.preferences.units)
  problems.value = issuesOf(amount, day, until, specs)
  if (!amount.ok || !day.ok || !until.ok || !specs.ok) return
  const purchase = purchaseOf(amount.value)
  const entryId = newId('e')
  problems.value = store.attempt(
    steps.bought(name.value),
    (state) =>
      change.boughtFind(state, world.library, {
        real: {
          purchase,
          date: day.value,
          paid: amount.value,
          itemId: newId('item'),
          entryId,
          seller: seller.value,
          condition: condition.value,
          ...(until.value === undefined ? {} : { warrantyUntil: until.value })
        },
        specs: specs.value,
        checks: props.checks,
        repair: props.repair,
        repairText: words.repairOf(lowerFirst(name.value)),
        repairId: newId('o')
      }),
    { plan: (plan) => plan && withoutPurchases(plan, [purchase]) }
  )
  if (problems.value.length > 0) return
  const kept = photo.value ? await attachPhoto(entryId, name.value, photo.value) : ok(undefined)
  if (!kept.ok) {
    problems.value = kept.issues
    return
  }
  visible.value = false
  emit('bought')
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="record.title(name)"
    :style="{ width: '26rem', maxWidth: '95vw' }"
  >
    <form v-if="store.say" class="stack" @submit.prevent="confirm">
      <div class="field">
        <label for="find-paid">{{ record.paid }}</label>
        <AmountInput id="find-paid" v-model="paid" width="100%" autofocus />
      </div>
      <DayField :label="record.date" :value="date" @change="date = $event ?? ''" />
      <div v-if="measures.length > 0" class="row">
        <div v-for="spec in measures" :key="spec" class="field">
          <label :for="`got-${spec}`">{{ specName(spec) }}</label><InputText
            :id="`got-${spec}`"
            v-model="sizes[spec]"
            :placeholder="
              store.say.length(
                find.specs?.[spec] ?? store.world?.library.tools.get(find.tool)?.specs[spec] ?? 0
              )
            "
            class="short"
          />
        </div>
      </div>
      <ReceiptFields
        v-model:seller="seller"
        v-model:warranty="warranty"
        v-model:condition="condition"
      />
      <div class="row">
        <PhotoPick @taken="photo = $event" />
        <span v-if="photo" class="small" role="status">{{ ledger.photoReady }}</span>
      </div>
      <p class="small">{{ words.follows(store.say, repair, checks.length) }}</p>
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

<style scoped>
.short {
  width: 7rem;
}
</style>

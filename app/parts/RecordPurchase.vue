<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Day } from '../../core/calendar'
import type { Condition, SpecName } from '../../core/catalogue'
import { issuesOf, ok, type Issue } from '../../core/kernel'
import type { Offer, SellerType } from '../../core/prices'
import type { Minor } from '../../core/money'
import { dayOrNone, paidAmount, pastDay } from '../../core/ledger'
import { parseLengths } from '../../core/units'
import { change, type PlannedPurchase, withoutPurchases } from '../../core/workspace'
import type { Taken } from '../shell/photo'
import { newId } from '../stores/clock'
import { attachPhoto } from '../stores/photos'
import { useWorkspace } from '../stores/workspace'
import { lowerFirst } from '../words/bench'
import { decimalText } from '../words/amounts'
import { record } from '../words/record'
import { sentence } from '../words/issues'
import { ledger as words } from '../words/ledger'
import { steps } from '../words/steps'
import { specName } from '../words/builds'
import { timing } from '../words/timing'
import PhotoPick from './PhotoPick.vue'
import ReceiptFields from './ReceiptFields.vue'
import DayField from './DayField.vue'
import AmountInput from './AmountInput.vue'

/** What a look at a used tool leads to once it is bought. */
interface Found {
  readonly offer: Offer
  /** Measures that matter for its kind, with what they are without a rule at hand, mm. */
  readonly measures: readonly { readonly spec: SpecName; readonly usual: number }[]
  /** Kept back for its repair, and what is still to be looked at. */
  readonly repair: Minor
  readonly checks: readonly string[]
}
/** A planned purchase that was really made, at its real price: two actions, open and confirm. */
const props = defineProps<{
  purchase: PlannedPurchase
  /** What was asked for it, where that is known already. */
  asked?: Minor | undefined
  /** Of a used tool that was looked at: what follows from it. */
  found?: Found | undefined
}>()
const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ recorded: [] }>()
const store = useWorkspace()
const paid = ref(
  decimalText(props.asked ?? props.purchase.price, store.workspace?.money.currency ?? 'EUR')
)
const date = ref<Day>(store.world?.asOf ?? '')
const seller = ref<SellerType | undefined>(props.found ? 'private' : undefined)
const warranty = ref('')
const condition = ref<Condition | undefined>(props.found?.offer.condition)
const photo = ref<Taken>()
const sizes = ref<Partial<Record<SpecName, string>>>({})
const more = ref(props.found !== undefined)
const problems = ref<readonly Issue[]>([])
const tool = (): string =>
  (props.found
    ? store.say?.shortTool(props.found.offer.tool)
    : store.say?.offer(props.purchase.offer)) ?? ''

async function confirm(): Promise<void> {
  const { world, workspace } = store
  if (!world || !workspace) return
  const amount = paidAmount(paid.value, workspace.money.currency)
  const day = pastDay(date.value, world.asOf)
  const until = dayOrNone(warranty.value)
  const { found } = props
  const measured = (found?.measures ?? []).map(({ spec }) => spec)
  const specs = parseLengths(sizes.value, measured, workspace.preferences.units)
  problems.value = issuesOf(amount, day, until, specs)
  if (!amount.ok || !day.ok || !until.ok || !specs.ok) return
  const { library } = world
  const entryId = newId('e')
  const what = tool()
  const made = props.purchase
  const real = {
    purchase: props.purchase,
    date: day.value,
    paid: amount.value,
    itemId: newId('item'),
    entryId,
    seller: seller.value,
    condition: condition.value,
    ...(until.value === undefined ? {} : { warrantyUntil: until.value })
  }
  problems.value = store.attempt(
    steps.bought(what),
    (state) =>
      found
        ? change.boughtFind(state, library, {
            ...found,
            real,
            specs: specs.value,
            repairText: timing.repairOf(lowerFirst(what)),
            repairId: newId('o')
          })
        : change.recordPurchase(state, library, real),
    { plan: (plan) => plan && withoutPurchases(plan, [made]) }
  )
  if (problems.value.length > 0) return
  const kept = photo.value
    ? await attachPhoto({ entry: entryId }, what, photo.value)
    : ok(undefined)
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
        <p v-if="!found" class="soft small">
          {{ record.plannedWas(store.say?.money(purchase.price) ?? '') }}
        </p>
      </div>
      <DayField :label="record.date" :value="date" @change="date = $event ?? ''" />
      <div v-if="found" class="row">
        <div v-for="{ spec, usual } in found.measures" :key="spec" class="field">
          <label :for="`got-${spec}`">{{ specName(spec) }}</label><InputText
            :id="`got-${spec}`"
            v-model="sizes[spec]"
            :placeholder="store.say?.length(usual)"
            class="short"
          />
        </div>
      </div>
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
      <p v-if="found && store.say" class="small">
        {{ timing.follows(store.say, found.repair, found.checks.length) }}
      </p>
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

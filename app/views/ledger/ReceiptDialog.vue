<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import type { Condition } from '../../../core/catalogue'
import { issuesOf, ok, type Issue, type Result } from '../../../core/kernel'
import {
  COMES_IN,
  ENTRY_KINDS,
  dayOrNone,
  movedAmount,
  paidAmount,
  pastDay,
  receiptTotal,
  shareReceipt,
  type EntryKind
} from '../../../core/ledger'
import type { Minor } from '../../../core/money'
import { parseNumber } from '../../../core/units'
import {
  change,
  isSupply,
  type BoughtLine,
  type Line,
  withoutPurchases
} from '../../../core/workspace'
import type { SellerType } from '../../../core/prices'
import { useToolOptions } from '../../parts/tool-options'
import PhotoPick from '../../parts/PhotoPick.vue'
import ReceiptFields from '../../parts/ReceiptFields.vue'
import type { Taken } from '../../shell/photo'
import { newId } from '../../stores/clock'
import { attachPhoto } from '../../stores/photos'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { sentence } from '../../words/issues'
import { entryKinds, ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import { supplies } from '../../words/supplies'
import ReceiptLine from './ReceiptLine.vue'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'

/** A receipt with several lines: delivery and tax are shared out over them to the cent, and the total is checked. */
const visible = defineModel<boolean>('visible', { required: true })
const store = useWorkspace()
const planning = usePlanning()
const currency = store.workspace?.money.currency ?? 'EUR'
const MOST_PLANNED = 30

interface Draft {
  readonly key: string
  what: string
  text: string
  price: string
}
const line = (): Draft => ({ key: newId('line'), what: 'kind/consumable', text: '', price: '' })
const lines = ref<Draft[]>([line(), line()])
const date = ref(store.world?.asOf ?? '')
const delivery = ref('')
const tax = ref('')
const taxIncluded = ref((store.workspace?.money.taxBasisPoints ?? 0) === 0)
const total = ref('')
const seller = ref<SellerType>()
const warranty = ref('')
const condition = ref<Condition>()
const photo = ref<Taken>()
const problems = ref<readonly Issue[]>([])

const kinds = ENTRY_KINDS.filter((id) => id !== 'reversal' && !COMES_IN.has(id)).map((id) => ({
  id: `kind/${id}`,
  name: entryKinds[id]
}))
const planned = computed(() =>
  (planning.plan?.purchases ?? []).slice(0, MOST_PLANNED).map((purchase) => ({
    id: `plan/${purchase.id}`,
    name: store.say?.offer(purchase.offer) ?? purchase.offer,
    purchase
  }))
)
const toBuy = useToolOptions()
const tools = computed(() => toBuy.value.map(({ id, name }) => ({ id: `tool/${id}`, name })))
const stock = computed(() =>
  [...(store.world?.library.materials.values() ?? [])]
    .filter(isSupply)
    .map(({ id, name }) => ({ id: `supply/${id}`, name }))
)
const choices = computed(() => [
  { label: words.lineOther, items: kinds },
  ...(planned.value.length > 0 ? [{ label: words.linePlanned, items: planned.value }] : []),
  { label: supplies.receiptGroup, items: stock.value },
  { label: words.lineTool, items: tools.value }
])

function chosen(draft: Draft): void {
  const purchase = planned.value.find(({ id }) => id === draft.what)?.purchase
  if (purchase && draft.price === '') draft.price = decimalText(purchase.price, currency)
}
const money = (text: string): Minor | undefined => {
  const read = text.trim() === '' ? ok(0) : paidAmount(text, currency)
  return read.ok ? read.value : undefined
}
const filled = computed(() =>
  lines.value.filter(({ price, text }) => price.trim() !== '' || text.trim() !== '')
)
const split = computed(() => {
  const prices = filled.value.map(({ price }) => money(price))
  const below = [money(delivery.value), money(tax.value)]
  if (prices.some((price) => price === undefined) || below.some((one) => one === undefined))
    return undefined
  const asked = total.value.trim() === '' ? undefined : money(total.value)
  return shareReceipt(
    prices.map((price) => ({ price: price ?? 0 })),
    {
      delivery: below[0] ?? 0,
      tax: below[1] ?? 0,
      taxIncluded: taxIncluded.value,
      ...(asked === undefined ? {} : { total: asked })
    }
  )
})
const sum = computed(() => (split.value?.ok ? receiptTotal(split.value.value) : undefined))

/** How many of the usual size; one where nothing is said. */
const packsIn = (text: string): Result<number> => (text.trim() === '' ? ok(1) : parseNumber(text))
function supplyLine(id: string, text: string): Line {
  const amount = packsIn(text)
  return {
    what: 'other',
    kind: 'consumable',
    text: store.world?.library.materials.get(id)?.name ?? id,
    supply: { what: id, amount: amount.ok ? amount.value : 1 }
  }
}
function lineOf({ what, text }: Draft): Line | undefined {
  const [kind = '', ...rest] = what.split('/')
  const id = rest.join('/')
  const tool = kind === 'tool' ? store.world?.library.tools.get(id) : undefined
  const preferences = store.workspace?.preferences
  if (tool && preferences)
    return {
      what: 'tool',
      tool: id,
      tier: preferences.tier,
      condition: condition.value ?? 'new',
      power: tool.forms[0]?.power ?? 'hand',
      count: 1
    }
  if (kind === 'supply') return supplyLine(id, text)
  const purchase = planned.value.find((one) => one.id === what)?.purchase
  if (purchase) return { what: 'planned', purchase }
  return { what: 'other', kind: id as EntryKind, text: text.trim() || entryKinds[id as EntryKind] }
}
async function confirm(): Promise<void> {
  const { world, workspace } = store
  if (!world || !workspace) return
  const day = pastDay(date.value, world.asOf)
  const until = dayOrNone(warranty.value)
  const besides = [delivery.value, tax.value, total.value].filter((text) => text.trim() !== '')
  problems.value = issuesOf(
    ...filled.value.map(({ price }) => movedAmount(price.trim() === '' ? '0' : price, currency)),
    ...filled.value
      .filter(({ what }) => what.startsWith('supply/'))
      .map(({ text }) => packsIn(text)),
    ...besides.map((text) => paidAmount(text, currency)),
    day,
    until,
    split.value ?? ok(undefined)
  )
  if (problems.value.length > 0 || !day.ok || !until.ok || !split.value?.ok) return
  const parts = split.value.value
  const bought = filled.value.flatMap((draft, i): BoughtLine[] => {
    const one = lineOf(draft)
    const part = parts[i]
    return one && part ? [{ ...one, ...part, entryId: newId('e'), itemId: newId('item') }] : []
  })
  const { library } = world
  const planned = bought.flatMap((line) => (line.what === 'planned' ? [line.purchase] : []))
  problems.value = store.attempt(
    steps.receipt(bought.length),
    (state) =>
      change.recordReceipt(state, library, {
        id: newId('r'),
        date: day.value,
        lines: bought,
        seller: seller.value,
        condition: condition.value,
        ...(until.value === undefined ? {} : { warrantyUntil: until.value })
      }),
    { plan: (plan) => plan && withoutPurchases(plan, planned) }
  )
  if (problems.value.length > 0) return
  const [first] = bought
  if (photo.value && first)
    await attachPhoto({ entry: first.entryId }, words.receiptNo, photo.value)
  visible.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.receiptTitle"
    :style="{ width: '46rem', maxWidth: '97vw' }"
  >
    <form class="stack" @submit.prevent="confirm">
      <DayField :label="words.date" :value="date" @change="date = $event ?? ''" />
      <ReceiptLine
        v-for="(draft, index) in lines"
        :key="draft.key"
        v-model:what="draft.what"
        v-model:text="draft.text"
        v-model:price="draft.price"
        :number="index + 1"
        :choices="choices"
        @chosen="chosen(draft)"
        @remove="lines = lines.filter(({ key }) => key !== draft.key)"
      />
      <div>
        <Button
          type="button"
          size="small"
          severity="secondary"
          :label="words.addLine"
          @click="lines = [...lines, line()]"
        />
      </div>
      <div class="row top">
        <div class="field">
          <label for="receipt-delivery">{{ words.deliveryAll }}</label><AmountInput
            id="receipt-delivery"
            v-model="delivery"
            width="6rem"
          />
        </div>
        <div class="field">
          <label for="receipt-tax">{{ words.taxAmount }}</label><AmountInput
            id="receipt-tax"
            v-model="tax"
            width="6rem"
          />
        </div>
        <label class="row small"
          ><input v-model="taxIncluded" type="checkbox" /> {{ words.taxIncluded }}</label
        >
        <div class="field">
          <label for="receipt-total">{{ words.total }}</label><AmountInput
            id="receipt-total"
            v-model="total"
            width="6rem"
          />
        </div>
      </div>
      <ReceiptFields
        v-model:seller="seller"
        v-model:warranty="warranty"
        v-model:condition="condition"
      />
      <div class="row">
        <PhotoPick @taken="photo = $event" /><span v-if="photo" class="small" role="status">{{
          words.photoReady
        }}</span>
      </div>
      <p v-if="sum !== undefined && store.say" class="small" role="status">
        {{ words.receiptSum(store.say.money(sum), filled.length) }}
      </p>
      <p v-for="(one, index) in problems" :key="index" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
      <div class="row">
        <Button type="submit" :label="words.confirm" /><Button
          type="button"
          severity="secondary"
          :label="words.cancel"
          @click="visible = false"
        />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.top {
  align-items: end;
}
</style>

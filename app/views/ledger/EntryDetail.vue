<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { checkDay } from '../../../core/calendar'
import { issue, type Issue } from '../../../core/kernel'
import type { LedgerEntry } from '../../../core/ledger'
import { parseAmount } from '../../../core/money'
import { change } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import PhotoPick from '../../parts/PhotoPick.vue'
import PhotoView from '../../parts/PhotoView.vue'
import type { Taken } from '../../shell/photo'
import { newId } from '../../stores/clock'
import { attachPhoto } from '../../stores/photos'
import { useWorkspace } from '../../stores/workspace'
import { decimalText } from '../../words/amounts'
import { sentence } from '../../words/issues'
import { entryKinds, ledger as words } from '../../words/ledger'
import { prices } from '../../words/prices'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'

/** All that is known of an entry, and what can be done about it: correct it, take it back, money that came back, a photo. */
const props = defineProps<{ entry: LedgerEntry; reversed: boolean }>()
defineEmits<{ close: [] }>()
const store = useWorkspace()
const doing = ref<'correct' | 'refund'>()
const amount = ref('')
const date = ref('')
const text = ref('')
const returned = ref(true)
/** How many of several alike went back. */
const pieces = ref(1)
const problems = ref<readonly Issue[]>([])
const currency = computed(() => store.workspace?.money.currency ?? 'EUR')
const photos = computed(() =>
  (store.workspace?.photos ?? []).filter(({ entry }) => entry === props.entry.id)
)
const together = computed(() =>
  props.entry.receipt === undefined
    ? []
    : (store.workspace?.ledger ?? []).filter(
        ({ receipt, id, reverses }) =>
          receipt === props.entry.receipt && id !== props.entry.id && reverses === undefined
      )
)
const isFinal = computed(() => props.reversed || props.entry.reverses !== undefined)
const refundable = computed(() =>
  store.workspace && !isFinal.value && props.entry.amount < 0
    ? change.refundable(store.workspace, props.entry.id)
    : 0
)
const inKit = computed(
  () => store.workspace?.items.some(({ id }) => id === props.entry.item) === true
)
/** Of several alike, how many there still are; a bundle goes back whole. */
const several = computed(() => {
  const there = store.workspace ? change.itemsOf(store.workspace, props.entry) : []
  return there.length === 1 ? (there[0]?.count ?? 1) : 1
})
watch(
  () => props.entry.id,
  () => {
    doing.value = undefined
    problems.value = []
  }
)

const facts = computed(() => {
  const { say } = store
  const { seller, condition, tax, delivery, warrantyUntil, planned, receipt } = props.entry
  if (!say) return []
  return [
    ...(planned === undefined ? [] : [[words.planned, say.money(Math.abs(planned))]]),
    ...(tax === undefined ? [] : [[words.ofWhichTax, say.money(tax)]]),
    ...(delivery === undefined ? [] : [[words.ofWhichDelivery, say.money(delivery)]]),
    ...(seller === undefined ? [] : [[words.seller, prices.sellerName[seller]]]),
    ...(condition === undefined ? [] : [[words.condition, weigh.conditionName[condition]]]),
    ...(warrantyUntil === undefined ? [] : [[words.warranty, say.day(warrantyUntil)]]),
    ...(receipt === undefined ? [] : [[words.receiptNo, receipt]])
  ] as [string, string][]
})
function begin(what: 'correct' | 'refund'): void {
  doing.value = what
  problems.value = []
  amount.value = decimalText(
    what === 'correct' ? Math.abs(props.entry.amount) : refundable.value,
    currency.value
  )
  date.value = what === 'correct' ? props.entry.date : (store.world?.asOf ?? '')
  text.value = props.entry.text
  returned.value = inKit.value
  pieces.value = several.value
}
function confirm(): void {
  const { world, workspace } = store
  if (!world || !workspace || !doing.value) return
  const read = parseAmount(amount.value, currency.value)
  const day = checkDay(date.value)
  const refunded = Math.abs(props.entry.amount) - refundable.value
  problems.value = [
    ...(read.ok
      ? read.value < 0
        ? [issue('money.negative')]
        : read.value === 0
          ? [issue('ledger.zero')]
          : []
      : read.issues),
    ...(day.ok
      ? day.value > world.asOf
        ? [issue('ledger.future', [], { date: day.value })]
        : []
      : day.issues),
    ...(doing.value === 'refund' && read.ok && read.value > refundable.value
      ? [issue('ledger.refund-too-large', [], { amount: read.value, paid: refundable.value })]
      : []),
    ...(doing.value === 'correct' && props.entry.amount < 0 && read.ok && read.value < refunded
      ? [issue('ledger.refund-too-large', [], { amount: refunded, paid: read.value })]
      : []),
    ...(doing.value === 'correct' && text.value.trim() === '' ? [issue('text.needed')] : [])
  ]
  if (problems.value.length > 0 || !read.ok || !day.ok) return
  const { entry } = props
  if (doing.value === 'refund')
    problems.value = store.attempt(steps.refunded(entry.text), (state) =>
      change.refundEntry(state, {
        entry: entry.id,
        date: day.value,
        amount: read.value,
        id: newId('e'),
        returned: returned.value && inKit.value ? pieces.value : 0
      })
    )
  else
    problems.value = store.attempt(steps.corrected(entry.text), (state) =>
      change.correctEntry(
        state,
        entry.id,
        {
          amount: entry.amount < 0 ? -read.value : read.value,
          date: day.value,
          text: text.value.trim()
        },
        () => newId('e')
      )
    )
  if (problems.value.length === 0) doing.value = undefined
}
function reverse(): void {
  store.run(steps.reversed(props.entry.text), (state) =>
    change.reverseEntry(state, props.entry.id, newId('e'))
  )
}
async function addPhoto(photo: Taken): Promise<void> {
  const kept = await attachPhoto(props.entry.id, props.entry.text, photo)
  problems.value = kept.ok ? [] : kept.issues
}
</script>

<template>
  <section v-if="store.say" class="stack detail" :aria-label="words.detail">
    <div class="spread">
      <h2>
        <bdi>{{ entry.text }}</bdi>
      </h2>
      <button type="button" class="link small" @click="$emit('close')">{{ words.close }}</button>
    </div>
    <p>
      <span class="strong">{{ store.say.moved(entry.amount) }}</span> ·
      {{ entryKinds[entry.kind] }} · {{ store.say.day(entry.date) }}
    </p>
    <p v-if="reversed" class="attention small">{{ words.isReversed }}</p>
    <dl v-if="facts.length > 0">
      <template v-for="[name, value] in facts" :key="name"
        ><dt class="soft">{{ name }}</dt>
        <dd>
          <bdi>{{ value }}</bdi>
        </dd></template
      >
    </dl>
    <p v-if="together.length > 0" class="small">
      {{ words.sameReceipt }}
      <bdi>{{
        together
          .map(({ text: other, amount: sum }) => `${other} ${store.say?.moved(sum)}`)
          .join(', ')
      }}</bdi>
    </p>
    <div v-if="photos.length > 0" class="row">
      <div v-for="photo in photos" :key="photo.id" class="stack tight">
        <PhotoView :id="photo.id" :what="entry.text" /><button
          type="button"
          class="link small"
          @click="
            store.run(steps.noPhoto(entry.text), (state) => change.removePhoto(state, photo.id))
          "
        >
          {{ words.dropPhoto }}
        </button>
      </div>
    </div>
    <div v-if="!isFinal" class="row no-print">
      <Button size="small" severity="secondary" :label="words.correct" @click="begin('correct')" />
      <Button
        size="small"
        severity="secondary"
        :label="words.reverse"
        :aria-label="`${words.reverse}: ${entry.text}`"
        @click="reverse"
      />
      <Button
        v-if="refundable > 0"
        size="small"
        severity="secondary"
        :label="words.refund"
        @click="begin('refund')"
      />
      <PhotoPick @taken="addPhoto" />
    </div>
    <p v-if="!isFinal && inKit" class="caption">{{ words.reverseHint }}</p>
    <form v-if="doing" class="stack form" @submit.prevent="confirm">
      <h3>{{ doing === 'correct' ? words.correct : words.refund }}</h3>
      <p class="caption">
        {{
          doing === 'correct' ? words.correctHint : words.refundHint(store.say.money(refundable))
        }}
      </p>
      <div class="row top">
        <div class="field">
          <label for="do-amount">{{ words.amount }}</label><InputText
            id="do-amount"
            v-model="amount"
            inputmode="decimal"
            style="width: 6rem"
          />
        </div>
        <div class="field">
          <label for="do-date">{{ words.date }}</label><InputText
            id="do-date"
            v-model="date"
            type="date"
          />
        </div>
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
          @click="doing = undefined"
        />
      </div>
    </form>
    <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
      {{ sentence(one, store.say) }}
    </p>
  </section>
</template>

<style scoped>
.detail {
  border-left: 4px solid var(--planned);
  padding-left: 1rem;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.15rem 0.9rem;
  margin: 0;
  font-size: var(--text-small);
}
dd {
  margin: 0;
  overflow-wrap: anywhere;
}
.form {
  border-top: 1px dashed var(--line-strong);
  padding-top: 0.5rem;
}
.tight {
  gap: 0.15rem;
}
h2 {
  overflow-wrap: anywhere;
}
</style>

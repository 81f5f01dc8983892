<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { Issue } from '../../../core/kernel'
import type { LedgerEntry } from '../../../core/ledger'
import { change } from '../../../core/workspace'
import PhotoPick from '../../parts/PhotoPick.vue'
import PhotoView from '../../parts/PhotoView.vue'
import type { Taken } from '../../shell/photo'
import { newId } from '../../stores/clock'
import { attachPhoto } from '../../stores/photos'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { entryKinds, ledger as words } from '../../words/ledger'
import { prices } from '../../words/prices'
import { steps } from '../../words/steps'
import { sideStock } from '../../words/side-stock'
import { terms } from '../../words/terms'
import CorrectEntry from './CorrectEntry.vue'

/** All that is known of an entry, and what can be done about it: correct it, take it back, money that came back, a photo. */
const props = defineProps<{ entry: LedgerEntry; reversed: boolean }>()
defineEmits<{ close: [] }>()
const store = useWorkspace()
const doing = ref<'correct' | 'refund'>()
const problems = ref<readonly Issue[]>([])
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
/** What belongs to a piece or an order is changed where these are, so that stock and ledger stay one. */
const ofSale = computed(() => props.entry.piece !== undefined || props.entry.order !== undefined)
const refundable = computed(() =>
  store.workspace && !isFinal.value && props.entry.amount < 0
    ? change.refundable(store.workspace, props.entry.id)
    : 0
)
const inKit = computed(
  () => store.workspace?.items.some(({ id }) => id === props.entry.item) === true
)
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
    ...(condition === undefined ? [] : [[words.condition, terms.conditionName[condition]]]),
    ...(warrantyUntil === undefined ? [] : [[words.warranty, say.day(warrantyUntil)]]),
    ...(receipt === undefined ? [] : [[words.receiptNo, receipt]])
  ] as [string, string][]
})
function reverse(): void {
  store.run(steps.reversed(props.entry.text), (state) =>
    change.reverseEntry(state, props.entry.id, newId('e'))
  )
}
async function addPhoto(photo: Taken): Promise<void> {
  const kept = await attachPhoto({ entry: props.entry.id }, props.entry.text, photo)
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
    <p v-if="!isFinal && ofSale" class="small">
      {{ sideStock.ownership }} <RouterLink to="/side/stock">{{ sideStock.toStock }}</RouterLink>
    </p>
    <div v-if="!isFinal && !ofSale" class="row no-print">
      <Button size="small" severity="secondary" :label="words.correct" @click="doing = 'correct'" />
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
        @click="doing = 'refund'"
      />
      <PhotoPick @taken="addPhoto" />
    </div>
    <p v-if="!isFinal && inKit" class="caption">{{ words.reverseHint }}</p>
    <CorrectEntry
      v-if="doing"
      :key="doing + entry.id"
      :entry="entry"
      :doing="doing"
      :refundable="refundable"
      :in-kit="inKit"
      @done="doing = undefined"
    />
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
.tight {
  gap: 0.15rem;
}
h2 {
  overflow-wrap: anywhere;
}
</style>

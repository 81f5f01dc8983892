<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import {
  dailyBalances,
  ledgerRows,
  ledgerSums,
  thinned,
  type LedgerEntry,
  type LedgerRow
} from '../../../core/ledger'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useWorkspace } from '../../stores/workspace'
import { ledger as words } from '../../words/ledger'
import EntryDetail from './EntryDetail.vue'
import EntryForm from './EntryForm.vue'
import EntryTable from './EntryTable.vue'
import LedgerTabs from './LedgerTabs.vue'
import MoneyIn from './MoneyIn.vue'

const BalanceChart = defineAsyncComponent(() => import('../../parts/BalanceChart.vue'))
const ReceiptDialog = defineAsyncComponent(() => import('./ReceiptDialog.vue'))

/** Points a picture of this width can show. */
const MOST_POINTS = 400
const store = useWorkspace()
const route = useRoute()
const chosen = ref(typeof route.query.entry === 'string' ? route.query.entry : undefined)
const receipt = ref(false)
let last:
  { readonly entries: readonly LedgerEntry[]; readonly rows: readonly LedgerRow[] } | undefined
const rows = computed(() => {
  const entries = store.workspace?.ledger ?? []
  last = { entries, rows: ledgerRows(entries, last) }
  return last.rows
})
const detail = computed(() => rows.value.find(({ entry }) => entry.id === chosen.value))
/** The picture follows a moment after the figures; its room is kept from the start. */
const PICTURE_AFTER_MS = 250
const drawn = shallowRef<readonly LedgerRow[]>()
watchDebounced(
  rows,
  () => {
    drawn.value = rows.value
  },
  { debounce: PICTURE_AFTER_MS, immediate: true }
)
const hasPicture = computed(() => {
  const [newest, oldest] = [rows.value[0], rows.value.at(-1)]
  return (
    newest !== undefined &&
    oldest !== undefined &&
    store.world !== undefined &&
    (oldest.entry.date < newest.entry.date || newest.entry.date < store.world.asOf)
  )
})
const points = computed(() => {
  const list = thinned(dailyBalances(drawn.value ?? []), MOST_POINTS)
  const latest = list.at(-1)
  return latest && store.world && latest.date < store.world.asOf
    ? [...list, { date: store.world.asOf, balance: latest.balance }]
    : list
})
const sums = computed(() => ledgerSums(rows.value))
const against = computed(() => {
  const { say } = store
  const { against: compared } = sums.value
  return (
    say &&
    compared &&
    words.againstPlan(
      say.money(compared.paid),
      say.money(compared.planned),
      say.moved(compared.planned - compared.paid)
    )
  )
})
const subtitle = computed(() =>
  rows.value.length === 0 || !store.say
    ? words.empty
    : words.subtitle(
        store.say.money(sums.value.inn),
        store.say.money(sums.value.out),
        rows.value.length
      )
)
</script>

<template>
  <PlaceHead
    v-if="store.say && store.world"
    :title="words.title(store.say.money(store.world.balance))"
    :subtitle="subtitle"
  />
  <LedgerTabs />
  <div v-if="store.say && store.workspace" class="ledger">
    <section class="stack">
      <div v-if="hasPicture" class="picture">
        <BalanceChart
          v-if="drawn"
          :points="points"
          :currency="store.workspace.money.currency"
          :reserve="store.workspace.money.reserve"
        />
      </div>
      <p v-if="hasPicture" class="caption">
        {{ words.chart }}. {{ words.chartTable }} {{ against }}
      </p>
      <EntryForm class="no-print" @receipt="receipt = true" />
      <EntryTable v-if="rows.length > 0" :rows="rows" :chosen="chosen" @choose="chosen = $event" />
    </section>
    <div class="stack side">
      <EntryDetail
        v-if="detail"
        :entry="detail.entry"
        :reversed="detail.reversed"
        @close="chosen = undefined"
      />
      <MoneyIn />
    </div>
  </div>
  <ReceiptDialog v-if="receipt" v-model:visible="receipt" />
</template>

<style scoped>
.ledger {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: 1.5rem 2.5rem;
  align-items: start;
}
/* As high as the picture, which comes a moment later. */
.picture {
  min-height: 9.5rem;
}
.side {
  gap: 1.5rem;
}
@media (max-width: 1000px) {
  .ledger {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .ledger {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { usePreferredDark } from '@vueuse/core'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import { ledgerRows, type LedgerEntry } from '../../../core/ledger'
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

const store = useWorkspace()
const route = useRoute()
const dark = usePreferredDark()
const chosen = ref(typeof route.query.entry === 'string' ? route.query.entry : undefined)
const receipt = ref(false)
const rows = computed(() => ledgerRows(store.workspace?.ledger ?? []))
const detail = computed(() => rows.value.find(({ entry }) => entry.id === chosen.value))
const points = computed(() => {
  const byDay = new Map<string, number>()
  for (let i = rows.value.length - 1; i >= 0; i--) {
    const row = rows.value[i]
    if (row) byDay.set(row.entry.date, row.balance)
  }
  const list = [...byDay].map(([date, balance]) => ({ date, balance }))
  const last = list.at(-1)
  return last && store.world && last.date < store.world.asOf ? [...list, { date: store.world.asOf, balance: last.balance }] : list
})
const still = computed(() => rows.value.filter(({ reversed, takesBack }) => !reversed && takesBack === undefined).map(({ entry }) => entry))
const sum = (list: readonly LedgerEntry[], sign: 1 | -1): number => list.reduce((total, { amount }) => (amount * sign > 0 ? total + amount * sign : total), 0)
const against = computed(() => {
  const { say } = store
  const compared = still.value.filter(({ planned }) => planned !== undefined)
  if (!say || compared.length === 0) return undefined
  const actual = -compared.reduce((total, { amount }) => total + amount, 0)
  const planned = -compared.reduce((total, entry) => total + (entry.planned ?? 0), 0)
  return words.againstPlan(say.money(actual), say.money(planned), say.moved(planned - actual))
})
const subtitle = computed(() => (rows.value.length === 0 || !store.say ? words.empty : words.subtitle(store.say.money(sum(still.value, 1)), store.say.money(sum(still.value, -1)), rows.value.length)))
</script>

<template>
  <PlaceHead v-if="store.say && store.world" :title="words.title(store.say.money(store.world.balance))" :subtitle="subtitle" />
  <LedgerTabs />
  <div v-if="store.say && store.workspace" class="ledger">
    <section class="stack">
      <BalanceChart v-if="points.length > 1" :points="points" :currency="store.workspace.money.currency" :reserve="store.workspace.money.reserve" :dark="store.settings.theme === 'dark' || dark" />
      <p v-if="points.length > 1" class="caption">{{ words.chart }}. {{ words.chartTable }} {{ against }}</p>
      <EntryForm class="no-print" @receipt="receipt = true" />
      <EntryTable v-if="rows.length > 0" :rows="rows" :chosen="chosen" @choose="chosen = $event" />
    </section>
    <div class="stack side">
      <EntryDetail v-if="detail" :entry="detail.entry" :reversed="detail.reversed" @close="chosen = undefined" />
      <MoneyIn />
    </div>
  </div>
  <ReceiptDialog v-if="receipt" v-model:visible="receipt" />
</template>

<style scoped>
.ledger { display: grid; grid-template-columns: minmax(0, 1fr) 19rem; gap: 1.5rem 2.5rem; align-items: start; }
.side { gap: 1.5rem; }
@media (max-width: 1000px) { .ledger { grid-template-columns: minmax(0, 1fr); } }
@media print { .ledger { grid-template-columns: minmax(0, 1fr); } }
</style>

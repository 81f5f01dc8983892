<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { checkDay } from '../../../core/calendar'
import { issue, type Issue } from '../../../core/kernel'
import { ENTRY_KINDS, standing, type EntryKind, type LedgerEntry } from '../../../core/ledger'
import { parseAmount } from '../../../core/money'
import { change } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { comesIn, entryKinds, ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import MoneyIn from './MoneyIn.vue'

const BalanceChart = defineAsyncComponent(() => import('../../parts/BalanceChart.vue'))
const PAGE = 60

const store = useWorkspace()
const shown = ref(PAGE)
const kind = ref<EntryKind>(store.workspace?.ledger.length === 0 ? 'opening' : 'tool')
const amount = ref('')
const date = ref(store.world?.asOf ?? '')
const text = ref('')
const problems = ref<readonly Issue[]>([])
const kinds = ENTRY_KINDS.filter((id) => id !== 'reversal').map((id) => ({ id, name: entryKinds[id] }))

/** Entries by date with the balance after each, newest first. */
const rows = computed(() => {
  const entries = store.workspace?.ledger ?? []
  const texts = new Map(entries.map((entry) => [entry.id, entry.text]))
  const reversed = new Set(entries.flatMap(({ reverses }) => reverses ?? []))
  const inOrder = entries.map((entry, index) => ({ entry, index })).sort((a, b) => (a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : a.index - b.index))
  let balance = 0
  return inOrder.map(({ entry }) => ({ entry, balance: (balance += entry.amount), reversed: reversed.has(entry.id), takesBack: entry.reverses === undefined ? undefined : (texts.get(entry.reverses) ?? '') })).reverse()
})
const points = computed(() => {
  const byDay = new Map([...rows.value].reverse().map((row) => [row.entry.date, row.balance]))
  const list = [...byDay].map(([day, balance]) => ({ date: day, balance }))
  const last = list.at(-1)
  return last && store.world && last.date < store.world.asOf ? [...list, { date: store.world.asOf, balance: last.balance }] : list
})
const still = computed(() => standing(store.workspace?.ledger ?? []))
const sum = (list: readonly LedgerEntry[]): number => list.reduce((total, entry) => total + entry.amount, 0)
const compared = computed(() => still.value.filter(({ planned }) => planned !== undefined))
const against = computed(() => {
  const { say } = store
  if (!say || compared.value.length === 0) return undefined
  const actual = -sum(compared.value)
  const planned = -compared.value.reduce((total, entry) => total + (entry.planned ?? 0), 0)
  return words.againstPlan(say.money(actual), say.money(planned), say.moved(planned - actual))
})

function enter(): void {
  const { world, workspace } = store
  if (!world || !workspace) return
  const read = parseAmount(amount.value, workspace.money.currency)
  const day = checkDay(date.value)
  problems.value = [
    ...(read.ok ? (read.value === 0 ? [issue('ledger.zero')] : read.value < 0 ? [issue('money.negative')] : []) : read.issues),
    ...(day.ok ? (day.value > world.asOf ? [issue('ledger.future', [], { date: day.value })] : []) : day.issues),
    ...(text.value.trim() === '' && kind.value !== 'opening' ? [issue('text.needed')] : [])
  ]
  if (problems.value.length > 0 || !read.ok || !day.ok) return
  const line = text.value.trim() || entryKinds[kind.value]
  store.run(steps.entered(line), (state) => change.addEntry(state, { id: newId('e'), date: day.value, kind: kind.value, amount: comesIn.has(kind.value) ? read.value : -read.value, text: line }))
  amount.value = ''
  text.value = ''
}
const reverse = (entry: LedgerEntry): void => store.run(steps.reversed(entry.text), (state) => change.reverseEntry(state, entry.id, newId('e')))
</script>

<template>
  <PlaceHead v-if="store.say && store.world" :title="words.title(store.say.money(store.world.balance))" :subtitle="rows.length === 0 ? words.empty : words.subtitle(store.say.money(sum(still.filter((e) => e.amount > 0))), store.say.money(-sum(still.filter((e) => e.amount < 0))), rows.length)" />
  <div v-if="store.say && store.workspace" class="ledger">
    <section class="stack">
      <BalanceChart v-if="points.length > 1" :points="points" :currency="store.workspace.money.currency" :reserve="store.workspace.money.reserve" :dark="store.settings.theme === 'dark'" />
      <p v-if="points.length > 1" class="caption">{{ words.chart }}. {{ words.chartTable }} {{ against }}</p>
      <form class="enter" @submit.prevent="enter">
        <div class="field"><span id="kind-label" class="label">{{ words.kind }}</span><Select v-model="kind" :options="kinds" option-label="name" option-value="id" aria-labelledby="kind-label" /></div>
        <div class="field"><label for="entry-amount">{{ words.amount }}</label><InputText id="entry-amount" v-model="amount" inputmode="decimal" style="width: 6rem" /></div>
        <div class="field"><label for="entry-date">{{ words.date }}</label><InputText id="entry-date" v-model="date" type="date" /></div>
        <div class="field grow"><label for="entry-text">{{ words.text }}</label><InputText id="entry-text" v-model="text" maxlength="200" fluid /></div>
        <Button type="submit" :label="words.add" />
      </form>
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">{{ sentence(one, store.say) }}</p>
      <div class="scroller">
        <table v-if="rows.length > 0" class="plain">
          <caption class="visually-hidden">{{ words.entries }}</caption>
          <thead><tr><th>{{ words.date }}</th><th>{{ words.kind }}</th><th>{{ words.text }}</th><th class="figure">{{ words.planned }}</th><th class="figure">{{ words.amount }}</th><th class="figure">{{ words.balance }}</th><th><span class="visually-hidden">{{ words.reverse }}</span></th></tr></thead>
          <tbody>
            <tr v-for="row in rows.slice(0, shown)" :key="row.entry.id" :class="{ gone: row.reversed || row.takesBack !== undefined }">
              <td class="nowrap">{{ store.say.day(row.entry.date) }}</td>
              <td>{{ entryKinds[row.entry.kind] }}</td>
              <td><bdi>{{ row.takesBack === undefined ? row.entry.text : words.reverses(row.takesBack) }}</bdi><span v-if="row.reversed" class="small soft"> · {{ words.reversed }}</span></td>
              <td class="figure soft">{{ row.entry.planned === undefined || row.takesBack !== undefined ? '' : store.say.money(Math.abs(row.entry.planned)) }}</td>
              <td class="figure strong">{{ store.say.moved(row.entry.amount) }}</td>
              <td class="figure soft">{{ store.say.money(row.balance) }}</td>
              <td><button v-if="!row.reversed && row.takesBack === undefined" type="button" class="link small" :aria-label="`${words.reverse}: ${row.entry.text}`" @click="reverse(row.entry)">{{ words.reverse }}</button></td>
            </tr>
          </tbody>
        </table>
      </div>
      <button v-if="rows.length > shown" type="button" class="link" @click="shown += PAGE * 5">{{ words.more(rows.length - shown) }}</button>
    </section>
    <MoneyIn />
  </div>
</template>

<style scoped>
.ledger { display: grid; grid-template-columns: minmax(0, 1fr) 19rem; gap: 1.5rem 2.5rem; align-items: start; }
.enter { display: flex; flex-wrap: wrap; gap: 0.5rem 0.75rem; align-items: end; border-bottom: 1px solid var(--graphite); padding-bottom: 0.75rem; }
.grow { flex: 1 1 10rem; }
.scroller { overflow-x: auto; }
.gone td { text-decoration: line-through; text-decoration-color: var(--graphite-soft); color: var(--graphite-soft); }
.nowrap { white-space: nowrap; }
@media (max-width: 1000px) { .ledger { grid-template-columns: minmax(0, 1fr); } }
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { checkDay, type Rhythm, type StageLength } from '../../../core/calendar'
import { issue, ok, refused, type Issue, type Result } from '../../../core/kernel'
import { decimalText } from '../../words/amounts'
import { parseAmount, type Minor } from '../../../core/money'
import { priceLevel, type MoneySettings } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import SelectField from '../../parts/SelectField.vue'
import NumberField from '../../parts/NumberField.vue'
import { refusalsDuring } from '../../stores/door'
import { useWorkspace } from '../../stores/workspace'
import { inForm } from '../../words/where'
import { ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import OneOffs from './OneOffs.vue'
import WhatCounts from './WhatCounts.vue'

/** The money that is expected, what is kept back, and the hours of a week: what the plan reckons with. */
const store = useWorkspace()
const money = computed(() => store.workspace?.money)
const rhythms = Object.entries(words.rhythms).map(([id, name]) => ({
  id: id as Rhythm['kind'],
  name
}))
const lengths = Object.entries(words.stageLengths).map(([id, name]) => ({
  id: id as StageLength,
  name
}))

const setMoney = (next: Partial<MoneySettings>): readonly Issue[] =>
  store.run(steps.money(), (state) => ({ ...state, money: { ...state.money, ...next } }))
const setIncome = (income: Rhythm): void => void setMoney({ income })
const each = computed<Minor>(() =>
  money.value && 'amount' in money.value.income ? money.value.income.amount : 0
)
const first = computed(() =>
  money.value && 'first' in money.value.income
    ? money.value.income.first
    : (store.world?.asOf ?? '')
)

function setKind(kind: Rhythm['kind']): void {
  const date = first.value || (store.world?.asOf ?? '')
  switch (kind) {
    case 'none':
      return setIncome({ kind })
    case 'list':
      return setIncome({ kind, receipts: [] })
    case 'monthly':
      return setIncome({
        kind,
        first: date,
        dayOfMonth: Number(date.slice(8, 10)),
        amount: each.value
      })
    case 'weekly':
    case 'fortnightly':
      return setIncome({ kind, first: date, amount: each.value })
  }
}
function setEach(amount: Minor): void {
  const income = money.value?.income
  if (income && 'amount' in income) setIncome({ ...income, amount })
}
function setFirst(day: string | undefined): void {
  const income = money.value?.income
  if (day === undefined || !income || !('first' in income)) return
  setIncome(
    income.kind === 'monthly'
      ? { ...income, first: day, dayOfMonth: Number(day.slice(8, 10)) }
      : { ...income, first: day }
  )
}
const listText = computed(() =>
  money.value?.income.kind === 'list'
    ? money.value.income.receipts
        .map(({ date, amount }) => `${date} ${decimalText(amount, money.value?.currency ?? 'EUR')}`)
        .join('\n')
    : ''
)
const listProblem = ref('')
/** Reads "date amount" lines; nothing is taken unless every line can be read. */
function readList(text: string): void {
  const lines = text
    .split('\n')
    .map((line, index) => ({ line: line.trim(), number: index + 1 }))
    .filter(({ line }) => line !== '')
  const read = lines.map(({ line, number }): Result<{ date: string; amount: Minor }> => {
    const [, date = '', amount = ''] = /^(\S+)\s+(.+)$/.exec(line) ?? []
    const day = checkDay(date)
    const value = parseAmount(amount, money.value?.currency ?? 'EUR')
    return day.ok && value.ok && value.value >= 0
      ? ok({ date: day.value, amount: value.value })
      : refused(issue('money.line', [number], { line }))
  })
  const bad = read.find((one) => !one.ok)
  listProblem.value =
    bad && !bad.ok
      ? words.badLine(
          Number(bad.issues[0]?.path[0] ?? 0),
          String(bad.issues[0]?.figures.line ?? '')
        )
      : ''
  if (bad) return
  const receipts = read.flatMap((one) => (one.ok ? [one.value] : []))
  const [refusal] = refusalsDuring(() => setIncome({ kind: 'list', receipts }))
  listProblem.value = refusal ? inForm(refusal, store.say) : ''
}
</script>

<template>
  <section
    v-if="store.say && store.workspace && store.world && money"
    class="stack"
    :aria-label="words.moneyTitle"
  >
    <h2>{{ words.moneyTitle }}</h2>
    <SelectField
      :label="words.rhythm"
      :value="money.income.kind"
      :options="rhythms"
      @change="setKind($event)"
    />
    <div v-if="'amount' in money.income" class="row top">
      <MoneyField :label="words.each" :value="each" @change="setEach($event ?? 0)" />
      <DayField :label="words.first" :value="first" @change="setFirst" />
    </div>
    <div v-if="money.income.kind === 'list'" class="field">
      <label for="receipt-list">{{ words.receipts }}</label>
      <textarea
        id="receipt-list"
        :value="listText"
        rows="4"
        :placeholder="words.receiptsHint"
        @change="readList(($event.target as HTMLTextAreaElement).value)"
      />
      <p v-if="listProblem" class="attention small" role="alert">{{ listProblem }}</p>
    </div>
    <OneOffs />
    <div class="row top">
      <MoneyField
        :label="words.reserve"
        :value="money.reserve"
        @change="setMoney({ reserve: $event ?? 0 })"
      />
      <NumberField
        :label="words.hours"
        :value="store.workspace.time.minutesPerWeek / 60"
        :least="0"
        :most="168"
        @change="
          store.run(steps.hours(), (state) => ({
            ...state,
            time: { ...state.time, minutesPerWeek: Math.round(($event ?? 0) * 60) }
          }))
        "
      />
    </div>
    <div class="row top">
      <SelectField
        :label="words.stage"
        :value="store.workspace.horizon.length"
        :options="lengths"
        @change="
          store.run(steps.hours(), (state) => ({
            ...state,
            horizon: {
              ...state.horizon,
              length: $event,
              count: Math.min(state.horizon.count, 60)
            }
          }))
        "
      />
      <NumberField
        :label="words.count"
        :value="store.workspace.horizon.count"
        :least="1"
        :most="60"
        whole
        @change="
          store.run(steps.hours(), (state) => ({
            ...state,
            horizon: { ...state.horizon, count: $event ?? 12 }
          }))
        "
      />
    </div>
    <div class="row top">
      <NumberField
        :label="words.tax"
        :value="money.taxBasisPoints / 100"
        :least="0"
        :most="100"
        @change="setMoney({ taxBasisPoints: Math.round(($event ?? 0) * 100) })"
      />
      <MoneyField
        :label="words.delivery"
        :value="money.deliveryEach"
        @change="setMoney({ deliveryEach: $event ?? 0 })"
      />
    </div>
    <MoneyField
      :label="words.level"
      :value="priceLevel(store.workspace, store.world.library)"
      @change="$event !== undefined && setMoney({ minorPer100Points: $event })"
    />
    <p class="caption">{{ words.levelHint }}</p>
    <WhatCounts />
  </section>
</template>

<style scoped>
.top {
  align-items: end;
}
textarea {
  width: 100%;
  border: 1px solid var(--line-strong);
  background: var(--paper-raised);
  padding: 0.4rem;
  border-radius: var(--radius);
}
</style>

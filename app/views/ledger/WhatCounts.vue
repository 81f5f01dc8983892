<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  HOUR_WORDS,
  MONEY_AIMS,
  TIMBERS,
  type HourWord,
  type MoneyAim
} from '../../../core/catalogue'
import { timesRatio } from '../../../core/money'
import { afterOf } from '../../../core/worth'
import { usualLevel, type MoneySettings } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import SelectField from '../../parts/SelectField.vue'
import NumberField from '../../parts/NumberField.vue'
import { useWorkspace } from '../../stores/workspace'
import { reckoning as words } from '../../words/reckoning'
import { steps } from '../../words/steps'

/** What an hour, kept money, timber and the years after count: each in words, with its figure. */
const store = useWorkspace()
const money = computed(() => store.workspace?.money)
const set = (next: Partial<MoneySettings>): void =>
  void store.run(steps.money(), (state) => ({ ...state, money: { ...state.money, ...next } }))

const usual = computed(() => store.world?.library.data.reckoning)
const hourFor = (word: HourWord): number =>
  timesRatio(
    store.world && money.value ? usualLevel(store.world.library, money.value.currency) : 0,
    (usual.value?.hour[word] ?? 0) / 100
  )
const hourChoices = computed(() => [
  ...HOUR_WORDS.map((id) => ({
    id,
    name: words.hourChoice(id, store.say?.money(hourFor(id)) ?? '')
  })),
  { id: 'own' as const, name: words.own }
])
const ownHour = ref(false)
const hour = computed<HourWord | 'own'>(() =>
  ownHour.value
    ? 'own'
    : (HOUR_WORDS.find((word) => hourFor(word) === money.value?.hourValue) ?? 'own')
)
function setHour(word: HourWord | 'own'): void {
  ownHour.value = word === 'own'
  if (word !== 'own') set({ hourValue: hourFor(word) })
}

const aims = computed(() => [
  ...MONEY_AIMS.map((id) => ({ id, name: words.aims[id] })),
  { id: 'own' as const, name: words.own }
])
const ownAim = ref(false)
const aim = computed<MoneyAim | 'own'>(() =>
  ownAim.value
    ? 'own'
    : (MONEY_AIMS.find((one) => usual.value?.kept[one] === money.value?.keptMoneyWorth) ?? 'own')
)
function setAim(one: MoneyAim | 'own'): void {
  ownAim.value = one === 'own'
  if (one !== 'own' && usual.value) set({ keptMoneyWorth: usual.value.kept[one] })
}

const timbers = TIMBERS.map((id) => ({ id, name: words.timbers[id] }))
const after = computed(() => (store.world ? afterOf(store.world) : undefined))
const worked = computed(() => {
  if (!store.world) return 0
  const { workspace } = store.world
  return afterOf({
    ...store.world,
    workspace: { ...workspace, money: { ...workspace.money, after: { years: 1 } } }
  }).perYear
})
const afters = computed(() => [
  { id: 'only' as const, name: words.after.only },
  { id: 'likely' as const, name: words.after.likely(worked.value) },
  { id: 'said' as const, name: words.after.said }
])
const afterKind = computed<'only' | 'likely' | 'said'>(() =>
  money.value?.after.years === 0
    ? 'only'
    : money.value?.after.perYear === undefined
      ? 'likely'
      : 'said'
)
function setAfter(kind: 'only' | 'likely' | 'said'): void {
  const years = money.value?.after.years || usual.value?.yearsAfter || 1
  if (kind === 'only') return set({ after: { years: 0 } })
  set({ after: kind === 'likely' ? { years } : { years, perYear: worked.value } })
}
</script>

<template>
  <section v-if="money && usual && after" class="stack" :aria-label="words.title">
    <h2>{{ words.title }}</h2>
    <p class="caption">{{ words.subtitle }}</p>
    <div class="row top">
      <SelectField
        :label="words.hour"
        :value="hour"
        :options="hourChoices"
        @change="setHour($event)"
      />
      <MoneyField
        v-if="hour === 'own'"
        :label="words.hourFigure"
        :value="money.hourValue"
        @change="set({ hourValue: $event ?? 0 })"
      />
    </div>
    <p class="caption">{{ words.hourHint }}</p>
    <div class="row top">
      <SelectField :label="words.aim" :value="aim" :options="aims" @change="setAim($event)" />
      <NumberField
        v-if="aim === 'own'"
        :label="words.kept"
        :value="money.keptMoneyWorth"
        :least="0"
        :most="2"
        @change="set({ keptMoneyWorth: $event ?? usual.kept.workshop })"
      />
      <SelectField
        :label="words.timber"
        :value="money.timber"
        :options="timbers"
        @change="set({ timber: $event })"
      />
    </div>
    <p class="caption">{{ words.timberHint }}</p>
    <div class="row top">
      <SelectField
        :label="words.afterTitle"
        :value="afterKind"
        :options="afters"
        @change="setAfter($event)"
      />
      <NumberField
        v-if="afterKind === 'said'"
        :label="words.perYear"
        :value="money.after.perYear"
        :least="0"
        :most="1000"
        @change="set({ after: { years: money.after.years, perYear: $event ?? worked } })"
      />
      <NumberField
        v-if="afterKind !== 'only'"
        :label="words.years"
        :value="money.after.years"
        :least="0"
        :most="20"
        @change="set({ after: { ...money.after, years: $event ?? usual.yearsAfter } })"
      />
    </div>
    <p class="caption">{{ words.afterIs(after.perYear, after.years) }}</p>
    <div class="row top">
      <NumberField
        :label="words.back"
        :value="money.reinvestShare * 100"
        :least="0"
        :most="100"
        @change="set({ reinvestShare: ($event ?? 100) / 100 })"
      />
      <NumberField
        :label="words.impatience"
        :value="money.impatience * 100"
        :least="0"
        :most="300"
        @change="set({ impatience: ($event ?? 0) / 100 })"
      />
      <NumberField
        :label="words.late"
        :value="money.latenessPerDay * 100"
        :least="0"
        :most="100"
        @change="set({ latenessPerDay: ($event ?? 0) / 100 })"
      />
    </div>
  </section>
</template>

<style scoped>
.top {
  align-items: end;
}
</style>

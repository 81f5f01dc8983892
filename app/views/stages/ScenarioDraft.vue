<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { toolOfPurchase } from '../../../core/explain'
import { readName } from '../../../core/units'
import type { Scenario } from '../../../core/workspace'
import { schools } from '../../../data'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import TextField from '../../parts/TextField.vue'
import { newId } from '../../stores/clock'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { scenarioWords } from '../../words/scenarios'
import { steps } from '../../words/steps'

/** A way it could go instead, put together and kept; those that are kept. */
const emit = defineEmits<{ kept: [id: string]; removed: [id: string] }>()
const NONE = 'none'
const BLANK = {
  name: '',
  income: 100,
  hours: 100,
  extra: 0,
  extraDate: '',
  without: [] as string[],
  school: NONE,
  pin: NONE,
  pinDate: ''
}
const store = useWorkspace()
const planning = usePlanning()
const draft = ref({ ...BLANK })
const kept = computed(() => store.workspace?.scenarios ?? [])
const purchases = computed(() => planning.plan?.purchases ?? [])
const tools = computed(() =>
  [
    ...new Map(
      purchases.value.map((purchase) => [
        toolOfPurchase(store.world!, purchase) ?? '',
        store.say?.offer(purchase.offer) ?? ''
      ])
    ).entries()
  ]
    .filter(([id]) => id !== '')
    .map(([id]) => ({ id, name: store.say?.tool(id) ?? id }))
)
const pinnable = computed(() => [
  { id: NONE, name: scenarioWords.none },
  ...purchases.value.map(({ offer }) => ({ id: offer, name: store.say?.offer(offer) ?? offer }))
])
const schoolOptions = [
  { id: NONE, name: scenarioWords.none },
  ...schools.map(({ id, name }) => ({ id, name }))
]

function keep(): void {
  const { name, income, hours, extra, extraDate, without, school, pin, pinDate } = draft.value
  const today = store.world?.asOf ?? ''
  const change: Scenario['change'] = {
    ...(income === 100 ? {} : { incomeTimes: income / 100 }),
    ...(hours === 100 ? {} : { hoursTimes: hours / 100 }),
    ...(extra === 0 ? {} : { extra: { date: extraDate || today, amount: extra } }),
    ...(without.length === 0 ? {} : { without }),
    ...(school === NONE ? {} : { school }),
    ...(pin === NONE ? {} : { pins: [{ offer: pin, count: 1, date: pinDate || today }] })
  }
  const one: Scenario = { id: newId('scenario'), name: name.trim() || text(change), change }
  const refused = store.run(steps.scenario(one.name), (state) => ({
    ...state,
    scenarios: [...(state.scenarios ?? []), one]
  }))
  if (refused.length > 0) return
  emit('kept', one.id)
  draft.value = { ...BLANK }
}
function remove(one: Scenario): void {
  emit('removed', one.id)
  store.run(steps.noScenario(one.name), (state) => ({
    ...state,
    scenarios: (state.scenarios ?? []).filter(({ id }) => id !== one.id)
  }))
}
function text(change: Scenario['change']): string {
  const { say } = store
  if (!say) return ''
  return scenarioWords.changeText([
    ...(change.incomeTimes === undefined
      ? []
      : [`${scenarioWords.income}: ${say.percent(change.incomeTimes)}`]),
    ...(change.hoursTimes === undefined
      ? []
      : [`${scenarioWords.hours}: ${say.percent(change.hoursTimes)}`]),
    ...(change.extra === undefined
      ? []
      : [`${say.moved(change.extra.amount)} (${say.shortDay(change.extra.date)})`]),
    ...(change.school === undefined
      ? []
      : [schools.find(({ id }) => id === change.school)?.name ?? change.school]),
    ...(change.without ?? []).map((id) => `${scenarioWords.without}: ${lowerFirst(say.tool(id))}`),
    ...(change.pins ?? []).map(({ offer, date }) => `${say.offer(offer)} ${say.shortDay(date)}`)
  ])
}
</script>

<template>
  <section v-if="store.say" class="stack draft">
    <h2>{{ scenarioWords.draftTitle }}</h2>
    <TextField
      :label="scenarioWords.name"
      :value="draft.name"
      :read="readName"
      width="16rem"
      @change="draft.name = $event as string"
    />
    <div class="row">
      <NumberField
        :label="`${scenarioWords.income}, %`"
        :value="draft.income"
        :least="0"
        :most="1000"
        width="6rem"
        @change="draft.income = $event ?? 100"
      />
      <NumberField
        :label="`${scenarioWords.hours}, %`"
        :value="draft.hours"
        :least="0"
        :most="1000"
        width="6rem"
        @change="draft.hours = $event ?? 100"
      />
    </div>
    <div class="row">
      <MoneyField
        :label="scenarioWords.extra"
        :value="draft.extra"
        signed
        @change="draft.extra = $event ?? 0"
      />
      <DayField
        :label="scenarioWords.extraDate"
        :value="draft.extraDate || (store.world?.asOf ?? '')"
        @change="draft.extraDate = $event ?? ''"
      />
    </div>
    <div class="row">
      <div class="field">
        <span id="sc-school" class="label">{{ scenarioWords.school }}</span><Select
          v-model="draft.school"
          :options="schoolOptions"
          option-label="name"
          option-value="id"
          aria-labelledby="sc-school"
        />
      </div>
      <div class="field">
        <span id="sc-without" class="label">{{ scenarioWords.without }}</span><MultiSelect
          v-model="draft.without"
          :options="tools"
          option-label="name"
          option-value="id"
          aria-labelledby="sc-without"
          :max-selected-labels="2"
          :placeholder="scenarioWords.none"
        />
      </div>
    </div>
    <div class="row">
      <div class="field">
        <span id="sc-pin" class="label">{{ scenarioWords.withPin }}</span><Select
          v-model="draft.pin"
          :options="pinnable"
          option-label="name"
          option-value="id"
          aria-labelledby="sc-pin"
        />
      </div>
      <DayField
        v-if="draft.pin !== NONE"
        :label="scenarioWords.pinDate"
        :value="draft.pinDate || (store.world?.asOf ?? '')"
        @change="draft.pinDate = $event ?? ''"
      />
    </div>
    <Button size="small" :label="scenarioWords.add" @click="keep" />
    <ul class="plain-list small">
      <li v-for="one in kept" :key="one.id">
        <span class="strong"
          ><bdi>{{ one.name }}</bdi></span
        ><template v-if="one.name !== text(one.change)"> · {{ text(one.change) }}</template>
        <button type="button" class="link" @click="remove(one)">{{ scenarioWords.remove }}</button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.draft {
  justify-items: start;
}
</style>

<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { daysBetween } from '../../../core/calendar'
import { isDone } from '../../../core/builds'
import { toolOfPurchase } from '../../../core/explain'
import type { Scenario } from '../../../core/workspace'
import { schools } from '../../../data'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TextField from '../../parts/TextField.vue'
import { readName } from '../../../core/units'
import { newId } from '../../stores/clock'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { staging as words } from '../../words/staging'
import { steps } from '../../words/steps'
import StagesTabs from './StagesTabs.vue'

const CurveChart = defineAsyncComponent(() => import('./CurveChart.vue'))
const MOST = 4
const OWN = 'own'
const NONE = 'none'
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const picked = ref<string[]>([OWN])
const compared = ref<string[]>([])
const table = ref(false)

/** The scenario being put together. */
const draft = ref({
  name: '',
  income: 100,
  hours: 100,
  extra: 0,
  extraDate: '',
  without: [] as string[],
  school: NONE,
  pin: NONE,
  pinDate: ''
})
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
  { id: NONE, name: words.none },
  ...purchases.value.map(({ offer }) => ({ id: offer, name: store.say?.offer(offer) ?? offer }))
])
const schoolOptions = [
  { id: NONE, name: words.none },
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
  picked.value = [...picked.value, one.id].slice(-MOST)
  draft.value = {
    name: '',
    income: 100,
    hours: 100,
    extra: 0,
    extraDate: '',
    without: [],
    school: NONE,
    pin: NONE,
    pinDate: ''
  }
}
function remove(one: Scenario): void {
  picked.value = picked.value.filter((id) => id !== one.id)
  store.run(steps.noScenario(one.name), (state) => ({
    ...state,
    scenarios: (state.scenarios ?? []).filter(({ id }) => id !== one.id)
  }))
}
function text(change: Scenario['change']): string {
  const { say } = store
  if (!say) return ''
  return words.changeText([
    ...(change.incomeTimes === undefined
      ? []
      : [`${words.income}: ${say.percent(change.incomeTimes)}`]),
    ...(change.hoursTimes === undefined
      ? []
      : [`${words.hours}: ${say.percent(change.hoursTimes)}`]),
    ...(change.extra === undefined
      ? []
      : [`${say.moved(change.extra.amount)} (${say.shortDay(change.extra.date)})`]),
    ...(change.school === undefined
      ? []
      : [schools.find(({ id }) => id === change.school)?.name ?? change.school]),
    ...(change.without ?? []).map((id) => `${words.without}: ${say.tool(id).toLowerCase()}`),
    ...(change.pins ?? []).map(({ offer, date }) => `${say.offer(offer)} ${say.shortDay(date)}`)
  ])
}
const options = computed(() => [
  { id: OWN, name: words.asItStands },
  ...kept.value.map(({ id, name }) => ({ id, name }))
])
const nameOf = (id: string): string => options.value.find((one) => one.id === id)?.name ?? id
function run(): void {
  compared.value = picked.value.slice(0, MOST)
  staging.compare(compared.value.map((id) => kept.value.find((one) => one.id === id) ?? null))
}
const shown = computed(() =>
  staging.outcomes.map((outcome, i) => ({
    name: nameOf(compared.value[i] ?? OWN),
    comes: outcome.comes
  }))
)
const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
const rows = computed(() => {
  const { say } = store
  const r = words.rows
  if (!say) return []
  const own = (builds: readonly { build: string }[]): number =>
    builds.filter(({ build }) => !build.startsWith('make/')).length
  return [
    [r.value, (i: number) => say.money(Math.round(shown.value[i]?.comes?.value ?? 0))],
    [r.builds, (i: number) => `${own(shown.value[i]?.comes?.builds ?? [])} / ${open.value.length}`],
    [r.spent, (i: number) => say.money(shown.value[i]?.comes?.spent ?? 0)],
    [r.tools, (i: number) => say.money(shown.value[i]?.comes?.spentOnTools ?? 0)],
    [r.hours, (i: number) => duration(shown.value[i]?.comes?.minutes ?? 0)],
    [r.loud, (i: number) => duration(Math.round(shown.value[i]?.comes?.loudMinutes ?? 0))],
    [r.risk, (i: number) => say.number((shown.value[i]?.comes?.riskMinutes ?? 0) / 60, 1)],
    [r.floor, (i: number) => `${say.number(shown.value[i]?.comes?.floorM2 ?? 0, 2)} m²`],
    [r.lowest, (i: number) => say.money(shown.value[i]?.comes?.lowest ?? 0)]
  ] as const
})
const doneDay = (i: number, build: string): string | undefined =>
  shown.value[i]?.comes?.builds.find((one) => one.build === build)?.done
/** Share of the plan's days at which a build is done, for the picture. */
const at = (done: string): number =>
  store.world
    ? Math.max(
        2,
        (100 * daysBetween(store.world.asOf, done)) /
          Math.max(1, daysBetween(store.world.asOf, store.world.until))
      )
    : 0
</script>

<template>
  <PlaceHead :title="words.scenariosTitle" :subtitle="words.scenariosSubtitle" />
  <StagesTabs />
  <section v-if="store.say" class="stack">
    <div class="row">
      <MultiSelect
        v-model="picked"
        :options="options"
        option-label="name"
        option-value="id"
        :selection-limit="MOST"
        display="comma"
        :max-selected-labels="4"
        :aria-label="words.chooseScenarios"
      />
      <Button
        size="small"
        :label="words.run"
        :disabled="picked.length === 0 || staging.thinking === 'scenarios'"
        @click="run"
      />
      <span v-if="staging.thinking === 'scenarios'" role="status" class="small soft"
        >{{ words.running(staging.outcomes.length, compared.length) }}
        <button type="button" class="link" @click="staging.halt()">{{ words.stop }}</button></span
      >
    </div>
    <div v-if="shown.length > 0" class="scroller wide">
      <table class="plain small">
        <thead>
          <tr>
            <th />
            <th v-for="(one, i) in shown" :key="i" scope="col">
              <bdi>{{ one.name }}</bdi><template v-if="!one.comes"> · {{ words.clash }}</template>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, cell] in rows" :key="name">
            <th scope="row">{{ name }}</th>
            <td v-for="(one, i) in shown" :key="i" class="figure">
              {{ one.comes ? cell(i) : '–' }}
            </td>
          </tr>
          <tr>
            <th scope="rowgroup" :colspan="shown.length + 1">{{ words.doneTitle }}</th>
          </tr>
          <tr v-for="build in open" :key="build.id">
            <th scope="row">
              <bdi>{{ build.name }}</bdi>
            </th>
            <td v-for="(one, i) in shown" :key="i">
              <span v-if="doneDay(i, build.id)" class="done"
                ><span class="bar" :style="{ width: `${at(doneDay(i, build.id) ?? '')}%` }" />{{
                  store.say.shortDay(doneDay(i, build.id) ?? '')
                }}</span
              ><span v-else class="soft">{{ words.never }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <TroubleLine :trouble="staging.failure" @again="run()" />
  </section>
  <div v-if="store.say && store.workspace" class="sides">
    <section class="stack draft">
      <TextField
        :label="words.name"
        :value="draft.name"
        :read="readName"
        width="16rem"
        @change="draft.name = $event as string"
      />
      <div class="row">
        <NumberField
          :label="`${words.income}, %`"
          :value="draft.income"
          :least="0"
          :most="1000"
          width="6rem"
          @change="draft.income = $event ?? 100"
        />
        <NumberField
          :label="`${words.hours}, %`"
          :value="draft.hours"
          :least="0"
          :most="1000"
          width="6rem"
          @change="draft.hours = $event ?? 100"
        />
      </div>
      <div class="row">
        <MoneyField
          :label="words.extra"
          :value="draft.extra"
          signed
          @change="draft.extra = $event ?? 0"
        />
        <DayField
          :label="words.extraDate"
          :value="draft.extraDate || (store.world?.asOf ?? '')"
          @change="draft.extraDate = $event ?? ''"
        />
      </div>
      <div class="row">
        <div class="field">
          <span id="sc-school" class="label">{{ words.school }}</span><Select
            v-model="draft.school"
            :options="schoolOptions"
            option-label="name"
            option-value="id"
            aria-labelledby="sc-school"
          />
        </div>
        <div class="field">
          <span id="sc-without" class="label">{{ words.without }}</span><MultiSelect
            v-model="draft.without"
            :options="tools"
            option-label="name"
            option-value="id"
            aria-labelledby="sc-without"
            :max-selected-labels="2"
            :placeholder="words.none"
          />
        </div>
      </div>
      <div class="row">
        <div class="field">
          <span id="sc-pin" class="label">{{ words.withPin }}</span><Select
            v-model="draft.pin"
            :options="pinnable"
            option-label="name"
            option-value="id"
            aria-labelledby="sc-pin"
          />
        </div>
        <DayField
          v-if="draft.pin !== NONE"
          :label="words.pinDate"
          :value="draft.pinDate || (store.world?.asOf ?? '')"
          @change="draft.pinDate = $event ?? ''"
        />
      </div>
      <Button size="small" :label="words.add" @click="keep" />
      <ul class="plain-list small">
        <li v-for="one in kept" :key="one.id">
          <span class="strong"
            ><bdi>{{ one.name }}</bdi></span
          ><template v-if="one.name !== text(one.change)"> · {{ text(one.change) }}</template>
          <button type="button" class="link" @click="remove(one)">{{ words.remove }}</button>
        </li>
      </ul>
    </section>
    <section class="stack">
      <h2>{{ words.curveTitle }}</h2>
      <CurveChart
        v-if="staging.curve.length > 0"
        :points="staging.curve"
        :currency="store.workspace.money.currency"
      />
      <p class="caption">{{ words.curveCaption }}</p>
      <div class="row">
        <Button
          size="small"
          severity="secondary"
          :label="words.curveRun"
          :disabled="!planning.plan || staging.thinking === 'curve'"
          @click="staging.drawCurve()"
        />
        <span v-if="staging.thinking === 'curve'" role="status" class="small soft"
          >{{ words.running(staging.curve.length, 9) }}
          <button type="button" class="link" @click="staging.halt()">{{ words.stop }}</button></span
        >
        <button
          v-if="staging.curve.length > 0"
          type="button"
          class="link small"
          :aria-expanded="table"
          @click="table = !table"
        >
          {{ words.asTable }}
        </button>
      </div>
      <table v-if="table && staging.curve.length > 0" class="plain small">
        <tbody>
          <tr v-for="point in staging.curve" :key="point.factor">
            <th scope="row">{{ store.say.money(point.money) }}</th>
            <td class="figure">{{ point.builds }}</td>
            <td class="figure">{{ store.say.money(point.spent) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.5rem 2rem;
  align-items: start;
}
.draft {
  justify-items: start;
}
.done {
  display: grid;
  gap: 0.1rem;
  min-width: 6rem;
}
.bar {
  height: 5px;
  background: var(--planned);
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

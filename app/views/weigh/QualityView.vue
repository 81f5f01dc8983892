<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Power } from '../../../core/catalogue'
import { toolOfPurchase } from '../../../core/explain'
import WideBox from '../../parts/WideBox.vue'
import NumberField from '../../parts/NumberField.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { usePlanning } from '../../stores/planning'
import { useWeighing } from '../../stores/weighing'
import { useToolOptions } from '../../parts/tool-options'
import { useWorkspace } from '../../stores/workspace'
import { quality as words } from '../../words/quality'
import SpendSplit from './SpendSplit.vue'
import { useTierRegrets } from './tier-regrets'
import WeighTabs from './WeighTabs.vue'

const OwnershipChart = defineAsyncComponent(() => import('./OwnershipChart.vue'))

const store = useWorkspace()
const planning = usePlanning()
const weighing = useWeighing()
const route = useRoute()
const tool = ref<string>()
const power = ref<Power>('hand')
const limit = ref<number>()
const table = ref(false)

const known = computed(() => store.world?.library)
const isText = (value: unknown): value is string => typeof value === 'string'
const options = useToolOptions()
const forms = computed(() =>
  (known.value?.tools.get(tool.value ?? '')?.forms ?? []).map((form) => ({
    id: form.power,
    name: words.powerName[form.power] ?? form.power
  }))
)
/** Bought tools of the plan, in order; else what heads the ranking. */
const planned = computed(() => {
  const { world } = store
  const bought = world
    ? (planning.plan?.purchases ?? []).flatMap((purchase) => toolOfPurchase(world, purchase) ?? [])
    : []
  return [...new Set(bought)].filter((id) => known.value?.tools.get(id)?.kind === 'tool')
})

onMounted(() => {
  weighing.weigh(false)
  const asked = route.query.tool
  choose(isText(asked) ? asked : (planned.value[0] ?? weighing.ranking?.candidates[0]?.lead.tool))
})
watch(
  () => weighing.ranking,
  () => {
    if (tool.value === undefined) choose(weighing.ranking?.candidates[0]?.lead.tool)
  }
)
function choose(id: string | undefined): void {
  if (id === undefined) return
  tool.value = id
  limit.value = undefined
  const asked = route.query.power
  const all = known.value?.tools.get(id)?.forms ?? []
  power.value =
    all.find((form) => form.power === asked)?.power ??
    (
      all.find((form) => form.power === store.workspace?.preferences.power) ??
      [...all].sort((a, b) => a.points - b.points)[0]
    )?.power ??
    'hand'
}
watch(
  [tool, power, limit, () => weighing.hash],
  () => {
    if (tool.value !== undefined) weighing.own(tool.value, power.value, limit.value)
  },
  { immediate: true }
)

const view = computed(() =>
  weighing.ownership?.tool === tool.value ? weighing.ownership : undefined
)
const nameOf = (id: string): string => {
  const option = view.value?.options.find((one) => one.id === id)
  return option ? words.tenure(option.tenure) : id
}
/** The cheapest at the builds' hours among those that will do. */
const best = computed(
  () =>
    view.value?.stretches.find(({ to }) => (view.value?.hours ?? 0) <= to) ??
    view.value?.stretches.at(-1)
)
const { regretOf, taught } = useTierRegrets(view)
/** The cheapest to own at those hours, what one's own verdicts say of the tiers counted in. */
const toOwn = computed(
  () =>
    view.value &&
    [...view.value.options]
      .filter(
        ({ tenure, ruledOut }) => (tenure.kind === 'buy' || tenure.kind === 'trade-up') && !ruledOut
      )
      .sort((a, b) => a.parts.total + regretOf(a) - b.parts.total - regretOf(b))[0]
)
const title = computed(() =>
  view.value && toOwn.value && view.value.hours > 0 && store.say
    ? words.title(store.say.shortTool(view.value.tool), nameOf(toOwn.value.id))
    : words.titleNone
)
const lent = computed(() =>
  best.value &&
  (best.value.id === 'borrow' || best.value.id === 'hire') &&
  (view.value?.hours ?? 0) > 0
    ? words.borrowFirst(
        words.borrowName[best.value.id] ?? '',
        store.say?.number(best.value.to) ?? ''
      )
    : undefined
)
/** Lines drawn: those that are cheapest somewhere, and the four new tiers. */
const drawn = computed(() =>
  [
    ...new Set([
      ...(view.value?.stretches.map(({ id }) => id) ?? []),
      'get-by/new',
      'weekend/new',
      'trade/new',
      'get-by>trade'
    ])
  ].filter((id) => view.value?.options.some((option) => option.id === id))
)
const rows = computed(() =>
  [...(view.value?.options ?? [])].sort((a, b) => a.parts.total - b.parts.total)
)
const hours = (value: number): string => store.say?.number(value, 0) ?? ''
</script>

<template>
  <PlaceHead :title="title" :subtitle="view ? lent : words.none" />
  <WeighTabs />
  <TroubleLine :trouble="weighing.failure" @again="weighing.weigh(false)" />
  <div v-if="store.say" class="row fields">
    <div class="field">
      <span id="quality-tool-label" class="label">{{ words.tool }}</span><Select
        aria-labelledby="quality-tool-label"
        :model-value="tool"
        :options="options"
        option-label="name"
        option-value="id"
        filter
        :filter-fields="['words']"
        @update:model-value="choose($event)"
      />
    </div>
    <div class="field">
      <span id="quality-power-label" class="label">{{ words.power }}</span><Select
        v-model="power"
        aria-labelledby="quality-power-label"
        :options="forms"
        option-label="name"
        option-value="id"
        :disabled="forms.length < 2"
      />
    </div>
    <NumberField
      :label="words.upTo"
      :value="limit ?? view?.limit"
      :least="1"
      :most="20000"
      @change="limit = $event"
    />
  </div>
  <template v-if="store.say && view">
    <p v-if="view.hours > 0">
      {{
        words.hours(
          store.say.number(view.hours, 1),
          view.builds
            .filter(({ hours: h }) => h >= 0.05)
            .map(({ build, hours: h }) => `${store.say!.build(build)} ${store.say!.number(h, 1)} h`)
            .join(', ')
        )
      }}
    </p>
    <p v-else class="attention">{{ words.noHours }}</p>
    <div class="two">
      <section>
        <h2>
          {{ words.chart(store.say.shortTool(view.tool)) }}
          <span class="soft small">{{ words.unit(store.workspace?.money.currency ?? '') }}</span>
        </h2>
        <OwnershipChart
          :view="view"
          :shown="drawn"
          :currency="store.workspace?.money.currency ?? 'EUR'"
        />
        <p class="caption">{{ words.chartCaption }}</p>
      </section>
      <section class="stack small">
        <div>
          <h3>{{ words.cheapest }}</h3>
          <ul class="plain-list">
            <li
              v-for="one in view.stretches.slice(0, 8)"
              :key="one.from"
              :class="{ strong: one === best }"
            >
              {{ words.stretch(hours(one.from), hours(one.to), nameOf(one.id)) }}
            </li>
          </ul>
        </div>
        <div>
          <h3>{{ words.ruledOutTitle }}</h3>
          <p v-for="(one, i) in view.ruledOut.slice(0, 6)" :key="i">
            {{ words.ruledOut(store.say, one) }}
          </p>
          <p v-if="view.ruledOut.length === 0">{{ words.noneRuledOut }}</p>
          <p v-for="line in taught" :key="line" class="attention">{{ line }}</p>
        </div>
        <p class="soft">{{ words.tiersNote }}</p>
        <p>
          <Button
            size="small"
            severity="secondary"
            :label="words.showTable"
            :aria-expanded="table"
            @click="table = !table"
          />
        </p>
      </section>
    </div>
    <section v-if="table">
      <h3>{{ words.table }}</h3>
      <WideBox>
        <table class="plain small">
          <thead>
            <tr>
              <th>{{ words.head.option }}</th>
              <th class="figure">{{ words.head.purchase }}</th>
              <th class="figure">{{ words.head.replacements }}</th>
              <th class="figure">{{ words.head.running }}</th>
              <th class="figure">{{ words.head.slower }}</th>
              <th class="figure">{{ words.head.resale }}</th>
              <th class="figure">{{ words.head.total }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="option in rows" :key="option.id" :class="{ soft: option.ruledOut }">
              <td :class="{ typical: option.typical }">{{ words.tenure(option.tenure) }}</td>
              <td
                v-for="(amount, i) in [
                  option.parts.purchase,
                  option.parts.replacements,
                  option.parts.consumables + option.parts.repairs,
                  option.parts.slower,
                  -option.parts.resale,
                  option.parts.total
                ]"
                :key="i"
                class="figure"
              >
                {{ store.say.money(Math.round(amount)) }}
              </td>
            </tr>
          </tbody>
        </table>
      </WideBox>
      <p class="caption">{{ words.typical }}</p>
    </section>
  </template>
  <SpendSplit :planned="planned" />
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.75rem 1.25rem;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
  gap: 1rem 2rem;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

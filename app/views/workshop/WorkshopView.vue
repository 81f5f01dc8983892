<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { floorOf, kitOf } from '../../../core/fit'
import { USUAL_HUMIDITY, type Humidity } from '../../../core/joinery'
import { floorFor, mostAmps } from '../../../core/workshop'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useWorkspace } from '../../stores/workspace'
import { floor as floorWords } from '../../words/floor'
import { settings } from '../../words/settings'
import { steps } from '../../words/steps'
import { workshop as words } from '../../words/workshop'
import WorkshopHours from './WorkshopHours.vue'
import WorkshopTabs from './WorkshopTabs.vue'
import { useSetWorkshop } from './set-workshop'

const store = useWorkspace()
const shop = computed(() => store.workspace?.workshop)
const used = computed(() =>
  store.world ? floorOf(kitOf(store.world.library, store.world.workspace.items)) : 0
)
/** The limits at a glance, as the head of the page. */
const title = computed(() => {
  const { workspace, say } = store
  if (!workspace || !say || !shop.value) return words.title
  const { floorM2, volts, plan } = shop.value
  const amps = mostAmps(shop.value)
  const power =
    amps === undefined ? words.mains(volts) : words.current(say.number(Math.max(0, amps), 1), volts)
  return words.answer(
    say.duration(workspace.time.minutesPerWeek),
    {
      used: say.number(used.value, 1),
      most: floorM2 === undefined || plan ? undefined : say.number(floorM2, 1)
    },
    power
  )
})
const suggested = computed(() => (shop.value?.room ? floorFor(shop.value.room) : undefined))
const set = useSetWorkshop()
function room(side: 'lengthM' | 'widthM', value: number | undefined): void {
  const next = {
    lengthM: shop.value?.room?.lengthM ?? 0,
    widthM: shop.value?.room?.widthM ?? 0,
    [side]: value ?? 0
  }
  set({ room: next.lengthM === 0 && next.widthM === 0 ? undefined : next })
}
const humidity = computed(() => shop.value?.humidity ?? USUAL_HUMIDITY)
const setHumidity = (next: Partial<Humidity>): void =>
  set({ humidity: { ...humidity.value, ...next } })

function cap(value: number | undefined): void {
  store.run(steps.money(), (state) => {
    const { cap: _former, ...money } = state.money
    return { ...state, money: value === undefined ? money : { ...money, cap: value } }
  })
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle" />
  <WorkshopTabs />
  <p class="caption">{{ words.caption }}</p>
  <div v-if="store.workspace && store.say && shop" class="columns">
    <section class="stack">
      <h2>{{ words.roomTitle }}</h2>
      <template v-if="!shop.plan">
        <div class="row">
          <NumberField
            :label="words.length"
            :value="shop.room?.lengthM"
            :least="0"
            :most="1000"
            width="6rem"
            optional
            @change="room('lengthM', $event)"
          />
          <NumberField
            :label="words.width"
            :value="shop.room?.widthM"
            :least="0"
            :most="1000"
            width="6rem"
            optional
            @change="room('widthM', $event)"
          />
        </div>
        <NumberField
          :label="words.floor"
          :value="shop.floorM2"
          :least="0"
          :most="10000"
          width="6rem"
          optional
          @change="set({ floorM2: $event })"
        />
        <p class="caption">{{ words.floorWhy(store.say.number(used, 2)) }}</p>
        <p v-if="suggested !== undefined && suggested > 0" class="caption">
          {{ words.floorFrom(store.say.number(suggested, 1)) }}
          <button
            v-if="suggested !== shop.floorM2"
            type="button"
            class="link"
            @click="set({ floorM2: suggested })"
          >
            {{ words.takeFloor(store.say.number(suggested, 1)) }}
          </button>
        </p>
      </template>
      <p v-else class="caption">
        {{ floorWords.rule }} <RouterLink to="/workshop">{{ floorWords.tabs.floor }}</RouterLink>
      </p>
      <div class="field">
        <span id="walls-label" class="label">{{ words.walls }}</span><Select
          :model-value="shop.walls ?? 'any'"
          :options="[...words.wallKinds]"
          option-label="name"
          option-value="id"
          aria-labelledby="walls-label"
          @update:model-value="set({ walls: $event === 'any' ? undefined : $event })"
        />
      </div>
      <p class="caption">{{ words.wallsWhy }}</p>
      <h2>{{ words.moneyTitle }}</h2>
      <MoneyField :label="words.cap" :value="store.workspace.money.cap" optional @change="cap" />
      <p class="caption">{{ words.capWhy }}</p>
    </section>
    <section class="stack">
      <WorkshopHours />
      <h3>{{ settings.humidity }}</h3>
      <p class="caption">{{ settings.humidityHint }}</p>
      <div class="row">
        <NumberField
          :label="settings.driest"
          width="5rem"
          :value="humidity.low"
          :least="1"
          :most="humidity.high - 1"
          @change="setHumidity({ low: $event ?? humidity.low })"
        />
        <NumberField
          :label="settings.dampest"
          width="5rem"
          :value="humidity.high"
          :least="humidity.low + 1"
          :most="98"
          @change="setHumidity({ high: $event ?? humidity.high })"
        />
      </div>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(19rem, 1fr));
  gap: 1.5rem 2.5rem;
  align-items: start;
}
.stack {
  justify-items: start;
}
</style>

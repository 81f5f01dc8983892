<script setup lang="ts">
import { computed } from 'vue'
import { lookBack, type Wrong } from '../../../core/against'
import { pricedTimes } from '../../../core/prices'
import type { Scenario } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { duration } from '../../words/say'
import OfferRow from './OfferRow.vue'

/** Kept plans beside what came, how good their chances were, and what to set otherwise. */
const store = useWorkspace()
const found = computed(() =>
  store.world ? lookBack(store.world, store.world.workspace.adopted) : undefined
)
/** The newest first; the last few are what anybody remembers. */
const SHOWN = 5
const plans = computed(() =>
  [...(found.value?.plans ?? [])]
    .filter(({ builds }) => builds.length > 0)
    .reverse()
    .slice(0, SHOWN)
)
const settings = computed(() => (found.value?.wrong ?? []).map((one) => ({ one, ...offerOf(one) })))
interface Offer {
  readonly text: string
  readonly label?: string
  readonly change?: Scenario['change']
}
/** What is said of a default that was off, what to set otherwise, and as which change the plan is asked about it. */
function offerOf(one: Wrong): Offer {
  const { say, workspace } = store
  if (!say || !workspace) return { text: '' }
  if (one.kind === 'hours')
    return {
      text: words.wrong.hours(say, one.planned, one.real),
      label: words.setHours(duration(one.real)),
      change: { hoursTimes: one.real / Math.max(1, one.planned) }
    }
  if (one.kind === 'prices')
    return {
      text: words.wrong.prices(say, one.times),
      label: words.setPrices(say.percent(one.times)),
      change: { pricesTimes: one.times }
    }
  const text = words.wrong.times(say, one.times, one.builds)
  return workspace.preferences.byTheBook ? { text, label: words.setPace } : { text }
}
function apply(one: Wrong): void {
  const { world } = store
  if (!world) return
  store.run(words.steps.settings, (state) => {
    const { preferences, money, time } = state
    if (one.kind === 'hours')
      return { ...state, time: { ...time, minutesPerWeek: Math.max(1, one.real) } }
    if (one.kind === 'prices')
      return {
        ...state,
        money: { ...money, minorPer100Points: pricedTimes(world.pricing, one.times) }
      }
    const { byTheBook: _off, ...rest } = preferences
    return { ...state, preferences: rest }
  })
}
</script>

<template>
  <section v-if="store.say && found" class="stack">
    <h2>{{ words.trueTitle }}</h2>
    <p v-if="plans.length === 0" class="soft">{{ words.trueNone }}</p>
    <template v-else>
      <h3>{{ words.wrongTitle }}</h3>
      <p v-if="found.wrong.length === 0" class="soft">{{ words.wrongNone }}</p>
      <ul v-else class="plain-list">
        <OfferRow
          v-for="{ one, ...offer } in settings"
          :id="one.kind"
          :key="one.kind"
          v-bind="offer"
          @apply="apply(one)"
        />
      </ul>
      <template v-for="plan in plans" :key="plan.on">
        <h3>{{ words.planOf(store.say.day(plan.on)) }}</h3>
        <WideBox>
          <table class="plain">
            <thead>
              <tr>
                <th scope="col">{{ words.builds }}</th>
                <th scope="col">{{ words.planned }}</th>
                <th scope="col">{{ words.came }}</th>
                <th scope="col" class="figure">{{ words.hours }}</th>
                <th scope="col" class="figure">{{ words.money }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in plan.builds" :key="one.build">
                <th scope="row">{{ store.say.build(one.build) }}</th>
                <td>{{ store.say.day(one.plannedDone) }}</td>
                <td>
                  {{ one.done === undefined ? words.notYet : store.say.day(one.done) }}
                  <span class="soft small">{{ words.late(one.late) }}</span>
                </td>
                <td class="figure">
                  {{ duration(one.plannedMinutes) }} ·
                  {{ one.minutes === undefined ? '–' : duration(one.minutes) }}
                </td>
                <td class="figure">
                  {{ store.say.money(one.planned) }} · {{ store.say.money(one.actual) }}
                </td>
              </tr>
            </tbody>
          </table>
        </WideBox>
      </template>
      <template v-if="found.calibration">
        <h3>{{ words.calibrationTitle }}</h3>
        <p class="caption">{{ words.calibration(store.say, found.calibration.brier) }}</p>
        <table class="plain bins">
          <thead>
            <tr>
              <th scope="col" class="figure">{{ words.said }}</th>
              <th scope="col" class="figure">{{ words.cameTrue }}</th>
              <th scope="col" class="figure">{{ words.count }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="bin in found.calibration.bins" :key="bin.said">
              <td class="figure">{{ store.say.percent(bin.said) }}</td>
              <td class="figure">{{ store.say.percent(bin.came) }}</td>
              <td class="figure">{{ bin.count }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </template>
  </section>
</template>

<style scoped>
.bins {
  max-width: 24rem;
}
</style>

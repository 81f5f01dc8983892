<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { lookBack, type Wrong } from '../../../core/against'
import WideBox from '../../parts/WideBox.vue'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { duration } from '../../words/say'

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
const wrongText = (one: Wrong): string => {
  const { say } = store
  if (!say) return ''
  return one.kind === 'hours'
    ? words.wrong.hours(say, one.planned, one.real)
    : one.kind === 'prices'
      ? words.wrong.prices(say, one.times)
      : words.wrong.times(say, one.times, one.builds)
}
const setHours = (minutesPerWeek: number): void =>
  void store.run(words.steps.hours, (state) => ({
    ...state,
    time: { ...state.time, minutesPerWeek }
  }))
</script>

<template>
  <section v-if="store.say && found" class="stack">
    <h2>{{ words.trueTitle }}</h2>
    <p v-if="plans.length === 0" class="soft">{{ words.trueNone }}</p>
    <template v-else>
      <h3>{{ words.wrongTitle }}</h3>
      <p v-if="found.wrong.length === 0" class="soft">{{ words.wrongNone }}</p>
      <ul v-else class="plain-list">
        <li v-for="one in found.wrong" :key="one.kind" class="row wrong">
          <span>{{ wrongText(one) }}</span>
          <Button
            v-if="one.kind === 'hours'"
            size="small"
            :label="words.setHours(duration(one.real))"
            @click="setHours(one.real)"
          />
        </li>
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
.wrong {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  background-color: var(--paper-raised);
}
.bins {
  max-width: 24rem;
}
</style>

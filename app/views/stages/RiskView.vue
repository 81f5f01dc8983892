<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import WideBox from '../../parts/WideBox.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useStaging } from '../../stores/staging'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { stages as words } from '../../words/stages'
import { riskWords } from '../../words/risk'
import { scenarioWords } from '../../words/scenarios'
import StagesTabs from './StagesTabs.vue'

const FanChart = defineAsyncComponent(() => import('./FanChart.vue'))
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const table = ref(false)
/** Whoever opens this place asks; a plan that changes is followed again. */
watch(
  () => planning.plan,
  (plan) => {
    if (plan && plan.builds.length > 0) staging.weighRisk()
  },
  { immediate: true }
)
const title = computed(() => {
  const builds = staging.risk?.builds ?? []
  const likely = builds.filter(({ chance }) => chance >= 0.5).length
  return builds.length > 0 ? riskWords.riskAnswer(likely, builds.length) : riskWords.riskTitle
})
const days = computed(
  () => staging.risk?.fan.map(({ date }) => store.say?.shortDay(date) ?? date) ?? []
)
/** Width of a chance's bar, in per cent of its cell; certain ends short of the next column. */
const bar = (chance: number): string => `${Math.round(chance * 90)}%`
</script>

<template>
  <PlaceHead :title="title" :subtitle="riskWords.riskSubtitle">
    <Button
      v-if="staging.thinking === 'risk'"
      severity="secondary"
      :label="words.stop"
      @click="staging.halt()"
    />
    <Button
      v-else-if="planning.plan && !staging.risk"
      :label="riskWords.riskRun"
      @click="staging.weighRisk()"
    />
  </PlaceHead>
  <StagesTabs />
  <p v-if="!planning.plan || planning.plan.builds.length === 0">{{ words.noBuildsHint }}</p>
  <template v-if="staging.risk && store.say && store.workspace">
    <p v-if="staging.thinking === 'risk'" role="status" class="small soft">
      {{ riskWords.riskWorking(staging.risk.samples) }}
    </p>
    <div class="sides">
      <section class="stack">
        <WideBox>
          <table class="plain small">
            <thead>
              <tr>
                <th scope="col">{{ riskWords.riskTable.build }}</th>
                <th scope="col">{{ riskWords.riskTable.chance }}</th>
                <th scope="col">{{ riskWords.riskTable.by }}</th>
                <th scope="col">{{ riskWords.riskTable.half }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(one, index) in staging.risk.builds" :key="index">
                <th scope="row">
                  <bdi>{{ store.say.planned(one) }}</bdi>
                </th>
                <td class="chance">
                  <span class="bar" :style="{ width: bar(one.chance) }" /><span class="figure">{{
                    store.say.percent(one.chance)
                  }}</span>
                </td>
                <td>{{ riskWords.riskBy(store.say.shortDay(one.by), one.wished) }}</td>
                <td>
                  {{
                    one.half === undefined
                      ? riskWords.riskHalfNever
                      : riskWords.riskHalf(store.say.shortDay(one.half))
                  }}
                </td>
              </tr>
            </tbody>
          </table>
        </WideBox>
        <p class="strong">
          {{ riskWords.riskBelow(store.say.percent(staging.risk.belowReserve)) }}
        </p>
        <p class="caption">{{ riskWords.assumed }}</p>
      </section>
      <section class="stack">
        <h2>{{ riskWords.fanTitle }}</h2>
        <FanChart
          :fan="staging.risk.fan"
          :reserve="store.workspace.money.reserve"
          :currency="store.workspace.money.currency"
          :days="days"
        />
        <p class="caption">{{ riskWords.fanCaption }}</p>
        <button type="button" class="link small" :aria-expanded="table" @click="table = !table">
          {{ scenarioWords.asTable }}
        </button>
        <WideBox v-if="table">
          <table class="plain small">
            <thead>
              <tr>
                <th scope="col" />
                <th
                  v-for="share in ['5 %', '25 %', '50 %', '75 %', '95 %']"
                  :key="share"
                  scope="col"
                >
                  {{ share }}
                </th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="(point, i) in staging.risk.fan.filter((_, k) => k % 4 === 0)"
                :key="point.date"
              >
                <th scope="row">{{ days[i * 4] }}</th>
                <td v-for="(value, k) in point.quantiles" :key="k" class="figure">
                  {{ store.say.money(Math.round(value)) }}
                </td>
              </tr>
            </tbody>
          </table>
        </WideBox>
      </section>
    </div>
  </template>
  <TroubleLine :trouble="staging.failure" @again="staging.weighRisk()" />
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.5rem 2rem;
  align-items: start;
}
.chance {
  position: relative;
  min-width: 7rem;
  vertical-align: middle;
}
.bar {
  position: absolute;
  left: 0;
  top: 20%;
  height: 60%;
  background: var(--planned-wash);
  border-right: 2px solid var(--planned);
}
.chance .figure {
  position: relative;
  padding-left: 0.3rem;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

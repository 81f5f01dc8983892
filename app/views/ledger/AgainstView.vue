<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { againstPlan, shiftsBetween, type AgainstTool } from '../../../core/against'
import WideBox from '../../parts/WideBox.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { ledger } from '../../words/ledger'
import { against as words } from '../../words/against'
import LedgerTabs from './LedgerTabs.vue'

const AgainstChart = defineAsyncComponent(() => import('./AgainstChart.vue'))

/** A plan that was kept, laid over what really happened; and what the difference does to the rest. */
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const kept = computed(() =>
  (store.workspace?.adopted ?? []).map((plan, index) => ({
    index,
    plan,
    day: plan.kept?.on ?? plan.asOf,
    name: words.planOf(store.say?.day(plan.kept?.on ?? plan.asOf) ?? plan.asOf)
  }))
)
const chosen = ref<number>()
const current = computed(
  () => kept.value.find(({ index }) => index === chosen.value) ?? kept.value.at(-1)
)
const laid = computed(() =>
  store.world && current.value ? againstPlan(store.world, current.value.plan) : undefined
)
const name = ({ tool }: AgainstTool): string =>
  store.world?.library.tools.has(tool)
    ? (store.say?.tool(tool) ?? tool)
    : (store.workspace?.bundles?.find(({ id }) => id === tool)?.name ?? tool)
const title = computed(() => {
  const { say } = store
  if (!laid.value || !say) return words.titleNone
  const { ahead } = laid.value
  return ahead === 0
    ? words.even
    : ahead > 0
      ? words.ahead(say.money(ahead))
      : words.behind(say.money(-ahead))
})
const alreadyKept = computed(
  () =>
    planning.plan !== undefined &&
    kept.value.some(
      ({ plan }) =>
        plan.workspace.hash === planning.plan?.workspace.hash && plan.asOf === planning.plan.asOf
    )
)

/** The rest of the plan as it is, and as it would be with the money the kept plan had for today. */
function askRest(): void {
  const { world } = store
  if (!world || !laid.value) return
  staging.compare([
    null,
    {
      id: 'as-planned',
      name: words.asPlanned,
      change: { extra: { date: world.asOf, amount: -laid.value.ahead } }
    }
  ])
}
const rest = computed(() => {
  const { say } = store
  const [asIs, planned] = [
    staging.outcomes.find(({ scenario }) => scenario === '')?.comes,
    staging.outcomes.find(({ scenario }) => scenario === 'as-planned')?.comes
  ]
  if (!say || !asIs || !planned) return undefined
  return {
    builds: shiftsBetween(asIs, planned).map(({ build, here, there }) =>
      words.shift(say.build(build), say, here, there)
    ),
    spent: words.restSpent(say.money(asIs.spent), say.money(planned.spent))
  }
})
</script>

<template>
  <PlaceHead
    :title="title"
    :subtitle="current && store.say ? words.subtitle(store.say.day(current.day)) : words.none"
  >
    <Button
      severity="secondary"
      :label="words.keep"
      :disabled="!planning.plan || alreadyKept"
      @click="planning.keep"
    />
  </PlaceHead>
  <LedgerTabs />
  <div v-if="laid && current && store.say && store.workspace" class="stack">
    <div class="field pick">
      <span id="plan-label" class="label">{{ words.which }}</span><Select
        :model-value="current.index"
        :options="kept"
        option-label="name"
        option-value="index"
        aria-labelledby="plan-label"
        @update:model-value="chosen = $event"
      />
    </div>
    <AgainstChart
      :planned="laid.planned"
      :actual="laid.actual"
      :currency="store.workspace.money.currency"
    />
    <p class="caption">{{ words.chart }}</p>
    <div class="columns">
      <section :aria-label="words.stages" class="stack">
        <h2>{{ words.stages }}</h2>
        <WideBox
          ><table class="plain">
            <thead>
              <tr>
                <th>{{ words.from }}</th>
                <th class="figure">{{ words.inPlanned }}</th>
                <th class="figure">{{ words.inActual }}</th>
                <th class="figure">{{ words.outPlanned }}</th>
                <th class="figure">{{ words.outActual }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in laid.stages" :key="one.start">
                <td>{{ store.say.day(one.start) }}</td>
                <td class="figure soft">{{ store.say.money(one.plannedIn) }}</td>
                <td class="figure" :class="{ strong: one.actualIn !== one.plannedIn }">
                  {{ store.say.money(one.actualIn) }}
                </td>
                <td class="figure soft">{{ store.say.money(one.plannedOut) }}</td>
                <td class="figure" :class="{ strong: one.actualOut !== one.plannedOut }">
                  {{ store.say.money(one.actualOut) }}
                </td>
              </tr>
            </tbody>
            <tfoot>
              <tr>
                <th>{{ words.total }}</th>
                <td class="figure soft">{{ store.say.money(laid.total.plannedIn) }}</td>
                <td class="figure strong">{{ store.say.money(laid.total.actualIn) }}</td>
                <td class="figure soft">{{ store.say.money(laid.total.plannedOut) }}</td>
                <td class="figure strong">{{ store.say.money(laid.total.actualOut) }}</td>
              </tr>
            </tfoot>
          </table></WideBox
        >
        <h2>{{ words.builds }}</h2>
        <WideBox
          ><table class="plain">
            <thead>
              <tr>
                <th>{{ words.build }}</th>
                <th>{{ words.plannedDone }}</th>
                <th>{{ words.done }}</th>
                <th class="figure">{{ ledger.planned }}</th>
                <th class="figure">{{ words.paid }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in laid.builds" :key="one.build">
                <td>
                  <bdi>{{ store.say.build(one.build) }}</bdi>
                </td>
                <td>{{ store.say.shortDay(one.plannedDone) }}</td>
                <td>{{ one.done === undefined ? words.notYet : store.say.shortDay(one.done) }}</td>
                <td class="figure soft">{{ store.say.money(one.planned) }}</td>
                <td class="figure">{{ store.say.money(one.actual) }}</td>
              </tr>
            </tbody>
          </table></WideBox
        >
      </section>
      <section :aria-label="words.tools" class="stack">
        <h2>{{ words.tools }}</h2>
        <WideBox
          ><table class="plain">
            <thead>
              <tr>
                <th>{{ words.tool }}</th>
                <th>{{ words.how }}</th>
                <th class="figure">{{ ledger.planned }}</th>
                <th class="figure">{{ words.paid }}</th>
                <th class="figure">{{ words.difference }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in laid.tools" :key="one.tool">
                <td>
                  <bdi>{{ name(one) }}</bdi>
                </td>
                <td class="small">
                  {{ words.kinds[one.kind]
                  }}<span class="soft"> · {{ words.dates(store.say, one) }}</span>
                </td>
                <td class="figure soft">
                  {{ one.planned === 0 ? '' : store.say.money(one.planned) }}
                </td>
                <td class="figure">
                  {{ one.boughtOn === undefined ? '' : store.say.money(one.actual) }}
                </td>
                <td class="figure strong">
                  {{
                    one.boughtOn === undefined || one.planned === 0
                      ? ''
                      : store.say.moved(one.planned - one.actual)
                  }}
                </td>
              </tr>
            </tbody>
          </table></WideBox
        >
        <h2>{{ words.rest }}</h2>
        <p v-if="laid.ahead === 0">{{ words.restEven }}</p>
        <template v-else>
          <p class="caption">{{ words.restHint(store.say.moved(laid.ahead)) }}</p>
          <div>
            <Button
              size="small"
              severity="secondary"
              :label="words.restAsk"
              :disabled="staging.thinking === 'scenarios'"
              @click="askRest"
            />
          </div>
          <p v-if="staging.thinking === 'scenarios'" role="status" class="soft">
            {{ words.restThinking }}
          </p>
          <template v-if="rest">
            <p v-if="rest.builds.length === 0">{{ words.restSame }}</p>
            <ul v-else class="plain-list">
              <li v-for="one in rest.builds" :key="one">
                <bdi>{{ one }}</bdi>
              </li>
            </ul>
            <p class="small soft">{{ rest.spent }}</p>
          </template>
        </template>
      </section>
    </div>
  </div>
</template>

<style scoped>
.pick {
  max-width: 18rem;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 1.5rem 2.5rem;
  align-items: start;
}
tfoot th,
tfoot td {
  border-top: 1px solid var(--graphite);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Earns } from '../../../core/sidework'
import PlaceHead from '../../parts/PlaceHead.vue'
import WideBox from '../../parts/WideBox.vue'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { side } from '../../words/side'
import { sideTools as words } from '../../words/side-books'
import FlowsBack from './FlowsBack.vue'
import SideTabs from './SideTabs.vue'

/** What each tool in view does to what is made for sale, and where growing stops paying. */
const store = useWorkspace()
const work = useSideWork()
const MINUTES = 60
watch(() => [work.ground, store.plan], work.askEarns, { immediate: true })
const tools = computed(() => work.earns?.tools ?? [])
const soonest = computed(() => tools.value.find(({ day }) => day !== undefined))
const title = computed(() => {
  const { say } = store
  if (!say || !work.earns) return side.working
  const one = soonest.value
  return one?.pieces !== undefined && one.day !== undefined
    ? words.title(say, one.id, one.pieces, one.day)
    : words.none
})
const subtitle = computed(() =>
  store.say && work.earns ? words.subtitle(store.say, work.earns) : words.working
)
const stops = computed(() => {
  const { say } = store
  const { earns } = work
  if (!say || !earns || tools.value.length === 0) return undefined
  return words.stops(say, earns, joined(earns.grows.map((id) => say.shortTool(id))))
})
const names = (one: Earns): string => joined(one.opens.map((id) => store.say?.build(id) ?? id))
const grows = computed(() => new Set(work.earns?.grows))
/** What neither brings money nor saves time is not worth a line. */
const shown = computed(() =>
  tools.value.filter(
    ({ perMonth, hoursPerMonth, opens }) =>
      perMonth > 0 || hoursPerMonth * MINUTES >= 1 || opens.length > 0
  )
)
const others = computed(() =>
  joined(
    tools.value
      .filter((one) => !shown.value.includes(one))
      .map(({ id }) => store.say?.shortTool(id) ?? id)
  )
)
const commissions = computed(() =>
  tools.value
    .filter(({ commission, perMonth, opens }) => commission && (perMonth > 0 || opens.length > 0))
    .slice(0, 3)
)
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle" steady />
  <SideTabs />
  <div v-if="store.say && work.earns" class="stack">
    <p v-if="soonest === undefined" class="soft">{{ words.noneHint }}</p>
    <p v-if="stops" class="stops">{{ stops }}</p>
    <p class="caption">{{ words.caption }}</p>
    <WideBox>
      <table class="plain">
        <caption class="visually-hidden">
          {{
            side.tabs.tools
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ words.tool }}</th>
            <th class="figure">{{ words.cost }}</th>
            <th class="figure">{{ words.brings }}</th>
            <th class="figure">{{ words.pieces }}</th>
            <th>{{ words.paid }}</th>
            <th>{{ words.spread }}</th>
            <th class="figure">{{ words.saves }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in shown" :key="one.id" :class="{ pays: grows.has(one.id) }">
            <td>
              <span class="strong">{{ store.say.shortTool(one.id) }}</span>
              <span v-if="one.opens.length > 0" class="small soft block">{{
                words.opens(names(one))
              }}</span>
            </td>
            <td class="figure">{{ store.say.money(one.cost) }}</td>
            <td class="figure">
              {{
                one.perMonth > 0 ? store.say.money(store.say.about(Math.round(one.perMonth))) : '–'
              }}
            </td>
            <td class="figure">{{ one.pieces ?? '–' }}</td>
            <td>
              <template v-if="one.day !== undefined"
                >{{ store.say.day(one.day)
                }}<span
                  v-if="one.dayByShare !== undefined && one.dayByShare !== one.day"
                  class="small soft block"
                  >{{ store.say.day(one.dayByShare) }} {{ words.byShare }}</span
                ></template
              ><span v-else class="soft">{{ words.never }}</span>
            </td>
            <td>
              {{ one.spread ? words.spreadText(one.spread.early, one.spread.late) : '–' }}
            </td>
            <td class="figure">
              {{
                one.hoursPerMonth * MINUTES >= 1 ? words.hours(one.hoursPerMonth * MINUTES) : '–'
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <p v-if="others !== ''" class="small soft">{{ words.others(others) }}</p>
    <p class="caption">{{ words.spreadHint }}</p>
    <p v-for="one in commissions" :key="one.id" class="small">
      <span class="strong">{{ store.say.shortTool(one.id) }}:</span>
      {{ words.commission(store.say, one) }}
    </p>
    <FlowsBack />
    <p class="caption">{{ side.advice }}</p>
  </div>
</template>

<style scoped>
.stops {
  border-left: 3px solid var(--planned);
  padding-left: 0.8rem;
  max-width: 60rem;
}
.block {
  display: block;
}
tr.pays td:first-child {
  border-left: 3px solid var(--planned);
  padding-left: 0.5rem;
}
</style>

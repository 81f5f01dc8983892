<script setup lang="ts">
import { computed, watch } from 'vue'
import { isForSale } from '../../../core/builds'
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
/** What growing begins with; where nothing is to grow with, what is paid soonest. */
const soonest = computed(
  () => work.earns?.grows[0] ?? tools.value.find(({ day }) => day !== undefined)
)
const isAnySold = computed(() => (store.workspace?.builds ?? []).some(isForSale))
const title = computed(() => {
  const { say } = store
  if (!say || !work.earns) return side.working
  const one = soonest.value
  return one?.pieces !== undefined && one.day !== undefined
    ? words.title(say, one, one.pieces, one.day)
    : isAnySold.value
      ? words.none
      : side.nothing
})
const subtitle = computed(() =>
  store.say && work.earns ? words.subtitle(store.say, work.earns) : words.working
)
const stops = computed(() => {
  const { say } = store
  const { earns } = work
  if (!say || !earns || tools.value.length === 0) return undefined
  return words.stops(say, earns, joined(earns.grows.map((one) => words.named(say, one))))
})
const parts = ({ id, along }: Earns): string =>
  joined([id, ...along].map((tool) => store.say?.shortTool(tool) ?? tool))
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
    <p v-if="!isAnySold">
      {{ side.nothingHint }} <RouterLink to="/builds">{{ side.toBuilds }}</RouterLink>
    </p>
    <p v-else-if="soonest === undefined" class="soft">
      {{ work.earns.month.made.length > 0 ? words.noneHint : words.cannotHint }}
    </p>
    <p v-if="stops && isAnySold" class="stops">{{ stops }}</p>
    <p v-if="shown.length > 0" class="caption">
      {{ words.caption }}
      <template v-if="work.earns.beside !== undefined">{{
        words.beside(store.say.build(work.earns.beside))
      }}</template>
    </p>
    <WideBox v-if="shown.length > 0">
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
          <tr
            v-for="one in shown"
            :key="`${one.id} ${one.kitFor ?? ''}`"
            :class="{ pays: grows.has(one) }"
          >
            <td>
              <template v-if="one.kitFor !== undefined">
                <RouterLink :to="`/builds/${one.kitFor}`" class="strong">{{
                  words.kitFor(store.say.build(one.kitFor))
                }}</RouterLink>
                <span class="small soft block">{{ parts(one) }}</span>
              </template>
              <template v-else>
                <span class="strong">{{ store.say.shortTool(one.id) }}</span>
                <span v-if="one.opens.length > 0" class="small soft block">{{
                  words.opens(names(one))
                }}</span>
              </template>
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
    <p v-for="one in commissions" :key="`${one.id} ${one.kitFor ?? ''}`" class="small">
      <span class="strong"
        >{{
          one.kitFor === undefined
            ? store.say.shortTool(one.id)
            : words.kitFor(store.say.build(one.kitFor))
        }}:</span
      >
      {{ words.commission(store.say, one) }}
    </p>
    <FlowsBack />
    <p class="caption">{{ side.advice }}</p>
  </div>
</template>

<style scoped>
table {
  min-width: 48rem;
}
.stops {
  border-left: 3px solid var(--planned);
  padding-left: 0.8rem;
  max-width: 60rem;
}
.block {
  display: block;
}
th:first-child,
td:first-child {
  border-left: 3px solid transparent;
  padding-left: 0.5rem;
}
tr.pays td:first-child {
  border-left-color: var(--planned);
}
</style>

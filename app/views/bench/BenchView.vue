<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { isDone } from '../../../core/builds'
import { distinct } from '../../../core/kernel'
import { mainFirst } from '../../../core/shopping'
import type { PlannedPurchase } from '../../../core/workspace'
import NamedText from '../../parts/NamedText.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useToolOf } from '../../parts/tool-of'
import { useJudging } from '../../stores/judging'
import { useLadder } from '../../stores/ladder'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { firsts } from '../../words/firsts'
import BenchAhead from './BenchAhead.vue'
import BenchBasket from './BenchBasket.vue'
import BenchPurse from './BenchPurse.vue'

// Last on the page, and it reckons what fits: the rest of the page need not wait for it.
const BenchBuilds = defineAsyncComponent(() => import('./BenchBuilds.vue'))
const RecordBasket = defineAsyncComponent(() => import('../../parts/RecordBasket.vue'))
const RecordPurchase = defineAsyncComponent(() => import('../../parts/RecordPurchase.vue'))
const BuildLog = defineAsyncComponent(() => import('../../parts/BuildLog.vue'))

const store = useWorkspace()
const toolOf = useToolOf()
const planning = usePlanning()
const judging = useJudging()
const climbing = useLadder()
const recording = ref<readonly PlannedPurchase[]>()
const logging = ref<string>()

const CLIMB_AFTER_MS = 1500
/** The ladder is only compared with the plan here; it waits until the page stands. */
const { start: climbSoon } = useTimeoutFn(() => climbing.climb(), CLIMB_AFTER_MS)
watch(
  () => climbing.hash,
  () => climbSoon()
)

/** What the next day of buying comes to, as soon as the judge has looked. */
const day = computed(() => judging.says?.next)
/** The purchases of that day can be read off the plan at once. */
const next = computed(() => {
  const purchases = planning.plan?.purchases ?? []
  const first = purchases.map(({ date }) => date).sort()[0]
  return purchases.filter(({ date }) => date === first)
})
const isMain = (purchase: PlannedPurchase): boolean => toolOf(purchase)?.kind === 'tool'
const shown = computed(() =>
  (store.world ? mainFirst(store.world, next.value) : []).map((purchase) => ({
    purchase,
    why: whyOf(purchase),
    typical: isTypical(purchase),
    main: isMain(purchase)
  }))
)

function whyOf(purchase: PlannedPurchase): string {
  const { say } = store
  if (!say) return ''
  const tool = toolOf(purchase)
  if (planning.isPinned(purchase)) return bench.pinned
  const opens = (judging.says?.opens[purchase.id] ?? []).filter(
    ({ build }) => !build.startsWith('make/')
  )
  const first = opens[0]
  const opened = first
    ? bench.opens(
        distinct(opens.map(({ build }) => build))
          .slice(0, 3)
          .map((build) => say.build(build)),
        say.shortDay(first.begin)
      )
    : ''
  return tool?.kind === 'protection' && tool.protects.length > 0
    ? [bench.safety, opened].filter(Boolean).join('. ')
    : opened
}
const isTypical = (purchase: PlannedPurchase): boolean =>
  !store.workspace?.quotes.some(({ offer }) => offer === purchase.offer)

const title = computed(() => {
  const { say, workspace, world } = store
  if (!say || !workspace || !world) return ''
  if (planning.outcome?.kind === 'clash') return bench.clash
  if (workspace.builds.every(isDone)) return bench.nothingYet
  const [first] = next.value
  if (!planning.plan) return bench.planning
  if (!first)
    return planning.outcome?.kind === 'nothing-pays' ? bench.nothingPays : bench.nothingToBuy
  const names = shown.value.slice(0, 3).map(({ purchase }) => say.shortOffer(purchase.offer))
  return bench.buyOn(
    next.value.length > 3 ? [...names.slice(0, 2), bench.andMore(next.value.length - 2)] : names,
    first.date === world.asOf ? bench.today : bench.on(say.shortDay(first.date))
  )
})
const some = (amount: number): string | undefined =>
  amount > 0 ? store.say?.money(amount) : undefined
const subtitle = computed(() => {
  if (planning.outcome?.kind === 'clash') return bench.clashHint
  if (day.value && store.say)
    return bench.subtitle(
      store.say.money(day.value.paid),
      some(day.value.material),
      some(day.value.kept),
      store.say.money(day.value.left)
    )
  return store.workspace?.builds.length === 0 ? bench.nothingYetHint : undefined
})
/** Why the plan starts elsewhere than the ladder, when it does; the same words as beside the ladder. */
const differs = computed(() => {
  const { say } = store
  const { main, begins } = climbing
  return main && say && begins && begins.kind !== 'same' && next.value.length > 0
    ? `${bench.differs(say.shortTool(main.lead.tool))} ${firsts.beginning(say, main.lead.tool, begins)}`
    : undefined
})

/** What comes after the next purchase. */
const later = computed(() => {
  const now = next.value[0]?.date
  return (planning.plan?.purchases ?? []).filter(({ date }) => date !== now)
})

const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle" :steady="next.length > 0">
    <RouterLink v-if="next.length > 0" class="button-link" to="/stages">{{
      bench.openStages
    }}</RouterLink>
    <RouterLink v-else-if="open.length === 0" class="button-link" to="/builds">{{
      bench.addBuild
    }}</RouterLink>
  </PlaceHead>
  <div v-if="store.say && store.world" class="bench">
    <section v-if="shown.length > 0" class="next" :aria-label="bench.nextTitle">
      <h2>{{ bench.nextTitle }}</h2>
      <BenchBasket :rows="shown" @bought="recording = $event" />
      <p v-if="differs" class="small"><NamedText :text="differs" /></p>
      <p class="caption">{{ bench.typicalNote }}</p>
      <BenchAhead :purchases="later" :is-main="isMain" />
    </section>

    <BenchPurse />

    <BenchBuilds @log="logging = $event" />
  </div>
  <RecordPurchase
    v-if="recording?.length === 1"
    :visible="true"
    :purchase="recording[0]!"
    @update:visible="recording = undefined"
  />
  <RecordBasket
    v-else-if="recording"
    :visible="true"
    :purchases="recording"
    @update:visible="recording = undefined"
  />
  <BuildLog
    v-if="logging"
    :visible="true"
    :build-id="logging"
    @update:visible="logging = undefined"
  />
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  grid-template-rows: auto 1fr;
  gap: 1.5rem 2.5rem;
  align-items: start;
}
.next {
  display: grid;
  gap: 0.75rem;
  grid-row: span 2;
}
.button-link {
  display: inline-block;
  border: 1px solid var(--graphite);
  padding: 0.38rem 0.8rem;
  color: var(--graphite);
  text-decoration: none;
  font-weight: 600;
  background: var(--paper-raised);
  border-radius: var(--radius);
}
@media (max-width: 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
  }
}
</style>

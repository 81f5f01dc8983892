<script setup lang="ts">
import Button from 'primevue/button'
import { useTimeoutFn } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { dueIn, type Due } from '../../../core/care'
import { isBegun, isDone, type Build } from '../../../core/builds'
import { fitBuild, fitContext, kitOf } from '../../../core/fit'
import { toolOfPurchase } from '../../../core/explain'
import { change, type PlannedPurchase } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'

const RecordPurchase = defineAsyncComponent(() => import('../../parts/RecordPurchase.vue'))
const BuildLog = defineAsyncComponent(() => import('../../parts/BuildLog.vue'))

const store = useWorkspace()
const planning = usePlanning()
const judging = useJudging()
const weighing = useWeighing()
const recording = ref<PlannedPurchase>()
const logging = ref<string>()

const RANK_AFTER_MS = 1500
/** The ranking is only compared with the plan here; it waits until the page stands. */
const { start: rankSoon } = useTimeoutFn(() => weighing.weigh(false), RANK_AFTER_MS)
watch(
  () => weighing.hash,
  () => rankSoon()
)

/** What the next day of buying comes to, as soon as the judge has looked. */
const day = computed(() => judging.says?.next)
/** The purchases of that day can be read off the plan at once. */
const next = computed(() => {
  const purchases = planning.plan?.purchases ?? []
  const first = purchases.map(({ date }) => date).sort()[0]
  return purchases.filter(({ date }) => date === first)
})
const isMain = (purchase: PlannedPurchase): boolean =>
  store.world?.library.tools.get(toolOfPurchase(store.world, purchase) ?? '')?.kind === 'tool'
const shown = computed(() =>
  [...next.value]
    .sort((a, b) => Number(isMain(b)) - Number(isMain(a)) || b.price - a.price)
    .map((purchase) => ({ purchase, why: whyOf(purchase), typical: isTypical(purchase) }))
)

function whyOf(purchase: PlannedPurchase): string {
  const { say, world } = store
  if (!say || !world) return ''
  const tool = world.library.tools.get(toolOfPurchase(world, purchase) ?? '')
  if (planning.isPinned(purchase)) return bench.pinned
  const opens = (judging.says?.opens[purchase.id] ?? []).filter(
    ({ build }) => !build.startsWith('make/')
  )
  const first = opens[0]
  const opened = first
    ? bench.opens(
        opens.slice(0, 3).map(({ build }) => say.build(build)),
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
/** Why the plan starts elsewhere than the ranking, when it does; the same words as in the Weigh-up. */
const differs = computed(() => {
  const first = weighing.ranking?.candidates[0]
  const { say } = store
  const beginning = judging.beginning
  return first && say && beginning && beginning.kind !== 'same' && next.value.length > 0
    ? `${bench.differs(say.shortTool(first.lead.tool))} ${weigh.beginning(say, first.lead.tool, beginning)}`
    : undefined
})

/** What comes after the next purchase, by date. */
const AHEAD = 4
const ahead = computed(() => {
  const { say, world } = store
  const plan = planning.plan
  if (!say || !world || !plan) return []
  const dates = [...new Set(plan.purchases.map(({ date }) => date))]
    .filter((date) => date !== next.value[0]?.date)
    .slice(0, AHEAD)
  return dates.map((date) => {
    const bought = plan.purchases
      .filter((purchase) => purchase.date === date)
      .sort((a, b) => Number(isMain(b)) - Number(isMain(a)) || b.price - a.price)
    const builds = new Set(bought.flatMap(({ forBuild }) => forBuild ?? []))
    return {
      date,
      names: bought.map(({ offer }) => say.shortOffer(offer)),
      cost: bought.reduce((sum, { price }) => sum + price, 0),
      builds: [...builds].map((id) => say.build(id))
    }
  })
})

const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
const possible = computed(() => {
  const { world } = store
  if (!world) return []
  const context = fitContext(world)
  const kit = kitOf(world.library, world.workspace.items)
  return open.value
    .filter((build) => !isBegun(build))
    .flatMap((build) => {
      const fit = fitBuild(context, kit, build)
      return fit.gaps.length === 0 ? [{ build, minutes: fit.minutes }] : []
    })
})
const underWay = computed(() => open.value.filter(isBegun))
const due = computed<Due[]>(() => (store.world ? dueIn(store.world) : []))
const nextMoney = computed(() =>
  store.world?.receipts.find(({ amount, date }) => amount > 0 && date > (store.world?.asOf ?? ''))
)

function answerReceipt(one: Extract<Due, { kind: 'receipt' }>, came: boolean): void {
  const { say } = store
  if (!say) return
  const { receipt } = one
  const text = came
    ? (receipt.text ?? bench.setAsideText(say.month(receipt.date)))
    : receipt.text === undefined
      ? bench.notSetAside(say.shortDay(receipt.date))
      : bench.notMoved(receipt.text, say.shortDay(receipt.date))
  const kind = receipt.key.startsWith('one-off/') ? ('one-off' as const) : ('set-aside' as const)
  store.run(steps.entered(text), (state) =>
    change.addEntry(state, {
      id: newId('e'),
      date: receipt.date,
      kind,
      amount: came ? receipt.amount : 0,
      text,
      answers: receipt.key
    })
  )
}
function forget(quote: string, tool: string): void {
  store.run(steps.quoted(store.say?.tool(tool) ?? ''), (state) => ({
    ...state,
    quotes: state.quotes.filter(({ id }) => id !== quote)
  }))
}
const linkTo = (build: Build): string => `/builds/${encodeURIComponent(build.id)}`
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle">
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
      <ul class="plain-list tags">
        <li v-for="{ purchase, why, typical } in shown" :key="purchase.id">
          <span class="hook" aria-hidden="true" />
          <div>
            <p class="strong">
              {{ store.say.offer(purchase.offer)
              }}<span v-if="purchase.count > 1"> × {{ purchase.count }}</span>
            </p>
            <p class="small soft reason">{{ why }}</p>
          </div>
          <p class="figure strong" :class="{ typical }">{{ store.say.money(purchase.price) }}</p>
          <Button
            size="small"
            severity="secondary"
            :label="bench.bought"
            :aria-label="`${bench.bought}: ${store.say.offer(purchase.offer)}`"
            @click="recording = purchase"
          />
        </li>
      </ul>
      <p v-if="differs" class="small">{{ differs }}</p>
      <p class="caption">{{ bench.typicalNote }}</p>
      <template v-if="ahead.length > 0">
        <h2>{{ bench.aheadTitle }}</h2>
        <table class="plain">
          <thead class="visually-hidden">
            <tr>
              <th>{{ bench.aheadWhen }}</th>
              <th>{{ bench.aheadWhat }}</th>
              <th>{{ bench.aheadCost }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in ahead" :key="one.date">
              <td class="when strong">{{ store.say.shortDay(one.date) }}</td>
              <td>
                {{ bench.aheadNames(one.names)
                }}<span v-if="one.builds.length > 0" class="soft small"
                  ><br /><bdi>{{ bench.aheadFor(one.builds) }}</bdi></span
                >
              </td>
              <td class="figure">{{ store.say.money(one.cost) }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </section>

    <section class="stack" :aria-label="bench.balanceTitle">
      <h2>{{ bench.balanceTitle }}</h2>
      <p class="purse">
        <span class="amount">{{ store.say.money(store.world.balance) }}</span>
        <span class="soft">{{
          bench.keepBack(store.say.money(store.world.workspace.money.reserve))
        }}</span>
      </p>
      <p v-if="nextMoney">
        <span class="soft">{{ bench.nextLabel }}:</span>
        {{ bench.nextMoney(store.say.money(nextMoney.amount), store.say.day(nextMoney.date)) }}
      </p>
      <p v-else class="soft">{{ bench.noMoney }}</p>

      <h2>{{ bench.dueTitle }}</h2>
      <p v-if="due.length === 0" class="soft">{{ bench.dueNone }}</p>
      <ul class="plain-list due">
        <li v-for="(one, index) in due" :key="index" :class="{ hatch: one.kind === 'unprotected' }">
          <p>
            <bdi>{{ bench.due(store.say, one) }}</bdi>
          </p>
          <div v-if="one.kind === 'receipt'" class="row">
            <Button
              size="small"
              :label="one.receipt.amount < 0 ? bench.wasPaid : bench.cameIn"
              @click="answerReceipt(one, true)"
            />
            <Button
              size="small"
              severity="secondary"
              :label="one.receipt.amount < 0 ? bench.notPaid : bench.didNot"
              @click="answerReceipt(one, false)"
            />
          </div>
          <Button
            v-if="one.kind === 'stale-quote'"
            size="small"
            severity="secondary"
            :label="bench.removeQuote"
            @click="forget(one.quote, one.tool)"
          />
        </li>
      </ul>
    </section>

    <section class="stack" :aria-label="bench.buildTitle">
      <template v-if="underWay.length > 0">
        <h2>{{ bench.underWay }}</h2>
        <ul class="plain-list builds">
          <li v-for="build in underWay" :key="build.id">
            <RouterLink :to="linkTo(build)"
              ><bdi>{{ build.name }}</bdi></RouterLink
            >
            <span class="soft small">{{
              bench.since(store.say.shortDay(build.log?.begun ?? store.world.asOf))
            }}</span>
            <Button
              size="small"
              :label="bench.finish"
              :aria-label="`${bench.finish}: ${build.name}`"
              @click="logging = build.id"
            />
          </li>
        </ul>
      </template>
      <h2>{{ bench.buildTitle }}</h2>
      <p v-if="possible.length === 0" class="soft">{{ bench.buildNone }}</p>
      <ul class="plain-list builds">
        <li v-for="{ build, minutes } in possible" :key="build.id">
          <RouterLink :to="linkTo(build)"
            ><bdi>{{ build.name }}</bdi></RouterLink
          >
          <span class="soft small">{{ bench.takes(duration(minutes)) }}</span>
          <Button
            size="small"
            severity="secondary"
            :label="bench.begin"
            :aria-label="`${bench.begin}: ${build.name}`"
            @click="logging = build.id"
          />
        </li>
      </ul>
    </section>
  </div>
  <RecordPurchase
    v-if="recording"
    :visible="true"
    :purchase="recording"
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
.reason {
  min-height: 1.5em;
}
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
.tags li {
  display: grid;
  grid-template-columns: 0.75rem minmax(0, 1fr) auto auto;
  gap: 0.35rem 0.9rem;
  align-items: center;
  padding: 0.55rem 0;
  border-bottom: 1px solid var(--line);
}
.hook {
  width: 0.6rem;
  height: 0.6rem;
  border: 1.5px solid var(--graphite);
  border-radius: 50%;
}
.when {
  white-space: nowrap;
  font-family: var(--slab);
}
.purse {
  display: flex;
  gap: 0.75rem;
  align-items: baseline;
  flex-wrap: wrap;
}
.amount {
  font-family: var(--slab);
  font-size: var(--head-1);
  font-weight: 700;
}
.due li {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  margin-bottom: 0.5rem;
  display: grid;
  gap: 0.4rem;
  background-color: var(--paper-raised);
  justify-items: start;
}
.due li.hatch {
  border-left-color: var(--hazard);
  padding-left: 1.25rem;
  background-size: 0.6rem 100%;
  background-repeat: repeat-y;
}
.builds li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 0.75rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
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
  .tags li {
    grid-template-columns: 0.75rem minmax(0, 1fr) auto;
  }
  .tags li > :deep(button) {
    grid-column: 2 / -1;
    justify-self: start;
  }
}
</style>

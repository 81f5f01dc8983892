<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { Minor } from '../../../core/money'
import { findOffer, type Offer } from '../../../core/prices'
import type { Offered, WorthUpTo } from '../../../core/timing'
import { change, stillOnOffer } from '../../../core/workspace'
import { sheetFor } from '../../../data'
import NamedText from '../../parts/NamedText.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import RecordPurchase from '../../parts/RecordPurchase.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import WebLink from '../../parts/WebLink.vue'
import { usePlanning } from '../../stores/planning'
import { useTiming } from '../../stores/timing'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { prices } from '../../words/prices'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'
import { timing as words } from '../../words/timing'
import AddQuote from './AddQuote.vue'
import { useFound } from './found'
import InspectionSheet from './InspectionSheet.vue'
import KindPrices from './KindPrices.vue'
import PricesTabs from './PricesTabs.vue'
import WatchForm from './WatchForm.vue'

/** Something offered: up to which price the plan would take it, and the finds that are kept. */
const store = useWorkspace()
const planning = usePlanning()
const timing = useTiming()
const asked = ref<Minor>()
const about = ref<Offered>()

const finds = computed(() => {
  const { world, workspace } = store
  return world && workspace
    ? workspace.offers.map((find) => ({
        find,
        price: world.pricing.quotes.filter(({ offer }) => offer === find.id).at(-1)?.price,
        isOver: !stillOnOffer(workspace, find.id, world.asOf)
      }))
    : []
})
function weigh(offered: Offered, price: Minor | undefined): void {
  about.value = offered
  judged.value = undefined
  asked.value = price
  timing.weigh(offered)
}
const weighFind = (find: Offer, price: Minor | undefined): void => {
  const { id, tool, tier, condition, power, specs, platform } = find
  weigh(
    {
      id,
      tool,
      tier,
      condition,
      power,
      ...(specs ? { specs } : {}),
      ...(platform === undefined ? {} : { platform })
    },
    price
  )
}
/** The newest answer stays while what a look finds changes the plan under it. */
const judged = shallowRef<WorthUpTo>()
watch(
  () => timing.worth,
  (found) => {
    if (found) judged.value = found
  }
)
const worth = computed(() => (about.value ? judged.value : undefined))
const answer = useTemplateRef<HTMLElement>('answerHere')
// The button stands below, the answer above: whoever asked sees it come.
watch(worth, (found) => {
  if (found) void nextTick(() => answer.value?.scrollIntoView({ block: 'nearest' }))
})
const found = useFound(about, asked, () => worth.value?.upTo ?? 0)
const { sheet } = found
const tool = computed(() => store.world?.library.tools.get(about.value?.tool ?? ''))
const buying = ref(false)
const bought = (): void => {
  about.value = undefined
}
/** How far a look at a kept find has come. */
function lookedSo(find: Offer): string {
  const entry = store.world?.library.tools.get(find.tool)
  const points = entry && find.looked ? (sheetFor(entry, find.power)?.points ?? []) : []
  const open = points.filter(({ id }) => find.looked?.answers[id] === undefined).length
  return points.length > 0 ? words.lookedSo(open, points.length) : ''
}
const isUsedProtection = computed(
  () => tool.value?.kind === 'protection' && about.value?.condition === 'used'
)
const title = computed(() => {
  const { say } = store
  if (!worth.value || !say) return words.findTitle
  return worth.value.upTo > 0
    ? words.findWorth(say.money(say.about(worth.value.upTo)))
    : words.findNothing
})
const offers = (ids: readonly string[]): string =>
  ids
    .map((id) => {
      const tool = store.world ? findOffer(store.world.pricing, id)?.tool : undefined
      return tool === undefined ? (store.say?.offer(id) ?? id) : (store.say?.shortTool(tool) ?? id)
    })
    .join(', ')
/** What the plan that takes it does otherwise, in sentences. */
const reasons = computed(() => {
  const { say } = store
  const found = worth.value
  const { difference } = found ?? {}
  if (!say || !found || !difference) return []
  const builds = (ids: readonly string[]): string => ids.map((id) => say.build(id)).join(', ')
  return [
    difference.won.length > 0 ? words.opens(builds(difference.won)) : '',
    difference.sooner.length > 0
      ? words.sooner(builds(difference.sooner.map(({ build }) => build)))
      : '',
    words.saved(say, difference),
    found.needless.length > 0 ? words.needless(offers(found.needless)) : '',
    found.along.length > 0 ? words.comesAlong(offers(found.along)) : ''
  ].filter(Boolean)
})
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.findSubtitle" />
  <PricesTabs />
  <p v-if="timing.judging" role="status" class="small soft">{{ words.asking }}</p>
  <TroubleLine :trouble="timing.failure" />
  <div v-if="store.say" class="stack">
    <section v-if="worth && about" ref="answerHere" class="two" aria-live="polite">
      <div class="stack">
        <p v-if="worth.upTo === 0">{{ words.worthNothing }}</p>
        <p v-else-if="asked !== undefined" class="strong">
          {{ words.verdict(asked, store.say.about(worth.upTo), store.say) }}
        </p>
        <p v-for="text in reasons" :key="text"><NamedText :text="text" /></p>
        <p v-if="about.condition !== 'new' && !sheet" class="caption">{{ words.usedCaution }}</p>
      </div>
      <div class="stack">
        <KindPrices :kind="about" :price="asked" :looks="[]" />
        <WatchForm :kind="about" :up-to="store.say.about(worth.upTo)" />
      </div>
    </section>
    <template v-if="sheet && worth && about">
      <InspectionSheet
        :sheet="sheet"
        :name="lowerFirst(store.say.shortTool(about.tool))"
        :sound="worth.upTo"
        :price-new="found.priceNew.value"
        :answers="found.answers.value"
        @answer="found.answer"
      />
      <p class="row">
        <Button size="small" :label="words.boughtIt" @click="buying = true" />
        <RouterLink :to="`/prices/sheet/${about.tool}/${about.power}`">{{
          words.onPaper
        }}</RouterLink>
      </p>
      <RecordPurchase
        v-if="buying && found.purchase.value"
        v-model:visible="buying"
        :purchase="found.purchase.value"
        :found="found.bought.value"
        @recorded="bought"
      />
    </template>
    <p v-else-if="isUsedProtection" class="attention">{{ words.buyNew }}</p>
    <h2>{{ prices.find }}</h2>
    <p v-if="!planning.plan" class="soft">{{ words.nothingHint }}</p>
    <AddQuote find @weigh="weigh" />
    <template v-if="finds.length > 0">
      <h2>{{ words.finds }}</h2>
      <ul class="plain-list small">
        <li v-for="{ find, price, isOver } in finds" :key="find.id">
          <span class="strong">{{ store.say.tool(find.tool) }}</span>,
          {{ terms.conditionName[find.condition] }} ({{ find.id.replace('my/', '') }})<template
            v-if="price !== undefined"
            >, {{ store.say.money(price) }}</template
          ><template v-if="find.link">, <WebLink :link="find.link" /></template
          ><template v-if="lookedSo(find)">, {{ lookedSo(find) }}</template
          ><template v-if="isOver">{{ prices.noLonger }}</template>
          <button v-if="!isOver" type="button" class="link" @click="weighFind(find, price)">
            {{ words.ask }}
          </button>
          <button
            type="button"
            class="link"
            @click="
              store.run(steps.unoffered(store.say.shortTool(find.tool)), (state) =>
                change.removeOffer(state, find.id)
              )
            "
          >
            {{ prices.remove }}
          </button>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 1rem 2.5rem;
  align-items: start;
}
li .link {
  margin-inline-start: 0.5rem;
}
li {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

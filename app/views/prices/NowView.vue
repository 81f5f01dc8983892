<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { findOffer } from '../../../core/prices'
import type { WaitOrBuy } from '../../../core/timing'
import NamedText from '../../parts/NamedText.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { usePlanning } from '../../stores/planning'
import { useTiming } from '../../stores/timing'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { timing as words } from '../../words/timing'
import KindPrices from './KindPrices.vue'
import PricesTabs from './PricesTabs.vue'
import { waitSentence } from './wait-sentence'
import WatchForm from './WatchForm.vue'
import WatchList from './WatchList.vue'

/** What to buy now and what to wait with, and why: what waiting costs the plan against what prices may do. */
const store = useWorkspace()
const planning = usePlanning()
const timing = useTiming()
const chosen = ref<string>()
/** On a phone what is chosen opens where it stands. */
const narrow = useMediaQuery('(max-width: 900px)')
watch([() => planning.plan, () => planning.busy], () => timing.look(), { immediate: true })
const GROUPS = ['wait', 'buy', 'later', 'no-need'] as const
/** Tools that do the work stand by themselves; what comes along is named after them. */
const isMain = ({ tool }: WaitOrBuy): boolean =>
  store.world?.library.tools.get(tool)?.kind === 'tool'
const groups = computed(() =>
  GROUPS.map((answer) => {
    const all = timing.answers.filter((one) => one.answer === answer)
    const main = all.filter((one) => isMain(one) || answer === 'wait')
    const rows = main.length > 0 ? main : all
    return { answer, rows, along: all.filter((one) => !rows.includes(one)) }
  }).filter(({ rows }) => rows.length > 0)
)
const shown = computed(
  () => timing.answers.find(({ offer }) => offer === chosen.value) ?? groups.value[0]?.rows[0]
)
const offer = computed(() =>
  shown.value && store.world ? findOffer(store.world.pricing, shown.value.offer) : undefined
)
const names = (list: readonly WaitOrBuy[]): string =>
  list.map(({ tool }) => lowerFirst(store.say?.shortTool(tool) ?? tool)).join(', ')
const title = computed(() => {
  const isNothing = (planning.plan?.purchases.length ?? 0) === 0
  if (planning.busy || timing.thinking) return words.working
  if (timing.answers.length === 0) return isNothing ? words.nothing : words.working
  const waits = timing.answers.filter(({ answer }) => answer === 'wait')
  const now = timing.answers.filter(({ answer }) => answer === 'buy').length
  return waits.length === 0
    ? words.allNow
    : words.title(
        now,
        waits.map(({ tool }) => lowerFirst(store.say?.shortTool(tool) ?? tool))
      )
})
/** A price to wait for: what is to be taken today, and no more than is usual. */
const worthTaking = (one: WaitOrBuy): number =>
  store.say?.about(Math.min(one.upTo > 0 ? one.upTo : one.level.low, one.price)) ?? 0
const sentence = (one: WaitOrBuy): string =>
  store.say && store.world ? waitSentence(store.say, store.world, one) : ''
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle" />
  <PricesTabs />
  <p v-if="timing.thinking" role="status" class="small soft">
    {{ words.soFar(timing.answers.length) }}
  </p>
  <p v-else-if="title === words.nothing" class="soft">
    {{ words.nothingHint }}
  </p>
  <TroubleLine :trouble="timing.failure" />
  <div v-if="store.say && groups.length > 0" class="two">
    <section class="stack">
      <template v-for="{ answer, rows, along } in groups" :key="answer">
        <h2>{{ words.groups[answer] }}</h2>
        <ul class="plain-list">
          <li
            v-for="one in rows"
            :key="one.offer"
            :class="{ here: narrow ? one.offer === chosen : one === shown }"
          >
            <button
              type="button"
              class="row-button"
              :aria-pressed="narrow ? one.offer === chosen : one === shown"
              @click="chosen = chosen === one.offer && narrow ? undefined : one.offer"
            >
              <span class="strong">{{ store.say.shortTool(one.tool) }}</span>
              <span class="figure strong"
                >{{ words.each(store.say.money(one.price), one.count)
                }}<template v-if="one.typical"> ~</template></span
              >
            </button>
            <p class="small soft"><NamedText :text="sentence(one)" /></p>
            <KindPrices
              v-if="narrow && offer && chosen === one.offer"
              :kind="offer"
              :price="one.price"
              :looks="one.looks"
            />
            <WatchForm
              v-if="narrow && offer && chosen === one.offer"
              :kind="offer"
              :up-to="worthTaking(one)"
            />
          </li>
        </ul>
        <p v-if="along.length > 0" class="small soft">{{ words.along(names(along)) }}</p>
      </template>
    </section>
    <section
      v-if="shown && offer && !narrow"
      class="stack"
      :aria-label="store.say.shortTool(shown.tool)"
    >
      <h2><WhatIs :id="shown.tool" kind="tool" :name="store.say.tool(shown.tool)" /></h2>
      <p>{{ sentence(shown) }}</p>
      <p v-if="shown.answer === 'wait' || shown.answer === 'buy'" class="small">
        {{ words.sure(store.say.percent(shown.sure)) }}
        {{ words.today(store.say.money(shown.price), shown.typical) }}
      </p>
      <KindPrices :kind="offer" :price="shown.price" :looks="shown.looks" />
      <WatchForm :kind="offer" :up-to="worthTaking(shown)" />
    </section>
  </div>
  <WatchList />
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 1rem 2.5rem;
  align-items: start;
}
li {
  padding: 0.35rem 0 0.35rem 0.6rem;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
}
li.here {
  border-left-color: var(--planned);
}
li p {
  margin: 0;
}
.row-button {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  width: 100%;
  min-height: 24px;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>

<script setup lang="ts">
import { useSwipe } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Day, Stage } from '../../../core/calendar'
import type { DayBalance } from '../../../core/plan'
import type { PlannedBuild, PlannedPurchase, Receipt } from '../../../core/workspace'
import type { Say } from '../../words/say'
import { stages as words } from '../../words/stages'
import { usePinch } from './pinch'

/**
 * The same rule for a phone, running down the page; what only the wide one draws is passed over. Stages ahead are folded to a line each;
 * two fingers apart open all of them, together fold them, a swipe moves a purchase by a payday.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  stages: readonly Stage[]
  receipts: readonly Receipt[]
  balances: readonly DayBalance[]
  purchases: readonly PlannedPurchase[]
  builds: readonly PlannedBuild[]
  asOf: Day
  say: Say
  isPinned: (purchase: PlannedPurchase) => boolean
  isHazard: (purchase: PlannedPurchase) => boolean
  chosen: string | undefined
}>()
const emit = defineEmits<{
  choose: [id: string]
  after: [stage: Stage]
  step: [purchase: PlannedPurchase, by: 1 | -1]
}>()

const within = (stage: Stage, day: Day): boolean => day >= stage.start && day <= stage.end
const rows = computed(() =>
  props.stages.map((stage) => ({
    stage,
    money: props.receipts
      .filter(({ date }) => within(stage, date))
      .reduce((sum, { amount }) => sum + amount, 0),
    balance: props.balances.filter(({ date }) => date <= stage.end).at(-1)?.balance,
    purchases: props.purchases.filter(({ date }) => within(stage, date)),
    builds: props.builds.filter(({ begin }) => within(stage, begin)),
    now: within(stage, props.asOf)
  }))
)
const ahead = computed(() =>
  rows.value.filter(
    ({ stage, purchases, builds }) =>
      stage.end >= props.asOf && purchases.length + builds.length > 0
  )
)
/** Stages opened or folded by hand; without a word of theirs the next one with anything on it is open. */
const byHand = ref<ReadonlyMap<Day, boolean>>(new Map())
const isOpen = (stage: Stage): boolean =>
  byHand.value.get(stage.start) ?? stage.start === ahead.value[0]?.stage.start
const fold = (stage: Stage): void => {
  byHand.value = new Map([...byHand.value, [stage.start, !isOpen(stage)]])
}
function foldAll(open: boolean): void {
  byHand.value = new Map(props.stages.map(({ start }) => [start, open]))
}
const allOpen = computed(() => ahead.value.every(({ stage }) => isOpen(stage)))
const summed = (purchases: readonly PlannedPurchase[], builds: readonly PlannedBuild[]): string =>
  words.folded(
    purchases.map(({ offer }) => props.say.shortOffer(offer)),
    builds.map((planned) => props.say.planned(planned)),
    props.say.money(purchases.reduce((sum, { price }) => sum + price, 0))
  )

const column = ref<HTMLElement>()
/** How far apart the fingers have come since they touched; beyond this it is meant. */
const MEANT = 1.2
let apart = 1
usePinch(column, (factor) => {
  apart *= factor
  if (apart < MEANT && apart > 1 / MEANT) return
  foldAll(apart > 1)
  apart = 1
})
/** A swipe shorter than this may be a scroll that strayed, px. */
const SWIPE = 56
let swiped: PlannedPurchase | undefined
useSwipe(column, {
  threshold: SWIPE,
  onSwipeStart: (event) => {
    const tag = (event.target as HTMLElement).closest<HTMLElement>('[data-purchase]')
    swiped = props.purchases.find(({ id }) => id === tag?.dataset.purchase)
  },
  onSwipeEnd: (_event, direction) => {
    if (swiped && (direction === 'left' || direction === 'right'))
      emit('step', swiped, direction === 'right' ? 1 : -1)
    swiped = undefined
  }
})
const fullest = computed(() => Math.max(1, ...props.balances.map(({ balance }) => balance)))
</script>

<template>
  <p v-if="ahead.length > 1" class="no-print">
    <button type="button" class="link small" @click="foldAll(!allOpen)">
      {{ allOpen ? words.foldAll : words.openAll }}
    </button>
  </p>
  <ol ref="column" class="plain-list column" :aria-label="words.rule">
    <li v-for="row in rows" :key="row.stage.start" :class="{ now: row.now }">
      <button
        type="button"
        class="tick"
        :aria-label="words.afterLabel(say.shortDay(row.stage.end))"
        @click="$emit('after', row.stage)"
      >
        <span class="date">{{ say.shortDay(row.stage.start) }}</span>
        <span v-if="row.money !== 0" class="small">{{ say.moved(row.money) }}</span>
      </button>
      <div class="hang">
        <div
          v-if="row.balance !== undefined"
          class="level"
          :style="{ width: `${Math.max(0, (row.balance / fullest) * 100)}%` }"
        >
          <span>{{ say.money(row.balance) }}</span>
        </div>
        <button
          v-if="row.builds.length + row.purchases.length > 0"
          type="button"
          class="fold"
          :aria-expanded="isOpen(row.stage)"
          @click="fold(row.stage)"
        >
          <template v-if="isOpen(row.stage)">{{ words.fold }}</template><bdi v-else>{{
            summed(row.purchases, row.builds)
          }}</bdi>
        </button>
        <template v-if="isOpen(row.stage)"
          ><button
            v-for="planned in row.builds"
            :key="planned.build + planned.begin"
            type="button"
            class="build"
            :class="{ chosen: chosen === planned.build, jig: planned.build.startsWith('make/') }"
            :aria-label="
              words.buildLabel(
                say.build(planned.build),
                say.day(planned.begin),
                say.day(planned.done)
              )
            "
            @click="$emit('choose', planned.build)"
          >
            ▸ <bdi>{{ say.planned(planned) }}</bdi>
          </button>
          <button
            v-for="purchase in row.purchases"
            :key="purchase.id"
            type="button"
            class="tag"
            :data-purchase="purchase.id"
            :class="{ chosen: chosen === purchase.id, hazard: isHazard(purchase) }"
            :aria-label="
              words.tagLabel(
                say.offer(purchase.offer),
                say.money(purchase.price),
                say.day(purchase.date),
                isPinned(purchase)
              )
            "
            @click="$emit('choose', purchase.id)"
          >
            <span
              ><i v-if="isPinned(purchase)" class="pi pi-thumbtack" aria-hidden="true" />
              {{ say.offer(purchase.offer)
              }}<template v-if="purchase.count > 1"> ×{{ purchase.count }}</template></span
            >
            <span class="figure">{{ say.money(purchase.price) }}</span>
          </button></template
        >
      </div>
    </li>
  </ol>
</template>

<style scoped>
.column li {
  display: grid;
  grid-template-columns: 4.75rem minmax(0, 1fr);
}
.tick {
  background: var(--rule);
  color: var(--rule-ink);
  border: 1px solid var(--rule-ink);
  border-bottom: 0;
  padding: 0.3rem 0.4rem;
  display: grid;
  align-content: start;
  text-align: left;
  font: inherit;
  border-radius: 0;
  cursor: pointer;
  background-image: repeating-linear-gradient(
    to bottom,
    var(--rule-ink) 0 1px,
    transparent 1px 12px
  );
  background-size: 8px 100%;
  background-position: right;
  background-repeat: no-repeat;
}
li:last-child .tick {
  border-bottom: 1px solid var(--rule-ink);
}
.now .tick {
  border-left: 4px solid var(--graphite);
}
.date {
  font-family: var(--slab);
  font-weight: 700;
  font-size: var(--text-small);
}
.hang {
  padding: 0.35rem 0 0.6rem 0.6rem;
  display: grid;
  gap: 0.3rem;
  align-content: start;
}
.level {
  background: var(--planned-wash);
  border-right: 2px solid var(--planned);
  font-size: 0.75rem;
  padding: 0.05rem 0.3rem;
  min-width: 3.2rem;
  white-space: nowrap;
}
.column {
  touch-action: pan-y;
}
.fold {
  min-height: 1.75rem;
  padding: 0.15rem 0;
  border: 0;
  background: none;
  text-align: left;
  font-size: var(--text-small);
  text-decoration: underline dotted;
  text-underline-offset: 0.2em;
}
.build,
.tag {
  text-align: left;
  border: 1px solid var(--graphite);
  background: var(--paper-raised);
  padding: 0.4rem 0.5rem;
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
  border-radius: var(--radius);
  color: var(--graphite);
}
.build {
  font-weight: 650;
  justify-content: start;
}
.build.jig {
  border-style: dashed;
  font-weight: 400;
}
.tag.hazard {
  border-left: 6px double var(--hazard);
}
.chosen {
  outline: 2px solid var(--planned);
}
</style>

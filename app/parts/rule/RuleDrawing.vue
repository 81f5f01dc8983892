<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Day, Stage } from '../../../core/calendar'
import type { DayBalance } from '../../../core/plan'
import type { Risk } from '../../../core/risk'
import type { Receipt, PlannedBuild, PlannedPurchase } from '../../../core/workspace'
import type { Say } from '../../words/say'
import { stages as words } from '../../words/stages'
import { nearestDay, notches, tags } from './layout'
import { moneyOn } from './money-level'
import { usePinch } from './pinch'
import { useRuleDrag } from './rule-drag'
import { useRuleFrame } from './rule-frame'
import RuleScale from './RuleScale.vue'
import RuleStage from './RuleStage.vue'
import RuleTag from './RuleTag.vue'

/** The rule: ticks are stages, the level is the balance, purchases hang below, builds notch the upper edge. */
const props = defineProps<{
  stages: readonly Stage[]
  receipts: readonly Receipt[]
  balances: readonly DayBalance[]
  purchases: readonly PlannedPurchase[]
  builds: readonly PlannedBuild[]
  days: readonly Day[]
  asOf: Day
  reserve: number
  say: Say
  isPinned: (purchase: PlannedPurchase) => boolean
  isHazard: (purchase: PlannedPurchase) => boolean
  chosen: string | undefined
  /** Where purchases stood before the last change. */
  former?: readonly PlannedPurchase[] | undefined
  /** Where the balance lies in nine of ten courses of things, and in half of them. */
  fan?: Risk['fan'] | undefined
}>()
const emit = defineEmits<{
  choose: [id: string]
  try: [purchase: PlannedPurchase, day: Day]
  move: [purchase: PlannedPurchase, day: Day]
  pin: [purchase: PlannedPurchase]
  drop: []
  after: [stage: Stage]
}>()

const LEVEL_HEIGHT = 130
const LABEL_ROW = 26
const RULE_HEIGHT = 50

const frame = ref<HTMLElement>()
const { scale, zoomBy, wheel, frameKey } = useRuleFrame(frame, () => props.stages)
usePinch(frame, zoomBy)
/** Tags of the plan before, where they stood otherwise than now. */
const ghosts = computed(() => {
  const now = new Set(props.purchases.map(({ offer, date }) => `${offer}@${date}`))
  return tags(
    (props.former ?? []).filter(({ offer, date }) => !now.has(`${offer}@${date}`)),
    scale.value
  ).tags
})
defineExpose({ zoomBy })
const marks = computed(() =>
  notches(
    props.builds.map((planned) => ({ planned, name: props.say.planned(planned) })),
    scale.value
  )
)
const hung = computed(() => tags(props.purchases, scale.value))
const top = computed(() => marks.value.rows * LABEL_ROW + 8)
const ruleY = computed(() => top.value + LEVEL_HEIGHT)
const height = computed(() => ruleY.value + RULE_HEIGHT + hung.value.height + 4)

const money = computed(() =>
  moneyOn(scale.value, {
    balances: props.balances,
    fan: props.fan ?? [],
    reserve: props.reserve,
    ruleY: ruleY.value,
    height: LEVEL_HEIGHT
  })
)
const moneyIn = (stage: Stage): number =>
  props.receipts
    .filter(({ date }) => date >= stage.start && date <= stage.end)
    .reduce((sum, { amount }) => sum + amount, 0)

const { dragged, grab, drag, release } = useRuleDrag({
  dayAt: (from, x) => nearestDay(props.days, scale.value, scale.value.xOf(from) + x) ?? from,
  tried: (purchase, day) => emit('try', purchase, day),
  dropped: () => emit('drop'),
  moved: (purchase, day) => emit('move', purchase, day),
  chosen: (purchase) => emit('choose', purchase.id)
})
async function step(purchase: PlannedPurchase, by: 1 | -1): Promise<void> {
  const ordered = by === 1 ? props.days : [...props.days].reverse()
  const day = ordered.find((candidate) =>
    by === 1 ? candidate > purchase.date : candidate < purchase.date
  )
  if (day === undefined) return
  emit('move', purchase, day)
  await nextTick()
  frame.value
    ?.querySelector<HTMLElement>(
      `[data-offer="${CSS.escape(purchase.offer)}"][data-day="${day}"], [data-offer="${CSS.escape(purchase.offer)}"]`
    )
    ?.focus()
}
function key(event: KeyboardEvent, purchase: PlannedPurchase): void {
  if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
    event.preventDefault()
    void step(purchase, event.key === 'ArrowRight' ? 1 : -1)
  } else if (event.key === 'p') {
    event.preventDefault()
    event.stopPropagation()
    emit('pin', purchase)
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', purchase.id)
  }
}
</script>

<template>
  <div
    ref="frame"
    class="scroller"
    role="group"
    tabindex="0"
    :aria-label="words.rule"
    @wheel="wheel"
    @keydown="frameKey"
  >
    <div class="drawing" :style="{ width: `${scale.width}px`, height: `${height}px` }">
      <RuleScale
        :scale="scale"
        :marks="marks.notches"
        :level="money.level"
        :area="money.area"
        :bands="money.bands"
        :height="height"
        :top="top"
        :rule-y="ruleY"
        :reserve-y="money.reserveY"
        :today-x="scale.xOf(asOf)"
        :target-x="dragged?.moved ? scale.xOf(dragged.day) : undefined"
      />
      <span class="reserve-label" :style="{ top: `${money.reserveY - 19}px` }">{{
        words.keepBack(say.money(reserve))
      }}</span>
      <span class="today" :style="{ left: `${scale.xOf(asOf) + 4}px`, top: `${ruleY - 40}px` }">{{
        words.today
      }}</span>
      <button
        v-for="mark in marks.notches"
        :key="mark.planned.build + mark.planned.begin"
        type="button"
        class="build"
        :class="{
          chosen: chosen === mark.planned.build,
          jig: mark.planned.build.startsWith('make/')
        }"
        :style="{
          left: `${mark.labelX}px`,
          top: `${mark.row * LABEL_ROW}px`,
          width: `${mark.labelWidth}px`
        }"
        :aria-label="
          words.buildLabel(
            say.planned(mark.planned),
            say.day(mark.planned.begin),
            say.day(mark.planned.done)
          )
        "
        @click="emit('choose', mark.planned.build)"
      >
        <bdi>{{ say.planned(mark.planned) }}</bdi>
      </button>
      <RuleStage
        v-for="{ stage, x, width } in scale.stages"
        :key="stage.start"
        :stage="stage"
        :x="x"
        :width="width"
        :top="ruleY + 15"
        :money="moneyIn(stage)"
        :say="say"
        @click="emit('after', stage)"
      />
      <span
        v-for="ghost in ghosts"
        :key="`ghost-${ghost.purchase.id}`"
        class="ghost"
        aria-hidden="true"
        :style="{
          left: `${ghost.x}px`,
          top: `${ruleY + RULE_HEIGHT + ghost.y}px`,
          width: `${ghost.width}px`,
          height: `${ghost.height}px`
        }"
        >{{ say.shortOffer(ghost.purchase.offer) }}</span
      >
      <RuleTag
        v-for="tag in hung.tags"
        :key="tag.purchase.id"
        :tag="tag"
        :under="ruleY + RULE_HEIGHT"
        :say="say"
        :pinned="isPinned(tag.purchase)"
        :hazard="isHazard(tag.purchase)"
        :chosen="chosen === tag.purchase.id"
        :shift="dragged?.purchase.id === tag.purchase.id ? dragged.x : undefined"
        :held="dragged?.purchase.id === tag.purchase.id && dragged.moved"
        @pointerdown="grab($event, tag.purchase)"
        @pointermove="drag"
        @pointerup="release"
        @pointercancel="dragged = undefined"
        @keydown="key($event, tag.purchase)"
      />
    </div>
  </div>
</template>

<style scoped>
.scroller {
  overflow-x: auto;
  /* Two fingers change how wide the rule is, not the page. */
  touch-action: pan-x pan-y;
  padding-bottom: 0.25rem;
}
.drawing {
  position: relative;
}
.reserve-label,
.today {
  position: absolute;
  font-size: 0.75rem;
  color: var(--graphite-soft);
  pointer-events: none;
}
.reserve-label {
  right: 0.25rem;
  background: color-mix(in srgb, var(--paper) 70%, transparent);
  padding: 0 0.2rem;
}
.ghost {
  position: absolute;
  border: 1px dashed var(--graphite-soft);
  color: var(--graphite-soft);
  font-size: 0.6875rem;
  padding: 0.2rem 0.3rem;
  overflow: hidden;
  pointer-events: none;
  opacity: 0.75;
  border-radius: var(--radius);
}
.build {
  position: absolute;
  height: 22px;
  line-height: 18px;
  border: 1px solid var(--graphite);
  background: var(--paper-raised);
  font-size: 0.75rem;
  font-weight: 600;
  padding: 0 0.4rem;
  cursor: pointer;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  text-align: left;
  border-radius: var(--radius);
  color: var(--graphite);
}
.build.jig {
  border-style: dashed;
  font-weight: 400;
}
.chosen {
  outline: 2px solid var(--planned);
  outline-offset: 1px;
}
</style>

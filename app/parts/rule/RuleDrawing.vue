<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import type { Day, Stage } from '../../../core/calendar'
import type { DayBalance } from '../../../core/plan'
import type { Risk } from '../../../core/risk'
import type { Receipt, PlannedBuild, PlannedPurchase } from '../../../core/workspace'
import type { Say } from '../../words/say'
import { stages as words } from '../../words/stages'
import { staging as more } from '../../words/staging'
import { bandPath, levelPath, nearestDay, notches, scaleFor, tags } from './layout'

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

const ZOOM_STEP = 1.3
const LEAST_ZOOM = 0.3
const MOST_ZOOM = 4
const LEVEL_HEIGHT = 130
const LABEL_ROW = 26
const RULE_HEIGHT = 50

const frame = ref<HTMLElement>()
const { width: room } = useElementSize(frame)
/** Width of a stage against the one at which all fit, or nearly. */
const zoom = ref(1)
const scale = computed(() => scaleFor(props.stages, room.value > 0 ? room.value : 1100, zoom.value))
function zoomBy(factor: number): void {
  const { scrollLeft = 0, clientWidth = 0 } = frame.value ?? {}
  const middle = (scrollLeft + clientWidth / 2) / scale.value.width
  zoom.value = Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, zoom.value * factor))
  void nextTick(() => frame.value?.scrollTo({ left: middle * scale.value.width - clientWidth / 2 }))
}
function wheel(event: WheelEvent): void {
  if (!event.ctrlKey) return
  event.preventDefault()
  zoomBy(event.deltaY < 0 ? ZOOM_STEP : 1 / ZOOM_STEP)
}
function frameKey(event: KeyboardEvent): void {
  const { width } = scale.value
  if (event.key === '+' || event.key === '=') zoomBy(ZOOM_STEP)
  else if (event.key === '-') zoomBy(1 / ZOOM_STEP)
  else if (event.key === 'Home') frame.value?.scrollTo({ left: 0 })
  else if (event.key === 'End') frame.value?.scrollTo({ left: width })
  else if (event.key === 'PageDown' || event.key === 'PageUp')
    frame.value?.scrollBy({
      left: (event.key === 'PageDown' ? 0.8 : -0.8) * (frame.value.clientWidth || 0)
    })
  else if (
    event.target === frame.value &&
    (event.key === 'ArrowRight' || event.key === 'ArrowLeft')
  )
    frame.value?.scrollBy({ left: event.key === 'ArrowRight' ? 80 : -80 })
  else return
  event.preventDefault()
}
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

const highest = computed(() =>
  Math.max(
    props.reserve * 1.5,
    1,
    ...props.balances.map(({ balance }) => balance),
    ...(props.fan ?? []).map(({ quantiles }) => quantiles.at(-1) ?? 0)
  )
)
const lowest = computed(() =>
  Math.min(
    0,
    ...props.balances.map(({ balance }) => balance),
    ...(props.fan ?? []).map(({ quantiles }) => quantiles[0] ?? 0)
  )
)
const yOf = (balance: number): number =>
  ruleY.value - 2 - ((balance - lowest.value) / (highest.value - lowest.value)) * (LEVEL_HEIGHT - 6)
const level = computed(() => levelPath(props.balances, scale.value, yOf))
const levelStart = computed(() => scale.value.xOf(props.balances[0]?.date ?? props.asOf))
const area = computed(() =>
  level.value === '' ? '' : `${level.value}V${ruleY.value}H${levelStart.value}Z`
)
/** The band between two of the fan's quantiles. */
const bandOf = (low: number, high: number): string =>
  bandPath(
    (props.fan ?? []).map(({ date, quantiles }) => ({
      date,
      low: quantiles[low] ?? 0,
      high: quantiles[high] ?? 0
    })),
    scale.value,
    yOf
  )
const moneyIn = (stage: Stage): number =>
  props.receipts
    .filter(({ date }) => date >= stage.start && date <= stage.end)
    .reduce((sum, { amount }) => sum + amount, 0)

/** A purchase under the pointer, and the day it would fall on. */
const dragged = ref<{
  purchase: PlannedPurchase
  from: number
  x: number
  day: Day
  moved: boolean
}>()
function grab(event: PointerEvent, purchase: PlannedPurchase): void {
  if (event.button !== 0) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  dragged.value = { purchase, from: event.clientX, x: 0, day: purchase.date, moved: false }
}
function drag(event: PointerEvent): void {
  const now = dragged.value
  if (!now) return
  const x = event.clientX - now.from
  if (!now.moved && Math.abs(x) < 5) return
  const day =
    nearestDay(props.days, scale.value, scale.value.xOf(now.purchase.date) + x) ?? now.purchase.date
  dragged.value = { ...now, x, day, moved: true }
  if (day !== now.day || !now.moved) emit('try', now.purchase, day)
}
function release(): void {
  const now = dragged.value
  dragged.value = undefined
  if (!now) return
  emit('drop')
  if (now.moved && now.day !== now.purchase.date) emit('move', now.purchase, now.day)
  else emit('choose', now.purchase.id)
}
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
      <svg :width="scale.width" :height="height" aria-hidden="true">
        <path :d="area" class="level" />
        <template v-if="fan">
          <path :d="bandOf(0, 4)" class="fan wide" />
          <path :d="bandOf(1, 3)" class="fan" />
        </template>
        <path :d="level" class="edge" />
        <line x1="0" :x2="scale.width" :y1="yOf(reserve)" :y2="yOf(reserve)" class="reserve" />
        <g v-for="mark in marks.notches" :key="mark.planned.build + mark.planned.begin">
          <line
            :x1="mark.x"
            :x2="mark.x"
            :y1="mark.row * LABEL_ROW + 22"
            :y2="ruleY"
            class="leader"
          />
        </g>
        <rect x="0" :y="ruleY" :width="scale.width - 0.5" :height="RULE_HEIGHT" class="rule" />
        <g v-for="{ stage, x, width } in scale.stages" :key="stage.start">
          <line :x1="x" :x2="x" :y1="ruleY" :y2="ruleY + RULE_HEIGHT" class="tick" />
          <line
            v-for="n in 7"
            :key="n"
            :x1="x + (width * n) / 8"
            :x2="x + (width * n) / 8"
            :y1="ruleY"
            :y2="ruleY + (n === 4 ? 14 : 8)"
            class="tick fine"
          />
        </g>
        <g v-for="mark in marks.notches" :key="mark.planned.build + mark.planned.begin">
          <rect
            :x="mark.x"
            :y="ruleY"
            :width="Math.max(3, mark.doneX - mark.x)"
            height="5"
            class="span"
          />
          <path
            :d="`M${mark.x - 6},${ruleY}h12l-6,9z`"
            class="notch"
            :class="{ jig: mark.planned.build.startsWith('make/') }"
          />
        </g>
        <line
          :x1="scale.xOf(asOf)"
          :x2="scale.xOf(asOf)"
          :y1="ruleY - 36"
          :y2="ruleY + 14"
          class="now"
        />
        <line
          v-if="dragged?.moved"
          :x1="scale.xOf(dragged.day)"
          :x2="scale.xOf(dragged.day)"
          :y1="top"
          :y2="height"
          class="target"
        />
      </svg>
      <span class="reserve-label" :style="{ top: `${yOf(reserve) - 19}px` }">{{
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
      <button
        v-for="{ stage, x, width } in scale.stages"
        :key="stage.start"
        type="button"
        class="stage-label"
        :aria-label="more.afterLabel(say.shortDay(stage.end))"
        :style="{ left: `${x}px`, width: `${width}px`, top: `${ruleY + 15}px` }"
        @click="emit('after', stage)"
      >
        <span>{{ say.shortDay(stage.start) }}</span><span
          v-if="moneyIn(stage) !== 0"
          class="money-in"
          >{{ say.moved(moneyIn(stage)) }}</span
        >
      </button>
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
      <button
        v-for="tag in hung.tags"
        :key="tag.purchase.id"
        type="button"
        class="tag"
        :class="{
          chosen: chosen === tag.purchase.id,
          hatch: isHazard(tag.purchase),
          held: dragged?.purchase.id === tag.purchase.id && dragged.moved
        }"
        :data-offer="tag.purchase.offer"
        :data-day="tag.purchase.date"
        :style="{
          left: `${tag.x}px`,
          top: `${ruleY + RULE_HEIGHT + tag.y}px`,
          width: `${tag.width}px`,
          height: `${tag.height}px`,
          transform:
            dragged?.purchase.id === tag.purchase.id ? `translateX(${dragged.x}px)` : 'none'
        }"
        :aria-label="
          words.tagLabel(
            say.offer(tag.purchase.offer),
            say.money(tag.purchase.price),
            say.day(tag.purchase.date),
            isPinned(tag.purchase)
          )
        "
        @pointerdown="grab($event, tag.purchase)"
        @pointermove="drag"
        @pointerup="release"
        @pointercancel="dragged = undefined"
        @keydown="key($event, tag.purchase)"
      >
        <span class="tag-name"
          >{{ say.shortOffer(tag.purchase.offer)
          }}<template v-if="tag.purchase.count > 1"> ×{{ tag.purchase.count }}</template></span
        >
        <span class="tag-foot"
          ><i v-if="isPinned(tag.purchase)" class="pi pi-thumbtack" aria-hidden="true" /><span>{{
            say.money(tag.purchase.price)
          }}</span></span
        >
      </button>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  overflow-x: auto;
  padding-bottom: 0.25rem;
}
.drawing {
  position: relative;
}
svg {
  position: absolute;
  inset: 0;
}
.level {
  fill: var(--planned-faint);
}
.fan {
  fill: var(--planned);
  opacity: 0.24;
}
.fan.wide {
  opacity: 0.14;
}
.edge {
  fill: none;
  stroke: var(--planned);
  stroke-width: 2;
}
.reserve {
  stroke: var(--spent);
  stroke-dasharray: 6 4;
}
.leader {
  stroke: var(--graphite);
  stroke-dasharray: 1 4;
  stroke-width: 1.2;
}
.rule {
  fill: var(--rule);
  stroke: var(--rule-ink);
}
.tick {
  stroke: var(--rule-ink);
  stroke-width: 1.4;
}
.fine {
  stroke-width: 0.9;
}
.notch {
  fill: var(--graphite);
}
.notch.jig {
  fill: var(--paper);
  stroke: var(--graphite);
  stroke-width: 1.3;
}
.span {
  fill: var(--planned);
  opacity: 0.55;
}
.now {
  stroke: var(--graphite);
  stroke-width: 3;
}
.target {
  stroke: var(--attention);
  stroke-width: 2;
  stroke-dasharray: 4 3;
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
.stage-label {
  position: absolute;
  display: grid;
  padding: 0 0.35rem;
  line-height: 1.3;
  font-size: 0.75rem;
  color: var(--rule-ink);
  font-family: var(--slab);
  white-space: nowrap;
  overflow: hidden;
  background: none;
  border: 0;
  text-align: left;
  align-content: start;
  cursor: pointer;
  height: 34px;
}
.stage-label:hover {
  text-decoration: underline;
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
.money-in {
  font-family: var(--sans);
  text-align: right;
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
.tag {
  position: absolute;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  text-align: left;
  border: 1px solid var(--graphite);
  background-color: var(--paper-raised);
  padding: 0.2rem 0.25rem 0.15rem 0.3rem;
  font-size: 0.6875rem;
  line-height: 1.18;
  cursor: grab;
  border-radius: var(--radius);
  touch-action: pan-y;
  overflow: hidden;
  color: var(--graphite);
}
.tag.hatch {
  background-size: auto;
  background-image:
    linear-gradient(var(--paper-raised), var(--paper-raised)),
    repeating-linear-gradient(135deg, var(--hazard-stripe) 0 3px, var(--paper-raised) 3px 9px);
  background-clip: padding-box, border-box;
  background-size:
    calc(100% - 8px) 100%,
    100% 100%;
  background-position: right, left;
  background-repeat: no-repeat;
  padding-left: 0.75rem;
}
.tag.held {
  cursor: grabbing;
  z-index: 2;
  outline: 2px solid var(--attention);
}
.chosen {
  outline: 2px solid var(--planned);
  outline-offset: 1px;
}
.tag-name {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  font-weight: 600;
  overflow-wrap: break-word;
  hyphens: auto;
}
.tag-foot {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  font-variant-numeric: tabular-nums;
}
.tag-foot > span:last-child {
  margin-left: auto;
}
.tag-foot i {
  font-size: 0.625rem;
}
</style>

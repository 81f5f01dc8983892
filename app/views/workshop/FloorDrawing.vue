<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { DragGesture } from '@use-gesture/vanilla'
import { computed, onUnmounted, ref, watch } from 'vue'
import { wallsOf, type Clash, type FloorPlan, type Shape } from '../../../core/workshop'
import { floor as words } from '../../words/floor'
import { arrowOf, leafIn, numberAt, swing, type Leaf } from './floor-marks'
import { piecesOf, type Piece } from './floor-pieces'

/** The room to scale: things and tools are dragged, or moved by the arrow keys. */
const props = defineProps<{
  plan: FloorPlan
  shapes: ReadonlyMap<string, Shape>
  clashes: readonly Clash[]
  names: (piece: Piece) => string
}>()
const chosen = defineModel<string | undefined>('chosen', { required: true })
const emit = defineEmits<{
  shift: [key: string, dx: number, dy: number]
  drop: [key: string, dx: number, dy: number]
  turn: [key: string]
  remove: [key: string]
}>()

const MARGIN = 350
const frame = ref<SVGSVGElement>()
const pieces = computed(() => piecesOf(props.plan, props.shapes))
const walls = computed(() => wallsOf(props.plan.outline))
const box = computed(() => {
  const xs = props.plan.outline.map(({ xMm }) => xMm)
  const ys = props.plan.outline.map(({ yMm }) => yMm)
  const [x, y] = [Math.min(...xs, 0), Math.min(...ys, 0)]
  return { x, y, w: Math.max(...xs, 500) - x, h: Math.max(...ys, 500) - y }
})
const viewBox = computed(
  () =>
    `${box.value.x - MARGIN} ${box.value.y - MARGIN} ${box.value.w + 2 * MARGIN} ${box.value.h + 2 * MARGIN}`
)
/** A letter is so many mm high that it is read at any size of the room. */
const LETTER_PX = 12
const { width } = useElementSize(frame)
const letter = computed(() =>
  Math.round(((box.value.w + 2 * MARGIN) * LETTER_PX) / Math.max(200, width.value || 600))
)
const outline = computed(() => props.plan.outline.map(({ xMm, yMm }) => `${xMm},${yMm}`).join(' '))
const inTrouble = computed(() => new Set(props.clashes.map(({ tool }) => tool)))
const isOff = (piece: Piece): boolean =>
  (piece.kind === 'tool' || piece.kind === 'stored') && inTrouble.value.has(piece.id)
const shown = computed(() => {
  const isChosen = ({ key }: Piece): boolean => key === chosen.value
  return [...pieces.value.filter((one) => !isChosen(one)), ...pieces.value.filter(isChosen)]
})
const leafOf = (id: string): Leaf[] => [leafIn(props.plan, id) ?? []].flat()
const short = (name: string, width: number): string => {
  const most = Math.max(3, Math.floor(width / (letter.value * 0.56)))
  return name.length > most ? `${name.slice(0, most - 1)}…` : name
}

function keyed(event: KeyboardEvent, key: string): void {
  const move = arrowOf(event)
  if (move) emit('drop', key, ...move)
  else if (event.key === 'r' || event.key === 'R') emit('turn', key)
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('remove', key)
  else return
  event.preventDefault()
  event.stopPropagation()
}

let gesture: DragGesture | undefined
let held: string | undefined
watch(
  frame,
  (element) => {
    gesture?.destroy()
    gesture = undefined
    if (!element) return
    gesture = new DragGesture(
      element,
      ({ first, last, tap, movement: [mx, my], event }) => {
        if (first) {
          const at = (event.target as Element).closest<SVGElement>('[data-key]')
          held = at?.dataset.key
          chosen.value = held
        }
        if (!held) return
        const scale = element.getScreenCTM()?.a ?? 1
        if (last) {
          if (!tap) emit('drop', held, mx / scale, my / scale)
          held = undefined
        } else emit('shift', held, mx / scale, my / scale)
      },
      { filterTaps: true, pointer: { keys: false } }
    )
  },
  { flush: 'post' }
)
onUnmounted(() => gesture?.destroy())
</script>

<template>
  <svg
    ref="frame"
    class="room"
    :viewBox="viewBox"
    role="group"
    :aria-label="words.drawn"
    :style="{ '--letter': `${letter}px`, maxHeight: '34rem' }"
  >
    <defs>
      <pattern
        id="floor-off"
        width="120"
        height="120"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="120" class="stripe" />
      </pattern>
    </defs>
    <polygon :points="outline" class="walls" />
    <text
      v-for="(wall, i) in walls"
      :key="i"
      class="wall-number"
      :x="numberAt(wall, letter).xMm"
      :y="numberAt(wall, letter).yMm"
    >
      {{ i + 1 }}
    </text>
    <g
      v-for="piece in shown"
      :key="piece.key"
      :data-key="piece.key"
      :data-kind="piece.kind"
      class="piece"
      :class="[piece.kind, { chosen: piece.key === chosen, off: isOff(piece) }]"
      tabindex="0"
      role="button"
      :aria-label="names(piece)"
      :aria-pressed="piece.key === chosen"
      @focus="chosen = piece.key"
      @keydown="keyed($event, piece.key)"
    >
      <template v-if="piece.key === chosen || isOff(piece)">
        <rect
          v-for="(run, i) in piece.runs"
          :key="i"
          class="run"
          :x="run.x"
          :y="run.y"
          :width="run.w"
          :height="run.h"
        />
      </template>
      <template v-if="piece.kind === 'opening'">
        <template v-for="leaf in leafOf(piece.id)" :key="`${leaf.a.xMm}-${leaf.a.yMm}`">
          <g>
            <line
              class="gap"
              :class="leaf.kind"
              :x1="leaf.a.xMm"
              :y1="leaf.a.yMm"
              :x2="leaf.b.xMm"
              :y2="leaf.b.yMm"
            />
            <path v-if="leaf.inward" class="swing" :d="swing(leaf)" />
          </g>
        </template>
      </template>
      <circle
        v-if="piece.kind === 'outlet'"
        class="dot"
        :cx="piece.rect.x + piece.rect.w / 2"
        :cy="piece.rect.y + piece.rect.h / 2"
        r="80"
      />
      <rect
        class="body"
        :x="piece.rect.x"
        :y="piece.rect.y"
        :width="piece.rect.w"
        :height="piece.rect.h"
      />
      <text
        v-if="piece.kind === 'thing' || piece.kind === 'tool' || piece.kind === 'stored'"
        :x="piece.rect.x + piece.rect.w / 2"
        :y="piece.rect.y + piece.rect.h / 2"
        :transform="
          piece.rect.h > piece.rect.w * 1.3
            ? `rotate(-90 ${piece.rect.x + piece.rect.w / 2} ${piece.rect.y + piece.rect.h / 2})`
            : undefined
        "
      >
        {{ short(names(piece), Math.max(piece.rect.w, piece.rect.h)) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.room {
  width: 100%;
  touch-action: pan-y;
  user-select: none;
}
.walls {
  fill: var(--paper-raised);
  stroke: var(--graphite);
  stroke-width: 70;
}
.wall-number,
.piece text {
  font-size: var(--letter);
  fill: var(--graphite-soft);
  text-anchor: middle;
  dominant-baseline: middle;
  pointer-events: none;
}
.piece {
  cursor: grab;
  touch-action: none;
  outline: none;
}
.piece text {
  fill: var(--graphite);
}
.body {
  fill: transparent;
  stroke: none;
}
.thing .body {
  fill: var(--paper-deep);
  stroke: var(--line-strong);
  stroke-width: 16;
}
.tool .body {
  fill: var(--planned-faint);
  stroke: var(--planned);
  stroke-width: 20;
}
.stored .body {
  fill: var(--planned-wash);
  stroke: var(--planned);
  stroke-width: 20;
  stroke-dasharray: 90 60;
}
.off .body {
  fill: url('#floor-off');
  stroke: var(--attention);
}
.stripe {
  stroke: var(--attention-wash);
  stroke-width: 120;
}
.run {
  fill: none;
  stroke: var(--planned);
  stroke-width: 14;
  stroke-dasharray: 60 50;
  pointer-events: none;
}
.off .run {
  stroke: var(--attention);
}
.gap {
  stroke: var(--rule);
  stroke-width: 74;
}
.gap.window {
  stroke: var(--paper-raised);
  stroke-width: 30;
}
.swing {
  fill: none;
  stroke: var(--line-strong);
  stroke-width: 14;
}
.dot {
  fill: var(--paper-raised);
  stroke: var(--spent);
  stroke-width: 28;
}
.chosen .body,
.piece:focus-visible .body {
  stroke: var(--focus);
  stroke-width: 36;
}
</style>

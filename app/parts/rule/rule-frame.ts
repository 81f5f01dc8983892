import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, type ComputedRef, type Ref } from 'vue'
import type { Stage } from '../../../core/calendar'
import { scaleFor, type RuleScale } from './layout'

const ZOOM_STEP = 1.3
const LEAST_ZOOM = 0.3
const MOST_ZOOM = 4
/** How far the keys move the rule: of the frame's width, and in pixels. */
const PAGE = 0.8
const NUDGE = 80

/** The frame the rule runs in: how wide a stage is drawn, and the wheel and keys that change it or move along. */
export function useRuleFrame(
  frame: Ref<HTMLElement | undefined>,
  stages: () => readonly Stage[]
): {
  readonly scale: ComputedRef<RuleScale>
  zoomBy(factor: number): void
  wheel(event: WheelEvent): void
  frameKey(event: KeyboardEvent): void
} {
  const { width: room } = useElementSize(frame)
  /** Width of a stage against the one at which all fit, or nearly. */
  const zoom = ref(1)
  const scale = computed(() => scaleFor(stages(), room.value > 0 ? room.value : 1100, zoom.value))
  function zoomBy(factor: number): void {
    const { scrollLeft = 0, clientWidth = 0 } = frame.value ?? {}
    const middle = (scrollLeft + clientWidth / 2) / scale.value.width
    zoom.value = Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, zoom.value * factor))
    void nextTick(() =>
      frame.value?.scrollTo({ left: middle * scale.value.width - clientWidth / 2 })
    )
  }
  function wheel(event: WheelEvent): void {
    if (!event.ctrlKey) return
    event.preventDefault()
    zoomBy(event.deltaY < 0 ? ZOOM_STEP : 1 / ZOOM_STEP)
  }
  const scrollBy = (left: number): void => frame.value?.scrollBy({ left })
  const page = (): number => (frame.value?.clientWidth ?? 0) * PAGE
  const anywhere: Readonly<Record<string, () => void>> = {
    '+': () => zoomBy(ZOOM_STEP),
    '=': () => zoomBy(ZOOM_STEP),
    '-': () => zoomBy(1 / ZOOM_STEP),
    Home: () => frame.value?.scrollTo({ left: 0 }),
    End: () => frame.value?.scrollTo({ left: scale.value.width }),
    PageDown: () => scrollBy(page()),
    PageUp: () => scrollBy(-page())
  }
  /** Arrows move what stands on the rule; only where nothing does, they move the rule. */
  const onFrame: Readonly<Record<string, () => void>> = {
    ArrowRight: () => scrollBy(NUDGE),
    ArrowLeft: () => scrollBy(-NUDGE)
  }
  function frameKey(event: KeyboardEvent): void {
    const act =
      anywhere[event.key] ?? (event.target === frame.value ? onFrame[event.key] : undefined)
    if (!act) return
    act()
    event.preventDefault()
  }
  return { scale, zoomBy, wheel, frameKey }
}

import { PinchGesture } from '@use-gesture/vanilla'
import { onUnmounted, watch, type Ref } from 'vue'

/** Two fingers apart or together on a frame: how much further apart they are than when this was last told. */
export function usePinch(
  frame: Ref<HTMLElement | undefined>,
  told: (factor: number) => void
): void {
  let gesture: PinchGesture | undefined
  const stop = (): void => {
    gesture?.destroy()
    gesture = undefined
  }
  watch(
    frame,
    (element) => {
      stop()
      if (!element) return
      let before = 1
      gesture = new PinchGesture(
        element,
        ({ first, movement: [apart] }) => {
          if (!first && apart > 0) told(apart / before)
          before = apart > 0 ? apart : 1
        },
        { eventOptions: { passive: false } }
      )
    },
    { immediate: true, flush: 'post' }
  )
  onUnmounted(stop)
}

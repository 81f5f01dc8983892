import { ref, type Ref } from 'vue'
import type { Day } from '../../../core/calendar'
import type { PlannedPurchase } from '../../../core/workspace'

/** Nearer than this to where it was taken up, a purchase is chosen, not moved, px. */
const STILL = 5

/** A purchase under the pointer, and the day it would fall on. */
interface Dragged {
  readonly purchase: PlannedPurchase
  /** Where it was taken up, and how far it has come since, px. */
  readonly from: number
  readonly x: number
  readonly day: Day
  readonly moved: boolean
}
interface Heard {
  /** The day of buying nearest to a place so many pixels from a day. */
  dayAt(from: Day, x: number): Day
  tried(purchase: PlannedPurchase, day: Day): void
  dropped(): void
  moved(purchase: PlannedPurchase, day: Day): void
  chosen(purchase: PlannedPurchase): void
}

/** Drags a purchase along the rule by the pointer. */
export function useRuleDrag(heard: Heard): {
  readonly dragged: Ref<Dragged | undefined>
  grab(event: PointerEvent, purchase: PlannedPurchase): void
  drag(event: PointerEvent): void
  release(): void
} {
  const dragged = ref<Dragged>()
  return {
    dragged,
    grab(event, purchase) {
      if (event.button !== 0) return
      ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
      dragged.value = { purchase, from: event.clientX, x: 0, day: purchase.date, moved: false }
    },
    drag(event) {
      const now = dragged.value
      if (!now) return
      const x = event.clientX - now.from
      if (!now.moved && Math.abs(x) < STILL) return
      const day = heard.dayAt(now.purchase.date, x)
      dragged.value = { ...now, x, day, moved: true }
      if (day !== now.day || !now.moved) heard.tried(now.purchase, day)
    },
    release() {
      const now = dragged.value
      dragged.value = undefined
      if (!now) return
      heard.dropped()
      if (now.moved && now.day !== now.purchase.date) heard.moved(now.purchase, now.day)
      else heard.chosen(now.purchase)
    }
  }
}

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { CardKind } from '../../core/cards'

export interface CardAsked {
  readonly kind: CardKind
  readonly id: string
}

/** The card that is open, and those one came by: a name on a card opens the next. */
export const useCards = defineStore('cards', () => {
  const trail = ref<readonly CardAsked[]>([])
  const asked = computed(() => trail.value.at(-1))
  const canGoBack = computed(() => trail.value.length > 1)
  return {
    asked,
    canGoBack,
    open: (kind: CardKind, id: string): void => {
      trail.value = [...trail.value, { kind, id }]
    },
    back: (): void => {
      trail.value = trail.value.slice(0, -1)
    },
    close: (): void => {
      trail.value = []
    }
  }
})

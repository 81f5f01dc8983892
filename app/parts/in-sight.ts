import { nextTick, ref, type Ref } from 'vue'

/** A part of the page that is brought into sight when something is chosen, where the page is too narrow to show both. */
export function useInSight(narrow: Ref<boolean>): {
  readonly part: Ref<HTMLElement | undefined>
  bring(): Promise<void>
} {
  const part = ref<HTMLElement>()
  return {
    part,
    async bring() {
      if (!narrow.value) return
      await nextTick()
      part.value?.scrollIntoView({ block: 'start' })
    }
  }
}

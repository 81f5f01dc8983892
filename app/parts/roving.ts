import { onMounted, onUpdated, type Ref } from 'vue'

/** What in a group can be gone to by arrow keys. */
const ITEMS = '[data-rove]'
/** Boxes whose tops differ by less stand in one row, px. */
const SAME_ROW = 8

const rowOf = (one: HTMLElement): number => one.getBoundingClientRect().top
const middleOf = (one: HTMLElement): number => {
  const { left, width } = one.getBoundingClientRect()
  return left + width / 2
}
/** The nearest item of the next row up or down, as it stands on the page. */
function acrossRows(
  items: readonly HTMLElement[],
  from: HTMLElement,
  down: boolean
): HTMLElement | undefined {
  const [top, middle] = [rowOf(from), middleOf(from)]
  const beyond = items.filter((one) =>
    down ? rowOf(one) > top + SAME_ROW : rowOf(one) < top - SAME_ROW
  )
  const row = beyond.reduce<number | undefined>((nearest, one) => {
    const at = rowOf(one)
    return nearest === undefined || (down ? at < nearest : at > nearest) ? at : nearest
  }, undefined)
  return beyond
    .filter((one) => Math.abs(rowOf(one) - (row ?? 0)) < SAME_ROW)
    .sort((a, b) => Math.abs(middleOf(a) - middle) - Math.abs(middleOf(b) - middle))[0]
}

/**
 * A group of things to press as one stop of the Tab key, gone through by arrow keys, Home and End (the roving tabindex of the ARIA
 * Authoring Practices). What takes part is marked by `data-rove`; what stands beside it in the group is left to the mouse and to `I`.
 */
export function useRoving(group: Ref<HTMLElement | null | undefined>): {
  key(event: KeyboardEvent): void
  entered(event: FocusEvent): void
} {
  const items = (): HTMLElement[] => [...(group.value?.querySelectorAll<HTMLElement>(ITEMS) ?? [])]
  /** Only one can be come to by Tab: the one gone to last, else what is pressed, else the first. */
  function hold(stop: HTMLElement | undefined): void {
    const all = items()
    const kept = stop ?? all.find(({ ariaPressed }) => ariaPressed === 'true') ?? all[0]
    for (const one of all) one.tabIndex = one === kept ? 0 : -1
  }
  const asItIs = (): void => {
    const stops = items().filter(({ tabIndex }) => tabIndex === 0)
    hold(stops.length === 1 ? stops[0] : undefined)
  }
  onMounted(asItIs)
  onUpdated(asItIs)
  return {
    entered(event) {
      const one = (event.target as HTMLElement).closest<HTMLElement>(ITEMS)
      if (one) hold(one)
    },
    key(event) {
      const from = (event.target as HTMLElement).closest<HTMLElement>(ITEMS)
      if (!from) return
      const all = items()
      const at = all.indexOf(from)
      const to: Readonly<Record<string, HTMLElement | undefined>> = {
        ArrowRight: all[at + 1],
        ArrowLeft: all[at - 1],
        ArrowDown: acrossRows(all, from, true),
        ArrowUp: acrossRows(all, from, false),
        Home: all[0],
        End: all.at(-1)
      }
      if (!(event.key in to)) return
      event.preventDefault()
      to[event.key]?.focus()
    }
  }
}

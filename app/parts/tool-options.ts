import { computed, type ComputedRef } from 'vue'
import { useWorkspace } from '../stores/workspace'

/** A tool in a list to choose from. */
export interface ToolOption {
  readonly id: string
  readonly name: string
  /** Its name and other names, to be found by. */
  readonly words: string
}

/** Tools that can be bought, by name. */
export function useToolOptions(): ComputedRef<ToolOption[]> {
  const store = useWorkspace()
  return computed(() =>
    [...(store.world?.library.tools.values() ?? [])]
      .filter(({ madeBy }) => madeBy === undefined)
      .map(({ id, name, aliases }) => ({ id, name, words: [name, ...aliases].join(' ') }))
      .sort((a, b) => (a.name < b.name ? -1 : 1))
  )
}

import { computed, type ComputedRef } from 'vue'
import { useWorkspace } from '../stores/workspace'

/** Tools that can be bought, by name, for a list to choose from. */
export function useToolOptions(): ComputedRef<
  readonly { readonly id: string; readonly name: string }[]
> {
  const store = useWorkspace()
  return computed(() =>
    [...(store.world?.library.tools.values() ?? [])]
      .filter(({ madeBy }) => madeBy === undefined)
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => (a.name < b.name ? -1 : 1))
  )
}

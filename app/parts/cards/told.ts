import { sizesIn } from '../../../core/units'
import { useWorkspace } from '../../stores/workspace'

/** How a text of a card is told here: its sizes in the units of the workspace. */
export function useTold(): (text: string) => string {
  const store = useWorkspace()
  return (text) => sizesIn(text, store.workspace?.preferences.units ?? 'metric')
}

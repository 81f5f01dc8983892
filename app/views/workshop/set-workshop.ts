import type { Workshop } from '../../../core/workshop'
import { useWorkspace } from '../../stores/workspace'
import { steps } from '../../words/steps'

/** Changes what is said of the workshop, as one step; what is set to nothing is left out. */
export function useSetWorkshop(): (next: Partial<Workshop>) => void {
  const store = useWorkspace()
  return (next) => {
    store.run(steps.workshop(), (state) => ({
      ...state,
      workshop: Object.fromEntries(
        Object.entries({ ...state.workshop, ...next }).filter(([, value]) => value !== undefined)
      ) as unknown as Workshop
    }))
  }
}

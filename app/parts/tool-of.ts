import type { Tool } from '../../core/catalogue'
import { toolOfPurchase } from '../../core/explain'
import type { PlannedPurchase } from '../../core/workspace'
import { useWorkspace } from '../stores/workspace'

/** The tool that a planned purchase brings, where one is known. */
export function useToolOf(): (purchase: PlannedPurchase) => Tool | undefined {
  const store = useWorkspace()
  return (purchase) => store.world?.library.tools.get(toolOfPurchase(store.world, purchase) ?? '')
}

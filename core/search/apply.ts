import type { KitValue } from './kit-value'
import type { Package } from './packages'

/** Puts a package into the kit, or takes it out. */
export function apply(kit: KitValue, wanted: Package, times: 1 | -1): void {
  for (const [choice, count] of wanted) kit.add(choice, times * count)
}

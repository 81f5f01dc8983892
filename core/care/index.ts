export { STALE_AFTER_DAYS, WARRANTY_WARNING_DAYS, type Due, dueIn } from './due'
export { LOOK_AGAIN_DAYS, watchedIn, type Watched } from './watches'
export { capacityGaps, type CapacityGap } from './gaps'
export { inventoryOf, inventorySums, type InventoryLine } from './inventory'
export {
  ASKED_DAYS,
  checksOf,
  inexactBy,
  reckonedError,
  toCheck,
  waitsForTrue,
  type CheckOf,
  type ToCheck
} from './true'
export { careAhead, type CareAhead } from './ahead'
export { careOf, doneWith, COVERS, type CareOf } from './calendar'

export { STALE_AFTER_DAYS, WARRANTY_WARNING_DAYS, type Due, dueIn } from './due'
export { capacityGaps, type CapacityGap } from './gaps'
export { inventoryOf, inventorySums, type InventoryLine } from './inventory'

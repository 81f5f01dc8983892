export * from './due'
export { capacityGaps, type CapacityGap } from './gaps'
export { inventoryOf, inventorySums, type InventoryLine } from './inventory'

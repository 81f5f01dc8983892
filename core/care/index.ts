export * from './due'
export { capacityGaps, type CapacityGap } from './gaps'
export { inventoryOf, type InventoryLine } from './inventory'

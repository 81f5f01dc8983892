export * from './due'
export { capacityGaps, type CapacityGap } from './gaps'

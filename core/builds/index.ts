export * from './build'

export { batchOf } from './batch'

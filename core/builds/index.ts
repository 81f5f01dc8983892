export * from './build'

export * from './due'

export * from './length'

export * from './money'

export * from './workshop'

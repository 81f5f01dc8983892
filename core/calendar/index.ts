export * from './day'
export { paydays, type Payday, type Rhythm } from './paydays'
export * from './stage'

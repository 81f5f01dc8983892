export * from './changes'
export * from './purchases'
export * from './take-in'

export * from './types'
export * from './world'

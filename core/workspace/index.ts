export * from './types'
export * from './world'
export * as change from './changes'
export { freshWorkspace } from './fresh'

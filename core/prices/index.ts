export * from './offer'
export * from './bundles'
export * from './dated'
export { checkLink } from './link'

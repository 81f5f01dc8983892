export * from './offer'
export * from './bundles'
export * from './dated'

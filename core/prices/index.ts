export * from './offer'
export * from './bundles'

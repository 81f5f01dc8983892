export * from './offer'

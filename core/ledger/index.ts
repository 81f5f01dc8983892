export * from './ledger'

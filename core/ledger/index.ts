export * from './ledger'
export { ledgerProblems } from './check'
export { splitReceipt, shareOut, type ReceiptLine, type SplitReceipt } from './receipt'
export { dailyBalances, ledgerRows, ledgerSums, filterRows, sortRows, thinned, NO_FILTER, type LedgerFilter, type LedgerRow, type SortBy } from './rows'

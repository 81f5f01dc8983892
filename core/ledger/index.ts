export * from './ledger'
export { ledgerProblems } from './check'
export {
  receiptTotal,
  splitReceipt,
  shareOut,
  type ReceiptLine,
  type SplitReceipt
} from './receipt'
export {
  dailyBalances,
  ledgerRows,
  ledgerSums,
  filterRows,
  movedIn,
  sortRows,
  thinned,
  NO_FILTER,
  type LedgerFilter,
  type LedgerRow,
  type SortBy
} from './rows'

export {
  ENTRY_KINDS,
  type EntryKind,
  COMES_IN,
  EITHER_WAY,
  type LedgerEntry,
  balanceOn,
  pastBalances,
  reversalOf,
  standing,
  reconcile,
  commonStart,
  answeredBy
} from './ledger'
export { dayOrNone, movedAmount, paidAmount, pastDay } from './fields'
export { addedLedgerProblems, ledgerProblems } from './check'
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

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
  shareReceipt,
  shareOut,
  type ReceiptLine,
  type ReceiptShare
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

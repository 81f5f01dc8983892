export {
  checkMerged,
  checkShape,
  checkWorkspace,
  pathText,
  readKept,
  readKeptPlan,
  readPlan,
  readProven,
  readWorkspace,
  MOST_PROBLEMS,
  type ReadWorkspace
} from './read'
export { LARGEST_FILE, textOf } from './json'
export { decimal, planCsv, workspacePrint, writePlan, writeWorkspace } from './write'
export { WORKSPACE_VERSION } from './workspace-schema'
export { feedJsonSchema, planJsonSchema, schemaText, workspaceJsonSchema } from './published-schema'
export {
  isZip,
  pictureType,
  readZip,
  writeZip,
  LARGEST_PHOTO,
  type PhotoFile,
  type ReadZip
} from './bundle-file'
export { writeJournal } from './journal'
export { readLedgerCsv, writeLedgerCsv } from './ledger-csv'
export { writeInventory } from './inventory-csv'
export { readItems, writeItems } from './items-csv'
export type { Migration } from './migrations'
export { writeBooks } from './books-csv'
export { listingPicture, writeListingZip } from './bundle-file'
export { readCutList, writeCutList, type CutListReading } from './cut-list'
export { findTool, readQuotes, writeQuotes, type QuoteDefaults } from './quotes-csv'
export type { SheetReading } from './sheet'
export { readFeed, writeFeed } from './feed'
export { writeFeedCsv } from './feed-csv'
export type { FeedReading, FeedWanted } from './feed-listings'
export { planCalendar, type CalendarWords } from './calendar-file'
export { crossCheck } from './cross-checks'
export { checkChange } from './check-change'
export { salvage, type Salvaged, type SetAside } from './salvage'

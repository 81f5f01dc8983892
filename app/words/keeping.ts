import { titles } from './titles'
import { plural } from './plural'
import { stableText } from '../../core/kernel'
import type { Comparison, PartChange } from '../../core/workspace'
import type { Say } from './say'
import { perLocale, said } from './language'

const megabytes = (bytes: number): string =>
  bytes < 100_000
    ? `${Math.max(1, Math.round(bytes / 1000))} kB`
    : bytes < 1e9
      ? `${(bytes / 1e6).toFixed(1)} MB`
      : `${(bytes / 1e9).toFixed(1)} GB`

const moments = perLocale(
  (locale) =>
    new Intl.DateTimeFormat(locale, {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      hour: '2-digit',
      minute: '2-digit'
    })
)
/** A moment as people say it, in the zone of the device. */
export const momentText = (at: number | string): string =>
  moments()
    .format(typeof at === 'string' ? Date.parse(at) : at)
    .replace('Sept', 'Sep')

const LISTS: Readonly<Record<string, string>> = said('keptLists', {
  builds: 'Build',
  items: 'Owned',
  offers: 'Find',
  quotes: 'Price',
  'material-prices': 'Price of',
  'one-offs': 'Once',
  'own-operations': 'Own operation',
  'own-methods': 'Own way',
  'own-tools': 'Own tool',
  'own-materials': 'Own material',
  pins: 'Pin',
  bans: 'Ruled out',
  wishes: 'Wish',
  needTests: 'Needed',
  bundles: 'Bundle',
  deals: 'Deal',
  saleWindows: 'Sale',
  watches: 'Watched',
  hires: 'To hire',
  outlets: 'Outlet',
  pieces: 'Piece for sale',
  orders: 'Order',
  upkeep: 'Check or care',
  verdicts: 'What became of it',
  supplies: 'What is in stock',
  scenarios: 'Scenario',
  photos: 'Photo',
  adopted: 'Plan kept'
})
const SINGLE: Readonly<Record<string, string>> = said('keptSingle', {
  name: 'Name of the workspace',
  asOf: 'Fixed date',
  libraryVersion: 'Tool library',
  preferences: 'Preferences',
  horizon: 'Stages',
  time: 'Hours',
  workshop: 'Workshop',
  money: 'Money settings',
  order: 'Order of the builds'
})
/** What fields of a part are called, where that is not the field’s own name. */
const FIELDS: Readonly<Record<string, string>> = said('keptFields', {} as Record<string, string>)

/** Fields that hold money. */
const MONEY = /Each$|^(cost|price|amount|reserve|cap|hourValue|netEach)$/
/** A field's name as words: `worthEach` is "worth each". */
const fieldName = (key: string): string =>
  FIELDS[key] ??
  key.replace(/([a-z])([A-Z])/g, (_all, a: string, b: string) => `${a} ${b.toLowerCase()}`)

/** A former state in short. */
interface Former {
  readonly reason: 'while-working' | 'before-import' | 'before-return' | 'by-hand'
  readonly builds: number
  readonly items: number
  readonly entries: number
  readonly balance: number
}

type Fields = Readonly<Record<string, unknown>>
const field = (value: unknown, name: string): string | undefined =>
  typeof value === 'object' && value !== null && typeof (value as Fields)[name] === 'string'
    ? ((value as Fields)[name] as string)
    : undefined

/** What a part is called: "Build: Bird boxes". */
export function partName(
  say: Say,
  { key, mine, theirs }: Pick<PartChange, 'key' | 'mine' | 'theirs'>
): string {
  const [list = '', ...rest] = key.split('/')
  const id = rest.join('/')
  if (rest.length === 0) return SINGLE[key] ?? key
  const value = theirs ?? mine
  const tool = field(value, 'tool')
  const offer = field(value, 'offer')
  const name =
    field(value, 'name') ??
    field(value, 'text') ??
    (tool !== undefined
      ? say.tool(tool)
      : offer !== undefined
        ? say.offer(offer)
        : list === 'wishes'
          ? say.tool(id)
          : list === 'bans'
            ? say.tool(id.replace(/^\w+@/, ''))
            : list === 'adopted'
              ? say.day(field(value, 'asOf') ?? '')
              : id)
  return `${LISTS[list] ?? list}: ${name}`
}

/** The fields in which two states of a part differ, in short. */
export function partDifference(
  say: Say,
  { mine, theirs }: Pick<PartChange, 'mine' | 'theirs'>
): string {
  if (typeof mine !== 'object' || typeof theirs !== 'object' || mine === null || theirs === null)
    return ''
  const show = (key: string, value: unknown): string =>
    value === undefined
      ? keeping.nothingThere
      : typeof value === 'object'
        ? '…'
        : typeof value === 'number' && MONEY.test(key)
          ? say.money(value)
          : String(value).slice(0, 40)
  const [a, b] = [mine as Fields, theirs as Fields]
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter(
    (key) => stableText(a[key]) !== stableText(b[key])
  )
  return (
    keys
      .slice(0, 3)
      .map((key) =>
        show(key, a[key]) === '…' || show(key, b[key]) === '…'
          ? fieldName(key)
          : `${fieldName(key)}: ${show(key, a[key])} → ${show(key, b[key])}`
      )
      .join('; ') + (keys.length > 3 ? '; …' : '')
  )
}

export const keeping = said('keeping', {
  nothingThere: 'nothing',
  title: titles.keeping,
  subtitle: (name: string) => `What is kept of ${name}, and how it leaves this browser`,
  tabs: { settings: 'File and settings', keeping: 'Copies and formats' },
  backupTitle: 'Backup',
  lastBackup: (at: number, where: 'file' | 'folder') =>
    `Last saved to a ${where} on ${momentText(at)}.`,
  noBackup: 'Not saved outside this browser yet. A browser’s store can be cleared; a file stays.',
  save: 'Save to a file',
  chooseFolder: 'Choose a folder for backups',
  folder: (name: string) =>
    `Folder: ${name}. After changes a copy goes there by itself, at most once an hour while the browser allows it; the newest twenty stay.`,
  toFolder: 'Copy into the folder now',
  dropFolder: 'No folder',
  noFolders: 'This browser cannot write into a folder; files are saved one by one.',
  inFolder: (name: string) => `Copied: ${name}`,
  room: (used: number, quota: number) => `${megabytes(used)} used of about ${megabytes(quota)}.`,
  lasting: 'The browser has promised not to clear it.',
  notLasting: 'The browser may clear it when it runs short of room.',
  askLasting: 'Ask it to keep it',
  asideTitle: 'Set aside',
  asideHint:
    'What this browser had kept and could not read. It stands here as it was; nothing of it counts in the workspace.',
  asideOf: (moment: string, parts: number | undefined) =>
    parts === undefined
      ? `The whole record, set aside ${moment}`
      : `${parts} ${parts === 1 ? 'part' : 'parts'}, set aside ${moment}`,
  asideSave: 'Save to a file',
  asideDrop: 'Let it go for good',
  asideFile: (moment: string) => `set-aside-${moment}.json`,
  snapshotsTitle: 'Former states',
  snapshotsHint: 'Made while you work and before files come in. Looking into one changes nothing.',
  snapshotsNone: 'None yet: the first is made before your next change.',
  snapshotNow: 'Keep this state',
  reasons: {
    'while-working': 'while working',
    'before-import': 'before a file came in',
    'before-return': 'before going back',
    'by-hand': 'kept by you'
  } as const satisfies Record<Former['reason'], string>,
  when: 'When',
  why: 'Why',
  holds: 'Holds',
  holdsText: (say: Say, one: Former) =>
    `${plural(one.builds, 'build', 'builds')}, ${plural(one.items, 'tool', 'tools')}, ${plural(one.entries, 'entry', 'entries')}, ${say.money(one.balance)} in the purse`,
  look: 'Look into it',
  lookTitle: (moment: string) => `What going back to ${moment} would do`,
  unreadable: 'This state cannot be read any more. The others can.',
  goBack: 'Go back to it',
  goBackHint:
    'The ledger only grows: what has moved since is taken back by reversing entries. It can be undone.',
  close: 'Leave it',
  more: (count: number) => `Show ${count} more`,
  entriesSince: (count: number) =>
    `${plural(count, 'entry', 'entries')} entered since then would be taken back by reversing.`,
  formatsTitle: 'In open formats',
  formatsHint:
    'Each is described in the documentation. Sheets can be edited elsewhere and taken in again.',
  formats: {
    'tools-csv': 'Tools (CSV)',
    'inventory-csv': 'Inventory (CSV)',
    'prices-csv': 'Prices (CSV)',
    'ledger-csv': 'Ledger (CSV)',
    'plan-csv': 'Plan (CSV)',
    journal: 'Accounting journal',
    calendar: 'Plan as calendar (.ics)',
    pocket: 'Pocket list (Markdown)',
    schema: 'JSON Schema of the file'
  } as const,
  pocketPage: 'Pocket list to print',
  rowsTitle: 'Take in a sheet (CSV)',
  rowsHint: 'What it would change is shown before it does.',
  rows: { tools: 'Tools', prices: 'Prices', ledger: 'Ledger' } as const,
  refused: (name: string) => `${name} was not taken in. What you had is untouched.`
} as const)

/** Whether a comparison says anything at all. */
export const isEmpty = ({ parts, entries, onlyHere }: Comparison, replacing: boolean): boolean =>
  parts.every(({ kind }) => kind === 'kept') &&
  entries.length === 0 &&
  !(replacing && onlyHere.length > 0)

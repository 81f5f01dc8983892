import type { PlaceId } from '../places'
import { plural } from './plural'
import { titles } from './titles'
import { said } from './language'

export const placeNames: Readonly<Record<PlaceId, string>> = said('placeNames', {
  bench: 'Bench',
  builds: 'Builds',
  kit: 'Kit',
  weigh: 'Weigh-up',
  stages: 'Stages',
  prices: 'Prices',
  ledger: 'Ledger',
  side: 'Side work',
  workshop: 'Workshop'
})

/** Pages that are no place of the thumb index. */
const PAGES: Readonly<Record<string, keyof typeof titles>> = {
  '/keeping': 'keeping',
  '/incoming': 'incoming',
  '/pocket': 'pocket',
  '/start': 'start',
  '/settings': 'settings'
}
/** What the browser's tab says of a page. */
export function pageTitle(place: PlaceId | undefined, path: string): string {
  const page = PAGES[path]
  const name = place === undefined ? page && titles[page] : placeNames[place]
  return name === undefined ? 'Frugal Ledger' : `${name} · Frugal Ledger`
}

export const shell = said('shell', {
  product: ['Frugal', 'Ledger'],
  index: 'Places',
  skip: 'Skip to the page',
  settings: 'File, settings',
  undo: (name: string | undefined) => (name === undefined ? 'Nothing to undo' : `Undo ${name}`),
  redo: (name: string | undefined) => (name === undefined ? 'Nothing to redo' : `Redo ${name}`),
  undoShort: 'Undo',
  redoShort: 'Redo',
  find: 'Find',
  more: 'More',
  moreTitle: 'More places',
  keys: 'Keys',
  keptStates: { kept: 'Kept in this browser', keeping: 'Keeping …', 'not-kept': 'Not kept' },
  demo: (name: string, day: string) =>
    `The demo “${name}” on ${day}: everything in it is invented.`,
  startMine: 'Start mine',
  asShipped: 'Back to how it was',
  again: 'Try again',
  dismiss: 'Close',
  saveNow: 'Save to a file',
  newVersion:
    'A newer version is ready. Everything you have entered is kept; the page is loaded anew.',
  newElsewhere:
    'Another tab has taken up a newer version. Load this page anew when you are done with what you are typing.',
  partMissing:
    'This page is of an older version and a part of it is gone. Load it anew; what you have entered is kept.',
  partOffline:
    'This part is not in the browser yet, and there is no network. It will be there once you have been online.',
  takeUp: 'Load it anew',
  backupDue: (days: number, never: boolean) =>
    never
      ? `You began ${plural(days, 'day', 'days')} ago, and nothing of it has been saved outside this browser yet.`
      : `The last copy outside this browser is ${plural(days, 'day', 'days')} old, and things have changed since.`,
  failed:
    'Something went wrong in the program itself. What you have entered is kept. Reload the page; if it comes back, save the workspace to a file.',
  loading: 'Laying things out …',
  findTitle: 'Find anything',
  findLabel: 'What are you looking for',
  findNothing: 'Nothing here by that name.',
  keysTitle: 'Keys',
  help: 'Help',
  helpNames:
    'A name with dots under it, or a ? beside it, opens its card: what it is, what to look at, what can hurt.',
  findKinds: {
    place: 'Place',
    build: 'Build',
    tool: 'Tool',
    owned: 'Owned',
    plan: 'In the plan',
    entry: 'Ledger',
    quote: 'Price',
    find: 'Find',
    operation: 'Operation',
    scenario: 'Scenario'
  } as const,
  findMore: (count: number) => `${count} more; type on to narrow it down.`,
  lettersOff: 'Single-letter keys are switched off in the settings.',
  keyLines: (
    letters: readonly (readonly [string, string])[]
  ): readonly (readonly [string, string])[] => [
    ...letters,
    ['/', 'find anything: a place, a build, a tool, an entry, a price'],
    ['I', 'what is this: the card of the name at hand'],
    ['?', 'show these keys'],
    ['Ctrl + Z', 'undo'],
    ['Ctrl + Shift + Z', 'redo']
  ],
  stageKeys: [
    ['← →', 'on a purchase: one payday earlier or later'],
    ['P', 'on a purchase: pin it to its day, or let it go'],
    ['Enter', 'on a purchase: why it stands there']
  ] as readonly (readonly [string, string])[],
  weighKeys: [
    ['↑ ↓', 'through the list'],
    ['Enter', 'on a purchase: what speaks for and against it'],
    ['C', 'on a purchase: compare it'],
    ['← →', 'on a slider: try another weight']
  ] as readonly (readonly [string, string])[],
  ledgerKeys: [
    ['↑ ↓', 'through the entries'],
    ['Enter', 'on an entry: all that is known of it, and what can be done'],
    ['Esc', 'close it']
  ] as readonly (readonly [string, string])[],
  gridKeys: [
    ['← → ↑ ↓', 'go through the cells'],
    ['Enter', 'why this cell says what it says']
  ] as readonly (readonly [string, string])[]
} as const)

import { plural } from './plural'
import type { PartChange, Workspace } from '../../core/workspace'
import { entryKinds } from './ledger'
import type { Say } from './say'
import { said } from './language'

export const incoming = said('incoming', {
  title: (file: string) => `${file}: what it would change`,
  subtitle: (name: string) => `Nothing has been changed yet in ${name}`,
  kinds: {
    added: 'New',
    changed: 'Changed there',
    removed: 'Taken out there',
    conflict: 'Changed on both',
    kept: 'Stays as it is here'
  } as const satisfies Record<PartChange['kind'], string>,
  plainKinds: {
    added: 'New',
    changed: 'Changed',
    removed: 'Taken out',
    conflict: 'Changed',
    kept: 'Stays'
  } as const satisfies Record<PartChange['kind'], string>,
  mode: 'How',
  merge: 'Bring both together',
  mergeHint: 'Each part is taken from where it was changed last; ledgers are united.',
  replace: 'Take the file instead',
  replaceHint: 'Everything here is replaced by the file, the ledger too.',
  take: { mine: 'here', theirs: 'the file' } as const,
  ask: 'Both were changed since they were last the same. Which one?',
  entriesMore: (count: number) => `${plural(count, 'ledger entry', 'ledger entries')} more`,
  entriesLost: (count: number) =>
    `${plural(count, 'ledger entry', 'ledger entries')} that the file does not have would go.`,
  perhapsTwice: (count: number) =>
    `${plural(count, 'of them says', 'of them say')} the same as an entry made here: entered on both devices? Take one back afterwards if so.`,
  entryConflicts: (count: number) =>
    `${plural(count, 'entry stands', 'entries stand')} in the file otherwise than here. The ledger is not rewritten: yours stay.`,
  alreadyReversed: (count: number) =>
    `${plural(count, 'entry was', 'entries were')} taken back on both devices; once is enough.`,
  entry: (say: Say, { date, kind, text, amount }: Workspace['ledger'][number]) =>
    `${say.day(date)}, ${entryKinds[kind]}: ${text}, ${say.moved(amount)}`,
  alreadyThere: (count: number) =>
    `${plural(count, 'row is', 'rows are')} here already and left out.`,
  nothing: 'Nothing would change.',
  photos: (count: number) => `${plural(count, 'photo comes', 'photos come')} with it.`,
  go: 'Do it',
  goRows: 'Take them in',
  cancel: 'Leave everything as it is',
  undoable: 'A snapshot is kept first, and it can be undone.',
  more: (count: number) => `and ${count} more`
} as const)

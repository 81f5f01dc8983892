import { stableText } from '../kernel'
import type { LedgerEntry } from '../ledger'
import {
  differingSections,
  sectionsOf,
  sameSection,
  withSections,
  type SectionKey
} from './sections'
import { lastCommon } from './trail'
import type { Moment, Workspace } from './types'

/** What happens to a part when another state comes in. */
export interface PartChange {
  readonly key: SectionKey
  readonly kind: 'added' | 'changed' | 'removed' | 'conflict' | 'kept'
  /** What it is here; undefined where there is none. */
  readonly mine: unknown
  readonly theirs: unknown
  readonly changedHere?: Moment | undefined
  readonly changedThere?: Moment | undefined
  /** Which of the two is taken unless the user says otherwise. */
  readonly takes: 'mine' | 'theirs'
}

/** What an incoming state would do, before it does it. */
export interface Comparison {
  readonly parts: readonly PartChange[]
  /** Ledger entries that only the other state has. */
  readonly entries: readonly LedgerEntry[]
  /** Of these, the ones that say the same as an entry here under another id: perhaps entered on both devices. */
  readonly perhapsTwice: readonly LedgerEntry[]
  /** Entries under an id that stands here for something else; the one here stays. */
  readonly entryConflicts: readonly LedgerEntry[]
  /** Entries of the other state that are left out because what they take back has been taken back here already. */
  readonly alreadyReversed: readonly LedgerEntry[]
  /** Entries that only this state has; replacing would lose them. */
  readonly onlyHere: readonly LedgerEntry[]
}

const sameEntry = (a: LedgerEntry, b: LedgerEntry): boolean =>
  a === b || stableText(a) === stableText(b)

/** The ledgers of two states: what the other one has more, and where they disagree. */
function compareLedgers(
  mine: readonly LedgerEntry[],
  theirs: readonly LedgerEntry[]
): Omit<Comparison, 'parts'> {
  const here = new Map(mine.map((entry) => [entry.id, entry]))
  const there = new Set(theirs.map(({ id }) => id))
  const reversedHere = new Set(mine.flatMap(({ reverses }) => reverses ?? []))
  const more = theirs.filter(({ id }) => !here.has(id))
  const alreadyReversed = more.filter(
    ({ reverses }) => reverses !== undefined && reversedHere.has(reverses)
  )
  const entries = more.filter((entry) => !alreadyReversed.includes(entry))
  const content = ({ date, amount, kind, text }: LedgerEntry): string =>
    `${date}|${amount}|${kind}|${text.toLowerCase()}`
  const onlyHere = mine.filter(({ id }) => !there.has(id))
  const said = new Set(onlyHere.filter(({ reverses }) => reverses === undefined).map(content))
  return {
    entries,
    alreadyReversed,
    onlyHere,
    perhapsTwice: entries.filter(
      (entry) => entry.reverses === undefined && said.has(content(entry))
    ),
    entryConflicts: theirs.filter((entry) => {
      const own = here.get(entry.id)
      return own !== undefined && !sameEntry(own, entry)
    })
  }
}

/** Whether a side has changed a part since the two last knew the same state. */
type Changed = (key: SectionKey) => boolean

function compareParts(
  mine: Workspace,
  theirs: Workspace,
  here: Changed,
  there: Changed
): PartChange[] {
  const stamp = (workspace: Workspace, key: SectionKey): Moment | undefined =>
    workspace.trail.changed[key] ?? workspace.trail.removed[key]
  return [...differingSections(mine, theirs)].map(([key, { before, after }]): PartChange => {
    const [changedHere, changedThere] = [stamp(mine, key), stamp(theirs, key)]
    const stamps = {
      ...(changedHere === undefined ? {} : { changedHere }),
      ...(changedThere === undefined ? {} : { changedThere })
    }
    const part = { key, mine: before, theirs: after, ...stamps }
    const [byMe, byThem] = [here(key), there(key)]
    if (byMe === byThem) {
      // A part that only one side has and nobody is known to have changed or removed is simply more.
      if (before === undefined && changedHere === undefined)
        return { ...part, kind: 'added', takes: 'theirs' }
      if (after === undefined && changedThere === undefined)
        return { ...part, kind: 'kept', takes: 'mine' }
      if (key === 'libraryVersion') return { ...part, kind: 'kept', takes: 'mine' }
      return {
        ...part,
        kind: 'conflict',
        takes: (changedThere ?? '') > (changedHere ?? '') ? 'theirs' : 'mine'
      }
    }
    if (byMe) return { ...part, kind: 'kept', takes: 'mine' }
    return {
      ...part,
      kind: before === undefined ? 'added' : after === undefined ? 'removed' : 'changed',
      takes: 'theirs'
    }
  })
}

/**
 * Compares a state with one that comes in from another device. A part counts as changed on a side when its moment there is later than
 * the last hand-over both know; where both changed it, the user is asked, and the newer is proposed. Relies on the clocks of the devices.
 */
export function compareStates(mine: Workspace, theirs: Workspace): Comparison {
  const common = lastCommon(mine.trail, theirs.trail)
  const since =
    (workspace: Workspace, at: Moment | undefined): Changed =>
    (key) => {
      const moment = workspace.trail.changed[key] ?? workspace.trail.removed[key]
      return moment !== undefined && (at === undefined || moment > at)
    }
  return {
    parts: compareParts(mine, theirs, since(mine, common?.mine), since(theirs, common?.theirs)),
    ...compareLedgers(mine.ledger, theirs.ledger)
  }
}

/** The same for two states of which the common former one is at hand, as with two tabs. */
export function compareWithBase(base: Workspace, mine: Workspace, theirs: Workspace): Comparison {
  const [was, here, there] = [sectionsOf(base), sectionsOf(mine), sectionsOf(theirs)]
  const changed =
    (is: ReadonlyMap<SectionKey, unknown>): Changed =>
    (key) =>
      !sameSection(was.get(key), is.get(key))
  return {
    parts: compareParts(mine, theirs, changed(here), changed(there)),
    ...compareLedgers(mine.ledger, theirs.ledger)
  }
}

/** All that replacing one state by another changes. */
export const compareForReplacing = (mine: Workspace, theirs: Workspace): Comparison => ({
  parts: [...differingSections(mine, theirs)].map(([key, { before, after }]): PartChange => ({
    key,
    kind: before === undefined ? 'added' : after === undefined ? 'removed' : 'changed',
    mine: before,
    theirs: after,
    takes: 'theirs'
  })),
  ...compareLedgers(mine.ledger, theirs.ledger)
})

const laterOf = (
  a: Readonly<Record<string, Moment>>,
  b: Readonly<Record<string, Moment>>
): Record<string, Moment> => {
  const all: Record<string, Moment> = { ...a }
  for (const [key, at] of Object.entries(b)) if ((all[key] ?? '') < at) all[key] = at
  return all
}

/**
 * Brings the other state in: each part as chosen, the ledgers united.
 * @param choices by part, where the user decided otherwise than proposed
 * @param now the moment conflicts were decided at, so that the decision counts as the newest change elsewhere too
 */
export function mergeStates(
  mine: Workspace,
  theirs: Workspace,
  comparison: Comparison,
  choices: ReadonlyMap<SectionKey, 'mine' | 'theirs'> = new Map(),
  now?: Moment
): Workspace {
  const taken = new Map(
    comparison.parts
      .filter(({ key, takes }) => (choices.get(key) ?? takes) === 'theirs')
      .map(({ key, theirs: value }) => [key, value])
  )
  const merged = withSections(mine, taken)
  const known = new Set(mine.trail.handed.map(({ print }) => print))
  const changed = laterOf(mine.trail.changed, theirs.trail.changed)
  const removed = laterOf(mine.trail.removed, theirs.trail.removed)
  const parts = sectionsOf(merged)
  if (now !== undefined)
    for (const { key, kind } of comparison.parts)
      if (kind === 'conflict') (parts.has(key) ? changed : removed)[key] = now
  for (const key of Object.keys(changed))
    if (key.includes('/') && !parts.has(key)) delete changed[key]
  for (const key of Object.keys(removed)) if (parts.has(key)) delete removed[key]
  const ledger =
    comparison.entries.length === 0 ? mine.ledger : [...mine.ledger, ...comparison.entries]
  return {
    ...merged,
    ledger,
    trail: {
      changed,
      removed,
      handed: [
        ...mine.trail.handed,
        ...theirs.trail.handed.filter(({ print }) => !known.has(print))
      ]
        .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
        .slice(-50)
    }
  }
}

/** Parts that others refer to and that one of two states may have taken out: put back until nothing refers to what is not there. */
const REFERRED: Readonly<Record<string, readonly string[]>> = {
  build: ['builds'],
  tool: ['own-tools'],
  offer: ['offers', 'bundles', 'hires'],
  operation: ['own-operations'],
  method: ['own-methods'],
  material: ['own-materials']
}

/**
 * The parts to put back where a merged state refers to something that only one side still has.
 * @param missing kind and id of what is referred to, as the cross-checks name it (`unknown.tool`, …)
 */
export function partsToPutBack(
  sides: readonly Workspace[],
  missing: readonly { readonly kind: string; readonly id: string }[]
): Map<SectionKey, unknown> {
  const all = sides.map(sectionsOf)
  const found = new Map<SectionKey, unknown>()
  for (const { kind, id } of missing) {
    for (const list of REFERRED[kind] ?? []) {
      const key = `${list}/${id}`
      const value = all.map((parts) => parts.get(key)).find((one) => one !== undefined)
      if (value !== undefined) found.set(key, value)
    }
  }
  return found
}

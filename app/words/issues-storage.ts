import { momentText } from './keeping'
import { n, t, type Sentences } from './sentences'

/** Sentences for what the browser keeps, and for what reckons beside the page. */
export const STORAGE = {
  'storage.refused': () =>
    'This browser does not let the page keep data. You can go on, but save to a file before you close it.',
  'storage.full': () =>
    'The browser’s storage is full. What you see is not kept yet: save it to a file, then free some space; the page tries again by itself.',
  'change.refused': (_, f) =>
    `Not done: ${t(f.name)}. What it would make could not be read again later. The reason follows; nothing else is changed.`,
  'storage.failed': (_, f) =>
    `The last change could not be kept (${t(f.reason)}). The page tries again by itself. Undo takes the change back; save to a file to be safe.`,
  'storage.set-aside': (_, f) =>
    `${n(f.count) === 1 ? 'A part' : `${t(f.count)} parts`} of what this browser had kept could not be read: ${t(f.places)}. All the rest is shown. What was set aside can be seen and saved under File, settings, in Copies and formats.`,
  'storage.elsewhere': () =>
    'Another tab changed this workspace at the same time, and both changes together do not hold. The other tab’s state stands; Undo brings yours back.',
  'worker.lost': () =>
    'What reckons beside the page has stopped and could not be started again. Try again; if it happens once more, load the page anew. Nothing is lost.',
  'worker.failed': (_, f) =>
    `Something went wrong while reckoning (${t(f.reason)}). Try again; what you entered is kept.`,
  'storage.unreadable': () =>
    'What this browser had kept cannot be read any more. It is left untouched; the demo is shown instead.',
  'storage.newer': () =>
    'This browser’s store was written by a newer version of this program. Reload the page to get it; nothing is lost.',
  'storage.outdated': () =>
    'A newer version of this program has opened in another tab. Reload this page; save to a file first if the last change is not kept.',
  'storage.blocked': () =>
    'An older tab of this program is in the way. Close the other tabs; this one goes on by itself.',
  'storage.repaired': (_, f) =>
    `What this browser had kept was damaged. Shown is the state of ${momentText(n(f.at))} with every ledger entry that could still be read (${t(f.entries)}). The damaged record is put aside.`,
  'storage.restored': () =>
    'The browser had emptied its store; everything is back from the second copy that is kept beside it.',
  'storage.partly-lost': (_, f) =>
    `A part of the ledger could not be read any more; ${t(f.entries)} entries are left. The damaged record is put aside; if you have a copy in a file, open it to bring both together.`,
  'storage.merged': (_, f) =>
    `Another tab changed this workspace at the same time. Both changes were kept${n(f.conflicts) > 0 ? `; where both changed the same thing (${t(f.conflicts)}), the later one stands` : ''}.`
} satisfies Partial<Sentences>

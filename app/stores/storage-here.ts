import { issue } from '../../core/kernel'
import { openStorage, type Storage } from '../storage'
import { msNow, newId } from './clock'
import { useNotices } from './notices'

let storage: Storage | undefined

/** Which build of the program this is: its file is called by what it holds. Undefined where it was not built. */
const BUILD = /-([\w-]{8})\.js$/.exec(new URL(import.meta.url).pathname)?.[1]

/** What this browser keeps; opened once for the page. */
export function storageHere(): Storage {
  storage ??= openStorage(
    msNow,
    () => newId('s'),
    (news) => {
      const notices = useNotices()
      if (news === 'restored') notices.setNotes([issue('storage.restored')])
      else if (news !== 'closed')
        notices.setTrouble([issue(news === 'blocked' ? 'storage.blocked' : 'storage.outdated')])
    },
    undefined,
    BUILD
  )
  return storage
}

export const formats = (): Promise<typeof import('../../core/formats')> =>
  import('../../core/formats')

import type { Issue } from '../../core/kernel'
import { useKeeping } from '../stores/keeping'
import { saveFile } from './save'

/** Saves the workspace on the table outside the browser, and remembers that it was. Answers with what went wrong. */
export function useSave(): () => Promise<readonly Issue[]> {
  const keeping = useKeeping()
  return async () => {
    const made = await keeping.file()
    if (!made.ok) return made.issues
    if (await saveFile(made.value.name, made.value.data, made.value.type))
      await keeping.noteBackup('file')
    return []
  }
}

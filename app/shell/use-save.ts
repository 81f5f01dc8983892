import type { Issue } from '../../core/kernel'
import { useBackups } from '../stores/backups'
import { saveFile } from './save'

/** Saves the workspace on the table outside the browser, and remembers that it was. Answers with what went wrong. */
export function useSave(): () => Promise<readonly Issue[]> {
  const backups = useBackups()
  return async () => {
    const made = await backups.file()
    if (!made.ok) return made.issues
    if (await saveFile(made.value.name, made.value.data, made.value.type))
      await backups.noteBackup('file')
    return []
  }
}

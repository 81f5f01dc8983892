import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Issue } from '../../core/kernel'
import type { Settings } from '../storage'
import { useNotices } from './notices'
import { storageHere } from './storage-here'

/** Settings of this browser, not of a workspace: theme, keys, which workspace was open last. */
export const useSettings = defineStore('settings', () => {
  const notices = useNotices()
  const settings = shallowRef<Settings>({})

  /** What was kept; the issues where the store cannot be opened. */
  async function load(): Promise<readonly Issue[]> {
    const kept = await storageHere().settings()
    if (!kept.ok) return kept.issues
    settings.value = kept.value
    return []
  }
  async function change(next: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...next }
    const saved = await storageHere().saveSettings(settings.value)
    if (!saved.ok) notices.setTrouble(saved.issues)
  }
  return { settings, load, change }
})

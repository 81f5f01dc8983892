import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Issue } from '../../core/kernel'

/** What the page has to say above everything else: troubles, which stay until they are settled, and notes. */
export const useNotices = defineStore('notices', () => {
  const trouble = shallowRef<readonly Issue[]>([])
  const notes = shallowRef<readonly Issue[]>([])
  return {
    trouble,
    notes,
    setTrouble: (issues: readonly Issue[]): void => {
      trouble.value = issues
    },
    /** Settles the troubles of one kind, by the beginning of their codes. */
    settle: (kind: string): void => {
      if (trouble.value.some(({ code }) => code.startsWith(kind)))
        trouble.value = trouble.value.filter(({ code }) => !code.startsWith(kind))
    },
    setNotes: (issues: readonly Issue[]): void => {
      notes.value = issues
    },
    addNotes: (issues: readonly Issue[]): void => {
      notes.value = [...notes.value, ...issues]
    },
    /** Takes one message away: the one it stands in. */
    dismiss: (gone: Issue): void => {
      notes.value = notes.value.filter((one) => one !== gone)
      trouble.value = trouble.value.filter((one) => one !== gone)
    }
  }
})

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { issue, type Issue } from '../../core/kernel'

/** What the page has to say above everything else: troubles, which stay until they are settled, and notes. */
export const useNotices = defineStore('notices', () => {
  const trouble = shallowRef<readonly Issue[]>([])
  const notes = shallowRef<readonly Issue[]>([])
  /** Why the last change was refused, while nothing else was changed since. */
  let refused: readonly Issue[] = []
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
    /** Says of a change that it was refused, and why. */
    setRefused: (name: string, issues: readonly Issue[]): void => {
      const rest = trouble.value.filter((one) => !refused.includes(one))
      refused = [issue('change.refused', [], { name }), ...issues]
      trouble.value = [...rest, ...refused]
    },
    settleRefused: (): void => {
      if (refused.length === 0) return
      trouble.value = trouble.value.filter((one) => !refused.includes(one))
      refused = []
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

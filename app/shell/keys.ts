import { onKeyStroke } from '@vueuse/core'
import { useRouter } from 'vue-router'
import { PLACES } from '../places'
import { useSettings } from '../stores/settings'
import { useWorkspace } from '../stores/workspace'
import { takeAhead } from './typed-ahead'

/** The name that is asked about: the one in focus, under the pointer, or the first of the row that is. */
function nameAtHand(): HTMLElement | null {
  const row = document.activeElement?.closest('[data-card], li, tr, [data-names]')
  const within = row?.matches('[data-card]') ? row : row?.querySelector('[data-card]')
  const found = within ?? [...document.querySelectorAll(':hover')].at(-1)?.closest('[data-card]')
  return found instanceof HTMLElement ? found : null
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    (target instanceof HTMLInputElement && target.type !== 'checkbox') ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    target.closest('[role="dialog"], [role="combobox"], [role="listbox"]') !== null)

/** Keys that work everywhere: a letter per place, find, help, undo and redo. */
export function useKeys(open: { find: () => void; keys: () => void }): void {
  const router = useRouter()
  const store = useWorkspace()
  const settings = useSettings()
  /** Undo and redo. Answers whether the key was one of them. */
  function undoOrRedo(event: KeyboardEvent): boolean {
    const asked = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'
    if (!asked || isTyping(event.target)) return false
    event.preventDefault()
    if (event.shiftKey) store.redo()
    else store.undo()
    return true
  }
  function byLetter(key: string): void {
    if (key === 'i') nameAtHand()?.click()
    const place = PLACES.find(({ letter }) => letter === key)
    if (place) void router.push(place.path)
  }
  onKeyStroke(true, (event) => {
    if (undoOrRedo(event)) return
    const command = event.ctrlKey || event.metaKey
    if (command || event.altKey || event.defaultPrevented || isTyping(event.target)) return
    if (takeAhead(event.key)) {
      event.preventDefault()
      return
    }
    if (event.key === '/' || event.key === '?') {
      event.preventDefault()
      if (event.key === '/') open.find()
      else open.keys()
      return
    }
    if (settings.settings.letters !== false) byLetter(event.key)
  })
}

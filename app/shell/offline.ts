import type { Workbox } from 'workbox-window'
import { ref } from 'vue'

/** Whether a newer version of the program waits here; `elsewhere` when another tab has already taken it up. */
export const waiting = ref<'no' | 'here' | 'elsewhere'>('no')

let workbox: Workbox | undefined
let asked = false
/** A page that no service worker served yet is taken over by the first one; that is no update. */
let first = true

/** Looks for a newer version this often while the page is open, ms. */
const LOOK_EVERY = 3_600_000

/** Keeps the whole program in the browser, so that it works without a network from the second visit on. A newer version waits until it is asked for. */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return
  first = navigator.serviceWorker.controller === null
  const { Workbox } = await import('workbox-window')
  workbox = new Workbox('./sw.js')
  workbox.addEventListener('waiting', () => (waiting.value = 'here'))
  workbox.addEventListener('controlling', () => {
    if (asked) window.location.reload()
    else if (!first) waiting.value = 'elsewhere'
    first = false
  })
  const registered = workbox.register().catch(() => undefined)
  void registered.then(
    (registration) =>
      registration &&
      setInterval(() => void registration.update().catch(() => undefined), LOOK_EVERY)
  )
}

/** Takes up the newer version. @param kept is waited for first: every change is on the disk before the page goes */
export async function takeUp(kept: () => Promise<void>): Promise<void> {
  await kept()
  if (waiting.value === 'here' && workbox) {
    asked = true
    workbox.messageSkipWaiting()
  } else window.location.reload()
}

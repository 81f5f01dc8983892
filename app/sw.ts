/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import {
  PrecacheController,
  PrecacheRoute,
  cleanupOutdatedCaches,
  type PrecacheEntry
} from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

declare const self: ServiceWorkerGlobalScope & {
  readonly __WB_MANIFEST: readonly (string | PrecacheEntry)[]
}

/** Keeps the whole program in the browser, and puts back what the browser, or somebody, has thrown out of it. */
const controller = new PrecacheController()
controller.addToCacheList([...self.__WB_MANIFEST])

/** Fetches what is kept no longer, as an installation would; without a network it is tried again with the next page. */
async function repair(): Promise<void> {
  const cache = await caches.open(controller.strategy.cacheName)
  const kept = new Set((await cache.keys()).map(({ url }) => url))
  if (controller.getCachedURLs().every((url) => kept.has(controller.getCacheKeyForURL(url) ?? '')))
    return
  const waits: Promise<unknown>[] = []
  const event = { type: 'install', waitUntil: (work: Promise<unknown>) => void waits.push(work) }
  await controller.install(event as unknown as ExtendableEvent).catch(() => undefined)
  await Promise.allSettled(waits)
}
// Ahead of the routes: whichever listener answers a request keeps it from those behind.
self.addEventListener('fetch', (event) => {
  if (event.request.mode === 'navigate') event.waitUntil(repair())
})

self.addEventListener('install', (event) => void controller.install(event))
self.addEventListener('activate', (event) => void controller.activate(event))
registerRoute(new PrecacheRoute(controller))
registerRoute(new NavigationRoute(controller.createHandlerBoundToURL('index.html')))
cleanupOutdatedCaches()
clientsClaim()

// A newer version waits until the page says so.
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if ((data as { type?: string } | undefined)?.type === 'SKIP_WAITING') void self.skipWaiting()
})

import { ref } from 'vue'
import type { Router } from 'vue-router'

/** The place that was asked for and is not drawn yet; empty for a page of no place. */
export const headingFor = ref<unknown>()

/** Longest wait for a picture, ms: a page that is not seen draws none. */
const AT_MOST_MS = 60

/** Resolves once what has changed so far is seen. */
const nextPicture = (): Promise<void> =>
  new Promise((seen) => {
    setTimeout(seen, AT_MOST_MS)
    requestAnimationFrame(() => setTimeout(seen))
  })

/** The index shows at once where one is going; the place itself, which may be much to draw, follows a picture later. */
export function headAtOnce(router: Router): void {
  router.beforeEach((to) => {
    headingFor.value = to.meta.place ?? ''
  })
  router.beforeResolve(async (to, from) => {
    if (from.matched.length > 0 && to.path !== from.path) await nextPicture()
  })
  router.afterEach(() => {
    headingFor.value = undefined
  })
}

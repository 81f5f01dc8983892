/** The places on the thumb index, in working order. Letters never change; a place stands here once it has content. */
export const PLACES = [
  { id: 'bench', path: '/', letter: 'b', icon: 'pi pi-check-square' },
  { id: 'builds', path: '/builds', letter: 'u', icon: 'pi pi-th-large' },
  { id: 'kit', path: '/kit', letter: 'k', icon: 'pi pi-wrench' },
  { id: 'weigh', path: '/weigh', letter: 'w', icon: 'pi pi-sort-amount-down' },
  { id: 'stages', path: '/stages', letter: 's', icon: 'pi pi-calendar' },
  { id: 'prices', path: '/prices', letter: 'p', icon: 'pi pi-tag' },
  { id: 'ledger', path: '/ledger', letter: 'l', icon: 'pi pi-book' },
  { id: 'side', path: '/side', letter: 'e', icon: 'pi pi-shop' },
  { id: 'workshop', path: '/workshop', letter: 'o', icon: 'pi pi-home' }
] as const

export type PlaceId = (typeof PLACES)[number]['id']

/** The places under the thumb on a phone: what is asked most often away from the desk. */
const NEAR: ReadonlySet<PlaceId> = new Set(['bench', 'builds', 'kit', 'weigh', 'stages'])
export const NEAR_PLACES = PLACES.filter(({ id }) => NEAR.has(id))
export const FAR_PLACES = PLACES.filter(({ id }) => !NEAR.has(id))

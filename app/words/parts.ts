import { said } from './language'

/** Words of the parts that several places share. */
export const parts = said('parts', {
  wide: 'A table wider than the page; the arrow keys move it'
} as const)

/** Words of the parts that several places share. */
export const parts = {
  wide: 'A table wider than the page; the arrow keys move it'
} as const

import type { Pack } from '../core/supplies'

/**
 * Sizes that what is used up is sold in, by material: how many of the usual unit are in it, and price index points; the usual one first.
 * Common practice, from memory: the larger size costs less by the litre and keeps no longer.
 */
export const packs: Readonly<Record<string, readonly Pack[]>> = {
  screws: [
    { amount: 1, points: 7 },
    { amount: 5, points: 26 }
  ],
  'pocket-screws': [
    { amount: 1, points: 8 },
    { amount: 5, points: 31 }
  ],
  brads: [
    { amount: 1, points: 4 },
    { amount: 5, points: 15 }
  ],
  dowels: [
    { amount: 1, points: 4 },
    { amount: 5, points: 14 }
  ],
  biscuits: [
    { amount: 1, points: 7 },
    { amount: 10, points: 42 }
  ],
  'edge-band': [
    { amount: 5, points: 4 },
    { amount: 50, points: 22 }
  ],
  glue: [
    { amount: 1, points: 6 },
    { amount: 3, points: 14 },
    { amount: 20, points: 70 }
  ],
  'glue-outdoor': [
    { amount: 1, points: 9 },
    { amount: 3, points: 21 }
  ],
  oil: [
    { amount: 0.375, points: 19 },
    { amount: 1, points: 40 },
    { amount: 2.5, points: 85 }
  ],
  varnish: [
    { amount: 0.375, points: 9 },
    { amount: 1, points: 18 },
    { amount: 2.5, points: 38 }
  ],
  'paint-outdoor': [
    { amount: 0.375, points: 10 },
    { amount: 1, points: 20 },
    { amount: 2.5, points: 42 }
  ]
}

import { byHand, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** Storage. */
export const storageTools: readonly Tool[] = [
  tool({
    id: 'tool-wall',
    name: 'Perforated wall panel and hooks',
    aliases: ['pegboard', 'tool wall'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(30)
  }),

  tool({
    id: 'tool-chest',
    name: 'Tool chest',
    aliases: ['tool box'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(38),
    storedM2: 0.15
  }),
  tool({
    id: 'stacking-boxes',
    name: 'Stacking boxes',
    aliases: ['crates', 'organisers'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(28),
    storedM2: 0.12
  }),
  tool({
    id: 'tool-bucket',
    name: 'Bucket with tool pockets',
    aliases: ['bucket seat', 'tool bag'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(14),
    storedM2: 0.05
  }),
  tool({
    id: 'drawer-cabinet',
    name: 'Drawer cabinet on wheels',
    aliases: ['rolling cabinet', 'tool trolley'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(120),
    storedM2: 0.3,
    standsMm: { stored: [600, 500] }
  })
]

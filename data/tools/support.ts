import type { Tool } from '../../core/catalogue'
import { byHand, corded, tool } from '../write'

/** Benches, stands, light. */
export const supportTools: readonly Tool[] = [
  tool({
    id: 'fold-bench',
    name: 'Folding work bench',
    aliases: ['portable bench', 'workbench'],
    group: 'support',
    roles: ['work-holding'],
    forms: byHand(65),
    storedM2: 0.12
  }),
  tool({
    id: 'sawhorses',
    name: 'Folding sawhorses, pair',
    aliases: ['trestles'],
    group: 'support',
    roles: ['sawhorses'],
    forms: byHand(40),
    storedM2: 0.1
  }),
  tool({
    id: 'foam-sheet',
    name: 'Rigid foam sheet',
    aliases: ['insulation board', 'sacrificial support'],
    group: 'support',
    kind: 'accessory',
    roles: ['foam-sheet'],
    forms: byHand(14),
    storedM2: 0.05
  }),

  tool({
    id: 'workbench',
    name: 'Workbench with vice',
    aliases: ['joiner’s bench'],
    group: 'support',
    roles: ['work-holding', 'bench', 'vice'],
    specs: { lengthMm: 1400, openingMm: 180 },
    forms: byHand(300),
    storedM2: 0.9,
    standsMm: { stored: [1400, 640], used: [2000, 1000] },
    usedM2: 2
  }),
  tool({
    id: 'roller-stand',
    name: 'Roller stand',
    aliases: ['support stand', 'outfeed roller'],
    group: 'support',
    kind: 'accessory',
    roles: ['outfeed'],
    forms: byHand(28),
    storedM2: 0.05
  }),
  tool({
    id: 'saw-stand',
    name: 'Mitre-saw stand',
    aliases: ['miter saw stand'],
    group: 'support',
    kind: 'accessory',
    roles: ['saw-stand'],
    forms: byHand(85),
    storedM2: 0.15
  }),
  tool({
    id: 'work-light',
    name: 'Work light',
    aliases: ['lamp', 'site light'],
    group: 'support',
    kind: 'storage',
    roles: [],
    forms: [corded(22, 0.2, 0.4)]
  }),
  tool({
    id: 'floor-mat',
    name: 'Standing mat',
    aliases: ['anti-fatigue mat'],
    group: 'support',
    kind: 'storage',
    roles: [],
    forms: byHand(18),
    storedM2: 0.02
  }),
  tool({
    id: 'grip-mat',
    name: 'Non-slip mat',
    aliases: ['router mat', 'sanding mat'],
    group: 'support',
    kind: 'accessory',
    roles: ['grip-mat'],
    forms: byHand(8)
  })
]

import { advised, byHand, corded, needed, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** Against dust. */
export const dustTools: readonly Tool[] = [
  tool({
    id: 'vacuum',
    name: 'Workshop vacuum, fine filter',
    aliases: ['shopvac', 'shop vac', 'dust extractor', 'wet and dry vacuum'],
    group: 'dust',
    roles: ['vacuum'],
    forms: [corded(85, 5.5, 10)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1000 },
    soundDbA: 83,
    storedM2: 0.2,
    standsMm: { stored: [450, 450] },
    hazard: null,
    companions: [advised('It runs when the tool runs.', 'auto-socket')]
  }),
  tool({
    id: 'chip-extractor',
    name: 'Chip extractor',
    aliases: ['dust collector'],
    group: 'dust',
    roles: ['extractor'],
    forms: [corded(220, 5, 10)],
    lifeHours: { getBy: 500, weekend: 1200, trade: 3000 },
    soundDbA: 82,
    storedM2: 0.35,
    standsMm: { stored: [500, 700] },
    companions: [advised('One machine at a time draws best.', 'hose-gates')]
  }),
  tool({
    id: 'air-cleaner',
    name: 'Ceiling air cleaner',
    aliases: ['air filter', 'ambient filter'],
    group: 'dust',
    kind: 'storage',
    roles: [],
    forms: [corded(160, 1, 2)],
    soundDbA: 60
  }),

  tool({
    id: 'broom',
    name: 'Broom, brush and pan',
    aliases: ['dustpan', 'bench brush'],
    group: 'dust',
    roles: ['broom'],
    forms: byHand(9),
    storedM2: 0.02,
    why: 'Sweeping raises fine dust again: open the door, wear the mask.'
  }),
  tool({
    id: 'cyclone-bin',
    name: 'Cyclone lid for a bin',
    aliases: ['dust separator', 'cyclone'],
    group: 'dust',
    kind: 'accessory',
    roles: ['cyclone'],
    forms: byHand(42),
    storedM2: 0.15,
    companions: [needed('It needs a vacuum behind it.', 'vacuum')]
  }),
  tool({
    id: 'hose-adapters',
    name: 'Hose and adapters',
    aliases: ['dust hose', 'hose cuff'],
    group: 'dust',
    kind: 'accessory',
    roles: [],
    forms: byHand(15)
  }),
  tool({
    id: 'air-filter-box',
    name: 'Fan with filter box',
    aliases: ['box-fan filter', 'cheap air cleaner'],
    group: 'dust',
    kind: 'storage',
    roles: [],
    forms: [corded(32, 0.4, 0.8)],
    soundDbA: 58,
    storedM2: 0.1
  })
]

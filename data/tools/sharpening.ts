import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, tool } from '../write'

/** Sharpening. */
export const sharpeningTools: readonly Tool[] = [
  tool({
    id: 'sharpening-stone',
    name: 'Sharpening stone and flattener',
    aliases: ['waterstone', 'oilstone', 'diamond plate'],
    group: 'sharpening',
    roles: ['sharpening-surface'],
    forms: byHand(45),
    lifeHours: { getBy: 100, weekend: 200, trade: 300 },
    storedM2: 0.02
  }),

  tool({
    id: 'diamond-plates',
    name: 'Diamond plates, two grits',
    aliases: ['diamond stones'],
    group: 'sharpening',
    roles: ['sharpening-surface', 'sharpening-flat'],
    forms: byHand(65),
    lifeHours: { getBy: 100, weekend: 250, trade: 400 },
    storedM2: 0.01,
    why: 'Stay flat by themselves; they need no flattener.'
  }),
  tool({
    id: 'honing-guide',
    name: 'Honing guide',
    aliases: ['sharpening jig'],
    group: 'sharpening',
    roles: ['honing-guide'],
    forms: byHand(14)
  }),
  tool({
    id: 'strop',
    name: 'Leather strop and compound',
    aliases: ['strop', 'honing leather'],
    group: 'sharpening',
    roles: ['strop'],
    forms: byHand(12)
  }),
  tool({
    id: 'burnisher',
    name: 'Burnisher',
    aliases: ['ticketer'],
    group: 'sharpening',
    roles: ['burnisher'],
    forms: byHand(12)
  }),
  tool({
    id: 'bench-grinder',
    name: 'Bench grinder, 150 mm',
    aliases: ['grinder', 'dry grinder'],
    group: 'sharpening',
    roles: ['grinder'],
    forms: [corded(75, 1.5, 3)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1000 },
    soundDbA: 86,
    storedM2: 0.08,
    hazard: 'spinning-bit',
    caution:
      'Rest within 3 mm of the wheel, shield down, stand aside while it runs up; never grind on the side of the wheel.',
    needs: ['eyes', 'ears'],
    companions: [
      advised('Steel loses its temper when it turns blue: dip it often, and dress the wheel.', 'wheel-dresser')
    ]
  }),
  tool({
    id: 'water-grinder',
    name: 'Slow grinder in water',
    aliases: ['wet grinder', 'whetstone grinder'],
    group: 'sharpening',
    roles: ['grinder', 'water-grinder'],
    forms: [corded(150, 1, 2)],
    lifeHours: { getBy: 200, weekend: 500, trade: 1200 },
    soundDbA: 72,
    storedM2: 0.1,
    needs: ['eyes']
  }),
  tool({
    id: 'wheel-dresser',
    name: 'Dresser and water pot for a grinder',
    aliases: ['dressing stick', 'star dresser'],
    group: 'sharpening',
    kind: 'accessory',
    roles: [],
    forms: byHand(14),
    why: 'A glazed wheel burns edges; steel that turns blue has lost its temper.'
  })
]

import { byHand, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** Protection. */
export const protectionTools: readonly Tool[] = [
  tool({
    id: 'push-sticks',
    name: 'Push stick and push block',
    aliases: ['pushers'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(9)
  }),

  tool({
    id: 'safety-glasses',
    name: 'Safety glasses',
    aliases: ['goggles', 'eye protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(7),
    protects: ['eyes'],
    why: 'Impact marked. Comfortable ones get worn.'
  }),
  tool({
    id: 'ear-muffs',
    name: 'Ear muffs',
    aliases: ['ear defenders', 'hearing protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(16),
    protects: ['ears']
  }),
  tool({
    id: 'half-mask',
    name: 'Half mask with dust filters',
    aliases: ['respirator'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(24),
    protects: ['lungs'],
    lifeHours: { getBy: 20, weekend: 30, trade: 40 },
    why: 'Hours are those of the filters.'
  }),
  tool({
    id: 'dust-masks',
    name: 'Disposable dust masks, fine grade',
    aliases: ['dust mask', 'filtering facepiece'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(12),
    protects: ['lungs'],
    lifeHours: { getBy: 8, weekend: 16, trade: 16 }
  }),

  tool({
    id: 'ear-plugs',
    name: 'Ear plugs, box',
    aliases: ['foam plugs', 'hearing protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(5),
    lifeHours: { getBy: 30, weekend: 60, trade: 60 },
    protects: ['ears'],
    why: 'Rolled thin and held in until they swell; field tests find most people get half of what the box says.'
  }),
  tool({
    id: 'face-shield',
    name: 'Face shield',
    aliases: ['visor'],
    group: 'protection',
    kind: 'protection',
    roles: ['face-shield'],
    forms: byHand(18),
    protects: ['eyes'],
    why: 'Over glasses where bowls or splinters fly.'
  }),
  tool({
    id: 'powered-mask',
    name: 'Powered visor with filter',
    aliases: ['powered respirator', 'air-fed visor'],
    group: 'protection',
    kind: 'protection',
    roles: ['powered-mask'],
    forms: byHand(190),
    protects: ['eyes', 'lungs'],
    why: 'For beards, glasses and long days at the lathe.'
  }),
  tool({
    id: 'carving-glove',
    name: 'Cut-proof glove',
    aliases: ['carving glove', 'thumb guard'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(8),
    caution: 'For the hand that holds a carving; never near anything that turns.'
  }),
  tool({
    id: 'first-aid-kit',
    name: 'First-aid kit',
    aliases: ['plasters', 'bandages'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(12)
  }),
  tool({
    id: 'fire-extinguisher',
    name: 'Fire extinguisher',
    aliases: [],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(26),
    storedM2: 0.02
  }),
  tool({
    id: 'leakage-breaker',
    name: 'Plug-in leakage breaker',
    aliases: ['RCD adapter', 'GFCI adapter', 'residual-current adapter', 'ground-fault adapter'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(16),
    why: 'For outlets that have none; anything beyond plugging in is for a licensed electrician.'
  })
]

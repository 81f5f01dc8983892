import type { Tool } from '../../core/catalogue'
import { byHand, corded, cordless, tool } from '../write'
import { HAND_POWER, packs } from './companions'

/** Hand saws. */
export const sawsTools: readonly Tool[] = [
  tool({
    id: 'pull-saw',
    name: 'Pull saw, two-sided, 240 mm',
    aliases: ['ryoba', 'japanese saw'],
    group: 'saws',
    roles: ['pull-saw'],
    specs: { bladeMm: 240, depthMm: 90 },
    forms: byHand(24),
    lifeHours: { getBy: 30, weekend: 70, trade: 90 },
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'panel-saw',
    name: 'Hand saw, 500 mm',
    aliases: ['panel saw', 'western saw', 'push saw', 'carpenter saw'],
    group: 'saws',
    roles: ['panel-saw'],
    specs: { bladeMm: 500, depthMm: 400 },
    forms: byHand(16),
    lifeHours: { getBy: 30, weekend: 60, trade: 200 },
    storedM2: 0.03,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'back-saw',
    name: 'Back saw',
    aliases: ['tenon saw', 'carcass saw'],
    group: 'saws',
    roles: ['back-saw'],
    specs: { bladeMm: 300, depthMm: 75 },
    forms: byHand(30),
    tierPrices: { 'get-by': 0.5, trade: 2.4, lifetime: 5 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    exacting: true
  }),
  tool({
    id: 'coping-saw',
    name: 'Coping saw',
    aliases: [],
    group: 'saws',
    roles: ['coping-saw'],
    specs: { throatMm: 120 },
    forms: byHand(10),
    storedM2: 0.01,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'mitre-box',
    name: 'Mitre box with saw',
    aliases: ['miter box', 'mitre block'],
    group: 'saws',
    roles: ['mitre-box'],
    specs: { widthMm: 120, depthMm: 60 },
    forms: byHand(22),
    storedM2: 0.06,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'pull-back-saw',
    name: 'Fine pull saw with a back',
    aliases: ['dozuki', 'backed pull saw'],
    group: 'saws',
    roles: ['back-saw', 'fine-saw'],
    specs: { bladeMm: 240, depthMm: 50 },
    forms: byHand(30),
    lifeHours: { getBy: 20, weekend: 50, trade: 80 },
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'dovetail-saw',
    name: 'Dovetail saw',
    aliases: ['small back saw', 'gents saw'],
    group: 'saws',
    roles: ['fine-saw'],
    specs: { bladeMm: 200, depthMm: 40 },
    forms: byHand(28),
    tierPrices: { 'get-by': 0.5, trade: 2.4, lifetime: 5 },
    storedM2: 0.01,
    hazard: 'sharp-edge',
    exacting: true
  }),
  tool({
    id: 'rip-saw',
    name: 'Rip saw, 650 mm',
    aliases: ['coarse hand saw'],
    group: 'saws',
    roles: ['rip-saw'],
    specs: { bladeMm: 650, depthMm: 450 },
    forms: byHand(30),
    lifeHours: { getBy: 30, weekend: 60, trade: 200 },
    storedM2: 0.03,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'turning-saw',
    name: 'Turning saw',
    aliases: ['bow saw', 'frame saw for curves'],
    group: 'saws',
    roles: ['turning-saw'],
    specs: { throatMm: 200, reachMm: 110 },
    forms: byHand(20),
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'resaw-frame',
    name: 'Frame saw for resawing',
    aliases: ['roubo saw', 'veneer frame saw'],
    group: 'saws',
    roles: ['resaw-frame'],
    specs: { resawMm: 300 },
    forms: byHand(85),
    storedM2: 0.05,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'keyhole-saw',
    name: 'Keyhole saw',
    aliases: ['pad saw', 'compass saw', 'plasterboard saw'],
    group: 'saws',
    roles: ['keyhole-saw'],
    specs: { reachMm: 120 },
    forms: byHand(11),
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'fret-saw',
    name: 'Fret saw',
    aliases: ['piercing saw', 'jeweller’s saw'],
    group: 'saws',
    roles: ['fret-saw'],
    specs: { throatMm: 280 },
    forms: byHand(16),
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'flush-saw',
    name: 'Flush-cut saw',
    aliases: ['kugihiki', 'trim saw'],
    group: 'saws',
    roles: ['flush-saw'],
    specs: { bladeMm: 120 },
    forms: byHand(16),
    lifeHours: { getBy: 15, weekend: 30, trade: 50 },
    hazard: 'sharp-edge',
    why: 'Its teeth have no set, so it does not scratch what it rests on.'
  }),
  tool({
    id: 'hacksaw',
    name: 'Hacksaw',
    aliases: ['metal saw', 'junior hacksaw'],
    group: 'saws',
    roles: ['hacksaw'],
    forms: byHand(13),
    hazard: 'sharp-edge',
    why: 'Bolts, rods and aluminium strips; no saw for wood likes them.'
  }),
  tool({
    id: 'reciprocating-saw',
    name: 'Reciprocating saw',
    aliases: ['recip saw', 'pruning saw, powered'],
    group: 'hand-power',
    roles: ['reciprocating-saw'],
    specs: { reachMm: 150 },
    forms: [corded(60, 4.5, 9), cordless(70, 250)],
    lifeHours: HAND_POWER,
    soundDbA: 97,
    storedM2: 0.06,
    roams: 'some',
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [packs],
    caution: 'Shoe pressed to the work, both hands on it; look for cables and pipes before a wall.'
  })
]

import type { Tool } from '../../core/catalogue'
import { byHand, needed, tool } from '../write'

/** Clamps and vices. */
export const clampsTools: readonly Tool[] = [
  tool({
    id: 'trigger-clamp-300',
    name: 'Trigger clamp, 300 mm',
    aliases: ['quick clamp', 'one-handed cramp'],
    group: 'clamps',
    roles: ['clamp', 'work-holding'],
    specs: { openingMm: 300 },
    forms: byHand(11),
    tierPrices: { trade: 1.7, lifetime: 2.4 },
    storedM2: 0.01
  }),
  tool({
    id: 'f-clamp-600',
    name: 'F-clamp, 600 mm',
    aliases: ['bar clamp', 'cramp', 'f-cramp'],
    group: 'clamps',
    roles: ['clamp', 'work-holding'],
    specs: { openingMm: 600 },
    forms: byHand(12),
    tierPrices: { trade: 1.7, lifetime: 2.4 },
    storedM2: 0.01
  }),
  tool({
    id: 'pipe-clamp-900',
    name: 'Pipe clamp, 900 mm',
    aliases: ['pipe cramp', 'sash clamp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 900 },
    forms: byHand(24),
    tierPrices: { trade: 1.4, lifetime: 1.8 },
    storedM2: 0.01,
    why: 'The pipe counts: heads alone hold nothing.'
  }),
  tool({
    id: 'strap-clamp',
    name: 'Strap clamp',
    aliases: ['band clamp', 'web clamp'],
    group: 'clamps',
    roles: ['strap-clamp'],
    specs: { lengthMm: 4000 },
    forms: byHand(12)
  }),
  tool({
    id: 'bench-vice',
    name: 'Clamp-on bench vice',
    aliases: ['vise', 'work holding'],
    group: 'clamps',
    roles: ['work-holding'],
    specs: { openingMm: 120 },
    forms: byHand(35),
    storedM2: 0.03
  }),
  tool({
    id: 'f-clamp-300',
    name: 'F-clamp, 300 mm',
    aliases: ['bar clamp', 'cramp', 'f-cramp'],
    group: 'clamps',
    roles: ['clamp', 'work-holding'],
    specs: { openingMm: 300 },
    forms: byHand(9),
    tierPrices: { trade: 1.7, lifetime: 2.4 },
    forgives: true,
    storedM2: 0.01
  }),
  tool({
    id: 'g-clamp-100',
    name: 'G-clamp, 100 mm',
    aliases: ['c-clamp', 'g-cramp', 'screw clamp'],
    group: 'clamps',
    roles: ['g-clamp', 'small-clamp', 'work-holding'],
    specs: { openingMm: 100 },
    forms: byHand(8),
    tierPrices: { trade: 1.7, lifetime: 2.4 },
    storedM2: 0.01
  }),
  tool({
    id: 'parallel-clamp-600',
    name: 'Parallel clamp, 600 mm',
    aliases: ['parallel-jaw clamp', 'cabinet clamp'],
    group: 'clamps',
    roles: ['clamp', 'parallel-clamp'],
    specs: { openingMm: 600 },
    forms: byHand(36),
    tierPrices: { trade: 1.4, lifetime: 1.9 },
    storedM2: 0.01
  }),
  tool({
    id: 'parallel-clamp-1000',
    name: 'Parallel clamp, 1 m',
    aliases: ['parallel-jaw clamp'],
    group: 'clamps',
    roles: ['clamp', 'parallel-clamp'],
    specs: { openingMm: 1000 },
    forms: byHand(46),
    tierPrices: { trade: 1.4, lifetime: 1.9 },
    storedM2: 0.02
  }),
  tool({
    id: 'pipe-clamp-1500',
    name: 'Pipe clamp, 1.5 m',
    aliases: ['sash clamp', 'long clamp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 1500 },
    forms: byHand(34),
    tierPrices: { trade: 1.4, lifetime: 1.8 },
    storedM2: 0.02
  }),
  tool({
    id: 'spring-clamps',
    name: 'Spring clamps, six',
    aliases: ['pegs', 'clothes-peg clamps'],
    group: 'clamps',
    roles: ['spring-clamp', 'small-clamp'],
    specs: { openingMm: 50 },
    forms: byHand(10)
  }),
  tool({
    id: 'hand-screw',
    name: 'Wooden hand screw',
    aliases: ['handscrew clamp'],
    group: 'clamps',
    roles: ['hand-screw', 'work-holding'],
    specs: { openingMm: 150 },
    forms: byHand(18),
    storedM2: 0.01,
    why: 'Holds small and tapered work, and small pieces at a machine.'
  }),
  tool({
    id: 'corner-clamps',
    name: 'Corner clamps, four',
    aliases: ['frame clamps', 'mitre clamps'],
    group: 'clamps',
    roles: ['corner-clamp'],
    forms: byHand(26),
    storedM2: 0.01
  }),
  tool({
    id: 'holdfasts',
    name: 'Holdfasts, pair',
    aliases: ['bench holdfast'],
    group: 'clamps',
    roles: ['holdfast'],
    forms: byHand(32),
    companions: [
      needed('A holdfast needs a hole in a thick bench top.', 'workbench', 'workbench-made'),
      needed('Set and freed with a blow.', 'mallet', 'dead-blow')
    ]
  }),
  tool({
    id: 'bench-dogs',
    name: 'Bench dogs and planing stop',
    aliases: ['bench stops'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['bench-dogs'],
    forms: byHand(16),
    companions: [needed('Dogs sit in holes of a bench.', 'workbench', 'workbench-made', 'fold-bench')]
  }),
  tool({
    id: 'front-vice',
    name: 'Front vice, 230 mm',
    aliases: ['woodworking vise', 'face vise', 'bench vise'],
    group: 'clamps',
    roles: ['work-holding', 'vice'],
    specs: { openingMm: 230 },
    forms: byHand(80),
    storedM2: 0,
    companions: [needed('It hangs on a bench.', 'workbench', 'workbench-made')]
  }),
  tool({
    id: 'rail-clamps',
    name: 'Rail clamps, pair',
    aliases: ['track clamps'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['rail-clamp'],
    forms: byHand(30)
  }),
  tool({
    id: 'edge-clamps',
    name: 'Edge clamps, three',
    aliases: ['three-way clamp', 'edging clamps'],
    group: 'clamps',
    roles: ['edge-clamp'],
    specs: { openingMm: 60 },
    forms: byHand(33)
  }),
  tool({
    id: 'toggle-clamps',
    name: 'Toggle clamps, pair',
    aliases: ['hold-down clamps'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['toggle-clamp'],
    forms: byHand(16),
    why: 'For jigs: hands stay away from the cutter.'
  })
]

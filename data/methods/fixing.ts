import type { Method } from '../../core/catalogue'
import { method, need, upTo } from '../write'
import { bit, shank } from './hazards'
import { chopped, drilled, fixed, routed } from './manners'

/**
 * Screws, nails and hardware. A run is one screw, nail or fitting of a furniture size; the holes before screws are steps of their own.
 * Common practice, a practised hobby user.
 */
export const fixingMethods: readonly Method[] = [
  method({
    id: 'drive/screwdriver',
    operation: 'drive',
    name: 'Screwdriver',
    form: 'hand',
    roles: [need('screwdriver')],
    setupMinutes: 0,
    runMinutes: 2,
    accuracyMm: 0.5,
    marked: false
  }),
  method({
    id: 'drive/drill',
    operation: 'drive',
    name: 'Drill with its clutch',
    form: 'hand-held',
    roles: [need('drill'), need('driver-bits')],
    setupMinutes: 1,
    runMinutes: 0.4,
    marked: false,
    hazard: bit,
    soundDbA: 78
  }),
  method({
    id: 'drive/impact',
    operation: 'drive',
    name: 'Impact driver',
    form: 'hand-held',
    roles: [need('impact-driver'), need('impact-bits')],
    setupMinutes: 0.5,
    runMinutes: 0.3,
    marked: false,
    hazard: bit,
    soundDbA: 98
  }),
  method({
    id: 'tack/hammer',
    operation: 'tack',
    name: 'Hammer',
    form: 'hand',
    roles: [need('hammer')],
    setupMinutes: 0,
    runMinutes: 0.5,
    accuracyMm: 0.8,
    marked: false,
    soundDbA: 88
  }),
  method({
    id: 'tack/nailer',
    operation: 'tack',
    name: 'Brad nailer',
    form: 'hand-held',
    roles: [need('nailer')],
    setupMinutes: 2,
    runMinutes: 0.1,
    accuracyMm: 0.8,
    marked: false,
    hazard: { kind: 'fired-nail', level: 2 },
    soundDbA: 95,
    why: 'Brads only where there is no stress, with glue.'
  }),
  method({
    ...chopped,
    id: 'cut-hinge/chisel',
    operation: 'cut-hinge',
    name: 'Knife and chisel',
    roles: [need('chisels'), need('marking-knife'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 12,
    accuracyMm: 0.4
  }),
  method({
    ...chopped,
    id: 'cut-hinge/router-plane',
    operation: 'cut-hinge',
    name: 'Chisel, floor by router plane',
    roles: [need('chisels'), need('router-plane'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 9,
    accuracyMm: 0.25
  }),
  method({
    ...routed,
    id: 'cut-hinge/template',
    operation: 'cut-hinge',
    name: 'Trim router in a hinge template',
    roles: [need('trim-router'), need('bit-flush'), need('hinge-jig'), need('chisels')],
    ties: shank('bit-flush', 'trim-router'),
    setupMinutes: 8,
    runMinutes: 3,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    ...fixed,
    id: 'tack/stapler',
    operation: 'tack',
    name: 'Hand stapler',
    roles: [need('stapler')],
    setupMinutes: 0,
    runMinutes: 0.15,
    accuracyMm: 1,
    soundDbA: 85,
    limits: [upTo('thicknessMm', 6)],
    why: 'Thin backs and cloth.'
  }),
  method({
    ...drilled,
    marked: false,
    id: 'fit-hardware/self-centring',
    operation: 'fit-hardware',
    name: 'Self-centring bit and drill',
    roles: [need('drill'), need('self-centring'), need('driver-bits')],
    setupMinutes: 2,
    runMinutes: 4.5,
    accuracyMm: 0.4
  }),
  method({
    ...fixed,
    id: 'fit-hardware/awl',
    operation: 'fit-hardware',
    name: 'Awl and screwdriver',
    roles: [need('awl'), need('screwdriver')],
    setupMinutes: 1,
    runMinutes: 8,
    accuracyMm: 0.8
  }),
  method({
    ...drilled,
    marked: false,
    id: 'fit-hardware/drill',
    operation: 'fit-hardware',
    name: 'Drill and driver bits',
    roles: [need('drill'), need('driver-bits')],
    setupMinutes: 1,
    runMinutes: 6,
    accuracyMm: 0.8
  }),
  method({
    ...fixed,
    id: 'fit-hardware/wrench',
    operation: 'fit-hardware',
    name: 'Bolts with a wrench and pliers',
    roles: [need('wrench'), need('pliers')],
    setupMinutes: 1,
    runMinutes: 6,
    accuracyMm: 1,
    soundDbA: 70
  }),
  method({
    ...drilled,
    marked: false,
    id: 'fix-to-wall/stud',
    operation: 'fix-to-wall',
    wall: 'frame',
    name: 'Screwed to studs',
    roles: [need('stud-finder'), need('drill'), need('driver-bits'), need('level')],
    setupMinutes: 8,
    runMinutes: 5,
    accuracyMm: 2,
    why: 'Into timber behind the board; find cables first.'
  }),
  method({
    ...drilled,
    marked: false,
    id: 'fix-to-wall/tapped',
    operation: 'fix-to-wall',
    wall: 'frame',
    name: 'Screwed to studs found by tapping',
    roles: [need('drill'), need('driver-bits'), need('hammer'), need('tape')],
    setupMinutes: 14,
    runMinutes: 6,
    accuracyMm: 3,
    why: 'A thin nail where the skirting will hide it finds the stud; find cables first.'
  }),
  method({
    ...drilled,
    marked: false,
    id: 'fix-to-wall/masonry',
    operation: 'fix-to-wall',
    wall: 'masonry',
    name: 'Plugs in masonry',
    why: 'Cables first, then a hole as deep as the plug; a drill without hammer polishes the hole.',
    roles: [
      need('hammer-drill'),
      need('masonry-bits'),
      need('stud-finder'),
      need('driver-bits'),
      need('level'),
      need('hammer')
    ],
    setupMinutes: 10,
    runMinutes: 7,
    accuracyMm: 2,
    dust: 'fine',
    soundDbA: 92
  }),
  method({
    id: 'drive/brace',
    operation: 'drive',
    name: 'Driver bit in a brace',
    form: 'hand',
    roles: [need('brace'), need('driver-bits')],
    setupMinutes: 1,
    runMinutes: 1.9,
    why: 'More turn than any screwdriver, and it does not slip.'
  }),
  method({
    id: 'fit-hardware/brace',
    operation: 'fit-hardware',
    name: 'Hand drill and screwdriver',
    form: 'hand',
    roles: [need('hand-drill'), need('screwdriver')],
    setupMinutes: 1,
    runMinutes: 7,
    accuracyMm: 0.6,
    dust: 'shavings'
  }),
  method({
    id: 'fix-to-wall/hand',
    operation: 'fix-to-wall',
    wall: 'frame',
    name: 'Screwed into a stud by hand',
    form: 'hand',
    roles: [need('screwdriver'), need('hole-maker'), need('hammer'), need('tape')],
    setupMinutes: 14,
    runMinutes: 8,
    accuracyMm: 3,
    marked: false,
    why: 'Studs are found by knocking and a thin pin; look for cables and pipes first.',
    limits: [upTo('thicknessMm', 30)]
  }),
  method({
    id: 'fit-hardware/bolts',
    operation: 'fit-hardware',
    name: 'Bolts cut to length',
    form: 'hand',
    roles: [need('wrench'), need('hacksaw'), need('hole-maker')],
    setupMinutes: 2,
    runMinutes: 6,
    accuracyMm: 1,
    soundDbA: 72
  })
]

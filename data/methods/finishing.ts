import type { Method } from '../../core/catalogue'
import { from, method, need, needs } from '../write'
import { dust, edge } from './hazards'
import { fixed } from './manners'

/**
 * Finish, stain, veneer, steam. Minutes a square metre are those of all coats with rubbing down between; drying is waiting. Two or three
 * coats, as the tin says. Common practice.
 */
export const finishingMethods: readonly Method[] = [
  method({
    ...fixed,
    id: 'finish/wipe',
    operation: 'finish',
    name: 'Wiped on with a cloth',
    roles: [need('finishing-kit')],
    setupMinutes: 8,
    runMinutes: 30,
    accuracyMm: 0.5
  }),
  method({
    ...fixed,
    id: 'finish/brush',
    operation: 'finish',
    name: 'Brushed on',
    roles: [need('finish-brush')],
    setupMinutes: 14,
    runMinutes: 27,
    accuracyMm: 0.5
  }),
  method({
    ...fixed,
    id: 'finish/roller',
    operation: 'finish',
    name: 'Rolled on',
    roles: [need('paint-roller')],
    setupMinutes: 16,
    runMinutes: 24,
    accuracyMm: 0.5,
    limits: [from('widthMm', 200)]
  }),
  method({
    id: 'finish/spray',
    operation: 'finish',
    name: 'Sprayed',
    form: 'hand-held',
    roles: [need('spray-gun')],
    setupMinutes: 40,
    runMinutes: 13,
    accuracyMm: 0.5,
    marked: false,
    surface: 'smooth',
    hazard: dust,
    soundDbA: 86,
    dust: 'fine',
    why: 'Quick on shelves and slats; cleaning the gun takes as long as the coat.'
  }),
  method({
    ...fixed,
    id: 'stain/wipe',
    operation: 'stain',
    name: 'Wiped on and off',
    roles: [need('finishing-kit')],
    setupMinutes: 5,
    runMinutes: 14
  }),
  method({
    ...fixed,
    id: 'stain/brush',
    operation: 'stain',
    name: 'Brushed on',
    roles: [need('finish-brush')],
    setupMinutes: 8,
    runMinutes: 12
  }),
  method({
    ...fixed,
    id: 'veneer/iron',
    operation: 'veneer',
    name: 'Glue on both, ironed down',
    roles: [need('iron'), need('utility-knife')],
    setupMinutes: 15,
    runMinutes: 90,
    hazard: edge
  }),
  method({
    ...fixed,
    id: 'veneer/cauls',
    operation: 'veneer',
    name: 'Pressed between boards and cauls',
    roles: [need('cauls'), needs(6, 'clamp'), need('utility-knife'), need('glue-spreader')],
    setupMinutes: 25,
    runMinutes: 75,
    hazard: edge
  }),
  method({
    ...fixed,
    id: 'bend/steam',
    operation: 'bend',
    name: 'Steamed and bent over a form',
    roles: [need('steam-box'), need('bending-form'), needs(4, 'clamp')],
    setupMinutes: 40,
    runMinutes: 25,
    accuracyMm: 3,
    why: 'An hour of steam for each 25 mm of thickness is waiting; the bend takes a minute. Some spring back.'
  }),
  method({
    id: 'bend/hot-air',
    operation: 'bend',
    name: 'Thin strips softened with hot air',
    form: 'hand-held',
    roles: [need('heat-gun'), need('bending-form'), needs(3, 'clamp')],
    setupMinutes: 10,
    runMinutes: 25,
    accuracyMm: 3,
    marked: false,
    hazard: dust,
    soundDbA: 70,
    limits: [{ stock: 'thicknessMm', is: 'atMost', value: 4 }]
  })
]

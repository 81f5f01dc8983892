import type { Method } from '../../core/catalogue'
import { atLeast, method, need, upTo } from '../write'
import { set } from './manners'

/**
 * Marking out. A run is one piece marked on the sides it is cut to, the pencil sharpened; what is measured first is a step of its own.
 * Common practice, a practised hobby user.
 */
export const markingMethods: readonly Method[] = [
  method({
    id: 'mark-square/combination',
    operation: 'mark-square',
    name: 'Combination square',
    form: 'hand',
    roles: [need('square-fine')],
    setupMinutes: 0,
    runMinutes: 0.7,
    accuracyMm: 0.3,
    marked: false,
    limits: [upTo('widthMm', 310)]
  }),
  method({
    id: 'mark-square/rafter',
    operation: 'mark-square',
    name: 'Rafter square',
    form: 'hand',
    roles: [need('square-coarse')],
    setupMinutes: 0,
    runMinutes: 0.6,
    accuracyMm: 0.7,
    marked: false,
    limits: [upTo('widthMm', 240)]
  }),
  method({
    id: 'mark-square/long-edge',
    operation: 'mark-square',
    name: 'Straight edge, measured from both ends',
    form: 'hand',
    roles: [need('tape'), need('straight-edge')],
    setupMinutes: 1,
    runMinutes: 2,
    accuracyMm: 1,
    marked: false,
    why: 'For panels wider than any square: equal diagonals show that it is square.'
  }),
  method({
    id: 'mark-angle/bevel',
    operation: 'mark-angle',
    name: 'Sliding bevel',
    form: 'hand',
    roles: [need('bevel')],
    setupMinutes: 1,
    runMinutes: 1,
    accuracyMm: 0.6,
    marked: false
  }),
  method({
    id: 'mark-angle/rafter',
    operation: 'mark-angle',
    name: 'Rafter square by its degree scale',
    form: 'hand',
    roles: [need('square-coarse')],
    setupMinutes: 0.5,
    runMinutes: 0.9,
    accuracyMm: 1,
    marked: false
  }),
  method({
    ...set,
    id: 'mark-square/framing',
    operation: 'mark-square',
    name: 'Framing square',
    form: 'hand',
    roles: [need('square-large')],
    setupMinutes: 0,
    runMinutes: 0.8,
    accuracyMm: 0.7,
    limits: [upTo('widthMm', 600)]
  }),
  method({
    ...set,
    id: 'mark-square/knife',
    operation: 'mark-square',
    name: 'Square and marking knife',
    form: 'hand',
    roles: [need('square-fine'), need('marking-knife')],
    setupMinutes: 0,
    runMinutes: 1,
    accuracyMm: 0.15,
    limits: [upTo('widthMm', 310)],
    why: 'A knife line leads chisel and saw.'
  }),
  method({
    ...set,
    id: 'mark-angle/gauge',
    operation: 'mark-angle',
    name: 'Digital gauge and bevel',
    form: 'hand',
    roles: [need('bevel'), need('angle-gauge')],
    setupMinutes: 1,
    runMinutes: 1,
    accuracyMm: 0.2
  }),
  method({
    ...set,
    id: 'gauge-lines/marking-gauge',
    operation: 'gauge-lines',
    name: 'Marking gauge',
    form: 'hand',
    roles: [need('marking-gauge')],
    setupMinutes: 1,
    runMinutes: 0.4,
    accuracyMm: 0.2
  }),
  method({
    ...set,
    id: 'gauge-lines/mortise-gauge',
    operation: 'gauge-lines',
    name: 'Mortise gauge, both lines at once',
    form: 'hand',
    roles: [need('mortise-gauge')],
    setupMinutes: 1,
    runMinutes: 0.25,
    accuracyMm: 0.2
  }),
  method({
    ...set,
    id: 'gauge-lines/combination',
    operation: 'gauge-lines',
    name: 'Combination square and pencil',
    form: 'hand',
    roles: [need('square-fine')],
    setupMinutes: 0.5,
    runMinutes: 0.7,
    accuracyMm: 0.5,
    limits: [upTo('widthMm', 280)]
  }),
  method({
    ...set,
    id: 'lay-out-curve/compass',
    operation: 'lay-out-curve',
    name: 'Compass',
    form: 'hand',
    roles: [need('compass', atLeast('reachMm', 'widthMm', 0, 0.5))],
    setupMinutes: 0.5,
    runMinutes: 1,
    accuracyMm: 0.5
  }),
  method({
    ...set,
    id: 'lay-out-curve/trammel',
    operation: 'lay-out-curve',
    name: 'Trammel on a batten',
    form: 'hand',
    roles: [need('trammel', atLeast('reachMm', 'widthMm', 0, 0.5))],
    setupMinutes: 2,
    runMinutes: 0.8,
    accuracyMm: 0.4
  }),
  method({
    ...set,
    id: 'lay-out-curve/batten',
    operation: 'lay-out-curve',
    name: 'Bent batten or flexible curve',
    form: 'hand',
    roles: [need('curve')],
    setupMinutes: 1,
    runMinutes: 3,
    accuracyMm: 1
  }),
  method({
    ...set,
    id: 'lay-out-curve/profile-gauge',
    operation: 'lay-out-curve',
    name: 'Profile gauge',
    form: 'hand',
    roles: [need('profile-gauge', atLeast('lengthMm', 'widthMm'))],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 0.8,
    why: 'Copies what is there, such as a skirting or a chair leg.'
  }),
  method({
    id: 'mark-square/chalk-line',
    operation: 'mark-square',
    name: 'Chalk line for long cuts',
    form: 'hand',
    roles: [need('chalk-line'), need('tape')],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 1.5
  }),
  method({
    id: 'gauge-lines/dividers',
    operation: 'gauge-lines',
    name: 'Dividers stepped along',
    form: 'hand',
    roles: [need('dividers')],
    setupMinutes: 1,
    runMinutes: 0.6,
    accuracyMm: 0.3
  }),
  method({
    id: 'lay-out-curve/dividers',
    operation: 'lay-out-curve',
    name: 'Dividers, small arcs',
    form: 'hand',
    roles: [need('dividers')],
    setupMinutes: 0.5,
    runMinutes: 1,
    accuracyMm: 0.5,
    limits: [upTo('widthMm', 150)]
  }),
  method({
    id: 'lay-out-curve/string',
    operation: 'lay-out-curve',
    name: 'Pencil on a string, or round a tin',
    form: 'hand',
    roles: [],
    setupMinutes: 1,
    runMinutes: 2,
    accuracyMm: 1.5,
    why: 'Good enough where a curve only has to please.'
  })
]

import type { Method } from '../../core/catalogue'
import { atLeast, method, need, needs } from '../write'
import { fixed, set } from './manners'

/**
 * Measuring, and checking what was made. A run is one part measured and written down, or one case checked and nudged square. Common
 * practice, a practised hobby user.
 */
export const measuringMethods: readonly Method[] = [
  method({
    id: 'measure/tape',
    operation: 'measure',
    name: 'Tape',
    form: 'hand',
    roles: [need('tape')],
    setupMinutes: 2,
    runMinutes: 1,
    accuracyMm: 0.8,
    marked: false
  }),
  method({
    id: 'measure/rule',
    operation: 'measure',
    name: 'Steel rule',
    form: 'hand',
    roles: [need('rule', atLeast('lengthMm', 'lengthMm'))],
    setupMinutes: 2,
    runMinutes: 0.9,
    accuracyMm: 0.3,
    marked: false,
    why: 'Reads finer than a tape, but only as far as it is long.'
  }),
  method({
    ...set,
    id: 'check-moisture/meter',
    operation: 'check-moisture',
    name: 'Moisture meter',
    form: 'hand',
    roles: [need('moisture-meter')],
    setupMinutes: 5,
    runMinutes: 0,
    accuracyMm: 0.1,
    why: 'Compare with the room’s own timber; the figure alone means little.'
  }),
  method({
    ...set,
    id: 'check-moisture/weigh',
    operation: 'check-moisture',
    name: 'Weighed until it stops losing',
    form: 'hand',
    roles: [need('scales')],
    setupMinutes: 12,
    runMinutes: 0,
    accuracyMm: 0.1,
    why: 'Weigh a sample every week; equal weights mean it has settled.'
  }),
  method({
    ...set,
    id: 'check-moisture/yard',
    operation: 'check-moisture',
    name: 'Dried timber from a yard that measures it',
    form: 'service',
    roles: [],
    setupMinutes: 20,
    runMinutes: 0,
    accuracyMm: 0.1,
    soundDbA: 0,
    service: { pointsPerUnit: 0, pointsPerVisit: 2 }
  }),
  method({
    ...set,
    id: 'measure/calipers',
    operation: 'measure',
    name: 'Calipers',
    form: 'hand',
    roles: [need('calipers', atLeast('lengthMm', 'lengthMm'))],
    setupMinutes: 2,
    runMinutes: 0.9,
    accuracyMm: 0.1
  }),
  method({
    ...set,
    id: 'measure/story-stick',
    operation: 'measure',
    name: 'Story stick',
    form: 'hand',
    roles: [need('story-stick')],
    setupMinutes: 12,
    runMinutes: 0.7,
    accuracyMm: 0.4,
    why: 'Every length stands on one stick; nothing is read twice.'
  }),
  method({
    ...set,
    id: 'check-square/diagonals',
    operation: 'check-square',
    name: 'Diagonals by tape',
    form: 'hand',
    roles: [need('tape')],
    setupMinutes: 0,
    runMinutes: 3,
    accuracyMm: 1
  }),
  method({
    ...set,
    id: 'check-square/pinch-rods',
    operation: 'check-square',
    name: 'Diagonals by pinch rods',
    form: 'hand',
    roles: [need('pinch-rods')],
    setupMinutes: 0,
    runMinutes: 1.5,
    accuracyMm: 0.4
  }),
  method({
    ...set,
    id: 'check-square/square',
    operation: 'check-square',
    name: 'Square in each corner',
    form: 'hand',
    roles: [need('square-large')],
    setupMinutes: 0,
    runMinutes: 4,
    accuracyMm: 0.8
  }),
  method({
    ...set,
    id: 'check-square/blocks',
    operation: 'check-square',
    name: 'Squaring blocks in the corners',
    form: 'hand',
    roles: [need('squaring-blocks'), needs(4, 'clamp')],
    setupMinutes: 2,
    runMinutes: 1,
    accuracyMm: 0.5
  }),
  method({
    ...set,
    id: 'check-square/winding-sticks',
    operation: 'check-square',
    name: 'Winding sticks, and a square in each corner',
    form: 'hand',
    roles: [need('winding-sticks'), need('square-large')],
    setupMinutes: 0,
    runMinutes: 5,
    accuracyMm: 0.3,
    why: 'Sighting over both shows twist that a square does not.'
  }),
  method({
    ...fixed,
    id: 'measure/folding-rule',
    operation: 'measure',
    name: 'Folding rule',
    roles: [need('folding-rule', atLeast('lengthMm', 'lengthMm'))],
    setupMinutes: 2,
    runMinutes: 1,
    accuracyMm: 0.6
  })
]

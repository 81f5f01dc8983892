import type { Method } from '../../core/catalogue'
import { atLeast, method, need, upTo } from '../write'

/** Measuring and marking. Accuracies: common practice. */
export const markingMethods: readonly Method[] = [
  method({
    id: 'measure/tape',
    operation: 'measure',
    name: 'Tape',
    form: 'hand',
    roles: [need('tape')],
    setupMinutes: 0,
    runMinutes: 0.4,
    accuracyMm: 0.8,
    marked: false
  }),
  method({
    id: 'measure/rule',
    operation: 'measure',
    name: 'Steel rule',
    form: 'hand',
    roles: [need('rule', atLeast('lengthMm', 'lengthMm'))],
    setupMinutes: 0,
    runMinutes: 0.5,
    accuracyMm: 0.3,
    marked: false,
    why: 'Reads finer than a tape, but only as far as it is long.'
  }),
  method({
    id: 'mark-square/combination',
    operation: 'mark-square',
    name: 'Combination square',
    form: 'hand',
    roles: [need('square-fine')],
    setupMinutes: 0,
    runMinutes: 0.4,
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
    runMinutes: 0.3,
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
    runMinutes: 0.5,
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
    runMinutes: 0.5,
    accuracyMm: 1,
    marked: false
  })
]

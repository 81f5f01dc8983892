import { atLeast, method, need, upTo } from '../write'
import type { Method } from '../../core/catalogue'
import { set } from './manners'

/**
 * Holding and supporting the work: once a batch, what comes and goes with each cut is in the cut. Common practice, a practised hobby
 * user.
 */
export const holdingMethods: readonly Method[] = [
  method({
    ...set,
    id: 'hold/vice',
    operation: 'hold',
    name: 'Vice',
    form: 'hand',
    roles: [need('vice', atLeast('openingMm', 'thicknessMm'))],
    setupMinutes: 1,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'hold/bench',
    operation: 'hold',
    name: 'Small vice or folding bench',
    form: 'hand',
    roles: [need('work-holding')],
    setupMinutes: 2,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'hold/dogs',
    operation: 'hold',
    name: 'Planing stop and dogs',
    form: 'hand',
    roles: [need('bench-dogs')],
    setupMinutes: 0.5,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'hold/holdfast',
    operation: 'hold',
    name: 'Holdfasts',
    form: 'hand',
    roles: [need('holdfast')],
    setupMinutes: 0.3,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'support-sheet/bench',
    operation: 'support-sheet',
    name: 'On the bench',
    form: 'hand',
    roles: [need('bench')],
    setupMinutes: 2,
    runMinutes: 0,
    limits: [upTo('lengthMm', 2500)]
  }),
  method({
    ...set,
    id: 'support-sheet/outfeed',
    operation: 'support-sheet',
    name: 'Roller or outfeed at the machine',
    form: 'hand',
    roles: [need('outfeed')],
    setupMinutes: 2.5,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'support-sheet/stand',
    operation: 'support-sheet',
    name: 'Wings of a saw stand',
    form: 'hand',
    roles: [need('saw-stand')],
    setupMinutes: 1,
    runMinutes: 0,
    limits: [upTo('widthMm', 350)]
  }),
  method({
    id: 'support-sheet/sawhorses',
    operation: 'support-sheet',
    name: 'Sawhorses',
    form: 'hand',
    roles: [need('sawhorses')],
    setupMinutes: 3,
    runMinutes: 0,
    marked: false
  }),
  method({
    id: 'support-sheet/floor',
    operation: 'support-sheet',
    name: 'Foam sheet on the floor',
    form: 'hand',
    roles: [need('foam-sheet')],
    setupMinutes: 6,
    runMinutes: 0,
    marked: false,
    limits: [upTo('thicknessMm', 40)],
    why: 'The foam carries both halves to the end of the cut.'
  })
]

import { atLeast, method, need, needs, upTo } from '../write'
import type { Method } from '../../core/catalogue'
import { fixed } from './manners'

/** Gluing up, and bending. Times: practised hobby user; common practice. */
export const gluingMethods: readonly Method[] = [
  method({
    id: 'glue-up-panel/clamps',
    operation: 'glue-up-panel',
    name: 'Clamps across the panel',
    form: 'hand',
    roles: [needs(4, 'clamp', atLeast('openingMm', 'widthMm', 40))],
    setupMinutes: 10,
    runMinutes: 12,
    accuracyMm: 0.5,
    marked: false
  }),
  method({
    id: 'glue-up-case/clamps',
    operation: 'glue-up-case',
    name: 'Clamps over the case',
    form: 'hand',
    roles: [needs(4, 'clamp', atLeast('openingMm', 'lengthMm', 40))],
    setupMinutes: 5,
    runMinutes: 15,
    accuracyMm: 0.8,
    marked: false
  }),
  method({
    id: 'glue-up-case/strap',
    operation: 'glue-up-case',
    name: 'Strap clamp',
    form: 'hand',
    roles: [needs(2, 'strap-clamp')],
    setupMinutes: 5,
    runMinutes: 12,
    accuracyMm: 1,
    marked: false,
    limits: [upTo('lengthMm', 900)]
  }),
  method({
    ...fixed,
    id: 'glue-up-panel/cauls',
    operation: 'glue-up-panel',
    name: 'Clamps and bowed cauls',
    roles: [
      needs(4, 'clamp', atLeast('openingMm', 'widthMm', 40)),
      need('cauls'),
      needs(6, 'clamp'),
      need('glue-spreader')
    ],
    setupMinutes: 12,
    runMinutes: 13,
    accuracyMm: 0.3,
    why: 'Long clamps for the width, two more on the cauls keep it flat.'
  }),
  method({
    ...fixed,
    id: 'glue-up-panel/parallel',
    operation: 'glue-up-panel',
    name: 'Parallel clamps on a flat bench',
    roles: [needs(4, 'parallel-clamp', atLeast('openingMm', 'widthMm', 40)), need('bench')],
    setupMinutes: 7,
    runMinutes: 10,
    accuracyMm: 0.3
  }),
  method({
    ...fixed,
    id: 'glue-up-case/parallel',
    operation: 'glue-up-case',
    name: 'Parallel clamps',
    roles: [needs(4, 'parallel-clamp', atLeast('openingMm', 'lengthMm', 40))],
    setupMinutes: 4,
    runMinutes: 11,
    accuracyMm: 0.5
  }),
  method({
    ...fixed,
    id: 'glue-up-case/blocks',
    operation: 'glue-up-case',
    name: 'Squaring blocks and small clamps',
    roles: [need('squaring-blocks'), needs(4, 'clamp')],
    setupMinutes: 6,
    runMinutes: 16,
    accuracyMm: 0.6,
    limits: [upTo('lengthMm', 700)]
  }),
  method({
    ...fixed,
    id: 'glue-up-case/tape',
    operation: 'glue-up-case',
    name: 'Tape across the corners',
    roles: [need('template-tape')],
    setupMinutes: 4,
    runMinutes: 8,
    accuracyMm: 1.2,
    limits: [upTo('lengthMm', 350)],
    why: 'For small mitred boxes: fold it up round the tape.'
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/strap',
    operation: 'glue-up-frame',
    name: 'Strap clamp',
    roles: [need('strap-clamp')],
    setupMinutes: 2,
    runMinutes: 8,
    accuracyMm: 0.6
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/corner',
    operation: 'glue-up-frame',
    name: 'Corner clamps',
    roles: [need('corner-clamp')],
    setupMinutes: 3,
    runMinutes: 6,
    accuracyMm: 0.5,
    limits: [upTo('widthMm', 75)]
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/clamps',
    operation: 'glue-up-frame',
    name: 'Clamps across the frame',
    roles: [needs(4, 'clamp', atLeast('openingMm', 'widthMm', 40))],
    setupMinutes: 4,
    runMinutes: 10,
    accuracyMm: 0.6
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/spring',
    operation: 'glue-up-frame',
    name: 'Spring clamps at the corners',
    roles: [need('spring-clamp'), need('glue-spreader')],
    setupMinutes: 2,
    runMinutes: 12,
    accuracyMm: 1,
    limits: [upTo('widthMm', 60)]
  }),
  method({
    ...fixed,
    id: 'glue-up-block/clamps',
    operation: 'glue-up-block',
    name: 'Clamps along the block',
    roles: [needs(4, 'clamp', atLeast('openingMm', 'thicknessMm', 40))],
    setupMinutes: 3,
    runMinutes: 9
  }),
  method({
    ...fixed,
    id: 'glue-up-block/g-clamps',
    operation: 'glue-up-block',
    name: 'G-clamps along the block',
    roles: [needs(4, 'g-clamp', atLeast('openingMm', 'thicknessMm', 20))],
    setupMinutes: 3,
    runMinutes: 8
  }),
  method({
    ...fixed,
    id: 'glue-up-block/hand-screws',
    operation: 'glue-up-block',
    name: 'Hand screws',
    roles: [needs(3, 'hand-screw', atLeast('openingMm', 'thicknessMm', 20))],
    setupMinutes: 2,
    runMinutes: 8
  }),
  method({
    ...fixed,
    id: 'bend/form',
    operation: 'bend',
    name: 'Thin layers over a form',
    roles: [need('bending-form'), needs(6, 'clamp'), need('glue-spreader')],
    setupMinutes: 15,
    runMinutes: 30,
    accuracyMm: 1
  }),
  method({
    ...fixed,
    id: 'bend/g-clamps',
    operation: 'bend',
    name: 'Thin layers over a form, G-clamps',
    roles: [need('bending-form'), needs(8, 'g-clamp', atLeast('openingMm', 'thicknessMm', 60)), need('glue-spreader')],
    setupMinutes: 12,
    runMinutes: 28,
    accuracyMm: 0.8
  })
]

import { atLeast, method, need, needs, upTo } from '../write'
import type { Method } from '../../core/catalogue'
import { fixed } from './manners'

/** A clamp for about 250 mm of a panel, three at least; common practice. */
const panels = [
  { id: 'clamps', clamps: 3, lengthMm: 750 },
  { id: 'clamps-metre', clamps: 4, lengthMm: 1100 },
  { id: 'clamps-long', clamps: 5, lengthMm: 1400 },
  { id: 'clamps-table', clamps: 7, lengthMm: 1900 }
] as const
/** A wider panel has more joints to true and glue, a longer one more of each. */
const panelGrows: Method['grows'] = [
  { stock: 'widthMm', of: 400, least: 0.8 },
  { stock: 'lengthMm', of: 800, least: 0.85, most: 2 }
]

/**
 * Gluing up, and bending. A run is glue, boards and clamps on and the squeezed-out glue off for a panel or case of ordinary size; setting
 * is waiting, in which the clamps are taken. Common practice, a practised hobby user.
 */
export const gluingMethods: readonly Method[] = [
  ...panels.map(({ id, clamps, lengthMm }) =>
    method({
      ...fixed,
      id: `glue-up-panel/${id}`,
      operation: 'glue-up-panel',
      name: `Clamps across the panel, ${clamps}`,
      roles: [needs(clamps, 'clamp', atLeast('openingMm', 'widthMm', 40))],
      setupMinutes: 16,
      runMinutes: 26,
      accuracyMm: 0.5,
      grows: panelGrows,
      limits: [upTo('lengthMm', lengthMm)]
    })
  ),
  method({
    id: 'glue-up-case/clamps',
    operation: 'glue-up-case',
    name: 'Clamps over the case',
    form: 'hand',
    roles: [needs(4, 'clamp', atLeast('openingMm', 'lengthMm', 40))],
    setupMinutes: 5,
    runMinutes: 22,
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
    runMinutes: 18,
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
    setupMinutes: 14,
    runMinutes: 22,
    accuracyMm: 0.3,
    why: 'Long clamps for the width, two more on the cauls keep it flat.',
    limits: [upTo('lengthMm', 1000)],
    grows: panelGrows
  }),
  method({
    ...fixed,
    id: 'glue-up-panel/parallel',
    operation: 'glue-up-panel',
    name: 'Parallel clamps on a flat bench',
    roles: [needs(4, 'parallel-clamp', atLeast('openingMm', 'widthMm', 40)), need('bench')],
    setupMinutes: 10,
    runMinutes: 20,
    accuracyMm: 0.3,
    limits: [upTo('lengthMm', 1250)],
    grows: panelGrows
  }),
  method({
    ...fixed,
    id: 'glue-up-case/parallel',
    operation: 'glue-up-case',
    name: 'Parallel clamps',
    roles: [needs(4, 'parallel-clamp', atLeast('openingMm', 'lengthMm', 40))],
    setupMinutes: 4,
    runMinutes: 17,
    accuracyMm: 0.5
  }),
  method({
    ...fixed,
    id: 'glue-up-case/blocks',
    operation: 'glue-up-case',
    name: 'Squaring blocks and small clamps',
    roles: [need('squaring-blocks'), needs(4, 'clamp')],
    setupMinutes: 6,
    runMinutes: 24,
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
    runMinutes: 12,
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
    runMinutes: 12,
    accuracyMm: 0.6
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/corner',
    operation: 'glue-up-frame',
    name: 'Corner clamps',
    roles: [need('corner-clamp')],
    setupMinutes: 3,
    runMinutes: 10,
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
    runMinutes: 14,
    accuracyMm: 0.6
  }),
  method({
    ...fixed,
    id: 'glue-up-frame/spring',
    operation: 'glue-up-frame',
    name: 'Spring clamps at the corners',
    roles: [need('spring-clamp'), need('glue-spreader')],
    setupMinutes: 2,
    runMinutes: 15,
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
    runMinutes: 14,
    grows: [{ stock: 'lengthMm', of: 600, least: 0.8, most: 2 }]
  }),
  method({
    ...fixed,
    id: 'glue-up-block/g-clamps',
    operation: 'glue-up-block',
    name: 'G-clamps along the block',
    roles: [needs(4, 'g-clamp', atLeast('openingMm', 'thicknessMm', 20))],
    setupMinutes: 3,
    runMinutes: 13,
    grows: [{ stock: 'lengthMm', of: 600, least: 0.8, most: 2 }]
  }),
  method({
    ...fixed,
    id: 'glue-up-block/hand-screws',
    operation: 'glue-up-block',
    name: 'Hand screws',
    roles: [needs(3, 'hand-screw', atLeast('openingMm', 'thicknessMm', 20))],
    setupMinutes: 2,
    runMinutes: 13,
    grows: [{ stock: 'lengthMm', of: 600, least: 0.8, most: 2 }]
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

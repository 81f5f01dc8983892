import type { Method } from '../../core/catalogue'
import { atLeast, method, need, needs, upTo } from '../write'

const set = { marked: false } as const

/** Marking, checking, holding beyond the first ways. Times and accuracies: common practice. */
export const moreMarkingMethods: readonly Method[] = [
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
    setupMinutes: 0,
    runMinutes: 0.6,
    accuracyMm: 0.1
  }),
  method({
    ...set,
    id: 'measure/story-stick',
    operation: 'measure',
    name: 'Story stick',
    form: 'hand',
    roles: [need('story-stick')],
    setupMinutes: 4,
    runMinutes: 0.15,
    accuracyMm: 0.4,
    why: 'Every length stands on one stick; nothing is read twice.'
  }),
  method({
    ...set,
    id: 'mark-square/framing',
    operation: 'mark-square',
    name: 'Framing square',
    form: 'hand',
    roles: [need('square-large')],
    setupMinutes: 0,
    runMinutes: 0.6,
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
    runMinutes: 0.7,
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
    runMinutes: 0.5,
    accuracyMm: 0.2
  }),
  method({
    ...set,
    id: 'mark-angle/dovetail-marker',
    operation: 'mark-angle',
    name: 'Dovetail marker',
    form: 'hand',
    roles: [need('dovetail-marker')],
    setupMinutes: 0,
    runMinutes: 0.3,
    accuracyMm: 0.3,
    limits: [upTo('thicknessMm', 30)],
    why: 'For the two usual slopes only.'
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
    id: 'hold/hand-screw',
    operation: 'hold',
    name: 'Hand screws on the bench edge',
    form: 'hand',
    roles: [needs(2, 'hand-screw', atLeast('openingMm', 'thicknessMm', 50))],
    setupMinutes: 2.5,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'hold/clamps',
    operation: 'hold',
    name: 'Clamped to a table',
    form: 'hand',
    roles: [needs(2, 'clamp')],
    setupMinutes: 4,
    runMinutes: 0
  }),
  method({
    ...set,
    id: 'hold/small-clamps',
    operation: 'hold',
    name: 'Small clamps on a table edge',
    form: 'hand',
    roles: [needs(2, 'small-clamp')],
    setupMinutes: 5,
    runMinutes: 0,
    limits: [upTo('thicknessMm', 45)]
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
    name: 'Winding sticks',
    form: 'hand',
    roles: [need('winding-sticks')],
    setupMinutes: 0,
    runMinutes: 2,
    accuracyMm: 0.3,
    why: 'Sighting over both shows twist that a square does not.'
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
  })
]

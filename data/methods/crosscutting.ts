import { atLeast, from, fromTwoSides, method, need, upTo } from '../write'
import { band, circ, edge, guided, jig, mitre, table } from './hazards'
import type { Method } from '../../core/catalogue'
import { sawnByHand } from './manners'

/** Cutting to length. Times: practised hobby user; common practice. */
export const crosscuttingMethods: readonly Method[] = [
  method({
    id: 'crosscut/pull-saw-hook',
    operation: 'crosscut',
    name: 'Pull saw on a bench hook',
    form: 'hand',
    roles: [need('pull-saw', atLeast('depthMm', 'thicknessMm')), need('bench-hook')],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 0.8,
    hazard: edge,
    soundDbA: 72,
    dust: 'shavings',
    limits: [upTo('widthMm', 250), upTo('thicknessMm', 60)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/pull-saw',
    operation: 'crosscut',
    name: 'Pull saw along a line',
    form: 'hand',
    roles: [need('pull-saw', atLeast('depthMm', 'thicknessMm'))],
    setupMinutes: 1,
    runMinutes: 2.2,
    accuracyMm: 1.5,
    surface: 'sawn',
    hazard: edge,
    soundDbA: 72,
    dust: 'shavings',
    limits: [upTo('widthMm', 400)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/back-saw-hook',
    operation: 'crosscut',
    name: 'Back saw on a bench hook',
    form: 'hand',
    roles: [need('back-saw', atLeast('depthMm', 'thicknessMm')), need('bench-hook')],
    setupMinutes: 1,
    runMinutes: 1.7,
    accuracyMm: 0.7,
    hazard: edge,
    soundDbA: 72,
    dust: 'shavings',
    limits: [upTo('widthMm', 200)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/mitre-box',
    operation: 'crosscut',
    name: 'Mitre box and saw',
    form: 'hand',
    roles: [need('mitre-box', atLeast('widthMm', 'widthMm'), atLeast('depthMm', 'thicknessMm'))],
    setupMinutes: 2,
    runMinutes: 1.6,
    accuracyMm: 0.9,
    hazard: edge,
    soundDbA: 72,
    dust: 'shavings',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/panel-saw',
    operation: 'crosscut',
    name: 'Hand saw on sawhorses',
    form: 'hand',
    limits: [upTo('widthMm', 600), upTo('thicknessMm', 150)],
    roles: [need('panel-saw'), need('sawhorses')],
    setupMinutes: 2,
    runMinutes: 1.3,
    accuracyMm: 2,
    surface: 'sawn',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/panel-saw-stool',
    operation: 'crosscut',
    name: 'Hand saw over a stool',
    form: 'hand',
    roles: [need('panel-saw')],
    setupMinutes: 1,
    runMinutes: 1.8,
    accuracyMm: 2.5,
    surface: 'rough',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings',
    limits: [upTo('widthMm', 300), upTo('thicknessMm', 100)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/jigsaw',
    operation: 'crosscut',
    name: 'Jigsaw along a square',
    form: 'hand-held',
    roles: [need('jigsaw', atLeast('reachMm', 'thicknessMm')), need('short-guide')],
    setupMinutes: 2,
    runMinutes: 1.2,
    accuracyMm: 1.2,
    surface: 'sawn',
    hazard: jig,
    soundDbA: 94,
    dust: 'fine',
    limits: [upTo('widthMm', 300)],
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/circular-saw',
    operation: 'crosscut',
    name: 'Circular saw along a square',
    form: 'hand-held',
    roles: [need('circular-saw', fromTwoSides(1)(atLeast('depthMm', 'thicknessMm'))), need('short-guide')],
    setupMinutes: 2,
    runMinutes: 0.8,
    accuracyMm: 1,
    hazard: circ,
    soundDbA: 102,
    dust: 'coarse',
    limits: [upTo('widthMm', 300)],
    why: 'Stock pinches the blade when it sags towards the cut: support both sides and let the offcut fall free.',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/mitre-saw',
    operation: 'crosscut',
    name: 'Mitre saw with a stop',
    form: 'benchtop',
    roles: [need('mitre-saw', fromTwoSides(1)(atLeast('crosscutMm', 'widthMm')), atLeast('depthMm', 'thicknessMm'))],
    setupMinutes: 2,
    runMinutes: 0.3,
    accuracyMm: 0.5,
    marked: false,
    hazard: mitre,
    soundDbA: 102,
    dust: 'fine',
    why: 'A stop set once makes every piece of a batch alike.',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/table-saw-sled',
    operation: 'crosscut',
    name: 'Table saw with a sled',
    form: 'benchtop',
    roles: [
      need('table-saw', fromTwoSides(1)(atLeast('depthMm', 'thicknessMm', 12))),
      need('crosscut-sled', atLeast('crosscutMm', 'widthMm'))
    ],
    setupMinutes: 3,
    runMinutes: 0.3,
    accuracyMm: 0.3,
    marked: false,
    hazard: table,
    soundDbA: 98,
    dust: 'fine',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/rail-saw',
    operation: 'crosscut',
    name: 'Plunge saw on its rail',
    form: 'hand-held',
    roles: [need('rail-saw', atLeast('depthMm', 'thicknessMm'), atLeast('lengthMm', 'widthMm', 200))],
    setupMinutes: 2,
    runMinutes: 1,
    accuracyMm: 0.6,
    hazard: guided,
    soundDbA: 98,
    dust: 'coarse',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    ...sawnByHand,
    id: 'crosscut/fine-saw',
    operation: 'crosscut',
    name: 'Fine saw on a bench hook',
    roles: [need('fine-saw', atLeast('depthMm', 'thicknessMm')), need('bench-hook')],
    setupMinutes: 1,
    runMinutes: 2.2,
    accuracyMm: 0.4,
    limits: [upTo('widthMm', 150)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    ...sawnByHand,
    id: 'crosscut/knife-line',
    operation: 'crosscut',
    name: 'Pull saw to a knifed line on a hook',
    roles: [need('pull-saw', atLeast('depthMm', 'thicknessMm')), need('bench-hook'), need('marking-knife')],
    setupMinutes: 1,
    runMinutes: 2,
    accuracyMm: 0.5,
    limits: [upTo('widthMm', 250), upTo('thicknessMm', 60)],
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut/band-saw',
    operation: 'crosscut',
    name: 'Band saw against a mitre gauge',
    form: 'floor',
    roles: [
      need(
        'band-saw',
        atLeast('resawMm', 'thicknessMm'),
        atLeast('throatMm', 'widthMm'),
        atLeast('throatMm', 'lengthMm', 0, 0.5)
      )
    ],
    setupMinutes: 2,
    runMinutes: 0.6,
    accuracyMm: 1,
    surface: 'sawn',
    hazard: band,
    soundDbA: 85,
    dust: 'fine',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/table-saw-gauge',
    operation: 'crosscut',
    name: 'Table saw with its mitre gauge',
    form: 'benchtop',
    roles: [need('table-saw', fromTwoSides(1)(atLeast('depthMm', 'thicknessMm')))],
    setupMinutes: 2,
    runMinutes: 0.7,
    accuracyMm: 0.7,
    hazard: table,
    soundDbA: 98,
    dust: 'fine',
    limits: [upTo('widthMm', 250), upTo('lengthMm', 1200)],
    why: 'Short boards only: long ones are for a saw that moves.',
    grows: [{ stock: 'lengthMm', of: 900, least: 0.8, most: 1.6 }]
  }),
  method({
    id: 'crosscut/multi-tool',
    operation: 'crosscut',
    name: 'Oscillating multi-tool',
    form: 'hand-held',
    roles: [need('multi-tool')],
    setupMinutes: 1,
    runMinutes: 4,
    accuracyMm: 1.5,
    surface: 'sawn',
    hazard: jig,
    soundDbA: 88,
    dust: 'fine',
    limits: [upTo('widthMm', 100), upTo('thicknessMm', 25)],
    why: 'For trimming in place, where no saw gets in.'
  }),
  method({
    id: 'crosscut/counter',
    operation: 'crosscut',
    name: 'Cut to length where you buy it',
    form: 'service',
    roles: [],
    setupMinutes: 30,
    runMinutes: 2,
    accuracyMm: 2.5,
    marked: false,
    soundDbA: 0,
    service: { pointsPerUnit: 0.7, pointsPerVisit: 3 },
    limits: [from('lengthMm', 200), upTo('widthMm', 600), upTo('thicknessMm', 100)],
    why: 'Straight cuts of boards bought there.'
  })
]

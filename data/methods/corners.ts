import { atLeast, from, method, need, upTo } from '../write'
import { edge, table, router, shank, tabled } from './hazards'
import type { Method } from '../../core/catalogue'
import { chopped, routed, sawn } from './manners'

/**
 * Joints of corners. A run is one joint of four or five pins or fingers in 15 mm stock, both halves; set-up is the jig and a trial joint.
 * By hand the greater part is chopping and paring. Common practice, a practised hobby user.
 */
export const cornersMethods: readonly Method[] = [
  method({
    id: 'cut-box-joint/hand',
    operation: 'cut-box-joint',
    name: 'Back saw and chisel',
    form: 'hand',
    roles: [need('back-saw'), need('chisels'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 10,
    runMinutes: 40,
    accuracyMm: 0.4,
    hazard: edge,
    soundDbA: 80,
    dust: 'shavings',
    limits: [upTo('thicknessMm', 30)],
    grows: [{ stock: 'widthMm', of: 95, least: 0.6 }]
  }),
  method({
    id: 'cut-box-joint/pull-saw',
    operation: 'cut-box-joint',
    name: 'Pull saw and chisel',
    form: 'hand',
    roles: [need('pull-saw'), need('chisels'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 10,
    runMinutes: 45,
    accuracyMm: 0.4,
    hazard: edge,
    soundDbA: 80,
    dust: 'shavings',
    limits: [upTo('thicknessMm', 30)],
    grows: [{ stock: 'widthMm', of: 95, least: 0.6 }]
  }),
  method({
    id: 'cut-box-joint/table-saw',
    operation: 'cut-box-joint',
    name: 'Table saw with a box-joint jig',
    form: 'benchtop',
    roles: [need('table-saw'), need('box-joint-jig')],
    setupMinutes: 20,
    runMinutes: 3,
    accuracyMm: 0.2,
    marked: false,
    hazard: table,
    soundDbA: 98,
    dust: 'fine',
    limits: [upTo('thicknessMm', 30)],
    grows: [{ stock: 'widthMm', of: 45, least: 0.8, most: 6 }]
  }),
  method({
    ...routed,
    form: 'benchtop',
    hazard: tabled,
    id: 'cut-box-joint/router-table',
    operation: 'cut-box-joint',
    name: 'Router table with a box-joint jig',
    roles: [need('router-table'), need('trim-router'), need('bit-straight'), need('box-joint-jig')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 20,
    runMinutes: 5,
    accuracyMm: 0.2,
    marked: false,
    soundDbA: 99,
    limits: [upTo('thicknessMm', 15)],
    grows: [{ stock: 'widthMm', of: 50, least: 0.8, most: 6 }]
  }),
  method({
    ...chopped,
    id: 'cut-dovetail/pull-saw',
    operation: 'cut-dovetail',
    name: 'Pull saw and chisels',
    roles: [
      need('pull-saw', atLeast('depthMm', 'thicknessMm')),
      need('chisels'),
      need('marking-gauge'),
      need('bevel'),
      need('work-holding')
    ],
    setupMinutes: 5,
    runMinutes: 55,
    accuracyMm: 0.4,
    grows: [{ stock: 'widthMm', of: 140, least: 0.6 }]
  }),
  method({
    ...chopped,
    id: 'cut-dovetail/fine-saw',
    operation: 'cut-dovetail',
    name: 'Dovetail saw and chisels',
    roles: [
      need('fine-saw', atLeast('depthMm', 'thicknessMm')),
      need('chisels'),
      need('marking-gauge'),
      need('bevel'),
      need('work-holding')
    ],
    setupMinutes: 5,
    runMinutes: 50,
    accuracyMm: 0.3,
    grows: [{ stock: 'widthMm', of: 140, least: 0.6 }]
  }),
  method({
    ...chopped,
    id: 'cut-dovetail/coping',
    operation: 'cut-dovetail',
    name: 'Dovetail saw, waste out with a coping saw',
    roles: [
      need('fine-saw', atLeast('depthMm', 'thicknessMm')),
      need('coping-saw'),
      need('chisels'),
      need('marking-gauge'),
      need('dovetail-marker'),
      need('work-holding')
    ],
    setupMinutes: 5,
    runMinutes: 38,
    accuracyMm: 0.3,
    grows: [{ stock: 'widthMm', of: 120, least: 0.6 }]
  }),
  method({
    ...routed,
    hazard: router,
    id: 'cut-dovetail/jig',
    operation: 'cut-dovetail',
    name: 'Router in a dovetail jig',
    roles: [need('trim-router'), need('bit-dovetail'), need('dovetail-jig', atLeast('widthMm', 'widthMm'))],
    ties: shank('bit-dovetail', 'trim-router'),
    setupMinutes: 30,
    runMinutes: 9,
    accuracyMm: 0.2,
    marked: false,
    limits: [from('thicknessMm', 10), upTo('thicknessMm', 25)],
    grows: [{ stock: 'widthMm', of: 120, least: 0.6 }]
  }),
  method({
    ...chopped,
    id: 'key-mitre/hand',
    operation: 'key-mitre',
    name: 'Back saw and glued veneer keys',
    roles: [need('back-saw'), need('vice')],
    setupMinutes: 3,
    runMinutes: 6,
    accuracyMm: 0.6
  }),
  method({
    ...chopped,
    id: 'key-mitre/pull-saw',
    operation: 'key-mitre',
    name: 'Pull saw and glued veneer keys',
    roles: [need('pull-saw'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 7,
    accuracyMm: 0.7
  }),
  method({
    ...sawn,
    id: 'key-mitre/table-saw',
    operation: 'key-mitre',
    name: 'Cradle on the table saw',
    roles: [need('table-saw'), need('key-jig')],
    setupMinutes: 6,
    runMinutes: 1.2,
    accuracyMm: 0.2
  }),
  method({
    ...routed,
    form: 'benchtop',
    hazard: tabled,
    id: 'key-mitre/router-table',
    operation: 'key-mitre',
    name: 'Cradle on the router table',
    roles: [need('router-table'), need('trim-router'), need('bit-straight'), need('key-jig')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 8,
    runMinutes: 1.5,
    accuracyMm: 0.2,
    marked: false,
    soundDbA: 99
  })
]

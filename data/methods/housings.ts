import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need, needs, upTo } from '../write'
import { circ, cutterhead, edge, router, shank, table, tabled } from './hazards'
import { chopped, routed, sawn } from './manners'

/**
 * Housings, grooves and rebates. A run is a metre, 8 mm deep and 18 mm wide; set-up is guide or fence and a trial in an offcut, which
 * makes short ones dear by machine. Common practice, a practised hobby user.
 */
export const housingsMethods: readonly Method[] = [
  method({
    id: 'cut-dado/hand',
    operation: 'cut-dado',
    name: 'Back saw and chisel',
    form: 'hand',
    roles: [need('back-saw'), need('chisels'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 40,
    accuracyMm: 0.5,
    hazard: edge,
    soundDbA: 80,
    dust: 'shavings',
    limits: [upTo('widthMm', 400)]
  }),
  method({
    id: 'cut-dado/pull-saw',
    operation: 'cut-dado',
    name: 'Pull saw and chisel',
    form: 'hand',
    roles: [need('pull-saw'), need('chisels'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 45,
    accuracyMm: 0.6,
    hazard: edge,
    soundDbA: 80,
    dust: 'shavings',
    limits: [upTo('widthMm', 400)]
  }),
  method({
    id: 'cut-dado/circular-saw',
    operation: 'cut-dado',
    name: 'Circular saw in passes, chisel',
    form: 'hand-held',
    roles: [need('circular-saw'), need('short-guide'), need('chisels')],
    setupMinutes: 6,
    runMinutes: 12,
    accuracyMm: 0.9,
    surface: 'sawn',
    hazard: { kind: 'hand-blade', level: 3 },
    soundDbA: 103,
    dust: 'coarse'
  }),
  method({
    id: 'cut-dado/trim-router',
    operation: 'cut-dado',
    name: 'Trim router against a guide',
    form: 'hand-held',
    roles: [need('trim-router'), need('bit-straight'), needs(2, 'clamp'), need('short-guide')],
    ties: [{ comparator: 'shank-fits-collet', role: 'bit-straight', withRole: 'trim-router' }],
    setupMinutes: 6,
    runMinutes: 6,
    accuracyMm: 0.4,
    hazard: { kind: 'router-bit', level: 1 },
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    id: 'cut-dado/plunge-router',
    operation: 'cut-dado',
    name: 'Plunge router against a guide',
    form: 'hand-held',
    roles: [need('plunge-router'), need('bit-straight'), needs(2, 'clamp'), need('short-guide')],
    ties: [{ comparator: 'shank-fits-collet', role: 'bit-straight', withRole: 'plunge-router' }],
    setupMinutes: 5,
    runMinutes: 5,
    accuracyMm: 0.3,
    hazard: router,
    soundDbA: 101,
    dust: 'fine'
  }),
  method({
    id: 'cut-dado/table-saw',
    operation: 'cut-dado',
    name: 'Table saw in passes',
    form: 'benchtop',
    roles: [need('table-saw', atLeast('ripMm', 'widthMm', 0, 0.5))],
    setupMinutes: 8,
    runMinutes: 3,
    accuracyMm: 0.3,
    marked: false,
    hazard: table,
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    ...routed,
    hazard: router,
    id: 'cut-dado/dado-guide',
    operation: 'cut-dado',
    name: 'Router in an exact-width dado guide',
    roles: [
      need('plunge-router'),
      need('bit-straight'),
      need('dado-guide', atLeast('lengthMm', 'widthMm', 100)),
      needs(2, 'clamp')
    ],
    ties: shank('bit-straight', 'plunge-router'),
    setupMinutes: 4,
    runMinutes: 2.5,
    accuracyMm: 0.2,
    soundDbA: 101
  }),
  method({
    ...chopped,
    id: 'cut-dado/router-plane',
    operation: 'cut-dado',
    name: 'Saw, chisel and router plane',
    roles: [need('back-saw'), need('chisels'), need('router-plane'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 34,
    accuracyMm: 0.25,
    limits: [upTo('widthMm', 400)]
  }),
  method({
    ...chopped,
    id: 'groove-edge/plough',
    operation: 'groove-edge',
    name: 'Plough plane',
    roles: [need('plough-plane'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 6,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    ...routed,
    id: 'groove-edge/trim-router',
    operation: 'groove-edge',
    name: 'Trim router with an edge guide',
    roles: [need('trim-router'), need('bit-straight'), need('router-fence')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 5,
    runMinutes: 1.5,
    accuracyMm: 0.4,
    marked: false
  }),
  method({
    ...routed,
    id: 'groove-edge/slot-cutter',
    operation: 'groove-edge',
    name: 'Slot cutter with a bearing',
    roles: [need('trim-router'), need('bit-slot')],
    ties: shank('bit-slot', 'trim-router'),
    setupMinutes: 4,
    runMinutes: 1.2,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    ...routed,
    form: 'benchtop',
    hazard: tabled,
    id: 'groove-edge/router-table',
    operation: 'groove-edge',
    name: 'Router table',
    roles: [need('router-table'), need('trim-router'), need('bit-straight')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 8,
    runMinutes: 0.7,
    accuracyMm: 0.2,
    marked: false,
    soundDbA: 99
  }),
  method({
    ...sawn,
    id: 'groove-edge/table-saw',
    operation: 'groove-edge',
    name: 'Table saw in two passes',
    roles: [need('table-saw')],
    setupMinutes: 5,
    runMinutes: 0.6,
    accuracyMm: 0.3
  }),
  method({
    ...chopped,
    id: 'cut-rebate/plane',
    operation: 'cut-rebate',
    name: 'Rebate plane with a fence',
    roles: [need('rebate-plane'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 6,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    ...chopped,
    id: 'cut-rebate/chisel',
    operation: 'cut-rebate',
    name: 'Back saw and chisel',
    roles: [need('back-saw'), need('chisels'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 28,
    accuracyMm: 0.6
  }),
  method({
    ...routed,
    id: 'cut-rebate/bit',
    operation: 'cut-rebate',
    name: 'Rebate bit with a bearing',
    roles: [need('trim-router'), need('bit-rebate')],
    ties: shank('bit-rebate', 'trim-router'),
    setupMinutes: 4,
    runMinutes: 1.3,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    ...routed,
    id: 'cut-rebate/straight-bit',
    operation: 'cut-rebate',
    name: 'Straight bit with an edge guide',
    roles: [need('trim-router'), need('bit-straight'), need('router-fence')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 5,
    runMinutes: 1.8,
    accuracyMm: 0.4,
    marked: false
  }),
  method({
    ...routed,
    form: 'benchtop',
    hazard: tabled,
    id: 'cut-rebate/router-table',
    operation: 'cut-rebate',
    name: 'Router table',
    roles: [need('router-table'), need('trim-router'), need('bit-straight')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 7,
    runMinutes: 0.7,
    accuracyMm: 0.2,
    marked: false,
    soundDbA: 99
  }),
  method({
    ...sawn,
    id: 'cut-rebate/table-saw',
    operation: 'cut-rebate',
    name: 'Table saw in two cuts',
    roles: [need('table-saw')],
    setupMinutes: 8,
    runMinutes: 1,
    accuracyMm: 0.3
  }),
  method({
    id: 'cut-rebate/circular-saw',
    operation: 'cut-rebate',
    name: 'Circular saw, two cuts along guides',
    form: 'hand-held',
    roles: [need('circular-saw'), need('straight-guide', atLeast('lengthMm', 'lengthMm', 100)), need('chisels')],
    setupMinutes: 8,
    runMinutes: 6,
    accuracyMm: 0.9,
    surface: 'sawn',
    hazard: circ,
    soundDbA: 103,
    dust: 'coarse',
    limits: [from('widthMm', 120)]
  }),
  method({
    id: 'cut-rebate/jointer',
    operation: 'cut-rebate',
    name: 'Jointer with a rebating ledge',
    form: 'floor',
    roles: [need('combined-planer')],
    setupMinutes: 10,
    runMinutes: 1,
    accuracyMm: 0.2,
    marked: false,
    hazard: cutterhead,
    soundDbA: 98,
    dust: 'coarse',
    limits: [from('lengthMm', 300)]
  })
]

import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need, needs, upTo } from '../write'
import { band, circ, cutterhead, guided, jig } from './hazards'
import { sanded, sawn, sawnByHand, fixed } from './manners'

/** Cuts at an angle, with a dado stack, and by what beginners have. Times: practised hobby user; common practice. */
const stack = {
  ...sawn,
  accuracyMm: 0.2,
  why: 'Where the saw’s manual allows a stack. The crown guard comes off: featherboards and push block, blade low, guard back on after.'
} as const

export const extraCutsMethods: readonly Method[] = [
  method({
    ...sawn,
    id: 'bevel-rip/table-saw',
    operation: 'bevel-rip',
    name: 'Table saw, blade tilted',
    roles: [need('table-saw', atLeast('depthMm', 'thicknessMm', 0, 1.42))],
    setupMinutes: 8,
    runMinutes: 1.5,
    accuracyMm: 0.5
  }),
  method({
    id: 'bevel-rip/circular-saw',
    operation: 'bevel-rip',
    name: 'Circular saw tilted, on a guide',
    form: 'hand-held',
    roles: [
      need('circular-saw', atLeast('depthMm', 'thicknessMm', 6, 1.42)),
      need('straight-guide', atLeast('lengthMm', 'lengthMm', 100)),
      needs(2, 'clamp')
    ],
    setupMinutes: 8,
    runMinutes: 4,
    accuracyMm: 1,
    hazard: guided,
    soundDbA: 103,
    dust: 'coarse',
    limits: [from('widthMm', 80)]
  }),
  method({
    id: 'bevel-rip/jigsaw',
    operation: 'bevel-rip',
    name: 'Jigsaw, foot tilted',
    form: 'hand-held',
    roles: [need('jigsaw', atLeast('reachMm', 'thicknessMm', 0, 1.42))],
    setupMinutes: 3,
    runMinutes: 5,
    accuracyMm: 2,
    surface: 'sawn',
    hazard: jig,
    soundDbA: 95,
    dust: 'fine',
    limits: [upTo('thicknessMm', 25)]
  }),
  method({
    id: 'bevel-rip/band-saw',
    operation: 'bevel-rip',
    name: 'Band saw, table tilted',
    form: 'floor',
    roles: [need('band-saw', atLeast('resawMm', 'thicknessMm'), atLeast('throatMm', 'widthMm'))],
    setupMinutes: 6,
    runMinutes: 2,
    accuracyMm: 1,
    marked: false,
    surface: 'sawn',
    hazard: band,
    soundDbA: 85,
    dust: 'fine'
  }),
  method({
    ...sawnByHand,
    id: 'bevel-rip/plane',
    operation: 'bevel-rip',
    name: 'Planed to a gauged line',
    roles: [need('block-plane'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 9,
    accuracyMm: 0.6,
    surface: 'smooth',
    grows: [{ stock: 'thicknessMm', of: 20, least: 0.6 }]
  }),
  method({
    ...stack,
    id: 'cut-dado/dado-stack',
    operation: 'cut-dado',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 15,
    runMinutes: 1.2
  }),
  method({
    ...stack,
    id: 'cut-rebate/dado-stack',
    operation: 'cut-rebate',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 15,
    runMinutes: 0.8
  }),
  method({
    ...stack,
    id: 'groove-edge/dado-stack',
    operation: 'groove-edge',
    name: 'Table saw with a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack')],
    setupMinutes: 14,
    runMinutes: 0.6
  }),
  method({
    ...stack,
    id: 'cut-half-lap/dado-stack',
    operation: 'cut-half-lap',
    name: 'Sled over a dado stack',
    roles: [need('table-saw-heavy'), need('dado-stack'), need('crosscut-sled')],
    setupMinutes: 18,
    runMinutes: 1.5
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
  }),
  method({
    ...sanded,
    id: 'crosscut/mitre-saw-stop',
    operation: 'crosscut',
    name: 'Mitre saw against a fence with a stop',
    form: 'benchtop',
    surface: 'clean',
    roles: [
      need('mitre-saw', atLeast('crosscutMm', 'widthMm'), atLeast('depthMm', 'thicknessMm')),
      need('stop-fence', atLeast('lengthMm', 'lengthMm'))
    ],
    setupMinutes: 3,
    runMinutes: 0.2,
    accuracyMm: 0.3,
    hazard: { kind: 'fixed-blade', level: 2 },
    soundDbA: 102,
    why: 'Set once, every piece of a batch is alike. Nothing shorter than the fence’s zone without a clamp.'
  }),
  method({
    id: 'crosscut/reciprocating-saw',
    operation: 'crosscut',
    name: 'Reciprocating saw, rough',
    form: 'hand-held',
    roles: [need('reciprocating-saw', atLeast('reachMm', 'thicknessMm'))],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 3,
    surface: 'rough',
    hazard: jig,
    soundDbA: 97,
    dust: 'coarse',
    limits: [upTo('widthMm', 200)]
  }),
  method({
    id: 'break-down-sheet/rail-two',
    operation: 'break-down-sheet',
    name: 'Plunge saw on two rails joined',
    form: 'hand-held',
    roles: [
      need('rail-saw', atLeast('depthMm', 'thicknessMm')),
      need('second-rail', atLeast('lengthMm', 'lengthMm', 200))
    ],
    setupMinutes: 5,
    runMinutes: 2,
    accuracyMm: 0.5,
    hazard: guided,
    soundDbA: 98,
    dust: 'coarse'
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
  })
]

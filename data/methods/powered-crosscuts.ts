import type { Method } from '../../core/catalogue'
import { atLeast, fromTwoSides, method, need, upTo } from '../write'
import { band, circ, guided, jig, mitre, table } from './hazards'
import { sanded } from './manners'

/**
 * Cutting to length with a motor. Set-up is fence, stop or guide with a trial cut, a run one cut in softwood of 20 × 100: laid up, sawn,
 * put away. Counted times, common practice, a practised hobby user.
 */
export const poweredCrosscutsMethods: readonly Method[] = [
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
  })
]

import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need, needs, upTo } from '../write'
import { band, circ, edge, guided, jig, mitre, table } from './hazards'
import { sawn, sawnByHand } from './manners'

/**
 * Angled cuts, and truing what was cut. Set-up is the angle and a trial cut, a run one end marked, cut and put away, in softwood of 20 ×
 * 95; larger sections take longer by `grows`. Accuracy is what is left over 95 mm. Judged after the counted times of straight cuts;
 * common practice, a practised hobby user.
 */
export const anglesMethods: readonly Method[] = [
  method({
    ...sawnByHand,
    id: 'crosscut-angle/mitre-box',
    operation: 'crosscut-angle',
    name: 'Mitre box and saw',
    roles: [need('mitre-box', atLeast('widthMm', 'widthMm'), atLeast('depthMm', 'thicknessMm'))],
    setupMinutes: 2,
    runMinutes: 2.2,
    accuracyMm: 0.9,
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    ...sawnByHand,
    id: 'crosscut-angle/pull-saw',
    operation: 'crosscut-angle',
    name: 'Pull saw to a bevel line',
    roles: [need('pull-saw', atLeast('depthMm', 'thicknessMm')), need('bevel')],
    setupMinutes: 1,
    runMinutes: 3.5,
    accuracyMm: 1.4,
    surface: 'sawn',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    ...sawnByHand,
    id: 'crosscut-angle/back-saw',
    operation: 'crosscut-angle',
    name: 'Back saw to a bevel line',
    roles: [need('back-saw', atLeast('depthMm', 'thicknessMm')), need('bevel')],
    setupMinutes: 1,
    runMinutes: 3.2,
    accuracyMm: 1.2,
    surface: 'sawn',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'crosscut-angle/jigsaw',
    operation: 'crosscut-angle',
    name: 'Jigsaw along a bevel',
    form: 'hand-held',
    roles: [need('jigsaw', atLeast('reachMm', 'thicknessMm')), need('bevel')],
    setupMinutes: 2,
    runMinutes: 2,
    accuracyMm: 1.5,
    surface: 'sawn',
    hazard: jig,
    soundDbA: 94,
    dust: 'fine'
  }),
  method({
    id: 'crosscut-angle/circular-saw',
    operation: 'crosscut-angle',
    name: 'Circular saw along an angled guide',
    form: 'hand-held',
    roles: [need('circular-saw', atLeast('depthMm', 'thicknessMm')), need('short-guide')],
    setupMinutes: 3,
    runMinutes: 1.3,
    accuracyMm: 1.1,
    hazard: circ,
    soundDbA: 102,
    dust: 'coarse',
    limits: [upTo('widthMm', 300)]
  }),
  method({
    id: 'crosscut-angle/mitre-saw',
    operation: 'crosscut-angle',
    name: 'Mitre saw',
    form: 'benchtop',
    roles: [need('mitre-saw', atLeast('crosscutMm', 'widthMm', 0, 1.42), atLeast('depthMm', 'thicknessMm'))],
    setupMinutes: 5,
    runMinutes: 0.5,
    accuracyMm: 0.5,
    marked: false,
    hazard: mitre,
    soundDbA: 102,
    dust: 'fine',
    why: 'At 45° the cut is 1.42 times the board’s width.'
  }),
  method({
    id: 'crosscut-angle/mitre-sled',
    operation: 'crosscut-angle',
    name: 'Mitre sled on the table saw',
    form: 'benchtop',
    roles: [need('table-saw', atLeast('depthMm', 'thicknessMm', 12)), need('mitre-sled')],
    setupMinutes: 5,
    runMinutes: 0.5,
    accuracyMm: 0.25,
    marked: false,
    hazard: table,
    soundDbA: 98,
    dust: 'fine',
    limits: [upTo('widthMm', 150)]
  }),
  method({
    id: 'shoot-end/board',
    operation: 'shoot-end',
    name: 'Plane on a shooting board',
    form: 'hand',
    roles: [need('jack-plane'), need('shooting-board', atLeast('widthMm', 'widthMm'))],
    setupMinutes: 2,
    runMinutes: 2,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'shoot-end/block-plane',
    operation: 'shoot-end',
    name: 'Block plane to a line',
    form: 'hand',
    roles: [need('block-plane'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 4,
    accuracyMm: 0.5,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 70,
    dust: 'shavings',
    grows: [
      { stock: 'widthMm', of: 95, least: 0.7, most: 5 },
      { stock: 'thicknessMm', of: 20, least: 0.6, most: 5 }
    ]
  }),
  method({
    id: 'shoot-end/sanding-block',
    operation: 'shoot-end',
    name: 'Sanding block',
    form: 'hand',
    roles: [need('sanding-block')],
    setupMinutes: 1,
    runMinutes: 4,
    accuracyMm: 2.5,
    marked: false,
    soundDbA: 65,
    dust: 'fine'
  }),
  method({
    id: 'shoot-end/disc',
    operation: 'shoot-end',
    name: 'Disc sander with a mitre gauge',
    form: 'benchtop',
    roles: [need('disc-sander')],
    setupMinutes: 2,
    runMinutes: 0.7,
    accuracyMm: 0.4,
    marked: false,
    hazard: { kind: 'dust', level: 1 },
    soundDbA: 84,
    dust: 'fine',
    limits: [upTo('widthMm', 120)]
  }),
  method({
    id: 'shoot-mitre/board',
    operation: 'shoot-mitre',
    name: 'Plane on a mitre shooting board',
    form: 'hand',
    roles: [need('jack-plane'), need('mitre-shooting-board', atLeast('widthMm', 'widthMm'))],
    setupMinutes: 2,
    runMinutes: 2,
    accuracyMm: 0.15,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings'
  }),
  method({
    id: 'shoot-mitre/disc',
    operation: 'shoot-mitre',
    name: 'Disc sander at 45°',
    form: 'benchtop',
    roles: [need('disc-sander')],
    setupMinutes: 3,
    runMinutes: 0.8,
    accuracyMm: 0.35,
    marked: false,
    hazard: { kind: 'dust', level: 1 },
    soundDbA: 84,
    dust: 'fine',
    limits: [upTo('widthMm', 100)]
  }),
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
  })
]

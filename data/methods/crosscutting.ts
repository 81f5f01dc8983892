import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need, upTo } from '../write'
import { edge } from './hazards'
import { sawnByHand } from './manners'

/**
 * Cutting to length. Set-up is the hook, box or stop, a run one cut in softwood of 20 × 100: laid up, sawn, put away. Counted times,
 * common practice, a practised hobby user.
 */
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
    limits: [from('lengthMm', 350), upTo('widthMm', 600), upTo('thicknessMm', 100)],
    why: 'Straight cuts of boards bought there; shorter pieces the saw at the counter cannot hold.'
  })
]

import type { Method } from '../../core/catalogue'
import { atLeast, method, need, needs, upTo } from '../write'
import { bit, edge, press, router, shank } from './hazards'
import { chopped, drilled, routed, sawn } from './manners'

/**
 * Mortises, laps and what trims them. A run is one joint in stock of about 45 mm, both halves, fitted dry. By hand the mortise is two
 * thirds of it. Common practice, a practised hobby user.
 */
export const tenonsMethods: readonly Method[] = [
  method({
    id: 'bore-square/block',
    operation: 'bore-square',
    name: 'Drill by a square block',
    form: 'hand-held',
    roles: [need('drill'), need('drill-block')],
    setupMinutes: 1,
    runMinutes: 1,
    accuracyMm: 0.8,
    hazard: bit,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    id: 'bore-square/guide',
    operation: 'bore-square',
    name: 'Drill in a guide',
    form: 'hand-held',
    roles: [need('drill-guide'), need('drill')],
    setupMinutes: 2,
    runMinutes: 0.7,
    accuracyMm: 0.4,
    hazard: bit,
    soundDbA: 80,
    dust: 'shavings',
    why: 'Most of what a drill press does, wherever the work is.'
  }),
  method({
    id: 'bore-square/press',
    operation: 'bore-square',
    name: 'Drill press',
    form: 'benchtop',
    roles: [need('drill-press', atLeast('throatMm', 'widthMm', 0, 0.5))],
    setupMinutes: 3,
    runMinutes: 0.4,
    accuracyMm: 0.2,
    hazard: { kind: 'spinning-bit', level: 2 },
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    id: 'cut-mortise/hand',
    operation: 'cut-mortise',
    name: 'Chisel, mallet, back saw',
    form: 'hand',
    roles: [need('chisels'), need('back-saw'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 45,
    accuracyMm: 0.4,
    hazard: edge,
    soundDbA: 82,
    dust: 'shavings'
  }),
  method({
    id: 'cut-mortise/pull-saw',
    operation: 'cut-mortise',
    name: 'Chisel, mallet, pull saw',
    form: 'hand',
    roles: [need('chisels'), need('pull-saw'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 48,
    accuracyMm: 0.5,
    hazard: edge,
    soundDbA: 82,
    dust: 'shavings'
  }),
  method({
    id: 'cut-mortise/bored',
    operation: 'cut-mortise',
    name: 'Bored out, squared with a chisel',
    form: 'hand-held',
    roles: [need('drill'), need('drill-guide'), need('chisels'), need('back-saw'), need('work-holding')],
    setupMinutes: 8,
    runMinutes: 28,
    accuracyMm: 0.5,
    hazard: bit,
    soundDbA: 82,
    dust: 'shavings'
  }),
  method({
    id: 'pare/chisel',
    operation: 'pare',
    name: 'Sharp chisel',
    form: 'hand',
    roles: [need('chisels')],
    setupMinutes: 1,
    runMinutes: 5,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 65,
    dust: 'shavings'
  }),
  method({
    ...chopped,
    hazard: null,
    id: 'bore-square/brace',
    operation: 'bore-square',
    name: 'Brace held by a square block',
    roles: [need('brace'), need('drill-block')],
    setupMinutes: 1,
    runMinutes: 2.5,
    accuracyMm: 1,
    marked: false,
    soundDbA: 60
  }),
  method({
    ...chopped,
    id: 'cut-half-lap/hand',
    operation: 'cut-half-lap',
    name: 'Back saw and chisel',
    roles: [need('back-saw'), need('chisels'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 20,
    accuracyMm: 0.5
  }),
  method({
    ...chopped,
    id: 'cut-half-lap/pull-saw',
    operation: 'cut-half-lap',
    name: 'Pull saw and chisel',
    roles: [need('pull-saw'), need('chisels'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 20,
    accuracyMm: 0.55
  }),
  method({
    ...chopped,
    id: 'cut-half-lap/shoulder-plane',
    operation: 'cut-half-lap',
    name: 'Sawn, trued with a shoulder plane',
    roles: [need('back-saw'), need('chisels'), need('marking-gauge'), need('shoulder-plane'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 19,
    accuracyMm: 0.25
  }),
  method({
    form: 'hand-held',
    id: 'cut-half-lap/circular-saw',
    operation: 'cut-half-lap',
    name: 'Circular saw in passes, chisel',
    roles: [need('circular-saw'), need('short-guide'), need('chisels')],
    setupMinutes: 6,
    runMinutes: 8,
    accuracyMm: 0.9,
    hazard: { kind: 'hand-blade', level: 3 },
    soundDbA: 103,
    dust: 'coarse'
  }),
  method({
    ...routed,
    id: 'cut-half-lap/router',
    operation: 'cut-half-lap',
    name: 'Router against a square guide',
    roles: [need('trim-router'), need('bit-straight'), need('short-guide'), needs(2, 'clamp')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 6,
    runMinutes: 6,
    accuracyMm: 0.35
  }),
  method({
    ...sawn,
    id: 'cut-half-lap/table-saw',
    operation: 'cut-half-lap',
    name: 'Table saw with a sled, in passes',
    roles: [need('table-saw'), need('crosscut-sled')],
    setupMinutes: 8,
    runMinutes: 3.5,
    accuracyMm: 0.25
  }),
  method({
    ...chopped,
    id: 'cut-mortise/mortise-chisel',
    operation: 'cut-mortise',
    name: 'Mortise chisel and back saw',
    roles: [need('mortise-chisel'), need('back-saw'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 36,
    accuracyMm: 0.35,
    soundDbA: 84
  }),
  method({
    form: 'benchtop',
    id: 'cut-mortise/mortiser',
    operation: 'cut-mortise',
    name: 'Hollow-chisel mortiser, tenons by back saw',
    roles: [need('mortiser'), need('back-saw')],
    setupMinutes: 12,
    runMinutes: 15,
    accuracyMm: 0.3,
    hazard: press,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    ...sawn,
    id: 'cut-mortise/tenon-jig',
    operation: 'cut-mortise',
    name: 'Drill-press mortises, tenons on the table saw',
    roles: [need('table-saw'), need('tenon-jig'), need('drill-press'), need('chisels')],
    setupMinutes: 20,
    runMinutes: 9,
    accuracyMm: 0.25
  }),
  method({
    ...routed,
    hazard: router,
    id: 'cut-mortise/router',
    operation: 'cut-mortise',
    name: 'Router mortises in a jig, tenons by back saw',
    roles: [need('plunge-router'), need('bit-straight'), need('mortise-jig'), need('back-saw')],
    ties: shank('bit-straight', 'plunge-router'),
    setupMinutes: 12,
    runMinutes: 18,
    accuracyMm: 0.3,
    soundDbA: 101
  }),
  method({
    ...chopped,
    id: 'pare/shoulder-plane',
    operation: 'pare',
    name: 'Shoulder plane',
    roles: [need('shoulder-plane')],
    setupMinutes: 1,
    runMinutes: 3,
    accuracyMm: 0.1,
    marked: false,
    surface: 'smooth',
    soundDbA: 68
  }),
  method({
    ...chopped,
    id: 'pare/rasp',
    operation: 'pare',
    name: 'Rasp and file',
    roles: [need('rasp'), need('files'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 8,
    accuracyMm: 0.4,
    marked: false,
    soundDbA: 70
  }),
  method({
    ...drilled,
    id: 'bore-square/press-vice',
    operation: 'bore-square',
    name: 'Drill press with its vice',
    form: 'benchtop',
    hazard: press,
    roles: [need('drill-press'), need('press-vice', atLeast('openingMm', 'thicknessMm'))],
    setupMinutes: 3,
    runMinutes: 0.35,
    accuracyMm: 0.15,
    limits: [upTo('widthMm', 200)]
  }),
  method({
    id: 'cut-mortise/guide-bush',
    operation: 'cut-mortise',
    name: 'Router with a bush in a template, tenon sawn',
    form: 'hand-held',
    roles: [need('plunge-router'), need('bit-straight'), need('guide-bush'), need('back-saw'), needs(2, 'clamp')],
    ties: shank('bit-straight', 'plunge-router'),
    setupMinutes: 20,
    runMinutes: 19,
    accuracyMm: 0.3,
    hazard: router,
    soundDbA: 101,
    dust: 'fine',
    family: 'joints',
    skill: 'some'
  })
]

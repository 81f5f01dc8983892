import type { Method } from '../../core/catalogue'
import { atLeast, method, need, upTo } from '../write'
import { bit, edge, press } from './hazards'
import { chopped, drilled, fixed } from './manners'

/**
 * Holes. Set-up is bit, depth and a fence where there is one, a run one hole about 20 mm deep on a mark that stands already (`measure`,
 * `mark-square`). Common practice, a practised hobby user.
 */
export const boringMethods: readonly Method[] = [
  method({
    id: 'bore/brace',
    operation: 'bore',
    name: 'Hand brace',
    form: 'hand',
    roles: [need('brace')],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 0.8,
    soundDbA: 60,
    hazard: null
  }),
  method({
    id: 'bore/drill',
    operation: 'bore',
    name: 'Drill',
    form: 'hand-held',
    roles: [need('drill')],
    setupMinutes: 1,
    runMinutes: 0.5,
    accuracyMm: 0.7,
    hazard: bit,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    ...chopped,
    hazard: null,
    id: 'bore/hand-drill',
    operation: 'bore',
    name: 'Hand drill',
    roles: [need('hand-drill')],
    setupMinutes: 1,
    runMinutes: 1.2,
    accuracyMm: 0.7,
    soundDbA: 60
  }),
  method({
    form: 'benchtop',
    id: 'bore/press',
    operation: 'bore',
    name: 'Drill press with a fence',
    roles: [need('drill-press', atLeast('throatMm', 'widthMm', 0, 0.5))],
    setupMinutes: 3,
    runMinutes: 0.3,
    accuracyMm: 0.3,
    marked: false,
    hazard: press,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    ...drilled,
    id: 'bore-large/flat-bit',
    operation: 'bore-large',
    name: 'Flat bit in a drill',
    roles: [need('drill'), need('flat-bits', atLeast('bladeMm', 'widthMm'))],
    setupMinutes: 1,
    runMinutes: 1.5,
    accuracyMm: 1,
    surface: 'rough',
    why: 'Fast and rough: finish from the other side once the point shows.'
  }),
  method({
    ...drilled,
    id: 'bore-large/forstner',
    operation: 'bore-large',
    name: 'Forstner bit in a drill',
    roles: [need('drill'), need('forstner-bits', atLeast('bladeMm', 'widthMm'))],
    setupMinutes: 1,
    runMinutes: 2,
    accuracyMm: 0.6
  }),
  method({
    form: 'benchtop',
    id: 'bore-large/press',
    operation: 'bore-large',
    name: 'Forstner bit in a drill press',
    roles: [need('drill-press'), need('forstner-bits', atLeast('bladeMm', 'widthMm'))],
    setupMinutes: 3,
    runMinutes: 0.9,
    accuracyMm: 0.2,
    marked: false,
    hazard: press,
    soundDbA: 82,
    dust: 'shavings'
  }),
  method({
    ...drilled,
    id: 'bore-large/hole-saw',
    operation: 'bore-large',
    name: 'Hole saw',
    roles: [need('hole-saws', atLeast('bladeMm', 'widthMm')), need('drill')],
    setupMinutes: 2,
    runMinutes: 2.5,
    accuracyMm: 1,
    surface: 'sawn',
    limits: [upTo('thicknessMm', 40)]
  }),
  method({
    ...chopped,
    hazard: null,
    id: 'bore-large/auger',
    operation: 'bore-large',
    name: 'Auger bit in a brace',
    roles: [need('brace'), need('auger-bits', atLeast('bladeMm', 'widthMm'))],
    setupMinutes: 1,
    runMinutes: 3,
    accuracyMm: 0.8,
    soundDbA: 60
  }),
  method({
    ...drilled,
    id: 'bore-row/template',
    operation: 'bore-row',
    name: 'Drill through a shop-made template',
    roles: [need('drill'), need('pin-template')],
    setupMinutes: 4,
    runMinutes: 0.4,
    accuracyMm: 0.5,
    marked: false
  }),
  method({
    ...drilled,
    id: 'bore-row/jig',
    operation: 'bore-row',
    name: 'Shelf-pin jig',
    roles: [need('drill'), need('pin-jig')],
    setupMinutes: 3,
    runMinutes: 0.35,
    accuracyMm: 0.3,
    marked: false
  }),
  method({
    form: 'benchtop',
    id: 'bore-row/press',
    operation: 'bore-row',
    name: 'Drill press with fence and spacer',
    roles: [need('drill-press')],
    setupMinutes: 6,
    runMinutes: 0.5,
    accuracyMm: 0.3,
    marked: false,
    hazard: press,
    soundDbA: 80,
    dust: 'shavings',
    limits: [upTo('widthMm', 300)]
  }),
  method({
    ...drilled,
    id: 'bore-row/measured',
    operation: 'bore-row',
    name: 'Drill, each hole measured',
    roles: [need('drill'), need('tape')],
    setupMinutes: 2,
    runMinutes: 1.2,
    accuracyMm: 1.2
  }),
  method({
    ...chopped,
    hazard: null,
    id: 'bore-row/hand-drill',
    operation: 'bore-row',
    name: 'Hand drill, each hole measured',
    roles: [need('hand-drill'), need('rule')],
    setupMinutes: 2,
    runMinutes: 2,
    accuracyMm: 0.9,
    soundDbA: 60
  }),
  method({
    ...fixed,
    ...drilled,
    id: 'countersink/bit',
    operation: 'countersink',
    name: 'Countersink in a drill',
    roles: [need('countersink'), need('drill')],
    setupMinutes: 1,
    runMinutes: 0.25
  }),
  method({
    ...fixed,
    ...drilled,
    id: 'countersink/stop',
    operation: 'countersink',
    name: 'Pilot bit with a depth stop',
    roles: [need('countersink-stop'), need('drill')],
    setupMinutes: 1,
    runMinutes: 0.15
  }),
  method({
    ...chopped,
    hazard: null,
    marked: false,
    id: 'countersink/hand',
    operation: 'countersink',
    name: 'Countersink turned in a hand drill',
    roles: [need('countersink'), need('hand-drill')],
    setupMinutes: 1,
    runMinutes: 0.7,
    soundDbA: 60
  }),
  method({
    ...drilled,
    marked: false,
    id: 'plug/cutter',
    operation: 'plug',
    name: 'Plugs cut and sawn flush',
    roles: [need('plug-cutter'), need('drill'), need('flush-saw')],
    setupMinutes: 4,
    runMinutes: 2
  }),
  method({
    ...drilled,
    marked: false,
    id: 'plug/chisel',
    operation: 'plug',
    name: 'Plugs cut and pared flush',
    roles: [need('plug-cutter'), need('drill'), need('chisels')],
    setupMinutes: 4,
    runMinutes: 3
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'plug/press',
    operation: 'plug',
    name: 'Plugs from the drill press, sawn flush',
    roles: [need('drill-press'), need('plug-cutter'), need('flush-saw')],
    setupMinutes: 6,
    runMinutes: 1.3,
    hazard: press,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    id: 'plug/hand',
    operation: 'plug',
    name: 'Bought plugs, trimmed with a saw',
    form: 'hand',
    roles: [need('flush-saw'), need('mallet')],
    setupMinutes: 3,
    runMinutes: 3,
    hazard: edge
  })
]

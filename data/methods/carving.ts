import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need, upTo } from '../write'
import { bit, router, shank } from './hazards'
import { bladed, drilled, yard } from './manners'

/**
 * Turning and carving. A run is one piece of a hand’s size from the sawn blank to the tool’s last cut, with the honing of gouges and
 * turning tools in between, smoothing not counted; nothing varies more from hand to hand. Judgements, common practice.
 */
export const carvingMethods: readonly Method[] = [
  method({
    form: 'benchtop',
    marked: false,
    id: 'turn/lathe',
    operation: 'turn',
    name: 'Lathe',
    roles: [need('lathe', atLeast('lengthMm', 'lengthMm'), atLeast('reachMm', 'widthMm')), need('turning-tools')],
    setupMinutes: 6,
    runMinutes: 25,
    accuracyMm: 0.5,
    surface: 'smooth',
    hazard: { kind: 'spinning-bit', level: 2 },
    soundDbA: 78,
    dust: 'shavings'
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'turn/drill',
    operation: 'turn',
    name: 'Small knobs in a drill, rasp and paper',
    roles: [need('drill'), need('vice'), need('rasp'), need('sanding-block')],
    setupMinutes: 5,
    runMinutes: 25,
    accuracyMm: 1,
    hazard: bit,
    soundDbA: 80,
    dust: 'fine',
    limits: [upTo('widthMm', 50), upTo('lengthMm', 80)]
  }),
  method({
    ...bladed,
    id: 'turn/octagon',
    operation: 'turn',
    name: 'Eight sides, then round, by spokeshave',
    roles: [need('spokeshave'), need('drawknife'), need('vice')],
    setupMinutes: 4,
    runMinutes: 45,
    accuracyMm: 1.2
  }),
  method({
    ...yard,
    id: 'turn/bought',
    operation: 'turn',
    name: 'Turned for you',
    setupMinutes: 30,
    accuracyMm: 0.5,
    surface: 'smooth',
    service: { pointsPerUnit: 10, pointsPerVisit: 3 }
  }),
  method({
    ...bladed,
    id: 'carve/gouges',
    operation: 'carve',
    name: 'Gouges and mallet',
    roles: [need('gouge'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 68,
    accuracyMm: 1
  }),
  method({
    ...bladed,
    id: 'carve/knives',
    operation: 'carve',
    name: 'Carving knife and hook knife',
    roles: [need('carving-knife'), need('hook-knife')],
    setupMinutes: 2,
    runMinutes: 80,
    accuracyMm: 1.2,
    limits: [upTo('lengthMm', 350)]
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'carve/rotary',
    operation: 'carve',
    name: 'Rotary tool',
    roles: [need('rotary-tool')],
    setupMinutes: 3,
    runMinutes: 110,
    accuracyMm: 0.8,
    hazard: bit,
    soundDbA: 80,
    dust: 'fine',
    why: 'Burrs take hardwood away little by little: for detail and for hollows a knife does not reach; a bowl is quicker with a hook knife.',
    limits: [upTo('lengthMm', 300)]
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'carve/router',
    operation: 'carve',
    name: 'Trim router to a template, freehand rest',
    roles: [need('trim-router'), need('bit-straight'), need('template-tape'), need('sanding-block')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 15,
    runMinutes: 25,
    accuracyMm: 0.6,
    hazard: router,
    soundDbA: 98,
    dust: 'coarse',
    limits: [from('widthMm', 90)]
  }),
  method({
    ...drilled,
    id: 'turn/chuck',
    operation: 'turn',
    name: 'Lathe with a chuck',
    form: 'benchtop',
    surface: 'smooth',
    hazard: { kind: 'spinning-bit', level: 3 },
    soundDbA: 78,
    roles: [
      need('lathe', atLeast('lengthMm', 'lengthMm'), atLeast('reachMm', 'widthMm')),
      need('lathe-chuck'),
      need('turning-tools')
    ],
    setupMinutes: 5,
    runMinutes: 23,
    accuracyMm: 0.4,
    family: 'machines',
    skill: 'craft'
  }),
  method({
    id: 'carve/core-bit',
    operation: 'carve',
    name: 'Router, core-box bit, template and bush',
    form: 'hand-held',
    roles: [need('plunge-router'), need('bit-core'), need('guide-bush')],
    ties: shank('bit-core', 'plunge-router'),
    setupMinutes: 20,
    runMinutes: 18,
    accuracyMm: 0.4,
    hazard: router,
    soundDbA: 101,
    dust: 'coarse',
    limits: [from('widthMm', 90)]
  }),
  method({
    id: 'carve/angle-grinder',
    operation: 'carve',
    name: 'Angle grinder with a carving disc',
    form: 'hand-held',
    roles: [need('angle-grinder'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 22,
    accuracyMm: 1.5,
    surface: 'rough',
    hazard: { kind: 'spinning-bit', level: 3 },
    soundDbA: 98,
    dust: 'coarse',
    limits: [from('widthMm', 100)]
  })
]

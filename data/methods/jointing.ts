import { atLeast, from, method, need, needs, upTo } from '../write'
import { edge, cutterhead, shank, tabled, trim } from './hazards'
import type { Method } from '../../core/catalogue'
import { bladed, yard } from './manners'

/**
 * Straight edges. A run is a metre of an edge of 20 mm made straight and square that was sawn fairly: two or three passes by machine, as
 * many strokes as it takes by hand. Common practice, a practised hobby user.
 */
export const jointingMethods: readonly Method[] = [
  method({
    id: 'straighten-edge/plane',
    operation: 'straighten-edge',
    name: 'Jack plane',
    form: 'hand',
    roles: [need('jack-plane'), need('work-holding')],
    setupMinutes: 2,
    runMinutes: 5,
    accuracyMm: 0.3,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings'
  }),
  method({
    id: 'straighten-edge/circular-saw',
    operation: 'straighten-edge',
    name: 'Circular saw on a straight guide',
    form: 'hand-held',
    roles: [
      need('circular-saw', atLeast('depthMm', 'thicknessMm', 6)),
      need('straight-guide', atLeast('lengthMm', 'lengthMm', 50)),
      needs(2, 'clamp')
    ],
    setupMinutes: 4,
    runMinutes: 2,
    accuracyMm: 0.8,
    marked: false,
    hazard: { kind: 'hand-blade', level: 2 },
    soundDbA: 103,
    dust: 'coarse'
  }),
  method({
    id: 'straighten-edge/jointer',
    operation: 'straighten-edge',
    name: 'Jointer',
    form: 'floor',
    roles: [need('jointer')],
    setupMinutes: 3,
    runMinutes: 1,
    accuracyMm: 0.2,
    marked: false,
    hazard: cutterhead,
    soundDbA: 96,
    dust: 'coarse',
    limits: [from('lengthMm', 300), from('thicknessMm', 6)]
  }),
  method({
    ...bladed,
    id: 'straighten-edge/jointer-plane',
    operation: 'straighten-edge',
    name: 'Jointer plane',
    roles: [need('jointer-plane'), need('work-holding')],
    setupMinutes: 2,
    runMinutes: 3.5,
    accuracyMm: 0.15
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'straighten-edge/rail-saw',
    operation: 'straighten-edge',
    name: 'Plunge saw on its rail',
    roles: [need('rail-saw', atLeast('depthMm', 'thicknessMm'), atLeast('lengthMm', 'lengthMm', 100))],
    setupMinutes: 3,
    runMinutes: 1.2,
    accuracyMm: 0.3,
    hazard: { kind: 'hand-blade', level: 2 },
    soundDbA: 98,
    dust: 'coarse'
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'straighten-edge/router',
    operation: 'straighten-edge',
    name: 'Trim router along a straight guide',
    roles: [
      need('trim-router'),
      need('bit-flush'),
      need('straight-guide', atLeast('lengthMm', 'lengthMm', 50)),
      needs(2, 'clamp')
    ],
    ties: shank('bit-flush', 'trim-router'),
    setupMinutes: 5,
    runMinutes: 2,
    accuracyMm: 0.25,
    surface: 'smooth',
    hazard: trim,
    soundDbA: 98,
    dust: 'fine',
    limits: [upTo('thicknessMm', 25)]
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'straighten-edge/router-table',
    operation: 'straighten-edge',
    name: 'Router table with a shimmed fence',
    roles: [need('router-table'), need('trim-router'), need('bit-straight')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 8,
    runMinutes: 0.9,
    accuracyMm: 0.25,
    surface: 'smooth',
    hazard: tabled,
    soundDbA: 99,
    dust: 'fine',
    limits: [upTo('thicknessMm', 25), upTo('lengthMm', 1200)]
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'straighten-edge/table-saw',
    operation: 'straighten-edge',
    name: 'Table saw, the board on a straight carrier',
    roles: [
      need('table-saw', atLeast('depthMm', 'thicknessMm', 12)),
      need('straight-guide', atLeast('lengthMm', 'lengthMm'))
    ],
    setupMinutes: 5,
    runMinutes: 0.8,
    accuracyMm: 0.4,
    hazard: { kind: 'fixed-blade', level: 3 },
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    ...yard,
    id: 'straighten-edge/yard',
    operation: 'straighten-edge',
    name: 'One straight edge from the yard',
    setupMinutes: 40,
    accuracyMm: 0.4,
    service: { pointsPerUnit: 0.5, pointsPerVisit: 6 },
    limits: [upTo('widthMm', 400)],
    why: 'Boards, not sheets.'
  })
]

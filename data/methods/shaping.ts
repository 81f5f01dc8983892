import type { Method } from '../../core/catalogue'
import { from, method, need, upTo } from '../write'
import { edge, shank, tabled } from './hazards'
import { bladed, fixed, sanded } from './manners'

/**
 * Shaping: rounds, tapers, profiles. A run is a metre of edge or of a round of a broom handle’s size, from square to ready for paper.
 * Judgements, common practice.
 */
export const shapingMethods: readonly Method[] = [
  method({
    id: 'profile-edge/block-plane',
    operation: 'profile-edge',
    name: 'Block plane chamfer',
    form: 'hand',
    roles: [need('block-plane')],
    setupMinutes: 1,
    runMinutes: 3,
    accuracyMm: 0.5,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 68,
    dust: 'shavings'
  }),
  method({
    id: 'profile-edge/sanding-block',
    operation: 'profile-edge',
    name: 'Sanding block',
    form: 'hand',
    roles: [need('sanding-block')],
    setupMinutes: 0,
    runMinutes: 5,
    accuracyMm: 1,
    marked: false,
    soundDbA: 65,
    dust: 'fine'
  }),
  method({
    id: 'profile-edge/trim-router',
    operation: 'profile-edge',
    name: 'Trim router with a bearing bit',
    form: 'hand-held',
    roles: [need('trim-router'), need('bit-profile')],
    ties: [{ comparator: 'shank-fits-collet', role: 'bit-profile', withRole: 'trim-router' }],
    setupMinutes: 4,
    runMinutes: 0.7,
    accuracyMm: 0.3,
    marked: false,
    surface: 'smooth',
    hazard: { kind: 'router-bit', level: 1 },
    soundDbA: 98,
    dust: 'fine',
    why: 'Start with the bit clear of the work and feed against its rotation.'
  }),
  method({
    id: 'profile-edge/router-table',
    operation: 'profile-edge',
    name: 'Router table',
    form: 'benchtop',
    roles: [need('router-table'), need('trim-router'), need('bit-profile')],
    ties: [{ comparator: 'shank-fits-collet', role: 'bit-profile', withRole: 'trim-router' }],
    setupMinutes: 8,
    runMinutes: 0.5,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: { kind: 'router-bit', level: 3 },
    soundDbA: 99,
    dust: 'fine'
  }),
  method({
    ...bladed,
    id: 'shape-round/spokeshave',
    operation: 'shape-round',
    name: 'Spokeshave',
    roles: [need('spokeshave'), need('work-holding')],
    setupMinutes: 2,
    runMinutes: 12,
    accuracyMm: 0.8
  }),
  method({
    ...bladed,
    id: 'shape-round/drawknife',
    operation: 'shape-round',
    name: 'Drawknife, then spokeshave',
    roles: [need('drawknife'), need('spokeshave'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 8,
    accuracyMm: 0.8
  }),
  method({
    ...bladed,
    surface: 'clean',
    id: 'shape-round/rasp',
    operation: 'shape-round',
    name: 'Rasp and sanding block',
    roles: [need('rasp'), need('sanding-block'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 20,
    accuracyMm: 1
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'shape-round/router-table',
    operation: 'shape-round',
    name: 'Round-over on a router table',
    roles: [need('router-table'), need('trim-router'), need('bit-profile')],
    ties: shank('bit-profile', 'trim-router'),
    setupMinutes: 10,
    runMinutes: 3,
    accuracyMm: 0.4,
    hazard: tabled,
    soundDbA: 99,
    dust: 'fine',
    limits: [from('lengthMm', 300)]
  }),
  method({
    ...bladed,
    id: 'profile-edge/spokeshave',
    operation: 'profile-edge',
    name: 'Spokeshave',
    roles: [need('spokeshave'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 3.5,
    accuracyMm: 0.6
  }),
  method({
    ...bladed,
    surface: 'clean',
    id: 'profile-edge/rasp',
    operation: 'profile-edge',
    name: 'Rasp and file',
    roles: [need('rasp'), need('files'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 4.5,
    accuracyMm: 0.8
  }),
  method({
    ...sanded,
    id: 'profile-edge/detail-sander',
    operation: 'profile-edge',
    name: 'Detail sander',
    roles: [need('detail-sander')],
    setupMinutes: 2,
    runMinutes: 3.2,
    accuracyMm: 0.8,
    soundDbA: 82
  }),
  method({
    ...fixed,
    id: 'shape-round/knife',
    operation: 'shape-round',
    name: 'Knife, small handles',
    roles: [need('carving-knife')],
    setupMinutes: 1,
    runMinutes: 30,
    accuracyMm: 1.2,
    hazard: edge,
    dust: 'shavings',
    family: 'edge-tools',
    skill: 'some',
    limits: [upTo('widthMm', 60), upTo('lengthMm', 400)]
  })
]

import type { Method } from '../../core/catalogue'
import { method, need, needs, upTo } from '../write'
import { edge, shank, trim } from './hazards'
import { bladed } from './manners'

/**
 * Smoothing panels, edges and surfaces; filling and finishing. A run is a square metre, a metre of edge or a hole, until a finish may go
 * on. Common practice, a practised hobby user.
 */
export const smoothingMethods: readonly Method[] = [
  method({
    id: 'smooth/plane',
    operation: 'smooth',
    name: 'Smoothing plane',
    form: 'hand',
    roles: [need('smoothing-plane'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 25,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 70,
    dust: 'shavings'
  }),
  method({
    id: 'smooth/scraper',
    operation: 'smooth',
    name: 'Card scraper',
    form: 'hand',
    roles: [need('scraper'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 40,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 68,
    dust: 'shavings'
  }),
  method({
    form: 'hand',
    marked: false,
    id: 'band-edge/iron',
    operation: 'band-edge',
    name: 'Iron-on banding, knife',
    roles: [need('iron'), need('utility-knife')],
    setupMinutes: 4,
    runMinutes: 3,
    accuracyMm: 0.5
  }),
  method({
    form: 'hand',
    marked: false,
    id: 'band-edge/lipping',
    operation: 'band-edge',
    name: 'Glued lipping, trimmed with a plane',
    roles: [needs(4, 'clamp'), need('block-plane')],
    setupMinutes: 6,
    runMinutes: 12,
    accuracyMm: 0.4,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 70
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'band-edge/lipping-router',
    operation: 'band-edge',
    name: 'Glued lipping, trimmed with a router',
    roles: [needs(4, 'clamp'), need('trim-router'), need('bit-flush')],
    ties: shank('bit-flush', 'trim-router'),
    setupMinutes: 8,
    runMinutes: 8,
    accuracyMm: 0.25,
    surface: 'smooth',
    hazard: trim,
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    ...bladed,
    id: 'trim-flush/block-plane',
    operation: 'trim-flush',
    name: 'Block plane',
    roles: [need('block-plane')],
    setupMinutes: 1,
    runMinutes: 4,
    accuracyMm: 0.3
  }),
  method({
    ...bladed,
    surface: 'clean',
    id: 'trim-flush/chisel',
    operation: 'trim-flush',
    name: 'Chisel held flat',
    roles: [need('chisels')],
    setupMinutes: 1,
    runMinutes: 7,
    accuracyMm: 0.4
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'trim-flush/router',
    operation: 'trim-flush',
    name: 'Flush-trim bit',
    roles: [need('trim-router'), need('bit-flush')],
    ties: shank('bit-flush', 'trim-router'),
    setupMinutes: 3,
    runMinutes: 0.8,
    accuracyMm: 0.1,
    surface: 'smooth',
    hazard: trim,
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'trim-flush/multi-tool',
    operation: 'trim-flush',
    name: 'Oscillating multi-tool, then paper',
    roles: [need('multi-tool'), need('sanding-block')],
    setupMinutes: 1,
    runMinutes: 6,
    accuracyMm: 0.6,
    hazard: { kind: 'hand-blade', level: 1 },
    soundDbA: 88,
    dust: 'fine'
  }),
  method({
    form: 'hand',
    marked: false,
    id: 'fill/knife',
    operation: 'fill',
    name: 'Putty knife and filler',
    roles: [need('putty-knife')],
    setupMinutes: 2,
    runMinutes: 0.5,
    accuracyMm: 0.5
  }),
  method({
    ...bladed,
    id: 'smooth/pull-plane',
    operation: 'smooth',
    name: 'Pull plane',
    roles: [need('pull-plane'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 22,
    accuracyMm: 0.15
  }),
  method({
    ...bladed,
    id: 'smooth/scraper-plane',
    operation: 'smooth',
    name: 'Scraper plane',
    roles: [need('scraper-handled'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 30,
    accuracyMm: 0.2
  }),
  method({
    ...bladed,
    id: 'smooth/block-plane',
    operation: 'smooth',
    name: 'Block plane, small pieces',
    roles: [need('block-plane')],
    setupMinutes: 2,
    runMinutes: 45,
    accuracyMm: 0.3,
    limits: [upTo('widthMm', 120)]
  }),
  method({
    id: 'band-edge/edge-clamps',
    operation: 'band-edge',
    name: 'Lipping with edge clamps, trimmed with a plane',
    form: 'hand',
    roles: [need('edge-clamp'), need('block-plane')],
    setupMinutes: 5,
    runMinutes: 10,
    accuracyMm: 0.4,
    marked: false,
    surface: 'smooth',
    hazard: edge,
    soundDbA: 70
  }),
  method({
    id: 'trim-flush/guide-bush',
    operation: 'trim-flush',
    name: 'Router with a bush along a template',
    form: 'hand-held',
    roles: [need('trim-router'), need('bit-straight'), need('guide-bush')],
    ties: shank('bit-straight', 'trim-router'),
    setupMinutes: 5,
    runMinutes: 1.2,
    accuracyMm: 0.2,
    marked: false,
    surface: 'smooth',
    hazard: trim,
    soundDbA: 98,
    dust: 'fine'
  }),
  method({
    id: 'trim-flush/sanded',
    operation: 'trim-flush',
    name: 'Sanded flush on a block',
    form: 'hand',
    roles: [need('sanding-block')],
    setupMinutes: 1,
    runMinutes: 10,
    accuracyMm: 0.6,
    marked: false,
    dust: 'fine'
  })
]

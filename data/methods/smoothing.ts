import { atLeast, from, method, need, needs, upTo } from '../write'
import { edge, feed, shank, trim } from './hazards'
import type { Method } from '../../core/catalogue'
import { bladed, sanded, yard } from './manners'

/** Smoothing panels, edges and surfaces; filling and finishing. Times: practised hobby user; common practice. */
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
    ...bladed,
    id: 'flatten-panel/jack',
    operation: 'flatten-panel',
    name: 'Jack plane across, then along',
    roles: [need('jack-plane'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 60,
    accuracyMm: 0.4
  }),
  method({
    ...bladed,
    id: 'flatten-panel/jointer-plane',
    operation: 'flatten-panel',
    name: 'Jointer plane',
    roles: [need('jointer-plane'), need('work-holding')],
    setupMinutes: 4,
    runMinutes: 48,
    accuracyMm: 0.25
  }),
  method({
    ...bladed,
    id: 'flatten-panel/scraper',
    operation: 'flatten-panel',
    name: 'Scraper plane',
    roles: [need('scraper-handled'), need('work-holding')],
    setupMinutes: 3,
    runMinutes: 75,
    accuracyMm: 0.6
  }),
  method({
    ...sanded,
    id: 'flatten-panel/belt',
    operation: 'flatten-panel',
    name: 'Belt sander',
    roles: [need('belt-sander')],
    setupMinutes: 4,
    runMinutes: 22,
    accuracyMm: 0.9,
    surface: 'clean',
    soundDbA: 93
  }),
  method({
    ...sanded,
    id: 'flatten-panel/random-orbital',
    operation: 'flatten-panel',
    name: 'Random-orbital sander, coarse',
    roles: [need('ro-sander')],
    setupMinutes: 4,
    runMinutes: 40,
    accuracyMm: 1,
    soundDbA: 87
  }),
  method({
    ...sanded,
    form: 'floor',
    hazard: feed,
    id: 'flatten-panel/drum',
    operation: 'flatten-panel',
    name: 'Drum sander',
    roles: [need('drum-sander', atLeast('widthMm', 'widthMm'))],
    setupMinutes: 4,
    runMinutes: 14,
    accuracyMm: 0.1,
    soundDbA: 86,
    limits: [from('lengthMm', 150)]
  }),
  method({
    ...yard,
    id: 'flatten-panel/yard',
    operation: 'flatten-panel',
    name: 'Sanded flat at the yard',
    setupMinutes: 45,
    accuracyMm: 0.2,
    surface: 'smooth',
    service: { pointsPerUnit: 14, pointsPerVisit: 6 }
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
  })
]

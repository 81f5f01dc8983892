import { method, need } from '../write'
import { edge } from './hazards'
import type { Method } from '../../core/catalogue'

/**
 * Sharpening and clearing up. A run is one edge back to shaving hair, not reground; clearing up is what an evening’s work leaves, once a
 * batch. Common practice, a practised hobby user.
 */
export const upkeepMethods: readonly Method[] = [
  method({
    id: 'sharpen/stone',
    operation: 'sharpen',
    name: 'Stone, kept flat',
    form: 'hand',
    roles: [need('sharpening-surface')],
    setupMinutes: 2,
    runMinutes: 6,
    accuracyMm: 0.1,
    marked: false,
    hazard: edge
  }),
  method({
    form: 'hand',
    marked: false,
    hazard: edge,
    id: 'sharpen/guide',
    operation: 'sharpen',
    name: 'Stone with a honing guide',
    roles: [need('sharpening-surface'), need('honing-guide')],
    setupMinutes: 2,
    runMinutes: 4.5,
    accuracyMm: 0.1
  }),
  method({
    form: 'hand',
    marked: false,
    hazard: edge,
    id: 'sharpen/plates',
    operation: 'sharpen',
    name: 'Diamond plates',
    roles: [need('sharpening-flat')],
    setupMinutes: 1,
    runMinutes: 5,
    accuracyMm: 0.1
  }),
  method({
    form: 'hand',
    marked: false,
    hazard: edge,
    id: 'sharpen/strop',
    operation: 'sharpen',
    name: 'Plates, then strop',
    roles: [need('sharpening-flat'), need('strop')],
    setupMinutes: 1,
    runMinutes: 3.5,
    accuracyMm: 0.1,
    why: 'A strop between honings keeps an edge going.'
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'sharpen/grinder',
    operation: 'sharpen',
    name: 'Grinder, then stone',
    roles: [need('grinder'), need('sharpening-surface')],
    setupMinutes: 3,
    runMinutes: 3.5,
    accuracyMm: 0.2,
    hazard: { kind: 'spinning-bit', level: 1 },
    soundDbA: 86
  }),
  method({
    form: 'benchtop',
    marked: false,
    id: 'sharpen/water',
    operation: 'sharpen',
    name: 'Slow grinder and its leather wheel',
    roles: [need('water-grinder')],
    setupMinutes: 4,
    runMinutes: 2.5,
    accuracyMm: 0.1,
    hazard: { kind: 'sharp-edge', level: 1 },
    soundDbA: 72
  }),
  method({
    form: 'hand',
    marked: false,
    id: 'clear-up/broom',
    operation: 'clear-up',
    name: 'Broom and brush',
    roles: [need('broom')],
    setupMinutes: 10,
    runMinutes: 0,
    dust: 'fine'
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'clear-up/vacuum',
    operation: 'clear-up',
    name: 'Workshop vacuum',
    roles: [need('vacuum')],
    setupMinutes: 6,
    runMinutes: 0,
    soundDbA: 83
  }),
  method({
    form: 'hand-held',
    marked: false,
    id: 'clear-up/cyclone',
    operation: 'clear-up',
    name: 'Vacuum through a cyclone',
    roles: [need('vacuum'), need('cyclone')],
    setupMinutes: 4,
    runMinutes: 0,
    soundDbA: 83,
    why: 'The filter stays clear; the bin takes the chips.'
  }),
  method({
    form: 'floor',
    marked: false,
    id: 'clear-up/extractor',
    operation: 'clear-up',
    name: 'Chip extractor with a floor hose',
    roles: [need('extractor')],
    setupMinutes: 5,
    runMinutes: 0,
    soundDbA: 82
  })
]

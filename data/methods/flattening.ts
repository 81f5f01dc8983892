import type { Method } from '../../core/catalogue'
import { atLeast, from, method, need } from '../write'
import { feed, router, shank } from './hazards'
import { bladed, sanded, yard } from './manners'

/**
 * Glued panels and tops made flat, both faces, steps at the glue lines of up to half a millimetre: a square metre. Worse glue-ups take
 * longer. Judged after planing and sanding by the square metre; common practice.
 */
export const flatteningMethods: readonly Method[] = [
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
    ...sanded,
    id: 'flatten-panel/thicknesser',
    operation: 'flatten-panel',
    name: 'Through the thicknesser',
    form: 'benchtop',
    surface: 'clean',
    roles: [need('thicknesser', atLeast('widthMm', 'widthMm'))],
    setupMinutes: 5,
    runMinutes: 16,
    accuracyMm: 0.2,
    hazard: feed,
    soundDbA: 102,
    dust: 'coarse',
    limits: [from('lengthMm', 300), from('thicknessMm', 6)],
    why: 'As wide as the machine and no wider; end grain never.'
  }),
  method({
    id: 'flatten-panel/router-sled',
    operation: 'flatten-panel',
    name: 'Router on a sled',
    form: 'hand-held',
    roles: [need('plunge-router'), need('router-sled'), need('bit-straight')],
    ties: shank('bit-straight', 'plunge-router'),
    setupMinutes: 25,
    runMinutes: 55,
    accuracyMm: 0.5,
    marked: false,
    hazard: router,
    soundDbA: 101,
    dust: 'coarse',
    why: 'For end grain and tops wider than any machine.'
  })
]

import type { Method } from '../../core/catalogue'
import { atLeast, method, need } from '../write'
import { bit, dust, feed } from './hazards'
import { bladed, sanded } from './manners'

/**
 * Sanding. A run is a square metre, or a metre of edge, through three grits from machine-planed stock, paper changed as it wears. Counted
 * times, common practice, a practised hobby user.
 */
export const sandingMethods: readonly Method[] = [
  method({
    id: 'sand-flat/block',
    operation: 'sand-flat',
    name: 'Sanding block by hand',
    form: 'hand',
    roles: [need('sanding-block')],
    setupMinutes: 5,
    runMinutes: 60,
    accuracyMm: 0.5,
    marked: false,
    surface: 'smooth',
    soundDbA: 68,
    dust: 'fine'
  }),
  method({
    id: 'sand-flat/palm',
    operation: 'sand-flat',
    name: 'Palm sander',
    form: 'hand-held',
    roles: [need('palm-sander')],
    setupMinutes: 4,
    runMinutes: 30,
    accuracyMm: 0.5,
    marked: false,
    surface: 'smooth',
    hazard: dust,
    soundDbA: 84,
    dust: 'fine'
  }),
  method({
    id: 'sand-flat/random-orbital',
    operation: 'sand-flat',
    name: 'Random-orbital sander',
    form: 'hand-held',
    roles: [need('ro-sander')],
    setupMinutes: 4,
    runMinutes: 18,
    accuracyMm: 0.5,
    marked: false,
    surface: 'smooth',
    hazard: dust,
    soundDbA: 87,
    dust: 'fine'
  }),
  method({
    ...sanded,
    id: 'sand-flat/belt',
    operation: 'sand-flat',
    name: 'Belt sander, then block',
    roles: [need('belt-sander'), need('sanding-block')],
    setupMinutes: 4,
    runMinutes: 24,
    accuracyMm: 0.8,
    soundDbA: 93
  }),
  method({
    ...sanded,
    id: 'sand-flat/detail',
    operation: 'sand-flat',
    name: 'Detail sander',
    roles: [need('detail-sander')],
    setupMinutes: 3,
    runMinutes: 45,
    accuracyMm: 0.6,
    soundDbA: 82
  }),
  method({
    ...sanded,
    form: 'floor',
    hazard: feed,
    id: 'sand-flat/drum',
    operation: 'sand-flat',
    name: 'Drum sander, then by hand',
    roles: [need('drum-sander', atLeast('widthMm', 'widthMm')), need('sanding-block')],
    setupMinutes: 5,
    runMinutes: 14,
    accuracyMm: 0.2,
    soundDbA: 86
  }),
  method({
    form: 'hand',
    marked: false,
    surface: 'smooth',
    id: 'sand-curve/block',
    operation: 'sand-curve',
    name: 'Paper round a dowel or block',
    roles: [need('sanding-block')],
    setupMinutes: 1,
    runMinutes: 9,
    accuracyMm: 0.9,
    soundDbA: 65,
    dust: 'fine'
  }),
  method({
    ...bladed,
    id: 'sand-curve/spokeshave',
    operation: 'sand-curve',
    name: 'Spokeshave',
    roles: [need('spokeshave'), need('work-holding')],
    setupMinutes: 2,
    runMinutes: 5,
    accuracyMm: 0.5
  }),
  method({
    ...bladed,
    surface: 'clean',
    id: 'sand-curve/rasp',
    operation: 'sand-curve',
    name: 'Rasp and file',
    roles: [need('rasp'), need('files'), need('work-holding')],
    setupMinutes: 1,
    runMinutes: 7,
    accuracyMm: 0.6
  }),
  method({
    ...sanded,
    hazard: bit,
    id: 'sand-curve/drum-in-drill',
    operation: 'sand-curve',
    name: 'Sanding drum in a drill',
    roles: [need('sanding-drum'), need('drill')],
    setupMinutes: 2,
    runMinutes: 5.5,
    accuracyMm: 0.9,
    soundDbA: 80
  }),
  method({
    ...sanded,
    form: 'benchtop',
    id: 'sand-curve/drum-in-press',
    operation: 'sand-curve',
    name: 'Sanding drum in the drill press',
    roles: [need('drill-press'), need('sanding-drum')],
    setupMinutes: 3,
    runMinutes: 3,
    accuracyMm: 0.5,
    soundDbA: 80
  }),
  method({
    ...sanded,
    form: 'benchtop',
    id: 'sand-curve/spindle',
    operation: 'sand-curve',
    name: 'Spindle sander',
    roles: [need('spindle-sander')],
    setupMinutes: 2,
    runMinutes: 1.8,
    accuracyMm: 0.4,
    soundDbA: 78
  }),
  method({
    ...sanded,
    form: 'benchtop',
    id: 'sand-curve/disc',
    operation: 'sand-curve',
    name: 'Belt and disc sander, outside curves',
    roles: [need('disc-sander')],
    setupMinutes: 2,
    runMinutes: 2.2,
    accuracyMm: 0.5
  }),
  method({
    ...sanded,
    id: 'sand-curve/detail',
    operation: 'sand-curve',
    name: 'Detail sander',
    roles: [need('detail-sander')],
    setupMinutes: 2,
    runMinutes: 6,
    accuracyMm: 0.8,
    soundDbA: 82
  }),
  method({
    ...sanded,
    id: 'sand-curve/drum-table',
    operation: 'sand-curve',
    name: 'Sanding drum through a table',
    form: 'benchtop',
    roles: [need('drill-press'), need('sanding-drum'), need('drum-table')],
    setupMinutes: 3,
    runMinutes: 2.4,
    accuracyMm: 0.4
  })
]

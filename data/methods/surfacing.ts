import type { Method } from '../../core/catalogue'
import { method, need } from '../write'
import { dust, edge } from './hazards'

/** Edges, sanding, smoothing, sharpening, finishing. Times: common practice. */
export const surfacingMethods: readonly Method[] = [
  method({ id: 'profile-edge/block-plane', operation: 'profile-edge', name: 'Block plane chamfer', form: 'hand', roles: [need('block-plane')], setupMinutes: 1, runMinutes: 3, accuracyMm: 0.5, marked: false, surface: 'smooth', hazard: edge, soundDbA: 68, dust: 'shavings' }),
  method({ id: 'profile-edge/sanding-block', operation: 'profile-edge', name: 'Sanding block', form: 'hand', roles: [need('sanding-block')], setupMinutes: 0, runMinutes: 5, accuracyMm: 1, marked: false, soundDbA: 65, dust: 'fine' }),
  method({ id: 'profile-edge/trim-router', operation: 'profile-edge', name: 'Trim router with a bearing bit', form: 'hand-held', roles: [need('trim-router'), need('bit-profile')], ties: [{ comparator: 'shank-fits-collet', role: 'bit-profile', withRole: 'trim-router' }], setupMinutes: 4, runMinutes: 0.7, accuracyMm: 0.3, marked: false, surface: 'smooth', hazard: { kind: 'router-bit', level: 1 }, soundDbA: 98, dust: 'fine', why: 'Start with the bit clear of the work and feed against its rotation.' }),
  method({ id: 'profile-edge/router-table', operation: 'profile-edge', name: 'Router table', form: 'benchtop', roles: [need('router-table'), need('trim-router'), need('bit-profile')], ties: [{ comparator: 'shank-fits-collet', role: 'bit-profile', withRole: 'trim-router' }], setupMinutes: 8, runMinutes: 0.5, accuracyMm: 0.2, marked: false, surface: 'smooth', hazard: { kind: 'router-bit', level: 3 }, soundDbA: 99, dust: 'fine' }),
  method({ id: 'sand-flat/block', operation: 'sand-flat', name: 'Sanding block by hand', form: 'hand', roles: [need('sanding-block')], setupMinutes: 5, runMinutes: 60, accuracyMm: 0.5, marked: false, surface: 'smooth', soundDbA: 68, dust: 'fine' }),
  method({ id: 'sand-flat/palm', operation: 'sand-flat', name: 'Palm sander', form: 'hand-held', roles: [need('palm-sander')], setupMinutes: 4, runMinutes: 30, accuracyMm: 0.5, marked: false, surface: 'smooth', hazard: dust, soundDbA: 84, dust: 'fine' }),
  method({ id: 'sand-flat/random-orbital', operation: 'sand-flat', name: 'Random-orbital sander', form: 'hand-held', roles: [need('ro-sander')], setupMinutes: 4, runMinutes: 18, accuracyMm: 0.5, marked: false, surface: 'smooth', hazard: dust, soundDbA: 87, dust: 'fine' }),
  method({ id: 'smooth/plane', operation: 'smooth', name: 'Smoothing plane', form: 'hand', roles: [need('smoothing-plane'), need('work-holding')], setupMinutes: 3, runMinutes: 25, accuracyMm: 0.2, marked: false, surface: 'smooth', hazard: edge, soundDbA: 70, dust: 'shavings' }),
  method({ id: 'smooth/scraper', operation: 'smooth', name: 'Card scraper', form: 'hand', roles: [need('scraper')], setupMinutes: 3, runMinutes: 40, accuracyMm: 0.2, marked: false, surface: 'smooth', hazard: edge, soundDbA: 68, dust: 'shavings' }),
  method({ id: 'sharpen/stone', operation: 'sharpen', name: 'Stone, kept flat', form: 'hand', roles: [need('sharpening-surface')], setupMinutes: 2, runMinutes: 6, accuracyMm: 0.1, marked: false, hazard: edge }),
  method({ id: 'finish/wipe', operation: 'finish', name: 'Wiped on with a cloth', form: 'hand', roles: [need('finishing-kit')], setupMinutes: 5, runMinutes: 10, marked: false, accuracyMm: 0.5 })
]

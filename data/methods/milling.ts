import type { Method } from '../../core/catalogue'
import { atLeast, inStrips, method, need, needs, upTo } from '../write'

const edge = { kind: 'sharp-edge', level: 1 } as const
const feed = { kind: 'feed-rollers', level: 2 } as const
const cutterhead = { kind: 'feed-rollers', level: 3 } as const
const router = { kind: 'router-bit', level: 2 } as const

/** Flat faces, parallel faces, straight edges, supports. Times per m² follow from a 1 m × 150 mm face; common practice. */
export const millingMethods: readonly Method[] = [
  method({ id: 'flatten/planes', operation: 'flatten', name: 'Jack plane', form: 'hand', roles: [need('jack-plane'), need('work-holding')], setupMinutes: 5, runMinutes: 165, accuracyMm: 0.4, marked: false, surface: 'smooth', hazard: edge, soundDbA: 74, dust: 'shavings' }),
  method({ id: 'flatten/router-sled', operation: 'flatten', name: 'Router on a sled', form: 'hand-held', roles: [need('plunge-router'), need('router-sled'), need('bit-straight')], ties: [{ comparator: 'shank-fits-collet', role: 'bit-straight', withRole: 'plunge-router' }], setupMinutes: 20, runMinutes: 80, accuracyMm: 0.6, marked: false, hazard: router, soundDbA: 101, dust: 'coarse' }),
  method({ id: 'flatten/jointer', operation: 'flatten', name: 'Jointer', form: 'floor', roles: [need('jointer', inStrips(60, 15)(atLeast('widthMm', 'widthMm')))], setupMinutes: 5, runMinutes: 10, accuracyMm: 0.2, marked: false, hazard: cutterhead, soundDbA: 96, dust: 'coarse', why: 'Makes one face flat; it does not make two faces parallel.' }),
  method({ id: 'flatten/thicknesser-sled', operation: 'flatten', name: 'Sled through the thicknesser', form: 'benchtop', roles: [need('thicknesser', atLeast('widthMm', 'widthMm')), need('planer-sled')], setupMinutes: 10, runMinutes: 20, accuracyMm: 0.3, marked: false, hazard: feed, soundDbA: 102, dust: 'coarse' }),
  method({ id: 'flatten/yard', operation: 'flatten', name: 'Have the yard surface it', form: 'service', roles: [], setupMinutes: 45, runMinutes: 0, accuracyMm: 0.4, marked: false, soundDbA: 0, service: { pointsPerUnit: 7, pointsPerVisit: 4 } }),
  method({ id: 'thickness/planes', operation: 'thickness', name: 'Jack plane to a gauged line', form: 'hand', roles: [need('jack-plane'), need('marking-gauge'), need('work-holding')], setupMinutes: 2, runMinutes: 133, accuracyMm: 0.5, marked: false, surface: 'smooth', hazard: edge, soundDbA: 74, dust: 'shavings' }),
  method({ id: 'thickness/thicknesser', operation: 'thickness', name: 'Thicknesser', form: 'benchtop', roles: [need('thicknesser', inStrips(60, 15)(atLeast('widthMm', 'widthMm')))], setupMinutes: 4, runMinutes: 10, accuracyMm: 0.2, marked: false, hazard: feed, soundDbA: 102, dust: 'coarse', why: 'Makes faces parallel; a cupped face stays cupped unless the other side is flat first.' }),
  method({ id: 'thickness/yard', operation: 'thickness', name: 'Have the yard plane it', form: 'service', roles: [], setupMinutes: 45, runMinutes: 0, accuracyMm: 0.3, marked: false, soundDbA: 0, service: { pointsPerUnit: 6, pointsPerVisit: 4 } }),
  method({ id: 'straighten-edge/plane', operation: 'straighten-edge', name: 'Jack plane', form: 'hand', roles: [need('jack-plane'), need('work-holding')], setupMinutes: 2, runMinutes: 5, accuracyMm: 0.3, marked: false, surface: 'smooth', hazard: edge, soundDbA: 74, dust: 'shavings' }),
  method({ id: 'straighten-edge/circular-saw', operation: 'straighten-edge', name: 'Circular saw on a straight guide', form: 'hand-held', roles: [need('circular-saw', atLeast('depthMm', 'thicknessMm', 6)), need('straight-guide', atLeast('lengthMm', 'lengthMm', 50)), needs(2, 'clamp')], setupMinutes: 4, runMinutes: 2, accuracyMm: 0.8, marked: false, hazard: { kind: 'hand-blade', level: 2 }, soundDbA: 103, dust: 'coarse' }),
  method({ id: 'straighten-edge/jointer', operation: 'straighten-edge', name: 'Jointer', form: 'floor', roles: [need('jointer')], setupMinutes: 3, runMinutes: 0.5, accuracyMm: 0.2, marked: false, hazard: cutterhead, soundDbA: 96, dust: 'coarse' }),
  method({ id: 'support-sheet/sawhorses', operation: 'support-sheet', name: 'Sawhorses', form: 'hand', roles: [need('sawhorses')], setupMinutes: 3, runMinutes: 0, marked: false }),
  method({ id: 'support-sheet/floor', operation: 'support-sheet', name: 'Foam sheet on the floor', form: 'hand', roles: [need('foam-sheet')], setupMinutes: 6, runMinutes: 0, marked: false, limits: [upTo('thicknessMm', 40)], why: 'The foam carries both halves to the end of the cut.' })
]

import type { Method } from '../../core/catalogue'
import { method, upTo } from '../write'
import { yard } from './manners'

/** What others have: a shared workshop by the hour, a sharpening service, a cutting service. Minutes are one’s own, with the way there. Common practice. */
const shared = {
  ...yard,
  name: 'At a shared workshop',
  setupMinutes: 60,
  marked: false,
  why: 'Its machines, after its introduction; by the hour.'
} as const

export const servicesMethods: readonly Method[] = [
  method({
    ...shared,
    id: 'flatten/shared',
    operation: 'flatten',
    runMinutes: 14,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 4, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'thickness/shared',
    operation: 'thickness',
    runMinutes: 14,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 4, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'prepare-boards/shared',
    operation: 'prepare-boards',
    runMinutes: 32,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 8, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'straighten-edge/shared',
    operation: 'straighten-edge',
    runMinutes: 1,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 0.4, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'rip/shared',
    operation: 'rip',
    runMinutes: 1,
    accuracyMm: 0.4,
    service: { pointsPerUnit: 0.4, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'break-down-sheet/shared',
    operation: 'break-down-sheet',
    runMinutes: 2.5,
    accuracyMm: 0.6,
    service: { pointsPerUnit: 0.8, pointsPerVisit: 25 },
    why: 'A panel saw cuts true; the sheet has to get there.'
  }),
  method({
    ...shared,
    id: 'flatten-panel/shared',
    operation: 'flatten-panel',
    runMinutes: 16,
    accuracyMm: 0.2,
    surface: 'smooth',
    service: { pointsPerUnit: 5, pointsPerVisit: 25 }
  }),
  method({
    ...shared,
    id: 'resaw/shared',
    operation: 'resaw',
    runMinutes: 16,
    accuracyMm: 1,
    surface: 'sawn',
    service: { pointsPerUnit: 5, pointsPerVisit: 25 }
  }),
  method({
    ...yard,
    id: 'sharpen/service',
    operation: 'sharpen',
    name: 'Sent to a sharpening service',
    setupMinutes: 20,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 5, pointsPerVisit: 5 },
    why: 'For saws, knives of machines and chipped irons; edges in daily use are one’s own work.'
  }),
  method({
    ...yard,
    id: 'cut-curve/service',
    operation: 'cut-curve',
    name: 'Cut by a cutting service from a drawing',
    setupMinutes: 40,
    accuracyMm: 0.3,
    service: { pointsPerUnit: 5, pointsPerVisit: 14 },
    limits: [upTo('thicknessMm', 25)]
  }),
  method({
    ...yard,
    id: 'cut-inside/service',
    operation: 'cut-inside',
    name: 'Cut out by a cutting service',
    setupMinutes: 40,
    accuracyMm: 0.3,
    service: { pointsPerUnit: 6, pointsPerVisit: 14 },
    limits: [upTo('thicknessMm', 25)]
  }),
  method({
    ...yard,
    id: 'bore-row/service',
    operation: 'bore-row',
    name: 'Bored by a cutting service',
    setupMinutes: 30,
    accuracyMm: 0.2,
    service: { pointsPerUnit: 0.2, pointsPerVisit: 25 }
  }),
  method({
    ...yard,
    id: 'fix-to-wall/buyer',
    operation: 'fix-to-wall',
    name: 'Left to the buyer',
    setupMinutes: 0,
    accuracyMm: 3,
    service: { pointsPerUnit: 0, pointsPerVisit: 0 },
    bySale: true,
    why: 'What is sold is put up by whoever buys it.'
  })
]

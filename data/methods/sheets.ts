import type { Method } from '../../core/catalogue'
import { atLeast, inPasses, method, need, needs, upTo } from '../write'
import { edge, guided, jig, table } from './hazards'
import { sawnByHand } from './manners'

/**
 * Breaking sheets down. A run is one cut right across a sheet, 2.4 m: carried, laid up on sawhorses, marked at both ends, cut, set aside.
 * Counted times, common practice, a practised hobby user.
 */
export const sheetsMethods: readonly Method[] = [
  method({
    id: 'break-down-sheet/counter',
    operation: 'break-down-sheet',
    name: 'Cut to size where you buy it',
    form: 'service',
    roles: [],
    setupMinutes: 30,
    runMinutes: 2,
    accuracyMm: 2.5,
    marked: false,
    soundDbA: 0,
    service: { pointsPerUnit: 0.6, pointsPerVisit: 3 },
    why: 'Straight cuts only, whole sheets bought there; the trip counts once.'
  }),
  method({
    id: 'break-down-sheet/panel-saw',
    operation: 'break-down-sheet',
    name: 'Hand saw on sawhorses',
    form: 'hand',
    roles: [need('panel-saw'), need('sawhorses')],
    setupMinutes: 2,
    runMinutes: 20,
    accuracyMm: 3,
    surface: 'sawn',
    hazard: edge,
    soundDbA: 74,
    dust: 'shavings'
  }),
  method({
    id: 'break-down-sheet/jigsaw',
    operation: 'break-down-sheet',
    name: 'Jigsaw along a straight guide',
    form: 'hand-held',
    roles: [
      need('jigsaw', atLeast('reachMm', 'thicknessMm')),
      need('straight-guide', atLeast('lengthMm', 'lengthMm', 100)),
      needs(2, 'clamp')
    ],
    setupMinutes: 5,
    runMinutes: 7,
    accuracyMm: 1.6,
    surface: 'sawn',
    hazard: jig,
    soundDbA: 95,
    dust: 'fine'
  }),
  method({
    id: 'break-down-sheet/circular-saw',
    operation: 'break-down-sheet',
    name: 'Circular saw on a straight guide',
    form: 'hand-held',
    roles: [
      need('circular-saw', atLeast('depthMm', 'thicknessMm', 6)),
      need('straight-guide', atLeast('lengthMm', 'lengthMm', 200)),
      needs(2, 'clamp')
    ],
    setupMinutes: 5,
    runMinutes: 4,
    accuracyMm: 0.9,
    hazard: guided,
    soundDbA: 103,
    dust: 'coarse'
  }),
  method({
    id: 'break-down-sheet/rail-saw',
    operation: 'break-down-sheet',
    name: 'Plunge saw on its rail',
    form: 'hand-held',
    roles: [
      need('rail-saw', atLeast('depthMm', 'thicknessMm'), inPasses(2, 2, 2, 0.4)(atLeast('lengthMm', 'lengthMm', 200)))
    ],
    setupMinutes: 3,
    runMinutes: 2,
    accuracyMm: 0.6,
    hazard: guided,
    soundDbA: 98,
    dust: 'coarse'
  }),
  method({
    ...sawnByHand,
    id: 'break-down-sheet/pull-saw',
    operation: 'break-down-sheet',
    name: 'Pull saw along a straight edge',
    roles: [need('pull-saw'), need('long-edge'), need('sawhorses'), needs(2, 'clamp')],
    setupMinutes: 3,
    runMinutes: 18,
    accuracyMm: 1.4,
    soundDbA: 74,
    limits: [upTo('thicknessMm', 25)]
  }),
  method({
    id: 'break-down-sheet/table-saw',
    operation: 'break-down-sheet',
    name: 'Table saw with outfeed',
    form: 'benchtop',
    roles: [need('table-saw'), need('outfeed')],
    setupMinutes: 5,
    runMinutes: 1.5,
    accuracyMm: 0.5,
    marked: false,
    hazard: table,
    soundDbA: 98,
    dust: 'fine',
    limits: [upTo('lengthMm', 1300), upTo('widthMm', 1300)],
    why: 'Half sheets and smaller; a whole sheet is for a saw that moves.'
  }),
  method({
    id: 'break-down-sheet/rail-two',
    operation: 'break-down-sheet',
    name: 'Plunge saw on two rails joined',
    form: 'hand-held',
    roles: [
      need('rail-saw', atLeast('depthMm', 'thicknessMm')),
      need('second-rail', atLeast('lengthMm', 'lengthMm', 200))
    ],
    setupMinutes: 5,
    runMinutes: 2,
    accuracyMm: 0.5,
    hazard: guided,
    soundDbA: 98,
    dust: 'coarse'
  })
]

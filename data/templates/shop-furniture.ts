import { steps, stock } from '../write'
import { ply, screws, glue, jig } from './parts'
import type { Template } from '../../core/catalogue'

/** Shop-made: benches, racks, and aids for measuring and gluing. */
export const shopFurniture: readonly Template[] = [
  {
    id: 'jig-sawhorses',
    name: 'Sawhorses, pair',
    kind: 'jig',
    yields: 'sawhorses-made',
    readyMadePoints: 0,
    typicalHours: 2.5,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 10],
      ['mark-square', 10, stock(0, 70, 45), 2],
      ['crosscut', 10, stock(800, 70, 45), 2.6],
      ['bore', 16],
      ['countersink', 32],
      ['drive', 32],
      ['check-square', 2],
      ['profile-edge', 8],
      ['trial', 2]
    ),
    materials: [
      { material: 'softwood-stud', quantity: 9 },
      { material: 'screws', quantity: 0.5 }
    ]
  },
  jig('workbench-made', 'Workbench', {
    hours: 18,
    rows: [
      ['measure', 26],
      ['mark-square', 24, stock(0, 95, 45), 1.5],
      ['crosscut', 26, stock(1500, 95, 45), 2.6],
      ['break-down-sheet', 3, stock(2440, 1220, 18), 2.5],
      ['glue-up-block', 14, stock(1500, 95, 90)],
      ['countersink', 60],
      ['bore', 44],
      ['drive', 60],
      ['check-square', 2],
      ['fit-hardware', 6],
      ['profile-edge', 8],
      ['sand-flat', 4],
      ['finish', 2],
      ['trial', 8]
    ],
    materials: [
      { material: 'softwood-stud-95', quantity: 36 },
      { material: 'plywood-18', quantity: 1 },
      { material: 'screws', quantity: 1 },
      { material: 'glue', quantity: 2 },
      { material: 'oil', quantity: 0.2 },
      { material: 'vice-hardware', quantity: 1 }
    ],
    why: 'Build it from what is owned; it teaches the next tool.'
  }),
  jig('outfeed-table', 'Outfeed table', {
    hours: 4,
    rows: [
      ['measure', 8],
      ['crosscut', 8, stock(900, 70, 45), 2.6],
      ['break-down-sheet', 2, stock(1200, 600, 18), 2],
      ['bore', 12],
      ['drive', 32],
      ['check-square', 1],
      ['fit-hardware', 4],
      ['finish', 1.5],
      ['trial', 1]
    ],
    materials: [ply, screws, { material: 'softwood-stud', quantity: 7 }]
  }),
  jig('squaring-blocks', 'Case-squaring blocks, four', {
    hours: 0.8,
    rows: [
      ['measure', 4],
      ['mark-square', 4, stock(0, 145, 18), 0.8],
      ['crosscut', 4, stock(145, 145, 18), 1.2],
      ['bore-large', 4, stock(0, 30, 18)],
      ['check-square', 1],
      ['trial', 1]
    ],
    materials: [{ material: 'plywood-18', quantity: 0.05 }]
  }),
  jig('fairing-stick', 'Fairing stick', {
    hours: 0.3,
    rows: [
      ['measure', 1],
      ['rip', 1.5, stock(1500, 20, 6), 2],
      ['sand-curve', 1]
    ],
    materials: [{ material: 'softwood-batten', quantity: 1.6 }]
  }),
  jig('winding-sticks', 'Winding sticks', {
    hours: 1,
    rows: [
      ['measure', 2],
      ['crosscut', 2, stock(450, 45, 20), 3],
      ['straighten-edge', 1.8, stock(450, 45, 20), 0.5],
      ['finish', 0.1],
      ['trial', 1.6]
    ],
    materials: [{ material: 'softwood-batten', quantity: 1 }]
  }),
  jig('story-stick', 'Story stick', {
    hours: 0.2,
    rows: [
      ['measure', 6],
      ['crosscut', 1, stock(1500, 45, 12), 4]
    ],
    materials: [{ material: 'softwood-batten', quantity: 1.6 }]
  }),
  jig('pinch-rods', 'Pinch rods', {
    hours: 0.4,
    rows: [
      ['measure', 2],
      ['crosscut', 2, stock(1000, 20, 12), 4],
      ['bore', 2],
      ['drive', 2],
      ['trial', 0.7]
    ],
    materials: [{ material: 'softwood-batten', quantity: 2 }]
  }),
  jig('bending-form', 'Bending form', {
    hours: 2.5,
    rows: [
      ['lay-out-curve', 1, stock(0, 300)],
      ['crosscut', 4, stock(450, 145, 18), 3],
      ['cut-curve', 2, stock(0, 145, 18)],
      ['glue-up-block', 1, stock(450, 145, 72)],
      ['bore-large', 8, stock(0, 30, 40)],
      ['countersink', 10],
      ['drive', 10],
      ['sand-curve', 2],
      ['trial', 1.6]
    ],
    materials: [ply, glue]
  }),
  jig('cauls', 'Panel cauls', {
    hours: 1,
    rows: [
      ['measure', 4],
      ['crosscut', 4, stock(800, 70, 45), 3],
      ['straighten-edge', 3.2, stock(800, 70, 45), 1],
      ['profile-edge', 3],
      ['finish', 0.3]
    ],
    materials: [{ material: 'softwood-stud', quantity: 3.4 }],
    why: 'Planed hollow by a millimetre or two at the ends, so that the middle presses as well.'
  }),
  jig('clamp-rack', 'Clamp rack', {
    hours: 1,
    rows: [
      ['measure', 4],
      ['crosscut', 4, stock(600, 95, 20), 3],
      ['bore', 8],
      ['drive', 12],
      ['check-square', 1],
      ['fix-to-wall', 3]
    ],
    materials: [{ material: 'softwood-board', quantity: 2.6 }, screws]
  }),
  jig('sheet-rack', 'Sheet rack', {
    hours: 3,
    rows: [
      ['measure', 8],
      ['crosscut', 10, stock(1200, 70, 45), 3],
      ['bore', 20],
      ['drive', 32],
      ['check-square', 2],
      ['fix-to-wall', 4],
      ['trial', 2]
    ],
    materials: [{ material: 'softwood-stud', quantity: 11 }, screws]
  }),
  jig('timber-rack', 'Timber rack', {
    hours: 3,
    rows: [
      ['measure', 8],
      ['crosscut', 12, stock(500, 70, 45), 3],
      ['bore', 24],
      ['drive', 36],
      ['countersink', 36],
      ['fix-to-wall', 8]
    ],
    materials: [{ material: 'softwood-stud', quantity: 9 }, screws]
  }),
  jig('machine-stand', 'Flip-top machine stand', {
    hours: 10,
    rows: [
      ['measure', 12],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['bore', 16],
      ['drive', 60],
      ['check-square', 1],
      ['fit-hardware', 8],
      ['countersink', 60],
      ['glue-up-case', 1, stock(700, 600, 18)],
      ['dress-edge', 12],
      ['trim-flush', 3, stock(700, 600, 18)],
      ['finish', 3],
      ['trial', 6]
    ],
    materials: [{ material: 'plywood-18', quantity: 1.5 }, { material: 'screws', quantity: 0.6 }, glue],
    why: 'Two machines on one footprint.'
  })
]

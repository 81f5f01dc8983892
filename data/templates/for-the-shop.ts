import { steps, stock, size } from '../write'
import { ply, half, screws, glue, jig } from './parts'
import type { Template } from '../../core/catalogue'

/** Pieces for garage and workshop, and the small fittings beginners miss. */
export const forTheShop: readonly Template[] = [
  {
    id: 'garage-shelves',
    name: 'Garage shelves',
    kind: 'piece',
    readyMadePoints: 150,
    typicalHours: 4.5,
    sizeMm: size(1800, 450, 1900),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 14],
      ['break-down-sheet', 4, stock(2440, 1220, 12), 4],
      ['crosscut', 20, stock(1900, 70, 45), 3],
      ['mark-square', 16, stock(0, 70, 45), 3],
      ['bore', 40],
      ['drive', 80],
      ['check-square', 1],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'softwood-stud', quantity: 22 },
      { material: 'plywood-12', quantity: 1 },
      { material: 'screws', quantity: 0.8 },
      { material: 'wall-plugs', quantity: 0.1 }
    ],
    why: 'Tall and loaded: fixed to the wall.'
  },
  {
    id: 'shop-drawers',
    name: 'Drawer unit for the workshop',
    kind: 'piece',
    readyMadePoints: 225,
    typicalHours: 12,
    sizeMm: size(500, 500, 750),
    joinery: ['screwed', 'rebate'],
    steps: steps(
      ['measure', 24],
      ['break-down-sheet', 12, stock(2440, 1220, 18), 1.5],
      ['join-case', 4, stock(600, 500, 18)],
      ['join-box', 16, stock(450, 140, 12)],
      ['fit-back', 8],
      ['check-square', 4],
      ['fit-drawer', 4],
      ['fit-hardware', 4],
      ['dress-edge', 6],
      ['sand-flat', 2],
      ['finish', 2]
    ),
    materials: [
      { material: 'plywood-18', quantity: 0.9 },
      { material: 'plywood-12', quantity: 0.6 },
      { material: 'plywood-6', quantity: 0.5 },
      { material: 'slides', quantity: 4 },
      { material: 'screws', quantity: 0.4 },
      { material: 'varnish', quantity: 0.3 }
    ]
  },
  {
    id: 'shoe-bench',
    name: 'Shoe bench, plywood',
    kind: 'piece',
    readyMadePoints: 135,
    typicalHours: 6.5,
    sizeMm: size(900, 350, 450),
    joinery: ['screwed', 'pocket'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 10],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['join-case', 6, stock(900, 350, 18)],
      ['join-shelf', 4, stock(860, 330, 18)],
      ['check-square', 1],
      ['dress-edge', 6],
      ['sand-flat', 2.4],
      ['finish', 2.6]
    ),
    materials: [
      { material: 'plywood-18', quantity: 0.7 },
      { material: 'edge-band', quantity: 6 },
      { material: 'screws', quantity: 0.3 },
      { material: 'glue', quantity: 0.2 },
      { material: 'varnish', quantity: 0.4 }
    ],
    why: 'Carries people: an upright in the middle under the seat.'
  },
  jig('push-stick-made', 'Push stick and block', {
    hours: 0.5,
    rows: [
      ['measure', 2],
      ['cut-curve', 0.8, stock(300, 120, 18)],
      ['sand-curve', 0.8],
      ['glue-up-block', 1, stock(250, 90, 36)]
    ],
    materials: [{ material: 'plywood-18', quantity: 0.05 }, glue]
  }),
  jig('featherboard-made', 'Featherboard', {
    hours: 0.8,
    rows: [
      ['measure', 2],
      ['crosscut-angle', 1, stock(400, 95, 20), 2],
      ['rip', 1.8, stock(150, 95, 20), 2],
      ['bore', 4],
      ['sand-curve', 0.4],
      ['trial', 1]
    ],
    materials: [{ material: 'softwood-narrow', quantity: 0.5 }]
  }),
  jig('zero-insert', 'Zero-clearance insert', {
    hours: 1,
    rows: [
      ['measure', 2],
      ['cut-curve', 0.8, stock(360, 95, 12), 1],
      ['sand-curve', 0.8],
      ['trim-flush', 0.8, stock(360, 95, 12)],
      ['trial', 1.6]
    ],
    materials: [{ material: 'plywood-12', quantity: 0.03 }],
    why: 'Raised through slowly, the insert held down; the slot for the riving knife is cut on.'
  }),
  jig('dust-adapter', 'Saw-to-vacuum adapter', {
    hours: 1,
    rows: [
      ['measure', 4],
      ['break-down-sheet', 2, stock(400, 300, 9), 3],
      ['bore-large', 1, stock(0, 60, 9)],
      ['countersink', 8],
      ['drive', 8],
      ['trial', 0.8]
    ],
    materials: [{ material: 'plywood-9', quantity: 0.15 }, screws]
  }),
  jig('cleat-wall', 'French-cleat tool wall', {
    hours: 6,
    rows: [
      ['measure', 20],
      ['break-down-sheet', 6, stock(2440, 1220, 18), 2],
      ['bevel-rip', 12, stock(1200, 90, 18), 3],
      ['countersink', 40],
      ['drive', 40],
      ['fix-to-wall', 16],
      ['trial', 2]
    ],
    materials: [
      { material: 'plywood-18', quantity: 1 },
      { material: 'screws', quantity: 0.4 },
      { material: 'wall-plugs', quantity: 0.3 }
    ],
    why: 'Strips sawn at 45°: what hangs on them can be moved without a tool.'
  }),
  jig('stop-fence-made', 'Mitre-saw fence with stop', {
    hours: 3,
    rows: [
      ['measure', 6],
      ['break-down-sheet', 3, stock(1220, 300, 18), 1.5],
      ['straighten-edge', 2.4, stock(1200, 90, 18), 0.8],
      ['countersink', 20],
      ['drive', 20],
      ['fit-hardware', 3],
      ['check-square', 1],
      ['trial', 3]
    ],
    materials: [ply, { material: 'screws', quantity: 0.2 }]
  }),
  jig('drum-table', 'Table for a sanding drum', {
    hours: 1,
    rows: [
      ['measure', 4],
      ['break-down-sheet', 2, stock(400, 300, 18), 2],
      ['bore-large', 1, stock(0, 60, 18)],
      ['countersink', 8],
      ['drive', 8],
      ['trial', 0.8]
    ],
    materials: [{ material: 'plywood-18', quantity: 0.1 }, screws]
  }),
  jig('assembly-table', 'Low assembly table', {
    hours: 6,
    rows: [
      ['measure', 14],
      ['break-down-sheet', 8, stock(2440, 1220, 18), 1.5],
      ['countersink', 60],
      ['drive', 60],
      ['check-square', 2],
      ['profile-edge', 4],
      ['finish', 1.8],
      ['trial', 2]
    ],
    materials: [{ material: 'plywood-18', quantity: 1.4 }, { material: 'screws', quantity: 0.5 }, glue],
    why: 'As flat as what is put together on it is to be.'
  }),
  jig('planing-stop', 'Planing stop', {
    hours: 0.6,
    rows: [
      ['measure', 2],
      ['crosscut', 2, stock(400, 145, 18), 2],
      ['countersink', 6],
      ['drive', 6],
      ['trial', 1]
    ],
    materials: [{ material: 'plywood-18', quantity: 0.05 }, screws]
  }),
  jig('hinge-template', 'Hinge template', {
    hours: 1,
    rows: [
      ['measure', 3],
      ['cut-inside', 0.2, stock(0, 60, 9)],
      ['sand-curve', 0.2],
      ['countersink', 4],
      ['drive', 4],
      ['trial', 2]
    ],
    materials: [{ material: 'plywood-9', quantity: 0.05 }, screws]
  }),
  jig('drawer-runner-jig', 'Spacers for drawer runners', {
    hours: 0.5,
    rows: [
      ['measure', 3],
      ['crosscut', 3, stock(450, 95, 18), 1],
      ['trial', 0.8]
    ],
    materials: [{ material: 'plywood-18', quantity: 0.05 }]
  }),
  jig('edge-fence', 'Straddling fence for tall stock', {
    hours: 2,
    rows: [
      ['measure', 5],
      ['break-down-sheet', 4, stock(600, 250, 18), 1],
      ['countersink', 14],
      ['drive', 14],
      ['glue-up-case', 1, stock(300, 250, 18)],
      ['check-square', 1],
      ['trial', 2]
    ],
    materials: [ply, half, screws, glue]
  })
]

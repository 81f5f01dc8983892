import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Larger pieces for the garden, from construction timber. Ready-made prices are those of a comparable solid piece; common practice. */
export const outdoors: readonly Template[] = [
  {
    id: 'raised-bed',
    name: 'Raised bed',
    kind: 'piece',
    readyMadePoints: 158,
    typicalHours: 4,
    sizeMm: size(2000, 1000, 450),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 12, stock(0, 145, 45), 3],
      ['crosscut', 14, stock(2000, 145, 45), 4],
      ['bore', 36],
      ['drive', 48],
      ['check-square', 1],
      ['tack', 30],
      ['finish', 2]
    ),
    materials: [
      { material: 'softwood-joist', quantity: 18 },
      { material: 'softwood-post', quantity: 2 },
      { material: 'screws', quantity: 0.8 },
      { material: 'brads', quantity: 0.2 },
      { material: 'paint-outdoor', quantity: 0.4 }
    ],
    why: 'Lined inside, so that wet earth does not lie on the wood; what treated timber gives off is not for food.'
  },
  {
    id: 'trestle-table',
    name: 'Trestle table, construction timber',
    kind: 'piece',
    readyMadePoints: 185,
    typicalHours: 8,
    sizeMm: size(2000, 800, 750),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 20],
      ['mark-angle', 8],
      ['crosscut-angle', 8, stock(760, 95, 45), 2],
      ['crosscut', 14, stock(2000, 145, 45), 2.5],
      ['join-legs', 8, stock(700, 95, 45)],
      ['countersink', 36],
      ['drive', 36],
      ['check-square', 1],
      ['profile-edge', 10],
      ['sand-flat', 3],
      ['finish', 3.6]
    ),
    materials: [
      { material: 'softwood-joist', quantity: 13 },
      { material: 'softwood-stud-95', quantity: 9 },
      { material: 'screws', quantity: 0.6 },
      { material: 'oil', quantity: 0.5 }
    ],
    why: 'Boards laid with a gap: nothing is glued across the grain, so nothing can crack.'
  },
  {
    id: 'garden-armchair',
    name: 'Slatted garden armchair',
    kind: 'piece',
    readyMadePoints: 165,
    typicalHours: 9,
    sizeMm: size(750, 850, 900),
    joinery: ['screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 22],
      ['mark-angle', 6],
      ['crosscut', 20, stock(900, 95, 20), 2],
      ['crosscut-angle', 6, stock(900, 95, 45), 2],
      ['cut-curve', 1.6, stock(800, 145, 45)],
      ['join-seat', 8, stock(600, 95, 45)],
      ['countersink', 44],
      ['drive', 44],
      ['profile-edge', 14],
      ['sand-flat', 1.6],
      ['finish', 3]
    ),
    materials: [
      { material: 'softwood-stud-95', quantity: 8 },
      { material: 'softwood-narrow', quantity: 14 },
      { material: 'bolts', quantity: 1 },
      { material: 'screws', quantity: 0.6 },
      { material: 'paint-outdoor', quantity: 0.5 }
    ],
    why: 'Carries people: bolted through at the seat, and no end grain left standing in water.'
  },
  {
    id: 'garden-gate',
    name: 'Garden gate',
    kind: 'piece',
    readyMadePoints: 125,
    typicalHours: 5,
    sizeMm: size(1000, 1000, 70),
    joinery: ['screwed', 'half-lap'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 12, stock(0, 95, 20), 2],
      ['crosscut', 14, stock(1000, 95, 20), 3],
      ['mark-angle', 2],
      ['crosscut-angle', 2, stock(1200, 95, 45), 2],
      ['join-frame', 6, stock(1000, 95, 45)],
      ['bore', 28],
      ['drive', 40],
      ['check-square', 1],
      ['fit-hardware', 4],
      ['finish', 2.4]
    ),
    materials: [
      { material: 'softwood-narrow', quantity: 11 },
      { material: 'softwood-stud-95', quantity: 4.5 },
      { material: 'screws', quantity: 0.5 },
      { material: 'hinges', quantity: 2 },
      { material: 'paint-outdoor', quantity: 0.5 }
    ],
    why: 'The brace runs up from the lower hinge, so that it is pressed and not pulled.'
  },
  {
    id: 'fence-panel',
    name: 'Fence panel',
    kind: 'piece',
    readyMadePoints: 95,
    typicalHours: 3.5,
    sizeMm: size(1800, 1800, 60),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 10],
      ['crosscut', 22, stock(1800, 95, 20), 4],
      ['mark-square', 20, stock(0, 95, 20), 4],
      ['drive', 66],
      ['bore', 20],
      ['check-square', 1],
      ['finish', 3]
    ),
    materials: [
      { material: 'softwood-narrow', quantity: 22 },
      { material: 'softwood-stud', quantity: 5.4 },
      { material: 'screws', quantity: 0.7 },
      { material: 'paint-outdoor', quantity: 0.4 }
    ]
  },
  {
    id: 'picnic-table',
    name: 'Picnic table with benches',
    kind: 'piece',
    readyMadePoints: 240,
    typicalHours: 9,
    sizeMm: size(1800, 1500, 750),
    joinery: ['screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 24],
      ['mark-angle', 8],
      ['crosscut-angle', 8, stock(900, 145, 45), 2],
      ['crosscut', 16, stock(1800, 145, 45), 3],
      ['join-seat', 10, stock(1500, 145, 45)],
      ['countersink', 40],
      ['drive', 40],
      ['check-square', 1],
      ['profile-edge', 14],
      ['sand-flat', 2.6],
      ['finish', 4.5]
    ),
    materials: [
      { material: 'softwood-joist', quantity: 26 },
      { material: 'bolts', quantity: 1.4 },
      { material: 'screws', quantity: 0.5 },
      { material: 'oil', quantity: 0.6 }
    ],
    why: 'Carries people: bolts where legs and bearers cross.'
  },
  {
    id: 'dog-house',
    name: 'Dog house',
    kind: 'piece',
    readyMadePoints: 170,
    typicalHours: 8,
    sizeMm: size(1000, 800, 900),
    joinery: ['screwed', 'nailed'],
    steps: steps(
      ['measure', 20],
      ['break-down-sheet', 8, stock(2440, 1220, 12), 2],
      ['crosscut', 14, stock(1000, 45, 45), 2.5],
      ['cut-inside', 1.6, stock(0, 350, 12)],
      ['bevel-rip', 2, stock(1000, 500, 12), 3],
      ['join-case', 6, stock(1000, 600, 12)],
      ['countersink', 40],
      ['drive', 40],
      ['fit-hardware', 2],
      ['sand-flat', 1.2],
      ['finish', 5]
    ),
    materials: [
      { material: 'plywood-12', quantity: 1.6 },
      { material: 'softwood-square', quantity: 9 },
      { material: 'screws', quantity: 0.6 },
      { material: 'paint-outdoor', quantity: 0.9 }
    ]
  },
  {
    id: 'log-store',
    name: 'Firewood store',
    kind: 'piece',
    readyMadePoints: 150,
    typicalHours: 5,
    sizeMm: size(1500, 600, 1500),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 18],
      ['crosscut', 30, stock(1500, 95, 20), 4],
      ['crosscut-angle', 4, stock(1500, 70, 45), 3],
      ['mark-square', 24, stock(0, 95, 20), 3],
      ['bore', 40],
      ['drive', 70],
      ['check-square', 1],
      ['finish', 2.5]
    ),
    materials: [
      { material: 'softwood-narrow', quantity: 26 },
      { material: 'softwood-stud', quantity: 12 },
      { material: 'screws', quantity: 0.8 },
      { material: 'paint-outdoor', quantity: 0.5 }
    ]
  }
]

import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** For the garden. Ready-made prices are those of a comparable solid piece; common practice. */
export const garden: readonly Template[] = [
  {
    id: 'bird-box',
    name: 'Bird box',
    kind: 'piece',
    readyMadePoints: 26,
    typicalHours: 1.5,
    sizeMm: size(150, 150, 300),
    joinery: ['nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 20), 2],
      ['crosscut', 6, stock(300, 145, 20), 3],
      ['bore', 2],
      ['bore-large', 1, stock(0, 32, 20)],
      ['tack', 18, stock(0, 145, 20)],
      ['profile-edge', 1.5],
      ['finish', 0.3]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1.6 },
      { material: 'brads', quantity: 0.2 },
      { material: 'paint-outdoor', quantity: 0.1 }
    ]
  },
  {
    id: 'potting-bench',
    name: 'Potting bench',
    kind: 'piece',
    readyMadePoints: 165,
    typicalHours: 7,
    sizeMm: size(1200, 550, 1400),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 24],
      ['mark-square', 24, stock(0, 145, 45), 2],
      ['crosscut', 24, stock(1200, 90, 45), 3],
      ['rip', 3.6, stock(1200, 100, 20), 3],
      ['bore', 40],
      ['drive', 70],
      ['sand-flat', 1.6],
      ['check-square', 1],
      ['profile-edge', 6],
      ['finish', 3]
    ),
    materials: [
      { material: 'softwood-stud-95', quantity: 14 },
      { material: 'softwood-board', quantity: 10 },
      { material: 'screws', quantity: 1.2 },
      { material: 'paint-outdoor', quantity: 0.7 }
    ]
  },
  {
    id: 'cold-frame',
    name: 'Cold frame',
    kind: 'piece',
    readyMadePoints: 132,
    typicalHours: 5,
    sizeMm: size(1200, 800, 400),
    joinery: ['pocket', 'screwed'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 10, stock(0, 240, 20), 1.5],
      ['crosscut', 12, stock(1200, 245, 20), 2],
      ['rip', 2.4, stock(1200, 145, 20), 2],
      ['join-frame', 4, stock(800, 70, 20)],
      ['bore', 16],
      ['drive', 36],
      ['hang', 2],
      ['finish', 2]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 7 },
      { material: 'softwood-batten', quantity: 6 },
      { material: 'polycarbonate', quantity: 1 },
      { material: 'screws', quantity: 0.6 },
      { material: 'pocket-screws', quantity: 0.2 },
      { material: 'hinges', quantity: 1 },
      { material: 'paint-outdoor', quantity: 0.4 }
    ]
  },
  {
    id: 'hive-box',
    name: 'Hive box',
    kind: 'piece',
    readyMadePoints: 46,
    typicalHours: 3,
    sizeMm: size(500, 420, 240),
    joinery: ['rebate', 'box-joint'],
    steps: steps(
      ['measure', 4],
      ['mark-square', 4, stock(0, 240, 20), 1],
      ['crosscut', 4, stock(500, 245, 20), 1.5],
      ['join-box', 4, stock(500, 245, 20)],
      ['recess', 0.8],
      ['sand-flat', 0.4],
      ['finish', 0.6]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 2 },
      { material: 'glue-outdoor', quantity: 0.2 },
      { material: 'paint-outdoor', quantity: 0.1 }
    ]
  },
  {
    id: 'shed-door',
    name: 'Shed door',
    kind: 'piece',
    readyMadePoints: 150,
    typicalHours: 5.5,
    sizeMm: size(1950, 800, 65),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 10, stock(0, 145, 20), 2],
      ['mark-angle', 4],
      ['crosscut', 12, stock(1950, 145, 20), 3],
      ['rip', 3.9, stock(1950, 120, 20), 3],
      ['bore', 40],
      ['drive', 60],
      ['fit-hardware', 4],
      ['check-square', 1],
      ['finish', 3.5]
    ),
    materials: [
      { material: 'softwood-board', quantity: 14 },
      { material: 'softwood-stud', quantity: 6 },
      { material: 'screws', quantity: 1 },
      { material: 'hinges', quantity: 2 },
      { material: 'paint-outdoor', quantity: 0.8 }
    ]
  },
  {
    id: 'garden-bench',
    name: 'Garden bench',
    kind: 'piece',
    readyMadePoints: 330,
    typicalHours: 18,
    sizeMm: size(1300, 550, 850),
    joinery: ['mortise-tenon', 'screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 26],
      ['mark-square', 26, stock(0, 95, 45), 1.2],
      ['crosscut', 26, stock(1300, 95, 45), 1.8],
      ['join-seat', 12, stock(700, 95, 45)],
      ['countersink', 40],
      ['drive', 40],
      ['profile-edge', 16],
      ['sand-flat', 2.5],
      ['finish', 3.5]
    ),
    materials: [
      { material: 'softwood-stud-95', quantity: 22 },
      { material: 'screws', quantity: 0.6 },
      { material: 'glue-outdoor', quantity: 0.6 },
      { material: 'oil', quantity: 0.6 }
    ],
    why: 'Carries people, and stands in the rain: outdoor glue, no end grain on the ground.'
  },
  {
    id: 'planter',
    name: 'Garden planter',
    kind: 'piece',
    readyMadePoints: 85,
    typicalHours: 4,
    sizeMm: size(800, 350, 400),
    joinery: ['screwed', 'half-lap'],
    steps: steps(
      ['measure', 16],
      ['mark-square', 14, stock(0, 145, 25), 2],
      ['crosscut', 16, stock(800, 145, 25), 2.5],
      ['join-frame', 8, stock(350, 70, 45)],
      ['countersink', 32],
      ['drive', 32],
      ['bore', 6],
      ['finish', 1.8]
    ),
    materials: [
      { material: 'softwood-board', quantity: 9 },
      { material: 'softwood-stud', quantity: 2 },
      { material: 'screws', quantity: 0.5 },
      { material: 'oil', quantity: 0.3 }
    ]
  },
  {
    id: 'window-box',
    name: 'Window box',
    kind: 'piece',
    readyMadePoints: 48,
    typicalHours: 2.5,
    sizeMm: size(900, 200, 180),
    joinery: ['screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 195, 20), 2],
      ['crosscut', 5, stock(900, 195, 20), 2.5],
      ['bore', 5],
      ['countersink', 16],
      ['drive', 16],
      ['profile-edge', 2],
      ['finish', 0.9],
      ['fix-to-wall', 3, stock(0, 0, 40)]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 3 },
      { material: 'screws', quantity: 0.3 },
      { material: 'paint-outdoor', quantity: 0.2 }
    ],
    why: 'Wet earth is heavy: brackets into masonry, and nobody sits under it.'
  },
  {
    id: 'compost-bin',
    name: 'Compost bin',
    kind: 'piece',
    readyMadePoints: 115,
    typicalHours: 4,
    sizeMm: size(1000, 1000, 900),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 40],
      ['crosscut', 28, stock(1000, 145, 20), 4],
      ['rip', 4, stock(900, 45, 45), 3],
      ['bore', 56],
      ['drive', 56],
      ['check-square', 1]
    ),
    materials: [
      { material: 'softwood-board', quantity: 24 },
      { material: 'softwood-stud', quantity: 5 },
      { material: 'screws', quantity: 0.8 }
    ]
  },
  {
    id: 'trellis',
    name: 'Trellis',
    kind: 'piece',
    readyMadePoints: 70,
    typicalHours: 5.5,
    sizeMm: size(1800, 900, 40),
    joinery: ['half-lap', 'screwed'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 24, stock(0, 45, 20), 1.5],
      ['crosscut', 12, stock(1800, 45, 20), 2.5],
      ['join-frame', 16, stock(900, 45, 20)],
      ['finish', 1.4],
      ['fix-to-wall', 4]
    ),
    materials: [
      { material: 'softwood-batten', quantity: 18 },
      { material: 'brads', quantity: 0.3 },
      { material: 'paint-outdoor', quantity: 0.3 }
    ]
  }
]

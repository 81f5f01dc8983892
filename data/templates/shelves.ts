import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Shelves, racks and rails. Ready-made prices are those of a comparable solid piece; common practice. */
export const shelves: readonly Template[] = [
  {
    id: 'peg-rail',
    name: 'Peg rail',
    kind: 'piece',
    readyMadePoints: 34,
    typicalHours: 1.8,
    sizeMm: size(900, 95, 60),
    joinery: [],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 5],
      ['mark-square', 2, stock(0, 145, 20), 1.5],
      ['crosscut', 1, stock(900, 145, 20), 2],
      ['rip', 0.9, stock(900, 95, 20), 2],
      ['bore-square', 5],
      ['profile-edge', 2],
      ['sand-flat', 0.25],
      ['finish', 0.25],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1 },
      { material: 'pegs', quantity: 0.5 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'picture-ledge',
    name: 'Picture ledge',
    kind: 'piece',
    readyMadePoints: 38,
    typicalHours: 2.5,
    sizeMm: size(700, 95, 80),
    joinery: ['screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 3],
      ['mark-square', 3, stock(0, 95, 20), 1],
      ['crosscut', 3, stock(700, 95, 20), 1.5],
      ['join-shelf', 4, stock(700, 95, 20)],
      ['profile-edge', 2],
      ['make-smooth', 0.25],
      ['finish', 0.25],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1.6 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'coat-bench',
    name: 'Coat bench',
    kind: 'piece',
    readyMadePoints: 230,
    typicalHours: 10,
    sizeMm: size(1100, 400, 450),
    joinery: ['pocket', 'screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 16],
      ['break-down-sheet', 5, stock(2440, 1220, 18), 1.8],
      ['mark-square', 14, stock(0, 145, 20), 1.5],
      ['crosscut', 10, stock(1100, 145, 20), 2],
      ['join-case', 14, stock(1100, 400, 18)],
      ['bore', 24],
      ['drive', 24],
      ['profile-edge', 8],
      ['sand-flat', 3],
      ['finish', 3]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1 },
      { material: 'softwood-board', quantity: 5 },
      { material: 'pocket-screws', quantity: 0.6 },
      { material: 'screws', quantity: 0.3 },
      { material: 'glue', quantity: 0.4 },
      { material: 'varnish', quantity: 0.6 }
    ]
  },
  {
    id: 'toy-shelf',
    name: 'Toy shelves',
    kind: 'piece',
    readyMadePoints: 220,
    typicalHours: 9.5,
    sizeMm: size(1200, 300, 900),
    joinery: ['screwed', 'dado'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 12],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['join-case', 4, stock(1200, 300, 18)],
      ['join-shelf', 8, stock(1200, 300, 18)],
      ['check-square', 1],
      ['dress-edge', 9],
      ['sand-flat', 4],
      ['finish', 4],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1.5 },
      { material: 'screws', quantity: 0.3 },
      { material: 'glue', quantity: 0.4 },
      { material: 'varnish', quantity: 0.8 }
    ],
    why: 'Fix it to the wall: shelves get climbed.'
  },
  {
    id: 'floating-shelf',
    name: 'Floating shelf',
    kind: 'piece',
    readyMadePoints: 54,
    typicalHours: 3,
    sizeMm: size(900, 220, 40),
    joinery: ['laminated'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 4],
      ['crosscut', 3, stock(900, 220, 20), 1.5],
      ['glue-up-block', 1, stock(900, 220, 40)],
      ['bore-large', 2, stock(0, 16, 40)],
      ['straighten-edge', 1.8, stock(900, 220, 40), 1],
      ['profile-edge', 2.2],
      ['sand-flat', 0.5],
      ['finish', 0.6],
      ['fix-to-wall', 3, stock(0, 0, 40)]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 1.9 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.06 }
    ],
    why: 'Its rods carry the load: into studs or sound masonry only.'
  },
  {
    id: 'bookcase',
    name: 'Bookcase, plywood',
    kind: 'piece',
    readyMadePoints: 260,
    typicalHours: 11,
    sizeMm: size(800, 300, 1800),
    joinery: ['screwed', 'dado'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 12],
      ['break-down-sheet', 8, stock(2440, 1220, 18), 1.5],
      ['join-case', 4, stock(800, 300, 18)],
      ['join-shelf', 8, stock(800, 300, 18)],
      ['dress-edge', 9],
      ['check-square', 1],
      ['fit-back', 5.2],
      ['sand-flat', 5],
      ['finish', 5],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1.6 },
      { material: 'plywood-6', quantity: 1 },
      { material: 'edge-band', quantity: 9 },
      { material: 'brads', quantity: 0.2 },
      { material: 'glue', quantity: 0.4 },
      { material: 'varnish', quantity: 0.7 }
    ],
    why: 'Tall and narrow: fix it to the wall.'
  },
  {
    id: 'bookcase-solid',
    name: 'Bookcase, solid wood',
    kind: 'piece',
    readyMadePoints: 420,
    typicalHours: 20,
    sizeMm: size(800, 280, 1200),
    joinery: ['dado', 'edge-glue'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 12],
      ['prepare-boards', 3.2, stock(1200, 145, 22)],
      ['mark-square', 12, stock(0, 145, 22), 1],
      ['crosscut', 12, stock(1200, 145, 22), 1.5],
      ['straighten-edge', 14, stock(1200, 145, 22), 1],
      ['glue-up-panel', 6, stock(1200, 290, 22)],
      ['flatten-panel', 2, stock(1200, 290, 22)],
      ['join-case', 4, stock(800, 280, 22)],
      ['join-shelf', 6, stock(800, 280, 22)],
      ['check-square', 1],
      ['fit-back', 4],
      ['sand-flat', 4],
      ['finish', 5],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 22 },
      { material: 'plywood-6', quantity: 0.7 },
      { material: 'glue', quantity: 0.6 },
      { material: 'oil', quantity: 0.6 }
    ],
    why: 'Shelves run with their grain along, sides with theirs up: both move in depth together.'
  },
  {
    id: 'shoe-rack',
    name: 'Shoe rack',
    kind: 'piece',
    readyMadePoints: 90,
    typicalHours: 7,
    sizeMm: size(800, 320, 450),
    joinery: ['dowel', 'screwed'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 14, stock(0, 45, 20), 1],
      ['crosscut', 14, stock(800, 45, 20), 1.5],
      ['join-frame', 16, stock(800, 45, 20)],
      ['profile-edge', 4],
      ['sand-flat', 1.4],
      ['finish', 1.6]
    ),
    materials: [
      { material: 'softwood-batten', quantity: 12 },
      { material: 'dowels', quantity: 1 },
      { material: 'glue', quantity: 0.2 },
      { material: 'varnish', quantity: 0.2 }
    ]
  },
  {
    id: 'fitted-shelf',
    name: 'Skirting and shelf fitted round a pipe',
    kind: 'piece',
    readyMadePoints: 58,
    typicalHours: 3,
    sizeMm: size(1200, 250, 90),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 6],
      ['lay-out-curve', 3, stock(0, 120), 1],
      ['crosscut', 6, stock(1200, 90, 18), 1.8],
      ['crosscut-angle', 4, stock(1200, 90, 18), 1],
      ['cut-inside', 0.4, stock(0, 250, 18)],
      ['bore-large', 2, stock(0, 60, 18)],
      ['countersink', 10],
      ['drive', 10],
      ['fill', 10],
      ['sand-flat', 0.4],
      ['finish', 0.6]
    ),
    materials: [
      { material: 'softwood-board', quantity: 5 },
      { material: 'screws', quantity: 0.2 },
      { material: 'paint-outdoor', quantity: 0.2 }
    ]
  }
]

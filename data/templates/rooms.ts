import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** For bedroom, living room, kitchen and children. Ready-made prices are those of a comparable solid piece; common practice. */
export const rooms: readonly Template[] = [
  {
    id: 'bed-frame',
    name: 'Bed frame, 1.4 m wide',
    kind: 'piece',
    readyMadePoints: 360,
    typicalHours: 18,
    sizeMm: size(2050, 1450, 400),
    joinery: ['screwed', 'loose-tenon'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 24],
      ['mark-square', 20, stock(0, 145, 45), 1.5],
      ['crosscut', 26, stock(2000, 145, 45), 2],
      ['glue-up-block', 4, stock(400, 90, 90)],
      ['join-seat', 8, stock(1450, 145, 45)],
      ['bore', 20],
      ['fit-hardware', 10],
      ['drive', 48],
      ['check-square', 1],
      ['profile-edge', 20],
      ['sand-flat', 4.5],
      ['finish', 5]
    ),
    materials: [
      { material: 'softwood-joist', quantity: 10 },
      { material: 'softwood-stud-95', quantity: 8 },
      { material: 'softwood-strip', quantity: 20 },
      { material: 'bolts', quantity: 1.5 },
      { material: 'screws', quantity: 0.5 },
      { material: 'glue', quantity: 0.5 },
      { material: 'oil', quantity: 0.6 }
    ],
    why: 'Carries people, and has to come apart for the stairs: bolts at the corners.'
  },
  {
    id: 'headboard',
    name: 'Headboard',
    kind: 'piece',
    readyMadePoints: 120,
    typicalHours: 6,
    sizeMm: size(1500, 60, 1000),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 12, stock(0, 145, 20), 1.5],
      ['crosscut', 12, stock(1500, 145, 20), 2],
      ['join-frame', 6, stock(1000, 95, 20)],
      ['drive', 24],
      ['countersink', 24],
      ['profile-edge', 10],
      ['sand-flat', 2.6],
      ['finish', 3]
    ),
    materials: [
      { material: 'softwood-board', quantity: 10 },
      { material: 'softwood-narrow', quantity: 4 },
      { material: 'screws', quantity: 0.3 },
      { material: 'oil', quantity: 0.3 }
    ]
  },
  {
    id: 'console-table',
    name: 'Console table',
    kind: 'piece',
    readyMadePoints: 190,
    typicalHours: 11,
    sizeMm: size(1100, 320, 800),
    joinery: ['dowel', 'edge-glue'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 14, stock(0, 95, 20), 1],
      ['crosscut', 14, stock(1100, 95, 20), 1.5],
      ['straighten-edge', 4.4, stock(1100, 145, 20), 1],
      ['glue-up-panel', 2, stock(1100, 320, 20)],
      ['flatten-panel', 0.7, stock(1100, 320, 20)],
      ['join-legs', 8, stock(320, 95, 20)],
      ['check-square', 1],
      ['profile-edge', 7],
      ['sand-flat', 2.4],
      ['finish', 2.6]
    ),
    materials: [
      { material: 'softwood-board', quantity: 6 },
      { material: 'softwood-narrow', quantity: 3 },
      { material: 'softwood-square', quantity: 3.4 },
      { material: 'dowels', quantity: 0.5 },
      { material: 'glue', quantity: 0.4 },
      { material: 'oil', quantity: 0.3 }
    ],
    why: 'Tops move across the grain: buttons or slotted holes, not rigid battens.'
  },
  {
    id: 'media-stand',
    name: 'Media stand',
    kind: 'piece',
    readyMadePoints: 270,
    typicalHours: 13,
    sizeMm: size(1500, 420, 500),
    joinery: ['screwed', 'pocket'],
    steps: steps(
      ['measure', 14],
      ['break-down-sheet', 10, stock(2440, 1220, 18), 1.5],
      ['join-case', 6, stock(1200, 420, 18)],
      ['join-shelf', 6, stock(700, 400, 18)],
      ['check-square', 1],
      ['fit-back', 3.8],
      ['bore-large', 3, stock(0, 32, 18)],
      ['dress-edge', 9],
      ['hang', 4],
      ['fit-hardware', 4],
      ['sand-flat', 4],
      ['finish', 4.4]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1.6 },
      { material: 'plywood-6', quantity: 0.5 },
      { material: 'edge-band', quantity: 9 },
      { material: 'screws', quantity: 0.3 },
      { material: 'hinges', quantity: 2 },
      { material: 'varnish', quantity: 0.7 }
    ]
  },
  {
    id: 'kitchen-chair',
    name: 'Kitchen chair',
    kind: 'piece',
    readyMadePoints: 210,
    typicalHours: 16,
    sizeMm: size(420, 460, 850),
    joinery: ['loose-tenon', 'mortise-tenon'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 16],
      ['mark-angle', 6],
      ['mark-square', 14, stock(0, 60, 40), 1],
      ['cut-curve', 3.4, stock(850, 100, 40), 2],
      ['crosscut', 14, stock(850, 60, 40), 1.2],
      ['join-seat', 12, stock(400, 60, 40)],
      ['glue-up-panel', 1, stock(420, 420, 22)],
      ['shape-round', 2, stock(400, 60, 40)],
      ['sand-curve', 5],
      ['sand-flat', 1],
      ['finish', 1.5]
    ),
    materials: [
      { material: 'hardwood-thick', quantity: 3.4 },
      { material: 'hardwood-board', quantity: 1.6 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.2 }
    ],
    why: 'The hardest thing to stand up to a person leaning back: real joints, grain along the legs.'
  }
]

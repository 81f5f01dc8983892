import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Tables and seats. Ready-made prices are those of a comparable solid piece; common practice. */
export const tables: readonly Template[] = [
  {
    id: 'step-stool',
    name: 'Step stool',
    kind: 'piece',
    readyMadePoints: 60,
    typicalHours: 3,
    sizeMm: size(400, 250, 240),
    joinery: ['screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 7],
      ['mark-square', 7, stock(0, 240, 20), 1.2],
      ['crosscut', 7, stock(400, 245, 20), 1.7],
      ['join-case', 6, stock(400, 245, 20)],
      ['bore', 8],
      ['drive', 8],
      ['profile-edge', 3],
      ['sand-flat', 0.6],
      ['finish', 0.6]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 2.2 },
      { material: 'screws', quantity: 0.3 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.1 }
    ]
  },
  {
    id: 'low-bench',
    name: 'Low bench',
    kind: 'piece',
    readyMadePoints: 115,
    typicalHours: 6,
    sizeMm: size(1000, 300, 400),
    joinery: ['mortise-tenon', 'screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 40), 1],
      ['crosscut', 6, stock(1000, 145, 40), 1.7],
      ['join-seat', 4, stock(300, 145, 40)],
      ['make-smooth', 0.8],
      ['profile-edge', 4],
      ['finish', 1]
    ),
    materials: [
      { material: 'softwood-joist', quantity: 4.2 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.15 }
    ],
    why: 'Carries people: mortise and tenon, not pocket screws.'
  },
  {
    id: 'plant-stand',
    name: 'Plant stand',
    kind: 'piece',
    readyMadePoints: 72,
    typicalHours: 4.5,
    sizeMm: size(350, 350, 500),
    joinery: ['dowel', 'screwed'],
    steps: steps(
      ['measure', 8],
      ['mark-square', 8, stock(0, 45, 20), 1],
      ['crosscut', 8, stock(500, 45, 20), 1.5],
      ['join-legs', 8, stock(350, 45, 20)],
      ['make-smooth', 0.3],
      ['finish', 0.4]
    ),
    materials: [
      { material: 'softwood-batten', quantity: 5 },
      { material: 'dowels', quantity: 0.4 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.06 }
    ]
  },
  {
    id: 'bedside-table',
    name: 'Bedside table',
    kind: 'piece',
    readyMadePoints: 190,
    typicalHours: 14,
    sizeMm: size(420, 380, 550),
    joinery: ['loose-tenon', 'edge-glue'],
    steps: steps(
      ['measure', 16],
      ['mark-square', 16, stock(0, 90, 22), 1],
      ['crosscut', 16, stock(550, 45, 45), 1.2],
      ['join-legs', 8, stock(420, 90, 22)],
      ['glue-up-panel', 1, stock(420, 380, 22)],
      ['flatten-panel', 0.3, stock(420, 380, 22)],
      ['profile-edge', 4],
      ['sand-flat', 1.6],
      ['finish', 1.8]
    ),
    materials: [
      { material: 'hardwood-square', quantity: 2.4 },
      { material: 'hardwood-board', quantity: 5 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.2 }
    ]
  },
  {
    id: 'side-table',
    name: 'Side table with a drawer',
    kind: 'piece',
    readyMadePoints: 300,
    typicalHours: 20,
    sizeMm: size(500, 450, 620),
    joinery: ['mortise-tenon', 'dovetail', 'edge-glue'],
    steps: steps(
      ['measure', 20],
      ['mark-square', 20, stock(0, 100, 22), 1],
      ['crosscut', 20, stock(620, 45, 45), 1.2],
      ['join-legs', 8, stock(450, 100, 22)],
      ['join-box', 4, stock(400, 90, 14)],
      ['fit-back', 1.6],
      ['glue-up-panel', 1, stock(500, 450, 22)],
      ['flatten-panel', 0.45, stock(500, 450, 22)],
      ['fit-drawer', 1],
      ['fit-hardware', 1],
      ['make-smooth', 1.4, stock(0, 100)],
      ['finish', 2]
    ),
    materials: [
      { material: 'hardwood-square', quantity: 2.8 },
      { material: 'hardwood-board', quantity: 7 },
      { material: 'plywood-6', quantity: 0.2 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.2 }
    ],
    why: 'The top moves: hold it with buttons or slotted screws, not rigidly.'
  },
  {
    id: 'narrow-table',
    name: 'Narrow hall table',
    kind: 'piece',
    readyMadePoints: 94,
    typicalHours: 4,
    sizeMm: size(900, 280, 800),
    joinery: ['pocket', 'screwed'],
    steps: steps(
      ['measure', 10],
      ['mark-square', 10, stock(0, 90, 20), 1],
      ['crosscut', 10, stock(900, 90, 20), 1.5],
      ['join-legs', 8, stock(280, 90, 20)],
      ['bore', 8],
      ['drive', 8],
      ['profile-edge', 3],
      ['sand-flat', 1.4],
      ['finish', 1.4]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 2 },
      { material: 'softwood-narrow', quantity: 2.6 },
      { material: 'softwood-square', quantity: 3.4 },
      { material: 'screws', quantity: 0.2 },
      { material: 'glue', quantity: 0.2 },
      { material: 'varnish', quantity: 0.3 }
    ],
    why: 'The piece for a first sale: short cuts, four legs, no drawer.'
  },
  {
    id: 'coffee-table',
    name: 'Coffee table',
    kind: 'piece',
    readyMadePoints: 340,
    typicalHours: 18,
    sizeMm: size(1100, 600, 430),
    joinery: ['mortise-tenon', 'edge-glue'],
    steps: steps(
      ['measure', 14],
      ['prepare-boards', 1.9, stock(1100, 120, 22)],
      ['mark-square', 14, stock(0, 120, 22), 1],
      ['crosscut', 14, stock(1100, 120, 22), 1.5],
      ['glue-up-panel', 1, stock(1100, 600, 22)],
      ['flatten-panel', 1.3, stock(1100, 600, 22)],
      ['join-legs', 8, stock(600, 90, 22)],
      ['profile-edge', 6],
      ['sand-flat', 2.2],
      ['finish', 2.4]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 16 },
      { material: 'glue', quantity: 0.5 },
      { material: 'oil', quantity: 0.3 }
    ],
    why: 'The top moves some millimetres a year across its width: fix it so that it can.'
  },
  {
    id: 'dining-table',
    name: 'Dining table',
    kind: 'piece',
    readyMadePoints: 840,
    typicalHours: 38,
    sizeMm: size(1800, 850, 750),
    joinery: ['mortise-tenon', 'edge-glue', 'laminated'],
    steps: steps(
      ['check-moisture', 1],
      ['measure', 22],
      ['prepare-boards', 5.5, stock(1900, 150, 30)],
      ['mark-square', 22, stock(0, 150, 30), 1],
      ['crosscut', 18, stock(1900, 150, 30), 1.5],
      ['glue-up-block', 4, stock(750, 80, 80)],
      ['glue-up-panel', 1, stock(1800, 850, 30)],
      ['flatten-panel', 3.2, stock(1800, 850, 30)],
      ['join-legs', 8, stock(850, 110, 30)],
      ['check-square', 1],
      ['profile-edge', 10],
      ['sand-flat', 5],
      ['finish', 5.5]
    ),
    materials: [
      { material: 'hardwood-rough-40', quantity: 22 },
      { material: 'hardwood-rough', quantity: 10 },
      { material: 'glue', quantity: 1.4 },
      { material: 'oil', quantity: 0.8 }
    ],
    why: 'A top this wide moves by several millimetres: buttons or slots, never rigid battens. Tables carry load: real joints.'
  },
  {
    id: 'stool',
    name: 'Kitchen stool',
    kind: 'piece',
    readyMadePoints: 130,
    typicalHours: 9,
    sizeMm: size(360, 360, 460),
    joinery: ['loose-tenon', 'mortise-tenon'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 9],
      ['mark-angle', 8],
      ['crosscut-angle', 8, stock(460, 60, 35), 1.4],
      ['join-seat', 8, stock(360, 60, 35)],
      ['lay-out-curve', 1, stock(0, 360)],
      ['cut-curve', 1.1, stock(360, 360, 30), 1.5, 'clean'],
      ['shape-round', 1.2, stock(400, 30, 30)],
      ['profile-edge', 3],
      ['sand-flat', 0.5],
      ['finish', 0.8]
    ),
    materials: [
      { material: 'hardwood-thick', quantity: 1.2 },
      { material: 'hardwood-board', quantity: 1 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.1 }
    ],
    why: 'Carries people: mortise and tenon or loose tenons, not screws into end grain.'
  },
  {
    id: 'round-table-top',
    name: 'Round table top',
    kind: 'piece',
    readyMadePoints: 135,
    typicalHours: 6,
    sizeMm: size(700, 700, 27),
    joinery: ['edge-glue'],
    steps: steps(
      ['measure', 6],
      ['prepare-boards', 0.7, stock(720, 120, 27)],
      ['crosscut', 6, stock(720, 120, 27), 2],
      ['glue-up-panel', 1, stock(720, 700, 27)],
      ['flatten-panel', 1, stock(720, 700, 27)],
      ['lay-out-curve', 1, stock(0, 700)],
      ['cut-curve', 2.2, stock(700, 700, 27), 1.5, 'clean'],
      ['profile-edge', 2.2],
      ['sand-flat', 1],
      ['finish', 1.1]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 7 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.15 }
    ],
    why: 'Its legs must let it move across the grain.'
  }
]

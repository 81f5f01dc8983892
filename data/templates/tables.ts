import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Tables and seats. Ready-made prices are those of a comparable solid piece; common practice. */
export const tables: readonly Template[] = [
  {
    id: 'step-stool',
    name: 'Step stool',
    kind: 'piece',
    readyMadePoints: 75,
    typicalHours: 2.5,
    sizeMm: size(400, 250, 240),
    joinery: ['screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 7],
      ['mark-square', 7, stock(0, 245, 20), 1.2],
      ['mark-angle', 4],
      ['crosscut', 7, stock(400, 245, 20), 1.7],
      ['cut-curve', 0.6, stock(0, 245, 20)],
      ['bore', 10],
      ['drive', 20],
      ['glue-up-case', 1, stock(400)],
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
    readyMadePoints: 190,
    typicalHours: 7.5,
    sizeMm: size(1000, 300, 400),
    joinery: ['mortise-tenon'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 40), 0.8],
      ['crosscut', 6, stock(1000, 145, 40), 1.5],
      ['cut-mortise', 4, stock(0, 145, 40)],
      ['pare', 4],
      ['sharpen', 3],
      ['smooth', 0.8],
      ['profile-edge', 4],
      ['finish', 1]
    ),
    materials: [
      { material: 'softwood-stud', quantity: 7 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.15 }
    ],
    why: 'Carries people: mortise and tenon, not pocket screws.'
  },
  {
    id: 'plant-stand',
    name: 'Plant stand',
    kind: 'piece',
    readyMadePoints: 80,
    typicalHours: 2,
    sizeMm: size(350, 350, 500),
    joinery: ['dowel'],
    steps: steps(
      ['measure', 8],
      ['mark-square', 8, stock(0, 45, 20), 1],
      ['crosscut', 8, stock(500, 45, 20), 1.5],
      ['bore-square', 8],
      ['join-dowel', 4],
      ['smooth', 0.3],
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
      ['mark-square', 16, stock(0, 90, 22), 0.7],
      ['crosscut', 16, stock(550, 45, 45), 0.9],
      ['rip', 4, stock(550, 45, 45), 0.9, 'clean'],
      ['taper', 2, stock(500, 45, 45)],
      ['join-loose-tenon', 8, stock(0, 90, 22)],
      ['glue-up-panel', 1, stock(420, 380, 22)],
      ['glue-up-frame', 2, stock(380, 420, 45)],
      ['glue-up-case', 1, stock(420)],
      ['profile-edge', 4],
      ['sand-flat', 1.6],
      ['finish', 1.8]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 7 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.2 }
    ]
  },
  {
    id: 'side-table',
    name: 'Side table with a drawer',
    kind: 'piece',
    readyMadePoints: 300,
    typicalHours: 24,
    sizeMm: size(500, 450, 620),
    joinery: ['mortise-tenon', 'dovetail', 'edge-glue', 'groove'],
    steps: steps(
      ['measure', 24],
      ['mark-square', 24, stock(0, 100, 22), 0.6],
      ['gauge-lines', 16, stock(0, 100, 22)],
      ['crosscut', 20, stock(620, 45, 45), 0.8],
      ['taper', 2.4, stock(600, 45, 45)],
      ['cut-mortise', 10, stock(0, 100, 22)],
      ['pare', 10],
      ['cut-dovetail', 4, stock(0, 90, 14)],
      ['groove-edge', 1.4, stock(400, 90, 14)],
      ['glue-up-panel', 1, stock(500, 450, 22)],
      ['flatten-panel', 0.45, stock(500, 450, 22)],
      ['glue-up-case', 1, stock(500)],
      ['turn', 1, stock(60, 40, 40)],
      ['hold', 2, stock(0, 0, 45)],
      ['sharpen', 4],
      ['smooth', 1.4, stock(0, 100)],
      ['finish', 2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 9 },
      { material: 'plywood-6', quantity: 0.2 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.2 }
    ],
    why: 'The top moves: hold it with buttons or slotted screws, not rigidly.'
  },
  {
    id: 'coffee-table',
    name: 'Coffee table',
    kind: 'piece',
    readyMadePoints: 340,
    typicalHours: 20,
    sizeMm: size(1100, 600, 430),
    joinery: ['mortise-tenon', 'edge-glue'],
    steps: steps(
      ['check-moisture', 1],
      ['measure', 14],
      ['mark-square', 14, stock(0, 120, 27), 0.8],
      ['crosscut', 14, stock(1100, 120, 27), 1.2],
      ['flatten', 1.6, stock(1100, 120, 30)],
      ['thickness', 1.6, stock(1100, 120, 27)],
      ['straighten-edge', 12, stock(1100, 120, 27), 0.5],
      ['glue-up-panel', 1, stock(1100, 600, 27)],
      ['flatten-panel', 1.3, stock(1100, 600, 27)],
      ['cut-mortise', 8, stock(0, 90, 27)],
      ['glue-up-frame', 2, stock(600, 600, 60)],
      ['profile-edge', 6],
      ['sand-flat', 2.2],
      ['finish', 2.4],
      ['clear-up', 1]
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
    readyMadePoints: 900,
    typicalHours: 45,
    sizeMm: size(1800, 850, 750),
    joinery: ['mortise-tenon', 'edge-glue', 'laminated'],
    steps: steps(
      ['check-moisture', 1],
      ['measure', 22],
      ['mark-square', 22, stock(0, 150, 30), 0.8],
      ['crosscut', 18, stock(1900, 150, 33), 1.5],
      ['flatten', 4.5, stock(1900, 150, 33)],
      ['thickness', 4.5, stock(1900, 150, 30)],
      ['straighten-edge', 24, stock(1900, 150, 30), 0.4],
      ['glue-up-block', 4, stock(750, 80, 80)],
      ['glue-up-panel', 1, stock(1800, 850, 30), 0.4],
      ['flatten-panel', 3.2, stock(1800, 850, 30)],
      ['cut-mortise', 8, stock(0, 110, 30)],
      ['pare', 8],
      ['glue-up-frame', 2, stock(850, 850, 80)],
      ['check-square', 1],
      ['hold', 4, stock(0, 0, 80)],
      ['profile-edge', 10],
      ['sharpen', 6],
      ['sand-flat', 5],
      ['finish', 5.5],
      ['clear-up', 2]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 42 },
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
    typicalHours: 10,
    sizeMm: size(360, 360, 460),
    joinery: ['mortise-tenon'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 9],
      ['mark-angle', 8],
      ['gauge-lines', 16, stock(0, 60, 35)],
      ['crosscut-angle', 8, stock(460, 60, 35), 1.2],
      ['cut-mortise', 8, stock(0, 60, 35)],
      ['pare', 8],
      ['lay-out-curve', 1, stock(0, 360)],
      ['cut-curve', 1.1, stock(0, 360, 30), 1.5, 'clean'],
      ['shape-round', 1.2, stock(400, 30, 30)],
      ['glue-up-frame', 2, stock(360, 360, 60)],
      ['profile-edge', 3],
      ['sand-flat', 0.5],
      ['finish', 0.8]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 4 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.1 }
    ],
    why: 'Carries people: mortise and tenon or loose tenons, not screws into end grain.'
  },
  {
    id: 'round-table-top',
    name: 'Round table top',
    kind: 'piece',
    readyMadePoints: 210,
    typicalHours: 4.5,
    sizeMm: size(700, 700, 27),
    joinery: ['edge-glue'],
    steps: steps(
      ['measure', 6],
      ['crosscut', 6, stock(720, 120, 27), 2],
      ['straighten-edge', 8, stock(720, 120, 27), 0.5],
      ['glue-up-panel', 1, stock(720, 700, 27)],
      ['flatten-panel', 1, stock(720, 700, 27)],
      ['lay-out-curve', 1, stock(0, 700)],
      ['cut-curve', 2.2, stock(700, 700, 27), 1.2, 'clean'],
      ['profile-edge', 2.2],
      ['sand-flat', 1],
      ['finish', 1.1]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 6 },
      { material: 'glue', quantity: 0.2 },
      { material: 'oil', quantity: 0.15 }
    ],
    why: 'Its legs must let it move across the grain.'
  }
]

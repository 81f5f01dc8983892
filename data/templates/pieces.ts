import type { Template } from '../../core/catalogue'
import { size, steps, stock } from '../write'

/** Builds to start from; the ready-made price is that of a comparable solid piece, not of the cheapest thing with the same name; sizes in millimetres, quantities for one copy. Worked out from ordinary designs; common practice. */
export const pieces: readonly Template[] = [
  {
    id: 'bird-box',
    name: 'Bird box',
    kind: 'piece',
    readyMadePoints: 34,
    typicalHours: 1,
    sizeMm: size(150, 150, 300),
    joinery: ['nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 20), 2],
      ['crosscut', 6, stock(300, 145, 20), 3],
      ['bore', 2],
      ['cut-inside', 0.1, stock(0, 145, 20)],
      ['tack', 18],
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
    id: 'potting-bench',
    name: 'Potting bench',
    kind: 'piece',
    readyMadePoints: 215,
    typicalHours: 4.5,
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
      ['finish', 3]
    ),
    materials: [
      { material: 'softwood-stud', quantity: 14 },
      { material: 'softwood-board', quantity: 10 },
      { material: 'screws', quantity: 1.2 },
      { material: 'paint-outdoor', quantity: 0.7 }
    ]
  },
  {
    id: 'tool-tote',
    name: 'Tool tote',
    kind: 'piece',
    readyMadePoints: 55,
    typicalHours: 2,
    sizeMm: size(600, 250, 280),
    joinery: ['nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 245, 20), 1.5],
      ['crosscut', 5, stock(600, 245, 20), 2],
      ['cut-curve', 0.5, stock(0, 245, 20)],
      ['bore-square', 2],
      ['tack', 20],
      ['glue-up-case', 1, stock(600)],
      ['profile-edge', 2],
      ['sand-flat', 0.7]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 2.4 },
      { material: 'brads', quantity: 0.2 },
      { material: 'glue', quantity: 0.2 }
    ]
  },
  {
    id: 'peg-rail',
    name: 'Peg rail',
    kind: 'piece',
    readyMadePoints: 42,
    typicalHours: 1,
    sizeMm: size(900, 95, 60),
    joinery: [],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 2],
      ['mark-square', 2, stock(0, 145, 20), 1.5],
      ['crosscut', 1, stock(900, 145, 20), 2],
      ['rip', 0.9, stock(900, 95, 20), 2],
      ['bore-square', 5],
      ['profile-edge', 2],
      ['sand-flat', 0.25],
      ['finish', 0.25]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1 },
      { material: 'pegs', quantity: 0.5 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'cold-frame',
    name: 'Cold frame',
    kind: 'piece',
    readyMadePoints: 150,
    typicalHours: 2.5,
    sizeMm: size(1200, 800, 400),
    joinery: ['pocket', 'screwed'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 10, stock(0, 245, 20), 1.5],
      ['mark-angle', 4],
      ['crosscut', 12, stock(1200, 245, 20), 2],
      ['rip', 2.4, stock(1200, 145, 20), 2],
      ['join-pocket', 4, stock(0, 0, 20)],
      ['bore', 16],
      ['drive', 36],
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
    id: 'blanket-chest',
    name: 'Blanket chest',
    kind: 'piece',
    readyMadePoints: 430,
    typicalHours: 9,
    sizeMm: size(900, 480, 500),
    joinery: ['dowel', 'edge-glue', 'groove'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 14, stock(0, 245, 20), 0.8],
      ['crosscut', 14, stock(900, 245, 20), 1.2],
      ['straighten-edge', 9, stock(900, 245, 20), 1.5],
      ['glue-up-panel', 5, stock(900, 480, 20)],
      ['cut-dado', 2.6, stock(900, 480, 20), 1.2],
      ['glue-up-case', 1, stock(900)],
      ['join-dowel', 8],
      ['drive', 12],
      ['profile-edge', 4],
      ['sand-flat', 3.2],
      ['finish', 3.2]
    ),
    materials: [
      { material: 'softwood-wide', quantity: 13 },
      { material: 'plywood-9', quantity: 1 },
      { material: 'dowels', quantity: 1 },
      { material: 'glue', quantity: 1 },
      { material: 'hinges', quantity: 1 },
      { material: 'oil', quantity: 0.5 }
    ],
    why: 'Solid panels move: let the bottom float in its groove and hinge the lid with room.'
  },
  {
    id: 'hive-box',
    name: 'Hive box',
    kind: 'piece',
    readyMadePoints: 46,
    typicalHours: 6,
    sizeMm: size(500, 420, 240),
    joinery: ['box-joint', 'rebate'],
    steps: steps(
      ['measure', 4],
      ['mark-square', 4, stock(0, 245, 20), 1],
      ['crosscut', 4, stock(500, 245, 20), 1.2],
      ['cut-box-joint', 4, stock(500, 245, 20)],
      ['cut-dado', 0.8, stock(500, 245, 20), 1.2],
      ['glue-up-case', 1, stock(500)],
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
    id: 'picture-ledge',
    name: 'Picture ledge',
    kind: 'piece',
    readyMadePoints: 38,
    typicalHours: 1.5,
    sizeMm: size(700, 95, 80),
    joinery: ['screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 3],
      ['mark-square', 3, stock(0, 95, 20), 1],
      ['crosscut', 3, stock(700, 95, 20), 1.5],
      ['bore', 6],
      ['drive', 8],
      ['profile-edge', 2],
      ['smooth', 0.25],
      ['finish', 0.25]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1.6 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'tea-box',
    name: 'Tea box',
    kind: 'piece',
    readyMadePoints: 62,
    typicalHours: 9,
    sizeMm: size(280, 180, 95),
    joinery: ['box-joint', 'groove'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 95, 12), 0.6],
      ['crosscut', 6, stock(280, 95, 12), 1],
      ['cut-box-joint', 4, stock(280, 95, 12)],
      ['cut-dado', 0.9, stock(280, 95, 12), 0.8],
      ['pare', 4],
      ['sharpen', 2],
      ['glue-up-case', 1, stock(280)],
      ['smooth', 0.2],
      ['finish', 0.2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1.2 },
      { material: 'plywood-9', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.03 }
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
    id: 'shed-door',
    name: 'Shed door',
    kind: 'piece',
    readyMadePoints: 210,
    typicalHours: 3,
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
    id: 'coat-bench',
    name: 'Coat bench',
    kind: 'piece',
    readyMadePoints: 320,
    typicalHours: 6.5,
    sizeMm: size(1100, 400, 450),
    joinery: ['pocket', 'screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 16],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 5, stock(2440, 1220, 18), 1.8],
      ['mark-square', 14, stock(0, 145, 20), 1.5],
      ['crosscut', 10, stock(1100, 145, 20), 2],
      ['join-pocket', 14, stock(0, 0, 18)],
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
    readyMadePoints: 240,
    typicalHours: 6.5,
    sizeMm: size(1200, 300, 900),
    joinery: ['dado', 'screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 12],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['cut-dado', 4.8, stock(800, 300, 18), 1.5],
      ['drive', 20],
      ['glue-up-case', 1, stock(800)],
      ['profile-edge', 9],
      ['sand-flat', 4],
      ['finish', 4]
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
    id: 'sheet-stack',
    name: 'Stack of sheets cut to size',
    kind: 'piece',
    readyMadePoints: 80,
    typicalHours: 3,
    sizeMm: size(2440, 1220, 18),
    joinery: [],
    steps: steps(
      ['measure', 20],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 18, stock(2440, 1220, 18), 1.6],
      ['sand-flat', 2]
    ),
    materials: []
  }
]

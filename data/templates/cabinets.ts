import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Boxes, chests and cabinets. Ready-made prices are those of a comparable solid piece; common practice. */
export const cabinets: readonly Template[] = [
  {
    id: 'tool-tote',
    name: 'Tool tote',
    kind: 'piece',
    readyMadePoints: 55,
    typicalHours: 3,
    sizeMm: size(600, 250, 280),
    joinery: ['nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 240, 20), 1.5],
      ['crosscut', 5, stock(600, 245, 20), 2],
      ['cut-curve', 0.5, stock(0, 245, 20)],
      ['bore-square', 2],
      ['join-case', 4, stock(600, 245, 20)],
      ['fit-back', 1.7],
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
    id: 'blanket-chest',
    name: 'Blanket chest',
    kind: 'piece',
    readyMadePoints: 320,
    typicalHours: 14.5,
    sizeMm: size(900, 480, 500),
    joinery: ['dowel', 'edge-glue'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 14, stock(0, 240, 20), 1],
      ['crosscut', 14, stock(900, 245, 20), 1.5],
      ['break-down-sheet', 2, stock(2440, 1220, 9), 2.5],
      ['straighten-edge', 9, stock(900, 240, 20), 1],
      ['glue-up-panel', 5, stock(900, 480, 20)],
      ['flatten-panel', 2.1, stock(900, 480, 20)],
      ['join-case', 8, stock(900, 480, 20)],
      ['check-square', 1],
      ['fit-back', 2.6],
      ['hang', 2],
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
    id: 'desk',
    name: 'Desk',
    kind: 'piece',
    readyMadePoints: 360,
    typicalHours: 17.5,
    sizeMm: size(1400, 650, 740),
    joinery: ['biscuit', 'loose-tenon'],
    steps: steps(
      ['measure', 14],
      ['break-down-sheet', 6, stock(2440, 1220, 25), 1.5],
      ['crosscut', 10, stock(740, 70, 45), 1.5],
      ['mark-square', 10, stock(0, 70, 45), 1],
      ['join-case', 8, stock(1400, 600, 25)],
      ['join-legs', 8, stock(650, 90, 27)],
      ['dress-edge', 4.5],
      ['check-square', 1],
      ['fit-hardware', 8],
      ['sand-flat', 3],
      ['finish', 3.4]
    ),
    materials: [
      { material: 'plywood-25', quantity: 1 },
      { material: 'softwood-stud', quantity: 6 },
      { material: 'edge-band', quantity: 4.5 },
      { material: 'glue', quantity: 0.4 },
      { material: 'varnish', quantity: 0.6 }
    ]
  },
  {
    id: 'wall-cabinet',
    name: 'Wall cabinet with doors',
    kind: 'piece',
    readyMadePoints: 280,
    typicalHours: 20,
    sizeMm: size(700, 300, 700),
    joinery: ['rebate', 'pocket'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 20],
      ['break-down-sheet', 7, stock(1220, 610, 18), 1.2],
      ['join-case', 4, stock(700, 300, 18)],
      ['join-shelf', 4, stock(700, 300, 18)],
      ['fit-back', 2.8],
      ['mark-square', 8, stock(0, 60, 20), 1],
      ['crosscut', 8, stock(700, 60, 20), 1.2],
      ['join-frame', 8, stock(700, 60, 20)],
      ['recess', 4.4],
      ['hang', 4],
      ['trial', 12],
      ['fit-hardware', 4],
      ['check-square', 3],
      ['dress-edge', 4],
      ['sand-flat', 3.5],
      ['finish', 4],
      ['fix-to-wall', 4, stock(0, 0, 40)]
    ),
    materials: [
      { material: 'plywood-18', quantity: 0.8 },
      { material: 'plywood-6', quantity: 0.5 },
      { material: 'edge-band', quantity: 4 },
      { material: 'softwood-batten', quantity: 8 },
      { material: 'hinges', quantity: 2 },
      { material: 'glue', quantity: 0.4 },
      { material: 'varnish', quantity: 0.6 }
    ],
    why: 'The panel of a door floats in its groove; glue the frame alone.'
  },
  {
    id: 'base-cabinet',
    name: 'Workshop base cabinet',
    kind: 'piece',
    readyMadePoints: 210,
    typicalHours: 9,
    sizeMm: size(600, 550, 850),
    joinery: ['pocket'],
    steps: steps(
      ['measure', 10],
      ['break-down-sheet', 8, stock(2440, 1220, 18), 1.5],
      ['join-case', 6, stock(600, 550, 18)],
      ['bore', 16],
      ['drive', 16],
      ['dress-edge', 3],
      ['hang', 2],
      ['fit-hardware', 2],
      ['check-square', 1],
      ['sand-flat', 2],
      ['finish', 2.5]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1.3 },
      { material: 'pocket-screws', quantity: 0.4 },
      { material: 'edge-band', quantity: 3 },
      { material: 'hinges', quantity: 1 },
      { material: 'varnish', quantity: 0.4 }
    ],
    why: 'Cases of sheet goods are what pocket joints are for.'
  },
  {
    id: 'toy-box',
    name: 'Toy box',
    kind: 'piece',
    readyMadePoints: 150,
    typicalHours: 9.5,
    sizeMm: size(800, 420, 450),
    joinery: ['screwed', 'biscuit'],
    steps: steps(
      ['measure', 9],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['join-case', 8, stock(800, 420, 18)],
      ['check-square', 1],
      ['hang', 2],
      ['fit-hardware', 2],
      ['dress-edge', 6],
      ['sand-flat', 2.6],
      ['finish', 3]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1 },
      { material: 'edge-band', quantity: 6 },
      { material: 'hinges', quantity: 1 },
      { material: 'glue', quantity: 0.3 },
      { material: 'varnish', quantity: 0.5 }
    ],
    why: 'Fingers and heads: a lid stay that cannot slam, and air holes.'
  },
  {
    id: 'drawer-chest',
    name: 'Chest of drawers',
    kind: 'piece',
    readyMadePoints: 1000,
    typicalHours: 90,
    sizeMm: size(900, 450, 850),
    joinery: ['dovetail', 'dado', 'edge-glue'],
    steps: steps(
      ['check-moisture', 1],
      ['measure', 40],
      ['prepare-boards', 7.5, stock(1000, 160, 20)],
      ['mark-square', 40, stock(0, 160, 20), 1],
      ['crosscut', 36, stock(900, 180, 20), 1.2],
      ['glue-up-panel', 5, stock(900, 450, 20)],
      ['flatten-panel', 3.5, stock(900, 450, 20)],
      ['join-case', 4, stock(900, 450, 20)],
      ['join-shelf', 8, stock(900, 450, 20)],
      ['join-box', 20, stock(450, 180, 14)],
      ['break-down-sheet', 12, stock(2440, 1220, 6), 2.5],
      ['fit-back', 10],
      ['check-square', 5],
      ['fit-drawer', 5],
      ['fit-hardware', 8],
      ['make-smooth', 5],
      ['finish', 7]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 45 },
      { material: 'plywood-6', quantity: 1.2 },
      { material: 'glue', quantity: 1.2 },
      { material: 'oil', quantity: 0.8 }
    ]
  }
]

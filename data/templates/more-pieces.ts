import type { Template } from '../../core/catalogue'
import { size, steps, stock } from '../write'

/** More builds to start from, solid wood and sheets. Ready-made prices are those of a comparable solid piece; common practice. */
export const morePieces: readonly Template[] = [
  {
    id: 'picture-frame',
    name: 'Picture frame',
    kind: 'piece',
    readyMadePoints: 42,
    typicalHours: 3.5,
    sizeMm: size(500, 400, 20),
    joinery: ['keyed-mitre', 'rebate'],
    steps: steps(
      ['measure', 4],
      ['mark-angle', 8, stock(0, 45, 20), 0.4],
      ['rip', 2, stock(1000, 45, 20), 1.5],
      ['cut-rebate', 2, stock(1000, 45, 20)],
      ['crosscut-angle', 8, stock(500, 45, 20), 0.6, 'clean'],
      ['glue-up-frame', 1, stock(500, 45, 20)],
      ['key-mitre', 4, stock(0, 45, 20)],
      ['trim-flush', 0.4],
      ['sand-flat', 0.15],
      ['finish', 0.2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 2.1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.02 }
    ],
    why: 'A mitre shows every tenth of a millimetre: true the ends rather than trust the saw.'
  },
  {
    id: 'cutting-board',
    name: 'Cutting board',
    kind: 'piece',
    readyMadePoints: 48,
    typicalHours: 4,
    sizeMm: size(400, 280, 25),
    joinery: ['edge-glue'],
    steps: steps(
      ['measure', 6],
      ['crosscut', 6, stock(420, 60, 27), 2],
      ['flatten', 0.15, stock(420, 60, 27)],
      ['thickness', 0.15, stock(420, 60, 25)],
      ['straighten-edge', 5, stock(420, 60, 25), 0.4],
      ['glue-up-panel', 1, stock(420, 280, 25)],
      ['flatten-panel', 0.25, stock(420, 280, 25)],
      ['crosscut', 1, stock(400, 280, 25), 1.5, 'clean'],
      ['lay-out-curve', 2, stock(0, 60)],
      ['cut-inside', 0.3, stock(0, 280, 25)],
      ['profile-edge', 1.4],
      ['sand-flat', 0.25],
      ['finish', 0.25]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 2.8 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'chopping-block',
    name: 'End-grain chopping block',
    kind: 'piece',
    readyMadePoints: 120,
    typicalHours: 4,
    sizeMm: size(400, 300, 45),
    joinery: ['edge-glue', 'laminated'],
    steps: steps(
      ['measure', 10],
      ['rip', 6, stock(1000, 45, 45), 1],
      ['thickness', 0.5, stock(1000, 45, 45), 0.6],
      ['glue-up-panel', 2, stock(800, 300, 45)],
      ['crosscut', 10, stock(45, 300, 45), 0.8, 'clean'],
      ['glue-up-block', 1, stock(400, 300, 45)],
      ['flatten-panel', 0.24, stock(400, 300, 45)],
      ['profile-edge', 1.4],
      ['sand-flat', 0.3],
      ['finish', 0.35]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 5 },
      { material: 'glue-outdoor', quantity: 0.4 },
      { material: 'oil', quantity: 0.1 }
    ]
  },
  {
    id: 'serving-tray',
    name: 'Serving tray',
    kind: 'piece',
    readyMadePoints: 60,
    typicalHours: 2.5,
    sizeMm: size(480, 320, 70),
    joinery: ['rebate', 'dowel'],
    steps: steps(
      ['measure', 5],
      ['mark-square', 5, stock(0, 70, 15), 0.7],
      ['crosscut', 4, stock(480, 70, 15), 1],
      ['cut-rebate', 1.6, stock(480, 70, 15)],
      ['lay-out-curve', 2, stock(0, 140)],
      ['cut-inside', 0.5, stock(0, 70, 12)],
      ['sand-curve', 0.5],
      ['break-down-sheet', 2, stock(480, 320, 9), 1.2],
      ['glue-up-case', 1, stock(480)],
      ['profile-edge', 2],
      ['sand-flat', 0.5],
      ['finish', 0.6]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1.8 },
      { material: 'plywood-9', quantity: 0.2 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'keepsake-box',
    name: 'Keepsake box',
    kind: 'piece',
    readyMadePoints: 105,
    typicalHours: 13,
    sizeMm: size(250, 170, 110),
    joinery: ['dovetail', 'groove'],
    steps: steps(
      ['measure', 6],
      ['resaw', 0.12, stock(500, 110, 25)],
      ['thickness', 0.24, stock(500, 110, 10), 0.5],
      ['mark-square', 6, stock(0, 110, 12), 0.25],
      ['gauge-lines', 8, stock(0, 110, 12)],
      ['mark-angle', 4, stock(0, 110, 12), 0.6],
      ['crosscut', 4, stock(250, 110, 12), 0.6],
      ['shoot-end', 8, stock(0, 110, 12), 0.4],
      ['cut-dovetail', 4, stock(250, 110, 12)],
      ['groove-edge', 0.9, stock(250, 110, 12)],
      ['glue-up-case', 1, stock(250)],
      ['cut-hinge', 2, stock(0, 0, 12), 0.5],
      ['fit-hardware', 3],
      ['sharpen', 2],
      ['smooth', 0.2, stock(0, 110)],
      ['finish', 0.25]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1.6 },
      { material: 'plywood-9', quantity: 0.06 },
      { material: 'hinges', quantity: 1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.03 }
    ]
  },
  {
    id: 'spice-rack',
    name: 'Spice rack',
    kind: 'piece',
    readyMadePoints: 44,
    typicalHours: 2.5,
    sizeMm: size(450, 90, 400),
    joinery: ['dado', 'screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 7],
      ['mark-square', 7, stock(0, 95, 18), 1],
      ['crosscut', 6, stock(450, 95, 18), 1.2],
      ['cut-dado', 0.6, stock(0, 95, 18), 0.8],
      ['countersink', 8],
      ['drive', 8],
      ['fill', 8],
      ['sand-flat', 0.6],
      ['finish', 0.7],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'softwood-board', quantity: 3 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.06 }
    ]
  },
  {
    id: 'floating-shelf',
    name: 'Floating shelf',
    kind: 'piece',
    readyMadePoints: 58,
    typicalHours: 2.5,
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
      ['fix-to-wall', 3]
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
    id: 'knife-rack',
    name: 'Magnetic knife rack',
    kind: 'piece',
    readyMadePoints: 46,
    typicalHours: 2,
    sizeMm: size(420, 70, 22),
    joinery: ['laminated'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 2],
      ['resaw', 0.03, stock(450, 70, 40)],
      ['smooth', 0.06, stock(0, 70)],
      ['bore-large', 12, stock(0, 15, 20), 0.8],
      ['glue-up-block', 1, stock(420, 70, 22)],
      ['trim-flush', 1],
      ['profile-edge', 1],
      ['finish', 0.08],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 0.5 },
      { material: 'magnets', quantity: 1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.01 }
    ]
  },
  {
    id: 'bookcase',
    name: 'Bookcase, plywood',
    kind: 'piece',
    readyMadePoints: 260,
    typicalHours: 13,
    sizeMm: size(800, 300, 1800),
    joinery: ['dado', 'screwed'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 12],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 8, stock(2440, 1220, 18), 1.5],
      ['cut-dado', 3, stock(0, 300, 18), 0.6],
      ['bore-row', 48, stock(1800, 300, 18)],
      ['band-edge', 9],
      ['glue-up-case', 1, stock(800)],
      ['check-square', 1],
      ['tack', 20, stock(0, 0, 6)],
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
    typicalHours: 13,
    sizeMm: size(800, 280, 1200),
    joinery: ['dado', 'edge-glue', 'rebate'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['check-moisture', 1],
      ['measure', 12],
      ['mark-square', 12, stock(0, 290, 22), 0.9],
      ['crosscut', 12, stock(1200, 145, 22), 1],
      ['rip', 7, stock(1200, 140, 22), 1.2],
      ['straighten-edge', 15, stock(1200, 145, 22), 0.6],
      ['glue-up-panel', 6, stock(1200, 290, 22)],
      ['flatten-panel', 2, stock(1200, 290, 22)],
      ['cut-dado', 2.9, stock(0, 290, 22), 0.5],
      ['cut-rebate', 2.8, stock(1200, 290, 22)],
      ['glue-up-case', 1, stock(800)],
      ['check-square', 1],
      ['tack', 24, stock(0, 0, 6)],
      ['sand-flat', 4],
      ['finish', 5],
      ['clear-up', 1],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 18 },
      { material: 'plywood-6', quantity: 0.7 },
      { material: 'glue', quantity: 0.6 },
      { material: 'oil', quantity: 0.6 }
    ],
    why: 'Shelves run with their grain along, sides with theirs up: both move in depth together.'
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
    id: 'garden-bench',
    name: 'Garden bench',
    kind: 'piece',
    readyMadePoints: 330,
    typicalHours: 20,
    sizeMm: size(1300, 550, 850),
    joinery: ['mortise-tenon', 'screwed'],
    bearing: 'carries-people',
    steps: steps(
      ['measure', 26],
      ['mark-square', 26, stock(0, 95, 45), 1.2],
      ['crosscut', 26, stock(1300, 95, 45), 1.8],
      ['rip', 6, stock(1300, 60, 45), 1.5],
      ['cut-mortise', 12, stock(0, 95, 45)],
      ['lay-out-curve', 4, stock(0, 700)],
      ['cut-curve', 3, stock(0, 145, 45), 1.8, 'clean'],
      ['countersink', 40],
      ['drive', 40],
      ['plug', 40],
      ['glue-up-frame', 3, stock(700, 700, 60)],
      ['profile-edge', 16],
      ['sand-flat', 2.5],
      ['finish', 3.5]
    ),
    materials: [
      { material: 'softwood-stud', quantity: 22 },
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
    typicalHours: 4.5,
    sizeMm: size(800, 350, 400),
    joinery: ['screwed', 'half-lap'],
    steps: steps(
      ['measure', 16],
      ['mark-square', 14, stock(0, 145, 25), 2],
      ['crosscut', 16, stock(800, 145, 25), 2.5],
      ['cut-half-lap', 8, stock(0, 70, 45)],
      ['crosscut-angle', 4, stock(400, 95, 20), 2],
      ['countersink', 32],
      ['drive', 32],
      ['bore', 6],
      ['tack', 20, stock(0, 0, 2)],
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
    typicalHours: 2,
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
      ['fix-to-wall', 3]
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
    typicalHours: 2,
    sizeMm: size(1000, 1000, 900),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 28],
      ['crosscut', 28, stock(1000, 145, 20), 4],
      ['rip', 4, stock(900, 45, 45), 3],
      ['bore', 56],
      ['drive', 56]
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
    readyMadePoints: 55,
    typicalHours: 5,
    sizeMm: size(1800, 900, 40),
    joinery: ['half-lap'],
    steps: steps(
      ['measure', 12],
      ['mark-square', 24, stock(0, 45, 20), 1.5],
      ['rip', 12, stock(1800, 45, 20), 2],
      ['crosscut', 12, stock(1800, 45, 20), 2.5],
      ['cut-half-lap', 16, stock(0, 45, 20)],
      ['tack', 16, stock(0, 0, 20)],
      ['finish', 1.4],
      ['fix-to-wall', 4]
    ),
    materials: [
      { material: 'softwood-batten', quantity: 18 },
      { material: 'brads', quantity: 0.3 },
      { material: 'paint-outdoor', quantity: 0.3 }
    ]
  },
  {
    id: 'shoe-rack',
    name: 'Shoe rack',
    kind: 'piece',
    readyMadePoints: 90,
    typicalHours: 6,
    sizeMm: size(800, 320, 450),
    joinery: ['dowel'],
    steps: steps(
      ['measure', 14],
      ['mark-square', 14, stock(0, 45, 20), 1],
      ['crosscut', 14, stock(800, 45, 20), 1.2, 'clean'],
      ['join-dowel', 16],
      ['glue-up-case', 1, stock(800)],
      ['profile-edge', 10],
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
    id: 'desk',
    name: 'Desk',
    kind: 'piece',
    readyMadePoints: 380,
    typicalHours: 18,
    sizeMm: size(1400, 650, 740),
    joinery: ['biscuit', 'loose-tenon'],
    steps: steps(
      ['measure', 14],
      ['support-sheet', 1, stock(2440, 1220, 25)],
      ['break-down-sheet', 6, stock(2440, 1220, 25), 1.2],
      ['join-biscuit', 24],
      ['join-loose-tenon', 8, stock(0, 90, 27)],
      ['crosscut', 10, stock(740, 70, 45), 1],
      ['bore-large', 2, stock(0, 60, 25)],
      ['band-edge', 4.5],
      ['trim-flush', 4.5],
      ['glue-up-frame', 2, stock(650, 650, 70)],
      ['glue-up-case', 1, stock(1400)],
      ['check-square', 1],
      ['fit-hardware', 12],
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
    typicalHours: 22,
    sizeMm: size(700, 300, 700),
    joinery: ['rebate', 'groove', 'mortise-tenon'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 20],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 7, stock(1220, 610, 18), 1],
      ['cut-rebate', 2.8, stock(700, 300, 18)],
      ['groove-edge', 4.4, stock(700, 60, 20)],
      ['cut-mortise', 8, stock(0, 60, 20)],
      ['crosscut', 8, stock(700, 60, 20), 0.8],
      ['glue-up-frame', 2, stock(700, 350, 20)],
      ['glue-up-case', 1, stock(700)],
      ['bore-large', 4, stock(0, 35, 20), 0.8],
      ['bore-row', 24, stock(700, 300, 18), 0.8],
      ['fit-hardware', 8],
      ['check-square', 3],
      ['band-edge', 4],
      ['sand-flat', 3.5],
      ['finish', 4],
      ['fix-to-wall', 4]
    ),
    materials: [
      { material: 'plywood-18', quantity: 0.8 },
      { material: 'plywood-6', quantity: 0.5 },
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
    typicalHours: 6.5,
    sizeMm: size(600, 550, 850),
    joinery: ['pocket'],
    steps: steps(
      ['measure', 10],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 8, stock(2440, 1220, 18), 1.5],
      ['join-pocket', 12, stock(0, 0, 18)],
      ['bore-row', 16, stock(800, 500, 18)],
      ['drive', 16],
      ['band-edge', 3],
      ['fit-hardware', 4],
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
    typicalHours: 8,
    sizeMm: size(800, 420, 450),
    joinery: ['biscuit', 'screwed'],
    steps: steps(
      ['measure', 9],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['join-biscuit', 20],
      ['cut-inside', 0.7, stock(0, 0, 18)],
      ['glue-up-case', 1, stock(800)],
      ['fit-hardware', 4],
      ['profile-edge', 6],
      ['band-edge', 3],
      ['sand-flat', 2.6],
      ['finish', 3]
    ),
    materials: [
      { material: 'plywood-18', quantity: 1 },
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
    readyMadePoints: 780,
    typicalHours: 55,
    sizeMm: size(900, 450, 850),
    joinery: ['dovetail', 'dado', 'edge-glue', 'groove'],
    steps: steps(
      ['check-moisture', 1],
      ['measure', 40],
      ['mark-square', 40, stock(0, 240, 20), 0.6],
      ['gauge-lines', 40, stock(0, 180, 14)],
      ['crosscut', 36, stock(900, 180, 20), 0.9],
      ['flatten', 6, stock(1000, 160, 27)],
      ['thickness', 6, stock(1000, 160, 20)],
      ['straighten-edge', 36, stock(1000, 160, 20), 0.5],
      ['glue-up-panel', 5, stock(900, 450, 20)],
      ['flatten-panel', 3.5, stock(900, 450, 20)],
      ['cut-dado', 3.6, stock(0, 450, 20), 0.5],
      ['cut-dovetail', 20, stock(0, 180, 14)],
      ['groove-edge', 8, stock(450, 180, 14)],
      ['glue-up-case', 5, stock(900)],
      ['check-square', 5],
      ['pare', 8],
      ['fit-hardware', 8],
      ['hold', 4, stock(0, 0, 20)],
      ['sharpen', 10],
      ['smooth', 5],
      ['finish', 7],
      ['clear-up', 3]
    ),
    materials: [
      { material: 'hardwood-rough', quantity: 45 },
      { material: 'plywood-6', quantity: 1.2 },
      { material: 'glue', quantity: 1.2 },
      { material: 'oil', quantity: 0.8 }
    ]
  },
  {
    id: 'mirror-frame',
    name: 'Mirror frame, half-lapped',
    kind: 'piece',
    readyMadePoints: 75,
    typicalHours: 3.5,
    sizeMm: size(900, 500, 22),
    joinery: ['half-lap', 'rebate'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 4],
      ['mark-square', 8, stock(0, 70, 22), 0.7],
      ['crosscut', 4, stock(900, 70, 22), 1],
      ['cut-half-lap', 4, stock(0, 70, 22), 0.6],
      ['glue-up-frame', 1, stock(500, 500, 70)],
      ['cut-rebate', 2.6, stock(900, 70, 22)],
      ['pare', 4],
      ['profile-edge', 5],
      ['sand-flat', 0.4],
      ['finish', 0.5],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 3 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'spoon-set',
    name: 'Three carved spoons',
    kind: 'piece',
    readyMadePoints: 45,
    typicalHours: 6,
    sizeMm: size(280, 50, 30),
    joinery: [],
    steps: steps(
      ['lay-out-curve', 3, stock(0, 50)],
      ['cut-curve', 1.5, stock(280, 50, 30)],
      ['carve', 3, stock(280, 50, 30)],
      ['shape-round', 0.7, stock(250, 20, 20)],
      ['sharpen', 2],
      ['finish', 0.1]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 0.6 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'carved-bowl',
    name: 'Carved tray or bowl',
    kind: 'piece',
    readyMadePoints: 80,
    typicalHours: 4,
    sizeMm: size(380, 240, 60),
    joinery: [],
    steps: steps(
      ['lay-out-curve', 2, stock(0, 240)],
      ['cut-curve', 1.1, stock(380, 240, 60)],
      ['carve', 2, stock(380, 240, 60)],
      ['shape-round', 1, stock(300, 60, 60)],
      ['sand-curve', 1.5],
      ['hold', 2, stock(0, 0, 60)],
      ['sharpen', 3],
      ['finish', 0.3]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1 },
      { material: 'oil', quantity: 0.04 }
    ]
  },
  {
    id: 'candle-holders',
    name: 'Pair of candle holders',
    kind: 'piece',
    readyMadePoints: 46,
    typicalHours: 2.5,
    sizeMm: size(80, 80, 220),
    joinery: [],
    steps: steps(
      ['measure', 2],
      ['crosscut', 2, stock(240, 60, 60), 2],
      ['bore-large', 2, stock(0, 22, 60), 1],
      ['turn', 2, stock(240, 60, 60)],
      ['sharpen', 2],
      ['finish', 0.1]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 0.6 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'bent-lamp',
    name: 'Bent-wood lamp',
    kind: 'piece',
    readyMadePoints: 130,
    typicalHours: 4.5,
    sizeMm: size(300, 200, 450),
    joinery: ['laminated'],
    steps: steps(
      ['measure', 6],
      ['resaw', 0.3, stock(900, 60, 30), 1.5],
      ['thickness', 0.6, stock(900, 60, 3), 0.4],
      ['bend', 2, stock(900, 60, 20)],
      ['trim-flush', 3.6],
      ['bore', 3],
      ['bore-square', 1],
      ['profile-edge', 3.6],
      ['sand-curve', 3.6],
      ['finish', 0.4]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 3 },
      { material: 'glue', quantity: 0.3 },
      { material: 'oil', quantity: 0.05 }
    ],
    why: 'Buy the flex and holder made up; wiring is for a licensed electrician.'
  },
  {
    id: 'puzzle',
    name: 'Wooden puzzle',
    kind: 'piece',
    readyMadePoints: 34,
    typicalHours: 2,
    sizeMm: size(300, 220, 8),
    joinery: [],
    steps: steps(
      ['lay-out-curve', 2, stock(0, 100)],
      ['cut-curve', 3, stock(300, 220, 6), 0.8, 'clean'],
      ['cut-inside', 1.2, stock(300, 220, 6)],
      ['sand-curve', 3],
      ['sand-flat', 0.15],
      ['finish', 0.15]
    ),
    materials: [
      { material: 'plywood-6', quantity: 0.1 },
      { material: 'paint-outdoor', quantity: 0.05 }
    ]
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
  },
  {
    id: 'mallet',
    name: 'Joiner’s mallet',
    kind: 'piece',
    readyMadePoints: 24,
    typicalHours: 1.5,
    sizeMm: size(320, 120, 65),
    joinery: ['laminated', 'mortise-tenon'],
    steps: steps(
      ['measure', 4],
      ['mark-angle', 4],
      ['crosscut', 4, stock(320, 60, 22), 2],
      ['glue-up-block', 1, stock(140, 80, 65)],
      ['crosscut-angle', 2, stock(140, 80, 65), 1.5],
      ['shape-round', 0.3, stock(250, 30, 30)],
      ['profile-edge', 0.8],
      ['sand-curve', 0.4],
      ['finish', 0.1]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'fitted-shelf',
    name: 'Skirting and shelf fitted round a pipe',
    kind: 'piece',
    readyMadePoints: 70,
    typicalHours: 2,
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

import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Small pieces, for giving and for the kitchen. Ready-made prices are those of a comparable solid piece; common practice. */
export const small: readonly Template[] = [
  {
    id: 'tea-box',
    name: 'Tea box',
    kind: 'piece',
    readyMadePoints: 72,
    typicalHours: 7,
    sizeMm: size(280, 180, 95),
    joinery: ['box-joint', 'nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 95, 12), 1],
      ['crosscut', 6, stock(280, 95, 12), 1.5],
      ['join-box', 4, stock(280, 95, 12)],
      ['fit-back', 0.9],
      ['make-smooth', 0.2],
      ['finish', 0.2]
    ),
    materials: [
      { material: 'hardwood-thin', quantity: 1.2 },
      { material: 'plywood-9', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.03 }
    ]
  },
  {
    id: 'picture-frame',
    name: 'Picture frame',
    kind: 'piece',
    readyMadePoints: 42,
    typicalHours: 3.3,
    sizeMm: size(500, 400, 20),
    joinery: ['keyed-mitre', 'half-lap'],
    steps: steps(
      ['measure', 4],
      ['mark-square', 4, stock(0, 45, 20), 1],
      ['crosscut', 4, stock(500, 45, 20), 1.5],
      ['join-frame', 4, stock(500, 45, 20)],
      ['recess', 1.8],
      ['sand-flat', 0.15],
      ['finish', 0.2]
    ),
    materials: [
      { material: 'hardwood-strip', quantity: 2 },
      { material: 'softwood-batten', quantity: 1 },
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
    typicalHours: 3.5,
    sizeMm: size(400, 280, 25),
    joinery: ['edge-glue'],
    steps: steps(
      ['measure', 14],
      ['prepare-boards', 0.17, stock(420, 60, 27)],
      ['rip', 2.5, stock(420, 60, 27), 1.5],
      ['crosscut', 6, stock(420, 60, 27), 2.6],
      ['straighten-edge', 4, stock(420, 60, 27), 1],
      ['glue-up-panel', 1, stock(420, 280, 25)],
      ['flatten-panel', 0.4, stock(420, 280, 25)],
      ['crosscut', 1, stock(400, 280, 25), 2],
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
    typicalHours: 7,
    sizeMm: size(400, 300, 45),
    joinery: ['edge-glue', 'laminated'],
    steps: steps(
      ['measure', 10],
      ['rip', 6, stock(1000, 45, 45), 1],
      ['thickness', 0.5, stock(1000, 45, 45), 0.6],
      ['glue-up-panel', 2, stock(800, 300, 45)],
      ['crosscut', 10, stock(45, 300, 45), 2, 'clean'],
      ['glue-up-block', 1, stock(400, 300, 45)],
      ['flatten-panel', 0.6, stock(400, 300, 45)],
      ['profile-edge', 1.4],
      ['sand-flat', 0.3],
      ['finish', 0.35]
    ),
    materials: [
      { material: 'hardwood-square', quantity: 6.5 },
      { material: 'glue-outdoor', quantity: 0.4 },
      { material: 'oil', quantity: 0.1 }
    ]
  },
  {
    id: 'serving-tray',
    name: 'Serving tray',
    kind: 'piece',
    readyMadePoints: 66,
    typicalHours: 5,
    sizeMm: size(480, 320, 70),
    joinery: ['rebate', 'dowel'],
    steps: steps(
      ['measure', 5],
      ['mark-square', 5, stock(0, 70, 15), 1],
      ['crosscut', 4, stock(480, 70, 15), 1.5],
      ['rip', 1.6, stock(480, 70, 15), 1.5],
      ['join-box', 4, stock(480, 70, 15)],
      ['break-down-sheet', 2, stock(480, 320, 9), 2.5],
      ['fit-back', 1.6],
      ['fit-hardware', 2],
      ['profile-edge', 2],
      ['sand-flat', 0.5],
      ['finish', 0.6]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1.8 },
      { material: 'plywood-9', quantity: 0.2 },
      { material: 'pegs', quantity: 0.2 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.05 }
    ]
  },
  {
    id: 'keepsake-box',
    name: 'Keepsake box',
    kind: 'piece',
    readyMadePoints: 105,
    typicalHours: 8,
    sizeMm: size(250, 170, 110),
    joinery: ['dovetail', 'nailed'],
    steps: steps(
      ['measure', 6],
      ['mark-square', 6, stock(0, 110, 12), 1],
      ['crosscut', 4, stock(250, 110, 12), 1.2],
      ['join-box', 4, stock(250, 110, 12)],
      ['fit-back', 0.84],
      ['hang', 2, stock(0, 0, 12)],
      ['fit-hardware', 1],
      ['make-smooth', 0.2, stock(0, 110)],
      ['finish', 0.25]
    ),
    materials: [
      { material: 'hardwood-thin', quantity: 1.6 },
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
    typicalHours: 3.5,
    sizeMm: size(450, 90, 400),
    joinery: ['screwed', 'dado'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 7],
      ['mark-square', 7, stock(0, 95, 18), 1],
      ['crosscut', 6, stock(450, 95, 18), 1.5],
      ['join-shelf', 6, stock(450, 95, 18)],
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
    id: 'knife-rack',
    name: 'Magnetic knife rack',
    kind: 'piece',
    readyMadePoints: 46,
    typicalHours: 3,
    sizeMm: size(420, 70, 22),
    joinery: ['laminated'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 8],
      ['crosscut', 2, stock(420, 70, 12), 1.5],
      ['rip', 0.9, stock(420, 70, 12), 1.5],
      ['bore-large', 12, stock(0, 15, 12), 1.5],
      ['glue-up-block', 1, stock(420, 70, 24)],
      ['trim-flush', 1],
      ['profile-edge', 1],
      ['sand-flat', 0.1],
      ['finish', 0.1],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'hardwood-thin', quantity: 1 },
      { material: 'magnets', quantity: 1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.01 }
    ]
  },
  {
    id: 'mirror-frame',
    name: 'Mirror frame, half-lapped',
    kind: 'piece',
    readyMadePoints: 75,
    typicalHours: 5,
    sizeMm: size(900, 500, 22),
    joinery: ['half-lap', 'pocket'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 4],
      ['mark-square', 8, stock(0, 70, 22), 1],
      ['crosscut', 4, stock(900, 70, 22), 1.5],
      ['join-frame', 4, stock(500, 70, 22)],
      ['recess', 2.6],
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
  }
]

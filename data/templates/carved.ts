import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Carved, turned, bent, and cut by curves. Ready-made prices are those of a comparable solid piece; common practice. */
export const carved: readonly Template[] = [
  {
    id: 'spoon-set',
    name: 'Three carved spoons',
    kind: 'piece',
    readyMadePoints: 58,
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
      { material: 'hardwood-thick', quantity: 0.35 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'carved-bowl',
    name: 'Carved tray or bowl',
    kind: 'piece',
    readyMadePoints: 80,
    typicalHours: 5,
    sizeMm: size(380, 240, 60),
    joinery: [],
    steps: steps(
      ['lay-out-curve', 2, stock(0, 240)],
      ['cut-curve', 1.1, stock(380, 240, 60)],
      ['carve', 2, stock(380, 240, 60)],
      ['shape-round', 1, stock(300, 60, 60)],
      ['sand-curve', 1.5],
      ['hold', 2, stock(0, 0, 60)],
      ['finish', 0.3]
    ),
    materials: [
      { material: 'hardwood-slab', quantity: 0.45 },
      { material: 'oil', quantity: 0.04 }
    ]
  },
  {
    id: 'candle-holders',
    name: 'Pair of candle holders',
    kind: 'piece',
    readyMadePoints: 40,
    typicalHours: 2.25,
    sizeMm: size(80, 80, 220),
    joinery: [],
    steps: steps(
      ['measure', 6],
      ['crosscut', 2, stock(240, 60, 60), 2],
      ['bore-large', 2, stock(0, 22, 60), 1],
      ['turn', 2, stock(240, 60, 60)],
      ['sand-curve', 1, stock(240, 60, 60)],
      ['finish', 0.2]
    ),
    materials: [
      { material: 'hardwood-blank', quantity: 0.6 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'bent-lamp',
    name: 'Bent-wood lamp',
    kind: 'piece',
    readyMadePoints: 130,
    typicalHours: 8,
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
      { material: 'hardwood-thick', quantity: 1 },
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
    typicalHours: 2.5,
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
    id: 'mallet',
    name: 'Joiner’s mallet',
    kind: 'piece',
    readyMadePoints: 30,
    typicalHours: 2,
    sizeMm: size(320, 120, 65),
    joinery: ['laminated'],
    steps: steps(
      ['measure', 4],
      ['mark-angle', 4],
      ['crosscut', 6, stock(320, 60, 22), 2],
      ['glue-up-block', 1, stock(140, 80, 65)],
      ['crosscut-angle', 2, stock(140, 80, 65), 2.5],
      ['shape-round', 0.3, stock(250, 30, 30)],
      ['profile-edge', 0.8],
      ['sand-curve', 0.4],
      ['finish', 0.1]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.02 }
    ],
    why: 'The two short pieces of the middle layer leave a gap for the handle: its mortise needs no chisel.'
  }
]

import { steps, stock, size } from '../write'
import type { Template } from '../../core/catalogue'

/** Smaller pieces for the house. Ready-made prices are those of a comparable solid piece; common practice. */
export const smallRooms: readonly Template[] = [
  {
    id: 'children-table',
    name: 'Children’s table',
    kind: 'piece',
    readyMadePoints: 105,
    typicalHours: 6,
    sizeMm: size(700, 500, 500),
    joinery: ['pocket', 'screwed'],
    steps: steps(
      ['measure', 10],
      ['break-down-sheet', 2, stock(1220, 610, 18), 2],
      ['mark-square', 8, stock(0, 70, 20), 1.5],
      ['crosscut', 8, stock(600, 70, 20), 1.5],
      ['join-legs', 8, stock(500, 70, 20)],
      ['profile-edge', 6],
      ['sand-flat', 1.4],
      ['finish', 1.6]
    ),
    materials: [
      { material: 'plywood-18', quantity: 0.3 },
      { material: 'softwood-strip', quantity: 2.6 },
      { material: 'softwood-square', quantity: 2 },
      { material: 'screws', quantity: 0.2 },
      { material: 'varnish', quantity: 0.3 }
    ],
    why: 'Corners rounded; a finish that is safe for toys when dry.'
  },
  {
    id: 'wall-panelling',
    name: 'Wall panelling, one wall',
    kind: 'piece',
    readyMadePoints: 230,
    typicalHours: 12,
    sizeMm: size(3500, 20, 1100),
    joinery: ['nailed'],
    steps: steps(
      ['measure', 28],
      ['break-down-sheet', 14, stock(2440, 1220, 12), 2.5],
      ['mark-square', 28, stock(0, 95, 12), 1.5],
      ['crosscut', 28, stock(1100, 95, 12), 1.5],
      ['crosscut-angle', 4, stock(1500, 95, 12), 1.5],
      ['fix-to-wall', 24],
      ['tack', 60, stock(0, 95, 12)],
      ['fill', 60],
      ['sand-flat', 2],
      ['finish', 5]
    ),
    materials: [
      { material: 'mdf-12', quantity: 1.6 },
      { material: 'softwood-strip', quantity: 8 },
      { material: 'wall-plugs', quantity: 0.6 },
      { material: 'brads', quantity: 0.5 },
      { material: 'paint-outdoor', quantity: 1 }
    ],
    why: 'Cables run in walls: find them before a nail does.'
  },
  {
    id: 'bathroom-shelf',
    name: 'Bathroom shelf',
    kind: 'piece',
    readyMadePoints: 50,
    typicalHours: 3,
    sizeMm: size(600, 140, 400),
    joinery: ['screwed', 'dado'],
    bearing: 'hangs-over-people',
    steps: steps(
      ['measure', 5],
      ['mark-square', 6, stock(0, 145, 20), 1],
      ['crosscut', 5, stock(600, 145, 20), 1.5],
      ['join-shelf', 6, stock(600, 145, 20)],
      ['profile-edge', 3],
      ['sand-flat', 0.6],
      ['finish', 0.8],
      ['fix-to-wall', 2]
    ),
    materials: [
      { material: 'softwood-board', quantity: 2.6 },
      { material: 'screws', quantity: 0.1 },
      { material: 'wall-plugs', quantity: 0.1 },
      { material: 'varnish', quantity: 0.1 }
    ]
  },
  {
    id: 'wine-rack',
    name: 'Bottle rack',
    kind: 'piece',
    readyMadePoints: 72,
    typicalHours: 4.5,
    sizeMm: size(600, 250, 500),
    joinery: ['screwed', 'half-lap'],
    steps: steps(
      ['measure', 16],
      ['mark-square', 10, stock(0, 95, 20), 1.5],
      ['crosscut', 10, stock(600, 95, 20), 1.5],
      ['lay-out-curve', 12, stock(0, 90)],
      ['cut-curve', 1.7, stock(600, 95, 20)],
      ['sand-curve', 1.7],
      ['countersink', 20],
      ['drive', 20],
      ['sand-flat', 0.8],
      ['finish', 0.9]
    ),
    materials: [
      { material: 'softwood-narrow', quantity: 6 },
      { material: 'screws', quantity: 0.2 },
      { material: 'oil', quantity: 0.1 }
    ]
  },
  {
    id: 'laptop-stand',
    name: 'Laptop stand',
    kind: 'piece',
    readyMadePoints: 36,
    typicalHours: 2,
    sizeMm: size(300, 240, 160),
    joinery: ['half-lap'],
    steps: steps(
      ['measure', 6],
      ['lay-out-curve', 2, stock(0, 200)],
      ['cut-curve', 1.6, stock(300, 240, 12), 1.5],
      // Two slots half as deep as the sides are high.
      ['cut-curve', 0.5, stock(300, 240, 12), 1],
      ['sand-curve', 2.4],
      ['sand-flat', 0.25],
      ['finish', 0.3]
    ),
    materials: [
      { material: 'plywood-12', quantity: 0.08 },
      { material: 'oil', quantity: 0.02 }
    ],
    why: 'Two sides slotted over one another; it packs flat.'
  },
  {
    id: 'chess-board',
    name: 'Chess board',
    kind: 'piece',
    readyMadePoints: 118,
    typicalHours: 9,
    sizeMm: size(440, 440, 25),
    joinery: ['edge-glue'],
    steps: steps(
      ['measure', 10],
      ['rip', 4, stock(450, 50, 20), 0.8],
      ['straighten-edge', 7, stock(450, 50, 20), 0.5],
      ['glue-up-panel', 1, stock(450, 400, 20)],
      ['crosscut', 8, stock(50, 400, 20), 0.8],
      ['glue-up-panel', 1, stock(400, 400, 20)],
      ['flatten-panel', 0.2, stock(400, 400, 20)],
      ['crosscut-angle', 8, stock(440, 40, 20), 1],
      ['sand-flat', 0.3],
      ['finish', 0.4]
    ),
    materials: [
      { material: 'hardwood-board', quantity: 2.8 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.04 }
    ]
  },
  {
    id: 'drawer-organiser',
    name: 'Drawer organiser',
    kind: 'piece',
    readyMadePoints: 34,
    typicalHours: 2,
    sizeMm: size(400, 300, 50),
    joinery: ['nailed', 'half-lap'],
    steps: steps(
      ['measure', 7],
      ['mark-square', 7, stock(0, 50, 9), 1],
      ['rip', 2.4, stock(400, 50, 9), 1.5],
      ['crosscut', 7, stock(400, 50, 9), 1.5],
      ['join-box', 6, stock(400, 50, 9)],
      ['sand-flat', 0.2],
      ['finish', 0.3]
    ),
    materials: [
      { material: 'plywood-9', quantity: 0.15 },
      { material: 'brads', quantity: 0.1 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.02 }
    ]
  },
  {
    id: 'toy-truck',
    name: 'Toy truck',
    kind: 'piece',
    readyMadePoints: 32,
    typicalHours: 2.5,
    sizeMm: size(280, 110, 120),
    joinery: ['screwed'],
    steps: steps(
      ['measure', 5],
      ['crosscut', 5, stock(280, 95, 45), 2],
      ['cut-curve', 0.4, stock(0, 95, 45)],
      ['bore', 8],
      ['bore-large', 4, stock(0, 25, 20)],
      ['glue-up-block', 1, stock(280, 95, 90)],
      ['profile-edge', 1.6],
      ['sand-curve', 2.4],
      ['finish', 0.15]
    ),
    materials: [
      { material: 'softwood-stud-95', quantity: 0.6 },
      { material: 'dowels', quantity: 0.2 },
      { material: 'glue', quantity: 0.05 },
      { material: 'oil', quantity: 0.02 }
    ],
    why: 'No part a small child could swallow, axles that cannot be pulled out, a finish safe for toys.'
  },
  {
    id: 'coat-stand',
    name: 'Coat stand',
    kind: 'piece',
    readyMadePoints: 82,
    typicalHours: 5,
    sizeMm: size(500, 500, 1750),
    joinery: ['half-lap', 'screwed'],
    steps: steps(
      ['measure', 9],
      ['mark-square', 8, stock(0, 45, 45), 1],
      ['crosscut', 7, stock(1750, 45, 45), 1.5],
      ['crosscut-angle', 4, stock(300, 45, 45), 2],
      ['cut-half-lap', 2, stock(500, 45, 45)],
      ['bore-square', 8],
      ['shape-round', 0.6, stock(150, 20, 20)],
      ['profile-edge', 8],
      ['countersink', 8],
      ['drive', 8],
      ['glue-up-frame', 1, stock(500, 45, 45)],
      ['sand-flat', 0.8],
      ['finish', 0.9]
    ),
    materials: [
      { material: 'softwood-square', quantity: 4.6 },
      { material: 'pegs', quantity: 0.8 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 },
      { material: 'oil', quantity: 0.1 }
    ],
    why: 'Wide in the foot: a wet coat pulls it over.'
  }
]

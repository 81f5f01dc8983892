import { steps, stock } from '../write'
import { ply, half, screws, glue, jig } from './parts'
import type { Template } from '../../core/catalogue'

/** Shop-made: for planes, routers and drills. */
export const edgeJigs: readonly Template[] = [
  {
    id: 'jig-drill-block',
    name: 'Drilling block',
    kind: 'jig',
    yields: 'drill-block',
    readyMadePoints: 0,
    typicalHours: 0.3,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 1],
      ['mark-square', 2, stock(0, 70, 45), 1.2],
      ['crosscut', 1, stock(120, 70, 45), 2.6],
      ['bore', 1],
      ['trial', 0.5]
    ),
    materials: [{ material: 'softwood-stud', quantity: 0.3 }]
  },
  {
    id: 'jig-planer-sled',
    name: 'Thicknesser sled',
    kind: 'jig',
    yields: 'planer-sled',
    readyMadePoints: 0,
    typicalHours: 2,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 3],
      ['break-down-sheet', 2, stock(2440, 1220, 9), 3],
      ['crosscut', 4, stock(1500, 95, 20), 3],
      ['drive', 16],
      ['countersink', 16],
      ['glue-up-block', 2, stock(1500, 95, 40)],
      ['fit-hardware', 4],
      ['trial', 1]
    ),
    materials: [
      { material: 'plywood-9', quantity: 1 },
      { material: 'softwood-batten', quantity: 3 },
      { material: 'screws', quantity: 0.1 }
    ]
  },
  jig('shooting-board', 'Shooting board', {
    hours: 1.5,
    rows: [
      ['measure', 3],
      ['mark-square', 3, stock(0, 250, 18), 1],
      ['crosscut', 3, stock(600, 250, 18), 2],
      ['drive', 10],
      ['check-square', 1],
      ['countersink', 10],
      ['straighten-edge', 1.2, stock(600, 250, 18), 0.5],
      ['trial', 3]
    ],
    materials: [ply, screws, glue],
    why: 'Square is all it is for: set the stop with the best square you have.'
  }),
  jig('mitre-shooting-board', 'Mitre shooting board', {
    hours: 2,
    rows: [
      ['measure', 3],
      ['mark-angle', 2],
      ['crosscut', 4, stock(600, 250, 18), 2],
      ['crosscut-angle', 2, stock(200, 90, 45), 1.5],
      ['drive', 12],
      ['countersink', 12],
      ['straighten-edge', 0.6, stock(600, 90, 18), 0.5],
      ['trial', 4]
    ],
    materials: [ply, screws, glue]
  }),
  jig('dado-guide', 'Dado guide', {
    hours: 1.2,
    rows: [
      ['measure', 4],
      ['mark-square', 4, stock(0, 95, 18), 1],
      ['crosscut', 4, stock(600, 95, 18), 2],
      ['drive', 8],
      ['countersink', 8],
      ['trial', 2]
    ],
    materials: [ply, screws]
  }),
  jig('router-table-made', 'Table-top router table', {
    hours: 4,
    rows: [
      ['measure', 6],
      ['break-down-sheet', 3, stock(800, 500, 18), 1.5],
      ['cut-inside', 0.4, stock(0, 0, 18)],
      ['bore', 8],
      ['drive', 20],
      ['straighten-edge', 0.8, stock(800, 90, 18), 1],
      ['countersink', 20],
      ['cut-dado', 0.8, stock(800, 500, 18)],
      ['fit-hardware', 6],
      ['finish', 0.8],
      ['trial', 3]
    ],
    materials: [ply, screws, { material: 'softwood-stud', quantity: 2 }],
    why: 'Lies across the sawhorses; a straight board is its fence.'
  }),
  jig('router-sled-made', 'Router sled', {
    hours: 3,
    rows: [
      ['measure', 8],
      ['crosscut', 4, stock(1200, 95, 18), 2.6],
      ['rip', 2.4, stock(1200, 60, 18), 1.8],
      ['drive', 24],
      ['check-square', 1],
      ['countersink', 24],
      ['glue-up-block', 2, stock(1200, 60, 36)],
      ['straighten-edge', 4.8, stock(1200, 60, 18), 0.5],
      ['trial', 2]
    ],
    materials: [ply, half, screws]
  }),
  jig('circle-jig-made', 'Router circle jig', {
    hours: 0.8,
    rows: [
      ['measure', 1],
      ['crosscut', 1, stock(700, 145, 9), 3],
      ['bore', 5],
      ['bore-large', 1, stock(0, 30, 9)],
      ['sand-curve', 0.5],
      ['trial', 1.5]
    ],
    materials: [{ material: 'plywood-9', quantity: 0.1 }]
  }),
  jig('pin-template', 'Shelf-pin template', {
    hours: 0.8,
    rows: [
      ['measure', 2],
      ['crosscut', 1, stock(800, 95, 18), 2.6],
      ['bore-square', 24, stock(0, 0, 18), 1.5],
      ['trial', 0.6]
    ],
    materials: [{ material: 'softwood-board', quantity: 0.9 }]
  }),
  jig('tenon-router-jig', 'Mortising jig for a router', {
    hours: 4,
    rows: [
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 18), 0.9],
      ['crosscut', 6, stock(350, 145, 18), 1.2],
      ['cut-inside', 0.3, stock(0, 0, 9)],
      ['bore', 8],
      ['drive', 20],
      ['check-square', 1],
      ['countersink', 20],
      ['glue-up-block', 2, stock(350, 145, 36)],
      ['fit-hardware', 6],
      ['trial', 5]
    ],
    materials: [ply, half, screws, glue]
  })
]

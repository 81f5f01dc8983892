import { steps, stock } from '../write'
import { ply, screws, glue, jig } from './parts'
import type { Template } from '../../core/catalogue'

/** Shop-made: for saws. */
export const sawingJigs: readonly Template[] = [
  {
    id: 'jig-bench-hook',
    name: 'Bench hook',
    kind: 'jig',
    yields: 'bench-hook',
    readyMadePoints: 0,
    typicalHours: 0.8,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 3],
      ['mark-square', 3, stock(0, 145, 20), 2],
      ['crosscut', 3, stock(250, 145, 20), 2.6],
      ['bore', 6],
      ['drive', 6],
      ['trial', 2]
    ),
    materials: [
      { material: 'softwood-board', quantity: 0.6 },
      { material: 'screws', quantity: 0.1 }
    ]
  },
  {
    id: 'jig-cutting-guide',
    name: 'Cutting guide for sheets',
    kind: 'jig',
    yields: 'cutting-guide',
    readyMadePoints: 0,
    typicalHours: 1.2,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 2],
      ['break-down-sheet', 2, stock(2440, 300, 9), 1.5],
      ['drive', 14],
      ['countersink', 14],
      ['trial', 1]
    ),
    materials: [
      { material: 'plywood-9-whole', quantity: 0.35 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 }
    ],
    why: 'Its edge is only as straight as the factory edge it starts from: have that strip cut at the yard.'
  },
  {
    id: 'jig-crosscut-guide',
    name: 'Crosscut guide',
    kind: 'jig',
    yields: 'crosscut-guide',
    readyMadePoints: 0,
    typicalHours: 0.7,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 2],
      ['mark-square', 2, stock(0, 145, 9), 1.2],
      ['crosscut', 2, stock(350, 145, 20), 2.6],
      ['bore', 4],
      ['drive', 4],
      ['check-square', 1],
      ['trial', 1.6]
    ),
    materials: [
      { material: 'softwood-board', quantity: 0.7 },
      { material: 'screws', quantity: 0.1 }
    ]
  },
  {
    id: 'jig-crosscut-sled',
    name: 'Crosscut sled',
    kind: 'jig',
    yields: 'crosscut-sled',
    readyMadePoints: 0,
    typicalHours: 3.6,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 5],
      ['mark-square', 4, stock(0, 145, 20), 1],
      ['crosscut', 2, stock(600, 95, 20), 2],
      ['rip', 1.4, stock(700, 20, 20), 1],
      ['drive', 12],
      ['glue-up-case', 1, stock(300)],
      ['countersink', 12],
      ['straighten-edge', 1.4, stock(600, 95, 20), 0.5],
      ['glue-up-block', 2, stock(600, 95, 40)],
      ['trial', 6]
    ),
    materials: [
      { material: 'plywood-9', quantity: 0.6 },
      { material: 'softwood-stud', quantity: 1.4 },
      { material: 'screws', quantity: 0.1 },
      { material: 'glue', quantity: 0.1 }
    ]
  },
  {
    id: 'jig-box-joint',
    name: 'Box-joint jig',
    kind: 'jig',
    yields: 'box-joint-jig',
    readyMadePoints: 0,
    typicalHours: 2,
    joinery: ['screwed'],
    steps: steps(
      ['measure', 3],
      ['mark-square', 3, stock(0, 145, 20), 1],
      ['crosscut', 2, stock(450, 145, 20), 2],
      ['rip', 0.5, stock(450, 12, 12), 0.8],
      ['drive', 6],
      ['countersink', 6],
      ['trial', 5]
    ),
    materials: [
      { material: 'softwood-board', quantity: 1 },
      { material: 'plywood-9', quantity: 0.1 },
      { material: 'screws', quantity: 0.1 }
    ]
  },
  jig('mitre-sled', 'Mitre sled', {
    hours: 3,
    rows: [
      ['measure', 4],
      ['mark-angle', 2],
      ['crosscut', 4, stock(600, 95, 18), 1.5],
      ['rip', 1.4, stock(700, 20, 12), 0.8],
      ['drive', 14],
      ['countersink', 14],
      ['straighten-edge', 1.4, stock(600, 95, 18), 0.5],
      ['trial', 7]
    ],
    materials: [ply, screws, glue]
  }),
  jig('taper-jig', 'Taper jig', {
    hours: 1.5,
    rows: [
      ['measure', 3],
      ['crosscut', 3, stock(900, 145, 18), 2.6],
      ['drive', 10],
      ['bore', 6],
      ['countersink', 10],
      ['fit-hardware', 2],
      ['trial', 2]
    ],
    materials: [ply, screws]
  }),
  jig('key-jig', 'Cradle for mitre keys', {
    hours: 2,
    rows: [
      ['measure', 4],
      ['crosscut', 4, stock(300, 145, 18), 1.5],
      ['crosscut-angle', 4, stock(300, 145, 18), 1.2],
      ['drive', 10],
      ['countersink', 10],
      ['glue-up-block', 1, stock(300, 145, 36)],
      ['trial', 3]
    ],
    materials: [ply, screws, glue]
  }),
  jig('tenon-jig', 'Tenon jig', {
    hours: 2.5,
    rows: [
      ['measure', 5],
      ['mark-square', 5, stock(0, 145, 18), 1],
      ['crosscut', 5, stock(300, 145, 18), 1.5],
      ['drive', 14],
      ['check-square', 1],
      ['countersink', 14],
      ['glue-up-block', 1, stock(300, 145, 36)],
      ['fit-hardware', 2],
      ['trial', 4]
    ],
    materials: [ply, screws, glue]
  })
]

import type { MaterialLine, Template } from '../../core/catalogue'
import { steps, stock } from '../write'

const ply: MaterialLine = { material: 'plywood-18', quantity: 0.25 }
const half: MaterialLine = { material: 'plywood-9', quantity: 0.4 }
const screws: MaterialLine = { material: 'screws', quantity: 0.1 }
const glue: MaterialLine = { material: 'glue', quantity: 0.1 }

type Rows = Parameters<typeof steps>
const jig = (
  yields: string,
  name: string,
  typicalHours: number,
  rows: Rows,
  materials: readonly MaterialLine[],
  why?: string
): Template => ({
  id: `jig-${yields}`,
  name,
  kind: 'jig',
  yields,
  readyMadePoints: 0,
  typicalHours,
  joinery: ['screwed'],
  steps: steps(...rows),
  materials,
  ...(why === undefined ? {} : { why })
})

/** Shop-made fittings beyond the first ones, roughly in the order people make them; common practice. */
export const moreJigs: readonly Template[] = [
  jig(
    'shooting-board',
    'Shooting board',
    1.5,
    [
      ['measure', 3],
      ['mark-square', 3, stock(0, 250, 18), 1],
      ['crosscut', 3, stock(600, 250, 18), 2],
      ['drive', 10],
      ['check-square', 1]
    ],
    [half, screws, glue],
    'Square is all it is for: set the stop with the best square you have.'
  ),
  jig(
    'mitre-shooting-board',
    'Mitre shooting board',
    2,
    [
      ['measure', 3],
      ['mark-angle', 2],
      ['crosscut', 4, stock(600, 250, 18), 2],
      ['crosscut-angle', 2, stock(200, 90, 45), 1.5],
      ['drive', 12]
    ],
    [half, screws, glue]
  ),
  jig(
    'mitre-sled',
    'Mitre sled',
    3,
    [
      ['measure', 4],
      ['mark-angle', 2],
      ['crosscut', 4, stock(600, 95, 18), 1.5],
      ['rip', 1.4, stock(700, 20, 12), 0.8],
      ['drive', 14]
    ],
    [half, screws, glue]
  ),
  jig(
    'taper-jig',
    'Taper jig',
    1.5,
    [
      ['measure', 3],
      ['crosscut', 3, stock(900, 145, 18), 2.6],
      ['drive', 10],
      ['bore', 6]
    ],
    [half, screws]
  ),
  jig(
    'key-jig',
    'Cradle for mitre keys',
    2,
    [
      ['measure', 4],
      ['crosscut', 4, stock(300, 145, 18), 1.5],
      ['crosscut-angle', 4, stock(300, 145, 18), 1.2],
      ['drive', 10]
    ],
    [half, screws, glue]
  ),
  jig(
    'tenon-jig',
    'Tenon jig',
    2.5,
    [
      ['measure', 5],
      ['mark-square', 5, stock(0, 145, 18), 1],
      ['crosscut', 5, stock(300, 145, 18), 1.5],
      ['drive', 14],
      ['check-square', 1]
    ],
    [ply, screws, glue]
  ),
  jig(
    'dado-guide',
    'Dado guide',
    1.2,
    [
      ['measure', 4],
      ['mark-square', 4, stock(0, 95, 18), 1],
      ['crosscut', 4, stock(600, 95, 18), 2],
      ['drive', 8]
    ],
    [half, screws]
  ),
  jig(
    'router-table-made',
    'Table-top router table',
    4,
    [
      ['measure', 6],
      ['support-sheet', 1, stock(1220, 610, 18)],
      ['break-down-sheet', 3, stock(800, 500, 18), 1.5],
      ['cut-inside', 0.4, stock(0, 0, 18)],
      ['bore', 8],
      ['drive', 20],
      ['straighten-edge', 0.8, stock(800, 90, 18), 1]
    ],
    [ply, screws, { material: 'softwood-stud', quantity: 2 }],
    'Lies across the sawhorses; a straight board is its fence.'
  ),
  jig(
    'router-sled-made',
    'Router sled',
    3,
    [
      ['measure', 8],
      ['crosscut', 4, stock(1200, 95, 18), 2.6],
      ['rip', 2.4, stock(1200, 60, 18), 1.8],
      ['drive', 24],
      ['check-square', 1]
    ],
    [ply, half, screws]
  ),
  jig(
    'circle-jig-made',
    'Router circle jig',
    0.8,
    [
      ['measure', 1],
      ['crosscut', 1, stock(700, 145, 9), 3],
      ['bore', 5],
      ['bore-large', 1, stock(0, 30, 9)]
    ],
    [{ material: 'plywood-9', quantity: 0.1 }]
  ),
  jig(
    'pin-template',
    'Shelf-pin template',
    0.8,
    [
      ['measure', 2],
      ['crosscut', 1, stock(800, 95, 18), 2.6],
      ['bore-square', 24, stock(0, 0, 18), 1.5]
    ],
    [{ material: 'softwood-board', quantity: 0.9 }]
  ),
  jig(
    'tenon-router-jig',
    'Mortising jig for a router',
    4,
    [
      ['measure', 6],
      ['mark-square', 6, stock(0, 145, 18), 0.9],
      ['crosscut', 6, stock(350, 145, 18), 1.2],
      ['cut-inside', 0.3, stock(0, 0, 9)],
      ['bore', 8],
      ['drive', 20],
      ['check-square', 1]
    ],
    [ply, half, screws, glue]
  ),
  jig(
    'workbench-made',
    'Workbench',
    18,
    [
      ['measure', 20],
      ['mark-square', 20, stock(0, 95, 45), 1.5],
      ['crosscut', 22, stock(1500, 95, 45), 2.6],
      ['glue-up-block', 4, stock(850, 90, 90)],
      ['bore', 24],
      ['drive', 60],
      ['check-square', 2]
    ],
    [
      { material: 'softwood-stud', quantity: 36 },
      { material: 'plywood-18', quantity: 1 },
      { material: 'screws', quantity: 1 },
      { material: 'glue', quantity: 0.8 },
      { material: 'vice-hardware', quantity: 1 }
    ],
    'Build it from what is owned; it teaches the next tool.'
  ),
  jig(
    'outfeed-table',
    'Outfeed table',
    4,
    [
      ['measure', 8],
      ['crosscut', 8, stock(900, 70, 45), 2.6],
      ['support-sheet', 1, stock(1220, 610, 18)],
      ['break-down-sheet', 2, stock(1200, 600, 18), 2],
      ['bore', 12],
      ['drive', 32]
    ],
    [ply, screws, { material: 'softwood-stud', quantity: 7 }]
  ),
  jig(
    'squaring-blocks',
    'Case-squaring blocks, four',
    0.8,
    [
      ['measure', 4],
      ['mark-square', 4, stock(0, 145, 18), 0.8],
      ['crosscut', 4, stock(145, 145, 18), 1.2],
      ['bore-large', 4, stock(0, 30, 18)]
    ],
    [{ material: 'plywood-18', quantity: 0.05 }]
  ),
  jig(
    'fairing-stick',
    'Fairing stick',
    0.3,
    [
      ['measure', 1],
      ['rip', 1.5, stock(1500, 20, 6), 2]
    ],
    [{ material: 'softwood-batten', quantity: 1.6 }]
  ),
  jig(
    'winding-sticks',
    'Winding sticks',
    1,
    [
      ['measure', 2],
      ['crosscut', 2, stock(450, 45, 20), 3],
      ['straighten-edge', 1.8, stock(450, 45, 20), 0.5]
    ],
    [{ material: 'softwood-batten', quantity: 1 }]
  ),
  jig(
    'story-stick',
    'Story stick',
    0.2,
    [
      ['measure', 1],
      ['crosscut', 1, stock(1500, 45, 12), 4]
    ],
    [{ material: 'softwood-batten', quantity: 1.6 }]
  ),
  jig(
    'pinch-rods',
    'Pinch rods',
    0.4,
    [
      ['measure', 2],
      ['crosscut', 2, stock(1000, 20, 12), 4],
      ['drive', 2]
    ],
    [{ material: 'softwood-batten', quantity: 2 }]
  ),
  jig(
    'bending-form',
    'Bending form',
    2.5,
    [
      ['lay-out-curve', 1, stock(0, 300)],
      ['crosscut', 4, stock(450, 145, 18), 3],
      ['cut-curve', 2, stock(0, 145, 18)],
      ['glue-up-block', 1, stock(450, 145, 72)],
      ['bore-large', 8, stock(0, 30, 40)]
    ],
    [ply, glue]
  ),
  jig(
    'cauls',
    'Panel cauls',
    1,
    [
      ['measure', 4],
      ['crosscut', 4, stock(800, 70, 45), 3],
      ['straighten-edge', 3.2, stock(800, 70, 45), 1]
    ],
    [{ material: 'softwood-stud', quantity: 3.4 }],
    'Planed hollow by a millimetre or two at the ends, so that the middle presses as well.'
  ),
  jig(
    'clamp-rack',
    'Clamp rack',
    1,
    [
      ['measure', 4],
      ['crosscut', 4, stock(600, 95, 20), 3],
      ['bore', 8],
      ['drive', 12]
    ],
    [{ material: 'softwood-board', quantity: 2.6 }, screws]
  ),
  jig(
    'sheet-rack',
    'Sheet rack',
    3,
    [
      ['measure', 8],
      ['crosscut', 10, stock(1200, 70, 45), 3],
      ['bore', 20],
      ['drive', 32]
    ],
    [{ material: 'softwood-stud', quantity: 11 }, screws]
  ),
  jig(
    'timber-rack',
    'Timber rack',
    3,
    [
      ['measure', 8],
      ['crosscut', 12, stock(500, 70, 45), 3],
      ['bore', 24],
      ['drive', 36]
    ],
    [{ material: 'softwood-stud', quantity: 9 }, screws]
  ),
  jig(
    'machine-stand',
    'Flip-top machine stand',
    10,
    [
      ['measure', 12],
      ['support-sheet', 1, stock(2440, 1220, 18)],
      ['break-down-sheet', 7, stock(2440, 1220, 18), 1.5],
      ['bore', 16],
      ['drive', 60],
      ['check-square', 1],
      ['fit-hardware', 8]
    ],
    [{ material: 'plywood-18', quantity: 1.5 }, { material: 'screws', quantity: 0.6 }, glue],
    'Two machines on one footprint.'
  )
]

import type { StockSize } from '../../core/catalogue'

/**
 * Ten builds worked by hand from the trade, before the code that has to meet them: what is owned, which operations cannot be done
 * with that, and the cheapest set of purchases that closes the gap. Common practice throughout; prices lie in the plausible bands
 * of hobby tools, and each case is chosen so that its answer does not hang on where in its band a price lies.
 */
export interface WorkedBuild {
  readonly name: string
  readonly reasoning: string
  /** Tool ids, with a count where it is not one. */
  readonly owned: readonly (string | readonly [tool: string, count: number])[]
  /** Methods that this person cannot or will not use: no yard near, say. */
  readonly without?: readonly string[]
  readonly steps: readonly {
    readonly operation: string
    readonly quantity: number
    readonly stock?: StockSize
    readonly accuracyMm?: number
  }[]
  /** Operations that cannot be done. */
  readonly gaps: readonly string[]
  /** The cheapest way in: tool ids with counts; empty when there is no gap. */
  readonly wayIn: readonly (readonly [tool: string, count: number])[]
}

const GEAR = ['safety-glasses', 'ear-muffs', 'half-mask'] as const
const MARKING = ['tape', 'rafter-square'] as const

export const workedBuilds: readonly WorkedBuild[] = [
  {
    name: 'bird box: the entrance hole',
    reasoning:
      'Twist bits end at about 13 mm; a 32 mm entrance hole wants a bit of its own. A flat bit for the drill costs least and is good enough in softwood.',
    owned: [...MARKING, ...GEAR, 'panel-saw', 'hammer', 'drill-driver', 'drill-bits'],
    steps: [
      { operation: 'measure', quantity: 6 },
      {
        operation: 'crosscut',
        quantity: 6,
        stock: { widthMm: 145, thicknessMm: 20 },
        accuracyMm: 3.5
      },
      { operation: 'bore-large', quantity: 1, stock: { thicknessMm: 20 } },
      { operation: 'tack', quantity: 18 }
    ],
    gaps: ['bore-large'],
    wayIn: [['flat-bits', 1]]
  },
  {
    name: 'table top 560 mm wide, two clamps owned',
    reasoning:
      'A panel wants a clamp about every 250 mm, so four for a metre, each opening 40 mm more than the panel. Two more of the same are the least.',
    owned: [...MARKING, ['f-clamp-600', 2]],
    steps: [
      {
        operation: 'glue-up-panel',
        quantity: 1,
        stock: { lengthMm: 900, widthMm: 560, thicknessMm: 20 }
      }
    ],
    gaps: ['glue-up-panel'],
    wayIn: [['f-clamp-600', 2]]
  },
  {
    name: 'table top 760 mm wide, four short clamps owned',
    reasoning:
      'A 600 mm clamp never holds it: 160 mm short of the top alone, 200 mm with the cauls. Pipe clamps on 900 mm pipe are the cheapest that open far enough, five for 1200 mm.',
    owned: [...MARKING, ['f-clamp-600', 4]],
    steps: [
      {
        operation: 'glue-up-panel',
        quantity: 1,
        stock: { lengthMm: 1200, widthMm: 760, thicknessMm: 20 }
      }
    ],
    gaps: ['glue-up-panel'],
    wayIn: [['pipe-clamp-900', 5]]
  },
  {
    name: 'a 90 mm post ripped on a compact table saw',
    reasoning:
      'The blade stands 65 mm above the table: not through in one pass, but turned over it meets itself from the other face. No gap, only more time.',
    owned: [...MARKING, ...GEAR, 'table-saw', 'push-sticks'],
    steps: [
      {
        operation: 'rip',
        quantity: 2,
        stock: { lengthMm: 1000, widthMm: 90, thicknessMm: 90 },
        accuracyMm: 2
      }
    ],
    gaps: [],
    wayIn: []
  },
  {
    name: 'sheets at home with a circular saw, no counter that cuts',
    reasoning:
      'The saw is there; what keeps it straight and what carries the sheet are not. Foam on the floor costs less than any sawhorses, and a guide long enough for the sheet has to be bought when nothing straight cuts the first one.',
    owned: [...MARKING, ...GEAR, 'circular-saw', ['f-clamp-600', 2]],
    without: ['break-down-sheet/counter', 'break-down-sheet/shared', 'straighten-edge/shared'],
    steps: [
      {
        operation: 'break-down-sheet',
        quantity: 4,
        stock: { lengthMm: 2440, widthMm: 1220, thicknessMm: 18 },
        accuracyMm: 1.5
      }
    ],
    gaps: ['break-down-sheet'],
    wayIn: [
      ['foam-sheet', 1],
      ['guide-rail', 1]
    ]
  },
  {
    name: 'a box with dovetailed corners',
    reasoning:
      'Saw, square and hook are owned. Waste is chopped with chisels, which want a mallet and a stone; the baseline wants a gauge and the slope a bevel; the work is held by a clamp at a table.',
    owned: ['tape', 'combination-square', 'pull-saw', 'bench-hook'],
    steps: [
      {
        operation: 'crosscut',
        quantity: 4,
        stock: { widthMm: 95, thicknessMm: 12 },
        accuracyMm: 1
      },
      { operation: 'cut-dovetail', quantity: 4, stock: { widthMm: 95, thicknessMm: 12 } }
    ],
    gaps: ['cut-dovetail'],
    wayIn: [
      ['chisels', 1],
      ['g-clamp-100', 1],
      ['mallet', 1],
      ['marking-gauge', 1],
      ['sharpening-stone', 1],
      ['sliding-bevel', 1]
    ]
  },
  {
    name: 'a curve in 80 mm stock with a jigsaw',
    reasoning:
      'The blade reaches 65 mm: 15 mm short. A turning saw follows an open curve through stock of any usual thickness by hand; a band saw costs more than ten times as much. The work is held by the cheapest thing that clamps it to a table.',
    owned: [...MARKING, ...GEAR, 'jigsaw'],
    steps: [{ operation: 'cut-curve', quantity: 1, stock: { widthMm: 145, thicknessMm: 80 } }],
    gaps: ['cut-curve'],
    wayIn: [
      ['turning-saw', 1],
      ['g-clamp-100', 1]
    ]
  },
  {
    name: 'a groove with a trim router and the wrong bits',
    reasoning:
      'A 12.7 mm shank does not enter a 6.35 mm collet: the router is there, its bits are not.',
    owned: [...MARKING, ...GEAR, 'trim-router', 'router-bits-large', ['f-clamp-600', 2]],
    steps: [
      {
        operation: 'cut-dado',
        quantity: 1,
        stock: { lengthMm: 500, widthMm: 245, thicknessMm: 20 },
        accuracyMm: 1
      }
    ],
    gaps: ['cut-dado'],
    wayIn: [['router-bits', 1]]
  },
  {
    name: 'square holes for pegs with a hand-held drill',
    reasoning:
      'An offcut of stud, squared, marked and bored, keeps the bit upright. Saw, square and drill are owned, so it costs an offcut.',
    owned: [
      'tape',
      'combination-square',
      'safety-glasses',
      'panel-saw',
      'drill-driver',
      'drill-bits'
    ],
    steps: [
      { operation: 'bore-square', quantity: 10, stock: { thicknessMm: 20 }, accuracyMm: 1.5 }
    ],
    gaps: ['bore-square'],
    wayIn: [['drill-block', 1]]
  },
  {
    name: 'rough boards and no yard that planes',
    reasoning:
      'By hand a jack plane flattens the face and works down to a gauged line; it wants a stone and something that holds the board. Any machine for either face costs several times as much.',
    owned: ['tape', 'combination-square', 'fold-bench'],
    without: ['flatten/yard', 'thickness/yard', 'flatten/shared', 'thickness/shared'],
    steps: [
      {
        operation: 'flatten',
        quantity: 0.15,
        stock: { lengthMm: 1000, widthMm: 150, thicknessMm: 27 }
      },
      {
        operation: 'thickness',
        quantity: 0.15,
        stock: { lengthMm: 1000, widthMm: 150, thicknessMm: 24 }
      }
    ],
    gaps: ['flatten', 'thickness'],
    wayIn: [
      ['jack-plane', 1],
      ['marking-gauge', 1],
      ['sharpening-stone', 1]
    ]
  }
]

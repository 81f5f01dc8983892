import type { StockSize } from '../../core/catalogue'

/**
 * Ten reasons for or against a purchase, worked by hand before the code that has to give them. Times per unit are the usual ones of a
 * practised hobby worker (common practice); money is chosen so that each answer does not hang on where in its band a price lies.
 */
export interface WorkedReason {
  readonly name: string
  readonly reasoning: string
  /** Tool ids, with a count where it is not one. */
  readonly owned: readonly (string | readonly [tool: string, count: number])[]
  readonly without?: readonly string[]
  /** What an hour of work counts, minor units. */
  readonly hourValue?: number
  readonly builds: readonly {
    readonly id: string
    readonly copies?: number
    readonly worthEach: number
    readonly materials?: readonly { readonly material: string; readonly quantity: number }[]
    readonly steps: readonly {
      readonly operation: string
      readonly quantity: number
      readonly stock?: StockSize
      readonly accuracyMm?: number
    }[]
  }[]
  /** The purchase the reason is about: it leads a candidate or comes along in it. */
  readonly tool: string
  readonly expects: {
    /** What must come along and is not owned. */
    readonly along?: readonly string[]
    readonly count?: number
    readonly opens?: readonly string[]
    readonly minutesSaved?: number
    /** What the builds gain in money, minor units, before the price is taken off. */
    readonly gain?: number
    /** Cuts the counter charges for today and would not any more. */
    readonly cutsNoLongerPaid?: number
    /** A tool owned that almost does it, with the measure it has and the one it would need, mm. */
    readonly nearMiss?: { readonly tool: string; readonly has: number; readonly needs: number }
    readonly duplicates?: string
    readonly regret?: 'few-uses' | 'outgrown' | 'duplicate'
    /** A way with less hazard to do the same. */
    readonly gentler?: readonly string[]
    /** Metres of planed board that can be bought rough. */
    readonly roughMetres?: number
  }
}

const GEAR = ['safety-glasses', 'ear-muffs', 'half-mask'] as const
const MARKING = ['tape', 'rafter-square'] as const

export const workedReasons: readonly WorkedReason[] = [
  {
    name: 'a sander for ten table tops',
    reasoning:
      'Twenty square metres by block: 5 + 20 × 60 = 1205 minutes. By random-orbital sander: 4 + 20 × 18 = 364. It saves 841 minutes; at 12.00 an hour that is 168.20. Discs come along; mask and muffs are owned.',
    owned: [...MARKING, ...GEAR, 'sanding-block'],
    hourValue: 1200,
    builds: [
      {
        id: 'tops',
        copies: 10,
        worthEach: 30_000,
        steps: [{ operation: 'sand-flat', quantity: 2 }]
      }
    ],
    tool: 'ro-sander',
    expects: { along: ['sanding-discs'], minutesSaved: 841, gain: 16_820 }
  },
  {
    name: 'the entrance hole of four bird boxes',
    reasoning:
      'Everything else can be done; the hole cannot. So the flat bits open the boxes, and what four boxes are worth, 4 × 15.00 without paid timber, is what they bring.',
    owned: [...MARKING, ...GEAR, 'panel-saw', 'hammer', 'drill-driver', 'drill-bits'],
    builds: [
      {
        id: 'boxes',
        copies: 4,
        worthEach: 1500,
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
        ]
      }
    ],
    tool: 'flat-bits',
    expects: { opens: ['boxes'], gain: 6000 }
  },
  {
    name: 'two more clamps for a panel',
    reasoning:
      'A panel a metre long wants four clamps. Two are owned, so two more are bought, not four, and the panel is open.',
    owned: [...MARKING, ['f-clamp-600', 2]],
    builds: [
      {
        id: 'panel',
        worthEach: 8000,
        steps: [
          {
            operation: 'glue-up-panel',
            quantity: 1,
            stock: { lengthMm: 900, widthMm: 560, thicknessMm: 20 }
          }
        ]
      }
    ],
    tool: 'f-clamp-600',
    expects: { count: 2, opens: ['panel'], gain: 8000 }
  },
  {
    name: 'clamps that are too short',
    reasoning:
      'A 760 mm top wants 800 mm between the jaws with the cauls. The four clamps owned open 600: a near miss that longer ones remove.',
    owned: [...MARKING, ['f-clamp-600', 4]],
    builds: [
      {
        id: 'top',
        worthEach: 15_000,
        steps: [
          {
            operation: 'glue-up-panel',
            quantity: 1,
            stock: { lengthMm: 1200, widthMm: 760, thicknessMm: 20 }
          }
        ]
      }
    ],
    tool: 'pipe-clamp-900',
    expects: { count: 5, opens: ['top'], nearMiss: { tool: 'f-clamp-600', has: 600, needs: 800 } }
  },
  {
    name: 'a second sander',
    reasoning:
      'The palm sander does every board that the random-orbital one would do, and takes less than twice as long: 4 + 30 against 4 + 18 minutes for a square metre. It is quicker and still a near duplicate.',
    owned: [...MARKING, ...GEAR, 'palm-sander', 'sanding-block', 'sanding-discs'],
    hourValue: 600,
    builds: [
      { id: 'shelf', copies: 6, worthEach: 4000, steps: [{ operation: 'sand-flat', quantity: 1 }] }
    ],
    tool: 'ro-sander',
    expects: { minutesSaved: 72, gain: 720, duplicates: 'palm-sander', regret: 'duplicate' }
  },
  {
    name: 'sheets cut at the counter, or at home',
    reasoning:
      'Forty cuts go to the counter today, and each one is charged. A guide for the circular saw that is owned takes over all forty; the pieces stay the same, so the fees are what is saved.',
    owned: [...MARKING, ...GEAR, 'circular-saw', 'sawhorses', ['f-clamp-600', 2]],
    builds: [
      {
        id: 'cabinets',
        copies: 4,
        worthEach: 20_000,
        steps: [
          {
            operation: 'break-down-sheet',
            quantity: 10,
            stock: { lengthMm: 2440, widthMm: 1220, thicknessMm: 18 },
            accuracyMm: 1.5
          }
        ]
      }
    ],
    tool: 'guide-rail',
    expects: { cutsNoLongerPaid: 40 }
  },
  {
    name: 'a circular saw, and what is gentler',
    reasoning:
      'A hand-held circular saw with a square is the third degree of hazard. A hand saw or a jigsaw on the same square crosscuts the same boards with less of it.',
    owned: [...MARKING, ...GEAR, 'sawhorses'],
    without: ['crosscut/counter'],
    builds: [
      {
        id: 'planter',
        copies: 8,
        worthEach: 6000,
        steps: [
          {
            operation: 'crosscut',
            quantity: 20,
            stock: { lengthMm: 900, widthMm: 145, thicknessMm: 22 },
            accuracyMm: 3
          }
        ]
      }
    ],
    hourValue: 1500,
    tool: 'circular-saw',
    expects: {
      opens: ['planter'],
      gentler: ['panel-saw', 'pull-saw', 'mitre-box', 'jigsaw', 'back-saw']
    }
  },
  {
    name: 'a nailer for one lid',
    reasoning:
      'Forty brads on one evening of the year. The hammer takes 20 minutes for them, the nailer 2 + 4 = 6: 14 minutes in all, and one use a year. That is a purchase to regret.',
    owned: [...MARKING, ...GEAR, 'hammer'],
    hourValue: 1200,
    builds: [
      {
        id: 'lid',
        worthEach: 3000,
        steps: [{ operation: 'tack', quantity: 40, stock: { thicknessMm: 12 } }]
      }
    ],
    tool: 'brad-nailer',
    expects: { minutesSaved: 14, gain: 280, regret: 'few-uses' }
  },
  {
    name: 'clamps for the tray that will not do for the top',
    reasoning:
      'A 200 mm panel is held by 300 mm clamps, and they are the cheapest. The next build is 560 mm wide and wants 600 mm: they are outgrown before they are worn.',
    owned: MARKING,
    builds: [
      {
        id: 'tray',
        copies: 2,
        worthEach: 9000,
        steps: [
          {
            operation: 'glue-up-panel',
            quantity: 1,
            stock: { lengthMm: 400, widthMm: 200, thicknessMm: 20 }
          }
        ]
      },
      {
        id: 'top',
        worthEach: 15_000,
        steps: [
          {
            operation: 'glue-up-panel',
            quantity: 1,
            stock: { lengthMm: 900, widthMm: 560, thicknessMm: 20 }
          }
        ]
      }
    ],
    tool: 'f-clamp-300',
    expects: { opens: ['tray'], regret: 'outgrown' }
  },
  {
    name: 'planed board, or rough with a thicknesser',
    reasoning:
      'Forty metres of planed board could be bought rough, at little more than half the price by the metre and a good deal of waste on top; no yard is near to plane it. The jack plane that is owned makes an edge straight; flattening and thicknessing that much by hand is nobody’s bargain, a thicknesser and its sled make it one.',
    owned: [
      ...MARKING,
      ...GEAR,
      'jack-plane',
      'sharpening-stone',
      'workbench',
      'chip-extractor',
      'panel-saw',
      'sawhorses'
    ],
    without: ['flatten/yard', 'thickness/yard', 'straighten-edge/yard'],
    hourValue: 500,
    builds: [
      {
        id: 'shelving',
        copies: 4,
        worthEach: 30_000,
        materials: [{ material: 'hardwood-board', quantity: 10 }],
        steps: [
          {
            operation: 'crosscut',
            quantity: 8,
            stock: { widthMm: 145, thicknessMm: 22 },
            accuracyMm: 3.5
          }
        ]
      }
    ],
    tool: 'thicknesser',
    expects: { roughMetres: 40 }
  }
]

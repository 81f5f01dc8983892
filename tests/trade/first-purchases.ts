import { build } from '../helpers/workspaces'

const BASICS = [
  'tape',
  'rafter-square',
  'hammer',
  'screwdrivers',
  'safety-glasses',
  'ear-muffs',
  'half-mask',
  'finishing-kit'
] as const

/** For each school, builds of its kind and what its followers would buy first for them: common practice. */
export const FIRSTS: readonly {
  readonly school: string
  readonly owned: readonly string[]
  readonly builds: readonly ReturnType<typeof build>[]
  readonly first: readonly string[]
}[] = [
  {
    school: 'hand-held',
    owned: [...BASICS, 'sawhorses', 'sanding-block'],
    builds: [
      build('potting-bench', { copies: 2 }),
      build('planter', { copies: 3 }),
      build('garage-shelves')
    ],
    first: ['drill-driver', 'circular-saw', 'guide-rail', 'ro-sander', 'f-clamp-600']
  },
  {
    school: 'machine-heart',
    owned: [
      ...BASICS,
      'drill-driver',
      'drill-bits',
      'driver-bits',
      'panel-saw',
      'sawhorses',
      'f-clamp-600',
      'sanding-block'
    ],
    builds: [
      {
        ...build('planter'),
        id: 'boxes',
        copies: 20,
        worthEach: 9000,
        steps: [
          {
            id: 's1',
            operation: 'rip',
            quantity: 6,
            stock: { lengthMm: 1200, widthMm: 90, thicknessMm: 20 },
            accuracyMm: 3
          },
          {
            id: 's2',
            operation: 'crosscut',
            quantity: 16,
            stock: { lengthMm: 400, widthMm: 90, thicknessMm: 20 },
            accuracyMm: 3.5
          }
        ]
      }
    ],
    first: ['table-saw', 'crosscut-sled']
  },
  {
    school: 'gentle-start',
    owned: [...BASICS, 'sanding-block'],
    builds: [
      build('coat-bench'),
      build('planter', { copies: 2 }),
      build('bird-box', { copies: 3 })
    ],
    first: ['jigsaw', 'mitre-box', 'mitre-saw', 'drill-driver', 'pocket-jig']
  },
  {
    school: 'quiet-pull',
    owned: ['tape', 'hammer', 'screwdrivers', 'finishing-kit', 'sanding-block'],
    builds: [build('tea-box', { copies: 4 }), build('picture-ledge', { copies: 3 })],
    first: [
      'pull-saw',
      'pull-back-saw',
      'chisels',
      'pull-chisels',
      'pull-plane',
      'smoothing-plane',
      'rafter-square',
      'try-square',
      'combination-square',
      'sharpening-stone',
      'mallet',
      'scraper'
    ]
  },
  {
    school: 'quiet-push',
    owned: ['tape', 'hammer', 'screwdrivers', 'finishing-kit', 'sanding-block'],
    builds: [build('tea-box', { copies: 4 }), build('picture-ledge', { copies: 3 })],
    first: [
      'rafter-square',
      'combination-square',
      'fold-bench',
      'workbench',
      'back-saw',
      'dovetail-saw',
      'panel-saw',
      'jack-plane',
      'chisels',
      'brace',
      'hand-drill'
    ]
  },
  {
    school: 'small-room',
    owned: [
      ...BASICS,
      'panel-saw',
      'drill-driver',
      'drill-bits',
      'driver-bits',
      'sanding-block',
      'foam-sheet'
    ],
    builds: [build('peg-rail', { copies: 3 }), build('side-table')],
    first: [
      'drill-guide',
      'pipe-clamp-900',
      'parallel-clamp-600',
      'guide-rail',
      'long-straight-edge',
      'fold-bench',
      'f-clamp-600',
      'drill-block'
    ]
  },
  {
    school: 'rough-lumber',
    owned: [
      ...BASICS,
      'panel-saw',
      'sawhorses',
      'jack-plane',
      'sharpening-stone',
      'workbench',
      'marking-gauge',
      'chip-extractor',
      'drill-driver',
      'drill-bits'
    ],
    builds: [
      {
        ...build('floating-shelf'),
        id: 'shelves',
        copies: 8,
        worthEach: 24_000,
        materials: [{ material: 'hardwood-board', quantity: 8 }],
        steps: [
          {
            id: 's',
            operation: 'crosscut',
            quantity: 4,
            stock: { widthMm: 145, thicknessMm: 22 },
            accuracyMm: 3.5
          }
        ]
      }
    ],
    first: ['table-saw', 'band-saw', 'thicknesser', 'jointer', 'combined-planer']
  },
  {
    school: 'shape-curve',
    owned: [...BASICS, 'panel-saw', 'drill-driver', 'drill-bits', 'sanding-block', 'f-clamp-600'],
    builds: [
      {
        ...build('serving-tray'),
        id: 'boards',
        copies: 10,
        steps: [
          {
            id: 's1',
            operation: 'cut-curve',
            quantity: 2,
            stock: { lengthMm: 500, widthMm: 250, thicknessMm: 30 }
          },
          { id: 's2', operation: 'profile-edge', quantity: 1.5, stock: { thicknessMm: 30 } }
        ]
      }
    ],
    first: ['band-saw', 'band-saw-small', 'trim-router', 'plunge-router']
  },
  {
    school: 'earn-back',
    owned: [
      ...BASICS.filter((tool) => tool !== 'hammer' && tool !== 'screwdrivers'),
      'panel-saw',
      'drill-driver',
      'drill-bits',
      'driver-bits',
      'sanding-block'
    ],
    builds: [
      build('dining-table'),
      build('hive-box', { copies: 12, sale: { netEach: 7000, daysToSell: 20 } })
    ],
    first: []
  }
]

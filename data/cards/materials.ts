import type { StockCard } from '../../core/cards'

const stock = (use: string, look: StockCard['look'], mistake: string): StockCard => ({ use, look, mistake })
const softwood = stock(
  'Planed softwood: light, cheap, easily worked by hand; shelves, frames, garden.',
  [
    'Straight along the edge: less than 3 mm over 1 m',
    'Small knots that sit tight; no blue, no resin pockets',
    'Heart out: rings that stand rather than lie'
  ],
  'Using it the day it is bought: two weeks indoors, and it moves in the stack, not in the piece.'
)
const studs = stock(
  'Sawn or planed framing timber: benches, stands, anything strong and cheap.',
  [
    'The driest of the pile: 18 of 100 or less',
    'No twist: sight along it',
    'Ten of 100 more than the list, for what splits'
  ],
  'Building furniture from wet studs: joints open within a month.'
)
const hardwood = stock(
  'Hardwood with its faces planed: what is seen and touched.',
  ['8 to 12 of 100 moisture', 'Boards from one tree for one piece', 'A fifth more than the list for knots and colour'],
  'Buying to the exact length: ends are cracked, cut 50 mm off each.'
)
const rough = stock(
  'Rough-sawn hardwood: cheapest by volume, to be milled.',
  [
    '8 to 12 of 100 moisture, sticks in the stack',
    '5 mm thicker and 10 mm wider than the part',
    'A quarter to a third for waste'
  ],
  'Milling to size in one day: rough first, a week’s rest, then final.'
)
const plywood = stock(
  'Plywood: flat, strong both ways, does not move: cases, shelves, jigs.',
  [
    'Flat on the floor: under 5 mm over its length',
    'No gaps in the edge',
    'Its real thickness: often 0.5 mm under the name'
  ],
  'Cutting grooves to the name’s thickness instead of the sheet’s.'
)
const fibre = stock(
  'Fibreboard: flat, smooth, heavy; for paint, jigs, templates.',
  ['Moisture-proof kind where damp', '18 mm sheet weighs about 40 kg', 'Edges seal with two coats'],
  'Its dust: lungs covered, hose on. Screws into the edge split it.'
)
const screws = stock(
  'Screws: hold, pull together, come out again.',
  [
    'Two thirds of the length in the second piece: 4 × 40 mm for 18 mm sheets',
    'Star heads do not slip',
    'Stainless or coated outdoors; never plain steel in oak'
  ],
  'No pilot near an end.'
)
const glue = stock(
  'Glue: a good joint of it is stronger than the wood.',
  [
    'Open 5 to 10 minutes, clamped half an hour',
    'D3 or Type II indoors in damp; D4 or Type I outdoors',
    'Keeps about a year, not in frost'
  ],
  'Starved by clamps or spread on one side only: thin on both faces, a bead comes out.'
)
const finish = stock(
  'Finish: keeps dirt and damp out of the wood.',
  [
    '1 litre does about 10 m² once',
    'Dry to the touch and dry enough to load are two numbers',
    'For food and children: marked so'
  ],
  'Oily rags in a heap catch fire by themselves: spread out or wet in a closed tin.'
)
const fixing = (use: string, look: StockCard['look'], mistake: string): StockCard => stock(use, look, mistake)

/** What is said of materials, by the beginning of their ids; the first that fits holds. Common practice, from memory. */
export const materialCards: readonly (readonly [begins: string, card: StockCard])[] = [
  ['softwood-stud', studs],
  ['softwood-joist', studs],
  ['softwood-post', studs],
  ['nominal-2', studs],
  ['nominal-4', studs],
  ['softwood', softwood],
  ['nominal', softwood],
  ['hardwood-rough', rough],
  [
    'hardwood-blank',
    fixing(
      'A block for the lathe.',
      ['Ends waxed', 'No crack to the heart', '10 mm longer and thicker than the piece'],
      'Turning it with a crack: it flies apart.'
    )
  ],
  [
    'hardwood-slab',
    fixing(
      'A block for carving.',
      ['Even grain, few knots', 'Fresh carves easier', 'Ends sealed'],
      'Letting it dry in the sun: it cracks.'
    )
  ],
  ['hardwood', hardwood],
  ['plywood', plywood],
  ['mdf', fibre],
  [
    'polycarbonate',
    fixing(
      'Twin-wall glazing for frames and greenhouses.',
      ['UV side marked', '4 to 10 mm', 'Edges taped'],
      'Screwed tight: it grows 3 mm a metre in the sun, larger holes.'
    )
  ],
  [
    'pocket-screws',
    fixing(
      'Screws for slanted holes: flat under the head.',
      [
        '32 mm for 19 mm boards, 64 mm for 38 mm',
        'Coarse for softwood and sheets, fine for hardwood',
        'Square or star recess'
      ],
      'Countersunk ones in their place: they split the pocket.'
    )
  ],
  ['screws', screws],
  [
    'brads',
    fixing(
      'Thin nails: hold while glue dries, and backs.',
      ['1.2 mm thick, 15 to 50 mm', 'Three times the thickness of the thinner piece', 'Galvanised outdoors'],
      'Trusting them with load.'
    )
  ],
  [
    'dowels',
    fixing(
      'Grooved pins for joints.',
      ['6, 8, 10 mm: a third of the board', 'Dry: they swell in glue', '2 mm shorter than both holes'],
      'Smooth rod without a groove: the glue cannot get out.'
    )
  ],
  [
    'biscuits',
    fixing(
      'Beech slips that swell in glue.',
      ['Sizes 0, 10, 20', 'Kept dry in a jar', '150 to 200 mm apart'],
      'Damp ones do not go in.'
    )
  ],
  [
    'edge-band',
    fixing(
      'Covers the edges of sheets, ironed on.',
      ['2 to 3 mm wider than the sheet', 'Real wood can be sanded and oiled', 'About 180 degrees'],
      'Trimming before it is cold.'
    )
  ],
  [
    'magnets',
    fixing(
      'Hold doors and lids shut.',
      ['10 to 12 mm across, 3 to 5 mm thick', 'Mark which side faces out', 'A drop of two-part glue'],
      'Two glued the wrong way round. Keep them from children: swallowed, they are dangerous.'
    )
  ],
  ['glue', glue],
  ['oil', finish],
  ['varnish', finish],
  ['paint', finish],
  [
    'wall-plugs',
    fixing(
      'Hold screws in brick, concrete and board.',
      ['6 to 8 mm, as the screw', 'The kind for your wall', 'Hole 10 mm deeper than the plug'],
      'A plug for brick in plasterboard.'
    )
  ],
  [
    'bolts',
    fixing(
      'Hold what is taken apart again: benches, beds.',
      ['8 to 10 mm', 'A washer under head and nut', 'Hole 0.5 mm wider'],
      'Nuts without washers pull into the wood.'
    )
  ],
  [
    'slides',
    fixing(
      'Let drawers run.',
      [
        'The drawer 26 mm narrower than its opening for side-mounted pairs',
        'Carry 30 to 45 kg a pair',
        'Full extension shows the back'
      ],
      'Drawer made before the slides were measured.'
    )
  ],
  [
    'hinges',
    fixing(
      'Let doors and lids turn.',
      [
        'Two to 900 mm height, three beyond',
        'Screws as deep as the frame allows',
        'Inset or overlay: decide before the door'
      ],
      'All screws at once: try it on two.'
    )
  ],
  [
    'vice-hardware',
    fixing(
      'Screw and guides for a wooden vice.',
      ['Opens 200 mm or more', 'Screw of 20 to 25 mm', 'Bolts through, not screws'],
      'A jaw under 45 mm thick bends.'
    )
  ],
  [
    'pegs',
    fixing(
      'Turned pegs for coats and cups.',
      ['Tenon 12 to 13 mm', '20 mm of it in the rail', 'Set 5 degrees upward'],
      'Straight out: things slide off.'
    )
  ]
]

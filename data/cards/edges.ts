import { card, family } from './write'

const edgeCare =
  'Strop it every quarter of an hour, stone it when that no longer helps; a guard on the edge in the drawer.'

/** Chisels, knives, files, striking tools, sharpening. Figures: common practice, from memory. */
export const edgeCards = {
  ...family(
    {
      look: [
        'A flat back: 20 mm behind the edge is what counts',
        'Sides bevelled to under 1 mm reach into dovetails',
        'Steel that takes an edge at 25 to 30 degrees and keeps it for half an hour'
      ],
      mistake: 'Both hands behind the edge, always: a chisel held in one hand at a piece held in the other slips.',
      care: edgeCare
    },
    {
      chisels: {
        use: 'Pare, chop and clean out joints: with a mallet across the grain, by hand along it.',
        size: 'Three do most work: 6 to 10 mm, about 20 mm, about 35 mm.'
      },
      'pull-chisels': {
        use: 'The same with a hard steel laid on soft iron and a hoop for the hammer.',
        look: [
          'A hollow back and a hard edge, at 30 degrees',
          'Hoops set down 1 to 2 mm before the first blow',
          'Laid steel visible as a line on the bevel'
        ],
        size: '3, 24 and 36 mm cover narrow joints, most work, and paring.'
      },
      'mortise-chisel': {
        use: 'Chops deep, narrow slots: thick enough to lever the waste out.',
        size: '8 mm is a third of a 24 mm frame: the usual rule for a tenon.'
      },
      gouges: {
        use: 'Carve hollows, bowls, letters and relief.',
        look: [
          'A few sweeps in 6 to 20 mm rather than a set of twelve',
          'Polished inside and out',
          'Ready sharpened costs more and saves a day'
        ],
        mistake: 'Carving with dull tools: they slip, sharp ones cut.'
      },
      'turning-tools': {
        use: 'Cut wood that turns in a lathe: roughing gouge, spindle gouge, skew, parting tool.',
        look: ['Steel for high speed, 200 mm handle or longer', 'Four tools begin', 'Ground ready at 40 to 45 degrees'],
        mistake: 'Letting the edge touch before the bevel: bevel first, then raise the handle.'
      }
    }
  ),
  ...family(
    {
      look: [
        'A blade of 60 to 80 mm',
        'Laminated or carbon steel, ground flat without a second bevel',
        'A handle that fills the hand'
      ],
      mistake: 'Cutting towards the thumb without a guard on it: brace the thumbs against each other.',
      care: edgeCare
    },
    {
      'carving-knife': 'Carves spoons and figures from green or soft wood.',
      'hook-knife': {
        use: 'Hollows the bowls of spoons and cups.',
        look: ['A bend of 25 to 40 mm across', 'Sharpened on the outside', 'Right- or left-handed: say which']
      },
      'utility-knife': {
        use: 'Cuts veneer, card, tape and foam, and scores sheets before sawing.',
        look: [
          'A blade that cannot slide back',
          'Spare blades in the handle',
          'Standard blades of 0.6 mm: 10 cost little'
        ],
        mistake: 'Cutting with a dull blade: break or change it, blades are cheap.',
        care: 'A new blade every hour or so of cutting.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Sharp to the touch, drawn backwards',
        'A handle is part of it: a bare tang is dangerous',
        'Coarse for shape, fine for finish: 250 mm and 200 mm'
      ],
      mistake: 'Sawing to and fro: they cut forwards only, and clog when drawn back.',
      care: 'Brush them out; never lay them on each other.'
    },
    {
      rasp: 'Shapes curves and handles in wood, quickly and with control.',
      files: 'Sharpen scrapers and saws, ease metal, and smooth what a rasp has left.'
    }
  ),
  awl: card(
    'Marks and starts holes, so that a bit or a screw begins where it should.',
    ['A point of 3 mm, square or round', 'A handle that fits the palm', '80 mm of steel, no more'],
    'Starting without one: the bit wanders 1 to 2 mm.',
    'A stroke on the stone now and then.'
  ),
  'putty-knife': card(
    'Presses filler into holes and scrapes glue before it is hard.',
    ['Springy steel', '40 to 60 mm wide', 'Rounded corners do not scratch'],
    'Leaving filler proud by 2 mm: less to sand if it is scraped flush.',
    'Wipe it at once.'
  ),
  ...family(
    {
      look: [
        'A head that sits tight on its handle',
        'Faces square to the stroke',
        'As heavy as you can swing for 10 minutes'
      ],
      mistake: 'Holding it short: swing from the elbow, look at the edge and not at the handle.',
      care: 'Tighten a loose wedge before the next stroke.'
    },
    {
      mallet: {
        use: 'Drives chisels and knocks joints together without bruising them.',
        size: 'About 500 g for chisels.'
      },
      'dead-blow': { use: 'Puts cases together without bounce or dents.', size: 'About 700 g with a soft face.' },
      hammer: { use: 'Drives nails and pins.', size: '300 to 450 g for furniture.' },
      'plane-hammer': { use: 'Sets wooden planes and pull chisels: brass, soft faces.', size: '200 to 300 g.' }
    }
  ),
  ...family(
    {
      look: ['Jaws that meet without light between them', 'Joint without play', '180 to 250 mm long'],
      mistake: 'Levering on the bare wood: lay a piece of card or ply under it.',
      care: 'A drop of oil in the joint twice a year.'
    },
    {
      'nail-set': {
        use: 'Drives the heads of nails and pins below the face.',
        look: ['A cupped tip of 1, 2 or 3 mm to suit the nail', 'Hardened', 'Knurled to hold'],
        mistake: 'Sinking a nail with the hammer: it bruises the wood around.'
      },
      pincers: 'Pull nails and hold what fingers cannot.',
      wrench: {
        use: 'Tightens nuts and bolts of all sizes, on benches and machines.',
        look: ['Opens to 25 mm or more', 'Jaws parallel when tight', 'No slack in the screw']
      },
      'staple-gun': {
        use: 'Fixes backs, webbing and cloth.',
        look: ['Takes staples of 6 to 14 mm', 'Light enough for one hand', 'A catch that locks it'],
        mistake: 'Staples where strength is asked for: they hold backs, not shelves.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Two grits begin: about 1000 to cut, 4000 to 8000 to polish',
        '50 mm wide or more takes a plane iron',
        'It must itself be flattened: ask how'
      ],
      mistake: 'Sharpening too seldom: two minutes often, not an hour when it no longer cuts.',
      care: 'Flatten it when light shows under a rule; keep water stones from frost.'
    },
    {
      'sharpening-stone': 'Brings an edge to shine: every edge in the shop needs it within its first hour.',
      'diamond-plates': {
        use: 'Sharpen quickly, stay flat, and flatten other stones.',
        look: [
          '300 and 1000 grit on two sides begin',
          'A steel plate, flat within 0.05 mm',
          'New ones feel too coarse for a week'
        ]
      }
    }
  ),
  'honing-guide': card(
    'Holds an iron at one angle on the stone, so that a beginner gets an edge the first time.',
    [
      'Takes 5 to 70 mm wide irons',
      'The iron stays square when it is tightened',
      'Set by how far the iron stands out: 38 mm is about 30 degrees on many'
    ],
    'Sharpening without a stop for the projection: the angle changes each time.',
    'Clean the wheel and oil its axle.'
  ),
  strop: card(
    'Polishes an edge in ten strokes, between two visits to the stone.',
    ['Leather or hard wood, flat', '50 mm × 250 mm', 'Paste of half a micron or so'],
    'Pushing edge first: draw it backwards, or it cuts the leather.',
    'Scrape it when it is black, new paste.'
  ),
  burnisher: card(
    'Turns the burr of a scraper.',
    ['Harder than the scraper: 8 mm of polished rod', 'Round or three-sided', 'A handle that takes pressure'],
    'Tilting it too far: 5 to 10 degrees are enough.',
    'A drop of oil, keep it smooth.'
  ),
  ...family(
    {
      look: [
        'Wheels that run without wobble, under 0.5 mm',
        'A rest that stands firm, within 3 mm of the wheel',
        'Half-speed, or water: edges stay cool'
      ],
      mistake: 'Blueing the steel: touch it for two seconds, cool it, touch it again.',
      care: 'Dress the wheel when it shines; ring it for cracks before it is fitted.'
    },
    {
      'bench-grinder': {
        use: 'Grinds nicked edges and turning tools back to shape.',
        size: '150 mm; the 200 mm size grinds flatter.'
      },
      'water-grinder': 'Grinds slowly in water: it cannot burn an edge, and is set by jigs.',
      'wheel-dresser': {
        use: 'Makes a grinding wheel true and sharp again.',
        look: ['Diamond tip or star wheels', 'As wide as the wheel, 20 mm', 'Held on the rest'],
        mistake: 'Dressing without lungs and eyes covered.'
      }
    }
  )
}

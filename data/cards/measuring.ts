import { card, family } from './write'

const dry = 'Wipe dry after use and keep a film of oil on steel; a fall is reason to check it again.'

/** Measuring and marking. Figures: common practice, from memory. */
export const measuringCards = {
  tape: card(
    'Measures stock and work, and finds the middle; one tape for one build, so that its errors are the same everywhere.',
    [
      'The hook slides by its own thickness, about 1 mm, and no more',
      'It stands out 1.5 m or further before it folds',
      'Printed to the millimetre or to 1/16 of an inch, black on light'
    ],
    'Measuring from the hook where it matters: start at the 100 mm line and take 100 off, or use a rule.',
    'Let the blade run in by hand; a bent hook is a new tape.',
    '5 m reaches over a whole sheet (2440 mm) and still fits a pocket.'
  ),
  ...family(
    {
      look: [
        'Etched marks, not printed ones, to half a millimetre',
        'Edges straight within 0.2 mm: hold it to the light against another',
        'Matt steel reads without glare'
      ],
      mistake: 'Reading it from the side: turn it on edge, so that the marks touch the work.',
      care: dry
    },
    {
      'steel-rule': {
        use: 'Sets gauges, fences and depths, and measures what a tape is too coarse for.',
        size: '300 mm reaches over most boards; 150 mm for the pocket.'
      },
      'folding-rule': {
        use: 'Measures inside openings and stands by itself where a tape would fold.',
        look: [
          'Joints that click straight and have no play: 1 mm at most over 1 m',
          'Marks on both faces',
          'A brass tongue for inside measures where it has one'
        ],
        mistake: 'Folding it against its joints: they break.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Square within 0.1 mm over 100 mm: draw a line, flip the square, draw again; the lines must meet',
        'The blade does not move in its stock',
        'A stock long enough to sit on the edge by itself, 100 mm or more'
      ],
      mistake: 'Trusting a new one: flip it before the first piece, and after every fall.',
      care: dry
    },
    {
      'combination-square': {
        use: 'Marks square and 45 degrees, gauges lines parallel to an edge and sets the height of blades: the most used square of all.',
        size: '300 mm for furniture; a second one of 150 mm lives in the pocket.',
        look: [
          'Square within 0.1 mm over 100 mm by the flip test, at 90 and at 45 degrees',
          'The lock holds the rule without tilting it',
          'Etched marks, satin finish; cast head, no printed ones'
        ]
      },
      'try-square': 'Marks and checks square on narrow work, and stays true because nothing on it moves.',
      'rafter-square': {
        use: 'Marks square and angles, and is the fence a hand-held circular saw runs along.',
        look: [
          'Cast or milled, 5 mm thick or more: a folded one bends under a saw',
          'Edges square within 0.3 mm over 180 mm by the flip test',
          'A lip high enough, 15 mm, to sit on the edge'
        ],
        size: '180 mm guides a saw over boards to 145 mm; the 300 mm size over shelves.',
        mistake: 'Holding it only at the lip while sawing: press it down and against the edge, or clamp it.'
      },
      'framing-square': {
        use: 'Marks and checks square over wide boards, cases and frames.',
        size: '600 mm reaches over the depth of most cabinets.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The stock runs 100 mm along an edge without rocking',
        'Its lock holds against a push of the hand',
        'The pin or wheel stands 1 to 2 mm proud and is sharp'
      ],
      mistake: 'Pressing hard: three light passes make a line, one heavy pass follows the grain.',
      care: 'A drop of oil on the beam, wax in the stem; sharpen a pin with two strokes of a file.'
    },
    {
      'marking-gauge': 'Scribes a line parallel to an edge, for thickness, joints and hinges.',
      'mortise-gauge': 'Scribes both sides of a mortise or tenon at once, to the width of the chisel.',
      'sliding-bevel': {
        use: 'Takes an angle from a drawing or a piece and marks it again and again.',
        look: [
          'Its lock holds when the blade is pushed at its end',
          'A blade of 200 mm for furniture',
          'The lock does not stand in the way of the edge'
        ],
        mistake: 'Setting it by a printed scale: take the angle from the work or a protractor.'
      },
      'dovetail-marker': {
        use: 'Marks the slopes of dovetails, all alike.',
        look: [
          'A slope of 1 in 6 for softwood, 1 in 8 for hardwood',
          'Square across the end as well',
          'Brass or hard wood, thin'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Points that meet when it is closed',
        'A lock or friction that holds over 50 strokes',
        'Legs that do not spring: press them at 100 mm'
      ],
      mistake: 'Boring a hole with the point: put a bit of tape or card under it.',
      care: 'Keep the points sharp with a stone and covered in the drawer.'
    },
    {
      compass: 'Draws circles and rounds to about 200 mm, and scribes a piece to an uneven wall.',
      dividers: 'Steps off equal parts without a number: spacing of shelves, dovetails, slats.',
      trammel: {
        use: 'Draws large circles and arcs on any bar, from 200 mm to over a metre.',
        size: 'The bar decides: a batten of 20 × 45 mm does for 1.2 m.'
      }
    }
  ),
  'straight-edge': card(
    'Tells whether a face, a fence or a table is flat, and guides a knife or a saw.',
    [
      'Straight within 0.3 mm over 1 m: draw a line, turn it over, draw again',
      'Stiff: 40 mm high or more',
      'A hole to hang it by; it bends when it leans'
    ],
    'Guiding a power saw by a thin rule: it flexes and the cut bows.',
    'Hang it; check it against its own line twice a year.',
    '1 m covers a table saw; 2 m a door or a sheet.'
  ),
  'long-straight-edge': card(
    'Guides and checks over the length of a sheet or a long board.',
    [
      'Straight within 0.5 mm over 2 m by the turned line',
      'A stiff profile, 18 mm thick or more',
      'In one piece rather than joined'
    ],
    'Storing it leaning: it takes a bow for good.',
    'Lay it flat or hang it.'
  ),
  calipers: card(
    'Measure thickness, diameters and depths to a tenth of a millimetre: drill bits, plywood, tenons.',
    [
      'They read zero when closed, ten times in ten',
      'Metal jaws and a thumb wheel; 150 mm is enough',
      'A dial or a vernier needs no battery'
    ],
    'Squeezing: two readings that differ by more than 0.1 mm mean too much pressure.',
    'Wipe the jaws before closing; take the battery out of what lies unused.'
  ),
  'setup-blocks': card(
    'Blocks of known thickness set blades, bits and fences without reading a scale.',
    [
      'Marked size within 0.05 mm by calipers',
      'From 3 to 25 mm in steps that add up',
      'Brass or aluminium, edges broken'
    ],
    'Measuring what a block would just touch.',
    'Keep them in their box; a burr makes them wrong.'
  ),
  'angle-gauge': card(
    'Reads the angle between a blade and its table to a tenth of a degree.',
    ['Zeroed on the table it stands on', 'Repeats within 0.1 degree', 'Magnets strong enough to hang by'],
    'Reading it without zeroing first.',
    'Take the battery out between builds.'
  ),
  'marking-knife': card(
    'Cuts the line a chisel or saw is set into: finer than any pencil.',
    ['A blade bevelled on one side only, 2 mm thick or less', 'Flat back, polished', 'A handle that does not roll'],
    'Pressing: the first pass is light, or the knife follows the grain.',
    'Strop it when it drags; a minute on the stone a month.'
  ),
  level: card(
    'Shows level and plumb where shelves and cabinets are hung.',
    ['Turned end for end it reads the same: within 1 mm over 1 m', 'Milled edge', 'Vials that cannot move'],
    'Trusting it unturned.',
    'Check it turned once a year.',
    '600 mm for shelves and cupboards.'
  ),
  'stud-finder': card(
    'Finds studs, pipes and cables behind a wall before a hole is bored.',
    ['Warns of live wire as well', 'Marks both edges of a stud, about 50 mm apart', 'Zeroes itself on the wall'],
    'Boring where it beeped once: go over the wall from both sides.',
    'A new battery before each job.'
  ),
  'moisture-meter': card(
    'Tells whether timber is dry enough: 8 to 12 of 100 indoors, under 18 outdoors.',
    ['Pins of 5 mm or more', 'A scale for softwood and hardwood', 'A cheap one tells dry from wet, not 9 from 11'],
    'Measuring the skin: cut the end off and try the fresh face.',
    'Keep the pins clean; take the battery out.'
  ),
  scales: card(
    'Weigh out glue, finish and two-part mixes.',
    ['Reads to 1 g up to 3 kg or more', 'Zero key for the tub', 'Flat top that wipes clean'],
    'Mixing by eye: two-part glue off by a tenth stays soft.',
    'Cover the top with film.'
  ),
  'flexible-curve': card(
    'Holds a smooth curve while a line is drawn along it.',
    ['600 mm or longer', 'No kinks after bending', 'A flat edge that sits on the board'],
    'Bending it tighter than a hand, about 80 mm: it kinks.',
    'Lay it straight.'
  ),
  'profile-gauge': card(
    'Copies the shape of a moulding or an uneven wall to be cut again.',
    ['250 mm wide with teeth of 1 mm', 'It locks', 'Pins that slide evenly'],
    'Pushing it in askew: hold it square to the face.',
    'Brush out dust; a drop of dry lubricant.'
  ),
  'chalk-line': card(
    'Snaps a straight line over a sheet or along a waney board.',
    ['A line of 10 m and more, 1 mm thin', 'Winds in quickly', 'Washable chalk, blue'],
    'Snapping from the side: lift it square to the face.',
    'Keep it dry; fill up when the line goes pale.'
  )
}

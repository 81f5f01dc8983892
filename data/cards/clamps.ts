import { card, family } from './write'

const clampCare = 'Dry glue scraped off, threads waxed, pads kept; store them closed.'

/** Clamps and holding. Figures: common practice, from memory. */
export const clampCards = {
  ...family(
    {
      look: [
        'The bar does not bow: 3 mm over 600 mm is too much',
        'The arm grips at once and does not slip',
        'Soft pads that stay on'
      ],
      mistake: 'Too few: one every 150 to 200 mm along a joint, above and below in turn.',
      care: clampCare
    },
    {
      'f-clamp-300': {
        use: 'Presses small work and holds pieces, guides and stops.',
        size: '300 mm for boxes and guides: four are a start.'
      },
      'f-clamp-600': {
        use: 'Presses panels and cases: the clamp for most furniture.',
        size: '600 mm takes a panel of 500 mm; longer ones take short work too, not the other way round.'
      },
      'pipe-clamp-900': {
        use: 'Presses wide panels for little money: heads on plain pipe.',
        size: '900 mm; the same heads go on any length of pipe.',
        look: [
          'The clutch bites and does not slide',
          'Pipe of 18 mm bore (3/4) is stiffer than the thin one',
          'Feet keep it upright'
        ]
      },
      'pipe-clamp-1500': { use: 'The same for table tops and long frames.', size: '1.5 m takes tables and doors.' },
      'parallel-clamp-600': {
        use: 'Presses with jaws that stay square, so that cases and doors glue up flat.',
        size: '600 mm for doors and cases.'
      },
      'parallel-clamp-1000': { use: 'The same for larger cases and tops.', size: '1 m.' },
      'trigger-clamp-300': {
        use: 'Holds with one hand: guides, stops, helpers.',
        size: '300 mm; pairs.',
        look: ['Holds 100 kg or so: enough to hold, little to glue', 'Pads stay on', 'Can be turned round to spread'],
        mistake: 'Gluing panels with them: they hold, they do not press.'
      },
      'g-clamp-100': {
        use: 'Presses hard on a small spot.',
        size: '100 mm.',
        look: ['Cast or forged', 'Swivel foot', 'A throat of 50 mm or more']
      },
      'edge-clamps': { use: 'Press an edging onto a board.', size: 'Boards to 60 mm.' },
      'rail-clamps': {
        use: 'Hold a saw’s rail from below.',
        size: 'Fits the slot of your rail: try before paying.',
        look: ['Fits the rail’s slot', 'Opens 100 mm or more', 'Quick release']
      },
      'strap-clamp': {
        use: 'Presses frames, boxes and round work together all round.',
        size: '4 m goes round most cases.',
        look: ['Corners with a groove for the strap', 'A ratchet or screw that lets go slowly', '25 mm wide strap']
      },
      'spring-clamps': {
        use: 'Hold thin edges, guides and cloth in a second.',
        size: 'Opens 50 mm.',
        look: ['Pads that swivel', 'As strong as your hand allows', '8 cost less than one good clamp']
      },
      'hand-screw': {
        use: 'Holds odd shapes and small pieces at machines, with wooden jaws.',
        size: '150 mm opening.',
        look: ['Jaws that can be set out of parallel by 20 degrees', 'Nuts that turn freely', 'Hard wood, no twist']
      },
      'corner-clamps': {
        use: 'Hold two boards at a right angle while they are screwed.',
        size: 'Boards to 70 mm wide.',
        look: ['Square within 0.3 mm over 100 mm', 'Both jaws move', 'They leave room for the drill']
      },
      'toggle-clamps': {
        use: 'Hold a piece in a jig, on and off in a second.',
        size: 'Holding 100 kg: the middle size.',
        look: ['Foot can be set in height', 'No play in the joints', 'Screws to a plate of 18 mm']
      }
    }
  ),
  ...family(
    {
      look: [
        'Jaws that meet parallel, within 1 mm',
        'A screw that runs without play',
        'Bolted, not clamped, where it can be'
      ],
      mistake: 'Racking: a piece at one end only needs an equal piece at the other.',
      care: 'Oil on the screw, wood or leather on the jaws.'
    },
    {
      'bench-vice': { use: 'Holds work while it is sawn, planed or bored.', size: '120 mm opening for small work.' },
      'front-vice': {
        use: 'Holds boards at the edge of a bench, with a wide wooden face.',
        size: 'Opens 230 mm; jaws of 180 mm.'
      },
      holdfasts: {
        use: 'Hold work to the bench with one blow of a mallet.',
        size: '19 or 20 mm holes, bench 50 to 90 mm thick.',
        look: ['Bent, not cast', 'Grip in your hole: try one', 'Reach of 150 mm'],
        mistake: 'A bench that is too thin: under 45 mm they do not bite.'
      },
      'bench-dogs': {
        use: 'Stop work on the bench and pair with a vice.',
        size: '19 or 20 mm, as the holes are.',
        look: ['A spring that holds at any height from 5 to 40 mm', 'Face square', 'Brass or wood: kind to planes']
      }
    }
  ),
  'press-vice': card(
    'Holds small work square under a drill press.',
    ['Opens 90 mm', 'Jaws parallel, a groove for round stock', 'Slots for bolts to the table'],
    'Not bolting it: it turns with the bit.',
    'Chips off the screw.'
  ),
  'lathe-chuck': card(
    'Grips bowls and blanks on a lathe.',
    ['The thread of your lathe', 'Four jaws that close together, 50 mm and 100 mm sets', 'Runs out 0.1 mm at most'],
    'Gripping 5 mm of a heavy blank: a deeper foot, lower speed.',
    'Jaws off and brushed once a season.'
  )
}

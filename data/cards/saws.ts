import { card, family } from './write'

const teethCare =
  'Hang it or sheathe it; wipe off resin; a hardened saw is used up when it pulls to one side, another is sharpened.'

/** Hand saws. Figures: common practice, from memory. */
export const sawCards = {
  ...family(
    {
      look: [
        'A spare blade can be had: it costs about half the saw',
        'Coarse teeth, 2 mm apart, along the grain; fine ones, 1 to 1.5 mm, across',
        'The blade is straight by eye and springs back'
      ],
      mistake: 'Pushing: it cuts on the pull, with hardly any pressure, and bends when it is forced.',
      care: teethCare
    },
    {
      'pull-saw': {
        use: 'Cuts along and across the grain on the pull, thin and clean, with one edge for each.',
        size: '240 mm does furniture and shelves; longer blades want a longer arm.'
      },
      'pull-back-saw': 'Cuts joints on the pull: a stiff back keeps the thin blade straight, to 50 mm deep.',
      'flush-saw': {
        use: 'Cuts plugs and pegs off level with the face, without scratching it.',
        look: [
          'Teeth with no set at least on one side',
          'A blade of 0.3 to 0.5 mm that bends flat',
          'A spare blade can be had'
        ],
        mistake: 'Cutting in one go: half from each side leaves no splinter.'
      }
    }
  ),
  ...family(
    {
      look: [
        'A handle that fits three or four fingers, screwed on tight',
        'Straight along its teeth by eye',
        'Teeth that shine at their points are dull: a used one needs about 1 hour of sharpening, or a shop'
      ],
      mistake: 'Starting with a push: draw back lightly two or three times at the line first.',
      care: teethCare
    },
    {
      'panel-saw': {
        use: 'Cuts boards and sheets to size by hand, across and (slowly) along.',
        size: '500 mm with 7 to 9 teeth to the inch for general work.'
      },
      'rip-saw': {
        use: 'Cuts along the grain: few, big teeth like a row of chisels.',
        size: '650 mm with 4 to 6 teeth to the inch; shorter ones tire the arm.'
      },
      'back-saw': {
        use: 'Cuts tenons and shoulders: a heavy back keeps it straight.',
        size: '300 mm and 75 mm deep takes most joints of furniture.'
      },
      'dovetail-saw': {
        use: 'Cuts fine joints such as dovetails, with little set and fine teeth.',
        size: '200 mm with 15 teeth to the inch or finer.'
      },
      'keyhole-saw': {
        use: 'Starts in a bored hole and cuts out inside shapes in sheets.',
        look: ['A stiff blade, 1.2 mm or more', 'Narrow at its tip, 10 mm', 'A firm handle'],
        mistake: 'Expecting a clean line: stay 2 mm off and finish with rasp and paper.'
      }
    }
  ),
  ...family(
    {
      look: [
        'A frame that holds the blade tight: it rings when it is plucked',
        'Blades of a standard length (165, 125 or 300 mm), so that spares cost little',
        'The blade can be turned to all sides'
      ],
      mistake: 'Steering with force: let the blade cut, turn the frame, not the wrist.',
      care: 'Loosen the blade after work; blades break, keep ten.'
    },
    {
      'coping-saw': {
        use: 'Cuts curves and waste between dovetails; the blade goes through a bored hole for inside shapes.',
        size: '120 mm from blade to frame decides how far from an edge it reaches.'
      },
      'fret-saw': 'Cuts fine curves in thin stock, to 12 mm or so, deep into a panel.',
      'turning-saw': 'Cuts curves in thick stock with both hands on a tensioned frame.',
      'resaw-frame': {
        use: 'Saws a board into thinner ones by hand: an hour of honest work for a wide one.',
        mistake: 'Sawing from one edge only: turn the board every 20 mm, and the cut stays straight.'
      },
      hacksaw: {
        use: 'Cuts metal: bolts, rod, pipe for clamps.',
        look: ['Tight blade, 300 mm', '24 teeth to the inch for steel, 18 for aluminium', 'A handle clear of the work'],
        mistake: 'Sawing wood with it.'
      }
    }
  ),
  'mitre-box': card(
    'Guides a saw at 90 and 45 degrees, so that narrow stock is cut true without a machine.',
    [
      'Slots that fit the saw: 1 mm of play is a crooked cut',
      'Takes the width you need: 120 mm for boards, less for mouldings',
      'It can be screwed or clamped down'
    ],
    'Holding the piece by hand alone: clamp it, or the saw creeps it along.',
    'A worn slot is a new box; the ones of metal are adjusted once a year.'
  )
}

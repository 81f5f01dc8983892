import { card, family } from './write'

const alignCare =
  'Check it with a square each month and after every move; wax tables, dry lubricant on screws, chips out.'

/** Machines that stand. Figures: common practice, from memory; the machine's manual goes first. */
export const machineCards = {
  ...family(
    {
      look: [
        'Stops at 90 and 45 that click and hold: push the arm sideways, no play',
        'Cuts square within 0.2 mm over 150 mm, after setting',
        'A blade of 40 teeth or more: the one supplied is for framing'
      ],
      mistake: 'Cutting a short or bowed piece held by hand: clamp it, bow towards the fence, hands 150 mm away.',
      care: alignCare
    },
    {
      'mitre-saw': {
        use: 'Cuts boards to length, square or at an angle, all alike with a stop.',
        size: '254 mm on rails takes boards to 300 mm.'
      },
      'mitre-saw-small': {
        use: 'The same for narrow boards; light enough to put away.',
        size: '210 mm takes boards to 120 mm.'
      },
      'mitre-saw-large': {
        use: 'The same for wide and thick boards.',
        size: '305 mm takes 340 × 110 mm; it is heavy and wants a stand.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The fence locks parallel to the blade within 0.1 mm, every time',
        'Riving knife and guard are there and fit',
        'Flat table within 0.2 mm; mitre slot of a common size'
      ],
      mistake:
        'Freehand, or a piece pinched between fence and blade: it comes back faster than anyone moves. Fence or sled, never both; stand to the side.',
      care: alignCare
    },
    {
      'table-saw': {
        use: 'Rips boards and repeats cuts to a fence; with sleds it does half of all joinery.',
        size: '216 mm cuts 65 mm deep and 620 mm wide: half a sheet. A post needs two passes.'
      },
      'cabinet-saw': {
        use: 'The same, heavy and quiet-running, for thick hardwood and long days.',
        size: '254 mm, 80 mm deep; ask for its circuit first.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Guides close to the blade, within 0.1 mm, and it tracks in the middle of the tyre',
        'Frame that does not give when the blade is tensioned',
        'Table square to the blade, and can be tilted'
      ],
      mistake: 'Blaming drift: a new, sharp, tensioned blade cuts straight; set the fence to how it runs.',
      care: 'Loosen the blade between builds; new tyres after some years; chips off the lower wheel.'
    },
    {
      'band-saw': {
        use: 'Cuts curves, rips thick stock safely and saws boards into thinner ones.',
        size: '300 mm from blade to frame, 160 mm under the guide.'
      },
      'band-saw-small': {
        use: 'The same on a bench, for small curves.',
        size: '200 mm from blade to frame, 80 mm high: no resawing of wide boards.'
      }
    }
  ),
  'scroll-saw': card(
    'Cuts fine curves and fretwork in thin stock.',
    ['Little shake at 1000 strokes a minute', 'Blades clamped without a key, pinless', '400 mm from blade to frame'],
    'Feeding fast: the blade bows and the edge is not square.',
    'New blades often: they last about half an hour.'
  ),
  ...family(
    {
      look: [
        'Snipe under 0.2 mm: the first and last 60 mm of a trial board',
        'Knives that are changed without setting',
        'A port of 60 to 100 mm: it fills a vacuum in minutes'
      ],
      mistake: 'Feeding short or thin boards: not under 300 mm long or 6 mm thick without a carrier.',
      care: 'Knives turned or changed when the sheen is gone; tables waxed; rollers wiped.'
    },
    {
      thicknesser: {
        use: 'Makes a board one thickness, parallel to a face that is already flat.',
        size: '310 mm takes most boards; width is what one outgrows.'
      },
      jointer: {
        use: 'Makes one face flat and one edge square to it: where straight stock begins.',
        size: '150 mm for edges and narrow boards; beds of 1.2 m true boards to 2 m.',
        mistake: 'Pushing with a hand over the knives: push block, and a cut of 1 mm.'
      },
      'combined-planer': {
        use: 'Does both: flat face above, thickness below.',
        size: '250 mm wide, beds of 1 m; half an hour a day goes into changing over.'
      },
      'drum-sander': {
        use: 'Sands wide, difficult boards to one thickness without tearing.',
        size: '400 mm; 200 mm open-sided takes twice that in two passes.',
        look: [
          'Drum parallel to the bed within 0.1 mm',
          'Slow feed, 1 m a minute or so',
          'It needs real dust collection'
        ]
      }
    }
  ),
  ...family(
    {
      look: [
        'Spindle without play: push the chuck sideways, under 0.1 mm',
        'Table square to the bit and locks',
        'Slow speed of 500 or less for wide bits'
      ],
      mistake: 'Holding small work by hand: the bit takes it round. Clamp, vice or fence.',
      care: 'Chuck cleaned and oiled; belt looked at each year.'
    },
    {
      'drill-press': {
        use: 'Bores square to the face, to one depth, again and again.',
        size: '100 mm from bit to column; a used one is often a good buy.'
      },
      'drill-press-floor': { use: 'The same for wide and long work.', size: '170 mm from bit to column.' },
      mortiser: {
        use: 'Bores square holes with a bit inside a hollow chisel.',
        size: 'Chisels of 6 to 12 mm; 75 mm deep.',
        mistake: 'Bit touching the chisel: 1 to 2 mm of air between, or both burn blue.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Table square to the disc or drum within 0.2 mm',
        'A port that fits your hose',
        'Discs or sleeves of a common size'
      ],
      mistake: 'The wrong half of a disc: only where it runs down into the table.',
      care: 'Crepe stick for the abrasive; dust out of the motor.'
    },
    {
      'disc-sander': { use: 'Trues ends and outside curves to a line.', size: '250 or 300 mm.' },
      'spindle-sander': { use: 'Sands inside curves square to the face.', size: 'Sleeves of 13 to 75 mm.' }
    }
  ),
  lathe: card(
    'Turns wood round: legs, bowls, handles.',
    [
      'Points meet: centre to centre within 0.5 mm',
      'Speed from 300 turns a minute or less',
      'Standard taper and thread, so that chucks fit'
    ],
    'Starting fast or with the rest far away: turn by hand first, rest within 5 mm, face shield down.',
    'Bed wiped and oiled; belts and bearings listened to.',
    '450 mm between points, 300 mm over the bed: stools and bowls.'
  )
}

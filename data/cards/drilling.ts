import { card, family } from './write'

const bitCare = 'Back in its case, dry; a bit that squeaks or smokes is dull: sharpen or change it.'

/** Boring and driving. Figures: common practice, from memory. */
export const drillingCards = {
  ...family(
    {
      look: [
        'A chuck that runs true: 0.5 mm of wobble at the tip of a 6 mm bit at most',
        'Two speeds and a clutch; 12 V is enough for furniture, 18 V for bench and posts',
        'Two packs of 2 Ah or more and a charger in the set'
      ],
      mistake: 'No pilot hole near an end: the board splits. Bore with a bit two thirds as thick as the screw.',
      care: 'Packs at half charge in a dry place; the chuck opened and blown out.'
    },
    {
      'drill-driver': {
        use: 'Bores holes and drives screws: for most people the first powered tool, and the most used.',
        size: 'A 10 or 13 mm chuck; the lighter one is picked up more often.'
      },
      'hammer-drill': {
        use: 'The same, and bores brick and concrete for what hangs on a wall.',
        mistake: 'Hammer on while boring wood: it tears the hole.'
      },
      'impact-driver': {
        use: 'Drives long screws and bolts with blows, without twisting the wrist.',
        look: ['A quick hex chuck of 6.35 mm', 'Three steps of force or more', 'Bare where the packs are the drill’s'],
        mistake: 'Fine screws near an edge: it drives them through. It is loud, too: about 100 dB.'
      }
    }
  ),
  ...family(
    {
      look: ['It turns without play or grinding', 'A chuck that centres a 2 mm bit', 'Crank and head of wood or metal'],
      mistake: 'Leaning: a hole wanders 1 degree with every wobble; let someone look from the side.',
      care: 'A drop of oil at gear and head each month.'
    },
    {
      'hand-drill': { use: 'Bores small holes, to 6 or 8 mm, silently and with feeling.', size: 'Takes bits to 8 mm.' },
      brace: {
        use: 'Bores wide, deep holes by hand, with auger bits.',
        size: 'A sweep of 250 mm; jaws that hold square and hex shanks.'
      }
    }
  ),
  screwdrivers: card(
    'Drive and loosen screws by hand where a machine would strip them.',
    [
      'Tips that fill the recess without play',
      'Cross in two sizes, star 20 and 25, slot 4 and 6 mm',
      'Handles that fit the palm'
    ],
    'The wrong tip: it climbs out and ruins the screw.',
    'A worn tip is a new driver.'
  ),
  ...family(
    {
      look: [
        'Sharp spurs that cut before the middle does',
        'Shank of 6.35 mm hex or round, to fit the chuck',
        'A few sizes you use, not twenty you do not'
      ],
      mistake: 'Boring through from one side: it bursts out; stop at the point, turn over, or back it up.',
      care: bitCare
    },
    {
      'drill-bits': {
        use: 'Bore holes for screws, dowels and bolts: brad-point ones start where they are put.',
        size: '3, 4, 5, 6, 8 and 10 mm do nearly all.',
        look: ['Brad points for wood', '3 to 10 mm in a case', 'Straight when rolled on glass']
      },
      'flat-bits': { use: 'Bore wide holes fast and roughly.', size: '16 to 32 mm.' },
      'forstner-bits': {
        use: 'Bore clean, flat-bottomed holes, also half over an edge: hinges, magnets, sockets.',
        size: '15, 20, 25 and 35 mm (the usual cup hinge is 35 mm).',
        mistake: 'Running fast: over 25 mm under 800 turns a minute, or it burns.'
      },
      'auger-bits': { use: 'Bore deep holes straight, pulled in by their own screw.', size: '10, 16 and 25 mm.' },
      'hole-saws': { use: 'Saw out wide holes for cables and birds, to 68 mm and more.', size: '32, 45 and 68 mm.' },
      'masonry-bits': {
        use: 'Bore brick and concrete for wall plugs.',
        size: '6 and 8 mm.',
        look: ['Hard-metal tip', '6 and 8 mm', 'Long enough: plug plus 10 mm']
      },
      'self-centring-bits': {
        use: 'Bore the pilot exactly in the middle of a hinge’s hole.',
        size: 'For 3, 4 and 5 mm screws.'
      },
      'plug-cutter': {
        use: 'Cuts plugs from the same board to cover screws.',
        size: '8 and 10 mm; the taper ones fit without a gap.'
      },
      countersink: {
        use: 'Lets the head of a screw sink level with the face.',
        look: [
          'Three or five flutes, or one with a slanted hole',
          '82 or 90 degrees as your screws have',
          'For heads to 12 mm'
        ],
        mistake: 'Fast and light chatters: slow, with pressure.'
      },
      'countersink-stop': {
        use: 'Bores, sinks and stops at one depth, so that fifty screws are alike.',
        look: ['A stop that turns freely and does not mark', 'Bit can be changed: 3 to 5 mm', 'Set by a 3 mm hex key']
      }
    }
  ),
  ...family(
    {
      look: ['Marked with size and recess', 'Tips of tough steel', '10 of the kind you use cost less than a mixed box'],
      mistake: 'Going on with a rounded tip: it ruins the screws.',
      care: 'Throw worn ones away.'
    },
    {
      'driver-bits': {
        use: 'Drive screws: the tip for each recess.',
        size: 'Star 20 and 25, cross 2, 25 and 50 mm long.'
      },
      'impact-bits': {
        use: 'The same with a neck that gives, for the blows of an impact driver.',
        size: 'Star 20, 25 and 30, 50 mm long.'
      },
      'hex-holder': {
        use: 'Holds bits by a magnet and lets bit and drill change in a second.',
        look: ['6.35 mm hex', 'Locks as well as holds', '60 mm long for reach']
      }
    }
  ),
  'dowel-centres': card(
    'Show where the second hole of a dowel joint must be.',
    ['6, 8 and 10 mm', 'A sharp point exactly in the middle', 'They sit without play'],
    'Pressing the pieces together askew: clamp one to a fence.',
    'Keep them with the bits.'
  ),
  'pin-jig': card(
    'Bores rows of holes for shelf pins, all at one spacing.',
    ['32 mm apart, 5 or 6 mm holes', 'A stop or pin to go on from the last hole', 'Hardened bushes'],
    'One end up, one end down: mark the top of each side first.',
    'Blow the holes out.'
  ),
  'sanding-drum': card(
    'Sands inside curves in a drill or drill press.',
    ['25 to 50 mm across', 'Sleeves can be had in 80 and 120 grit', 'Runs true at 1500 turns a minute'],
    'Standing still: it digs a hollow within a second.',
    'A crepe stick cleans the sleeve.'
  )
}

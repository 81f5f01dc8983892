import { family } from './write'

const planeCare =
  'Lay it on its side or on a batten; a drop of oil on the sole; sharpen when the shavings turn to dust.'

/** Planes and what shaves. Figures: common practice, from memory. */
export const planeCards = {
  ...family(
    {
      look: [
        'A sole flat where it counts: toe, mouth and heel, within 0.1 mm',
        'Iron and chip breaker meet without a gap of light',
        'An hour of flattening and sharpening goes into most new ones, two into used ones'
      ],
      mistake: 'Setting it deep: begin with no shaving at all, and go down until it just takes one.',
      care: planeCare
    },
    {
      'jack-plane': {
        use: 'Does most planing: takes boards down, trues edges and, set fine, smooths.',
        size: 'About 360 mm long with a 50 mm iron: the one plane to begin with.'
      },
      'smoothing-plane': {
        use: 'Takes the last thin shavings, so that a face needs no sanding.',
        size: 'About 240 mm long with a 50 mm iron.'
      },
      'jointer-plane': {
        use: 'Makes long edges straight for gluing: its length bridges the hollows.',
        size: '600 mm joints boards to about 1.2 m.'
      },
      'scrub-plane': {
        use: 'Takes off much wood quickly, across the grain, with a rounded iron.',
        look: ['An iron ground to a round of 75 mm', 'A wide mouth', 'A light body: 1.3 kg or less'],
        size: '35 mm iron; an old smoothing plane is easily made into one.'
      },
      'pull-plane': {
        use: 'Smooths on the pull, in a plain block of wood.',
        size: '65 mm to begin with; wider ones are harder to tune.',
        mistake: 'Striking the iron: the body is tapped at its end to loosen, the iron to set.'
      },
      'block-plane': {
        use: 'Trims end grain, breaks edges and fits doors and drawers with one hand.',
        look: [
          'A mouth that can be closed to under 1 mm',
          'A low-angle bed, 12 degrees, for end grain',
          'It sits in the palm; the sole flat within 0.1 mm'
        ],
        mistake: 'Planing end grain over the far edge: it splits; go from both ends or back it up.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The iron comes 0.1 mm wider than the body at most',
        'The sides are square to the sole',
        'Fence and depth stop hold when they are locked'
      ],
      mistake: 'Leaning: a step that climbs outwards comes from a tilted plane.',
      care: planeCare
    },
    {
      'shoulder-plane': 'Trims the shoulders of tenons and the corners of rebates, right into the corner.',
      'rebate-plane': 'Cuts a step along an edge, with a fence for its width and a stop for its depth.',
      'plough-plane': 'Cuts a groove along the grain for panels, backs and bottoms, to the width of its iron.',
      'router-plane': 'Levels the bottom of grooves, hinge beds and half laps to one depth.'
    }
  ),
  ...family(
    {
      look: [
        'Steel of 0.6 to 1 mm for a card',
        'Straight edge, square to the face',
        'A burr can be felt after burnishing'
      ],
      mistake: 'Dust instead of shavings means no burr: file, stone and burnish it again.',
      care: 'A minute with the burnisher, five with file and stone after some twenty times.'
    },
    {
      scraper: 'Takes whisper-thin shavings from difficult grain that tears under a plane.',
      'scraper-handled': 'The same on a sole with two handles: cooler thumbs, flatter faces.'
    }
  ),
  ...family(
    {
      look: ['A sharp, polished edge', 'Handles that fit both hands', 'An iron of 50 mm or more that can be taken out'],
      mistake: 'Working against the grain: turn round when it digs in.',
      care: planeCare
    },
    {
      spokeshave: {
        use: 'Shapes and smooths curves and handles.',
        size: 'A flat sole for outside curves; a round one only for tight hollows.'
      },
      drawknife: {
        use: 'Takes off bark and waste quickly, pulled towards you on a held piece.',
        mistake: 'Pulling with the elbows out: keep them at your sides, so that the stroke ends before your chest.'
      }
    }
  )
}

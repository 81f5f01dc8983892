import { family } from './write'

/** What is made in the shop for the shop. Figures: common practice, from memory. */
export const jigCards = {
  ...family(
    {
      look: [
        'Plywood or beech, flat within 0.5 mm',
        'Glued and screwed, no screw where a blade goes',
        'Square within 0.1 mm over 100 mm by the flip test'
      ],
      mistake: 'Making it in haste: every later cut repeats its error.',
      care: 'Check it with a square each season; a new fence is a scrap and ten minutes.'
    },
    {
      'bench-hook': { use: 'Holds a piece against a stop while it is sawn or chopped by hand.', size: '250 × 180 mm.' },
      'crosscut-guide': { use: 'Leads a hand-held saw square across a board.', size: '350 mm: shelves to 300 mm.' },
      'cutting-guide': {
        use: 'Leads a circular saw straight along a sheet; its edge shows where the cut will be.',
        size: '2.65 m for a sheet’s length; a short one of 1.3 m across it.',
        mistake: 'Another blade or saw afterwards: trim the strip anew.'
      },
      'drill-block': { use: 'Leads a bit square into the face.', size: '40 mm thick hard wood.' },
      'shooting-board': { use: 'Leads a plane along the end of a board, square and clean.', size: '300 × 200 mm.' },
      'mitre-shooting-board': { use: 'The same at 45 degrees: mitres that close.', size: '150 mm wide.' },
      'crosscut-sled': {
        use: 'Carries a board square past a table saw’s blade.',
        size: 'Boards to 450 mm.',
        mistake: 'Hands behind the blade: a block there shows where it comes out.'
      },
      'mitre-sled': { use: 'Carries two pieces at 45 degrees: frames that close.', size: 'Mouldings to 100 mm.' },
      'dado-guide': { use: 'Leads a router across a board, the width of the shelf itself.', size: '600 mm.' },
      'tenon-jig': { use: 'Carries a piece upright past the blade for tenons.', size: 'Rails to 100 mm.' },
      'box-joint-jig': {
        use: 'Steps a board finger by finger past the cutter.',
        size: 'Fingers of 6 or 10 mm.',
        mistake: 'A key 0.1 mm off adds up: twenty fingers are 2 mm.'
      },
      'key-jig': { use: 'Carries a mitred frame over the blade for its keys.', size: 'Frames to 300 mm.' },
      'taper-jig': { use: 'Carries a leg past the blade at a slant.', size: '900 mm for table legs.' },
      'tenon-router-jig': { use: 'Leads a router for mortises, all alike.', size: 'Slots to 60 mm.' },
      'pin-template': { use: 'Leads the bit for rows of shelf pins.', size: '800 mm, holes 32 mm apart.' },
      'hinge-template': { use: 'Leads a router round a hinge.', size: 'For the hinge you have.' },
      'drawer-runner-jig': { use: 'Holds a drawer slide level while it is screwed.', size: '500 mm.' },
      'squaring-blocks': { use: 'Hold a case square while it is glued.', size: '150 mm legs, four of them.' },
      'planing-stop': { use: 'Stops a board while it is planed.', size: '200 mm wide, lower than the board.' }
    }
  ),
  ...family(
    {
      look: ['Straight within 0.3 mm over 1 m', 'Dry, straight-grained wood', 'Marked: which face was trued'],
      mistake: 'Leaning it in a damp corner: it moves.',
      care: 'Hang it; check it before use.'
    },
    {
      'winding-sticks': {
        use: 'Show twist in a board: two straight edges sighted over each other.',
        size: '400 to 600 mm; one edge dark, one light.'
      },
      'story-stick': { use: 'Carries all marks of a piece in one go, without numbers.', size: 'As long as the piece.' },
      'pinch-rods': { use: 'Compare the diagonals of a case: equal means square.', size: 'As long as the diagonal.' },
      'fairing-stick': { use: 'Bends into a fair curve to draw along.', size: '1.5 m × 20 × 4 mm, straight grain.' },
      cauls: {
        use: 'Press a panel flat while it is glued; bowed by 2 mm, so that they press in the middle.',
        size: 'As wide as the panel.',
        mistake: 'No tape or wax: they are glued on.'
      },
      'bending-form': {
        use: 'Holds thin layers in a curve until the glue is hard.',
        size: 'Tighter than the piece: it springs back by some 5 of 100.',
        mistake: 'Too few clamps: one every 60 mm.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Flat, rigid, waxed',
        'Clamped or screwed so that it cannot shift',
        'No finger within 150 mm of the cutter'
      ],
      mistake: 'The cutter’s way: feed against its turn.',
      care: 'Wax twice a year; look at screws near the cutter.'
    },
    {
      'router-table-made': {
        use: 'Holds a router upside down for small pieces and long edges.',
        size: '600 × 400 mm, 18 mm sheet.'
      },
      'router-sled-made': { use: 'Carries a router level over a wide slab.', size: 'As wide as the slab plus 200 mm.' },
      'circle-jig-made': { use: 'Leads a router round a pin.', size: '500 mm radius.' },
      'planer-sled': {
        use: 'Carries a twisted board through a thicknesser, shimmed until it does not rock.',
        size: '1.5 m.'
      },
      'drum-table': { use: 'Turns a drill with a drum into a sander for inside curves.', size: '300 × 300 mm.' },
      'edge-fence': { use: 'Gives a hand plane or router a square fence.', size: '250 mm long.' },
      'zero-insert': {
        use: 'Closes the gap beside the blade: no splinters, nothing falls in.',
        size: 'As your saw’s throat.'
      },
      'featherboard-made': {
        use: 'Presses stock to the fence with wooden fingers.',
        size: '75 mm wide, fingers 3 mm.'
      },
      'push-stick-made': { use: 'Pushes the last of a board past the blade.', size: '350 mm long; make three.' },
      'stop-fence-made': { use: 'Repeats a length to a stop.', size: '1.2 m.' }
    }
  ),
  ...family(
    {
      look: ['Stands without rocking', 'As high as the saw’s table or 1 mm lower', 'Screwed, so that it can be mended'],
      mistake: 'Too large for the room: measure what folds.',
      care: 'Tighten the screws after a season.'
    },
    {
      'sawhorses-made': {
        use: 'Carry sheets and boards; the first thing to build.',
        size: '750 mm high, a pair from 2 studs.'
      },
      'workbench-made': { use: 'Holds work for everything else.', size: '1.5 m × 600 mm, as high as your wrist.' },
      'assembly-table': {
        use: 'A flat place to put cases together; behind a saw it carries the sheet.',
        size: '1.2 × 0.8 m, flat within 1 mm.'
      },
      'outfeed-table': { use: 'Carries what comes off the saw.', size: '0.8 m long, 1 to 2 mm lower than the saw.' },
      'machine-stand': {
        use: 'Carries a bench machine on wheels, at working height.',
        size: '850 mm with the machine’s table.'
      },
      'dust-adapter': { use: 'Joins a saw to the vacuum.', size: 'Ports measured to 1 mm.' },
      'air-filter-box': { use: 'A fan and filters that clean the air of fine dust.', size: '500 mm filters, four.' }
    }
  ),
  ...family(
    {
      look: [
        'Screwed into studs, not into board',
        'Carries 50 kg a metre with timber on it',
        'Deep enough, not deeper: 300 mm'
      ],
      mistake: 'Overhead or by the way in: heavy things hang low.',
      care: 'Look at the fixings each year.'
    },
    {
      'clamp-rack': { use: 'Keeps clamps where they are grabbed with one hand.', size: '600 mm for twenty.' },
      'sheet-rack': { use: 'Keeps sheets upright and flat.', size: '2.5 m wide, 200 mm deep.' },
      'timber-rack': { use: 'Keeps boards flat and seen.', size: 'Arms 300 mm long, 600 mm apart.' },
      'cleat-wall': {
        use: 'Holds everything on slanted strips, moved at will.',
        size: 'Strips of 18 mm at 45 degrees, 150 mm apart.'
      }
    }
  )
}

import { family } from './write'

const machineCare = 'Blow it out after work; look at cord, guard and screws each month; dry lubricant where it slides.'

/** Powered tools held in the hands. Figures: common practice, from memory; the tool's manual goes first. */
export const handPowerCards = {
  ...family(
    {
      look: [
        'The sole is flat and parallel to the blade within 0.3 mm over its length',
        'The guard snaps shut by itself, every time',
        'Depth and tilt lock without slipping; a good blade (24 to 40 teeth) costs a fifth of the saw'
      ],
      mistake:
        'Cutting between two supports: the board sags, pinches the blade and throws the saw back. Let the offcut fall, or hold all of it.',
      care: machineCare
    },
    {
      'circular-saw': {
        use: 'Cuts boards and sheets to size along a clamped straight edge or a square.',
        size: '185 mm cuts 62 mm deep: through a stud, and a post in two passes.'
      },
      'circular-saw-small': {
        use: 'The same, lighter and quieter, for sheets and boards.',
        size: '136 mm cuts 45 mm deep: sheets, boards, studs of 38 mm.'
      },
      'rail-saw': {
        use: 'Plunges and runs on a rail: straight, clean cuts in sheets, ready for the edge.',
        look: [
          'No play on the rail: 0.2 mm is felt in the cut',
          'The rail’s strip has been trimmed by this saw',
          'Rails join without a step; 1.4 m and 2.7 m are usual'
        ],
        size: '1.4 m crosses a sheet; a second rail makes 2.8 m for its length.'
      },
      jigsaw: {
        use: 'Cuts curves and inside shapes, and straight lines where exactness does not matter.',
        look: [
          'A blade roller without play: the blade stays square in 40 mm stock',
          'Blades with a T shank, changed without a tool',
          'Three or more steps of orbit'
        ],
        size: 'Blades of 100 mm reach 65 mm deep, but wander beyond 40 mm.',
        mistake: 'Pushing round a curve: the blade bends and the edge is not square. Slow, and a new blade.'
      },
      'reciprocating-saw': {
        use: 'Takes old timber and pallets apart.',
        look: ['Blades changed without a key', '150 mm blades for nails and wood', 'Strokes of 28 mm or more'],
        mistake: 'Sawing with the shoe off the work: it jumps.'
      }
    }
  ),
  ...family(
    {
      look: [
        'A dust port that fits your hose: most dust goes there',
        'The usual size, so that discs and sheets cost little: 125 mm or a quarter of a sheet',
        'Pads can be bought: they wear out after 50 to 100 hours'
      ],
      mistake: 'Pressing and skipping grits: go 80, 120, 180, each until the last one’s scratches are gone.',
      care: machineCare
    },
    {
      'ro-sander': {
        use: 'Sands faces flat and smooth without swirls: the sander most people need.',
        size: '125 mm; the 150 mm size is for table tops.'
      },
      'palm-sander': {
        use: 'Sands faces and into corners with plain sheets, slowly and gently.',
        size: 'A quarter of a sheet.'
      },
      'detail-sander': {
        use: 'Sands inside corners and frames.',
        look: ['A triangle of 90 mm', 'Sheets with hooks', 'Low shake in the hand']
      },
      'belt-sander': {
        use: 'Takes wood off fast: doors, boards, glue lines.',
        size: '75 mm wide with 533 mm belts.',
        look: ['Belt runs straight, one knob sets it', '75 × 533 mm belts are everywhere', 'Two handles'],
        mistake: 'Stopping while it runs: a hollow in a second. Land moving, lift moving.'
      },
      'power-planer': {
        use: 'Planes edges and rough boards by hand.',
        size: '82 mm takes doors and posts.',
        look: ['Knives that turn twice', 'Depth to 2 mm, set by a knob', 'A shoe that keeps it off the bench'],
        mistake: 'Setting it down running: the knives go on for ten seconds.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The bit runs true; the collet grips 20 mm of the shank',
        'Depth can be set to 0.1 mm and stays',
        'Soft start and speed from 10 000 turns a minute for wide bits'
      ],
      mistake: 'Moving with the cutter’s turn: it grabs and runs. Against it: left to right at an edge that faces you.',
      care: 'Clean collet and bits of resin; a dull bit burns.'
    },
    {
      'trim-router': {
        use: 'Rounds edges, cuts grooves and hinge beds, follows templates: the small, less frightening router.',
        size: '6.35 mm shanks (8 mm elsewhere): bits to about 25 mm wide.'
      },
      'plunge-router': {
        use: 'The same with force: mortises, grooves, wide profiles, and the heart of a router table.',
        size: '12.7 mm shanks, with a reducer for small ones; 1400 W or more.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The fence stands square and does not drop under load',
        'Cuts repeat within 0.1 mm',
        'Blade or bit is of a usual size'
      ],
      mistake: 'Lifting while it cuts: press down at the fence, not at the handle.',
      care: machineCare
    },
    {
      'biscuit-joiner': {
        use: 'Cuts slots for flat biscuits: boards edge to edge and cases, quickly lined up.',
        size: '100 mm blade, biscuits 0, 10 and 20.'
      },
      'tenon-joiner': {
        use: 'Mills slots for loose tenons: strong joints in half a minute each.',
        size: 'Tenons of 5 to 10 mm; 8 mm does most.'
      }
    }
  ),
  ...family(
    {
      look: [
        'It fires only when the nose is pressed and the trigger pulled',
        'Takes 15 to 50 mm brads of 1.2 mm',
        'Depth can be set'
      ],
      mistake: 'A finger within 100 mm of where the brad may come out: it follows the grain.',
      care: 'Oil as the manual says; take the pack or hose off before clearing a jam.'
    },
    {
      'brad-nailer': 'Pins backs, mouldings and glued joints in a second each.',
      'air-nailer': {
        use: 'The same driven by air: light in the hand, tied to a hose and a compressor.',
        look: ['5 to 8 bar from a small compressor', 'Takes 15 to 50 mm brads', 'A compressor is loud: 85 dB and more']
      }
    }
  ),
  ...family(
    {
      look: [
        'Blades or bits of a common fitting',
        'Speed that can be turned down',
        'Little shake: hold it running for a minute'
      ],
      mistake: 'Forcing it: heat takes the edge off the tool within seconds.',
      care: machineCare
    },
    {
      'multi-tool': {
        use: 'Plunges into finished work: notches, flush cuts, corners.',
        look: ['A common blade fitting', '3 degrees of swing or more', 'Blades changed without a key']
      },
      'rotary-tool': {
        use: 'Carves, grinds and drills very small work.',
        look: ['3.2 mm collet', '5 000 to 30 000 turns a minute', 'A flexible shaft can be had']
      },
      'angle-grinder': {
        use: 'Cuts and grinds metal; with a carving disc it hollows bowls, at some danger.',
        size: '115 or 125 mm.',
        look: [
          'Guard that stays and turns without a tool',
          '115 or 125 mm discs',
          'A switch that drops out when let go'
        ],
        mistake: 'Taking the guard off to fit a larger disc: the disc bursts.'
      },
      'spray-gun': {
        use: 'Lays finish in even coats.',
        look: ['Nozzle of 1.3 to 1.8 mm', 'Cup comes apart for cleaning', 'Drawing air at 1 to 2 bar'],
        mistake: 'Spraying solvent indoors: vapour mask, air, and no flame.',
        care: 'Clean it at once, all the way through.'
      },
      'heat-gun': {
        use: 'Softens old finish, edging and glue.',
        look: ['Two steps: 300 and 500 degrees', 'Stands on its back', 'Narrow and wide nozzle'],
        mistake: 'Old paint may hold lead: test it first.'
      }
    }
  )
}

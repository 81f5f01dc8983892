import { card, family } from './write'

/** Benches, stands, dust, storage. Figures: common practice, from memory. */
export const supportCards = {
  ...family(
    {
      look: [
        'Stands firm: push at its top, under 5 mm of sway',
        'As high as your wrist, 850 to 900 mm',
        'A top 40 mm thick or more where you strike'
      ],
      mistake: 'Working on a table that moves: half of every stroke goes into the table.',
      care: 'Flatten the top once a year; glue scraped off; bolts tightened.'
    },
    {
      workbench: {
        use: 'Holds work while you saw, plane, chop and put together: the tool everything else is used on.',
        size: '1.4 m long; weight is what it is for.'
      },
      'fold-bench': {
        use: 'Holds work anywhere and folds away.',
        look: ['Jaws parallel over 600 mm', 'A step to stand on while you saw', 'Legs lock'],
        size: 'Jaws of 600 mm.',
        mistake: 'Planing on it: it walks; put it against a wall.'
      },
      sawhorses: {
        use: 'Carry sheets and boards, and with a top become a bench.',
        look: ['Carry 200 kg a pair', 'A wooden top that may be sawn into', 'Fold or stack'],
        size: '700 to 800 mm high; a pair, better four.'
      }
    }
  ),
  ...family(
    {
      look: ['Height set within 1 mm and locked', 'Wide feet', 'Rollers run easily, 300 mm wide or more'],
      mistake: 'Setting it higher than the table: 1 to 2 mm lower, or the board climbs.',
      care: 'A drop of oil at the rollers; keep it dry.'
    },
    {
      'roller-stand': 'Carries what comes out of a machine, so that it does not tip.',
      'saw-stand': {
        use: 'Carries a mitre saw and the boards beside it.',
        look: ['Takes your saw’s holes', 'Arms of 2 m together or more', 'Stops that fold away']
      }
    }
  ),
  'foam-sheet': card(
    'Carries a whole sheet on the floor while it is cut: the saw goes 5 mm into the foam.',
    [
      'Hard insulating foam, 25 to 50 mm',
      'As large as half a sheet, 1.2 m square, or more',
      'Cheap enough to be cut up'
    ],
    'Setting the saw too deep: sheet plus 5 mm.',
    'Turn it over when it is full of cuts.'
  ),
  'work-light': card(
    'Shows scratches and lines: light from the side finds what the lamp above hides.',
    ['1000 lumen or more, 4000 K', 'Stands or clamps where you need it', 'Does not flicker beside turning machines'],
    'One lamp behind you: your shadow is on the line.',
    'Dust off the glass.'
  ),
  ...family(
    {
      look: ['Clings to bench and board', '6 mm or thicker to stand on', 'Washable'],
      mistake: 'A curled edge: one stumbles.',
      care: 'Wash it when it no longer grips.'
    },
    {
      'floor-mat': {
        use: 'Spares feet and dropped edges on a hard floor.',
        look: ['12 mm or thicker', 'Bevelled edges', 'Sheds chips']
      },
      'grip-mat': 'Holds a board while it is sanded or routed, without clamps in the way.'
    }
  ),
  ...family(
    {
      look: [
        'A hose that fits your tools, or an adapter',
        'Fine filter: class M or better for wood dust',
        'As loud as you can bear: 65 to 75 dB'
      ],
      mistake: 'A clogged filter: half the air. Clean it before each session.',
      care: 'Empty at two thirds; a new filter each year.'
    },
    {
      vacuum: {
        use: 'Takes the dust at sanders, saws and routers, and cleans up.',
        size: '20 to 30 litres; the port of most tools is 27 to 36 mm.'
      },
      'chip-extractor': {
        use: 'Takes the chips of planers and saws: much air, wide hose.',
        size: '100 mm hose; about 1000 m³ an hour.',
        look: ['A fine filter bag or cartridge, not cloth', '100 mm ports', 'Wheels']
      },
      'air-cleaner': {
        use: 'Cleans the air of what was not caught; the mask stays on.',
        size: 'The room’s air six times an hour.'
      },
      'cyclone-bin': {
        use: 'Drops chips into a bin before they reach the vacuum.',
        size: '20 to 50 litres.',
        look: ['Airtight lid, 20 litres or more', 'Ports of your hose', 'A bin that does not fold in']
      }
    }
  ),
  ...family(
    {
      look: [
        'Measure both ports outside and inside, to 1 mm',
        'Rubber fits what plastic does not',
        'Short and wide: each bend costs air'
      ],
      mistake: 'Reducing to 27 mm in front of a planer: it blocks.',
      care: 'Feel for leaks with a wet hand.'
    },
    {
      'hose-adapters': 'Join a hose to a tool of another size.',
      'hose-gates': 'Shut off the machines that do not run, so that one gets all the air.'
    }
  ),
  'auto-socket': card(
    'Starts the vacuum with the tool and lets it run on.',
    ['Carries both together: add the amperes', 'Runs on for 5 seconds or more', 'Marked for your mains'],
    'Two large machines on one circuit: the fuse goes; ask a licensed electrician.',
    'Dust out of the sockets.'
  ),
  broom: card(
    'Takes up what no hose took.',
    ['Stiff for concrete, soft for boards', '300 to 400 mm wide', 'A pan that lies flat'],
    'Sweeping fine dust into the air: vacuum it, or wear the mask.',
    'Hang it up.'
  ),
  ...family(
    {
      look: [
        'Everything seen or labelled',
        'Edges covered, 10 mm apart or more',
        'Carries what you put in: iron is heavy'
      ],
      mistake: 'Building storage before there are tools: wait for half a year of use.',
      care: 'A bag against damp; a wipe of oil on steel.'
    },
    {
      'tool-wall': 'Keeps what is used daily within reach of the bench.',
      'tool-chest': 'Keeps edges dry and dust out, and can be locked.',
      'stacking-boxes': 'Carry a kit to where the work is, and stand on half a square metre.',
      'tool-bucket': { use: 'Carries the few tools of a small job.', size: '20 litres.' },
      'drawer-cabinet': 'Keeps bits, blades and screws sorted.'
    }
  )
}

import { card, family } from './write'

const resin = 'Wipe off resin with cleaner before it burns in; in its case, edges apart.'

/** Blades, bits, abrasives and additions. Figures: common practice, from memory. */
export const fittingCards = {
  ...family(
    {
      look: [
        'Hard-metal tips, brazed without gaps',
        'A bearing that turns freely',
        'Shank in the collet for 20 mm: the size of your router'
      ],
      mistake: 'A full cut at once: 3 mm a pass, the last one half a millimetre.',
      care: resin
    },
    {
      'router-bits': {
        use: 'Straight, round-over, chamfer: the bits a router begins with.',
        size: '6.35 mm shanks for a trim router (8 mm elsewhere).'
      },
      'router-bits-large': {
        use: 'The same, stiffer, for a large router.',
        size: '12.7 mm shanks: less shake, longer bits.'
      },
      'flush-bit': {
        use: 'Cuts a piece level with a template or the board beneath.',
        size: '12 to 19 mm wide, 25 mm long.'
      },
      'rebate-bit': {
        use: 'Cuts a step along an edge, its width set by the bearing.',
        size: '10 mm deep; bearings give other widths.'
      },
      'slot-cutter': { use: 'Cuts grooves into edges for panels and splines.', size: '4 or 6 mm thick, 12 mm deep.' },
      'dovetail-bit': {
        use: 'Cuts dovetails with a jig, and sliding ones.',
        size: '12.7 mm, 14 degrees, as the jig asks.',
        mistake: 'Passes at several depths: a dovetail is cut at its full depth, after a straight bit took the waste.'
      },
      'core-bit': { use: 'Cuts round-bottomed grooves: trays, flutes, handles.', size: '12 to 19 mm.' }
    }
  ),
  'guide-bushes': card(
    'Lead a router along a template, at a known distance.',
    ['Fit your router’s base', '10, 17 and 30 mm outside', 'Centred: within 0.1 mm by the cone'],
    'Forgetting the offset: half the bush less half the bit.',
    'Keep the screws with them.'
  ),
  ...family(
    {
      look: [
        'The bore and the speed of your saw',
        '24 teeth along the grain, 40 to 60 across and for sheets',
        'Hard-metal teeth 2 mm high or more: can be sharpened four times'
      ],
      mistake: 'Blaming the saw: half of all burnt, torn cuts are the blade.',
      care: resin
    },
    {
      'saw-blade': {
        use: 'Cuts cleaner and easier than the blade a saw is sold with.',
        size: 'The saw’s own size, mostly 160 to 190 mm; thinner blades suit weak motors.'
      },
      'bench-saw-blade': {
        use: 'Makes a small table saw or mitre saw cut clean across the grain and in sheets.',
        size: '210 or 216 mm, as the saw says; 48 teeth, for a mitre saw 60 and a flat or backward hook.'
      },
      'saw-blade-254': {
        use: 'Makes a standing table saw or sliding mitre saw cut clean across the grain and in sheets.',
        size: '250 or 254 mm, as the saw says; 60 teeth, and no thinner than the riving knife.'
      },
      'saw-blade-305': {
        use: 'Makes a large mitre saw leave ends that need no sanding.',
        size: '300 or 305 mm, as the saw says; 72 to 96 teeth with a flat or backward hook.'
      },
      'rip-blade': { use: 'Cuts along the grain without burning.', size: '24 teeth, flat tops.' },
      'dado-stack': {
        use: 'Cuts grooves of any width in one pass, where the saw takes it and local rules allow.',
        size: '200 mm; the arbor must be long enough.',
        mistake:
          'A saw without a riving knife’s replacement, or an arbor too short for its nut: then it must not be used.'
      }
    }
  ),
  ...family(
    {
      look: [
        'The fitting of your tool',
        'Coarse to cut fast, fine to cut clean: 2 and 1.3 mm teeth',
        'Sold in fives and tens'
      ],
      mistake: 'Using them dull: they wander, burn and break.',
      care: 'Throw dull ones away; one box, sorted.'
    },
    {
      'jigsaw-blades': {
        use: 'Cut curves and sheets; one kind for wood, one for clean cuts, one for curves.',
        size: '100 mm, T shank.'
      },
      'scroll-blades': {
        use: 'Cut fretwork.',
        size: '125 mm, pinless, numbers 3 to 7.',
        look: ['125 mm', 'Pinless or pinned as your saw', 'By the dozen']
      },
      'band-saw-blades': {
        use: 'Narrow ones for curves, wide ones for straight cuts and resawing.',
        size: '6 mm for curves, 12 mm for most, 16 mm and 3 teeth to the inch for resawing.',
        look: [
          'Exactly your saw’s length',
          '3 teeth to the inch for thick, 6 to 10 for thin stock',
          'Welded straight: no click'
        ]
      },
      'multi-tool-blades': {
        use: 'Plunge, trim and scrape in an oscillating tool.',
        size: '30 mm for wood and nails.'
      },
      'planer-knives': {
        use: 'Give a planer its edge back.',
        look: ['The length of your machine, 310 or 150 mm', 'All of a set together', 'Two-edged ones are turned once'],
        size: 'Your machine’s own.',
        mistake: 'Unplug, wedge the drum, gloves for the knives: they cut at rest.'
      },
      'rotary-burrs': { use: 'Carve in a rotary tool.', size: '3.2 mm shanks.' }
    }
  ),
  ...family(
    {
      look: [
        '80 to shape, 120 to flatten, 180 or 240 before finish',
        'Holes that match your pad',
        'Ceramic or aluminium oxide lasts; 50 in a box costs half'
      ],
      mistake: 'Saving paper: when it only polishes, it is done.',
      care: 'Dry and flat; crepe stick for belts.'
    },
    {
      'sanding-discs': { use: 'Sand in a random-orbital sander.', size: '125 mm, as the sander.' },
      'abrasive-sheets': { use: 'Sand by hand and in a palm sander.', size: '230 × 280 mm; a quarter fits most.' },
      'detail-sheets': { use: 'Sand corners.', size: '93 mm triangle.' },
      'sanding-belts': { use: 'Sand in a belt sander.', size: '75 × 533 mm, the arrow the way it runs.' },
      'spindle-sleeves': { use: 'Sand inside curves.', size: '13 to 75 mm, as the spindle.' },
      'drum-strips': { use: 'Sand boards in a drum sander.', size: 'Cut to the drum; 80, 120, 180.' },
      'sanding-block': {
        use: 'Keeps paper flat by hand, so that edges stay crisp.',
        size: 'Takes a quarter of a sheet, 115 mm long.',
        look: ['Cork or felt face', '115 × 70 mm', 'Flat within 0.2 mm'],
        mistake: 'Sanding with fingers: hollows along the soft grain.'
      }
    }
  ),
  ...family(
    {
      look: [
        'Bristles that stay in: pull at ten',
        'Split tips, 50 mm for boards, 25 mm for edges',
        'For water or for oil: say which'
      ],
      mistake: 'A thick coat: three thin ones dry, one thick one wrinkles.',
      care: 'Clean at once, straighten, hang.'
    },
    {
      'finish-brush': { use: 'Lays varnish and paint.', size: '50 mm.' },
      'paint-roller': {
        use: 'Lays paint and varnish on faces, evenly.',
        size: '100 mm, short nap of 4 to 6 mm.',
        look: ['Nap of 4 to 6 mm', '100 mm wide', 'Foam for varnish']
      },
      'finishing-kit': {
        use: 'Oil, brush, cloths: what a first finish takes.',
        look: ['250 ml does about 3 m² twice', 'Lint-free cloths', 'A brush of 50 mm'],
        mistake: 'Oily rags in a heap catch fire by themselves: spread them out or drown them.'
      },
      'glue-spreader': {
        use: 'Spreads glue evenly and thin.',
        look: ['Teeth of 1 to 2 mm', '60 to 80 mm wide', 'Glue peels off when dry'],
        mistake: 'Glue that runs: half as much, on both faces.',
        size: '80 mm.'
      }
    }
  ),
  iron: card(
    'Melts edging and hinges on, and steams dents out.',
    ['Old and dry will do', 'Set to cotton, about 180 degrees', 'A block of wood to press with'],
    'Staying too long: the glue boils out after 10 seconds.',
    'Sole scraped clean; not for shirts again.'
  ),
  ...family(
    {
      look: [
        'Fits your base or rail: try it before paying',
        'Sets to 0.5 mm and locks',
        'A face of 150 mm or longer along the work'
      ],
      mistake: 'Setting by the printed scale: measure to the cutter.',
      care: 'Rods straight and waxed.'
    },
    {
      'edge-guide': { use: 'Leads a router or saw parallel to an edge.', size: 'To 150 mm from the edge.' },
      'circle-jig': { use: 'Leads a router round a pin.', size: '600 mm radius makes a table of 1.2 m.' },
      'guide-rail': {
        use: 'Leads any hand-held saw or router straight over a sheet.',
        size: '2.7 m goes along a sheet; 1.4 m across it.',
        look: ['Straight within 0.5 mm over its length', 'Clamps from below', 'In one piece where it can be stored']
      },
      'second-rail': { use: 'Makes a saw’s rail long enough for a whole sheet.', size: '2.8 m joined.' },
      'stop-fence': {
        use: 'Repeats a length to a stop.',
        size: '1.2 m on one side.',
        look: [
          'A stop that does not give: 0.2 mm over ten cuts',
          'A scale that can be set',
          'A flip to trim the first end'
        ]
      }
    }
  ),
  ...family(
    {
      look: ['Hardened bushes or steel where the bit runs', 'Stops for 12 to 40 mm stock', 'It clamps to the work'],
      mistake: 'A trial in scrap is left out: the first joint is the trial.',
      care: 'Chips out before every hole; bits sharp.'
    },
    {
      'pocket-jig': {
        use: 'Bores slanted holes for hidden screws: cases and frames put together in minutes.',
        size: 'Screws 32 mm for 19 mm boards, 64 mm for 38 mm.',
        look: ['Hardened guides, two or more', 'Clamp and stop collar come with it', 'Set for 12 to 38 mm boards'],
        mistake: 'Wide solid boards fixed across the grain: they move and split.'
      },
      'dowel-jig': { use: 'Bores matching holes for dowels.', size: '6, 8 and 10 mm bushes.' },
      'drill-guide': {
        use: 'Bores square to the face with a hand drill: most of what a press does.',
        size: 'To 50 mm deep.'
      },
      'dovetail-jig': {
        use: 'Cuts dovetails with a router, all alike.',
        size: '300 mm wide drawers and boxes.',
        look: ['Half-blind and through', '300 mm', 'Clamps that hold both boards'],
        mistake: 'Two evenings go into setting it up the first time.'
      },
      'hinge-jig': { use: 'Leads a router round the bed of a hinge.', size: 'For the hinge you have.' }
    }
  ),
  'template-tape': card(
    'Sticks a template to the work without clamps or holes.',
    ['Cloth, two-sided, thin', '25 to 50 mm wide', 'Lets go after a twist'],
    'Dust under it: it lets go while routing.',
    'Cool and dry.'
  ),
  ...family(
    {
      look: ['Flat within 0.3 mm over its length', 'Takes your router', 'Stiff: lean on it'],
      mistake: 'Feeding with the cutter’s turn, or between fence and cutter: it throws the piece.',
      care: 'Wax on the top; dust out below.'
    },
    {
      'router-table': {
        use: 'Holds a router upside down, so that small pieces and long edges go past it safely.',
        size: '600 × 400 mm.'
      },
      'router-sled': { use: 'Carries a router level over a slab too wide for a planer.', size: '600 mm wide.' },
      featherboard: {
        use: 'Presses stock to fence and table with wooden fingers that do not let it back.',
        size: '75 mm wide, 100 mm long.',
        look: ['Fits your mitre slot, 19 mm', 'Fingers 3 mm thick at 30 degrees', 'Locks with one knob'],
        mistake: 'Pressing beside the blade, at the offcut: it pinches. In front of it only.'
      }
    }
  ),
  'battery-set': card(
    'Packs and a charger for every tool of one system.',
    [
      '2 Ah for a drill, 4 to 5 Ah for saws',
      'A charger that fills them in an hour',
      'Marked packs: unmarked ones are a fire risk and end warranties'
    ],
    'One pack only: it is always empty.',
    'Half full for winter, 10 to 25 degrees, never charged in frost.',
    'Two of 2 Ah begin; a saw wants 4 Ah.'
  ),
  'extension-cord': card(
    'Brings current to where the work is.',
    ['2.5 mm² for 16 A, 12 gauge for 15 A, at 10 m and more', 'As short as it can be', 'Rubber, not stiff plastic'],
    'Wound up under load: it melts. Unroll it all.',
    'Looked at for cuts before each use.',
    '5 m in a room, 10 m in a yard.'
  ),
  'steam-box': card(
    'Softens strips, so that they bend.',
    ['A box of 1 to 1.5 m, not tight', 'A litre of water an hour', 'A drain at its lower end'],
    'Opening it towards your face: steam burns.',
    'Dried open after use.',
    'An hour for each 25 mm of thickness.'
  )
}

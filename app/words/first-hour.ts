import { said } from './language'

/** The first hour with a machine, in order; its manual goes before all of it. */
export const firstHour: Readonly<Record<string, readonly string[]>> = said('firstHour', {
  'table-saw': [
    'Manual read, guard, riving knife and push stick laid out; unplugged.',
    'Stand level and firm, on a dry floor, with room behind for what comes out.',
    'Grease off the table, wax on it.',
    'Blade along the slot, then the fence along the blade, then the blade square to the table, then its stops.',
    'Riving knife in line with the blade, guard down and free, hose on.',
    'First cut: a straight, dry, flat board; stand beside the line; check it and set again.'
  ],
  'mitre-saw': [
    'Manual read; unplugged. Bolted or clamped to its stand or bench.',
    'Fence straight along both sides, then blade square to fence and table, then the stops of the angles.',
    'Support left and right, level with the table; bag or hose on.',
    'Guard falls by itself, brake stops the blade.',
    'First cut by five cuts, then the stops again.'
  ],
  'band-saw': [
    'Manual read; unplugged. Wheels clean, band on with its teeth down and forward.',
    'Tension by the scale, track it by hand until it stays, then under power.',
    'Guides behind the gullets, a paper’s breadth from the band; thrust wheel just clear.',
    'Table square to the band; find its drift and set the fence by it.'
  ],
  planer: [
    'Manual read; unplugged. Rust protection off tables, wax on.',
    'Tables in line: a straight edge over both, then the outfeed table level with the knives.',
    'Knives level from side to side; fence square.',
    'Extraction on: without it the machine blocks. Guard over the knives.',
    'First pass: half a millimetre, a board longer than 300 mm, push blocks in both hands.'
  ],
  thicknesser: [
    'Manual read; unplugged. Stand level, bolted or clamped, infeed and outfeed free by the length of the board.',
    'Rollers clean, bed waxed, extraction on.',
    'Two boards left and right show whether knives and bed are parallel.',
    'First pass: half a millimetre, never pieces shorter than the rollers are apart.'
  ],
  'drill-press': [
    'Manual read; unplugged. Bolted down: it is top-heavy.',
    'Grease off, chuck and arbor wiped and pressed in.',
    'Table square to the bit, spindle true by a rod.',
    'Belt on the speed for the bit; vice or clamp at hand before the first hole.'
  ],
  router: [
    'Manual read; unplugged. Collet and nut wiped clean.',
    'Cutter in by three quarters of its shank, not on the ground; nut tight, locks free.',
    'Speed low for wide cutters. Base square and flat.',
    'First cut: against the turn of the cutter, 3 mm deep at most, in scrap.'
  ],
  'circular-saw': [
    'Manual read; unplugged, or the pack out. Blade for the timber, sharp, tight.',
    'Base along the blade and square to it.',
    'Guard falls back by itself; depth set a tooth below the board.',
    'First cut along a guide on a sheet that is supported on both sides of the cut.'
  ],
  'drill-driver': [
    'Pack charged, a second one charging.',
    'Clutch low to begin with; speed 1 for screws, 2 for bits.',
    'A bit that fits the screw; one hole and one screw in scrap of the same timber.'
  ],
  sander: [
    'Hose or bag on, mask on.',
    'Grits 80, 120, 180 in this order; disc on the holes.',
    'On the board before it starts, off before it stops; no pressure but its weight.'
  ],
  vacuum: [
    'Bag or filter in, the right way round.',
    'Hose and adapters tight on the tool that dusts most.',
    'Paper held at the end of the hose shows that it draws.'
  ],
  plane: [
    'Iron out, back flat, edge sharpened.',
    'Chip breaker tight on the iron without a gap, a millimetre back.',
    'Sole flat at toe, mouth and heel; wax on it.',
    'First shaving in softwood with the grain: through the whole width, thin as paper.'
  ],
  edge: [
    'Back flat by the edge, bevel to a burr, stropped.',
    'Handle and hoop tight. A cap or a roll for each, before the first cut in a finger.',
    'End grain of softwood cut clean shows that it is sharp.'
  ]
})

/** Aids one makes for oneself at a machine, and when they are worth it. */
export const shopHelps: Readonly<Record<string, string>> = said('shopHelps', {
  'push-stick-made': 'Before the first narrow rip. It costs an offcut and keeps fingers.',
  'crosscut-sled':
    'Once you cut ends on a table saw more than a few times: square, safe, repeatable.',
  'cutting-guide': 'Before the first sheet is cut with a saw in the hand.',
  'crosscut-guide': 'From the second board that is to be as long as the first.',
  'drill-block': 'From four holes on that have to be square.',
  'bench-hook': 'With the first saw in the hand: it holds and squares.',
  'shooting-board': 'With the first plane, when ends have to meet.',
  'mitre-sled': 'From the second picture frame on.',
  'taper-jig': 'From four tapered legs on.',
  'box-joint-jig': 'From the second box on.',
  featherboard: 'Where a board wants to wander: long rips and grooves.',
  'stop-fence': 'From three pieces of one length on.'
})
/** The order of the first hour for each tool. */
export const FIRST_HOUR_OF: Readonly<Record<string, string>> = {
  'table-saw': 'table-saw',
  'cabinet-saw': 'table-saw',
  'mitre-saw': 'mitre-saw',
  'mitre-saw-small': 'mitre-saw',
  'mitre-saw-large': 'mitre-saw',
  'band-saw': 'band-saw',
  'band-saw-small': 'band-saw',
  jointer: 'planer',
  'combined-planer': 'planer',
  thicknesser: 'thicknesser',
  'drill-press': 'drill-press',
  'drill-press-floor': 'drill-press',
  'trim-router': 'router',
  'plunge-router': 'router',
  'circular-saw': 'circular-saw',
  'circular-saw-small': 'circular-saw',
  'rail-saw': 'circular-saw',
  'drill-driver': 'drill-driver',
  'impact-driver': 'drill-driver',
  'hammer-drill': 'drill-driver',
  'ro-sander': 'sander',
  'palm-sander': 'sander',
  'detail-sander': 'sander',
  'belt-sander': 'sander',
  vacuum: 'vacuum',
  'chip-extractor': 'vacuum',
  'jack-plane': 'plane',
  'smoothing-plane': 'plane',
  'jointer-plane': 'plane',
  'block-plane': 'plane',
  chisels: 'edge',
  'pull-chisels': 'edge',
  gouges: 'edge'
}
/** Shop-made aids of a tool. */
export const HELPS_OF: Readonly<Record<string, readonly string[]>> = {
  'table-saw': ['push-stick-made', 'crosscut-sled', 'featherboard', 'taper-jig', 'box-joint-jig'],
  'cabinet-saw': ['push-stick-made', 'crosscut-sled', 'featherboard', 'taper-jig', 'box-joint-jig'],
  'mitre-saw': ['stop-fence'],
  'mitre-saw-small': ['stop-fence'],
  'mitre-saw-large': ['stop-fence'],
  'circular-saw': ['cutting-guide', 'crosscut-guide'],
  'circular-saw-small': ['cutting-guide', 'crosscut-guide'],
  'drill-driver': ['drill-block'],
  jointer: ['push-stick-made'],
  'combined-planer': ['push-stick-made'],
  'band-saw': ['push-stick-made'],
  'pull-saw': ['bench-hook'],
  'back-saw': ['bench-hook'],
  'jack-plane': ['shooting-board'],
  'jointer-plane': ['shooting-board']
}

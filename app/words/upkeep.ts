import { said } from './language'
import type { Say } from './say'

/** One check: what it is called, what one needs, and how it goes. */
export interface CheckWords {
  readonly name: string
  readonly need: string
  readonly how: string
}
/** One kind of care: how, with what, and what comes of leaving it. */
export interface CareWords {
  readonly name: string
  readonly how: string
  readonly left: string
}

/** Checks that show whether a tool is true. */
export const trueChecks: Readonly<Record<string, CheckWords>> = said('trueChecks', {
  'square-flip': {
    name: 'Square, by flipping',
    need: 'A board with a straight edge, a knife or a sharp pencil.',
    how: 'Hold the stock against the edge and draw a line. Turn the square over, hold it against the same edge and draw again from the same point. Measure how far the lines are apart at their end: that is twice the error.'
  },
  'straight-flip': {
    name: 'Straight, by flipping',
    need: 'A board longer than the edge, a sharp pencil.',
    how: 'Draw along the edge. Turn the edge over so that the same side lies on the other side of the line, and draw again through both ends. The widest gap between the lines is twice the error.'
  },
  'saw-square': {
    name: 'Square cut, by five cuts',
    need: 'A panel of about 400 mm, callipers.',
    how: 'Cut a sliver off one side. Turn the cut side to the fence and cut the next, four sides in all, then the first side once more. Keep the last strip and measure its thickness at both ends and its length: the difference is four times the error.'
  },
  'saw-mitre': {
    name: 'Mitre, by eight cuts',
    need: 'Four strips of the same width, two and two of the same length.',
    how: 'Mitre both ends of all four at the same setting and lay them together as a frame. Close three corners tight; the gap at the outside of the last one, over the width of the strip, is eight times the error.'
  },
  'sled-square': {
    name: 'Square cut, by five cuts',
    need: 'A panel of about 400 mm, callipers.',
    how: 'Cut all four sides on the sled, each time with the side just cut against the fence, and the first side once more. Measure the last strip at both ends and its length: the difference is four times the error.'
  },
  'blade-slot': {
    name: 'Blade along the slot',
    need: 'Unplugged. A combination square or a gauge that slides in the slot.',
    how: 'Mark one tooth. Measure from the slot to it at the front, turn the blade so that the same tooth stands at the back, and measure again. Type the difference.'
  },
  'fence-blade': {
    name: 'Fence along the blade',
    need: 'Unplugged. A steel rule or feeler gauges.',
    how: 'Lock the fence and measure from it to the slot at the front and at the back. Type the difference; it should open at the back, if at all.'
  },
  'table-flat': {
    name: 'Table flat',
    need: 'A straight edge as long as the table, feeler gauges.',
    how: 'Lay the edge along, across and over both diagonals. Type the widest gap a feeler goes into.'
  },
  'knives-level': {
    name: 'Knives level',
    need: 'Unplugged. A straight block, or two boards to plane.',
    how: 'Plane one board at the left and one at the right of the table, then measure both. Type the difference in thickness.'
  },
  'band-square': {
    name: 'Table square to the blade',
    need: 'A small square, feeler gauges.',
    how: 'Set the tension for the blade, raise the guides and stand the square against the blade. Type the gap over a hand’s breadth.'
  },
  'base-parallel': {
    name: 'Base along the blade',
    need: 'Unplugged, or the pack out. A steel rule.',
    how: 'Measure from the edge of the base to the blade at its front and at its back. Type the difference.'
  },
  'drill-runout': {
    name: 'Spindle runs true',
    need: 'A straight rod in the chuck, a dial gauge, or a block and feeler gauges.',
    how: 'Turn the rod by hand, 50 mm below the jaws, against the gauge. Type the difference between its nearest and its farthest.'
  },
  collet: {
    name: 'Collet runs true',
    need: 'Unplugged. A straight cutter or rod, a dial gauge or a block and feeler gauges.',
    how: 'Tighten the shank, 5 mm clear of the bottom, and turn it by hand. Type the difference between its nearest and its farthest.'
  },
  'plane-sole': {
    name: 'Sole flat, iron bedded',
    need: 'A straight edge, feeler gauges.',
    how: 'With the iron held but drawn back, try the sole at toe, mouth and heel. Type the widest gap there; hollows elsewhere do no harm.'
  },
  'sander-pad': {
    name: 'Pad flat and firm',
    need: 'A disc, a flat board.',
    how: 'Is the pad flat, does its grip hold a disc all over, does it stop within seconds? Then it is fine.'
  },
  'vacuum-seal': {
    name: 'Tight and drawing',
    need: 'A sheet of paper.',
    how: 'Close the hose with the hand: the sound rises and nothing blows out at lid or bag. A sheet of paper is held at the end of the hose. Then it is fine.'
  },
  'packs-hold': {
    name: 'Packs hold',
    need: 'A full charge.',
    how: 'Charge to full, leave it a day, then work. It shows as full at the start and does not collapse under load. Then it is fine.'
  }
})

/** Care of tools. */
export const careTasks: Readonly<Record<string, CareWords>> = said('careTasks', {
  strop: {
    name: 'Strop',
    how: 'A few strokes on leather with paste, both sides, before the edge feels dull.',
    left: 'The edge goes off sooner, and the stone has to do it.'
  },
  sharpen: {
    name: 'Sharpen',
    how: 'Back flat, bevel to a burr, burr off, then strop. Sharp is when it shaves the end grain of softwood clean.',
    left: 'A blunt edge needs force, slips, and tears the grain: most cuts in hands come from blunt tools.'
  },
  pitch: {
    name: 'Take the pitch off the blade',
    how: 'Unplugged, blade out, soaked in a cleaner for blades, brushed, dried. Look at the teeth while it is out.',
    left: 'It burns the cut and feels blunt long before it is.'
  },
  'round-blade': {
    name: 'A fresh blade',
    how: 'Unplugged. Turn the nut against the run of the blade, put in a sharp one that fits arbor and diameter, check guard and riving knife.',
    left: 'A blunt blade burns, wanders and kicks back sooner.'
  },
  'band-blade': {
    name: 'A fresh band',
    how: 'Unplugged. Slack the tension, change the band, then tension, track and guides in this order.',
    left: 'It drifts and bows in the cut, and breaks at last.'
  },
  'jig-blade': {
    name: 'A fresh blade',
    how: 'Unplugged, or the pack out. They cost little: change it when it slows down.',
    left: 'It bends out of square and tears the edge.'
  },
  knives: {
    name: 'Turn or change the knives',
    how: 'Unplugged, gloves on for the knives alone. Turn them or set sharp ones, level with the table, every screw tight.',
    left: 'They tear, ridge and hammer; the machine works against itself.'
  },
  'router-bit': {
    name: 'Look at the cutters',
    how: 'Unplugged. Pitch off, carbide whole, edge catches on a fingernail. What does not is changed.',
    left: 'It burns, and needs a push that hands should not give.'
  },
  'stone-flat': {
    name: 'Flatten the stone',
    how: 'Pencil grid on the stone, rub on a coarse plate until the grid is gone.',
    left: 'A hollow stone rounds every edge that is laid on it.'
  },
  'blow-out': {
    name: 'Blow it out',
    how: 'Unplugged, eyes covered: short blasts through the slots, outside the room.',
    left: 'Dust in the motor holds its heat and wears the switch.'
  },
  brushes: {
    name: 'Look at the motor brushes',
    how: 'Unplugged. Take them out as the manual says; under a third of their length, change both.',
    left: 'It sparks, loses power and scores the motor.'
  },
  'dry-lube': {
    name: 'Dry lubricant on gears and racks',
    how: 'Unplugged. Brush the dust out, then wax or a dry lubricant. No oil: it holds the dust.',
    left: 'Settings stiffen, then slip.'
  },
  belt: {
    name: 'Look at the belt',
    how: 'Unplugged. Cracks, shine, tension: it gives by a thumb’s breadth and no more.',
    left: 'It slips under load, then tears in the middle of a cut.'
  },
  empty: {
    name: 'Empty it',
    how: 'Outside, mask on. Half full is full for fine dust.',
    left: 'It draws less and less, and the dust stays in the air.'
  },
  filter: {
    name: 'Clean or change the filter',
    how: 'Outside, mask on. Tap or brush as the manual says; changed when it stays grey or is torn.',
    left: 'Less air through it, and the finest dust comes out behind.'
  },
  'half-charge': {
    name: 'Packs at half charge',
    how: 'What lies for weeks lies at about half charge, dry and cool, out of the tool.',
    left: 'Full or empty for months they age and hold less.'
  },
  rust: {
    name: 'Rust and wax',
    how: 'Wipe the iron, take rust off with a fine pad, then paste wax, rubbed out.',
    left: 'Rust pits the iron, and timber no longer slides.'
  },
  screws: {
    name: 'Oil the screws',
    how: 'Glue off, a drop of oil on the thread, none on the jaws.',
    left: 'They bind, and hold less than they seem to.'
  }
})

export const upkeep = said('upkeep', {
  tab: 'What is due',
  title: (due: number, off: number): string =>
    off > 0
      ? off === 1
        ? 'One tool is out of true'
        : `${off} tools are out of true`
      : due === 0
        ? 'All is true and cared for'
        : due === 1
          ? 'One thing is due'
          : `${due} things are due`,
  subtitle: 'Behind the manual of each tool, and unplugged before hands go near a blade.',
  none: 'Nothing you own asks for a check or care here. Put in what you have under What I have.',
  offTitle: 'Out of true',
  off: (
    say: Say,
    tool: string,
    error: number,
    over: number | undefined,
    reckoned: number
  ): string =>
    `${tool}: ${say.number(error, 2)} mm off${over === undefined ? '' : ` over ${over} mm`}; plans reckon with ${say.number(reckoned, 2)} mm for a sound one, and with what you measured for yours.`,
  notFine: (tool: string, check: string): string => `${tool}: not in order by “${check}”.`,
  waits: (builds: string): string => `Until it is set, this cannot be made with it: ${builds}.`,
  wayOut: (time: string): string =>
    `Set it true as its manual says, then check again (about ${time}); or see what the ladder puts in its place.`,
  ladder: 'See the ladder',
  checksTitle: 'To check',
  checksWhy:
    'New machines are seldom true out of the box. The first time takes longest; what you measure is what plans reckon with from then on.',
  never: 'never checked',
  again: (day: string): string => `due again on ${day}`,
  was: (day: string): string => `checked on ${day}`,
  takes: (first: string, later: string): string => `about ${first} the first time, ${later} later`,
  need: 'You need',
  how: 'How',
  enter: 'Put the result in',
  on: 'Checked on',
  values: {
    gap: 'Distance, mm',
    length: 'Over a length of, mm',
    oneEnd: 'Thickness at one end, mm',
    otherEnd: 'At the other end, mm',
    width: 'Width of the strip, mm'
  },
  comesTo: (say: Say, error: number, over: number | undefined, reckoned: number): string =>
    `${say.number(error, 2)} mm off${over === undefined ? '' : ` over ${over} mm`}: ${error <= reckoned ? `within the ${say.number(reckoned, 2)} mm that plans reckon with` : `more than the ${say.number(reckoned, 2)} mm that plans reckon with`}.`,
  fine: 'It is fine',
  notFineButton: 'It is not',
  keep: 'Keep the result',
  takeOut: (check: string, day: string): string => `Take the result of “${check}” of ${day} out`,
  careTitle: 'Care',
  careNone: 'No care is due.',
  soonTitle: 'Soon',
  after: (hours: string, every: number): string => `${hours} of use, asked for every ${every} h`,
  byTime: (day: string): string => `by ${day}`,
  overdue: (day: string): string => `since ${day}`,
  left: 'Left undone',
  cost: 'New one, paid now',
  done: 'Done',
  doneOn: 'Done on',
  otherDay: 'Done on another day',
  otherDayOf: (task: string, tool: string): string => `${task} of ${tool}: done on another day`,
  sharp: (tools: string): string => `Sharp by the log: ${tools}.`,
  doneOf: (task: string, tool: string): string => `${task} of ${tool}: done`,
  minutes: (time: string): string => `takes ${time}`,
  uses: (tool: string, price: string): string => `takes a ${tool}, about ${price}`,
  history: 'What was done',
  historyNone: 'Nothing yet.',
  future: 'Care is noted when it is done. Choose today or a day before it.',
  steps: {
    check: (tool: string): string => `checking ${tool}`,
    care: (tool: string): string => `care of ${tool}`,
    out: 'taking a note of care out'
  },
  bench: {
    running: (build: string, moment: string): string =>
      `The clock of ${build} runs since ${moment}.`,
    toBuild: 'Go to it',
    check: (tools: string, time: string): string =>
      `Came lately and not checked yet: ${tools}. About ${time} in all.`,
    care: (tools: string): string => `Care is due: ${tools}.`,
    off: (tool: string, builds: string): string =>
      `${tool} is out of true. Waiting for it: ${builds}.`,
    offAlone: (tool: string): string => `${tool} is out of true.`,
    lookBack: 'Look back',
    open: 'See what is due'
  }
} as const)

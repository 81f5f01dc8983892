import { said } from './language'

/** The Workshop: the limits the planner reads, each with what holds when nothing is said and why. */
export const workshop = said('workshop', {
  title: 'Workshop',
  /** The limits at a glance. */
  answer: (hours: string, floor: { used: string; most: string | undefined }, power: string) =>
    `${hours} a week, ${floor.most === undefined ? `${floor.used} m² of tools` : `${floor.used} of ${floor.most} m² taken`}, ${power}`,
  current: (amps: string, volts: number) => `up to ${amps} A at ${volts} V`,
  mains: (volts: number) => `${volts} V`,
  subtitle: 'What fits, what runs, how long and how loud: the limits every plan keeps.',
  caption:
    'Each figure says what holds when it is left empty, and why. A change makes the plan anew.',
  roomTitle: 'Room',
  length: 'Length of the room, m',
  width: 'Width of the room, m',
  floor: 'Floor for tools put away, m²',
  floorWhy: (used: string) =>
    `Left empty, floor sets no limit. What you own takes ${used} m² put away.`,
  floorFrom: (m2: string) =>
    `A third of the room is ${m2} m²: common practice, so that two thirds stay for the bench, the work and for walking round it.`,
  takeFloor: (m2: string) => `Take ${m2} m²`,
  firstHour: (time: string) =>
    `Before its first use it is set true: about ${time} the first time, with its manual.`,
  inUse: (m2: string) => `In use it stands on ${m2} m².`,
  line: (line: string, longest?: string) =>
    longest === undefined
      ? `With long boards it wants ${line} in one line.`
      : `With your longest piece for it, ${longest}, it wants ${line} in one line.`,
  tooShort: (room: string) =>
    `The long side of your room is ${room}: run it through an open door or out of doors, or have the long pieces cut.`,
  walls: 'Walls that pieces hang on',
  wallKinds: [
    { id: 'any', name: 'Not said' },
    { id: 'frame', name: 'Boards on a timber frame' },
    { id: 'masonry', name: 'Brick, block or concrete' }
  ],
  wallsWhy:
    'Not said, either way of fixing will do. Masonry wants a drill that hammers, plugs, and protection for ears and lungs. Look for cables and pipes before every hole.',
  volts: 'Mains',
  circuit: 'Rating of the circuit, A',
  circuitWhy:
    'Left empty, no tool is ruled out. A tool that draws more than the rating is never planned. For long or joint loads, and for anything beyond plugging in, ask a licensed electrician.',
  hoursTitle: 'Hours',
  perWeek: 'Hours a week',
  perWeekWhy: 'A new workspace starts with one evening, three hours. Days share their week evenly.',
  changesTitle: 'Other hours for a time',
  changesWhy:
    'A holiday with none, a quiet month with more. Where two overlap, the later one in the list holds.',
  from: 'From',
  until: 'Until',
  add: 'Add',
  remove: 'Take out',
  perStage: 'Hours of each stage',
  quietTitle: 'Quiet',
  quietAbove: 'Loud is more than, dB(A)',
  quietCost: 'An hour of it costs goodwill',
  quietWhy:
    'Left empty, noise costs nothing in the plan. 85 dB(A) is where hearing protection is called for; walls and neighbours may ask for less.',
  quietOff: 'Nobody minds',
  suggests: (builds: number) =>
    `${builds} finished builds went up to this level. If it has become second nature:`,
  raise: (level: string) => `raise it to “${level}”`,
  usual: 'Not limited until you say so.',
  left: (methods: number) => `${methods} ${methods === 1 ? 'way' : 'ways'} of working left out`,
  moneyTitle: 'The most a plan may cost',
  cap: 'No more than',
  capWhy:
    'Left empty, only the purse and what you keep back set the limit. With a figure here no plan pays out more than that from today on, whatever comes in.'
} as const)

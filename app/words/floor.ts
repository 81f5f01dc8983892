import type { Clash, PlanFault } from '../../core/workshop'
import { said } from './language'
import { plural } from './plural'

/** The floor plan: the room to scale, what stands in it, and what does not go. */
export const floor = said('floor', {
  tabsLabel: 'Questions of the workshop',
  tabs: {
    floor: 'Floor plan',
    power: 'Power',
    air: 'Noise, dust, protection',
    hazards: 'What can hurt',
    today: 'Before I start',
    bounds: 'Room and hours'
  },
  titleNone: 'Draw your room, and see what fits',
  titleFault: 'The drawing is not a room yet',
  titleClear: (count: number) =>
    count === 0
      ? 'The room is drawn; nothing stands in it yet'
      : `${plural(count, 'tool stands', 'tools stand')}, and nothing is in the way`,
  titleClash: (count: number) => `${plural(count, 'thing does', 'things do')} not go as drawn`,
  subtitle:
    'To scale. Put away, things stand beside one another; each is used by itself, with the others put away and the car driven out.',
  caption:
    'Solid: put away. Outlined: in use. Dashed: the run that stock wants before and behind it. Drag, or use the arrow keys; R turns, Delete takes it out of the drawing.',
  noRoom: 'Length and width of the room are enough to begin; doors and corners come after.',
  lengthM: 'Length of the room',
  widthM: 'Width of the room',
  draw: 'Draw the room',
  drawn: 'Floor plan of the workshop',
  areaFeet: (feet: string) => `${feet} ft² of floor.`,
  area: (m2: string) => `${m2} m² of floor.`,
  cutTitle: 'A corner that is not there',
  cutLength: 'Along the length',
  cutWidth: 'Along the width',
  cutWhich: 'Which corner',
  corners: ['top left', 'top right', 'bottom right', 'bottom left'] as readonly string[],
  cut: 'Cut it out',
  cornersTitle: 'Corners, for walls that run aslant',
  cornersWhy:
    'Numbered clockwise from the top left, as measured along the two walls. Doors and outlets stay where they are.',
  cornerLeft: (n: number) => `Corner ${n}, from the left`,
  cornerTop: (n: number) => `Corner ${n}, from the top`,
  cornerAdd: (n: number) => `A corner after ${n}`,
  cornerRemove: (n: number) => `Take corner ${n} out`,
  roomTitle: 'The room',
  redraw: 'Change its size',
  wipe: 'Take the drawing away',
  place: 'Place them for me',
  placing: 'Looking for places …',
  putIn: (tool: string) => `Put in ${tool}`,
  addTitle: 'Put into the room',
  kinds: {
    door: 'Door',
    gate: 'Garage door',
    window: 'Window',
    outlet: 'Outlet',
    car: 'Car',
    bikes: 'Bicycles',
    boiler: 'Boiler',
    shelves: 'Shelves',
    bench: 'Bench',
    other: 'Something else'
  } as Readonly<Record<string, string>>,
  theKinds: {
    door: 'the door',
    gate: 'the garage door',
    window: 'the window',
    car: 'the car',
    bikes: 'the bicycles',
    boiler: 'the boiler',
    shelves: 'the shelves',
    bench: 'the bench',
    other: 'what else stands there'
  } as Readonly<Record<string, string>>,
  chosen: (name: string) => `Chosen: ${name}`,
  nothingChosen:
    'Choose something in the drawing to move it, turn it or give its place in figures.',
  fromLeft: 'From the left',
  fromTop: 'From the top',
  across: 'Breadth',
  deep: 'Depth',
  high: 'Height',
  along: 'From the corner',
  wall: 'Wall',
  wallName: (n: number, length: string) => `${n}: ${length}`,
  circuit: 'Circuit',
  circuitFirst: 'Circuit 1',
  noCircuit: 'none yet',
  stray: (count: number) =>
    `${plural(count, 'outlet is', 'outlets are')} on no circuit there is: choose it and say which, or tell circuits apart under Power.`,
  inward: 'Its leaf swings into the room',
  away: 'Out of the room while you work',
  turn: 'Turn it',
  move: { left: 'Left', right: 'Right', up: 'Up', down: 'Down' } as const,
  apart: 'Put away elsewhere',
  together: 'Put away where it is used',
  storedOf: (name: string) => `${name}, put away`,
  takeOut: 'Take it out',
  clashTitle: 'What does not go',
  noClash: 'Nothing is in the way.',
  clash: (one: Clash, tool: string, against: string, by: string) => {
    if (one.part === 'body')
      return one.moment === 'put-away'
        ? `${tool}, put away, stands ${one.against.kind === 'wall' ? 'through the wall' : `${by} into ${against}`}.`
        : `${tool}, in use, stands ${one.against.kind === 'wall' ? 'through the wall' : `${by} into ${against}`}.`
    const of = { infeed: 'infeed', outfeed: 'outfeed', user: 'place to stand' }[one.part]
    return `The ${of} of ${tool} runs into ${against}: ${by} too short.`
  },
  theWall: 'the wall',
  waysOut:
    'Turn it, roll it elsewhere for its use, move what is in the way, or have long pieces cut to rough length first.',
  faults: (one: PlanFault, by: string) => {
    switch (one.kind) {
      case 'no-floor':
        return 'The room has no floor: give it a length and a width of at least half a metre each.'
      case 'walls-cross':
        return `Walls ${one.walls[0] + 1} and ${one.walls[1] + 1} cross: move a corner, or draw the room anew.`
      case 'opening-beyond-wall':
        return `A door or window reaches beyond its wall, which is ${by} long: move it or make it narrower.`
      case 'outlet-beyond-wall':
        return `An outlet lies beyond its wall, which is ${by} long: move it.`
    }
  },
  nextTitle: 'Will the next one fit?',
  tryOther: 'Would another one fit?',
  tryWhich: 'Choose a machine',
  nextNone: 'Nothing that is planned or wished for stands on the floor.',
  nextFits: (tool: string) => `${tool}: yes, beside all that is there.`,
  nextBeside: (tool: string) =>
    `${tool}: not beside what is there. Alone it would fit: something has to go, or be put away smaller.`,
  nextNever: (tool: string) =>
    `${tool}: not in this room, with the run it wants. The plan leaves it out; a smaller one, another way, or sheets cut to size do the work.`,
  wishFor: 'Wish for it',
  driveOut: (thing: string) => `It fits with ${thing} out while you work: take it out then`,
  takeSmaller: (tool: string) => `${tool} fits: wish for that instead`,
  asking: 'Being tried …',
  stockTitle: 'Stock to be fed',
  stockLength: 'Length',
  stockWidth: 'Breadth',
  stockWhy:
    'Left empty, each machine is asked for the longest piece your builds feed it, or for its usual run.',
  doorsTitle: 'Out of the door?',
  doorFits: (count: number) =>
    `${plural(count, 'build goes', 'builds go')} out by it in one piece.`,
  doorNot: (piece: string) =>
    `${piece}: does not go out in one piece. Build it so that it comes apart, or finish it where it will stand.`,
  doorNone: 'Draw a door, and see which builds go out by it.',
  sheetThrough: (size: string) => `A whole sheet (${size}) comes in.`,
  sheetNot: (size: string) => `A whole sheet (${size}) does not come in by any door: have it cut.`,
  rule: 'While the room is drawn, the plan buys only what finds a place in it; the floor in square metres says nothing then.',
  electrician: 'New outlets and circuits: ask a licensed electrician.'
} as const)

import type { HazardClass } from '../../core/catalogue'
import { SHEETS, type GentlerWay, type Sheet } from '../../core/safety'
import { hazards } from './hazards'
import { said } from './language'
import { roughly, type Say } from './say'

/** What a sheet says: what happens, how to stand and hold, what comes before and after, and what its drawings show. */
export interface SheetText {
  readonly happens: string
  readonly stand: string
  readonly before: string
  readonly after: string
  /** Captions by drawing. */
  readonly shows: Readonly<Record<string, string>>
}

const SHEET_TEXTS = {
  'sharp-edge': {
    happens: 'A dull edge is pushed hard, slips, and goes where the other hand is.',
    stand:
      'Work clamped or against a stop, both hands behind the edge, pushing away from you. Never a piece held in the palm, never a finger in front of the edge to guide it.',
    before:
      'Sharpen first; a sharp edge needs little force. A place for the tool, edge away from you.',
    after:
      'Cover on, or back on its hook. Nothing with an edge in an apron pocket or hanging over the bench.',
    shows: {
      'other-hand': 'Both hands behind the edge. The place in front of it belongs to no hand.'
    }
  },
  'spinning-bit': {
    happens:
      'A bit that grabs turns the whole piece, or the drill and the wrist with it. Gloves, sleeves, strings and hair are wound up before you can let go.',
    stand:
      'Piece clamped or against a fence so that it cannot turn. Auxiliary handle on, arm straight, ready to let go. Hole saws and flat bits slowly, from both sides.',
    before:
      'No gloves, sleeves buttoned or rolled, hair tied. Chuck key out. Right speed: large bits slow.',
    after: 'Let it stop by itself, never by the hand. Chips away with a brush, not with fingers.',
    shows: {
      sleeves:
        'No gloves and no sleeves at what turns. The clamp, not the hand, holds against the turn.'
    }
  },
  'hand-blade': {
    happens:
      'The cut closes on the blade, because the board sags or is twisted, and the saw jumps back at you faster than you can draw away.',
    stand:
      'Beside the line, never behind the saw. Both hands on the handles, the other hand never behind or under it. The falling side free to fall, the rest on its support up to the cut.',
    before:
      'Depth a tooth below the board. Guard swings freely. Cord behind you. Start before the blade touches.',
    after:
      'When it binds, switch off and hold still until it stands. Let it stop before you lift it or set it down.',
    shows: {
      'kickback-hand':
        'Held up only at its ends the board sags, the cut closes, the saw jumps back.',
      'falling-offcut': 'Held up under the piece you keep; the offcut falls away and binds nothing.'
    }
  },
  'fixed-blade': {
    happens:
      'What pinches between blade and fence, or twists off the fence, is thrown back along the line with the force of the motor, and pulls the hand in on its way.',
    stand:
      'Beside the line of the blade, weight on both feet, hands never over or behind the blade. Push stick for the last hand’s breadth, pressure between blade and fence. Never free-hand; never fence and cross stop at once with a short piece.',
    before:
      'Riving knife and guard on, fence parallel, blade a tooth above the board. Table empty, way out free, push stick in reach.',
    after: 'Off, wait until it stands, then take the offcut. Unplugged while a blade is changed.',
    shows: {
      'kickback-fence': 'You stand beside the line; what pinches flies along it.',
      'push-stick': 'Knife behind the blade, guard above it, the stick where a hand would be.'
    }
  },
  'router-bit': {
    happens:
      'Fed with the turn of the bit, the router climbs along the edge and runs away with you, or throws a small piece out of your hands.',
    stand:
      'Feed against the turn: around the outside of a piece anticlockwise, inside an opening clockwise, seen from above. Both hands on it, base flat, small depths. At a table from right to left, the piece longer than two hands.',
    before:
      'Bit pushed in to the bottom, drawn out two millimetres, tight. Speed down for large bits. Piece clamped.',
    after: 'Let it stop before you lift it off or lay it down. Unplugged while a bit is changed.',
    shows: {
      'feed-direction': 'Anticlockwise round the outside, clockwise inside an opening.',
      'climb-cut': 'Not this way: with the turn, the bit pulls the router along the edge.'
    }
  },
  'feed-rollers': {
    happens:
      'Rollers and knives take short pieces, loose knots and fingers alike. A short piece tips between the rollers, bursts or is shot back out.',
    stand:
      'Beside the way of the board, in and out. Push blocks, no thumb over the end, hands never under the table’s edge nor over the knives.',
    before:
      'Nothing shorter than the manual says: longer than the rollers are apart. Loose knots, nails, grit and old finish: not through. Hood and hose on.',
    after:
      'Jam: off, unplugged, wait until it stands, only then open. Table down before anything is pulled out.',
    shows: {
      'knots-short':
        'Shorter than the rollers are apart, it tips into the knives; loose knots fly.',
      jam: 'Unplugged first. Then the jam.'
    }
  },
  'fired-nail': {
    happens:
      'A nail follows the grain, turns at a knot or at another nail, and comes out at the side: where the other hand holds on.',
    stand:
      'The other hand farther away than the nail is long, never in line with the edge. Nose flat on the work, at a right angle.',
    before: 'Nails no longer than both pieces allow. Trip that fires once. Eyes covered.',
    after: 'Finger off the trigger while you walk. Hose off or pack out before a jam is cleared.',
    shows: {
      'nail-side':
        'It turns along the grain and comes out where fingers hold. Keep them a nail’s length away.'
    }
  },
  dust: {
    happens:
      'What you can see falls in minutes; what you cannot see stays in the air for hours, goes deep into the lungs and harms them for good. Some timbers do it at once.',
    stand:
      'Mask on before the first stroke, tight at the nose. Hose at the tool, wind from behind you, gate open.',
    before:
      'Filter fresh, bag not full. Where a plane or scraper does it, shavings instead of dust.',
    after:
      'Mask stays on and gate stays open until the air is clean again. Vacuum, do not sweep or blow.',
    shows: {
      'fine-dust': 'Catch it at the tool, open the gate, keep the mask on after the last stroke.'
    }
  },
  chips: {
    happens:
      'Chips, splinters and pieces of a broken bit fly at the eyes; splinters go into hands that slide along an edge.',
    stand:
      'Face out of the line in which it throws. Hands on sound, planed faces; edges broken before they are handled.',
    before:
      'Eye protection with the impact mark on, over your own glasses too; bystanders’ as well.',
    after:
      'Glasses off last. Splinters out clean, the place disinfected; in the eye: rinse, see a doctor.',
    shows: { chips: 'They fly in the line of the cut: glasses on, face beside it.' }
  },
  heat: {
    happens:
      'Rags with drying oil heat by themselves in a heap and burn hours later, when nobody is there. Hot glue and irons burn skin; fumes of finish burn at a spark and make you dizzy.',
    stand:
      'Window open, no flame, no motor sparking near fumes or fine dust. Hot glue: press with a stick, not a finger.',
    before:
      'Water bucket or lidded metal tin ready. Extinguisher and smoke alarm where you work. Read the tin.',
    after:
      'Rags spread flat outside to dry, one layer, or under water in the tin with its lid. Irons and glue guns unplugged.',
    shows: { rags: 'Never in a heap: one layer in the open, or under water in a lidded tin.' }
  },
  lifting: {
    happens:
      'A sheet weighs some thirty kilograms, 65 pounds, and catches wind like a sail: backs, toes and door frames suffer. Cut, its halves tip.',
    stand:
      'Upright on edge, back straight, from the knees; two people or a carrying hook. Slide it, do not swing it.',
    before: 'Way free, place to lay it ready. Have it cut where you buy it when you are alone.',
    after: 'Store it on edge, leaning, tied, where no child can pull it over.',
    shows: { lifting: 'On edge, back straight, from the knees, and with two.' }
  },
  company: {
    happens:
      'Children, animals and guests step up from behind; you start, and the hand goes with you. They have no protection on.',
    stand: 'A line on the floor nobody crosses while something runs. Look up only when it stands.',
    before:
      'Say that you begin; door shut, or somebody who watches it. Eyes and ears for everyone who stays.',
    after: 'Unplugged, packs out, keys away, blades covered before you leave.',
    shows: { company: 'Behind the line until it stands.' }
  }
} as const satisfies Readonly<Record<Sheet, SheetText>>

export const hazardSheets = said('hazardSheets', {
  title: 'What can hurt, and what to do about it',
  subtitle:
    'A sheet for each kind of danger, how far you go with it, and what practice has brought.',
  general: {
    chips: 'chips and splinters',
    heat: 'heat, rags and fumes',
    lifting: 'lifting sheets',
    company: 'children and guests'
  } as Readonly<Record<Exclude<Sheet, HazardClass>, string>>,
  texts: SHEET_TEXTS as Readonly<Record<Sheet, SheetText>>,
  happens: 'What happens',
  stand: 'How to stand and hold',
  before: 'Before',
  after: 'After',
  gentler: 'The gentler way, and its time',
  gentlerLine: (work: string, gentler: string, its: string, instead: string, quick: string) =>
    `${work}: ${gentler}, ${its}; instead of ${instead}, ${quick}`,
  gentlerShort: (method: string, time: string) => `The gentler way: ${method}, ${time}.`,
  byService: 'as a service',
  gentlerNone: (work: string, method: string) =>
    `${work}: no gentler way is known than ${method}; have it done, or leave it out.`,
  each: (minutes: string) => `about ${minutes} with its set-up`,
  manual: 'Common practice. The tool’s manual and your local rules go before it.',
  open: 'What can hurt:',
  all: 'With all work'
} as const)

const isSheet = (id: string): id is Sheet => (SHEETS as readonly string[]).includes(id)

/** A sheet by its name, for the head of its card; undefined for what is none. */
export const sheetName = (id: string): string | undefined =>
  isSheet(id) ? { ...hazards, ...hazardSheets.general }[id] : undefined

/** How long a way takes, or that somebody else does it. */
export const timeOf = ({ minutes }: Pick<GentlerWay, 'minutes'>): string =>
  minutes === undefined ? hazardSheets.byService : hazardSheets.each(roughly(minutes))

/** The gentler way with its time. */
export const gentlerSaid = (say: Say, way: GentlerWay): string =>
  hazardSheets.gentlerShort(say.method(way.method), timeOf(way))

export const courage = said('courage', {
  title: 'How far you go',
  why: 'Ways of working above your level are never planned. Practice may suggest the next one; nothing raises it but you.',
  level: (name: string) => `How far with ${name}`,
  practised: (say: Say, hours: number, pieces: number) =>
    hours > 0
      ? `${say.number(hours, 1)} hours by your log, in ${say.number(pieces, 0)} finished ${pieces === 1 ? 'piece' : 'pieces'}.`
      : 'Nothing by your log so far.',
  asks: 'The next level asks for',
  steps: [
    [],
    [
      'The manual read, with the tool unplugged in front of you.',
      'Somebody who shows it once, or a course evening.',
      'A trial on an offcut: three cuts or holes you would let a child watch.'
    ],
    [
      'The manual’s part on guards and settings read again.',
      'A person who knows it beside you for the first hour.',
      'A small piece of nothing else: a box, a rack, a row of the same cut on offcuts.'
    ],
    [
      'Level two without a scare for a good while.',
      'A course, or a day with somebody who does it daily.',
      'Each new cut first dry: unplugged, hands where they will go, then on waste.'
    ]
  ] as readonly (readonly string[])[],
  opens: (say: Say, steps: number, builds: number, hours: number, operations: string) =>
    steps === 0
      ? 'It would open nothing your builds ask for.'
      : `It would open a quicker way, with the tools for it, for ${say.number(steps, 0)} ${steps === 1 ? 'step' : 'steps'} in ${say.number(builds, 0)} ${builds === 1 ? 'build' : 'builds'} (${operations})${hours >= 0.5 ? `: up to ${say.number(hours, 1)} hours less` : ''}.`,
  top: 'No level is above this.',
  sheet: (name: string) => `The sheet: ${name}`,
  unlimited: 'Nothing said: no way of working is left out for it.'
} as const)

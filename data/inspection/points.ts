import type { Doing, Effect, Point, Sheet } from '../../core/inspection'

/** What is looked at on used tools, by kind. All common practice of the trade; shares of the price of a new one are rough, from memory. */

export const WALK_AWAY: Effect = { walkAway: true }
export const costs = (repair: number, inexact?: number): Effect =>
  inexact === undefined ? { repair } : { repair, inexact }
export const point = (id: string, does: Doing, text: string, doubtful: Effect, bad: Effect): Point => ({
  id,
  does,
  text,
  doubtful,
  bad
})

export const CORD = point(
  'cord',
  'look',
  'Cord, plug and strain relief whole from end to end, no tape, no scorching',
  costs(0.1),
  WALK_AWAY
)
export const SWITCH = point(
  'switch',
  'run',
  'Switch goes on and off at once, and does not start by itself when plugged in',
  costs(0.1),
  WALK_AWAY
)
export const MOTOR = point(
  'motor',
  'run',
  'Runs up evenly for two minutes, without sparks, smell or a growl; under load too, if you may',
  costs(0.15),
  costs(0.5)
)
export const PLAY = point(
  'play',
  'measure',
  'No play in spindle or shaft when you pull and push it by hand, unplugged',
  costs(0.15, 1.5),
  costs(0.4, 3)
)
export const GUARD = point(
  'guard',
  'look',
  'Guard is there, moves freely and springs back by itself',
  costs(0.1),
  WALK_AWAY
)
export const BASE = point(
  'base',
  'measure',
  'Sole or base is flat on a straight edge and not bent from a fall',
  costs(0.05, 1.5),
  costs(0.2, 3)
)
export const PARTS = point(
  'parts',
  'ask',
  'Fence, key, collet, bag and manual are all there; what is missing can still be had',
  costs(0.05),
  costs(0.15)
)
export const AGE = point(
  'age',
  'ask',
  'Why it is sold, how much it ran, and whether anything was repaired',
  costs(0.05),
  costs(0.15)
)
export const PACK = point(
  'pack',
  'run',
  'A full pack lasts: drive or cut for some minutes and watch the gauge; read its date',
  costs(0.15),
  costs(0.35)
)
export const CONTACTS = point(
  'contacts',
  'look',
  'Pack is not swollen, cracked or opened, contacts clean; the charger is the maker’s own',
  costs(0.1),
  WALK_AWAY
)
export const RUST = point(
  'rust',
  'look',
  'Rust only on the surface, no pits on a sole, a face or near an edge',
  costs(0.08),
  costs(0.3, 2)
)
export const CASTING = point('casting', 'look', 'No crack or weld in any casting, handle or jaw', costs(0.2), WALK_AWAY)

export const TABLE_FLAT = point(
  'table',
  'measure',
  'Table flat within a tenth or two of a millimetre under a straight edge, corner to corner',
  costs(0.05, 1.5),
  costs(0.2, 3)
)
export const FENCE = point(
  'fence',
  'measure',
  'Fence locks at both ends and stands parallel to blade or slot',
  costs(0.08, 1.5),
  costs(0.25, 3)
)
export const ANGLES = point(
  'angles',
  'measure',
  'Stops hold: a cut at 90° and one at 45°, turned over and held together, show no gap',
  costs(0.05, 1.5),
  costs(0.2, 3)
)

export const POWERED: readonly Point[] = [SWITCH, MOTOR, PLAY, PARTS, AGE]
export const TO_POWERED = ['a piece of wood to try it on', 'a lamp', 'eye and ear protection']
export const TO_MACHINE = ['a straight edge of half a metre', 'a square you trust', 'feeler gauges', ...TO_POWERED]
export const TO_HAND = ['a short straight edge', 'a square you trust', 'a lamp']

export const sheet = (id: string, bring: readonly string[], points: readonly Point[]): Sheet => ({
  id,
  bring,
  points
})

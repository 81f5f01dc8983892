import type { Joint, Template } from '../catalogue'
import { stripsOf, type Part } from '../cutlist'
import { MM_PER_INCH } from '../units'
import {
  USUAL_SPECIES,
  isSpecies,
  panelMovement,
  type Humidity,
  type PanelMovement,
  type Species
} from './movement'

export type Verdict = 'right' | 'fair' | 'wrong'

/** Why a joint suits a part or does not. Sentences are made elsewhere. */
export interface JointAdvice {
  readonly joint: Joint
  readonly verdict: Verdict
  readonly reason:
    | 'case-of-sheets'
    | 'real-joint'
    | 'loaded-frame'
    | 'across-the-grain'
    | 'end-grain'
    | 'chips-in-sheet'
    | 'no-stress'
    | 'shallow'
    | 'long-grain'
    | 'light'
    | 'moves-along'
    | 'stands-on-sides'
  /** For joints across the grain: what moves against them, mm over the year. */
  readonly movementMm?: number | undefined
}

/** Joints that hold by wood or by glue on long grain, so that they may carry. Common practice. */
const CARRYING: ReadonlySet<Joint> = new Set([
  'mortise-tenon',
  'loose-tenon',
  'half-lap',
  'dovetail',
  'box-joint',
  'laminated'
])
/** Joints that hold two pieces rigidly at points across their width. */
const RIGID: ReadonlySet<Joint> = new Set(['screwed', 'nailed', 'pocket', 'dowel', 'biscuit'])
/** Shaped joints that crumble or chip at the layers of a sheet. */
const CRUMBLING: ReadonlySet<Joint> = new Set(['mortise-tenon', 'dovetail', 'half-lap'])

/** What a wide part may move against a rigid joint before it splits or the joint fails, mm. Common practice. */
export const RIGID_LIMIT_MM = 1.5
/** Single boards up to here stay single; wider solid parts are panels, mm. */
const PANEL_MM = 250
/** Boards and sheets from here on stand as the sides of a low case rather than as its legs and rails, mm. */
const SIDE_MM = 150
/** Solid parts narrower than this are not worth a word about movement, mm. */
const NARROW_MM = 100

export const speciesOf = (part: Part): Species | undefined =>
  part.stock === 'sheet'
    ? undefined
    : isSpecies(part.species)
      ? part.species
      : USUAL_SPECIES[part.stock]

/** How much a part of solid wood moves across its width over the year; undefined for sheets and narrow parts. */
export function partMovement(part: Part, humidity?: Humidity): PanelMovement | undefined {
  const species = speciesOf(part)
  return species === undefined || part.widthMm < NARROW_MM
    ? undefined
    : panelMovement(part.widthMm, species, humidity)
}

type Judgement = Pick<JointAdvice, 'verdict' | 'reason'>
/** Of solid wood, where nothing speaks against it: a joint's strength and its grain. What is not here is a real joint. */
const IN_SOLID_WOOD: Readonly<Partial<Record<Joint, Judgement>>> = {
  screwed: { verdict: 'fair', reason: 'end-grain' },
  biscuit: { verdict: 'fair', reason: 'shallow' },
  mitre: { verdict: 'fair', reason: 'end-grain' },
  'edge-glue': { verdict: 'right', reason: 'long-grain' }
}

const inSheet = (joint: Joint): Judgement =>
  CRUMBLING.has(joint)
    ? { verdict: 'wrong', reason: 'chips-in-sheet' }
    : { verdict: 'right', reason: 'case-of-sheets' }
/** Pocket screws hold a panel glued of strips against its movement. */
const pocketInSolidWood = (part: Part): Judgement =>
  stripsOf(part).count > 1
    ? { verdict: 'wrong', reason: 'across-the-grain' }
    : { verdict: 'fair', reason: 'light' }

/** A panel moves as a whole against what it is fixed to; single boards side by side mostly run the same way and move together. */
const isPanel = (part: Part): boolean => part.widthMm > PANEL_MM || stripsOf(part).count > 1

/** What is neither wood in wood nor glue on long grain, under somebody's weight. */
function underPeople(joint: Joint, { widthMm }: Part): Judgement {
  if (joint === 'dowel' || joint === 'dado') return { verdict: 'fair', reason: 'loaded-frame' }
  return widthMm >= SIDE_MM && (joint === 'screwed' || joint === 'pocket')
    ? { verdict: 'fair', reason: 'stands-on-sides' }
    : { verdict: 'wrong', reason: 'loaded-frame' }
}

const MOVES_ALONG: Judgement = { verdict: 'fair', reason: 'moves-along' }

/** By its stock alone: where nobody’s weight and no movement speaks against it. */
function inItself(joint: Joint, part: Part): Judgement {
  if (joint === 'nailed') return { verdict: 'fair', reason: 'no-stress' }
  if (part.stock === 'sheet') return inSheet(joint)
  if (joint === 'pocket') return pocketInSolidWood(part)
  return IN_SOLID_WOOD[joint] ?? { verdict: 'right', reason: 'real-joint' }
}

/**
 * Whether a joint suits a part: its material, its load, its grain. Where practitioners differ the milder word is used.
 * @param bearing whether the piece carries people or hangs over them
 * @param humidity of the room over the year, per cent
 */
export function adviseJoint(
  joint: Joint,
  part: Part,
  bearing: Template['bearing'],
  humidity?: Humidity
): JointAdvice {
  const movement = partMovement(part, humidity)
  const moves = movement ? { movementMm: movement.mm } : {}
  const held = RIGID.has(joint) && movement !== undefined && movement.mm > RIGID_LIMIT_MM
  if (held && isPanel(part))
    return { joint, verdict: 'wrong', reason: 'across-the-grain', ...moves }
  if (bearing === 'carries-people' && !CARRYING.has(joint) && joint !== 'edge-glue')
    return { joint, ...underPeople(joint, part) }
  return { joint, ...(held ? MOVES_ALONG : inItself(joint, part)), ...moves }
}

/** Joints to use instead, that suit the part. */
export const alternatives = (
  joint: Joint,
  part: Part,
  bearing: Template['bearing'],
  humidity?: Humidity
): Joint[] =>
  (
    [
      'mortise-tenon',
      'loose-tenon',
      'dowel',
      'dado',
      'rebate',
      'half-lap',
      'box-joint',
      'dovetail',
      'pocket',
      'biscuit',
      'screwed'
    ] as const
  ).filter(
    (other) => other !== joint && adviseJoint(other, part, bearing, humidity).verdict === 'right'
  )

/**
 * Length of pocket screws by the thickness of the stock, mm: 3/4 in takes 1 1/4, 1 1/2 in takes 2 1/2; common practice. Between them the
 * usual lengths follow; undefined outside what the jigs take.
 */
export function pocketScrewMm(stockMm: number): number | undefined {
  const inches = stockMm / MM_PER_INCH
  const table: readonly (readonly [upTo: number, screw: number])[] = [
    [0.56, 1],
    [0.8, 1.25],
    [1.05, 1.5],
    [1.3, 2],
    [1.55, 2.5]
  ]
  const length = inches < 0.45 ? undefined : table.find(([upTo]) => inches <= upTo)?.[1]
  return length === undefined ? undefined : length * MM_PER_INCH
}

/** Lengths wood screws come in, mm. */
const SCREWS_MM = [16, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 120] as const
/** Length of a screw through one piece into the edge of another, mm: two thirds of it hold in the second piece; common practice. */
export const throughScrewMm = (firstMm: number): number =>
  SCREWS_MM.find((length) => length >= firstMm * 2.4) ?? 120

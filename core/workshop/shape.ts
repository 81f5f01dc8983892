import type { Sides, Tool } from '../catalogue'
import { about, placed, type FloorPlan, type Rect, type Stand, type Standing } from './floor-plan'
import { strip, type Way } from './outline'

/** Room a person needs on the working side, mm. Common practice: two feet and a stride. */
export const WORKING_MM = 600
/** Breadth of a usual board, mm, where nothing else is said. */
const BOARD_MM = 300
/** What stands on the floor takes at least this much of it, m²; smaller things lie on shelves and hang on walls. */
const STANDS_FROM_M2 = 0.15

/** What a tool takes of the floor, put away and in use. */
export interface Shape {
  readonly tool: string
  readonly stored: Sides
  readonly used: Sides
  /** The run it wants on either side of it, mm, and the breadth of the stock; from side to side where `across`. */
  readonly feed:
    | {
        readonly infeed: number
        readonly outfeed: number
        readonly breadth: number
        readonly across: boolean
      }
    | undefined
  /** It hangs on a cord. */
  readonly corded: boolean
}

/**
 * What a tool takes of the floor; undefined for what stands on no floor. All of a piece lies before the blade at first and behind it at last,
 * so that each side wants the piece's length, and no more than the tool's own feed.
 * @param longest longest piece it has to lead, mm; its own usual one where undefined
 */
export function shapeOf(
  { id, storedM2, usedM2, standsMm, feedMm, forms }: Tool,
  longest?: number,
  breadth = BOARD_MM
): Shape | undefined {
  if (!standsMm && storedM2 < STANDS_FROM_M2) return undefined
  const square = (m2: number): Sides => {
    const side = Math.round(Math.sqrt(m2) * 1000)
    return [side, side]
  }
  const stored = standsMm?.stored ?? square(storedM2)
  const run = (feed: number): number => Math.min(feed, longest ?? feed)
  return {
    tool: id,
    stored,
    used: standsMm?.used ?? (usedM2 === undefined ? stored : square(usedM2)),
    feed: feedMm && {
      infeed: run(feedMm.infeed),
      outfeed: run(feedMm.outfeed),
      breadth,
      across: feedMm.across === true
    },
    corded: forms.some(({ power }) => power === 'corded')
  }
}

export const storedAt = (standing: Standing): Stand => standing.stored ?? standing

export const bodyStored = ({ stored }: Shape, standing: Standing): Rect =>
  placed(about(stored), storedAt(standing))
export const bodyUsed = ({ used }: Shape, stand: Stand): Rect => placed(about(used), stand)

const CLOCKWISE: readonly Way[] = ['up', 'right', 'down', 'left']
/** A direction as its user sees it, in the room. */
const turned = (way: Way, { turn }: Stand): Way =>
  CLOCKWISE[(CLOCKWISE.indexOf(way) + turn) % CLOCKWISE.length] ?? way

/** A strip that a tool in use wants free. */
export interface Wanted {
  readonly part: 'infeed' | 'outfeed' | 'user'
  /** The edge it begins at, and where it goes. */
  readonly edge: Rect
  readonly way: Way
  readonly mm: number
}

/** What a tool in use wants free besides the floor it stands on. */
export function wantedAt(shape: Shape, stand: Stand): Wanted[] {
  const { used, feed } = shape
  const [across, deep] = used
  const body = bodyUsed(shape, stand)
  const user: Wanted = { part: 'user', edge: body, way: turned('down', stand), mm: WORKING_MM }
  if (!feed) return [user]
  const breadth = Math.min(feed.breadth, feed.across ? deep : across)
  const line = placed(about(feed.across ? [across, breadth] : [breadth, deep]), stand)
  const [from, to]: readonly [Way, Way] = feed.across ? ['left', 'right'] : ['down', 'up']
  return [
    user,
    { part: 'infeed', edge: line, way: turned(from, stand), mm: feed.infeed },
    { part: 'outfeed', edge: line, way: turned(to, stand), mm: feed.outfeed }
  ]
}

/** A strip as a rectangle. */
export const stripOf = ({ edge, way, mm }: Wanted): Rect => strip(edge, way, mm)

/** The length and breadth to reckon a tool's feed with, mm. */
export const stockFor = (
  { stock }: Pick<FloorPlan, 'stock'>,
  longest: number | undefined
): readonly [length: number | undefined, breadth: number | undefined] =>
  stock ? [stock.lengthMm, stock.widthMm] : [longest, undefined]

import { fixedIn, type Obstacle } from './clashes'
import { about, overlaps, placed, type FloorPlan, type Rect, type Stand } from './floor-plan'
import { openCost, stepFor, storeSpots, useSpots, type UsePlace } from './layout'
import { liesInside } from './outline'
import type { Shape } from './shape'

/** A tool with all its places. */
export interface Movable {
  readonly shape: Shape
  readonly uses: readonly UsePlace[]
  readonly stores: readonly Stand[]
  /** The places at a wall or in a corner, where things are put away first. */
  readonly edges: readonly Stand[]
  /** The best places to be used and put away in one, near a wall. */
  readonly staying: readonly Stand[]
}

/** Of so many of the best places to use a tool so many are kept for leaving it there. */
const [LOOKED_AT, STAYING] = [600, 40]

/** A step to each side. */
const STEPS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1]
] as const

export const bodyAt = ({ stored }: Shape, stand: Stand): Rect => placed(about(stored), stand)

/** The places of a room for each tool, found once. */
export class Places {
  readonly resting: readonly Obstacle[]
  private readonly known = new Map<string, Movable>()

  /** @param step distance of the places tried, mm */
  constructor(
    readonly plan: FloorPlan,
    private readonly step = stepFor(plan)
  ) {
    this.resting = fixedIn(plan, false)
  }

  /** Whether a body stands in the room and on nothing that is fixed. */
  goes(body: Rect): boolean {
    return (
      !this.resting.some(({ rect }) => overlaps(rect, body)) && liesInside(this.plan.outline, body)
    )
  }

  of(shape: Shape): Movable {
    const known = this.known.get(shape.tool)
    if (known) return known
    const { plan, step } = this
    const stores = [...storeSpots(plan, shape, step)]
    // At the edge is what cannot be moved a step further in every direction.
    const edges = stores.filter(({ xMm, yMm, turn }) =>
      STEPS.some(
        ([dx, dy]) =>
          !this.goes(bodyAt(shape, { xMm: xMm + dx * step, yMm: yMm + dy * step, turn }))
      )
    )
    const uses = [...useSpots(plan, shape, step)].sort((a, b) => a.cost - b.cost)
    const staying = uses
      .slice(0, LOOKED_AT)
      .filter(({ stand }) => this.goes(bodyAt(shape, stand)))
      .map(({ stand, cost }) => ({ stand, cost: cost + openCost(plan, bodyAt(shape, stand)) }))
      .sort((a, b) => a.cost - b.cost)
      .slice(0, STAYING)
      .map(({ stand }) => stand)
    const made = { shape, uses, stores, edges, staying }
    this.known.set(shape.tool, made)
    return made
  }

  /** Whether one tool by itself can be put away, and used with no more than so much of its run missing, mm. */
  goesAlone(shape: Shape, missing: number): boolean {
    const { plan, step } = this
    if (storeSpots(plan, shape, step).next().done) return false
    for (const { lost } of useSpots(plan, shape, step)) if (lost <= missing) return true
    return false
  }
}

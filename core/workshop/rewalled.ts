import type { FloorPlan, Point } from './floor-plan'
import { alongWall, lengthOf, wallsOf, type Wall } from './outline'

/** Where along a wall a place lies, from its first corner, mm, and how far off the wall it is. */
function beside(
  wall: Wall,
  { xMm, yMm }: Point
): { readonly atMm: number; readonly offMm: number } {
  const length = Math.max(1, lengthOf(wall))
  const [dx, dy] = [(wall.to.xMm - wall.from.xMm) / length, (wall.to.yMm - wall.from.yMm) / length]
  const [px, py] = [xMm - wall.from.xMm, yMm - wall.from.yMm]
  const atMm = Math.min(length, Math.max(0, px * dx + py * dy))
  return { atMm, offMm: Math.hypot(px - atMm * dx, py - atMm * dy) }
}

/** The wall nearest to a place, of several as near the one that runs more like the former. */
function nearest(walls: readonly Wall[], former: Wall, point: Point): number {
  const like = (wall: Wall): number => {
    const [a, b] = [Math.max(1, lengthOf(wall)), Math.max(1, lengthOf(former))]
    return (
      ((wall.to.xMm - wall.from.xMm) * (former.to.xMm - former.from.xMm) +
        (wall.to.yMm - wall.from.yMm) * (former.to.yMm - former.from.yMm)) /
      (a * b)
    )
  }
  /** A wall that runs otherwise is taken only where it is so much nearer, mm. */
  const ASIDE_MM = 500
  const far = (wall: Wall): number => beside(wall, point).offMm + ASIDE_MM * (1 - like(wall))
  return walls.reduce((best, wall, i) => (far(wall) < far(walls[best]!) ? i : best), 0)
}

/**
 * A drawing with another outline: doors, windows and outlets stay where they were, on whatever wall is there now. What no longer finds room on
 * its wall begins at the wall's corner.
 */
export function rewalled(plan: FloorPlan, outline: readonly Point[]): FloorPlan {
  const [before, walls] = [wallsOf(plan.outline), wallsOf(outline)]
  if (walls.length === 0 || before.length === 0) return { ...plan, outline }
  const find = (wall: number, atMm: number): { wall: number; atMm: number } => {
    const former = before[wall] ?? before[0]!
    const point = alongWall(former, atMm)
    const found = nearest(walls, former, point)
    return { wall: found, atMm: Math.round(beside(walls[found]!, point).atMm) }
  }
  return {
    ...plan,
    outline,
    openings: plan.openings.map((one) => {
      const { wall, atMm } = find(one.wall, one.fromMm + one.widthMm / 2)
      const most = Math.max(0, lengthOf(walls[wall]!) - one.widthMm)
      const fromMm = Math.min(most, Math.max(0, atMm - one.widthMm / 2))
      return { ...one, wall, fromMm: Math.round(fromMm) }
    }),
    outlets: plan.outlets.map((one) => ({ ...one, ...find(one.wall, one.atMm) }))
  }
}

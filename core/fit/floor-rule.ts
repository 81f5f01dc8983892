import { isDone } from '../builds'
import type { Tool } from '../catalogue'
import { TOLERANCE } from '../kernel'
import type { World } from '../workspace'
import {
  Places,
  allGo,
  planFaults,
  shapeOf,
  stockFor,
  type FloorPlan,
  type Shape
} from '../workshop'
import { longestFed } from './in-use'

/** What the room holds. Amounts of floor add up: of tools together it is asked whether the sum goes. */
export interface FloorRule {
  /** What one of a tool takes: square metres; or where the room is drawn, a number that says which tool it is. */
  amountOf(tool: Tool): number
  /** Whether all that adds up to an amount goes into the room. */
  goes(total: number): boolean
  /** Floor there is, m²; undefined where the room is drawn. */
  readonly limitM2: number | undefined
}

/** Two of each tool are told apart, and so many tools: their sum is still exact in a number. */
const BASE = 3
const MOST_TOOLS = 33

/** The rule of a room that is drawn: what stands together is looked for on the drawing, and remembered. */
class DrawnRule implements FloorRule {
  readonly limitM2 = undefined
  private readonly places: Places
  private readonly tools: string[] = []
  private readonly shapes: (Shape | undefined)[] = []
  private readonly known = new Map<number, boolean>()
  private readonly going: (readonly number[])[] = []
  private readonly failing: (readonly number[])[] = []

  constructor(
    private readonly plan: FloorPlan,
    private readonly longest: (tool: Tool) => number | undefined
  ) {
    this.places = new Places(plan)
  }

  amountOf(tool: Tool): number {
    let at = this.tools.indexOf(tool.id)
    if (at < 0) {
      if (this.tools.length >= MOST_TOOLS) return 0
      const shape = shapeOf(tool, ...stockFor(this.plan, this.longest(tool)))
      if (!shape) return 0
      at = this.tools.push(tool.id) - 1
      this.shapes.push(shape)
    }
    return BASE ** at
  }

  /** How many there are of each tool. */
  private countsOf(total: number): number[] {
    const counts: number[] = []
    for (let rest = total; rest > 0; rest = Math.floor(rest / BASE)) counts.push(rest % BASE)
    return counts
  }

  goes(total: number): boolean {
    const known = this.known.get(total)
    if (known !== undefined) return known
    const counts = this.countsOf(total)
    const goes = this.findsRoom(counts)
    this.known.set(total, goes)
    ;(goes ? this.going : this.failing).push(counts)
    return goes
  }

  private findsRoom(counts: readonly number[]): boolean {
    const noMore = (a: readonly number[], b: readonly number[]): boolean =>
      a.every((count, i) => count <= (b[i] ?? 0))
    if (this.going.some((more) => noMore(counts, more))) return true
    if (this.failing.some((fewer) => noMore(fewer, counts))) return false
    const shapes = counts.flatMap((count, i) => {
      const shape = this.shapes[i]
      return shape
        ? Array.from({ length: count }, (_, k) =>
            k === 0 ? shape : { ...shape, tool: `${shape.tool}/${k + 1}` }
          )
        : []
    })
    return shapes.length === 0 || allGo(this.places, shapes)
  }
}

/** The rule asked last, and what it was asked for: a worker is handed the same room again and again, each time as another object. */
let last: { readonly key: string; readonly rule: FloorRule } | undefined
const known = new WeakMap<FloorPlan, { readonly builds: unknown; readonly rule: FloorRule }>()

/** The rule of a room that is drawn; where tools stand in the drawing makes no difference to it. */
function drawnRule(world: World, plan: FloorPlan): FloorRule {
  const { builds } = world.workspace
  const met = known.get(plan)
  if (met?.builds === builds) return met.rule
  const { outline, openings, things, stock } = plan
  const worked = builds.map((build) => [isDone(build), build.steps])
  const key = JSON.stringify([world.library.version, outline, openings, things, stock, worked])
  if (last?.key !== key)
    last = { key, rule: new DrawnRule(plan, (tool) => longestFed(world, tool)) }
  known.set(plan, { builds, rule: last.rule })
  return last.rule
}

/** What the room holds: as drawn where it is, else the floor in square metres; undefined where nothing is said. */
export function floorRuleOf(world: World): FloorRule | undefined {
  const { plan, floorM2 } = world.workspace.workshop
  if (plan && planFaults(plan).length === 0) return drawnRule(world, plan)
  if (floorM2 === undefined) return undefined
  return {
    limitM2: floorM2,
    amountOf: ({ storedM2 }) => storedM2,
    goes: (total) => total <= floorM2 + TOLERANCE
  }
}

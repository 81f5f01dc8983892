import { seededRandom } from '../kernel'
import { overlaps, type FloorPlan, type Rect, type Stand, type Standing } from './floor-plan'
import { bestUse, layoutCost, openCost, type Used } from './layout'
import { Places, bodyAt, type Movable } from './places'
import { storedAt, type Shape } from './shape'

/** Where each tool is put away, and where it is used best then. */
interface Layout {
  readonly stored: readonly (Stand | undefined)[]
  readonly used: readonly Used[]
  readonly cost: number
}

type Enough = (layout: Layout) => boolean
const never: Enough = () => false
/** So many of the beginnings are gone on from. */
const GO_ON = 3

export interface Arranged {
  readonly stands: readonly Standing[]
  /** What counts against it; see `layoutCost`. */
  readonly cost: number
  /** Tools that found no place. */
  readonly nowhere: readonly string[]
}

export interface ArrangeOptions {
  readonly seed?: number
  /** Beginnings, and changes tried from the best of them. */
  readonly starts?: number
  readonly tries?: number
  /** Distance of the places tried, mm. */
  readonly step?: number
}
const USUAL = { seed: 1, starts: 8, tries: 400 } as const
/** The same to find out whether everything goes at all. */
const WHETHER = { seed: 1, starts: 4, tries: 90 } as const
/** A run that is short by no more than this will do: one stands a hand's breadth aside, mm. */
const HAND_MM = 50
/** What counts against a tool that cannot be put away, mm. */
const NOT_STORED = 30_000

/** Looks for a layout by where things are put away: where each is used best follows from that. */
class Arranging {
  private readonly random: () => number
  private readonly movables: readonly Movable[]

  constructor(
    private readonly places: Places,
    shapes: readonly Shape[],
    seed: number
  ) {
    this.random = seededRandom(seed)
    this.movables = shapes.map((shape) => places.of(shape))
  }

  private pick<T>(list: readonly T[]): T | undefined {
    return list[Math.floor(this.random() * list.length)]
  }

  private bodies(stored: Layout['stored']): (Rect | undefined)[] {
    return stored.map((stand, i) => stand && bodyAt(this.movables[i]!.shape, stand))
  }

  /** Where everything is used best, with everything put away somewhere; undefined where that costs no less than it may. */
  layout(stored: Layout['stored'], most = Infinity): Layout | undefined {
    const bodies = this.bodies(stored)
    const used: Used[] = []
    let cost = 0
    for (const [i, { uses }] of this.movables.entries()) {
      const stand = stored[i]
      const others = bodies.flatMap((one, k) => (one && k !== i ? [one] : []))
      const use = stand
        ? bestUse(uses, stand, others)
        : { stand: undefined, cost: NOT_STORED, lost: 0 }
      used.push(use)
      cost += use.cost + (bodies[i] ? openCost(this.places.plan, bodies[i]) : 0)
      if (cost >= most) return undefined
    }
    return { stored, used, cost }
  }

  private isFree(stored: Layout['stored'], at: number, stand: Stand): boolean {
    const body = bodyAt(this.movables[at]!.shape, stand)
    return this.bodies(stored).every((one, k) => k === at || !one || !overlaps(one, body))
  }

  /** Puts everything away, the largest first, at walls where there is room. */
  private begin(): Layout['stored'] {
    const stored: (Stand | undefined)[] = this.movables.map(() => undefined)
    const order = this.movables
      .map(({ shape }, i) => ({
        i,
        area: shape.stored[0] * shape.stored[1] * (0.7 + 0.6 * this.random())
      }))
      .sort((a, b) => b.area - a.area)
    for (const { i } of order) {
      const { edges, stores } = this.movables[i]!
      stored[i] = this.freeOf(stored, i, edges) ?? this.freeOf(stored, i, stores)
    }
    return stored
  }

  /** The first free one of some places, from a drawn one on. */
  private freeOf(
    stored: Layout['stored'],
    at: number,
    places: readonly Stand[]
  ): Stand | undefined {
    const from = Math.floor(this.random() * places.length)
    for (let k = 0; k < places.length; k++) {
      const stand = places[(from + k) % places.length]!
      if (this.isFree(stored, at, stand)) return stand
    }
    return undefined
  }

  /** A tool is put away elsewhere: where it is used, where it could be used as well, at a wall, somewhere, close by; or two change places. */
  private changed({ stored, used }: Layout): Layout['stored'] | undefined {
    const next = [...stored]
    const at = Math.floor(this.random() * next.length)
    const { stores, edges, staying } = this.movables[at]!
    const draw = this.random()
    if (draw < 0.15) next[at] = used[at]?.stand
    else if (draw < 0.35) next[at] = this.pick(staying)
    else if (draw < 0.6) next[at] = this.pick(edges)
    else if (draw < 0.8) next[at] = this.pick(stores)
    else if (next.length > 1) {
      const other = Math.floor(this.random() * next.length)
      ;[next[at], next[other]] = [next[other], next[at]]
      const there = next[other]
      if (
        other !== at &&
        (!there || !this.stands(other, there) || !this.isFree(next, other, there))
      )
        return undefined
    }
    const stand = next[at]
    return stand && this.stands(at, stand) && this.isFree(next, at, stand) ? next : undefined
  }

  /** Whether a tool can be put away at a place as far as walls and what is fixed go. */
  private stands(at: number, stand: Stand): boolean {
    return this.places.goes(bodyAt(this.movables[at]!.shape, stand))
  }

  /** Goes on from a layout by single changes that are no worse. */
  private better(from: Layout, tries: number, enough: Enough): Layout {
    let best = from
    for (let k = 0; k < tries && !enough(best); k++) {
      const next = this.changed(best)
      const made = next && this.layout(next, best.cost + 1e-6)
      if (made) best = made
    }
    return best
  }

  run(starts: number, tries: number, enough: Enough = never): Layout | undefined {
    const drawn = this.places.plan.stands
    const own = this.movables.map(({ shape }) => {
      const standing = drawn.find(({ tool }) => tool === shape.tool)
      return standing && storedAt(standing)
    })
    const begun = [own, ...Array.from({ length: starts }, () => this.begin())].flatMap(
      (stored) => this.layout(this.filled(stored)) ?? []
    )
    begun.sort((a, b) => a.cost - b.cost)
    if (begun[0] && enough(begun[0])) return begun[0]
    const improved = begun.slice(0, GO_ON).map((one) => this.better(one, tries / GO_ON, enough))
    return improved.sort((a, b) => a.cost - b.cost)[0]
  }

  /** What has no place, or one that does not go, gets a free one. */
  private filled(stored: Layout['stored']): Layout['stored'] {
    const made: (Stand | undefined)[] = stored.map(() => undefined)
    stored.forEach((stand, i) => {
      if (stand && this.stands(i, stand) && this.isFree(made, i, stand)) made[i] = stand
    })
    made.forEach((stand, i) => {
      const { edges, stores } = this.movables[i]!
      made[i] = stand ?? this.freeOf(made, i, edges) ?? this.freeOf(made, i, stores)
    })
    return made
  }

  standsOf({ stored, used }: Layout): Standing[] {
    return this.movables.flatMap(({ shape }, i): Standing[] => {
      const [away, use] = [stored[i], used[i]?.stand ?? stored[i]]
      if (!away || !use) return []
      const same = use.xMm === away.xMm && use.yMm === away.yMm && (use.turn - away.turn) % 2 === 0
      return [{ tool: shape.tool, ...use, ...(same ? {} : { stored: away }) }]
    })
  }
}

/**
 * Places tools in a room: the largest usable feed, least moving, an outlet in reach. Put away they stand beside one another; each is used by
 * itself, so that its best place follows from where the others are put away. Begins from drawn layouts and the user's own, and is never worse
 * than that by `layoutCost`.
 */
export function arranged(
  plan: FloorPlan,
  shapes: readonly Shape[],
  options: ArrangeOptions = {}
): Arranged {
  const { seed = USUAL.seed, starts = USUAL.starts, tries = USUAL.tries, step } = options
  const arranging = new Arranging(new Places(plan, step), shapes, seed)
  const found = arranging.run(starts, tries)
  const own = plan.stands.filter(({ tool }) => shapes.some((shape) => shape.tool === tool))
  const made = found ? arranging.standsOf(found) : []
  const [costs, owns] = [made, own].map((stands) => layoutCost({ ...plan, stands }, shapes))
  const best = (costs ?? Infinity) <= (owns ?? Infinity) ? made : own
  return {
    stands: best,
    cost: Math.min(costs ?? Infinity, owns ?? Infinity),
    nowhere: shapes
      .map(({ tool }) => tool)
      .filter((tool) => !best.some((standing) => standing.tool === tool))
  }
}

/** Whether all of some tools can be put away together, and each used with the run it wants while the others are. */
export function allGo(places: Places, shapes: readonly Shape[]): boolean {
  const [only] = shapes
  if (only && shapes.length === 1) return places.goesAlone(only, HAND_MM)
  const goes: Enough = ({ stored, used }) =>
    stored.every((stand) => stand !== undefined) &&
    used.every(({ stand, lost }) => stand !== undefined && lost <= HAND_MM)
  const found = new Arranging(places, shapes, WHETHER.seed).run(WHETHER.starts, WHETHER.tries, goes)
  return found !== undefined && goes(found)
}

import type { Build } from '../builds'
import { must } from '../kernel'
import type { Fitter, Kit, NeedSet } from '../fit'
import type { Minor } from '../money'
import type { World, Weights } from '../workspace'
import { gameOn, type Game } from './scale-game'
import type { Best, Known } from './scale-parts'
import { bestOf, rowTotal, rowsFor, type Rows, type Weighed } from './scale-rows'
import { Stops } from './scale-stops'
import { openBuilds } from './value'

/** What a set changes. */
interface Path {
  readonly numbers: readonly number[]
  /** Stops the set matters to, with the entries that matter there. */
  readonly keys: ReadonlyMap<number, string>
  readonly known: Map<number, Known>
  readonly kit: () => Kit
  readonly builds: readonly number[]
}

const NOT_POSSIBLE: Weighed = {
  feasible: false,
  net: 0,
  minutes: 0,
  fees: 0,
  roughMetres: 0,
  timberSaved: 0
}

/**
 * Weighs many sets of purchases against many builds. What a set changes is looked up step by step: only tools that some method of the
 * step could use, its companions, protection and squares count for it, and each such combination is fitted once, for all weights.
 */
export class Scale {
  readonly builds: readonly Build[]
  private readonly stops: Stops
  private readonly rows: Rows
  private readonly paths = new Map<string, Path>()
  private readonly plain: Known[] = []
  private readonly nothing: Path
  private weights: Weights
  private alone: readonly Weighed[]
  private epoch = 1

  constructor(
    world: World,
    private readonly fitter: Fitter,
    builds: readonly Build[] = openBuilds(world)
  ) {
    this.builds = builds
    this.stops = new Stops(world, fitter)
    this.rows = rowsFor(world, builds, this.stops)
    this.weights = fitter.context.weights
    this.nothing = {
      numbers: [],
      keys: new Map(),
      known: new Map(),
      kit: () => fitter.kit,
      builds: []
    }
    for (const row of this.rows.list)
      row.gaps = row.stops.filter((stop) => !this.best(stop, this.knownOn(this.nothing, stop)))
    this.alone = builds.map((_, of) => this.buildWith(of, this.nothing))
  }

  /** What each build comes to with the kit alone. */
  get base(): readonly Weighed[] {
    return this.alone
  }
  /** Other weights; everything already fitted stays. */
  reweigh(weights: Weights): void {
    this.weights = weights
    this.epoch++
    this.alone = this.builds.map((_, of) => this.buildWith(of, this.nothing))
  }

  /** What is known of a stop with some entries among those that matter to it. */
  private knownAt(number: number, key: string, kit: () => Kit, numbers: readonly number[]): Known {
    const stop = must(this.stops.list[number], 'a stop of the scale')
    const present = stop.known.get(key)
    if (present) return present
    const known: Known = {
      vectors: this.stops.vectors(stop, (probe, step) =>
        this.stops.reach(probe, step, stop.build, numbers, kit)
      ),
      best: undefined,
      epoch: 0
    }
    stop.known.set(key, known)
    return known
  }

  private best(number: number, known: Known): Best | undefined {
    if (known.epoch !== this.epoch) {
      known.epoch = this.epoch
      known.best = bestOf(
        known.vectors,
        this.weights,
        must(this.stops.list[number], 'a stop of the scale')
      )
    }
    return known.best
  }

  /** What is known of a stop on a path, looked up when it is needed. */
  private knownOn(path: Path, stop: number): Known {
    const present = path.known.get(stop)
    if (present) return present
    const key = path.keys.get(stop)
    const known =
      key === undefined
        ? (this.plain[stop] ??= this.knownAt(stop, '', () => this.fitter.kit, []))
        : this.knownAt(stop, key, path.kit, path.numbers)
    path.known.set(stop, known)
    return known
  }

  private rowWith(row: number, path: Path): Weighed {
    const total = rowTotal(must(this.rows.list[row], 'a row of the scale'), this.weights, (stop) =>
      this.best(stop, this.knownOn(path, stop))
    )
    return total ?? NOT_POSSIBLE
  }
  private buildWith(of: number, path: Path): Weighed {
    const { of: rows, more, times } = this.rows
    const one = this.betterOf(rows[of], path)
    const often = times[of] ?? 0
    if (often === 0 || !one.feasible) return one
    const after = rows[of] === more[of] ? one : this.betterOf(more[of], path)
    return { ...one, net: one.net + Math.round(often * after.net) }
  }
  /** A build as it is planned, or of rough boards where that brings more. */
  private betterOf(rows: readonly number[] | undefined, path: Path): Weighed {
    const [planned, rough] = rows ?? []
    const first = this.rowWith(planned ?? -1, path)
    if (rough === undefined || !first.feasible) return first
    const second = this.rowWith(rough, path)
    return second.feasible && second.net > first.net ? second : first
  }

  /** What the builds that a set could change come to with it, by their place in `builds`. */
  weigh(set: NeedSet): Map<number, Weighed> {
    const path = this.pathOf(this.stops.numbersOf(set))
    return new Map(path.builds.map((of) => [of, this.buildWith(of, path)]))
  }

  /** What a set changes: the stops it matters to, with what is known of them then, and their builds. Worked out once for a set. */
  private pathOf(unsorted: readonly number[]): Path {
    const numbers = [...unsorted].sort((a, b) => a - b)
    const id = numbers.join()
    const present = this.paths.get(id)
    if (present) return present
    const keys = new Map<number, string>()
    for (const number of numbers)
      for (const stop of this.stops.byTool.get(this.stops.entry(number).tool.id) ?? []) {
        const before = keys.get(stop)
        keys.set(stop, before === undefined ? String(number) : `${before},${number}`)
      }
    const builds = new Set<number>()
    for (const stop of keys.keys())
      for (const row of this.rows.at[stop] ?? []) builds.add(must(this.rows.list[row], 'a row').of)
    const path: Path = {
      keys,
      known: new Map(),
      numbers,
      kit: this.stops.kitOf(numbers),
      builds: [...builds]
    }
    this.paths.set(id, path)
    return path
  }

  /** What all builds gain by a set, minor units. */
  gain(set: NeedSet): Minor {
    let total = 0
    for (const [of, { net }] of this.weigh(set)) total += net - (this.base[of]?.net ?? 0)
    return total
  }

  /** The game of sharing the gain among purchases: its players are the sets, at most 30. */
  game(players: readonly NeedSet[]): Game {
    return gameOn(
      { stops: this.stops, rows: this.rows, weights: this.weights, base: this.alone },
      players
    )
  }
}

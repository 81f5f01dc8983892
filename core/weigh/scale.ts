import type { Build } from '../builds'
import type { Step } from '../catalogue'
import { distinct, must, stableText } from '../kernel'
import {
  cleanUpStep,
  countOf,
  kitWith,
  loadOf,
  neededCompanions,
  penaltyOf,
  plainlyNot,
  reachOf,
  type Fitter,
  type Kit,
  type KitTool,
  type NeedSet
} from '../fit'
import type { Minor } from '../money'
import { buildMaterial, buildWorth, type World } from '../workspace'
import { roughVariant } from './rough-timber'
import { netOf, openBuilds } from './value'
import type { Best, Known, Probe, Reach, Row, ScaleWeights, Stop } from './scale-parts'
import { sum, undominated, vectorOf, type Vector } from './vector'

/** What one build comes to with some kit; see `BuildValue`, whose figures these equal. */
export interface Weighed {
  readonly feasible: boolean
  readonly net: Minor
  readonly minutes: number
  readonly fees: Minor
  readonly roughMetres: number
  readonly timberSaved: Minor
}

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
  readonly base: readonly Weighed[]
  private readonly betterSquares: readonly string[]
  private readonly stops: Stop[] = []
  private readonly rows: Row[] = []
  private readonly rowsOf: readonly (readonly number[])[]
  private readonly stopsFor = new Map<string, number[]>()
  private readonly rowsAt: number[][] = []
  private readonly entries: KitTool[] = []
  private readonly numbers = new Map<string, number>()
  private readonly paths = new Map<string, Path>()
  private readonly plain: Known[] = []
  private readonly nothing: Path
  private weights: ScaleWeights
  private epoch = 1

  constructor(
    private readonly world: World,
    private readonly fitter: Fitter,
    builds: readonly Build[] = openBuilds(world)
  ) {
    this.builds = builds
    this.betterSquares = (world.library.toolsFor.get('square') ?? []).flatMap(({ id }) =>
      (fitter.market.get(id) ?? []).some(
        ({ entry }) => (entry.specs.accuracyMm ?? Infinity) < fitter.kit.markingMm
      )
        ? [id]
        : []
    )
    this.weights = { ...fitter.context.weights, hourValue: fitter.context.hourValue }
    const stopNumbers = new Map<string, number>()
    const add = (build: Build, of: number, roughMetres: number, timberSaved: Minor): number => {
      const stops = build.steps.map((step) => this.stopFor(stopNumbers, step, build))
      this.rows.push({
        of,
        stops,
        gaps: [],
        worth: buildWorth(world, build),
        material: buildMaterial(world, build),
        hourValue: build.hourValue,
        roughMetres,
        timberSaved
      })
      for (const stop of distinct(stops)) (this.rowsAt[stop] ??= []).push(this.rows.length - 1)
      return this.rows.length - 1
    }
    this.rowsOf = builds.map((build, of) => {
      const variant = roughVariant(world.library, build)
      const planned = add(build, of, 0, 0)
      return variant
        ? [
            planned,
            add(
              variant.build,
              of,
              variant.metres * build.copies,
              buildMaterial(world, build) - buildMaterial(world, variant.build)
            )
          ]
        : [planned]
    })
    this.nothing = {
      numbers: [],
      keys: new Map(),
      known: new Map(),
      kit: () => fitter.kit,
      builds: []
    }
    for (const row of this.rows)
      row.gaps = row.stops.filter((stop) => !this.best(stop, this.knownOn(this.nothing, stop)))
    this.base = builds.map((_, of) => this.buildWith(of, this.nothing))
  }

  /** Other weights; everything already fitted stays. */
  reweigh(weights: ScaleWeights): void {
    this.weights = weights
    this.epoch++
    ;(this as { base: readonly Weighed[] }).base = this.builds.map((_, of) =>
      this.buildWith(of, this.nothing)
    )
  }

  private stopFor(numbers: Map<string, number>, step: Step, build: Build): number {
    const load = loadOf(step, build)
    const key = stableText([
      step.operation,
      step.stock,
      step.accuracyMm ?? null,
      step.surface ?? null,
      load.units,
      load.batches,
      build.hourValue ?? null
    ])
    const present = numbers.get(key)
    if (present !== undefined) return present
    const { library } = this.world
    const after = cleanUpStep(library, step)
    const probes = this.probesOf(step)
    const cleaners = after ? this.probesOf(after) : []
    const tools = new Set([...probes, ...cleaners].flatMap((probe) => [...probe.tools]))
    const number = this.stops.length
    this.stops.push({
      step,
      build,
      probes,
      cleaners,
      after,
      tools,
      known: new Map(),
      hourValue: build.hourValue
    })
    for (const tool of tools)
      (this.stopsFor.get(tool) ?? this.stopsFor.set(tool, []).get(tool) ?? []).push(number)
    numbers.set(key, number)
    return number
  }

  /** Methods for a step, each with the tools that could change how far it gets. */
  private probesOf(step: Step): Probe[] {
    const { library } = this.world
    const { kit } = this.fitter
    return (library.methodsFor.get(step.operation) ?? []).map((method) => {
      const tools = new Set<string>()
      for (const { role } of method.roles)
        for (const tool of library.toolsFor.get(role) ?? []) {
          tools.add(tool.id)
          for (const { anyOf, count } of neededCompanions(tool, method.operation))
            if (!anyOf.some((id) => countOf(kit, id) >= count))
              for (const id of anyOf) tools.add(id)
          for (const protection of tool.needs)
            if (!kit.protects.has(protection))
              for (const { id } of library.protectionFor.get(protection) ?? []) tools.add(id)
        }
      // A square matters only where a limit asks for one and it is better than what is owned.
      if (method.marked && step.accuracyMm !== undefined)
        for (const id of this.betterSquares) tools.add(id)
      return { method, tools, reached: new Map() }
    })
  }

  private numberOf(entry: KitTool, id: string): number {
    const present = this.numbers.get(id)
    if (present !== undefined) return present
    this.entries.push(entry)
    this.numbers.set(id, this.entries.length - 1)
    return this.entries.length - 1
  }

  /** The entries with these numbers that are among some tools, as a key and a list. */
  private among(numbers: readonly number[], tools: ReadonlySet<string>): number[] {
    return numbers.filter((number) =>
      tools.has(must(this.entries[number], 'an entry of the scale').tool.id)
    )
  }

  /** The kit with some entries, made once when it is first asked for. */
  private kitOf(numbers: readonly number[]): () => Kit {
    let kit: Kit | undefined
    return () =>
      (kit ??= kitWith(
        this.fitter.kit,
        numbers.map((number) => must(this.entries[number], 'an entry of the scale'))
      ))
  }

  /** @param kit the kit with those entries, or with more that do not matter here; made when it is needed */
  private reach(
    probe: Probe,
    step: Step,
    build: Build,
    numbers: readonly number[],
    kit: () => Kit
  ): Reach {
    const here = this.among(numbers, probe.tools)
    const key = here.join()
    const present = probe.reached.get(key)
    if (present) return present
    const whole = here.length === 0 ? this.fitter.kit : kit()
    const reached = plainlyNot(whole, probe.method, step, this.fitter.context)
      ? undefined
      : reachOf(this.fitter.context, whole, probe.method, step, build)
    const found =
      reached?.kind === 'done'
        ? { kind: reached.kind, vector: vectorOf(reached.use) }
        : reached?.kind === 'to-clean'
          ? { kind: reached.kind, vector: vectorOf(reached.first) }
          : { kind: 'no' as const, vector: undefined }
    probe.reached.set(key, found)
    return found
  }

  /** @param ask how far a method gets; the scale's own look-up unless a game brings a quicker one */
  private vectors(stop: Stop, ask: (probe: Probe, step: Step) => Reach): Vector[] {
    const done: Vector[] = []
    const first: Vector[] = []
    for (const probe of stop.probes) {
      const { kind, vector } = ask(probe, stop.step)
      if (vector) (kind === 'done' ? done : first).push(vector)
    }
    const { after } = stop
    if (first.length === 0 || !after) return undominated(done)
    const clean: Vector[] = []
    for (const probe of stop.cleaners) {
      const { kind, vector } = ask(probe, after)
      if (kind === 'done' && vector) clean.push(vector)
    }
    const [rough, cleanUps] = [undominated(first), undominated(clean)]
    return undominated([...done, ...rough.flatMap((one) => cleanUps.map((more) => sum(one, more)))])
  }

  /** What is known of a stop with some entries among those that matter to it. */
  private knownAt(number: number, key: string, kit: () => Kit, numbers: readonly number[]): Known {
    const stop = must(this.stops[number], 'a stop of the scale')
    const present = stop.known.get(key)
    if (present) return present
    const known: Known = {
      vectors: this.vectors(stop, (probe, step) =>
        this.reach(probe, step, stop.build, numbers, kit)
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
      known.best = this.bestOf(
        known.vectors,
        this.stops[number]?.hourValue ?? this.weights.hourValue
      )
    }
    return known.best
  }

  private bestOf(vectors: readonly Vector[], hourValue: Minor): Best | undefined {
    let best: Best | undefined
    for (const vector of vectors) {
      const penalty = penaltyOf(this.weights, vector)
      const cost = this.weights.worth * vector.fee + penalty + (hourValue * vector.minutes) / 60
      if (
        best === undefined ||
        cost < best.cost ||
        (cost === best.cost && vector.minutes < best.minutes)
      )
        best = { cost, minutes: vector.minutes, fee: vector.fee, penalty }
    }
    return best
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

  private rowWith(row: Row, path: Path): Weighed {
    for (const stop of row.gaps) if (!this.best(stop, this.knownOn(path, stop))) return NOT_POSSIBLE
    let minutes = 0
    let fees = 0
    let penalties = 0
    for (const stop of row.stops) {
      const best = this.best(stop, this.knownOn(path, stop))
      if (!best) return NOT_POSSIBLE
      minutes += best.minutes
      fees += best.fee
      penalties += best.penalty
    }
    const whole = Math.ceil(minutes)
    const net = netOf(
      row.worth,
      row.material,
      ((row.hourValue ?? this.weights.hourValue) * whole) / 60,
      fees,
      penalties,
      this.weights.worth
    )
    return {
      feasible: true,
      net,
      minutes: whole,
      fees,
      roughMetres: row.roughMetres,
      timberSaved: row.timberSaved
    }
  }

  private buildWith(of: number, path: Path): Weighed {
    const [planned, rough] = this.rowsOf[of] ?? []
    const first = this.rowWith(must(this.rows[planned ?? -1], 'a row of the scale'), path)
    if (rough === undefined || !first.feasible) return first
    const second = this.rowWith(must(this.rows[rough], 'a row of the scale'), path)
    return second.feasible && second.net > first.net ? second : first
  }

  /** What the builds that a set could change come to with it, by their place in `builds`. */
  weigh(set: NeedSet): Map<number, Weighed> {
    const path = this.pathOf(
      [...set].map(([id, { buyable, count }]) =>
        this.numberOf(
          { ...buyable.entry, count: count * buyable.entry.count },
          count > 1 ? `${id}*${count}` : id
        )
      )
    )
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
      for (const stop of this.stopsFor.get(
        must(this.entries[number], 'an entry of the scale').tool.id
      ) ?? []) {
        const before = keys.get(stop)
        keys.set(stop, before === undefined ? String(number) : `${before},${number}`)
      }
    const builds = new Set<number>()
    for (const stop of keys.keys())
      for (const row of this.rowsAt[stop] ?? []) builds.add(must(this.rows[row], 'a row').of)
    const path: Path = {
      keys,
      known: new Map(),
      numbers,
      kit: this.kitOf(numbers),
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

  /**
   * The game of sharing the gain among purchases: its players are the sets, at most 30. `walk` adds them in an order and says what each
   * adds; `value` is the gain of a coalition given as bits.
   */
  game(players: readonly NeedSet[]): {
    walk(order: readonly number[], into: Float64Array): void
    value(mask: number): Minor
  } {
    const numbers = players.map((set) =>
      [...set].map(([id, { buyable, count }]) =>
        this.numberOf(
          { ...buyable.entry, count: count * buyable.entry.count },
          count > 1 ? `${id}*${count}` : id
        )
      )
    )
    const maskAt = this.stops.map((stop) =>
      numbers.reduce(
        (mask, list, player) =>
          this.among(list, stop.tools).length > 0 ? mask | (1 << player) : mask,
        0
      )
    )
    const rowsFor = numbers.map((_, player) =>
      distinct(
        this.rows.flatMap((row) =>
          row.stops.some((stop) => ((maskAt[stop] ?? 0) >> player) & 1) ? [row.of] : []
        )
      )
    )
    const known: Map<number, Best | undefined>[] = this.stops.map(() => new Map())
    const nets = new Map<number, Minor>()
    const bestFor = (stop: number, mask: number): Best | undefined => {
      const here = mask & (maskAt[stop] ?? 0)
      const cache = must(known[stop], 'a stop of the game')
      if (cache.has(here)) return cache.get(here)
      const at = must(this.stops[stop], 'a stop')
      const vectors = this.vectors(at, (probe, step) => reachFor(at, probe, step, here))
      const best = this.bestOf(vectors, at.hourValue ?? this.weights.hourValue)
      cache.set(here, best)
      return best
    }
    // Each method is asked once for each coalition of the players that could matter to it.
    const perProbe = new Map<
      Probe,
      { readonly mask: number; readonly reached: Map<number, Reach> }
    >()
    const reachFor = (stop: Stop, probe: Probe, step: Step, mask: number): Reach => {
      let known = perProbe.get(probe)
      if (!known) {
        known = {
          mask: numbers.reduce(
            (bits, list, player) =>
              this.among(list, probe.tools).length > 0 ? bits | (1 << player) : bits,
            0
          ),
          reached: new Map()
        }
        perProbe.set(probe, known)
      }
      const here = mask & known.mask
      const present = known.reached.get(here)
      if (present) return present
      const inside = numbers
        .flatMap((list, player) => ((here >> player) & 1 ? list : []))
        .sort((a, b) => a - b)
      const found = this.reach(probe, step, stop.build, inside, this.kitOf(inside))
      known.reached.set(here, found)
      return found
    }
    const rowNet = (row: Row, mask: number): number | undefined => {
      for (const stop of row.gaps) if (!bestFor(stop, mask)) return undefined
      let minutes = 0
      let fees = 0
      let penalties = 0
      for (const stop of row.stops) {
        const best = bestFor(stop, mask)
        if (!best) return undefined
        minutes += best.minutes
        fees += best.fee
        penalties += best.penalty
      }
      return netOf(
        row.worth,
        row.material,
        ((row.hourValue ?? this.weights.hourValue) * Math.ceil(minutes)) / 60,
        fees,
        penalties,
        this.weights.worth
      )
    }
    const buildNet = (of: number, mask: number): number => {
      const [planned, rough] = this.rowsOf[of] ?? []
      const first = rowNet(must(this.rows[planned ?? -1], 'a row'), mask)
      if (first === undefined) return 0
      return rough === undefined
        ? first
        : Math.max(first, rowNet(must(this.rows[rough], 'a row'), mask) ?? 0)
    }
    const value = (mask: number): Minor =>
      this.builds.reduce(
        (total, _, of) => total + buildNet(of, mask) - (this.base[of]?.net ?? 0),
        0
      )
    return {
      value,
      walk: (order, into) => {
        nets.clear()
        let mask = 0
        for (const player of order) {
          mask |= 1 << player
          let added = 0
          for (const of of rowsFor[player] ?? []) {
            const now = buildNet(of, mask)
            added += now - (nets.get(of) ?? this.base[of]?.net ?? 0)
            nets.set(of, now)
          }
          into[player] = added
        }
      }
    }
  }
}

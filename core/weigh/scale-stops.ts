import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import { must, stableText } from '../kernel'
import {
  cleanUpStep,
  countOf,
  kitWith,
  loadOf,
  neededCompanions,
  plainlyNot,
  reachOf,
  type Fitter,
  type Kit,
  type KitTool,
  type NeedSet
} from '../fit'
import type { World } from '../workspace'
import type { Probe, Reach, Stop } from './scale-parts'
import { sum, paretoVectors, vectorOf, type Vector } from './vector'

/** The stops of the scale: every kind of step with its load, how far each method gets there with some entries, and what that comes to. */
export class Stops {
  readonly list: Stop[] = []
  /** Stops each tool matters to. */
  readonly byTool = new Map<string, number[]>()
  private readonly betterSquares: readonly string[]
  private readonly entries: KitTool[] = []
  private readonly numbers = new Map<string, number>()
  private readonly byKey = new Map<string, number>()

  constructor(
    private readonly world: World,
    private readonly fitter: Fitter
  ) {
    this.betterSquares = (world.library.toolsFor.get('square') ?? []).flatMap(({ id }) =>
      (fitter.market.get(id) ?? []).some(
        ({ entry }) => (entry.specs.accuracyMm ?? Infinity) < fitter.kit.markingMm
      )
        ? [id]
        : []
    )
  }

  numberFor(step: Step, build: Build): number {
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
    const present = this.byKey.get(key)
    if (present !== undefined) return present
    const { library } = this.world
    const after = cleanUpStep(library, step)
    const probes = this.probesOf(step)
    const cleaners = after ? this.probesOf(after) : []
    const tools = new Set([...probes, ...cleaners].flatMap((probe) => [...probe.tools]))
    const number = this.list.length
    this.list.push({
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
      (this.byTool.get(tool) ?? this.byTool.set(tool, []).get(tool) ?? []).push(number)
    this.byKey.set(key, number)
    return number
  }

  /** Methods for a step, each with the tools that could change how far it gets. */
  private probesOf(step: Step): Probe[] {
    return (this.world.library.methodsFor.get(step.operation) ?? []).map((method) => ({
      method,
      tools: this.mattersTo(method, step),
      reached: new Map()
    }))
  }
  /** The tools that could change how far a method gets: its own, what comes along, and a better square. */
  private mattersTo(method: Method, step: Step): Set<string> {
    const { library } = this.world
    const { kit } = this.fitter
    const tools = new Set<string>()
    for (const { role } of method.roles)
      for (const tool of library.toolsFor.get(role) ?? []) {
        tools.add(tool.id)
        for (const { anyOf, count } of neededCompanions(tool, method.operation))
          if (!anyOf.some((id) => countOf(kit, id) >= count)) for (const id of anyOf) tools.add(id)
        for (const protection of tool.needs)
          if (!kit.protects.has(protection))
            for (const { id } of library.protectionFor.get(protection) ?? []) tools.add(id)
      }
    // A square matters only where a limit asks for one and it is better than what is owned.
    if (method.marked && step.accuracyMm !== undefined)
      for (const id of this.betterSquares) tools.add(id)
    return tools
  }

  /** Numbers of what a set holds; the same purchase in the same count has one number. */
  numbersOf(set: NeedSet): number[] {
    return [...set].map(([id, { buyable, count }]) => {
      const key = count > 1 ? `${id}*${count}` : id
      const present = this.numbers.get(key)
      if (present !== undefined) return present
      this.entries.push({ ...buyable.entry, count: count * buyable.entry.count })
      this.numbers.set(key, this.entries.length - 1)
      return this.entries.length - 1
    })
  }
  entry(number: number): KitTool {
    return must(this.entries[number], 'an entry of the scale')
  }

  /** Those of the entries with these numbers that are among some tools. */
  among(numbers: readonly number[], tools: ReadonlySet<string>): number[] {
    return numbers.filter((number) => tools.has(this.entry(number).tool.id))
  }

  /** The kit with some entries, made once when it is first asked for. */
  kitOf(numbers: readonly number[]): () => Kit {
    let kit: Kit | undefined
    return () =>
      (kit ??= kitWith(
        this.fitter.kit,
        numbers.map((number) => this.entry(number))
      ))
  }

  /** @param kit the kit with those entries, or with more that do not matter here; made when it is needed */
  reach(probe: Probe, step: Step, build: Build, numbers: readonly number[], kit: () => Kit): Reach {
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
  vectors(stop: Stop, ask: (probe: Probe, step: Step) => Reach): Vector[] {
    const done: Vector[] = []
    const first: Vector[] = []
    for (const probe of stop.probes) {
      const { kind, vector } = ask(probe, stop.step)
      if (vector) (kind === 'done' ? done : first).push(vector)
    }
    const { after } = stop
    if (first.length === 0 || !after) return paretoVectors(done)
    const clean: Vector[] = []
    for (const probe of stop.cleaners) {
      const { kind, vector } = ask(probe, after)
      if (kind === 'done' && vector) clean.push(vector)
    }
    const [rough, cleanUps] = [paretoVectors(first), paretoVectors(clean)]
    return paretoVectors([
      ...done,
      ...rough.flatMap((one) => cleanUps.map((more) => sum(one, more)))
    ])
  }
}

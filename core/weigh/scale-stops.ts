import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import { must, stableText } from '../kernel'
import {
  hourTimesOf,
  cleanUpStep,
  kitWith,
  admitted,
  charmOf,
  limitsBroken,
  loadOf,
  methodsOf,
  minutesOf,
  hasCompanion,
  neededCompanions,
  protectionFor,
  partSteps,
  plainlyNot,
  reachOf,
  taskOf,
  type Fitter,
  type Kit,
  type KitTool,
  type NeedSet
} from '../fit'
import { payTimes } from '../worth'
import type { World } from '../workspace'
import type { Course, Probe, Reach, Stop } from './scale-parts'
import { beside, sum, paretoVectors, vectorOf, type Vector } from './vector'

/** Every tool that could change how far something on a course gets. */
const toolsOn = ({ probes, cleaners, compounds }: Course): string[] => [
  ...[...probes, ...cleaners].flatMap((probe) => [...probe.tools]),
  ...compounds.flatMap(({ parts }) => parts.flatMap(toolsOn))
]

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
      step.species ?? null,
      load.units,
      load.batches,
      build.hourValue ?? null,
      step.way ?? null,
      step.byOneself ?? null,
      build.sale ? hourTimesOf(this.fitter.context, build) : null,
      payTimes(this.world, build),
      // A share of the piece's own timber is spoilt.
      this.fitter.context.timberOf(build)
    ])
    const present = this.byKey.get(key)
    if (present !== undefined) return present
    const course = this.courseOf(step, build)
    const tools = new Set(toolsOn(course))
    const number = this.list.length
    this.list.push({
      ...course,
      build,
      tools,
      known: new Map(),
      hourValue: build.hourValue,
      hourTimes: hourTimesOf(this.fitter.context, build),
      free: build.sale ? 0 : this.fitter.context.quickest({ step, build, load }),
      payTimes: payTimes(this.world, build)
    })
    for (const tool of tools)
      (this.byTool.get(tool) ?? this.byTool.set(tool, []).get(tool) ?? []).push(number)
    this.byKey.set(key, number)
    return number
  }

  private courseOf(step: Step, build: Build): Course {
    const { library } = this.world
    const { context } = this.fitter
    const after = cleanUpStep(library, step)
    const sold = build.sale !== undefined
    const compounds = methodsOf(library, step, sold).filter(
      (method) =>
        method.parts !== undefined &&
        admitted(method, context) &&
        limitsBroken(method, step.stock).length === 0
    )
    return {
      step,
      probes: this.probesOf(step, sold),
      cleaners: after ? this.probesOf(after, sold) : [],
      after,
      compounds: compounds.map((method) => ({
        parts: partSteps(method, step).map((part) => this.courseOf(part, build)),
        minutes: minutesOf(method, undefined, [], loadOf(step, build)),
        charm: charmOf(context, method, taskOf(step, build))
      }))
    }
  }

  /** Methods for a step, each with the tools that could change how far it gets. */
  private probesOf(step: Step, sold: boolean): Probe[] {
    return methodsOf(this.world.library, step, sold)
      .filter(({ parts }) => parts === undefined)
      .map((method) => ({
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
        for (const companion of neededCompanions(tool, method.operation))
          if (!hasCompanion(kit, companion)) for (const id of companion.anyOf) tools.add(id)
        for (const protection of protectionFor(tool, method))
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

  /** What the parts of a method come to together, each in one of its ways. */
  private together(parts: readonly Course[], ask: (probe: Probe, step: Step) => Reach): Vector[] {
    let whole: Vector[] | undefined
    for (const part of parts) {
      const here = this.vectors(part, ask)
      whole = whole
        ? paretoVectors(whole.flatMap((one) => here.map((more) => beside(one, more))))
        : here
      if (whole.length === 0) return []
    }
    return whole ?? []
  }

  /** @param ask how far a method gets; the scale's own look-up unless a game brings a quicker one */
  vectors(course: Course, ask: (probe: Probe, step: Step) => Reach): Vector[] {
    const done: Vector[] = course.compounds.flatMap(({ parts, minutes, charm }) =>
      this.together(parts, ask).map((one) => ({
        ...one,
        minutes: one.minutes + minutes,
        charm: one.charm + charm
      }))
    )
    const first: Vector[] = []
    for (const probe of course.probes) {
      const { kind, vector } = ask(probe, course.step)
      if (vector) (kind === 'done' ? done : first).push(vector)
    }
    const { after } = course
    if (first.length === 0 || !after) return paretoVectors(done)
    const clean: Vector[] = []
    for (const probe of course.cleaners) {
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

import { isBegun, isDone, type Build } from '../builds'
import { cleanUpStep, neededCompanions } from '../fit'
import type { Library } from '../catalogue'
import { findOffer, type Offer } from '../prices'
import { buildMaterial, buildWorth, type World } from '../workspace'
import { batchOf, resaleValue } from '../plan'
import { momentsOf, type Moments } from './moments'
import { sourcesOf, type Choice, type Sources } from './sources'
import { Atoms, Ways, type Alternative, type Atom } from './ways'

/** A build, a batch of one, or a jig, as the search sees it. */
export interface Job {
  readonly build: Build
  /** Copies made in this batch; undefined for all of them at once. */
  readonly copies: number | undefined
  readonly steps: readonly { readonly id: string; readonly first: number; readonly last: number }[]
  readonly material: number
  /** Worth to the user when done in time, or net sale price. */
  readonly worth: number
  readonly sold: { readonly afterDays: number; readonly flowsBack: number } | undefined
  /** Day it is wished for, from today; Infinity without a wish. */
  readonly wished: number
  readonly spentMinutes: number
  readonly begun: boolean
  /** The choice it brings about, −1 for none. */
  readonly yields: number
  /** Derived jigs are made when something needs them, never for themselves. */
  readonly derived: boolean
}

/** A workspace compiled for the search: numbers instead of names. */
export interface Problem {
  readonly world: World
  readonly moments: Moments
  readonly sources: Sources
  readonly choices: readonly Choice[]
  readonly atoms: readonly Atom[]
  readonly alternatives: readonly Alternative[]
  readonly jobs: readonly Job[]
  /** Jobs of the user's builds: what a plan may hold. */
  readonly wanted: readonly number[]
  /** The job that makes a choice, by the choice's number. */
  readonly maker: Int32Array
  /** Builds no step of which is without any way at all are in `wanted`; the others stand here. */
  readonly hopeless: readonly string[]
  /** What is owned brings this at the end, whatever the plan does. */
  readonly constant: number
  /** Protection each choice needs, as atoms. */
  readonly guards: readonly (readonly number[])[]
}

/** Tools that could matter to builds: what plays a role in a method of their steps, with companions, protection and squares. */
function mattering(library: Library, builds: readonly Build[]): Set<string> {
  const tools = new Set<string>()
  const operations = new Set<string>()
  const add = (id: string, operation: string): void => {
    const tool = library.tools.get(id)
    if (!tool) return
    tools.add(id)
    for (const { anyOf } of neededCompanions(tool, operation))
      for (const other of anyOf) if (!tools.has(other)) add(other, operation)
    for (const protection of tool.needs)
      for (const { id: gear } of library.protectionFor.get(protection) ?? []) tools.add(gear)
    const template = tool.madeBy === undefined ? undefined : library.templates.get(tool.madeBy)
    for (const step of template?.steps ?? []) work(step.operation)
  }
  const work = (operation: string): void => {
    if (operations.has(operation)) return
    operations.add(operation)
    for (const method of library.methodsFor.get(operation) ?? [])
      for (const { role } of method.roles)
        for (const { id } of library.toolsFor.get(role) ?? []) add(id, operation)
  }
  for (const build of builds)
    for (const step of build.steps) {
      work(step.operation)
      const after = cleanUpStep(library, step)
      if (after) work(after.operation)
    }
  for (const { id } of library.toolsFor.get('square') ?? []) tools.add(id)
  return tools
}

/** A build in its batches; one begun, or made in one go, stays whole. */
function batchesFor(build: Build): (number | undefined)[] {
  const size = Math.max(1, Math.min(build.batchSize ?? build.copies, build.copies))
  if (size >= build.copies || build.log !== undefined || build.yields !== undefined)
    return [undefined]
  const parts: number[] = []
  for (let left = build.copies; left > 0; left -= size) parts.push(Math.min(size, left))
  return parts.length > BATCHES ? [undefined] : parts
}
/** More batches than this are planned as one: nobody follows them singly. */
const BATCHES = 12

/** @param avoid offers that are not to be had: for questions of the kind “what if not this one” */
export function problemOf(world: World, avoid?: (offer: Offer) => boolean): Problem {
  const { workspace, library, asOf } = world
  const moments = momentsOf(world)
  const open = workspace.builds.filter((build) => !isDone(build))
  const matters = mattering(library, open)
  for (const pin of workspace.pins) {
    const tool = library.tools.get(findOffer(world.pricing, pin.offer)?.tool ?? '')
    if (tool) matters.add(tool.id)
    for (const protection of tool?.needs ?? [])
      for (const { id } of library.protectionFor.get(protection) ?? []) matters.add(id)
  }
  const sources = sourcesOf(world, moments, matters, avoid)
  const atoms = new Atoms(sources)
  const ways = new Ways(world, sources, atoms)
  const alternatives: Alternative[] = []
  const jobs: Job[] = []
  const known = new Map<string, { first: number; last: number }>()
  const yielding = new Map(
    sources.choices.flatMap(({ makes }, choice) => (makes ? [[makes.id, choice]] : []))
  )

  const add = (whole: Build, copies: number | undefined, derived: boolean): number | undefined => {
    const build = batchOf(whole, copies)
    const steps = []
    for (const step of build.steps) {
      const key = JSON.stringify([
        step.operation,
        step.quantity,
        step.stock,
        step.accuracyMm,
        step.surface,
        build.copies,
        build.batchSize,
        build.hourValue
      ])
      let range = known.get(key)
      if (!range) {
        const found = ways.of(step, build)
        range = { first: alternatives.length, last: alternatives.length + found.length }
        alternatives.push(...found)
        known.set(key, range)
      }
      if (range.first === range.last) return undefined
      steps.push({ id: step.id, ...range })
    }
    const start = Date.parse(asOf)
    jobs.push({
      build,
      copies,
      steps,
      derived,
      material: build.log ? 0 : buildMaterial(world, build),
      worth: derived
        ? 0
        : build.sale
          ? build.sale.netEach * build.copies
          : buildWorth(world, build),
      sold: build.sale
        ? { afterDays: build.sale.daysToSell, flowsBack: workspace.money.reinvestShare }
        : undefined,
      wished:
        build.wished === undefined
          ? Infinity
          : Math.round((Date.parse(build.wished) - start) / 86_400_000),
      spentMinutes: build.log?.minutesSpent ?? 0,
      begun: isBegun(build),
      yields: yielding.get(whole.id) ?? -1
    })
    return jobs.length - 1
  }
  const wanted: number[] = []
  const hopeless: string[] = []
  for (const build of open)
    for (const copies of batchesFor(build)) {
      const job = add(build, copies, false)
      if (job !== undefined) wanted.push(job)
      else if (!hopeless.includes(build.id)) hopeless.push(build.id)
    }
  const maker = new Int32Array(sources.choices.length).fill(-1)
  sources.choices.forEach(({ makes }, choice) => {
    if (!makes) return
    const own = wanted.find((job) => jobs[job]?.build.id === makes.id)
    maker[choice] = own ?? add(makes, undefined, true) ?? -1
  })
  const guards = sources.choices.map(({ entries }) =>
    [...new Set(entries.flatMap(({ tool }) => tool.needs))].flatMap((protection) => {
      if (sources.kit.protects.has(protection)) return []
      const atom = atoms.of(sources.byProtection.get(protection) ?? [], 1, true)
      return atom === undefined ? [-2] : atom < 0 ? [] : [atom]
    })
  )
  const constant =
    (moments.discount[moments.horizon - 1] ?? 1) *
    sources.kit.tools.reduce(
      (sum, entry, i) =>
        sum +
        resaleValue(
          entry,
          workspace.items.filter((one) => library.tools.has(one.tool))[i]?.cost ?? 0
        ),
      0
    )
  return {
    world,
    moments,
    sources,
    choices: sources.choices,
    atoms: atoms.list,
    alternatives,
    jobs,
    wanted,
    maker,
    hopeless,
    constant,
    guards
  }
}

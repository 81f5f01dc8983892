import { isForSale, materialCost, togetherOf, type Build } from '../builds'
import type { Library, Step } from '../catalogue'
import {
  cleanUpStep,
  fitContext,
  fitStep,
  kitWith,
  operationsUnder,
  usedUp,
  type FitContext,
  type Kit,
  type KitTool,
  type StepFit
} from '../fit'
import { sumOf } from '../kernel'
import type { World } from '../workspace'
import { corrected, paceOf, type Learnt } from './learnt'
import { saleFacts, type Design } from './design'

/** A build for sale, step by step: what a tool changes is only looked at where it plays a part. */
interface Stepwise {
  readonly build: Build
  readonly steps: readonly StepFit[]
}

/** A kit with what is for sale, made with it. */
export interface AtBench {
  readonly kit: Kit
  readonly stepwise: readonly Stepwise[]
  readonly designs: readonly Design[]
}

/** What all kits are looked at with. */
export interface Looking {
  readonly world: World
  readonly context: FitContext
  readonly learnt: readonly Learnt[]
  readonly roles: Map<string, ReadonlySet<string>>
  /** Pace by build, from the kit that is owned; the seller's own over all for what that cannot make. */
  paces: ReadonlyMap<string, number> | undefined
}
export const lookingAt = (world: World, learnt: readonly Learnt[]): Looking => ({
  world,
  context: fitContext(world),
  learnt,
  roles: new Map(),
  paces: undefined
})

/** Roles that tools play in some way of doing a step, the cleaning up after it included. */
function rolesIn(library: Library, step: Step): Set<string> {
  const after = cleanUpStep(library, step)
  const operations = operationsUnder(library, [step.operation, ...(after ? [after.operation] : [])])
  const roles = new Set<string>()
  for (const operation of operations)
    for (const method of library.methodsFor.get(operation) ?? [])
      for (const { role } of method.roles) roles.add(role)
  return roles
}
export function rolesOf({ world, roles }: Looking, step: Step): ReadonlySet<string> {
  const known = roles.get(step.operation)
  if (known) return known
  const found = rolesIn(world.library, step)
  roles.set(step.operation, found)
  return found
}

/** All sold builds at a kit, in their usual batch. */
const together = (build: Build): Build => {
  const batch = togetherOf(build)
  return { ...build, copies: batch, batchSize: batch }
}

export function atBench(looking: Looking, kit: Kit): AtBench {
  const { world, context } = looking
  const stepwise = world.workspace.builds.filter(isForSale).map((one): Stepwise => {
    const build = together(one)
    return { build, steps: build.steps.map((step) => fitStep(context, kit, step, build)) }
  })
  return told(looking, kit, stepwise)
}

/** The same once tools have come: only steps they play a part in are fitted again. */
export function withTools(looking: Looking, from: AtBench, entries: readonly KitTool[]): AtBench {
  const kit = kitWith(from.kit, entries)
  const roles = new Set(entries.flatMap(({ tool }) => [...tool.roles]))
  const protects = entries.some(({ tool }) =>
    tool.protects.some((one) => !from.kit.protects.has(one))
  )
  const stepwise = from.stepwise.map(({ build, steps }): Stepwise => {
    const next = steps.map((known) =>
      protects || [...rolesOf(looking, known.step)].some((role) => roles.has(role))
        ? fitStep(looking.context, kit, known.step, build)
        : known
    )
    return { build, steps: next }
  })
  return told(looking, kit, stepwise)
}

/** The designs that can be made, at the seller's pace. */
function told(looking: Looking, kit: Kit, stepwise: readonly Stepwise[]): AtBench {
  const { world, learnt } = looking
  const made = stepwise.flatMap(({ build, steps }) => {
    const uses = steps.flatMap(({ usable: [best] }) => best ?? [])
    if (uses.length < steps.length) return []
    const minutes = sumOf(uses, (use) => use.minutes) / build.copies
    const timber =
      (materialCost(world.pricing, build) + sumOf(uses, ({ spoilt }) => spoilt)) / build.copies
    const other = (usedUp(world, build, uses) + sumOf(uses, ({ fee }) => fee)) / build.copies
    return [{ build, minutes, timber, cost: timber + other }]
  })
  looking.paces ??= new Map(
    world.workspace.builds.map(({ id }) => [
      id,
      paceOf(learnt, new Map(made.map(({ build, minutes }) => [build.id, minutes])), id)
    ])
  )
  const paces = looking.paces
  const designs = made.flatMap(({ build, minutes, timber, cost }): Design[] => {
    const { sale } = build
    if (!sale) return []
    const pace = paces.get(build.id) ?? corrected(1, 0, 0)
    return [
      {
        ...saleFacts(world, build, sale, learnt),
        cost,
        timber,
        batch: build.copies,
        batchMinutes: 0,
        eachMinutes: minutes * pace,
        pace
      }
    ]
  })
  return { kit, stepwise, designs }
}

import { isForSale } from '../builds'
import { distinct, leastBy, sumOf } from '../kernel'
import {
  countOf,
  entriesOf,
  entryOfOffer,
  jigEntry,
  makeFitter,
  usualOffer,
  type Buyable,
  type Kit,
  type KitTool
} from '../fit'
import type { Tool } from '../catalogue'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { Plan, World } from '../workspace'
import { rolesOf, type AtBench, type Looking } from './by-step'

/** Tools looked at. */
export const MOST_IN_VIEW = 20

/** Something that may be bought next: a tool with what must come along. */
export interface InView {
  readonly id: string
  readonly cost: Minor
  readonly entries: readonly KitTool[]
  /** The build that all of it together makes possible, where none of it does so alone. */
  readonly kitFor?: string | undefined
}

/** The cheapest usual offer of any of some tools that are not owned in such a number. */
function cheapest(
  world: World,
  kit: Kit,
  tools: readonly string[],
  count: number
): { readonly offer: Buyable; readonly count: number } | undefined {
  return leastBy(
    tools.flatMap((id) => {
      const offer = usualOffer(world, id)
      return offer ? [{ offer, count: Math.max(1, count - countOf(kit, id)) }] : []
    }),
    (one) => one.offer.allIn * one.count
  )
}

/** What must come along with a tool: companions for the work it is for, and protection. Undefined where some of it is not to be had. */
function along(
  { world }: Looking,
  kit: Kit,
  tool: Tool,
  operations: ReadonlySet<string>
): { readonly offer: Buyable; readonly count: number }[] | undefined {
  const companions = tool.companions.filter(
    ({ kind, operation, anyOf, count }) =>
      (kind === 'needed' || (kind === 'needed-for' && operations.has(operation ?? ''))) &&
      !anyOf.some((id) => countOf(kit, id) >= count)
  )
  const guards = tool.needs
    .filter((protection) => !kit.protects.has(protection))
    .map((protection) =>
      [...world.library.tools.values()].flatMap(({ id, protects }) =>
        protects.includes(protection) ? [id] : []
      )
    )
  const found = [
    ...companions.map(({ anyOf, count }) => cheapest(world, kit, anyOf, count)),
    ...guards.map((tools) => cheapest(world, kit, tools, 1))
  ]
  return found.every((one) => one !== undefined) ? found : undefined
}

/** A tool at its usual offer with what must come along. */
function viewOf(
  looking: Looking,
  kit: Kit,
  tool: Tool,
  operations: ReadonlySet<string>
): InView | undefined {
  const offer = usualOffer(looking.world, tool.id)
  const rest = offer && along(looking, kit, tool, operations)
  if (!offer || !rest) return undefined
  return {
    id: tool.id,
    cost: offer.allIn + sumOf(rest, (one) => one.offer.allIn * one.count),
    entries: [
      offer.entry,
      ...rest.map((one) => ({ ...one.offer.entry, count: one.offer.entry.count * one.count }))
    ]
  }
}

/** What the plan buys, each by itself at its planned price. */
const plannedViews = (world: World, plan: Plan | undefined): InView[] =>
  (plan?.purchases ?? []).flatMap(({ offer: id, count, price }): InView[] => {
    const offer = findOffer(world.pricing, id)
    const tool = offer && world.library.tools.get(offer.tool)
    return offer && tool
      ? [
          {
            id: tool.id,
            cost: price,
            entries: [tool.madeBy === undefined ? entryOfOffer(tool, offer, count) : jigEntry(tool)]
          }
        ]
      : []
  })

/** For each build that cannot be made with what is owned the cheapest kit that makes it, by its dearest piece. */
export function kitsInView({ world }: Looking, bench: AtBench): InView[] {
  const able = new Set(bench.designs.map(({ build }) => build))
  const missing = world.workspace.builds.filter((build) => isForSale(build) && !able.has(build.id))
  if (missing.length === 0) return []
  const fitter = makeFitter(world, bench.kit)
  return missing.flatMap((build): InView[] => {
    const [way] = fitter.waysIn(build)
    if (!way) return []
    const parts = [...way.set.values()]
    const [dearest] = parts.sort((a, b) => b.buyable.allIn * b.count - a.buyable.allIn * a.count)
    return dearest
      ? [
          {
            id: dearest.buyable.entry.tool.id,
            cost: Math.round(way.cost),
            entries: entriesOf(way.set),
            kitFor: build.id
          }
        ]
      : []
  })
}

/** Machines that are not owned and play a part in what is for sale, and tools the plan buys. */
export function toolsInView(looking: Looking, bench: AtBench, plan: Plan | undefined): InView[] {
  const { world } = looking
  const steps = bench.stepwise.flatMap(({ steps: list }) => list.map(({ step }) => step))
  const roles = new Set(steps.flatMap((step) => [...rolesOf(looking, step)]))
  const operations = new Set(steps.map(({ operation }) => operation))
  const planned = plannedViews(world, plan).filter(({ entries }) =>
    entries.some(({ tool }) => tool.roles.some((role) => roles.has(role)))
  )
  const seen = new Set([
    ...planned.map(({ id }) => id),
    ...bench.kit.tools.map(({ tool }) => tool.id)
  ])
  const machines = [...world.library.tools.values()].filter(
    ({ id, kind, forms, roles: own }) =>
      kind === 'tool' &&
      !seen.has(id) &&
      forms.some(({ power }) => power !== 'hand') &&
      own.some((role) => roles.has(role))
  )
  const views = machines.flatMap((tool) => viewOf(looking, bench.kit, tool, operations) ?? [])
  return distinct([...planned, ...views.sort((a, b) => a.cost - b.cost)])
}

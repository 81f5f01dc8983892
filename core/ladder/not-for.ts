import type { Method, Tool } from '../catalogue'
import { admitted, isDrivenOut } from '../fit'
import type { World } from '../workspace'
import { packagesFor, priceOfPackage, type ActivityTaken, type Package, type Shop } from '../search'
import type { NotFor } from './rung'

/** What a tool would cost with what comes along and bring, where that is more than nothing. */
interface Trial {
  readonly cost: number
  readonly brings: number
  readonly net: number
}

/** What the best package with each tool would bring on top of the kit, and what it would cost. */
function trials(shop: Shop): Map<string, Trial> {
  const { kit } = shop
  const { choices } = shop.model.problem
  const before = kit.value()
  const best = new Map<string, Trial>()
  for (const wanted of packagesFor(shop)) {
    const brings = kit.withPackage(wanted, () => kit.value()) - before
    const net = brings - priceOfPackage(shop, wanted)
    let cost = 0
    for (const [choice, count] of wanted) {
      const { makes, payment } = choices[choice]!
      if (!makes) cost += count * Math.min(...payment.filter(Number.isFinite))
    }
    for (const [choice] of wanted)
      for (const { tool } of choices[choice]!.entries)
        if (net > (best.get(tool.id)?.net ?? -Infinity)) best.set(tool.id, { cost, brings, net })
  }
  return best
}

/** The tool that does, with the kit, what another one would do: what leads the way taken where the other one leads a way. */
function doneBy(
  shop: Shop,
  bought: Package,
  atEnd: ReadonlyMap<number, ActivityTaken>
): Map<string, string> {
  const { problem } = shop.model
  const { library } = problem.world
  const leadOf = (mode: number): string | undefined => {
    const role = library.methods.get(problem.modes[mode]!.method)?.roles[0]?.role
    if (role === undefined) return undefined
    const here = (tool: { roles: readonly string[] }): boolean => tool.roles.includes(role)
    for (const choice of bought.keys())
      for (const { tool } of problem.choices[choice]!.entries)
        if (here(tool) && playsIn(shop, mode, choice)) return tool.id
    return problem.sources.kit.tools.find(({ tool }) => here(tool))?.tool.id
  }
  const found = new Map<string, string>()
  for (const { activity, steps } of atEnd.values())
    problem.activities[activity]!.steps.forEach(({ ways }, i) => {
      const taken = steps[i]!.modes.flatMap((mode) => leadOf(mode) ?? [])
      const [main] = taken
      if (main === undefined) return
      for (const { slots } of ways)
        for (const { first, last } of slots)
          for (let mode = first; mode < last; mode++) {
            const role = library.methods.get(problem.modes[mode]!.method)?.roles[0]?.role
            for (const { id } of library.toolsFor.get(role ?? '') ?? [])
              if (id !== main && !taken.includes(id) && !found.has(id)) found.set(id, main)
          }
    })
  return found
}

const playsIn = ({ model }: Shop, mode: number, choice: number): boolean =>
  model.problem.modes[mode]!.requires.some((requirement) =>
    model.problem.requirements[requirement]!.from.has(choice)
  )

/** All methods of the operations that steps of the user's builds come to. */
function methodsAsked({ model }: Shop): Method[] {
  const { activities, modes, world } = model.problem
  const operations = new Set<string>()
  for (const { steps, derived } of activities)
    for (const { ways } of derived ? [] : steps)
      for (const { slots } of ways)
        for (const { first, last } of slots)
          for (let mode = first; mode < last; mode++) {
            // What timber is bought is no method.
            const method = world.library.methods.get(modes[mode]!.method)
            if (method) operations.add(method.operation)
          }
  return [...operations].flatMap((operation) => world.library.methodsFor.get(operation) ?? [])
}

/** Tools that lead some way to do some step, and are neither owned nor bought: why not. */
export function notForBuilds(
  shop: Shop,
  world: World,
  bought: Package,
  atEnd: ReadonlyMap<number, ActivityTaken>
): { readonly notFor: NotFor[]; readonly unasked: number } {
  const { problem } = shop.model
  const { library, workspace } = world
  const here = new Set([
    ...problem.sources.kit.tools.map(({ tool }) => tool.id),
    ...[...bought.keys()].flatMap((choice) =>
      problem.choices[choice]!.entries.map(({ tool }) => tool.id)
    )
  ])
  const methods = methodsAsked(shop)
  const leading = new Set(methods.flatMap(({ roles }) => roles[0]?.role ?? []))
  const allowed = new Set(
    methods.flatMap((method) =>
      admitted(method, problem.sources.context) ? (method.roles[0]?.role ?? []) : []
    )
  )
  const banned = new Set(workspace.bans.flatMap(({ kind, id }) => (kind === 'tool' ? [id] : [])))
  const isBanned = (tool: Tool): boolean => banned.has(tool.id) || isDrivenOut(world, tool)
  const tried = trials(shop)
  const same = doneBy(shop, bought, atEnd)
  const notFor: NotFor[] = []
  let unasked = 0
  for (const tool of library.tools.values()) {
    if (here.has(tool.id)) continue
    if (!tool.roles.some((role) => leading.has(role))) {
      unasked++
      continue
    }
    const offers = problem.sources.market.get(tool.id)
    const trial = tried.get(tool.id)
    const other = same.get(tool.id)
    if (isBanned(tool)) notFor.push({ kind: 'ruled-out', tool: tool.id })
    else if (!offers || !tool.roles.some((role) => allowed.has(role)))
      notFor.push({ kind: 'no-way', tool: tool.id })
    else if ((trial?.brings ?? 0) < 1 && other !== undefined)
      notFor.push({ kind: 'same-as', tool: tool.id, other })
    else
      notFor.push({
        kind: 'too-dear',
        tool: tool.id,
        cost: trial?.cost ?? offers[0]!.payment,
        brings: Math.max(0, trial?.brings ?? 0)
      })
  }
  const rank = (one: NotFor): number =>
    one.kind === 'too-dear' ? 1e12 - one.brings : one.kind === 'same-as' ? 2e12 : 3e12
  return { notFor: notFor.sort((a, b) => rank(a) - rank(b)), unasked }
}

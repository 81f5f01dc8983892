import { circuitCarries, mostAmps } from '../workshop'
import { isDone } from '../builds'
import type { Library, Tool } from '../catalogue'
import { sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import { operationsUnder } from '../fit'
import { offerId, priceOf } from '../prices'
import type { World } from '../workspace'
import { hoursOfUse } from './ruled-out'
import { type PoweredTool, type PackPrices, type OwnedPlatform, KIT_PACKS } from './batteries'

/** A body alone against a set of the same tool. Common practice: about a third less. */
const BARE_SHARE = 0.65
/** Single packs and chargers against a set of two packs and a charger. Common practice. */
const PACK_SHARE = 0.38
const CHARGER_SHARE = 0.3
/** Minutes machines run in a working day, all together; the rest is marking, clamping and looking. Common practice. */
const RUNNING_MINUTES = 90

const SET_OF_PACKS = 'battery-set'

const needsPacks = (tool: Tool): boolean =>
  tool.companions.some(({ kind, anyOf }) => kind !== 'advised' && anyOf.includes(SET_OF_PACKS))

/** Tools with their forms and prices at the user's tier; a working day's running is shared among them as their builds' hours are. */
export function poweredTools(world: World, tools: readonly Tool[]): PoweredTool[] {
  const hours = tools.map((tool) => hoursOfUse(world, world.library, tool).hours)
  const all = sumOf(hours, (one) => one)
  return tools.flatMap(
    (tool, i) =>
      poweredTool(
        world,
        tool,
        all === 0 ? 0 : Math.min((hours[i] ?? 0) * 60, (RUNNING_MINUTES * (hours[i] ?? 0)) / all)
      ) ?? []
  )
}

function poweredTool(world: World, tool: Tool, minutesPerDay: number): PoweredTool | undefined {
  const { preferences, workshop } = world.workspace
  const price = (power: 'corded' | 'cordless'): Minor | undefined => {
    const parts = {
      tool: tool.id,
      tier: preferences.tier,
      condition: 'new' as const,
      acquisition: 'buy' as const,
      power
    }
    return tool.forms.some((form) => form.power === power)
      ? priceOf(world.pricing, { ...parts, id: offerId(parts) }, world.asOf)?.allIn
      : undefined
  }
  const cordless = price('cordless')
  const corded =
    circuitCarries(workshop, tool, 'corded') && mostAmps(workshop) !== 0
      ? price('corded')
      : undefined
  if (cordless === undefined && corded === undefined) return undefined
  const set = packSetPrice(world)
  const isBody = needsPacks(tool)
  return {
    tool: tool.id,
    corded,
    kit: cordless === undefined ? undefined : isBody ? cordless + set : cordless,
    bare: cordless === undefined ? undefined : isBody ? cordless : timesRatio(cordless, BARE_SHARE),
    whPerHour: tool.forms.find(({ power }) => power === 'cordless')?.whPerHour ?? 0,
    minutesPerDay
  }
}

function packSetPrice(world: World): Minor {
  const set = world.library.tools.get(SET_OF_PACKS)
  const parts = {
    tool: SET_OF_PACKS,
    tier: world.workspace.preferences.tier,
    condition: 'new' as const,
    acquisition: 'buy' as const,
    power: set?.forms[0]?.power ?? ('hand' as const)
  }
  return set
    ? (priceOf(world.pricing, { ...parts, id: offerId(parts) }, world.asOf)?.allIn ?? 0)
    : 0
}

export function packPrices(world: World): PackPrices {
  const set = packSetPrice(world)
  return {
    pack: timesRatio(set, PACK_SHARE),
    charger: timesRatio(set, CHARGER_SHARE),
    packWh: world.library.tools.get(SET_OF_PACKS)?.specs.packWh ?? 36
  }
}

/** Battery families the items belong to; a cordless item that is no mere body came with two packs and a charger. */
export function ownedPlatforms(world: World): OwnedPlatform[] {
  const found = new Map<string, { packs: number; chargers: number; packWh: number }>()
  for (const item of world.workspace.items) {
    const tool = world.library.tools.get(item.tool)
    if (!tool || (item.power !== 'cordless' && tool.id !== SET_OF_PACKS)) continue
    const name = item.platform ?? 'owned'
    const known = found.get(name) ?? { packs: 0, chargers: 0, packWh: packPrices(world).packWh }
    const sets = needsPacks(tool) ? 0 : item.count
    found.set(name, {
      packs: known.packs + KIT_PACKS * sets,
      chargers: known.chargers + sets,
      packWh: item.specs.packWh ?? known.packWh
    })
  }
  return [...found].map(([name, rest]) => ({ name, ...rest }))
}

/** Powered tools that lead a method some open build could use, not owned, those with the most hours first. */
export function toolsInView(world: World, library: Library, most = 10): Tool[] {
  const owned = new Set(world.workspace.items.map(({ tool }) => tool))
  const banned = new Set(
    world.workspace.bans.filter(({ kind }) => kind === 'tool').map(({ id }) => id)
  )
  const operations = operationsUnder(
    library,
    world.workspace.builds
      .filter((build) => !isDone(build))
      .flatMap(({ steps }) => steps.map(({ operation }) => operation))
  )
  return [...library.tools.values()]
    .filter(
      ({ id, forms }) =>
        forms.some(({ power }) => power === 'cordless') && !owned.has(id) && !banned.has(id)
    )
    .filter((tool) =>
      [...operations].some((operation) =>
        (library.methodsFor.get(operation) ?? []).some(
          ({ roles }) => roles[0] && tool.roles.includes(roles[0].role)
        )
      )
    )
    .map((tool) => ({ tool, hours: hoursOfUse(world, library, tool).hours }))
    .filter(({ hours }) => hours > 0)
    .sort((a, b) => b.hours - a.hours)
    .slice(0, most)
    .map(({ tool }) => tool)
}

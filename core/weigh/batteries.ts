import { leastBy, sumOf } from '../kernel'
import { type Minor } from '../money'

/** A tool that is to be had with a cord or with packs. */
export interface PoweredTool {
  readonly tool: string
  /** All in; undefined where there is no such form, or the circuit does not carry it. */
  readonly corded: Minor | undefined
  /** With two packs and a charger. */
  readonly kit: Minor | undefined
  /** The body alone. */
  readonly bare: Minor | undefined
  /** What it draws, watt-hours for an hour of work; 0 where it has no battery form. */
  readonly whPerHour: number
  /** Minutes it runs on a busy day. */
  readonly minutesPerDay: number
}

/** A battery family the user has already: packs and chargers of it that are owned. */
export interface OwnedPlatform {
  readonly name: string
  readonly packs: number
  readonly chargers: number
  readonly packWh: number
}

export interface PackPrices {
  readonly pack: Minor
  readonly charger: Minor
  readonly packWh: number
}

export type PowerChoice =
  { readonly kind: 'corded' } | { readonly kind: 'bare' | 'kit'; readonly platform: string }

export interface PlatformBill {
  readonly platform: string
  readonly tools: readonly string[]
  /** Watt-hours of a busy day. */
  readonly energyWh: number
  readonly packsNeeded: number
  readonly packsBought: number
  readonly chargersBought: number
  readonly cost: Minor
}

export interface PowerPlan {
  readonly choices: readonly { readonly tool: string; readonly choice: PowerChoice }[]
  readonly cost: Minor
  readonly platforms: readonly PlatformBill[]
  /** Paid for bodies, packs and chargers that serve no other platform. */
  readonly lockedIn: Minor
}

/** Share of a pack's rating that comes out in work. Common practice. */
const USABLE = 0.8
/** One on the tool and one on the charger. Common practice. */
const LEAST_PACKS = 2
/** What a set brings: two packs and a charger. */
export const KIT_PACKS = 2
/** Hours a working day of the hobby lasts: an evening, or a morning. Common practice. */
const SESSION_HOURS = 3
/** Hours a pack takes to charge. Common practice for a supplied charger. */
const CHARGE_HOURS = 1

/**
 * Packs a platform needs on a working day: all charged beforehand, and one charger filling them again while the work goes on; never
 * fewer than two.
 * @param energyWh what its tools draw that day
 */
export function packsNeeded(energyWh: number, packWh: number): number {
  const charged = SESSION_HOURS / CHARGE_HOURS
  return Math.max(LEAST_PACKS, Math.ceil(energyWh / (packWh * USABLE) - charged - 1e-9))
}

/** Packs that so much energy empties, when none is filled again meanwhile. */
export const packsDrawn = (energyWh: number, packWh: number): number =>
  Math.max(0, Math.ceil(energyWh / (packWh * USABLE) - 1e-9))

/** Minutes a pack lasts in a tool. */
export const minutesPerPack = (whPerHour: number, packWh: number): number =>
  whPerHour <= 0 ? Infinity : (60 * packWh * USABLE) / whPerHour

/** The bill of one platform for the tools on it: kits where their packs come cheaper than by themselves. Exact. */
function billOf(
  platform: string,
  owned: OwnedPlatform | undefined,
  tools: readonly PoweredTool[],
  prices: PackPrices
): { bill: PlatformBill; kits: ReadonlySet<string> } | undefined {
  const packWh = owned?.packWh ?? prices.packWh
  const energyWh = sumOf(tools, ({ whPerHour, minutesPerDay }) => (whPerHour * minutesPerDay) / 60)
  const needed = packsNeeded(energyWh, packWh)
  if (tools.some(({ bare, kit }) => bare === undefined && kit === undefined)) return undefined
  // A tool sold in one way only is bought in that way; of the others those become kits whose packs cost least.
  const forced = tools.filter(({ bare }) => bare === undefined)
  const free = tools
    .filter(({ bare, kit }) => bare !== undefined && kit !== undefined)
    .sort(
      (a, b) =>
        (a.kit ?? 0) - (a.bare ?? 0) - ((b.kit ?? 0) - (b.bare ?? 0)) || (a.tool < b.tool ? -1 : 1)
    )
  const bodies = sumOf(tools, ({ bare, kit }) => bare ?? kit ?? 0)
  const at = (extra: number) => {
    const kits = forced.length + extra
    const packs = Math.max(0, needed - (owned?.packs ?? 0) - KIT_PACKS * kits)
    const chargers = Math.max(0, 1 - (owned?.chargers ?? 0) - kits)
    const cost =
      bodies +
      sumOf(free.slice(0, extra), ({ bare, kit }) => (kit ?? 0) - (bare ?? 0)) +
      packs * prices.pack +
      chargers * prices.charger
    return { extra, packs, chargers, cost }
  }
  const best = leastBy(
    Array.from({ length: free.length + 1 }, (_, extra) => at(extra)),
    ({ cost }) => cost
  )
  if (!best) return undefined
  return {
    bill: {
      platform,
      tools: tools.map(({ tool }) => tool),
      energyWh,
      packsNeeded: needed,
      packsBought: best.packs,
      chargersBought: best.chargers,
      cost: best.cost
    },
    kits: new Set([...forced, ...free.slice(0, best.extra)].map(({ tool }) => tool))
  }
}

/** Which plans are looked at: any mixture, no cords, no packs, all packs of one family, or each tool its own set. */
export const POWER_MODES = ['best', 'one-platform', 'several', 'cords'] as const
export type PowerMode = (typeof POWER_MODES)[number]

/** The name of a battery family that would be new. */
export const NEW_PLATFORM = 'new'

/**
 * The cheapest way to power some tools: for each a cord, or a body or set on one of the platforms. Exact by branch and bound over all
 * assignments; what packs cost is settled for each platform as a whole. Undefined where a mode leaves some tool no form.
 * @param platforms battery families owned; one new one is always looked at, and in `several` one for each tool
 */
export function powerPlan(
  tools: readonly PoweredTool[],
  platforms: readonly OwnedPlatform[],
  prices: PackPrices,
  mode: PowerMode
): PowerPlan | undefined {
  if (mode === 'one-platform') {
    const names = [...platforms.map(({ name }) => name), NEW_PLATFORM]
    const plans = names.flatMap(
      (name) =>
        assign(tools, platforms, prices, (tool) =>
          (tool.bare ?? tool.kit) === undefined ? ['corded'] : [name]
        ) ?? []
    )
    return leastBy(plans, ({ cost }) => cost)
  }
  if (mode === 'cords')
    return assign(tools, platforms, prices, (tool) =>
      tool.corded === undefined ? [...platforms.map(({ name }) => name), NEW_PLATFORM] : ['corded']
    )
  if (mode === 'several') return severalPlan(tools, platforms, prices)
  return assign(tools, platforms, prices, () => [
    'corded',
    ...platforms.map(({ name }) => name),
    NEW_PLATFORM
  ])
}

/** Each cordless tool as the cheapest set of its own, whatever family it is of. */
function severalPlan(
  tools: readonly PoweredTool[],
  platforms: readonly OwnedPlatform[],
  prices: PackPrices
): PowerPlan | undefined {
  const numbered = tools.map((tool, i) => ({ tool, family: `${NEW_PLATFORM}-${i + 1}` }))
  return assign(tools, platforms, prices, (tool) =>
    (tool.bare ?? tool.kit) === undefined
      ? ['corded']
      : [numbered.find((one) => one.tool === tool)?.family ?? NEW_PLATFORM]
  )
}

/** The places for which `costOf` is least, by branch and bound; what the bodies alone cost at the least is the bound. */
function cheapestPlaces(
  ordered: readonly PoweredTool[],
  placesOf: (tool: PoweredTool) => readonly string[],
  costOf: (chosen: readonly string[]) => number
): { readonly cost: number; readonly places: readonly string[] } {
  const leastOf = (tool: PoweredTool): number =>
    Math.min(tool.corded ?? Infinity, tool.bare ?? Infinity, tool.kit ?? Infinity)
  const leastFrom = ordered.map((_, i) => sumOf(ordered.slice(i), leastOf))
  let best: { cost: number; places: readonly string[] } = { cost: Infinity, places: [] }
  // Bodies and cords alone: what packs cost is left out, since a set bought later may bring them along.
  const bodyOf = (tool: PoweredTool, place: string): number =>
    place === 'corded' ? (tool.corded ?? Infinity) : (tool.bare ?? tool.kit ?? Infinity)
  const visit = (chosen: readonly string[], bodies: number): void => {
    if (bodies + (leastFrom[chosen.length] ?? 0) >= best.cost) return
    const tool = ordered[chosen.length]
    if (!tool) {
      const cost = costOf(chosen)
      if (cost < best.cost) best = { cost, places: chosen }
      return
    }
    for (const place of placesOf(tool)) visit([...chosen, place], bodies + bodyOf(tool, place))
  }
  visit([], 0)
  return best
}

function assign(
  tools: readonly PoweredTool[],
  owned: readonly OwnedPlatform[],
  prices: PackPrices,
  placesOf: (tool: PoweredTool) => readonly string[]
): PowerPlan | undefined {
  const ordered = [...tools].sort((a, b) => (b.kit ?? b.bare ?? 0) - (a.kit ?? a.bare ?? 0))
  const bills = (chosen: readonly string[]) =>
    [...new Set(chosen.filter((place) => place !== 'corded'))].map((name) =>
      billOf(
        name,
        owned.find((one) => one.name === name),
        ordered.slice(0, chosen.length).filter((_, i) => chosen[i] === name),
        prices
      )
    )
  const costOf = (chosen: readonly string[]): number => {
    const cords = sumOf(
      chosen.map((place, i) => (place === 'corded' ? (ordered[i]?.corded ?? Infinity) : 0)),
      (cost) => cost
    )
    return bills(chosen).reduce((sum, bill) => sum + (bill?.bill.cost ?? Infinity), cords)
  }
  const best = cheapestPlaces(ordered, placesOf, costOf)
  if (!Number.isFinite(best.cost)) return undefined
  const settled = bills(best.places).flatMap((one) => one ?? [])
  const choiceFor = ({ tool }: PoweredTool, platform: string): PowerChoice => {
    if (platform === 'corded') return { kind: 'corded' }
    const bill = settled.find((one) => one.bill.platform === platform)
    return { kind: bill?.kits.has(tool) ? 'kit' : 'bare', platform }
  }
  return {
    choices: tools.map((tool) => ({
      tool: tool.tool,
      choice: choiceFor(tool, best.places[ordered.indexOf(tool)] ?? 'corded')
    })),
    cost: best.cost,
    platforms: settled.map(({ bill }) => bill),
    lockedIn: sumOf(settled, ({ bill }) => bill.cost)
  }
}
/** Packs of another maker against the tool maker's. Common practice; with a caution. */
export const OTHER_MAKER_SHARE = 0.45

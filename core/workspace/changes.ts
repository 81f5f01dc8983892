import { type Build, type BuildLog, jigBuild } from '../builds'
import { specsOf, type Library, type Method, type Tool } from '../catalogue'
import type { Day } from '../calendar'
import { must } from '../kernel'
import type { LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import type { Bundle, Deal, Offer, Quote, SaleWindow, SellerType } from '../prices'
import type { Ban, Item, NeedTest, Pin, PlannedPurchase, Workspace } from './types'

/** Changes a person makes to a workspace, as plain functions from one state to the next. Ids are handed in. */

export const addBuild = (workspace: Workspace, build: Build): Workspace => ({
  ...workspace,
  builds: [...workspace.builds, build]
})

export const changeBuild = (
  workspace: Workspace,
  id: string,
  change: (build: Build) => Build
): Workspace => ({
  ...workspace,
  builds: workspace.builds.map((build) => (build.id === id ? change(build) : build))
})

/** Moves a build to a place in the order, 0 first; a place beyond the ends means the end. */
export function moveBuild(workspace: Workspace, id: string, to: number): Workspace {
  const from = workspace.builds.findIndex((build) => build.id === id)
  const target = Math.min(workspace.builds.length - 1, Math.max(0, to))
  const build = workspace.builds[from]
  if (!build || from === target) return workspace
  const rest = workspace.builds.filter((other) => other !== build)
  return { ...workspace, builds: [...rest.slice(0, target), build, ...rest.slice(target)] }
}

/** Takes a build out. */
export const removeBuild = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  builds: workspace.builds.filter((build) => build.id !== id),
  ...(workspace.needTests
    ? { needTests: workspace.needTests.filter(({ build }) => build !== id) }
    : {})
})

/** An item of the usual kind: weekend tier, new, cost unknown. */
export function plainItem(tool: Tool, id: string, since: Day): Item {
  const power = tool.forms.some((form) => form.power === 'cordless')
    ? 'cordless'
    : (tool.forms[0]?.power ?? 'hand')
  return {
    id,
    tool: tool.id,
    tier: 'weekend',
    condition: 'new',
    power,
    specs: specsOf(tool, 'weekend'),
    count: 1,
    since,
    cost: 0
  }
}

export const addItem = (workspace: Workspace, item: Item): Workspace => ({
  ...workspace,
  items: [...workspace.items, item]
})
export const removeItem = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  items: workspace.items.filter((item) => item.id !== id)
})
export const changeItem = (
  workspace: Workspace,
  id: string,
  change: (item: Item) => Item
): Workspace => ({
  ...workspace,
  items: workspace.items.map((item) => (item.id === id ? change(item) : item))
})

export const addEntry = (workspace: Workspace, entry: LedgerEntry): Workspace => ({
  ...workspace,
  ledger: [...workspace.ledger, entry]
})

/** Without the pin on a purchase. */
export const withoutPinOn = (workspace: Workspace, purchase: PlannedPurchase): Workspace => ({
  ...workspace,
  pins: workspace.pins.filter(
    (pin) => !(pin.offer === purchase.offer && pin.date === purchase.date)
  )
})

/** Adds a tool of the user's own, or puts it in the place of the one with its id. */
export const putOwnTool = (workspace: Workspace, tool: Tool): Workspace => ({
  ...workspace,
  own: {
    ...workspace.own,
    tools: [...workspace.own.tools.filter(({ id }) => id !== tool.id), tool]
  }
})
/** The same for a method. */
export const putOwnMethod = (workspace: Workspace, method: Method): Workspace => ({
  ...workspace,
  own: {
    ...workspace.own,
    methods: [...workspace.own.methods.filter(({ id }) => id !== method.id), method]
  }
})

/** Takes an own entry out: a tool with the items of it, or a method. Entries that others still need stay, and `undefined` is answered. */
export function removeOwn(workspace: Workspace, id: string): Workspace | undefined {
  const own = {
    ...workspace.own,
    tools: workspace.own.tools.filter((tool) => tool.id !== id),
    methods: workspace.own.methods.filter((method) => method.id !== id)
  }
  const needed =
    own.tools.some(({ companions }) => companions.some(({ anyOf }) => anyOf.includes(id))) ||
    workspace.offers.some(({ tool }) => tool === id) ||
    (workspace.bundles ?? []).some(({ pieces }) => pieces.some(({ tool }) => tool === id))
  if (needed) return undefined
  const free = (offer: string): boolean => !offer.startsWith(`${id}/`)
  return {
    ...workspace,
    own,
    items: workspace.items.filter(({ tool }) => tool !== id),
    wishes: workspace.wishes.filter((tool) => tool !== id),
    ...(workspace.needTests
      ? { needTests: workspace.needTests.filter(({ tool }) => tool !== id) }
      : {}),
    ...(workspace.deals
      ? {
          deals: workspace.deals
            .map((deal) => ({ ...deal, tools: deal.tools.filter((tool) => tool !== id) }))
            .filter(({ tools }) => tools.length > 0)
        }
      : {}),
    ...(workspace.saleWindows
      ? {
          saleWindows: workspace.saleWindows
            .filter(({ tools }) => tools.length === 0 || tools.some((tool) => tool !== id))
            .map((sale) => ({ ...sale, tools: sale.tools.filter((tool) => tool !== id) }))
        }
      : {}),
    preferences: workspace.preferences.leanings
      ? {
          ...workspace.preferences,
          leanings: workspace.preferences.leanings.filter(({ tool }) => tool !== id)
        }
      : workspace.preferences,
    bans: workspace.bans.filter((ban) => ban.id !== id),
    quotes: workspace.quotes.filter(({ offer }) => free(offer)),
    pins: workspace.pins.filter(({ offer }) => free(offer))
  }
}

export interface BuildBegun {
  readonly build: string
  readonly date: Day
  /** What timber and fixings really cost; 0 when they were there. */
  readonly paid: Minor
  readonly planned: Minor
  readonly entryId: string
  /** The id a derived jig build is kept under. */
  readonly newBuildId: string
}

/** A build that was really begun. A derived jig build is kept from now on. */
export function beginBuild(
  workspace: Workspace,
  library: Library,
  { build: id, date, paid, planned, entryId, newBuildId }: BuildBegun
): Workspace {
  const jig = jigBuild(library, id)
  const stored = jig ? addBuild(workspace, { ...jig, id: newBuildId }) : workspace
  const buildId = jig ? newBuildId : id
  const log: BuildLog = { begun: date, minutesSpent: 0 }
  const begun = changeBuild(stored, buildId, (build) => ({ ...build, log }))
  const name = must(
    begun.builds.find((build) => build.id === buildId),
    'the build that was begun'
  ).name
  return paid === 0
    ? begun
    : addEntry(begun, {
        id: entryId,
        date,
        kind: 'timber',
        amount: -paid,
        planned: -planned,
        text: name,
        build: buildId
      })
}

/** A build that is finished, with the hours it took; a jig becomes an item of the kit. */
export function finishBuild(
  workspace: Workspace,
  library: Library,
  done: { build: string; date: Day; minutesSpent: number; itemId: string }
): Workspace {
  const finished = changeBuild(workspace, done.build, (build) => ({
    ...build,
    log: { begun: build.log?.begun ?? done.date, done: done.date, minutesSpent: done.minutesSpent }
  }))
  const yields = finished.builds.find(({ id }) => id === done.build)?.yields
  const tool = yields === undefined ? undefined : library.tools.get(yields)
  return tool
    ? addItem(finished, { ...plainItem(tool, done.itemId, done.date), power: 'hand' })
    : finished
}

/** Pins a purchase to a date, in place of any pin on the same offer's earlier date. */
export function pin(workspace: Workspace, next: Pin, from?: Day): Workspace {
  const pins = workspace.pins.filter(
    (other) => !(other.offer === next.offer && (other.date === from || other.date === next.date))
  )
  return { ...workspace, pins: [...pins, next] }
}

export const unpin = (workspace: Workspace, offer: string, date: Day): Workspace => ({
  ...workspace,
  pins: workspace.pins.filter((other) => !(other.offer === offer && other.date === date))
})

export const ban = (workspace: Workspace, next: Ban): Workspace => ({
  ...unban(workspace, next),
  bans: [...unban(workspace, next).bans, next]
})
export const unban = (workspace: Workspace, { kind, id }: Ban): Workspace => ({
  ...workspace,
  bans: workspace.bans.filter((other) => !(other.kind === kind && other.id === id))
})

export const wish = (workspace: Workspace, tool: string, wanted: boolean): Workspace => ({
  ...workspace,
  wishes: wanted
    ? [...workspace.wishes.filter((id) => id !== tool), tool]
    : workspace.wishes.filter((id) => id !== tool)
})

export const addQuote = (
  workspace: Workspace,
  quote: {
    id: string
    offer: string
    date: Day
    price: Minor
    seller: SellerType
    until?: Day | undefined
  }
): Workspace => ({ ...workspace, quotes: [...workspace.quotes, quote] })
export const addQuotes = (workspace: Workspace, quotes: readonly Quote[]): Workspace =>
  quotes.length === 0 ? workspace : { ...workspace, quotes: [...workspace.quotes, ...quotes] }
export const removeQuote = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  quotes: workspace.quotes.filter((quote) => quote.id !== id)
})

/** A find with its first price; without one it cannot be weighed. */
export const addOffer = (workspace: Workspace, offer: Offer, quote: Quote): Workspace =>
  addQuotes({ ...workspace, offers: [...workspace.offers, offer] }, [quote])

/** Takes an own offer or a bundle out, with its prices and its pins. */
export function removeOffer(workspace: Workspace, id: string): Workspace {
  return {
    ...workspace,
    offers: workspace.offers.filter((offer) => offer.id !== id),
    ...(workspace.bundles
      ? { bundles: workspace.bundles.filter((bundle) => bundle.id !== id) }
      : {}),
    quotes: workspace.quotes.filter(({ offer }) => offer !== id),
    pins: workspace.pins.filter(({ offer }) => offer !== id)
  }
}

export const addBundle = (workspace: Workspace, bundle: Bundle, quote: Quote): Workspace =>
  addQuotes({ ...workspace, bundles: [...(workspace.bundles ?? []), bundle] }, [quote])
export const addDeal = (workspace: Workspace, deal: Deal): Workspace => ({
  ...workspace,
  deals: [...(workspace.deals ?? []), deal]
})
export const removeDeal = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  deals: (workspace.deals ?? []).filter((deal) => deal.id !== id)
})
export const addSaleWindow = (workspace: Workspace, sale: SaleWindow): Workspace => ({
  ...workspace,
  saleWindows: [...(workspace.saleWindows ?? []), sale]
})
export const removeSaleWindow = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  saleWindows: (workspace.saleWindows ?? []).filter((sale) => sale.id !== id)
})

/** A leaning towards a tool, or away from it; 1 takes it out. */
export function leanTowards(workspace: Workspace, tool: string, times: number): Workspace {
  const leanings = (workspace.preferences.leanings ?? []).filter((one) => one.tool !== tool)
  return {
    ...workspace,
    preferences: {
      ...workspace.preferences,
      leanings: times === 1 ? leanings : [...leanings, { tool, times }]
    }
  }
}

/** "I need it for …", in place of an earlier test of the same tool. */
export const askNeed = (workspace: Workspace, test: NeedTest): Workspace => ({
  ...workspace,
  needTests: [...(workspace.needTests ?? []).filter(({ tool }) => tool !== test.tool), test]
})
export const endNeed = (workspace: Workspace, tool: string): Workspace => ({
  ...workspace,
  needTests: (workspace.needTests ?? []).filter((test) => test.tool !== tool)
})

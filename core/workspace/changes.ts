import { specsOf, type Method, type Tool } from '../catalogue'
import type { Day } from '../calendar'
import type { LedgerEntry } from '../ledger'
import type { Ban, Item, NeedTest, Pin, Workspace } from './types'
import type { PlannedPurchase } from './plan-types'

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
    [...(workspace.bundles ?? []), ...(workspace.hires ?? [])].some(({ pieces }) =>
      pieces.some(({ tool }) => tool === id)
    )
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
    ...(workspace.watches ? { watches: workspace.watches.filter(({ tool }) => tool !== id) } : {}),
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

import { byDate, type Day } from '../calendar'
import type { Protection, Tool } from '../catalogue'
import { kitOf } from '../fit'
import { issue, leastBy, type Issue } from '../kernel'
import { offerId, soldAs } from '../prices'
import {
  tillOf,
  workspaceHash,
  type Pin,
  type Plan,
  type PlannedPurchase,
  type Workspace,
  type World
} from '../workspace'
import { evaluate } from './evaluate'
import { paymentThen } from './move'

/** A plan of this workspace that does nothing. */
export const emptyPlan = (world: World): Plan => ({
  format: 'frugal-ledger/plan',
  version: 1,
  workspace: { id: world.workspace.id, hash: workspaceHash(world.workspace) },
  libraryVersion: world.library.version,
  asOf: world.asOf,
  until: world.until,
  purchases: [],
  builds: []
})

/** The cheapest protection that can be bought on a day, as a purchase. */
function gearFor(world: World, protection: Protection, date: Day): PlannedPurchase | undefined {
  const gear = (world.library.protectionFor.get(protection) ?? []).flatMap((tool) => {
    const power = tool.forms[0]?.power ?? 'hand'
    const id = offerId({
      tool: tool.id,
      tier: 'weekend',
      condition: 'new',
      acquisition: 'buy',
      power
    })
    const price = paymentThen(world, id, date)
    return price === undefined ? [] : [{ id: `${id}@${date}`, offer: id, count: 1, date, price }]
  })
  return leastBy(gear, ({ price }) => price)
}

/** The tools an offer or a bundle brings. */
function toolsOf(world: World, id: string): Tool[] {
  const sold = soldAs(tillOf(world), id)
  if (!sold) return []
  const ids = 'offer' in sold ? [sold.offer.tool] : sold.bundle.pieces.map(({ tool }) => tool)
  return ids.flatMap((tool) => world.library.tools.get(tool) ?? [])
}

/** Adds a purchase, to the one of the same offer on the same day where there is one. */
function addTo(purchases: PlannedPurchase[], more: PlannedPurchase): void {
  const at = purchases.findIndex(({ id }) => id === more.id)
  const present = purchases[at]
  if (!present) purchases.push(more)
  else
    purchases[at] = {
      ...present,
      count: present.count + more.count,
      price: present.price + more.price
    }
}

/** The pins as purchases, with the protection they need that nobody owns. */
function pinnedPurchases(world: World, pins: readonly Pin[]): PlannedPurchase[] {
  const purchases: PlannedPurchase[] = []
  const protects = new Set(kitOf(world.library, world.workspace.items).protects)
  for (const { offer, count, date } of [...pins].sort(byDate)) {
    const each = paymentThen(world, offer, date)
    if (each === undefined || date < world.asOf || date > world.until) continue
    addTo(purchases, { id: `${offer}@${date}`, offer, count, date, price: each * count })
    const tools = toolsOf(world, offer)
    for (const tool of tools) for (const protection of tool.protects) protects.add(protection)
    for (const protection of tools.flatMap(({ needs }) => needs)) {
      const gear = protects.has(protection) ? undefined : gearFor(world, protection, date)
      if (gear) purchases.push(gear)
      protects.add(protection)
    }
  }
  return purchases
}

const pinRules = (broken: readonly Issue[]): Issue[] =>
  broken.filter(({ path }) => path[0] === 'purchases' || path[0] === 'pins' || path.length === 0)

/** What the pins alone come to. */
function pinsAlone(world: World, pins: readonly Pin[]): Issue[] {
  const only: World = { ...world, workspace: { ...world.workspace, pins } }
  return pinRules(
    evaluate(only, { ...emptyPlan(only), purchases: pinnedPurchases(only, pins) }).broken
  )
}

/** The smallest set of pins (by leaving out one after another) that cannot hold together; empty when all hold. */
export function pinClash(world: World): { pins: readonly Pin[]; broken: readonly Issue[] } {
  let clash = world.workspace.pins
  let broken = pinsAlone(world, clash)
  if (broken.length === 0) return { pins: [], broken: [] }
  for (const pin of clash) {
    const without = clash.filter((other) => other !== pin)
    const still = pinsAlone(world, without)
    if (still.length > 0) [clash, broken] = [without, still]
  }
  return { pins: clash, broken }
}

/**
 * Pins whose day has gone by without the purchase: each is held for today where that can be, together with the others, and let go where
 * not. Undefined where there are none. Codes `pin.carried` and `pin.released`, with the offer and the day it was pinned to.
 */
export function carriedPins(
  world: World
): { readonly workspace: Workspace; readonly notes: readonly Issue[] } | undefined {
  const { asOf, workspace } = world
  const passed = workspace.pins.filter(({ date }) => date < asOf)
  if (passed.length === 0) return undefined
  let pins: readonly Pin[] = workspace.pins.filter(({ date }) => date >= asOf)
  const notes = passed.map((pin) => {
    const there = pins.find(({ offer, date }) => offer === pin.offer && date === asOf)
    const next = [
      ...pins.filter((one) => one !== there),
      { ...pin, count: pin.count + (there?.count ?? 0), date: asOf }
    ]
    const holds = pinsAlone(world, next).length === 0
    if (holds) pins = next
    return issue(holds ? 'pin.carried' : 'pin.released', [], { offer: pin.offer, date: pin.date })
  })
  return { workspace: { ...workspace, pins }, notes }
}

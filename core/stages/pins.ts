import type { Build } from '../builds'
import { EMPTY_SET, entryOfOffer, makeFitter, union, type Buyable, type Fitter, type NeedSet } from '../fit'
import type { Issue } from '../kernel'
import { findOffer, priceOf } from '../prices'
import { workspaceHash, type Pin, type Plan, type World } from '../workspace'
import { Draft } from './draft'
import { evaluate } from './evaluate'

/** A plan under construction with what it has bought or made, and the builds still to be placed. */
export interface Run {
  readonly draft: Draft
  planned: NeedSet
  remaining: Build[]
}

/** Purchases pinned by the user, with the protection they need that nobody owns. */
export function bookPins(run: Run, world: World): void {
  for (const pin of world.workspace.pins) {
    const offer = findOffer(world.pricing, pin.offer)
    const tool = offer && world.library.tools.get(offer.tool)
    const price = offer && priceOf(world.pricing, offer, pin.date)
    if (!offer || !tool || !price || pin.date < world.asOf || pin.date > world.until) continue
    const day = run.draft.dayOf(pin.date)
    const buyable = (run.draft.fitter.market.get(tool.id) ?? []).find(({ id }) => id === offer.id) ?? { id: offer.id, entry: entryOfOffer(tool, offer, 1), atTill: price.tag + price.tax, payment: price.payment, allIn: price.allIn, typical: price.typical, offer }
    buyNow(run, buyable, pin.count, day)
    for (const protection of tool.needs) {
      if (run.draft.kitAt(day).protects.has(protection)) continue
      const gear = (world.library.protectionFor.get(protection) ?? []).flatMap(({ id }) => run.draft.fitter.market.get(id) ?? []).sort((a, b) => a.allIn - b.allIn)[0]
      if (gear) buyNow(run, gear, 1, day)
    }
  }
}

function buyNow(run: Run, buyable: Buyable, count: number, day: number): void {
  run.draft.buy({ offer: buyable.id, count, price: buyable.payment * count }, day, { ...buyable.entry, count })
  const more = (run.planned.get(buyable.id)?.count ?? 0) + count
  run.planned = union(run.planned, new Map([[buyable.id, { buyable, count: more }]]))
}

export function planOf(world: World, draft: Pick<Draft, 'purchases' | 'slots'>): Plan {
  const byDate = <T extends { date: string }>(a: T, b: T): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0)
  return {
    format: 'frugal-ledger/plan',
    version: 1,
    workspace: { id: world.workspace.id, hash: workspaceHash(world.workspace) },
    libraryVersion: world.library.version,
    asOf: world.asOf,
    until: world.until,
    purchases: [...draft.purchases].sort(byDate),
    builds: draft.slots.map(({ planned }) => planned).sort((a, b) => (a.begin < b.begin ? -1 : a.begin > b.begin ? 1 : 0))
  }
}

const pinRules = (broken: readonly Issue[]): Issue[] => broken.filter(({ path }) => path[0] === 'purchases' || path[0] === 'pins' || path.length === 0)

/** What the pins alone come to. */
function pinsAlone(world: World, fitter: Fitter, pins: readonly Pin[]): Issue[] {
  const only: World = { ...world, workspace: { ...world.workspace, pins } }
  const run: Run = { draft: new Draft(only, fitter), planned: EMPTY_SET, remaining: [] }
  bookPins(run, only)
  return pinRules(evaluate(only, planOf(only, run.draft)).broken)
}

/** The smallest set of pins (by leaving out one after another) that cannot hold together; empty when all hold. */
export function pinClash(world: World, fitter: Fitter = makeFitter(world)): { pins: readonly Pin[]; broken: readonly Issue[] } {
  let clash = world.workspace.pins
  let broken = pinsAlone(world, fitter, clash)
  if (broken.length === 0) return { pins: [], broken: [] }
  for (const pin of clash) {
    const without = clash.filter((other) => other !== pin)
    const still = pinsAlone(world, fitter, without)
    if (still.length > 0) [clash, broken] = [without, still]
  }
  return { pins: clash, broken }
}


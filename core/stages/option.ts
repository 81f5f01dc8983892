import type { Build } from '../builds'
import { entriesOf, hourValueOf, type KitTool, type NeedSet } from '../fit'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { buildMaterial, buildWorth } from '../workspace'
import type { Draft, Slot } from './draft'
import { discount, resaleValue, worthWhenDone } from './terms'

/** One thing the planner could do next: a build with the purchases that open it, dated. */
export interface PlanOption {
  readonly build: Build
  readonly set: NeedSet
  /** What is bought, beyond what the draft holds already. */
  readonly buys: readonly { readonly id: string; readonly count: number; readonly payment: Minor; readonly entry: KitTool; readonly resale: number }[]
  readonly buyDay: number
  readonly jigs: readonly { readonly build: Build; readonly slot: Slot }[]
  readonly slot: Slot
  readonly outlay: Minor
  /** Change of the plan's objective. */
  readonly gain: number
}

/** Purchases of a set that the draft has not planned yet. */
function missing(set: NeedSet, planned: NeedSet): PlanOption['buys'] {
  return [...set].flatMap(([id, { buyable, count }]) => {
    const more = count - (planned.get(id)?.count ?? 0)
    if (more <= 0 || buyable.jig) return []
    return [{ id, count: more, payment: buyable.payment * more, entry: { ...buyable.entry, count: more }, resale: resaleValue(buyable.entry, buyable.payment * more) }]
  })
}

/** Jigs of a set in an order in which each can be made; undefined when they wait for one another. */
function scheduleJigs(draft: Draft, jigs: readonly Build[], from: number, bought: readonly KitTool[]): { build: Build; slot: Slot }[] | undefined {
  const done: { build: Build; slot: Slot }[] = []
  const taken = new Map<number, number>()
  let waiting = [...jigs]
  let tools = [...bought]
  let day = from
  while (waiting.length > 0) {
    const before = waiting.length
    for (const build of waiting) {
      const slot = draft.slotFor(build, day, tools, taken)
      if (!slot) continue
      done.push({ build, slot })
      for (const [d, minutes] of slot.minutesByDay) taken.set(d, (taken.get(d) ?? 0) + minutes)
      const yielded = build.yields === undefined ? undefined : draft.fitter.context.library.tools.get(build.yields)
      if (yielded) tools = [...tools, { tool: yielded, tier: 'weekend', condition: 'new', power: 'hand', specs: yielded.specs, count: 1 }]
      day = slot.doneDay
      waiting = waiting.filter((other) => other !== build)
      break
    }
    if (waiting.length === before) return undefined
  }
  return done
}

/**
 * Works out when a build with a set of purchases could happen at the earliest, what it costs and what it brings. All its money is
 * reserved from the day of the purchase. Undefined when money or hours do not suffice within the horizon.
 * @param planned what the draft has bought or made already, by buyable id
 */
export function optionFor(draft: Draft, build: Build, set: NeedSet, planned: NeedSet): PlanOption | undefined {
  const { world } = draft
  const buys = missing(set, planned)
  const jigBuilds = [...set].flatMap(([id, { buyable }]) => (buyable.jig && !planned.has(id) ? [buyable.jig] : []))
  const material = build.log ? 0 : buildMaterial(world, build)
  const payments = sumOf(buys, ({ payment }) => payment)
  const jigMaterial = sumOf(jigBuilds, (jig) => buildMaterial(world, jig))
  const entries = [...entriesOf(new Map([...set].filter(([id, { buyable }]) => !buyable.jig && !planned.has(id)))), ...topUps(set, planned)]
  const jigTools = entriesOf(new Map([...set].filter(([id, { buyable }]) => buyable.jig !== undefined && !planned.has(id))))
  const added = sumOf([...entries, ...jigTools], ({ tool, count }) => tool.storedM2 * count)
  if (added > 0 && added > draft.freeFloor + 1e-9) return undefined
  let outlay = payments + jigMaterial + material
  for (let attempt = 0; attempt < FEE_ATTEMPTS; attempt++) {
    const earliest = draft.affordableFrom(outlay, sleepsUntil(draft, buys))
    if (earliest === undefined) return undefined
    const dated = dateOption(draft, build, jigBuilds, earliest, entries, jigTools)
    if (!dated) return undefined
    const { jigs, slot } = dated
    outlay = payments + sumOf(jigs, (jig) => jig.slot.planned.material) + slot.planned.material
    if (draft.spendable(earliest) < outlay) continue
    const firstUse = Math.min(slot.beginDay, ...jigs.map((jig) => jig.slot.beginDay))
    const buyDay = [draft.paydayBefore(firstUse, earliest), firstUse].find((day) => isGuarded(draft, entries, day))
    if (buyDay === undefined) return undefined
    return { build, set, buys, buyDay, jigs, slot, outlay, gain: gainOf(draft, build, buys, buyDay, jigs, slot) }
  }
  return undefined
}

/** The day from which nothing of a purchase has to be slept on any more; 0 where nothing has. */
function sleepsUntil(draft: Draft, buys: PlanOption['buys']): number {
  const { needTests = [] } = draft.world.workspace
  const dates = needTests.filter(({ tool, until }) => until > draft.world.asOf && buys.some(({ entry }) => entry.tool.id === tool)).map(({ until }) => draft.dayOf(until))
  return Math.max(0, ...dates)
}

/** Whether everything bought on a day has its protection by then, planned before or bought along. */
function isGuarded(draft: Draft, entries: readonly KitTool[], day: number): boolean {
  const needs = new Set(entries.flatMap(({ tool }) => tool.needs))
  for (const { tool } of entries) for (const protection of tool.protects) needs.delete(protection)
  if (needs.size === 0) return true
  const { protects } = draft.kitAt(day)
  return [...needs].every((protection) => protects.has(protection))
}

/** Service fees are known only once the methods are; the money is then looked for again, this many times at most. */
const FEE_ATTEMPTS = 3

/** Slots for the jigs and then the build, from the day the money is there. */
function dateOption(draft: Draft, build: Build, jigBuilds: readonly Build[], earliest: number, entries: readonly KitTool[], jigTools: readonly KitTool[]): Pick<PlanOption, 'jigs' | 'slot'> | undefined {
  const jigs = scheduleJigs(draft, jigBuilds, earliest, entries)
  if (!jigs) return undefined
  const taken = new Map<number, number>()
  for (const { slot } of jigs) for (const [day, minutes] of slot.minutesByDay) taken.set(day, (taken.get(day) ?? 0) + minutes)
  const slot = draft.slotFor(build, Math.max(earliest, ...jigs.map((jig) => jig.slot.doneDay)), [...entries, ...jigTools], taken)
  return slot && { jigs, slot }
}

/**
 * The most an option could gain, before any dates: worth less material and payments at their resale, all of it today or never.
 * Options whose hope is not positive need not be worked out.
 */
export function hopeOf(draft: Draft, build: Build, set: NeedSet, planned: NeedSet): number {
  const { world } = draft
  const worth = build.sale ? build.sale.netEach * build.copies : buildWorth(world, build)
  const leastDiscount = discount(world, world.until) * Math.min(1, world.workspace.money.keptMoneyWorth)
  const spent = sumOf(missing(set, planned), ({ payment, resale }) => payment - resale) + (build.log ? 0 : buildMaterial(world, build))
  return worth - Math.max(0, spent) * leastDiscount
}

/** More of something planned already: six clamps where four are planned. */
const topUps = (set: NeedSet, planned: NeedSet): KitTool[] =>
  [...set].flatMap(([id, { buyable, count }]) => {
    const present = planned.get(id)
    return present && count > present.count && !buyable.jig ? [{ ...buyable.entry, count: count - present.count }] : []
  })

function gainOf(draft: Draft, build: Build, buys: PlanOption['buys'], buyDay: number, jigs: PlanOption['jigs'], slot: Slot): number {
  const { world } = draft
  const { keptMoneyWorth } = world.workspace.money
  const at = (day: number): number => discount(world, draft.dateOf(day))
  const work = (one: Slot): number => at(one.doneDay) * ((one.minutes * hourValueOf(draft.fitter.context, one.fit.build)) / 60 + one.fit.penalties)
  const sold = build.sale ? slot.doneDay + build.sale.daysToSell : slot.doneDay
  const worth = build.sale
    ? sold < draft.days ? at(sold) * build.sale.netEach * build.copies : 0
    : at(slot.doneDay) * worthWhenDone(world, build, draft.dateOf(slot.doneDay))
  const paid = at(buyDay) * sumOf(buys, ({ payment }) => payment) + at(slot.beginDay) * slot.planned.material + sumOf(jigs, (jig) => at(jig.slot.beginDay) * jig.slot.planned.material)
  const resale = discount(world, world.until) * sumOf(buys, (buy) => buy.resale)
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const jigFloor = sumOf(jigs, (jig) => at(jig.slot.doneDay) * (draft.fitter.context.library.tools.get(jig.build.yields ?? '')?.storedM2 ?? 0))
  const space = perM2 === 0 ? 0 : perM2 * (jigFloor + at(buyDay) * sumOf(buys, ({ entry }) => entry.tool.storedM2 * entry.count))
  return worth - space - keptMoneyWorth * paid - work(slot) - sumOf(jigs, (jig) => work(jig.slot)) + resale
}

/** Books an option into the draft. */
export function take(draft: Draft, option: PlanOption): void {
  for (const { id, count, payment, entry } of option.buys) draft.buy({ offer: id, count, price: payment, forBuild: option.build.id }, option.buyDay, entry)
  for (const jig of option.jigs) draft.book(jig.build, jig.slot)
  draft.book(option.build, option.slot)
}


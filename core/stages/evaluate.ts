import { isDone, type Build } from '../builds'
import { checkDay, type Day } from '../calendar'
import { entryOfOffer, fitBuild, fitContext, isUse, jigEntry, kitOf, kitTool, loadOf, makeKit, plainUse, useMethod, type FitContext, type Kit, type KitTool, type MethodUse } from '../fit'
import { issue, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import { findOffer, priceOf, type Offer } from '../prices'
import { buildMaterial, findBuild, workspaceHash, type Plan, type PlannedBuild, type PlannedPurchase, type World } from '../workspace'
import { checkCash, cashMovements, type CashMovement, type DayBalance } from './evaluate-cash'
import { checkHours } from './evaluate-hours'
import { discount, resaleValue, worthWhenDone } from './terms'

/** The objective of a plan, term by term, in minor units at today's worth; costs are negative. */
export interface PlanValue {
  readonly builds: number
  readonly sales: number
  readonly payments: number
  readonly hours: number
  readonly penalties: number
  /** Floor taken by what is bought, at what a square metre counts. */
  readonly space: number
  readonly resale: number
  readonly total: number
}

export interface EvaluatedBuild {
  readonly build: string
  readonly begin: Day
  readonly done: Day
  readonly minutes: number
}

/** What the evaluator says about a plan. It holds exactly when `broken` is empty. */
export interface Report {
  readonly broken: readonly Issue[]
  /** Things worth saying that break no rule: made for an earlier state, another library version. */
  readonly notes: readonly Issue[]
  /** The balance at the end of every day on which it changes, from today on. */
  readonly balances: readonly DayBalance[]
  readonly builds: readonly EvaluatedBuild[]
  readonly value: PlanValue
  readonly spent: Minor
}

interface Acquired {
  readonly entry: KitTool
  readonly from: Day
  readonly until?: Day | undefined
  readonly paid: Minor
}

/** A planned purchase with the offer and price the workspace knows for it. */
interface Priced {
  readonly index: number
  readonly purchase: PlannedPurchase
  readonly offer: Offer
  readonly payment: Minor
  readonly tag: Minor
}

const isDay = (text: string): boolean => checkDay(text).ok

function checkPurchases(world: World, plan: Plan, broken: Issue[]): Priced[] {
  const priced: Priced[] = []
  const ids = new Set<string>()
  plan.purchases.forEach((purchase, index) => {
    const path = ['purchases', index] as const
    if (ids.has(purchase.id)) broken.push(issue('plan.duplicate-id', path, { id: purchase.id }))
    ids.add(purchase.id)
    if (!isDay(purchase.date)) broken.push(issue('day.does-not-exist', [...path, 'date'], { text: purchase.date }))
    else if (purchase.date < world.asOf || purchase.date > world.until) broken.push(issue('plan.date-outside', [...path, 'date'], { date: purchase.date, from: world.asOf, until: world.until }))
    if (!Number.isInteger(purchase.count) || purchase.count < 1) broken.push(issue('plan.count', [...path, 'count'], { count: purchase.count }))
    const offer = findOffer(world.pricing, purchase.offer)
    const price = offer && priceOf(world.pricing, offer, purchase.date)
    if (!offer) broken.push(issue('plan.unknown-offer', [...path, 'offer'], { id: purchase.offer }))
    else if (!price) broken.push(issue('plan.no-price', [...path, 'offer'], { id: purchase.offer }))
    else {
      const payment = price.payment * purchase.count
      if (payment !== purchase.price) broken.push(issue('plan.price-differs', [...path, 'price'], { tool: offer.tool, planned: purchase.price, price: payment }))
      if (world.workspace.bans.some(({ kind, id }) => kind === 'tool' && id === offer.tool)) broken.push(issue('plan.banned', path, { tool: offer.tool }))
      const sleepsUntil = world.workspace.needTests?.find(({ tool }) => tool === offer.tool)?.until
      if (sleepsUntil !== undefined && purchase.date < sleepsUntil) broken.push(issue('plan.not-slept-on', path, { tool: offer.tool, date: purchase.date, until: sleepsUntil }))
      if ((offer.from !== undefined && purchase.date < offer.from) || (offer.until !== undefined && purchase.date > offer.until)) broken.push(issue('plan.offer-not-then', path, { tool: offer.tool, date: purchase.date }))
      priced.push({ index, purchase, offer, payment, tag: price.tag * purchase.count })
    }
  })
  for (const { index, offer, purchase } of priced) {
    const total = sumOf(priced.filter((other) => other.offer.id === offer.id), (other) => other.purchase.count)
    if (offer.single && total > 1 && priced.find((other) => other.offer.id === offer.id)?.index === index) broken.push(issue('plan.only-one', ['purchases', index], { tool: offer.tool, count: purchase.count }))
  }
  return priced
}

/** Everything that is in the workshop at some time, with the days it is there. */
function acquisitions(world: World, plan: Plan, priced: readonly Priced[]): Acquired[] {
  const owned = world.workspace.items.flatMap((item): Acquired[] => {
    const entry = kitTool(world.library, item)
    return entry ? [{ entry, from: '0000-01-01', paid: item.cost }] : []
  })
  const bought = priced.flatMap(({ purchase, offer, tag }): Acquired[] => {
    const tool = world.library.tools.get(offer.tool)
    return tool ? [{ entry: entryOfOffer(tool, offer, purchase.count), from: purchase.date, until: offer.until, paid: tag }] : []
  })
  const made = plan.builds.flatMap(({ build: id, done }): Acquired[] => {
    const build = findBuild(world, id)
    const tool = build?.yields === undefined ? undefined : world.library.tools.get(build.yields)
    return tool ? [{ entry: jigEntry(tool), from: done, paid: 0 }] : []
  })
  return [...owned, ...bought, ...made]
}

const kitBetween = (acquired: readonly Acquired[], from: Day, until: Day): Kit =>
  makeKit(acquired.filter((one) => one.from <= from && (one.until === undefined || one.until >= until)).map(({ entry }) => entry))

/** Protective gear is there no later than the first tool that needs it. */
function checkProtection(world: World, priced: readonly Priced[], acquired: readonly Acquired[], broken: Issue[]): void {
  for (const { index, purchase, offer } of priced) {
    const kit = kitBetween(acquired, purchase.date, purchase.date)
    for (const protection of world.library.tools.get(offer.tool)?.needs ?? [])
      if (!kit.protects.has(protection)) broken.push(issue('plan.protection-late', ['purchases', index], { tool: offer.tool, protection, date: purchase.date }))
  }
}

function checkSpace(world: World, acquired: readonly Acquired[], broken: Issue[]): void {
  const limit = world.workspace.workshop.floorM2
  const added = acquired.filter(({ from }) => from >= world.asOf)
  const taken = sumOf(acquired, ({ entry }) => entry.tool.storedM2 * entry.count)
  if (limit !== undefined && taken > limit + 1e-9 && sumOf(added, ({ entry }) => entry.tool.storedM2) > 0) broken.push(issue('plan.space', [], { taken: Math.round(taken * 100) / 100, limit }))
}

interface CheckedBuild {
  readonly planned: PlannedBuild
  readonly build: Build
  readonly uses: readonly MethodUse[]
  /** Minutes still to be given. */
  readonly minutes: number
  /** Material and fees to be paid on the first day. */
  readonly payment: Minor
}

function checkBuild(world: World, context: FitContext, acquired: readonly Acquired[], planned: PlannedBuild, index: number, broken: Issue[]): CheckedBuild | undefined {
  const path = ['builds', index] as const
  const build = findBuild(world, planned.build)
  if (!build) {
    broken.push(issue('plan.unknown-build', [...path, 'build'], { id: planned.build }))
    return undefined
  }
  if (!isDay(planned.begin) || !isDay(planned.done)) {
    broken.push(issue('day.does-not-exist', path, { text: isDay(planned.begin) ? planned.done : planned.begin }))
    return undefined
  }
  if (isDone(build)) broken.push(issue('plan.build-already-done', path, { build: build.id }))
  if (planned.begin < world.asOf || planned.done > world.until || planned.done < planned.begin)
    broken.push(issue('plan.build-dates', path, { build: build.id, begin: planned.begin, done: planned.done, from: world.asOf, until: world.until }))
  const kit = kitBetween(acquired, planned.begin, planned.done)
  const uses = build.steps.flatMap((step): MethodUse[] => {
    const method = world.library.methods.get(planned.methods[step.id] ?? '')
    if (!method || method.operation !== step.operation) {
      broken.push(issue('plan.no-method', [...path, 'methods', step.id], { build: build.id, operation: step.operation, begin: planned.begin }))
      return []
    }
    const fit = useMethod(context, kit, method, step, build)
    for (const miss of fit.misses) broken.push(issue(`plan.miss.${miss.kind}`, [...path, 'methods', step.id], { build: build.id, method: method.id, begin: planned.begin, ...figuresOf(miss) }))
    return [isUse(fit) ? fit : plainUse(context, fit, loadOf(step, build), build, step)]
  })
  const begun = build.log !== undefined
  const minutes = Math.max(0, Math.ceil(sumOf(uses, (use) => use.minutes)) - (build.log?.minutesSpent ?? 0))
  const payment = begun ? 0 : buildMaterial(world, build) + sumOf(uses, ({ fee }) => fee)
  if (payment !== planned.material) broken.push(issue('plan.material-differs', [...path, 'material'], { build: build.id, planned: planned.material, price: payment }))
  return { planned, build, uses, minutes, payment }
}

const figuresOf = (miss: object): Record<string, string | number> =>
  Object.fromEntries(Object.entries(miss).flatMap(([key, value]): [string, string | number][] => (key === 'kind' ? [] : [[key, Array.isArray(value) ? value.join(', ') : (value as string | number)]])))

function checkPinsAndRepeats(world: World, plan: Plan, broken: Issue[]): void {
  world.workspace.pins.forEach((pin, index) => {
    const kept = sumOf(plan.purchases.filter(({ offer, date }) => offer === pin.offer && date === pin.date), ({ count }) => count)
    if (kept < pin.count) broken.push(issue('plan.pin-not-kept', ['pins', index], { offer: pin.offer, date: pin.date }))
  })
  const seen = new Set<string>()
  plan.builds.forEach(({ build }, index) => {
    if (seen.has(build)) broken.push(issue('plan.build-twice', ['builds', index], { build }))
    seen.add(build)
  })
}

function valueOf(world: World, checked: readonly CheckedBuild[], movements: readonly CashMovement[], acquired: readonly Acquired[]): PlanValue {
  const own = checked.filter(({ build }) => build.sale === undefined)
  const builds = sumOf(own, ({ build, planned }) => discount(world, planned.done) * worthWhenDone(world, build, planned.done))
  const sales = sumOf(movements, ({ kind, date, full }) => (kind === 'sale' ? discount(world, date) * (full ?? 0) : 0))
  const payments = -world.workspace.money.keptMoneyWorth * sumOf(movements, ({ kind, date, amount }) => (kind === 'payment' ? discount(world, date) * -amount : 0))
  const hours = -sumOf(checked, ({ planned, build, minutes }) => (discount(world, planned.done) * minutes * (build.hourValue ?? world.workspace.money.hourValue)) / 60)
  const penalties = -sumOf(checked, ({ planned, uses }) => discount(world, planned.done) * sumOf(uses, ({ penalty }) => penalty))
  const resale = discount(world, world.until) * sumOf(acquired, ({ entry, paid }) => resaleValue(entry, paid))
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const space = perM2 === 0 ? 0 : -perM2 * sumOf(acquired, ({ entry, from }) => (from < world.asOf ? 0 : discount(world, from) * entry.tool.storedM2 * entry.count))
  return { builds, sales, payments, hours, penalties, space, resale, total: builds + sales + payments + hours + penalties + space + resale }
}

/**
 * Replays a plan day by day against the rules of model.md §6 and prices it. Knows nothing of how the plan was made; it is the only
 * judge of what is feasible. Every broken rule is reported, with the place in the plan and the figures.
 */
export function evaluate(world: World, plan: Plan): Report {
  const broken: Issue[] = []
  const notes: Issue[] = []
  if (plan.workspace.id !== world.workspace.id) notes.push(issue('plan.other-workspace', ['workspace', 'id'], { id: plan.workspace.id }))
  else if (plan.workspace.hash !== workspaceHash(world.workspace)) notes.push(issue('plan.older-state', ['workspace', 'hash'], {}))
  if (plan.libraryVersion !== world.library.version) notes.push(issue('plan.other-library', ['libraryVersion'], { made: plan.libraryVersion, now: world.library.version }))
  const context = fitContext(world)
  const priced = checkPurchases(world, plan, broken)
  const acquired = acquisitions(world, plan, priced)
  checkProtection(world, priced, acquired, broken)
  checkSpace(world, acquired, broken)
  checkPinsAndRepeats(world, plan, broken)
  const checked = plan.builds.flatMap((planned, index) => checkBuild(world, context, acquired, planned, index, broken) ?? [])
  checkHours(world, plan, new Map(checked.map(({ planned, minutes }) => [planned, minutes])), broken)
  const movements = cashMovements(
    world,
    priced.map(({ index, purchase, payment }) => ({ path: ['purchases', index], date: purchase.date, amount: payment })),
    checked.map(({ planned, build, payment }) => ({ path: ['builds', plan.builds.indexOf(planned)], date: planned.begin, amount: payment, build, done: planned.done }))
  )
  const balances = checkCash(world, movements, broken)
  return {
    broken,
    notes,
    balances,
    builds: checked.map(({ planned, minutes }) => ({ build: planned.build, begin: planned.begin, done: planned.done, minutes })),
    value: valueOf(world, checked, movements, acquired),
    spent: sumOf(movements, ({ kind, amount }) => (kind === 'payment' ? -amount : 0))
  }
}

/** Builds possible with what is owned at the end of a day if the plan is followed. */
export function possibleAfter(world: World, plan: Plan, day: Day): string[] {
  const priced = checkPurchases(world, plan, [])
  const kit = kitBetween(acquisitions(world, plan, priced), day, day)
  const context = fitContext(world)
  return world.workspace.builds.filter((build) => !isDone(build) && fitBuild(context, kit, build).gaps.length === 0).map(({ id }) => id)
}

/** What is owned at the end of a plan if it is followed. */
export function kitAfter(world: World, plan: Plan): Kit {
  return kitBetween(acquisitions(world, plan, checkPurchases(world, plan, [])), plan.until, plan.until)
}

/** Builds possible today with what is owned. */
export function possibleToday(world: World): string[] {
  const kit = kitOf(world.library, world.workspace.items)
  const context = fitContext(world)
  return world.workspace.builds.filter((build) => !isDone(build) && fitBuild(context, kit, build).gaps.length === 0).map(({ id }) => id)
}

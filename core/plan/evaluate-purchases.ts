import { checkDay, type Day } from '../calendar'
import { botherOf, conditionsOf, entryOfOffer, isRuledOut, tiersOf } from '../fit'
import { distinct, issue, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import { isTaken, lastHired, savingsOn, soldAs, unitOn, type Saving, type Unit } from '../prices'
import { tillOf, type Plan, type PlannedPurchase, type World } from '../workspace'
import { bundlePieces, type Acquired } from './acquired'

/** A planned purchase with what it brings and the price the workspace knows for it. */
export interface Priced {
  readonly index: number
  readonly purchase: PlannedPurchase
  /** What is asked for, for sentences: the tool's id, or the bundle's. */
  readonly tool: string
  readonly brings: readonly Acquired[]
  readonly payment: Minor
  /** What it costs on average, where a sale may come, with what a used one is likely to need in repairs. */
  readonly expected: number
  /** Of that, what is kept back for repairs. */
  readonly keptForRepair: Minor
  /** What bothers about it as it is bought; see `botherOf`. */
  readonly bother: number
  /** One of it on its day. */
  readonly unit: Unit
}

const isDay = (text: string): boolean => checkDay(text).ok

/** What a purchase brings into the workshop. */
function broughtBy(
  world: World,
  { offer, bundle, tag }: Unit,
  purchase: PlannedPurchase,
  index: number
): Acquired[] {
  const { date, count } = purchase
  if (bundle?.hire) {
    const { hire } = bundle
    return bundlePieces(world, bundle, 0, date).map((piece) => ({
      ...piece,
      until: lastHired(hire, date),
      hired: { minutes: hire.minutes * count, purchase: index }
    }))
  }
  if (bundle) return bundlePieces(world, bundle, tag * count, date)
  const tool = offer && world.library.tools.get(offer.tool)
  if (!offer || !tool) return []
  const keeps = offer.acquisition === 'buy' || offer.acquisition === 'gift'
  return [
    {
      entry: entryOfOffer(tool, offer, count),
      from: date,
      // What is bought stays; its last day was the last day to buy it.
      until: keeps ? undefined : offer.until,
      paid: keeps ? tag * count : 0
    }
  ]
}

const botherIn = (world: World, { offer }: Unit): number => {
  const tool = offer && world.library.tools.get(offer.tool)
  return offer && tool ? botherOf(world, tool, offer) : 0
}

/** Price and contents of one purchase; undefined after a sentence saying why not. */
function priced(
  world: World,
  purchase: PlannedPurchase,
  index: number,
  broken: Issue[]
): Priced | undefined {
  const path = ['purchases', index] as const
  const { offer: id, date, count } = purchase
  const till = tillOf(world)
  const unit = unitOn(till, id, date)
  if (!unit) {
    const code = soldAs(till, id) ? 'plan.no-price' : 'plan.unknown-offer'
    broken.push(issue(code, [...path, 'offer'], { id }))
    return undefined
  }
  const payment = unit.payment * count
  const tool = unit.what
  if (payment !== purchase.price)
    broken.push(
      issue('plan.price-differs', [...path, 'price'], {
        tool,
        planned: purchase.price,
        price: payment
      })
    )
  if (unit.offer && !world.library.tools.has(unit.offer.tool)) return undefined
  return {
    index,
    purchase,
    tool,
    unit,
    brings: broughtBy(world, unit, purchase, index),
    payment,
    expected: (unit.expected + unit.repair) * count,
    keptForRepair: unit.repair * count,
    bother: botherIn(world, unit) * count
  }
}

/** The days and the number of a purchase. */
function checkDates(
  world: World,
  { date, count }: PlannedPurchase,
  index: number,
  broken: Issue[]
): void {
  const path = ['purchases', index] as const
  const { asOf, until } = world
  if (!isDay(date)) broken.push(issue('day.does-not-exist', [...path, 'date'], { text: date }))
  else if (date < asOf || date > until)
    broken.push(issue('plan.date-outside', [...path, 'date'], { date, from: asOf, until }))
  if (!Number.isInteger(count) || count < 1)
    broken.push(issue('plan.count', [...path, 'count'], { count }))
}

/** Whether an offer is of a tier, condition or power the user rules out. */
const isOutOfRange = (world: World, { offer }: Unit, first: Acquired | undefined): boolean =>
  offer !== undefined &&
  first !== undefined &&
  isRuledOut(world, offer, conditionsOf(first.entry.tool), tiersOf(world, first.entry.tool))

/** Bans, rulings out, promises to sleep on it, and the days of an offer. */
function checkAllowed(
  world: World,
  { index, tool, unit, brings, purchase }: Priced,
  broken: Issue[]
): void {
  const path = ['purchases', index] as const
  const { bans, needTests = [] } = world.workspace
  const { date } = purchase
  for (const id of distinct(brings.map(({ entry }) => entry.tool.id))) {
    if (bans.some((ban) => ban.kind === 'tool' && ban.id === id))
      broken.push(issue('plan.banned', path, { tool: id }))
    const until = needTests.find((test) => test.tool === id)?.until
    if (until !== undefined && date < until)
      broken.push(issue('plan.not-slept-on', path, { tool: id, date, until }))
  }
  if (isOutOfRange(world, unit, brings[0])) broken.push(issue('plan.ruled-out', path, { tool }))
  const { from, until } = unit.offer ?? unit.bundle?.hire ?? {}
  if ((from !== undefined && date < from) || (until !== undefined && date > until))
    broken.push(issue('plan.offer-not-then', path, { tool, date }))
}

/** What there is only one of is bought once. */
function checkSingles(list: readonly Priced[], broken: Issue[]): void {
  for (const { index, tool, purchase, unit } of list) {
    const same = list.filter((other) => other.purchase.offer === purchase.offer)
    const once =
      unit.offer?.single === true ||
      (unit.bundle !== undefined && (unit.bundle.hire === undefined || isTaken(unit.bundle)))
    if (once && sumOf(same, (other) => other.purchase.count) > 1 && same[0]?.index === index)
      broken.push(issue('plan.only-one', ['purchases', index], { tool, count: purchase.count }))
  }
}

/** Rules of each purchase by itself: dates, counts, prices, bans, need tests. */
export function checkPurchases(world: World, plan: Plan, broken: Issue[]): Priced[] {
  const list: Priced[] = []
  const ids = new Set<string>()
  plan.purchases.forEach((purchase, index) => {
    const path = ['purchases', index] as const
    if (ids.has(purchase.id)) broken.push(issue('plan.duplicate-id', path, { id: purchase.id }))
    ids.add(purchase.id)
    checkDates(world, purchase, index, broken)
    const one = priced(world, purchase, index, broken)
    if (!one) return
    checkAllowed(world, one, broken)
    list.push(one)
  })
  checkSingles(list, broken)
  return list
}

/** What the deals of one day take off, worked out from its purchases. */
export const savedOn = (world: World, list: readonly Priced[], date: Day): Saving[] =>
  savingsOn(
    tillOf(world),
    date,
    list
      .filter(({ purchase }) => purchase.date === date)
      .map(({ unit, purchase }) => ({ unit, count: purchase.count }))
  )

/** Savings a plan counts on must be what the deals of that day really take off. */
export function checkSavings(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  broken: Issue[]
): void {
  const { savings = [] } = plan
  savings.forEach(({ deal, date, amount }, index) => {
    const real = savedOn(world, list, date).find((one) => one.deal === deal)?.amount ?? 0
    const first = savings.findIndex((other) => other.deal === deal && other.date === date)
    const price = first === index ? real : 0
    if (price !== amount)
      broken.push(
        issue('plan.saving-differs', ['savings', index], { deal, planned: amount, price, date })
      )
  })
}

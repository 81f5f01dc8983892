import { byDate, type Day } from '../calendar'
import type { Condition, Tool } from '../catalogue'
import { distinct, sumOf } from '../kernel'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { Plan, World } from '../workspace'
import { evaluate } from '../plan'

/** What to look at before a tool is bought; the words stand with the interface. Common practice for used tools. */
export const CHECKS = [
  'runs',
  'cord',
  'pack',
  'bearings',
  'guard',
  'fence',
  'flat',
  'square',
  'edge',
  'jaws',
  'parts',
  'size'
] as const
export type Check = (typeof CHECKS)[number]

/** Checks for a tool in a condition: on a new one only that it is the right size and all is in the box. */
export function checksFor(tool: Tool, condition: Condition, cordless: boolean): Check[] {
  const powered = tool.forms.some(({ power }) => power !== 'hand')
  const has = (...groups: readonly Tool['group'][]): boolean => groups.includes(tool.group)
  const wear: Check[] = [
    ...(powered ? (['runs', cordless ? 'pack' : 'cord', 'bearings'] as const) : []),
    ...(powered && tool.hazard !== null ? (['guard'] as const) : []),
    ...(has('machines') ? (['fence', 'flat'] as const) : []),
    ...(has('planes') ? (['flat', 'edge'] as const) : []),
    ...(has('chisels', 'saws') && !powered ? (['edge'] as const) : []),
    ...(has('measuring') ? (['square'] as const) : []),
    ...(has('clamps') ? (['jaws'] as const) : [])
  ]
  return [
    ...(condition === 'new' ? [] : wear),
    'parts',
    ...(Object.keys(tool.specs).length > 0 ? (['size'] as const) : [])
  ]
}

/** Beyond this many times the planned price, looking further is the better choice even where the money is there. A judgement: a fifth more. */
export const FAIR_TIMES = 1.2

export interface PocketLine {
  readonly id: string
  readonly offer: string
  readonly tool: string | undefined
  readonly count: number
  readonly date: Day
  readonly price: Minor
  /** The most to pay for it, all in, if everything else stays as planned; never more than a fifth over the plan. */
  readonly upTo: Minor
  /** Which of the two limits it is. */
  readonly limit: 'money' | 'fair'
  readonly checks: readonly Check[]
  readonly forBuild: string | undefined
  readonly caution: string | undefined
}

/**
 * What to carry to the shop: the purchases ahead, up to which price each still holds, and what to look at. A dearer one must leave the
 * balance of every later day at or above the reserve.
 * @param days how many dates of purchases ahead
 */
export function pocketList(world: World, plan: Plan, days = 3): PocketLine[] {
  const { balances } = evaluate(world, plan)
  const reserve = world.workspace.money.reserve
  const dates = [...new Set(plan.purchases.map(({ date }) => date))].sort().slice(0, days)
  return plan.purchases
    .filter(({ date }) => dates.includes(date))
    .sort((a, b) => byDate(a, b) || b.price - a.price)
    .map(({ id, offer: offerId, count, date, price, forBuild }): PocketLine => {
      const offer = findOffer(world.pricing, offerId)
      const tool = offer && world.library.tools.get(offer.tool)
      const before = balances.filter((one) => one.date <= date).at(-1)?.balance ?? world.balance
      const least = Math.min(
        before,
        ...balances.filter((one) => one.date >= date).map(({ balance }) => balance)
      )
      const money = price + Math.max(0, least - reserve)
      const fair = Math.floor(price * FAIR_TIMES)
      return {
        id,
        offer: offerId,
        tool: tool?.id,
        count,
        date,
        price,
        upTo: Math.min(money, fair),
        limit: money < fair ? 'money' : 'fair',
        forBuild,
        caution: tool?.caution,
        checks: tool ? checksFor(tool, offer.condition, offer.power === 'cordless') : []
      }
    })
}

export interface PocketDay {
  readonly date: Day
  readonly lines: readonly PocketLine[]
  /** What deals take off on that day. */
  readonly saved: Minor
  /** What the day comes to at the planned prices, with what deals take off. */
  readonly total: Minor
}

/** The list by the day of the purchase. @param savings what the plan's deals take off */
export function pocketDays(
  lines: readonly PocketLine[],
  savings: Plan['savings'] = []
): PocketDay[] {
  return distinct(lines.map(({ date }) => date)).map((date) => {
    const ofDay = lines.filter((line) => line.date === date)
    const saved = sumOf(
      savings.filter((one) => one.date === date),
      ({ amount }) => amount
    )
    return { date, lines: ofDay, saved, total: sumOf(ofDay, ({ price }) => price) - saved }
  })
}

/** What a price on the tag means for the plan. */
export interface Seen {
  /**
   * `planned`: not dearer than the plan expects. `holds`: dearer, and the plan still holds. `not-there`: the money is not there on the day.
   * `look-elsewhere`: the money is there, but it is a fifth over the plan or more.
   */
  readonly kind: 'planned' | 'holds' | 'not-there' | 'look-elsewhere'
  /** Against the planned price, for all of the line; below zero where it is cheaper. */
  readonly over: Minor
  /** Against the most to pay; above zero where it is too much. */
  readonly tooMuch: Minor
}

/** Weighs a price seen in the shop. @param each price of one piece, all in; the line is for `count` of them */
export function seenPrice(
  line: Pick<PocketLine, 'count' | 'price' | 'upTo' | 'limit'>,
  each: Minor
): Seen {
  const asked = each * line.count
  const over = asked - line.price
  const tooMuch = asked - line.upTo
  const beyond = line.limit === 'money' ? 'not-there' : 'look-elsewhere'
  return { kind: over <= 0 ? 'planned' : tooMuch <= 0 ? 'holds' : beyond, over, tooMuch }
}

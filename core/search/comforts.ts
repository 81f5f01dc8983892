import { byDate, type Day } from '../calendar'
import type { Tool } from '../catalogue'
import type { Buyable } from '../fit'
import { evaluate, paymentThen, purchaseDays, withSavings } from '../plan'
import { findOffer } from '../prices'
import type { Plan, PlannedPurchase } from '../workspace'
import type { Problem } from './problem'
import type { Settled } from './settle'

/** A plan with more is taken where it is worth at least so much more, minor units. */
const WORTH_WHILE = 1

/** Tools there are: owned, or bought by a plan. */
function toolsIn({ world, sources }: Problem, plan: Plan): Tool[] {
  const bought = plan.purchases.flatMap(
    ({ offer }) => world.library.tools.get(findOffer(world.pricing, offer)?.tool ?? '') ?? []
  )
  return [...sources.kit.tools.map(({ tool }) => tool), ...bought]
}

/** The cheapest way to buy one of some tools. */
const cheapestOf = ({ sources }: Problem, tools: readonly string[]): Buyable | undefined =>
  tools
    .flatMap((id) => sources.market.get(id) ?? [])
    .filter(({ offer }) => offer !== undefined && offer.acquisition === 'buy')
    .sort((a, b) => a.payment - b.payment)[0]

/** Protection and companions a tool cannot go without and that are not there yet; undefined where one cannot be had. */
function alongWith(problem: Problem, plan: Plan, tool: Tool): string[] | undefined {
  const { library } = problem.world
  const here = toolsIn(problem, plan)
  const lists = [
    ...tool.needs
      .filter((need) => !here.some(({ protects }) => protects.includes(need)))
      .map((need) => (library.protectionFor.get(need) ?? []).map(({ id }) => id)),
    ...tool.companions
      .filter(({ kind, anyOf }) => kind === 'needed' && !here.some(({ id }) => anyOf.includes(id)))
      .map(({ anyOf }) => anyOf)
  ]
  const offers = lists.map((list) => cheapestOf(problem, list)?.id)
  return offers.every((one) => one !== undefined) ? [...new Set(offers)] : undefined
}

/** The first day of buying from which so much can be spared until the end; undefined where there is none. */
function firstDayFor({ world }: Problem, { report }: Settled, price: number): Day | undefined {
  const { reserve } = world.workspace.money
  const poor = report.balances.filter(({ balance }) => balance - price < reserve).at(-1)
  return purchaseDays(world).find((day) => poor === undefined || day > poor.date)
}

/** A plan with one choice more, and what it cannot go without; undefined where that is not to be had, or not worth while. */
function withChoice(problem: Problem, settled: Settled, choice: number): Settled | undefined {
  const { world, choices } = problem
  const { id, entries } = choices[choice]!
  const along = alongWith(problem, settled.plan, entries[0]!.tool)
  if (!along || settled.plan.purchases.some(({ offer }) => offer === id)) return undefined
  const priceOn = (day: Day): number[] =>
    [id, ...along].map((offer) => paymentThen(world, offer, day) ?? Infinity)
  const total = (day: Day): number => priceOn(day).reduce((sum, one) => sum + one, 0)
  const day = firstDayFor(problem, settled, total(world.asOf))
  if (day === undefined || !Number.isFinite(total(day))) return undefined
  const prices = priceOn(day)
  const more = [id, ...along].map((offer, i): PlannedPurchase => ({
    id: `${offer}@${day}`,
    offer,
    count: 1,
    date: day,
    price: prices[i]!
  }))
  const plan = withSavings(world, {
    ...settled.plan,
    purchases: [...more, ...settled.plan.purchases].sort(byDate)
  })
  const report = evaluate(world, plan)
  return report.broken.length === 0 &&
    report.value.total >= settled.report.value.total + WORTH_WHILE
    ? { plan, report }
    : undefined
}

/**
 * The plan with what is worth having though no build asks for it, from the money the builds leave: wishes, places to keep tools, light;
 * what brings most for its price first.
 */
export function withComforts(problem: Problem, settled: Settled): Settled {
  const { choices, comforts } = problem
  if (comforts.length === 0 || settled.report.broken.length > 0) return settled
  const ranked = comforts
    .map(({ choice, worth }) => {
      const { value, payment } = choices[choice]!
      const net = worth + Math.max(...value)
      return { choice, net, rate: net / Math.max(1, Math.min(...payment)) }
    })
    .filter(({ net }) => net > 0)
    .sort((a, b) => b.rate - a.rate)
  let best = settled
  for (const { choice } of ranked) best = withChoice(problem, best, choice) ?? best
  return best
}

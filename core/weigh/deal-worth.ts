import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { basketOn, dealSaving, findOffer, offerId, priceOf, type Deal } from '../prices'
import { tillOf, type Plan, type World } from '../workspace'

/** What a buy-several deal is worth to somebody, by the piece. */
export interface DealWorth {
  /** Pieces of it that would be bought anyway, and how many of them it makes something of. */
  readonly wanted: number
  readonly gain: number
  /** Taken off when these are bought together, minor units. */
  readonly saved: Minor
  /** Where one more or a few would have to be bought for it to take anything, or anything more, off: how many, of which tool, and what that costs in the end; below 0 where they cost less than nothing. */
  readonly more:
    { readonly pieces: number; readonly tool: string; readonly costs: Minor } | undefined
  /** The day the plan buys them together, and what it saves by that. */
  readonly planned: { readonly date: Day; readonly saved: Minor } | undefined
}

/** Prices of the pieces a deal holds for that are bought anyway, new ones only. */
function wantedPrices(world: World, deal: Deal, plan: Plan | undefined): Minor[] {
  return (plan?.purchases ?? []).flatMap(({ offer: id, count, price }) => {
    const offer = findOffer(world.pricing, id)
    const holds =
      offer?.condition === 'new' && offer.acquisition === 'buy' && deal.tools.includes(offer.tool)
    return holds ? Array.from({ length: count }, () => Math.round(price / count)) : []
  })
}

/** The cheapest thing a deal holds for, of the tier that is wished. */
function cheapestOf(
  { pricing, workspace, library, asOf }: World,
  { tools }: Deal
): { tool: string; price: Minor } | undefined {
  const { tier } = workspace.preferences
  return tools
    .flatMap((tool) => {
      const power = library.tools.get(tool)?.forms[0]?.power
      const id = offerId({
        tool,
        tier,
        condition: 'new',
        acquisition: 'buy',
        power: power ?? 'hand'
      })
      const offer = findOffer(pricing, id)
      const price = offer && priceOf(pricing, offer, asOf)?.tag
      return price === undefined ? [] : [{ tool, price }]
    })
    .sort((a, b) => a.price - b.price)[0]
}

const plannedDay = (world: World, deal: Deal, plan: Plan | undefined): DealWorth['planned'] => {
  const till = { ...tillOf(world), deals: [deal] }
  const days = [...new Set((plan?.purchases ?? []).map(({ date }) => date))].sort()
  for (const date of days) {
    const lines = (plan?.purchases ?? [])
      .filter((one) => one.date === date)
      .map(({ offer, count }) => ({ id: offer, count }))
    const saved = sumOf(basketOn(till, date, lines).savings, ({ amount }) => amount)
    if (saved > 0) return { date, saved }
  }
  return undefined
}

/** What a deal is worth: of the pieces it holds for only those count that would be bought anyway. */
export function dealWorth(world: World, deal: Deal, plan: Plan | undefined): DealWorth {
  const prices = wantedPrices(world, deal, plan)
  const group = deal.buy + deal.free
  const saved = dealSaving(deal, prices)
  const groups = Math.min(Math.floor(prices.length / group), deal.most ?? Infinity)
  // A last group is paid in part: so many of it are still free.
  const rest = groups < (deal.most ?? Infinity) ? prices.length - groups * group : 0
  const gain = groups * group + (rest > deal.buy ? rest : 0)
  const cheapest = cheapestOf(world, deal)
  const pieces = rest > 0 ? group - rest : 0
  const all = [...prices, ...Array.from({ length: pieces }, () => cheapest?.price ?? 0)]
  return {
    wanted: prices.length,
    gain,
    saved,
    more:
      pieces > 0 && cheapest
        ? {
            pieces,
            tool: cheapest.tool,
            costs: pieces * cheapest.price - (dealSaving(deal, all) - saved)
          }
        : undefined,
    planned: plannedDay(world, deal, plan)
  }
}

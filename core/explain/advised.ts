import type { Day } from '../calendar'
import { tierRank } from '../catalogue'
import { kitOf, marketOf, type Buyable } from '../fit'
import type { Minor } from '../money'
import { rulesBroken, purchaseDays, paymentThen } from '../plan'
import { findOffer } from '../prices'
import { clearing, dustOfMachine } from '../safety'
import type { Plan, PlannedPurchase, World } from '../workspace'

/** A companion that is advised with a tool, and neither there nor planned. */
export interface Advised {
  readonly tool: string
  readonly offer: string
  readonly price: Minor
  /** Why, in the library's words. */
  readonly why: string
  /** The first day on which the plan can pay for it as well, no earlier than its tool; undefined where it never can. */
  readonly date: Day | undefined
  /** What it does to the dustiest evening at the machine: the build, and the room's air without and with it, mg/m³. */
  readonly dust?: { readonly build: string; readonly from: number; readonly to: number } | undefined
}

/** The first day from another on which a plan can pay for one thing more. */
function firstDay(world: World, plan: Plan, { id }: Buyable, from: Day): Day | undefined {
  const before = rulesBroken(world, plan).length
  return purchaseDays(world)
    .filter((day) => day >= from)
    .find((date) => {
      const price = paymentThen(world, id, date)
      if (price === undefined) return false
      const one = { id: `advised/${id}@${date}`, offer: id, count: 1, date, price }
      return rulesBroken(world, { ...plan, purchases: [...plan.purchases, one] }).length <= before
    })
}

/** Companions advised with a purchase's tool of which none is owned or planned: of each the cheapest that is no plainer than wished, with its reason. */
export function advisedWith(world: World, plan: Plan, purchase: PlannedPurchase): Advised[] {
  const advised = companionsAdvised(world, plan, purchase)
  const against = againstDust(world, plan, purchase)
  if (!against) return advised
  const known = advised.some(({ tool }) => tool === against.tool)
  return known
    ? advised.map((one) => (one.tool === against.tool ? { ...one, dust: against.dust } : one))
    : [...advised, against]
}

/** What clears the air of the dust the tool will make, where that is too much: announced before the tool is there. */
function againstDust(world: World, plan: Plan, purchase: PlannedPurchase): Advised | undefined {
  const machine = findOffer(world.pricing, purchase.offer)?.tool
  const ahead = machine === undefined ? undefined : dustOfMachine(world, plan, machine)
  const clear = ahead && clearing(ahead)
  const sold =
    clear &&
    marketOf(world)
      .get(clear.tool)
      ?.find(({ id }) => id === clear.offer)
  if (!ahead || !clear || !sold) return undefined
  return {
    tool: clear.tool,
    offer: clear.offer,
    price: clear.price,
    why: '',
    date: firstDay(world, plan, sold, world.asOf),
    dust: { build: ahead.build, from: ahead.air, to: clear.air }
  }
}

function companionsAdvised(world: World, plan: Plan, purchase: PlannedPurchase): Advised[] {
  const { library, workspace, pricing } = world
  const tool = library.tools.get(findOffer(pricing, purchase.offer)?.tool ?? '')
  const wanted = tool?.companions.filter(({ kind }) => kind === 'advised') ?? []
  if (wanted.length === 0) return []
  const here = new Set([
    ...kitOf(library, workspace.items).tools.map((one) => one.tool.id),
    ...plan.purchases.flatMap(({ offer }) => findOffer(pricing, offer)?.tool ?? []),
    ...plan.builds.flatMap(
      ({ build }) => library.templates.get(build.replace('make/', ''))?.yields ?? []
    )
  ])
  const market = marketOf(world)
  const wished = tierRank(workspace.preferences.tier)
  return wanted.flatMap(({ anyOf, why }) => {
    if (anyOf.some((id) => here.has(id))) return []
    const offers = anyOf
      .flatMap((id) => market.get(id) ?? [])
      .filter(({ offer }) => offer?.acquisition === 'buy')
      .sort((a, b) => a.payment - b.payment)
    // A better blade of the plainest make is none.
    const best = offers.find(({ entry }) => tierRank(entry.tier) >= wished) ?? offers[0]
    if (!best) return []
    return [
      {
        tool: best.entry.tool.id,
        offer: best.id,
        price: best.payment,
        why,
        date: firstDay(world, plan, best, purchase.date)
      }
    ]
  })
}

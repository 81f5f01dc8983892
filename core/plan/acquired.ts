import { specsOf } from '../catalogue'
import type { Day } from '../calendar'
import { floorRuleOf, jigEntry, kitTool, makeKit, type Kit, type KitTool } from '../fit'
import { distinct, issue, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import { findOffer, offerId, priceOf, type Bundle, type BundlePiece } from '../prices'
import { findBuild, type Plan, type World } from '../workspace'
import type { Priced } from './evaluate-purchases'
import type { Resold } from './resale'

/** One tool that comes into the workshop, with the days it is there. */
export interface Acquired {
  readonly entry: KitTool
  readonly from: Day
  /** Last day for what is hired or borrowed. */
  readonly until?: Day | undefined
  /** Of what is hired in stretches: how many minutes of work the stretch holds, and which purchase brought it. What needs it is done in its days, the rest of a build may come after. */
  readonly hired?: { readonly minutes: number; readonly purchase: number } | undefined
  /** The day it is sold because something at least as good has taken its place; what is under way then goes on with that. */
  readonly sold?: Day | undefined
  readonly paid: Minor
  readonly item?: string | undefined
}

/** The tag of a bundle's piece by itself, without any sale: what its share of the bundle goes by. */
function priceOfPiece(
  world: World,
  { tool, tier, condition, power }: BundlePiece,
  day: Day
): Minor {
  const id = offerId({ tool, tier, condition, acquisition: 'buy', power })
  const offer = findOffer(world.pricing, id)
  return (offer && priceOf(world.pricing, offer, day)?.tag) ?? 0
}

/** What the pieces of a bundle are, as kit entries, with what each is reckoned to have cost: its share by typical prices. */
export function bundlePieces(world: World, bundle: Bundle, paid: Minor, date: Day): Acquired[] {
  const pieces = bundle.pieces.flatMap((piece) => {
    const tool = world.library.tools.get(piece.tool)
    if (!tool) return []
    const { tier, condition, power, platform, count } = piece
    const price = priceOfPiece(world, piece, date)
    return [
      {
        entry: {
          tool,
          tier,
          condition,
          power,
          platform,
          specs: specsOf(tool, tier),
          count,
          ...(bundle.hire?.elsewhere ? { elsewhere: true } : {})
        },
        weight: price * count
      }
    ]
  })
  const total = sumOf(pieces, ({ weight }) => weight)
  return pieces.map(({ entry, weight }) => ({
    entry,
    from: date,
    paid: total > 0 ? Math.floor((paid * weight) / total) : 0
  }))
}

/** Everything that is in the workshop at some time, with the days it is there. */
export function acquisitions(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  resold: readonly Resold[] = []
): Acquired[] {
  const owned = world.workspace.items.flatMap((item): Acquired[] => {
    const entry = kitTool(world.library, item)
    const sold = resold.find((one) => one.item === item.id)
    return entry
      ? [
          {
            entry,
            from: '0000-01-01',
            paid: item.cost,
            item: item.id,
            ...(sold ? { sold: sold.date } : {})
          }
        ]
      : []
  })
  const made = plan.builds.flatMap(({ build: id, done }): Acquired[] => {
    const build = findBuild(world, id)
    const tool = build?.yields === undefined ? undefined : world.library.tools.get(build.yields)
    return tool ? [{ entry: jigEntry(tool), from: done, paid: 0 }] : []
  })
  return [...owned, ...list.flatMap(({ brings }) => brings), ...made]
}

export const kitBetween = (acquired: readonly Acquired[], from: Day, until: Day): Kit =>
  makeKit(
    acquired
      .filter(
        (one) =>
          one.from <= from &&
          (one.until === undefined || one.until >= (one.hired ? from : until)) &&
          (one.sold === undefined || from < one.sold)
      )
      .map(({ entry }) => entry)
  )

/** Protective gear is there no later than the first tool that needs it. */
export function checkProtection(
  list: readonly Priced[],
  acquired: readonly Acquired[],
  broken: Issue[]
): void {
  for (const { index, purchase, brings } of list) {
    const kit = kitBetween(acquired, purchase.date, purchase.date)
    for (const { entry } of brings)
      for (const protection of entry.tool.needs)
        if (!kit.protects.has(protection))
          broken.push(
            issue('plan.protection-late', ['purchases', index], {
              tool: entry.tool.id,
              protection,
              date: purchase.date
            })
          )
  }
}

/** Stored tools never take more floor than there is, and all find a place in a room that is drawn; what was too much before the plan is not the plan's fault. */
export function checkSpace(world: World, acquired: readonly Acquired[], broken: Issue[]): void {
  const rule = floorRuleOf(world)
  if (!rule) return
  const amount = ({ entry }: Acquired): number => rule.amountOf(entry.tool) * entry.count
  const takenOn = (day: Day): number =>
    sumOf(
      acquired.filter(
        ({ from, until, sold, hired }) =>
          !hired &&
          from <= day &&
          (until === undefined || until > day) &&
          (sold === undefined || sold > day)
      ),
      amount
    )
  const coming = acquired.filter((one) => one.from >= world.asOf && amount(one) > 0)
  for (const day of distinct(coming.map(({ from }) => from)).sort()) {
    const taken = takenOn(day)
    if (rule.goes(taken)) continue
    const { limitM2: limit } = rule
    const tool = coming.find(({ from }) => from === day)?.entry.tool.id ?? ''
    broken.push(
      limit === undefined
        ? issue('plan.no-place', [], { tool, date: day })
        : issue('plan.space', [], { taken: Math.round(taken * 100) / 100, limit, date: day })
    )
    return
  }
}

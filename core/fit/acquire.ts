import type { Method, Step } from '../catalogue'
import type { FitContext } from './fit-context'
import type { Buyable, Market } from './buyables'
import type { Dominance } from './dominance'
import { bringsPacks, lackingCompanions, lackingProtection } from './kernel'
import { countOf, type Kit, type KitTool } from './kit'
import { packCombine, packOne, type Pack, type Register } from './packs'

export interface NeedContext {
  readonly fit: FitContext
  readonly kit: Kit
  readonly market: Market
  /** Tools that another tool makes needless: see `dominance.ts`. */
  readonly dominates: Dominance
  /** Needed sets of a shop-made tool's own build; empty when it cannot be made. */
  readonly jigWays: (buyable: Buyable) => readonly Pack[]
  /** `stepNeeds`, remembered. */
  readonly needsOf: (step: Step) => readonly Pack[]
  readonly register: Register
  /** What `acquire` and `companionFamilies` have worked out so far. */
  readonly known: Map<string, Pack[]>
}

/** Ways to come by `count` of one purchase, with all it needs beside it. */
export function acquire(
  context: NeedContext,
  buyable: Buyable,
  count: number,
  method: Method
): Pack[] {
  const { operation, protection = [] } = method
  const key = `${buyable.id}|${count}|${operation}|${protection.join()}`
  const known = context.known.get(key)
  if (known) return known
  const bodies = packOne(
    context.register,
    buyable,
    buyable.jig ? 1 : Math.ceil(count / buyable.entry.count)
  )
  const families = [
    [bodies],
    ...companionFamilies(context, buyable.entry, method),
    ...(buyable.jig ? [context.jigWays(buyable)] : [])
  ]
  const found = families.some((family) => family.length === 0)
    ? []
    : packCombine(context.register, families)
  context.known.set(key, found)
  return found
}

/** The cheapest offer of each tool, without tools that another of them makes needless. */
const cheapestOf = (context: NeedContext, tools: readonly string[], packs?: true): Buyable[] =>
  context.dominates.spared(
    tools.flatMap((id) =>
      (context.market.get(id) ?? []).filter(({ entry }) => !packs || bringsPacks(entry)).slice(0, 1)
    )
  )

/**
 * What has to be bought along with a tool: companions not owned and protection not owned, one family for each. A companion brings
 * its own protection with it, but not its own companions: packs taken from a drill do not need the drill's bits.
 */
export function companionFamilies(
  context: NeedContext,
  entry: KitTool,
  method: Method
): (readonly Pack[])[] {
  const companions = lackingCompanions(context.kit, entry, method.operation).map(
    ({ anyOf, count, packs }) =>
      cheapestOf(context, anyOf, packs).flatMap((buyable) => {
        const lacking = count - countOf(context.kit, buyable.entry.tool.id)
        const families = [
          [packOne(context.register, buyable, lacking)],
          ...protectionFamilies(context, buyable.entry),
          ...(buyable.jig ? [context.jigWays(buyable)] : [])
        ]
        return families.some((family) => family.length === 0)
          ? []
          : packCombine(context.register, families)
      })
  )
  return [...companions, ...protectionFamilies(context, entry, method)]
}

const protectionFamilies = (
  context: NeedContext,
  entry: KitTool,
  method?: Method
): (readonly Pack[])[] =>
  lackingProtection(context.kit, entry.tool, method).map((protection) => {
    const gear = context.fit.library.protectionFor.get(protection) ?? []
    return cheapestOf(
      context,
      gear.map(({ id }) => id)
    ).map((buyable) => packOne(context.register, buyable, 1))
  })

import { isDone } from '../builds'
import type { Power, Protection } from '../catalogue'
import { daysBetween, type Day } from '../calendar'
import { countOf, hasCompanion, kitOf, type Kit } from '../fit'
import { standing } from '../ledger'
import type { Minor } from '../money'
import { findOffer, type Quote } from '../prices'
import { runOut } from '../safety'
import type { Receipt, World } from '../workspace'
import { watchedIn } from './watches'

/** A quote older than this is stale. Prices move weekly; half a year is common practice for a plan. */
export const STALE_AFTER_DAYS = 180

/** The end of a warranty is said this many days before it. */
export const WARRANTY_WARNING_DAYS = 30

/** Something that waits for the user. */
export type Due =
  /** Money that was to come in or go out by today, and of which the ledger says nothing. */
  | { readonly kind: 'receipt'; readonly receipt: Receipt; readonly today: boolean }
  | {
      readonly kind: 'unprotected'
      readonly tool: string
      readonly protections: readonly Protection[]
    }
  | { readonly kind: 'companion'; readonly tool: string; readonly anyOf: readonly string[] }
  | {
      readonly kind: 'stale-quote'
      readonly quote: string
      readonly tool: string
      readonly price: Minor
      readonly date: Day
      readonly days: number
    }
  | { readonly kind: 'late-build'; readonly build: string; readonly wished: Day }
  | {
      readonly kind: 'slept-on'
      readonly tool: string
      readonly build: string
      readonly until: Day
    }
  | {
      readonly kind: 'warranty'
      readonly tool: string
      readonly until: Day
      readonly entry: string
    }
  /** A used tool that was bought, with what is still to be looked at. */
  | {
      readonly kind: 'checks'
      readonly item: string
      readonly tool: string
      readonly power: Power
      readonly checks: readonly string[]
    }
  /** A price is low enough for what is watched, or it is time to look again. */
  | {
      readonly kind: 'watch-met'
      readonly watch: string
      readonly tool: string
      readonly upTo: Minor
      readonly price: Minor
      readonly date: Day
    }
  | {
      readonly kind: 'watch-look'
      readonly watch: string
      readonly tool: string
      readonly upTo: Minor
      readonly days: number
    }
  /** Filters, masks or plugs that are used up by the log. */
  | {
      readonly kind: 'run-out'
      readonly item: string
      readonly tool: string
      readonly hours: number
      readonly lasts: number
    }
  | { readonly kind: 'below-reserve'; readonly balance: Minor; readonly reserve: Minor }

/** Owned tools that something is missing beside: protection, or what they cannot do without. */
function lackingBeside(kit: Kit): Due[] {
  const owned = [...new Set(kit.tools.map(({ tool }) => tool))]
  const unprotected = owned.flatMap((tool): Due[] => {
    const protections = tool.needs.filter((protection) => !kit.protects.has(protection))
    return protections.length > 0 ? [{ kind: 'unprotected', tool: tool.id, protections }] : []
  })
  const companions = kit.tools
    .filter(({ tool }, i) => kit.tools.findIndex((other) => other.tool === tool) === i)
    .flatMap(({ tool, power }) =>
      tool.companions.flatMap((companion): Due[] =>
        companion.kind === 'needed' &&
        (!companion.packs || power === 'cordless') &&
        !hasCompanion(kit, companion)
          ? [{ kind: 'companion', tool: tool.id, anyOf: companion.anyOf }]
          : []
      )
    )
  return [...unprotected, ...companions]
}

/** Prices of things still wanted that were seen long ago, the newest of each. */
function staleQuotes({ pricing, asOf }: World, kit: Kit): Due[] {
  const newest = new Map<string, Quote>()
  for (const quote of pricing.quotes) {
    const best = newest.get(quote.offer)
    if (!best || quote.date > best.date) newest.set(quote.offer, quote)
  }
  return [...newest.values()].flatMap((quote): Due[] => {
    const tool = findOffer(pricing, quote.offer)?.tool
    const days = daysBetween(quote.date, asOf)
    const has = tool !== undefined && countOf(kit, tool) > 0
    return tool !== undefined && !has && days > STALE_AFTER_DAYS
      ? [{ kind: 'stale-quote', quote: quote.id, tool, price: quote.price, date: quote.date, days }]
      : []
  })
}

/** Warranties of what is still there that end soon. */
function endingWarranties({ workspace, asOf }: World): Due[] {
  const items = new Map(workspace.items.map((item) => [item.id, item]))
  return standing(workspace.ledger).flatMap(({ id, warrantyUntil, item, kind }): Due[] => {
    const owned = items.get(item ?? '')
    if (!owned || kind === 'refund' || warrantyUntil === undefined) return []
    const left = daysBetween(asOf, warrantyUntil)
    return left >= 0 && left <= WARRANTY_WARNING_DAYS
      ? [{ kind: 'warranty', tool: owned.tool, until: warrantyUntil, entry: id }]
      : []
  })
}

/** What is watched and asks for something now. */
const watchesDue = (world: World): Due[] =>
  watchedIn(world).flatMap(({ watch: { id, tool, upTo }, met, days, state }): Due[] =>
    state === 'met' && met
      ? [{ kind: 'watch-met', watch: id, tool, upTo, price: met.price, date: met.date }]
      : state === 'look'
        ? [{ kind: 'watch-look', watch: id, tool, upTo, days }]
        : []
  )

/** Everything due in a workspace, what concerns safety first. */
export function dueIn(world: World): Due[] {
  const { workspace, library, asOf } = world
  const kit = kitOf(library, workspace.items)
  const { reserve } = workspace.money
  const low: Due[] =
    world.balance < reserve ? [{ kind: 'below-reserve', balance: world.balance, reserve }] : []
  const receipts = [...world.overdue, ...world.receipts.filter(({ date }) => date === asOf)].map(
    (receipt): Due => ({ kind: 'receipt', receipt, today: receipt.date === asOf })
  )
  const late = workspace.builds.flatMap((build): Due[] =>
    build.wished !== undefined && build.wished < asOf && !isDone(build)
      ? [{ kind: 'late-build', build: build.id, wished: build.wished }]
      : []
  )
  const sleptOn = (workspace.needTests ?? []).flatMap(({ tool, build, until }): Due[] =>
    until <= asOf && countOf(kit, tool) === 0 ? [{ kind: 'slept-on', tool, build, until }] : []
  )
  return [
    ...low,
    ...lackingBeside(kit),
    ...workspace.items.flatMap(({ id, tool, power, checks = [] }): Due[] =>
      checks.length > 0 ? [{ kind: 'checks', item: id, tool, power, checks }] : []
    ),
    ...runOut(world).map((one): Due => ({ kind: 'run-out', ...one })),
    ...receipts,
    ...late,
    ...sleptOn,
    ...watchesDue(world),
    ...endingWarranties(world),
    ...staleQuotes(world, kit)
  ]
}

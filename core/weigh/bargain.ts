import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { bundlePrice, findOffer, offerId, priceOf, type Bundle, type BundlePiece } from '../prices'
import type { Plan, World } from '../workspace'

/** Whether a bundle is a bargain for someone: only the pieces they would buy anyway count. */
export interface Bargain {
  readonly allIn: Minor | undefined
  readonly wanted: readonly BundlePiece[]
  readonly unwanted: readonly BundlePiece[]
  /** What the wanted pieces cost by themselves, all in. */
  readonly separately: Minor
  /** separately − allIn: what it saves, or costs more. */
  readonly saves: Minor
}

const priceOfPiece = (world: World, { tool, tier, condition, power }: BundlePiece): Minor => {
  const parts = { tool, tier, condition, acquisition: 'buy' as const, power }
  return priceOf(world.pricing, { ...parts, id: offerId(parts) }, world.asOf)?.allIn ?? 0
}

/** Tools that would be bought anyway: those of the plan and those wished for. */
export function wantedTools(world: World, plan: Plan | undefined): ReadonlySet<string> {
  const planned = (plan?.purchases ?? []).flatMap(
    ({ offer }) => findOffer(world.pricing, offer)?.tool ?? []
  )
  return new Set([...planned, ...world.workspace.wishes])
}

export function bargainOf(world: World, bundle: Bundle, wantedIds: ReadonlySet<string>): Bargain {
  const owned = new Set(world.workspace.items.map(({ tool }) => tool))
  const wanted = bundle.pieces.filter(({ tool }) => wantedIds.has(tool) && !owned.has(tool))
  const separately = sumOf(wanted, (piece) => priceOfPiece(world, piece) * piece.count)
  const allIn = bundlePrice(world.pricing, bundle, world.asOf)?.allIn
  return {
    allIn,
    wanted,
    unwanted: bundle.pieces.filter((piece) => !wanted.includes(piece)),
    separately,
    saves: separately - (allIn ?? 0)
  }
}

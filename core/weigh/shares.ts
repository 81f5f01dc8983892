import type { NeedSet } from '../fit'
import { type Weighing } from './rank'
import { linesOf } from './showing'
import { type PackageLine, type Ranking } from './candidate'
import { EXACT_PLAYERS, exactShares, sampledShares, type Shares } from './shapley'

/** Most tools the gain is shared among. */
export const MOST_PLAYERS = 24

/** What one purchase contributes, all its partners considered. */
export interface Pull {
  readonly part: PackageLine
  /** Its share of what all of them gain together, minor units. */
  readonly share: number
  readonly error: number
}

/** Purchases that matter, in order of the ranking: each tool once, with the largest count any candidate asks for. */
export function playersOf({ candidates }: Ranking): PackageLine[] {
  const players = new Map<string, PackageLine>()
  for (const candidate of candidates)
    for (const part of linesOf(candidate)) {
      const { id } = part.buyable.entry.tool
      const present = players.get(id)
      if (!present) {
        if (players.size < MOST_PLAYERS) players.set(id, part)
      } else if (present.buyable.id === part.buyable.id && part.count > present.count)
        players.set(id, part)
    }
  return [...players.values()]
}

const single = ({ buyable, count }: PackageLine): NeedSet =>
  new Map([[buyable.id, { buyable, count }]])

/** Pairs of orders drawn between two reports. */
const PAIRS_AT_ONCE = 20

export interface SharingOptions {
  readonly seed?: number
  /** Stop once the largest standard error is this share of the largest pull; 0.02 by default. */
  readonly exactness?: number
  /** Most pairs of orders drawn; 4000 by default. */
  readonly most?: number
  /** Called after each round; sampling stops when it answers false. */
  readonly onRound?: (pulls: readonly Pull[], shares: Shares) => boolean
}

/**
 * How much each purchase pulls its weight: the Shapley value of what all of them gain together. Exact for up to twelve, else drawn
 * in rounds until exact enough; the standard error stands beside each share.
 */
export function pulls(
  weighing: Weighing,
  ranking: Ranking,
  options: SharingOptions = {}
): { readonly pulls: readonly Pull[]; readonly shares: Shares } {
  const { seed = 1, exactness = 0.02, most = 4000, onRound = () => true } = options
  const players = playersOf(ranking)
  const game = { players: players.length, ...weighing.scale.game(players.map(single)) }
  const named = (shares: Shares): Pull[] =>
    players
      .map((part, i) => ({ part, share: shares.shares[i] ?? 0, error: shares.errors[i] ?? 0 }))
      .sort((a, b) => b.share - a.share)
  if (players.length <= EXACT_PLAYERS) {
    const shares = exactShares(game)
    return { pulls: named(shares), shares }
  }
  const sampler = sampledShares(game, seed)
  for (let pairs = 0; ;) {
    const round = pairs === 0 ? 2 : Math.min(PAIRS_AT_ONCE, most - pairs)
    sampler.more(round)
    pairs += round
    const shares = sampler.now()
    const done =
      pairs >= most || Math.max(...shares.errors) <= exactness * Math.max(...shares.shares)
    if (done || !onRound(named(shares), shares)) return { pulls: named(shares), shares }
  }
}

import { seededRandom } from '../kernel'

/** A game of sharing: what each player adds when they come in one after another. */
export interface Game {
  readonly players: number
  /** Writes what each player of the order adds to those before it. */
  walk(order: readonly number[], into: Float64Array): void
  /** What a coalition, given as bits, is worth. Must be 0 for the empty one. */
  value(mask: number): number
}

export interface Shares {
  /** Each player's share of what all are worth together. */
  readonly shares: readonly number[]
  /** Standard error of each share; all 0 when exact. */
  readonly errors: readonly number[]
  readonly exact: boolean
  /** Orders looked at; every coalition counts as one when exact. */
  readonly looked: number
}

/** Up to so many players every coalition is looked at. */
export const EXACT_PLAYERS = 12

/** A game given by the worth of its coalitions. */
export const gameOf = (players: number, value: (mask: number) => number): Game => ({
  players,
  value,
  walk: (order, into) => {
    let mask = 0
    let before = 0
    for (const player of order) {
      mask |= 1 << player
      const now = value(mask)
      into[player] = now - before
      before = now
    }
  }
})

const bitCount = (mask: number): number => {
  let count = 0
  for (let rest = mask; rest !== 0; rest &= rest - 1) count++
  return count
}

/**
 * Shapley value over all coalitions: the average of what a player adds over every order. Shapley, A value for n-person games (1953).
 * Work and memory grow as 2 to the number of players; meant for at most `EXACT_PLAYERS`.
 */
export function exactShares(game: Game): Shares {
  const { players } = game
  const size = 2 ** players
  const worth = Float64Array.from({ length: size }, (_, mask) =>
    mask === 0 ? 0 : game.value(mask)
  )
  // Chance that exactly this coalition stands before a player: |S|! (n − |S| − 1)! / n!
  const chance = Array.from({ length: players }, (_, before) => {
    let p = 1 / players
    for (let i = 1; i <= before; i++) p *= i / (players - i)
    return p
  })
  const shares = Array.from({ length: players }, (_, player) => {
    let share = 0
    for (let mask = 0; mask < size; mask++)
      if (!((mask >> player) & 1))
        share +=
          (chance[bitCount(mask)] ?? 0) * ((worth[mask | (1 << player)] ?? 0) - (worth[mask] ?? 0))
    return share
  })
  return { shares, errors: shares.map(() => 0), exact: true, looked: size }
}

/**
 * Shapley value by drawing orders, each with its reverse (antithetic pairs), so that what is added early and late evens out. Can be
 * continued: `more` draws further pairs, `now` says where it stands. Every pair splits the whole exactly, so the shares always add up.
 */
export function sampledShares(
  game: Game,
  seed: number
): { more(pairs: number): void; now(): Shares } {
  const { players } = game
  const random = seededRandom(seed)
  const mean = new Float64Array(players)
  const spread = new Float64Array(players)
  const [there, back] = [new Float64Array(players), new Float64Array(players)]
  const order = Array.from({ length: players }, (_, i) => i)
  let pairs = 0
  return {
    more(count) {
      for (let n = 0; n < count; n++) {
        for (let i = players - 1; i > 0; i--) {
          const k = Math.floor(random() * (i + 1))
          ;[order[i], order[k]] = [order[k] ?? 0, order[i] ?? 0]
        }
        game.walk(order, there)
        game.walk([...order].reverse(), back)
        pairs++
        for (let player = 0; player < players; player++) {
          const draw = ((there[player] ?? 0) + (back[player] ?? 0)) / 2
          const off = draw - (mean[player] ?? 0)
          mean[player] = (mean[player] ?? 0) + off / pairs
          spread[player] = (spread[player] ?? 0) + off * (draw - (mean[player] ?? 0))
        }
      }
    },
    now: () => ({
      shares: [...mean],
      errors: [...spread].map((sum) =>
        pairs < 2 ? Infinity : Math.sqrt(sum / (pairs - 1) / pairs)
      ),
      exact: false,
      looked: pairs * 2
    })
  }
}

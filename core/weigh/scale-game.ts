import type { Step } from '../catalogue'
import { distinct, must } from '../kernel'
import type { NeedSet } from '../fit'
import type { Minor } from '../money'
import type { Weights } from '../workspace'
import type { Best, Probe, Reach, Stop } from './scale-parts'
import { bestOf, rowTotal, type Rows, type Weighed } from './scale-rows'
import type { Stops } from './scale-stops'

/** The game of sharing the gain among purchases. */
export interface Game {
  /** Adds the players in an order and says what each adds. */
  walk(order: readonly number[], into: Float64Array): void
  /** The gain of a coalition given as bits, minor units. */
  value(mask: number): Minor
}
/** What a game is played on: the stops and rows of a scale, its weights, and what the builds come to without any player. */
interface Board {
  readonly stops: Stops
  readonly rows: Rows
  readonly weights: Weights
  readonly base: readonly Weighed[]
}

/** Which players' entries are among some tools, as bits. */
const maskOf = (stops: Stops, numbers: readonly number[][], tools: ReadonlySet<string>): number =>
  numbers.reduce(
    (mask, list, player) => (stops.among(list, tools).length > 0 ? mask | (1 << player) : mask),
    0
  )

/** How far a method gets with a coalition: each is asked once for each coalition of the players that could matter to it. */
function reachingFor(
  stops: Stops,
  numbers: readonly number[][]
): (stop: Stop, probe: Probe, step: Step, mask: number) => Reach {
  const perProbe = new Map<Probe, { readonly mask: number; readonly reached: Map<number, Reach> }>()
  return (stop, probe, step, mask) => {
    let known = perProbe.get(probe)
    if (!known) {
      known = { mask: maskOf(stops, numbers, probe.tools), reached: new Map() }
      perProbe.set(probe, known)
    }
    const here = mask & known.mask
    const present = known.reached.get(here)
    if (present) return present
    const inside = numbers
      .flatMap((list, player) => ((here >> player) & 1 ? list : []))
      .sort((a, b) => a - b)
    const found = stops.reach(probe, step, stop.build, inside, stops.kitOf(inside))
    known.reached.set(here, found)
    return found
  }
}

/** @param players sets of purchases, at most 30 */
export function gameOn({ stops, rows, weights, base }: Board, players: readonly NeedSet[]): Game {
  const numbers = players.map((set) => stops.numbersOf(set))
  const maskAt = stops.list.map((stop) => maskOf(stops, numbers, stop.tools))
  const buildsOf = numbers.map((_, player) =>
    distinct(
      rows.list.flatMap((row) =>
        row.stops.some((stop) => ((maskAt[stop] ?? 0) >> player) & 1) ? [row.of] : []
      )
    )
  )
  const known: Map<number, Best | undefined>[] = stops.list.map(() => new Map())
  const reaching = reachingFor(stops, numbers)
  const bestFor = (stop: number, mask: number): Best | undefined => {
    const here = mask & (maskAt[stop] ?? 0)
    const cache = must(known[stop], 'a stop of the game')
    if (cache.has(here)) return cache.get(here)
    const at = must(stops.list[stop], 'a stop')
    const vectors = stops.vectors(at, (probe, step) => reaching(at, probe, step, here))
    const best = bestOf(vectors, weights, at)
    cache.set(here, best)
    return best
  }
  const rowNet = (row: number, mask: number): number | undefined =>
    rowTotal(must(rows.list[row], 'a row'), weights, (stop) => bestFor(stop, mask))?.net
  const buildNet = (of: number, mask: number): number => {
    const one = betterOf(rows.of[of], mask)
    const often = rows.times[of] ?? 0
    if (often === 0) return one
    const after = rows.more[of] === rows.of[of] ? one : betterOf(rows.more[of], mask)
    return one + Math.round(often * after)
  }
  const betterOf = (list: readonly number[] | undefined, mask: number): number => {
    const [planned, rough] = list ?? []
    const first = rowNet(planned ?? -1, mask)
    if (first === undefined) return 0
    return rough === undefined ? first : Math.max(first, rowNet(rough, mask) ?? 0)
  }
  const nets = new Map<number, Minor>()
  return {
    value: (mask) =>
      rows.of.reduce((total, _, of) => total + buildNet(of, mask) - (base[of]?.net ?? 0), 0),
    walk: (order, into) => {
      nets.clear()
      let mask = 0
      for (const player of order) {
        mask |= 1 << player
        let added = 0
        for (const of of buildsOf[player] ?? []) {
          const now = buildNet(of, mask)
          added += now - (nets.get(of) ?? base[of]?.net ?? 0)
          nets.set(of, now)
        }
        into[player] = added
      }
    }
  }
}

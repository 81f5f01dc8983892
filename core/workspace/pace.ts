import { FAMILIES, type Family } from '../catalogue'
import { isDone } from '../builds'
import { sumOf } from '../kernel'
import type { Workspace } from './types'

/** Ways of no family: measuring, glueing, finishing. */
export const OTHER_WORK = 'other'
export const PACE_FAMILIES = [...FAMILIES, OTHER_WORK] as const
export type PaceFamily = Family | typeof OTHER_WORK

/** How long somebody really takes with a family of ways. */
export interface FamilyPace {
  readonly family: PaceFamily
  /** What takes 1 by the book takes so much. */
  readonly times: number
  /** Hours by the book it rests on, and the builds these were logged with. */
  readonly hours: number
  readonly builds: number
}

/** As much as so many hours by the book says that somebody works like the book. A judgement: two builds of an evening or two. */
export const BOOK_HOURS = 10
/** A build that took more than so many times its time says that the clock went on or the build changed, not how one works. A judgement. */
const MOST_TIMES = 4
/** Beyond these a pace is not believed. */
const [SLOWEST, FASTEST] = [3, 0.4]
const MINUTES_PER_HOUR = 60

/** A finished build: hours by the book of each family, and what it really took. */
interface Row {
  readonly book: readonly number[]
  readonly all: number
  readonly real: number
}

const rowsOf = ({ builds }: Pick<Workspace, 'builds'>): Row[] =>
  builds.filter(isDone).flatMap(({ log }): Row[] => {
    const shared = log?.shared
    if (!shared || !log) return []
    const book = PACE_FAMILIES.map((family) => (shared.book[family] ?? 0) / MINUTES_PER_HOUR)
    const all = sumOf(book, (hours) => hours)
    if (all <= 0 || log.minutesSpent <= 0) return []
    const real = log.minutesSpent / MINUTES_PER_HOUR
    return [{ book, all, real: Math.min(MOST_TIMES * all, Math.max(all / MOST_TIMES, real)) }]
  })

/** Rounds of the solution; each brings it nearer, and after these nothing moves in the third digit. */
const ROUNDS = 400
const STILL = 1e-9

/**
 * The pace of each family that fits the finished builds best: least squares over builds, each weighed by the inverse of its hours by the book (its
 * spread grows with its length), and drawn towards 1 by `BOOK_HOURS` (ridge regression, Hoerl and Kennard 1970). Where all builds are of one
 * family this is (real + BOOK_HOURS)/(book + BOOK_HOURS). Solved by Gauss and Seidel, which comes to the solution for every matrix of this kind.
 */
function fitted(rows: readonly Row[]): number[] {
  const pace = PACE_FAMILIES.map(() => 1)
  for (let round = 0; round < ROUNDS; round++) {
    let moved = 0
    for (let f = 0; f < pace.length; f++) {
      let [above, below] = [BOOK_HOURS, BOOK_HOURS]
      for (const { book, all, real } of rows) {
        const own = book[f] ?? 0
        if (own === 0) continue
        const rest = book.reduce(
          (sum, hours, g) => (g === f ? sum : sum + hours * (pace[g] ?? 1)),
          0
        )
        above += (own * (real - rest)) / all
        below += (own * own) / all
      }
      const next = above / below
      moved = Math.max(moved, Math.abs(next - (pace[f] ?? 1)))
      pace[f] = next
    }
    if (moved < STILL) break
  }
  return pace
}

const paces = new WeakMap<Workspace['builds'], readonly FamilyPace[]>()

/** How the user really works, by family, from the logs of finished builds; 1 where nothing is known. */
export function ownPace({ builds }: Pick<Workspace, 'builds'>): readonly FamilyPace[] {
  const present = paces.get(builds)
  if (present) return present
  const rows = rowsOf({ builds })
  const pace = fitted(rows)
  const found = PACE_FAMILIES.map((family, f): FamilyPace => {
    const own = rows.filter(({ book }) => (book[f] ?? 0) > 0)
    return {
      family,
      times: own.length > 0 ? Math.min(SLOWEST, Math.max(FASTEST, pace[f] ?? 1)) : 1,
      hours: sumOf(own, ({ book }) => book[f] ?? 0),
      builds: own.length
    }
  })
  paces.set(builds, found)
  return found
}

/** By what times are multiplied: the user's own pace, or nothing where the book is to count. */
export const paceUsed = ({
  builds,
  preferences
}: Pick<Workspace, 'builds' | 'preferences'>): Readonly<Partial<Record<PaceFamily, number>>> =>
  preferences.byTheBook
    ? {}
    : Object.fromEntries(
        ownPace({ builds }).flatMap(({ family, times, builds: from }) =>
          from > 0 ? [[family, Math.round(times * 100) / 100]] : []
        )
      )

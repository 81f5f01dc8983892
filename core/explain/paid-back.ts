import { daysUntilSold } from '../builds'
import { addDays, type Day } from '../calendar'
import type { Minor } from '../money'
import type { Report } from '../plan'
import { plannedBuild, type Plan, type World } from '../workspace'

/** When what the first tools cost has come in again from what is sold. */
export interface PaidBack {
  /** What was bought until the first piece for sale was begun. */
  readonly cost: Minor
  /** Pieces sold by then, net of their material; all there are where that is not enough. */
  readonly pieces: number
  /** Undefined where the pieces of the plan do not pay them back before it ends. */
  readonly date: Day | undefined
}

/** A batch that is sold: the day its money comes, its pieces, and what one brings after its material. */
interface Sold {
  readonly date: Day
  readonly pieces: number
  readonly margin: number
}

function soldIn(world: World, plan: Plan): Sold[] {
  return plan.builds
    .flatMap((planned): Sold[] => {
      const build = plannedBuild(world, planned)
      if (!build?.sale) return []
      const { netEach } = build.sale
      return [
        {
          date: addDays(planned.done, daysUntilSold(build)),
          pieces: build.copies,
          margin: netEach - planned.material / Math.max(1, build.copies)
        }
      ]
    })
    .sort((a, b) => (a.date < b.date ? -1 : 1))
}

/**
 * After how many pieces sold, and on which day, the first tools are paid back; undefined where nothing is sold or nothing was bought for
 * it. Net price less material; hours are not counted, they are asked for elsewhere.
 */
export function paidBackBy(
  world: World,
  plan: Plan,
  { builds }: Pick<Report, 'builds'>
): PaidBack | undefined {
  const sold = soldIn(world, plan)
  const first = builds
    .filter(({ build }) => plannedBuild(world, { build })?.sale !== undefined)
    .map(({ begin }) => begin)
    .sort()[0]
  if (sold.length === 0 || first === undefined) return undefined
  const cost = plan.purchases
    .filter(({ date }) => date <= first)
    .reduce((sum, { price }) => sum + price, 0)
  if (cost === 0) return undefined
  let [left, pieces] = [cost, 0]
  for (const { date, pieces: here, margin } of sold) {
    const needed = margin > 0 ? Math.ceil(left / margin) : Infinity
    if (needed <= here && date <= world.until) return { cost, pieces: pieces + needed, date }
    left -= here * margin
    pieces += here
  }
  return { cost, pieces, date: undefined }
}

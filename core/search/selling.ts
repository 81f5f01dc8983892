import { daysUntilSold, type Build } from '../builds'
import { daysBetween } from '../calendar'
import type { Minor } from '../money'
import { flowsBack, type World } from '../workspace'

/** How an activity is sold. */
export interface Selling {
  readonly afterDays: number
  /** What of its worth flows back into the budget, minor units. */
  readonly back: Minor
  /** Day from today after which nobody takes it; Infinity where it is no order. */
  readonly due: number
}

/** How a build is sold; undefined for one that is kept. @param worth what all its copies bring, net */
export const sellingOf = (
  { workspace: { money }, asOf }: Pick<World, 'workspace' | 'asOf'>,
  build: Build,
  worth: Minor
): Selling | undefined =>
  build.sale && {
    afterDays: daysUntilSold(build),
    back: flowsBack(money, worth, build.copies),
    due: build.sale.due === undefined ? Infinity : daysBetween(asOf, build.sale.due)
  }

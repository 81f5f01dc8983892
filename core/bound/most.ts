import type { Problem } from '../search'

/** More of one offer than this no plan buys. */
const MOST_OF_ONE = 50

/**
 * So many of a choice no plan buys more than, where it brings nothing by itself: what the most demanding requirement lacks, if nothing else
 * served for it.
 */
export function mostOf({ requirements, choices }: Problem): number[] {
  const most = choices.map(({ single, value, offByDeals }): number =>
    single ? 1 : value.some((one) => one > 0) || offByDeals.some((off) => off > 0) ? MOST_OF_ONE : 1
  )
  for (const { from, need, owned } of requirements)
    for (const [choice, units] of from)
      if (!choices[choice]!.single)
        most[choice] = Math.min(
          MOST_OF_ONE,
          Math.max(most[choice]!, Math.ceil((need - owned) / units))
        )
  return most
}

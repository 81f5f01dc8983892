import { computed, type ComputedRef } from 'vue'
import type { Day } from '../../../core/calendar'
import { sumOf } from '../../../core/kernel'
import { mainFirst } from '../../../core/shopping'
import type { PlannedBuild } from '../../../core/workspace'
import { useStart } from '../../stores/start'
import { bench } from '../../words/bench'
import { sayFor, type Say } from '../../words/say'
import { start as words } from '../../words/start'

const DAYS = 2
const NAMES = 4

interface BuyingDay {
  readonly date: Day
  readonly names: readonly string[]
  /** Of all that is bought that day. */
  readonly count: number
  readonly cost: number
}
/** What is told of the first plan, beside the questions and at the foot of a phone. */
export interface FirstPlan {
  readonly say: ComputedRef<Say>
  /** The first days of buying. */
  readonly days: ComputedRef<readonly BuyingDay[]>
  readonly made: ComputedRef<readonly PlannedBuild[]>
  /** Why there is no plan to tell of. */
  readonly state: ComputedRef<string | undefined>
}

export function useFirstPlan(): FirstPlan {
  const start = useStart()
  const say = computed(() => sayFor(start.world))
  const days = computed(() => {
    const purchases = start.plan?.purchases ?? []
    return [...new Set(purchases.map(({ date }) => date))]
      .sort()
      .slice(0, DAYS)
      .map((date) => {
        const bought = mainFirst(
          start.world,
          purchases.filter((one) => one.date === date)
        )
        const names = bought.map(({ offer }) => say.value.shortOffer(offer))
        return {
          date,
          names:
            names.length > NAMES
              ? [...names.slice(0, NAMES - 1), bench.andMore(names.length - NAMES + 1)]
              : names,
          count: bought.length,
          cost: sumOf(bought, ({ price }) => price)
        }
      })
  })
  const made = computed(() =>
    (start.plan?.builds ?? []).filter(({ build }) => !build.startsWith('make/'))
  )
  const state = computed(() =>
    start.answers.builds.length === 0
      ? words.planEmpty
      : !start.hasMoney
        ? words.planNoMoney
        : start.plan === undefined
          ? start.busy
            ? bench.planning
            : words.planNone
          : made.value.length === 0 && start.plan.purchases.length === 0
            ? start.busy
              ? bench.planning
              : words.planNothing
            : undefined
  )
  return { say, days, made, state }
}

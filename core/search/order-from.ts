import type { Plan } from '../workspace'
import { insert, orderOf, type Order } from './order'
import type { Problem } from './problem'

/** An earlier plan as an order to begin from: purchases before the first build that could have used them. */
export function orderFrom(problem: Problem, plan: Plan): Order {
  const order = orderOf(plan.purchases.length + plan.builds.length * 2 + 1)
  const choiceOf = new Map(problem.choices.map(({ id }, choice) => [id, choice]))
  const put = (code: number): void => insert(order, order.length, code)
  const bought = new Set<string>()
  const used = new Set<number>()
  for (const planned of [...plan.builds].sort((a, b) => (a.begin < b.begin ? -1 : 1))) {
    for (const { id, offer, date } of plan.purchases) {
      const choice = choiceOf.get(offer)
      if (date > planned.begin || bought.has(id) || choice === undefined) continue
      bought.add(id)
      put(-1 - choice)
    }
    const jig = choiceOf.get(planned.build)
    if (jig !== undefined && problem.activities[problem.maker[jig] ?? -1]?.derived) put(-1 - jig)
    const activity = problem.wanted.find(
      (one) => !used.has(one) && problem.activities[one]?.build.id === planned.build
    )
    if (activity === undefined) continue
    used.add(activity)
    put(activity)
  }
  return order
}

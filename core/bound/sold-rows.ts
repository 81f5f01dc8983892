import { kitTool, servesFor } from '../fit'
import { endOfService, resaleOf } from '../plan'
import { addBounds, addGain, addRow } from './program'
import { bought, upTo, type Writing } from './writing'

/** The column of an owned item sold in a stretch of time. */
const sold = (item: number, k: number): string => `s${item}_${k}`

/** Owned things may be sold once something that serves in their place is bought: money comes sooner. */
export function writeSold(writing: Writing): void {
  const { program, problem, buckets, cash } = writing
  const { world, choices } = problem
  world.workspace.items.forEach((item, i) => {
    const owned = kitTool(world.library, item)
    const amount = owned ? resaleOf(owned, item.cost) : 0
    const instead = choices.flatMap(({ entries, until }, choice) =>
      until === Infinity &&
      owned &&
      entries.some((one) => servesFor({ ...one, count: owned.count }, owned))
        ? [choice]
        : []
    )
    if (amount <= 0 || instead.length === 0) return
    for (const choice of instead) writing.used.add(choice)
    buckets.forEach((_, k) => {
      const name = sold(i, k)
      addBounds(program, name, 1)
      addGain(
        program,
        amount * world.workspace.money.keptMoneyWorth * (1 - endOfService(world)),
        name
      )
      cash[k]?.push([-amount, name])
      addRow(
        program,
        [
          ...upTo(k, (l) => sold(i, l)),
          ...instead.flatMap((choice) => upTo(k, (l) => bought(choice, l), -1))
        ],
        '<=',
        0
      )
    })
    addRow(
      program,
      upTo(buckets.length - 1, (k) => sold(i, k)),
      '<=',
      1
    )
  })
}

import { addBounds, addGain, addRow, type Term } from './program'
import { bought, upTo, type Writing } from './rows'
import { slotsOf, writeWays } from './ways'

/** A piece of a kind that goes on being made: what it brings with what is owned for good, in whatever ways are open by the end. */
export function writeAfter(writing: Writing, j: number): void {
  const { program, problem, used } = writing
  const { requirements, choices, afterTimes, world } = problem
  const activity = problem.activities[j]!
  const { keptMoneyWorth } = world.workspace.money
  const paying = activity.fromPurse ? keptMoneyWorth : 1
  const back = activity.sold?.flowsBack ?? 0
  const worth = activity.worth * (1 - back * (1 - keptMoneyWorth))
  const made = `a${j}`
  addGain(program, afterTimes * (worth - paying * activity.material), made)
  addBounds(program, made, 1)
  const name = (way: string): string => `v${j}_${way}`
  writeWays(program, activity, { whole: made, name, counts: afterTimes })
  for (const { id, way, slot } of slotsOf(activity)) {
    const row: Term[] = [[-1, way === undefined ? made : name(way)]]
    const needs = new Map<number, string[]>()
    for (let m = slot.first; m < slot.last; m++) {
      const { effort, pay, requires } = problem.modes[m]!
      const column = `w${j}_${id}_${m}`
      row.push([1, column])
      addGain(program, -afterTimes * (effort + paying * pay), column)
      for (const requirement of requires)
        needs.set(requirement, [...(needs.get(requirement) ?? []), column])
    }
    addRow(program, row, '=', 0)
    for (const [requirement, columns] of needs) {
      const { from, need, owned } = requirements[requirement]!
      const lacking = Math.max(1, need - owned)
      const kept = [...from].filter(([choice]) => choices[choice]!.until === Infinity)
      for (const [choice] of kept) used.add(choice)
      addRow(
        program,
        [
          ...columns.map((column): Term => [1, column]),
          ...kept.flatMap(([choice, units]) =>
            upTo(
              writing.buckets.length - 1,
              (k) => bought(choice, k),
              -Math.min(1, units / lacking)
            )
          )
        ],
        '<=',
        0
      )
    }
  }
}

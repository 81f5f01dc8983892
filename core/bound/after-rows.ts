import { coversOf } from './covers'
import { addBounds, addGain, addRow, type Term } from './program'
import { bought, upTo, type Writing } from './writing'
import { slotsOf, writeWays } from './ways'

/** A piece of a kind that goes on being made: what it brings with what is owned for good, in whatever ways are open by the end. */
export function writeAfter(writing: Writing, j: number): void {
  const { program, problem, used } = writing
  const { choices, afterTimes, world } = problem
  const activity = problem.activities[j]!
  const { keptMoneyWorth } = world.workspace.money
  const paying = activity.fromPurse ? keptMoneyWorth : 1
  const worth = activity.worth - (activity.sold?.back ?? 0) * (1 - keptMoneyWorth)
  const last = writing.buckets.length - 1
  const made = `a${j}`
  addGain(program, afterTimes * (worth - paying * activity.material), made)
  addBounds(program, made, 1)
  const name = (way: string): string => `v${j}_${way}`
  writeWays(program, activity, { whole: made, name, counts: afterTimes })
  for (const { id, way, slot } of slotsOf(activity)) {
    const row: Term[] = [[-1, way === undefined ? made : name(way)]]
    for (let m = slot.first; m < slot.last; m++) {
      const { effort, pay } = problem.modes[m]!
      const column = `w${j}_${id}_${m}`
      row.push([1, column])
      addGain(program, -afterTimes * (effort + paying * pay), column)
    }
    addRow(program, row, '=', 0)
    for (const { modes, from } of coversOf(problem, slot)) {
      const kept = [...from].filter(([choice]) => choices[choice]!.until === Infinity)
      for (const [choice] of kept) used.add(choice)
      addRow(
        program,
        [
          ...modes.map((m): Term => [1, `w${j}_${id}_${m}`]),
          ...kept.flatMap(([choice, share]) => upTo(last, (k) => bought(choice, k), -share))
        ],
        '<=',
        0
      )
    }
  }
}

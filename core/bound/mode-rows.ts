import { addGain, addRow, type Term } from './program'
import { slotsOf, writeWays } from './ways'
import { begun, modeColumn, wayColumn, type Writing } from './writing'

/** What an activity costs and takes in the stretch it is begun in: terms that count when it is done, and minutes. */
interface Takes {
  readonly cost: Term[]
  readonly minutes: Term[]
}

/** The modes of an activity in a stretch. What is paid from the purse is paid then and counts; the rest is told, to count when it is done. */
export function writeModes(writing: Writing, j: number, k: number): Takes {
  const { program, problem, cash, spent } = writing
  const activity = problem.activities[j]!
  const { keptMoneyWorth } = problem.world.workspace.money
  const whole = begun(j, k)
  const name = (way: string): string => wayColumn(j, way, k)
  writeWays(program, activity, { whole, name, counts: 0 })
  const [cost, minutes]: [Term[], Term[]] = [[], []]
  activity.steps.forEach(({ ways }, s) =>
    ways.forEach((way, w) => {
      const column = ways.length === 1 ? whole : name(`${s}_${w}`)
      cost.push([way.extra, column])
      minutes.push([way.minutes, column])
    })
  )
  for (const { id, way, slot } of slotsOf(activity)) {
    const row: Term[] = [[-1, way === undefined ? whole : name(way)]]
    for (let m = slot.first; m < slot.last; m++) {
      const mode = problem.modes[m]!
      const column = modeColumn(j, id, m, k)
      const takes = activity.begun ? 0 : mode.pay
      const paid = activity.fromPurse ? takes : 0
      row.push([1, column])
      addGain(program, -keptMoneyWorth * paid, column)
      cost.push([mode.effort + takes - paid, column])
      minutes.push([mode.minutes, column])
      cash[k]?.push([paid, column])
      spent[k]?.push([paid, column])
    }
    addRow(program, row, '=', 0)
  }
  return { cost, minutes }
}

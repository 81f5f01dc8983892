import type { World } from '../workspace'
import { problemOf, type Problem } from '../search'

/**
 * An upper bound on what any plan of a workspace can be worth: a linear program in which builds, purchases and ways may be divided and
 * every date within a stretch of time counts as its best one. Its optimum is never below the best plan's value.
 */
export interface BoundModel {
  /** The program in the CPLEX LP format. */
  readonly text: string
  /** Added to the program's optimum. */
  readonly constant: number
  readonly columns: number
  readonly rows: number
}

/** Stretches of time the horizon is divided into, by default. */
const BUCKETS = 9

interface Bucket {
  readonly firstMoment: number
  readonly lastMoment: number
  readonly firstDay: number
  readonly lastDay: number
}

function bucketsOf({ events }: Problem, most: number): Bucket[] {
  const size = Math.ceil(events.count / Math.max(1, Math.min(most, events.count)))
  const buckets: Bucket[] = []
  for (let first = 0; first < events.count; first += size) {
    const last = Math.min(events.count - 1, first + size - 1)
    buckets.push({
      firstMoment: first,
      lastMoment: last,
      firstDay: events.days[first] ?? 0,
      lastDay: last + 1 < events.count ? (events.days[last + 1] ?? 1) - 1 : events.horizon - 1
    })
  }
  return buckets
}

const term = (coefficient: number, name: string): string =>
  `${coefficient < 0 ? '-' : '+'} ${Math.abs(coefficient).toPrecision(12)} ${name}`

/** Writes the rows and columns of the program. */
class Writer {
  readonly objective: string[] = []
  readonly rows: string[] = []
  readonly bounds: string[] = []
  readonly columns = new Set<string>()

  add(terms: readonly (readonly [number, string])[], sign: '<=' | '=' | '>=', right: number): void {
    const used = terms.filter(([coefficient]) => coefficient !== 0)
    if (used.length === 0) return
    for (const [, name] of used) this.columns.add(name)
    this.rows.push(
      ` r${this.rows.length}: ${used.map(([coefficient, name]) => term(coefficient, name)).join(' ')} ${sign} ${right.toPrecision(12)}`
    )
  }
  gain(coefficient: number, name: string): void {
    this.columns.add(name)
    if (coefficient !== 0) this.objective.push(term(coefficient, name))
  }
  text(integers: readonly string[]): string {
    // A program line may not grow without end; terms are broken up.
    const wrapped = (list: readonly string[]): string =>
      list.reduce((text, one, i) => text + (i > 0 && i % 8 === 0 ? '\n ' : ' ') + one, '')
    return [
      'Maximize',
      ` value:${wrapped(this.objective)}`,
      'Subject To',
      ...this.rows,
      'Bounds',
      ...this.bounds,
      ...(integers.length > 0 ? ['General', ...integers.map((name) => ` ${name}`)] : []),
      'End',
      ''
    ].join('\n')
  }
}

export interface BoundOptions {
  /** Stretches of time; more of them give a closer bound and a larger program. */
  readonly buckets?: number
  /** Asks for whole builds and purchases: much closer, much slower. */
  readonly whole?: boolean
}

export function boundModel(
  world: World,
  options: BoundOptions = {},
  problem: Problem = problemOf(world)
): BoundModel {
  const { activities, choices, modes, requirements, events, maker, guards, constant } = problem
  const { keptMoneyWorth, latenessPerDay, cap } = world.workspace.money
  const buckets = bucketsOf(problem, options.buckets ?? BUCKETS)
  const w = new Writer()
  const before = (day: number): number => {
    let sum = 0
    for (let d = 0; d <= day && d < events.horizon; d++) sum += events.minutes[d] ?? 0
    return sum
  }
  const hoursThrough = buckets.map(({ lastDay }) => before(lastDay))
  const D = (day: number): number =>
    events.discount[Math.max(0, Math.min(events.horizon, day))] ?? 1
  const x = (activity: number, k: number): string => `x${activity}_${k}`
  const p = (choice: number, k: number): string => `p${choice}_${k}`
  const z = (activity: number, step: number, alt: number, k: number): string =>
    `z${activity}_${step}_${alt}_${k}`
  const used = new Set<number>()
  const cash: [number, string][][] = buckets.map(() => [])
  const minutes: [number, string][][] = buckets.map(() => [])
  /** Money from sales that can be there by the end of each stretch. */
  const sales: [number, string][][] = buckets.map(() => [])
  const integers: string[] = []

  activities.forEach((activity, j) => {
    w.add(
      buckets.map((_, k) => [1, x(j, k)]),
      '<=',
      1
    )
    const least =
      activity.steps.reduce(
        (sum, { first, last }) =>
          sum + Math.min(...modes.slice(first, last).map((one) => one.minutes)),
        0
      ) - activity.spentMinutes
    let earliest = 0
    for (let day = 0, have = 0; day < events.horizon && have < least; day++) {
      have += events.minutes[day] ?? 0
      earliest = day
    }
    buckets.forEach(({ firstDay, lastDay }, k) => {
      const name = x(j, k)
      integers.push(name)
      const day = Math.max(firstDay, earliest)
      const possible = earliest <= lastDay
      const late = Math.max(0, day - activity.wished)
      const sale = activity.sold ? day + activity.sold.afterDays : day
      const worth = activity.sold
        ? sale < events.horizon
          ? D(sale) * activity.worth
          : 0
        : D(day) * Math.max(0, activity.worth * (1 - late * latenessPerDay))
      w.gain(worth - (activity.begun ? 0 : keptMoneyWorth * D(lastDay) * activity.material), name)
      w.bounds.push(` 0 <= ${name} <= ${possible ? 1 : 0}`)
      if (!activity.begun) cash[k]?.push([activity.material, name])
      if (activity.spentMinutes > 0) minutes[k]?.push([-activity.spentMinutes, name])
      if (activity.sold)
        buckets.forEach((later, l) => {
          if (day + (activity.sold?.afterDays ?? 0) <= later.lastDay && l >= k)
            sales[l]?.push([-Math.floor(activity.worth * (activity.sold?.flowsBack ?? 0)), name])
        })
      if (activity.yields >= 0)
        w.gain(Math.max(0, ...(choices[activity.yields]?.value ?? [])), name)
      activity.steps.forEach(({ first, last }, s) => {
        const row: [number, string][] = [[-1, name]]
        for (let alt = first; alt < last; alt++) {
          const way = modes[alt]!
          const column = z(j, s, alt, k)
          row.push([1, column])
          w.gain(
            -D(lastDay) * way.effort - (activity.begun ? 0 : keptMoneyWorth * D(lastDay) * way.pay),
            column
          )
          minutes[k]?.push([way.minutes, column])
          if (!activity.begun) cash[k]?.push([way.pay, column])
        }
        w.add(row, '=', 0)
      })
    })
    activity.steps.forEach(({ first, last }, s) => {
      const needs = new Map<number, number[]>()
      for (let alt = first; alt < last; alt++)
        for (const requirement of modes[alt]!.requires)
          needs.set(requirement, [...(needs.get(requirement) ?? []), alt])
      for (const [requirement, alts] of needs) {
        const { from, need, owned } = requirements[requirement]!
        const lacking = Math.max(1, need - owned)
        for (const choice of from.keys()) used.add(choice)
        buckets.forEach((_, k) => {
          const row: [number, string][] = []
          for (let i = 0; i <= k; i++) {
            for (const alt of alts) row.push([1, z(j, s, alt, i)])
            for (const [choice, units] of from)
              row.push([-Math.min(1, units / lacking), p(choice, i)])
          }
          w.add(row, '<=', 0)
        })
      }
    })
  })
  // Protection of what may be bought is bought too.
  for (const choice of [...used])
    for (const requirement of guards[choice] ?? [])
      if (requirement >= 0)
        for (const gear of requirements[requirement]?.from.keys() ?? []) used.add(gear)
  for (const choice of used) {
    const one = choices[choice]!
    buckets.forEach(({ firstMoment, lastMoment }, k) => {
      const name = p(choice, k)
      const range = Array.from({ length: lastMoment - firstMoment + 1 }, (_, i) => firstMoment + i)
      const open = one.makes
        ? maker[choice] !== -1
        : range.some((m) => (one.cash[m] ?? Infinity) < Infinity)
      integers.push(name)
      w.bounds.push(` 0 <= ${name} <= ${open ? (one.single ? 1 : 50) : 0}`)
      if (!open || one.makes) return
      const back = one.replaces?.amount ?? 0
      w.gain(
        Math.max(...range.map((m) => one.value[m] ?? -Infinity)) +
          back * (D(events.days[firstMoment] ?? 0) - D(events.horizon - 1)),
        name
      )
      cash[k]?.push([Math.min(...range.map((m) => one.cash[m] ?? Infinity)) - back, name])
    })
    if (one.single)
      w.add(
        buckets.map((_, k) => [1, p(choice, k)]),
        '<=',
        1
      )
    const activity = maker[choice] ?? -1
    buckets.forEach((_, k) => {
      const bought = Array.from({ length: k + 1 }, (_unused, i): [number, string] => [
        1,
        p(choice, i)
      ])
      if (one.makes && activity >= 0)
        w.add(
          [
            ...bought,
            ...Array.from({ length: k + 1 }, (_unused, i): [number, string] => [-1, x(activity, i)])
          ],
          '<=',
          0
        )
      for (const requirement of guards[choice] ?? []) {
        const { from } = requirements[requirement] ?? { from: new Map<number, number>() }
        if (from.size > 0)
          w.add(
            [
              ...bought.map(([, name]): [number, string] => [one.single ? 1 : 1 / 50, name]),
              ...Array.from({ length: k + 1 }, (_unused, i) =>
                [...from.keys()].map((gear): [number, string] => [-1, p(gear, i)])
              ).flat()
            ],
            '<=',
            0
          )
      }
    })
  }
  buckets.forEach(({ lastMoment }, k) => {
    const free = Math.max(0, events.free[lastMoment] ?? 0)
    w.add([...cash.slice(0, k + 1).flat(), ...(sales[k] ?? [])], '<=', free)
    w.add(minutes.slice(0, k + 1).flat(), '<=', hoursThrough[k] ?? 0)
  })
  if (cap !== undefined) w.add(cash.flat(), '<=', cap)
  return {
    text: w.text(options.whole ? integers.filter((name) => w.columns.has(name)) : []),
    constant,
    columns: w.columns.size,
    rows: w.rows.length
  }
}

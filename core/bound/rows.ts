import type { Activity } from '../search'
import { addBounds, addGain, addRow, type Term } from './program'
import { rangesOf } from './ranges'
import { coversOf } from './covers'
import { doneBy, writeDated, writeWindows } from './dated-rows'
import { writeModes } from './mode-rows'
import { slotsOf } from './ways'
import {
  begun as done,
  bought,
  modeColumn as taken,
  upTo,
  worthDone,
  worthOn,
  type Writing
} from './writing'

/** The first day by which the hours can have sufficed for so many minutes. */
function earliestDay({ problem: { events } }: Writing, least: number): number {
  let earliest = 0
  for (let day = 0, have = 0; day < events.horizon && have < least; day++) {
    have += events.minutes[day] ?? 0
    earliest = day
  }
  return earliest
}

/** An activity done in a stretch of time: its worth, its dues, its minutes, what its sale brings. */
function writeDone(writing: Writing, j: number, k: number, least: number): void {
  const { program, problem, buckets, cash, spent, minutes, sales } = writing
  const earliest = earliestDay(writing, least)
  const activity = problem.activities[j]!
  const { firstDay, lastDay } = buckets[k]!
  const name = done(j, k)
  const day = Math.max(firstDay, earliest)
  const dues = activity.begun ? 0 : activity.material
  const paid = activity.fromPurse ? dues : 0
  addGain(program, worthDone(writing, activity, day), name)
  addGain(program, -paymentCounts(writing, activity, lastDay) * dues, name)
  addBounds(program, name, earliest <= lastDay ? 1 : 0)
  cash[k]?.push([paid, name])
  spent[k]?.push([paid, name])
  if (activity.spentMinutes > 0) minutes[k]?.push([-activity.spentMinutes, name])
  const { sold: sale } = activity
  if (sale)
    buckets.forEach((later, l) => {
      if (l >= k && day <= sale.due && day + sale.afterDays <= later.lastDay)
        sales[l]?.push([-sale.back, name])
    })
  if (activity.yields >= 0)
    addGain(program, Math.max(0, ...(problem.choices[activity.yields]?.value ?? [])), name)
}

/**
 * What a unit an activity takes costs at the least: from the purse what kept money is worth on whatever day; from elsewhere it counts
 * with the build's worth, at its last day.
 */
const paymentCounts = (writing: Writing, activity: Activity, lastDay: number): number =>
  activity.fromPurse
    ? writing.problem.world.workspace.money.keptMoneyWorth
    : worthOn(writing, lastDay)

/** What an activity done in a stretch of time costs and takes, at what costs count on its last day. */
function writeTakes(writing: Writing, j: number, k: number): void {
  const { program, buckets, minutes } = writing
  const takes = writeModes(writing, j, k)
  const last = worthOn(writing, buckets[k]!.lastDay)
  for (const [cost, column] of takes.cost) addGain(program, -last * cost, column)
  minutes[k]?.push(...takes.minutes)
}

/** What the modes of an activity require is bought by then. */
function writeRequirements(writing: Writing, j: number): void {
  const { program, problem, buckets, used } = writing
  for (const { id, slot } of slotsOf(problem.activities[j]!)) {
    for (const { modes, from } of coversOf(problem, slot)) {
      for (const choice of from.keys()) used.add(choice)
      buckets.forEach((_, k) =>
        addRow(
          program,
          [
            ...modes.flatMap((m) => upTo(k, (i) => taken(j, id, m, i))),
            ...[...from].flatMap(([choice, share]) => upTo(k, (i) => bought(choice, i), -share))
          ],
          '<=',
          0
        )
      )
    }
  }
}

export function writeActivity(writing: Writing, j: number): void {
  const { program, problem, buckets, spans } = writing
  if (spans) {
    writeDated(writing, j, spans)
    return writeRequirements(writing, j)
  }
  const least = rangesOf(problem, problem.activities[j]!).minutes.least
  addRow(
    program,
    buckets.map((_, k): Term => [1, done(j, k)]),
    '<=',
    1
  )
  buckets.forEach((_, k) => {
    writeDone(writing, j, k, least)
    writeTakes(writing, j, k)
  })
  writeRequirements(writing, j)
}

/** A purchase in a stretch of time at its best: the lowest price, the best sale, as much off as deals ever take, on its last day. */
export function writePurchase(writing: Writing, choice: number, k: number): void {
  const { program, problem, buckets, cash, spent } = writing
  const { keptMoneyWorth } = problem.world.workspace.money
  const one = problem.choices[choice]!
  const { firstEvent, lastEvent } = buckets[k]!
  const name = bought(choice, k)
  const range = Array.from({ length: lastEvent - firstEvent + 1 }, (_, i) => firstEvent + i)
  const open = range.filter((m) => (one.cash[m] ?? Infinity) < Infinity)
  const possible = one.makes ? problem.maker[choice] !== -1 : open.length > 0
  addBounds(program, name, possible ? writing.most[choice]! : 0)
  if (!possible || one.makes) return
  const worth = (m: number): number =>
    (one.atEnd[m] ?? 0) - (one.burden[m] ?? 0) + keptMoneyWorth * (one.offByDeals[m] ?? 0)
  const least = (price: Float64Array): number =>
    Math.min(...open.map((m) => (price[m] ?? 0) - (one.offByDeals[m] ?? 0)))
  addGain(program, Math.max(...open.map(worth)), name)
  cash[k]?.push([least(one.cash), name])
  spent[k]?.push([least(one.payment), name])
}

/** What is made is there once it is done, and what needs protection is not bought without. */
export function writeTies(writing: Writing, choice: number, k: number): void {
  const { program, problem } = writing
  const one = problem.choices[choice]!
  const maker = problem.maker[choice] ?? -1
  if (one.makes && maker >= 0)
    addRow(
      program,
      [
        ...upTo(k, (i) => bought(choice, i)),
        ...(writing.spans
          ? doneBy(writing, maker, k, writing.spans).map(([, name]): Term => [-1, name])
          : upTo(k, (i) => done(maker, i), -1))
      ],
      '<=',
      0
    )
  for (const requirement of problem.guards[choice] ?? []) {
    const gear = [...(problem.requirements[requirement]?.from.keys() ?? [])]
    if (gear.length === 0) continue
    const share = 1 / writing.most[choice]!
    addRow(
      program,
      [
        ...upTo(k, (i) => bought(choice, i), share),
        ...gear.flatMap((other) => upTo(k, (i) => bought(other, i), -1))
      ],
      '<=',
      0
    )
  }
}

/** Purchases that could be worth something by themselves or through a deal count as well, and the protection of all. */
export function completeUsed({ problem, used }: Writing): void {
  problem.choices.forEach(({ value, offByDeals }, choice) => {
    if (value.some((one) => one > 0) || offByDeals.some((off) => off > 0)) used.add(choice)
  })
  for (const choice of [...used])
    for (const requirement of problem.guards[choice] ?? [])
      for (const gear of problem.requirements[requirement]?.from.keys() ?? []) used.add(gear)
}

/** Money and hours: by the end of each stretch of time no more than there is. */
export function writeLimits(writing: Writing): void {
  const { program, problem, buckets, cash, spent, minutes, sales } = writing
  const { events, world } = problem
  const through = (lastDay: number): number =>
    events.minutes.subarray(0, lastDay + 1).reduce((sum, one) => sum + one, 0)
  buckets.forEach(({ lastEvent, lastDay }, k) => {
    const free = Math.max(0, events.free[lastEvent] ?? 0)
    addRow(program, [...cash.slice(0, k + 1).flat(), ...(sales[k] ?? [])], '<=', free)
    if (!writing.spans) addRow(program, minutes.slice(0, k + 1).flat(), '<=', through(lastDay))
  })
  if (writing.spans) writeWindows(writing, writing.spans)
  const { cap } = world.workspace.money
  if (cap !== undefined) addRow(program, spent.flat(), '<=', cap)
}

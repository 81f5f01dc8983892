import type { Span } from './buckets'
import { rangesOf, type Range } from './ranges'
import { addBounds, addGain, addRow, type Term } from './program'
import { writeModes } from './mode-rows'
import { begun, upTo, worthDone, worthOn, type Writing } from './writing'

/**
 * Builds begun in a stretch of time and done on a day: what a build takes is there when it begins, its own hours and those of all that is
 * begun no earlier and done no later fit between the two days, and what it brings counts from the day it is done on.
 */

const doneOn = (j: number, k: number, s: number): string => `d${j}_${k}_${s}`
const hoursOn = (j: number, k: number, s: number): string => `h${j}_${k}_${s}`
const costIn = (j: number, k: number, l: number): string => `g${j}_${k}_${l}`
const through = (k: number, s: number): string => `t${k}_${s}`

/** Minutes there are from a day to another, both counted. */
const minutesBetween = ({ problem: { events } }: Writing, from: number, to: number): number =>
  events.minutes.subarray(from, to + 1).reduce((sum, one) => sum + one, 0)

/** The spans an activity begun in a stretch can be done in, by its own hours. */
interface Open {
  readonly span: number
  /** The first day of the span on which it can be done. */
  readonly day: number
}

function openSpans(writing: Writing, k: number, spans: readonly Span[], least: number): Open[] {
  const { firstDay } = writing.buckets[k]!
  return spans.flatMap((span, s) =>
    span.lastDay >= firstDay && minutesBetween(writing, firstDay, span.lastDay) >= least
      ? [{ span: s, day: Math.max(span.firstDay, firstDay) }]
      : []
  )
}

/** What is paid when an activity begins, and what it brings about. */
function writeDues({ program, problem, cash, spent }: Writing, j: number, k: number): void {
  const { begun: under, material, fromPurse, yields } = problem.activities[j]!
  const whole = begun(j, k)
  const paid = under || !fromPurse ? 0 : material
  addGain(program, -problem.world.workspace.money.keptMoneyWorth * paid, whole)
  cash[k]?.push([paid, whole])
  spent[k]?.push([paid, whole])
  if (yields >= 0) addGain(program, Math.max(0, ...(problem.choices[yields]?.value ?? [])), whole)
}

/** What an activity brings on the day it is done, less the least it costs. */
function writeBrings(
  writing: Writing,
  j: number,
  k: number,
  open: readonly Open[],
  least: number
): void {
  const { program, problem, buckets, sales } = writing
  const activity = problem.activities[j]!
  const { sold } = activity
  for (const { span, day } of open) {
    const name = doneOn(j, k, span)
    addBounds(program, name, 1)
    addGain(program, worthDone(writing, activity, day) - worthOn(writing, day) * least, name)
    if (sold)
      buckets.forEach(({ lastDay }, l) => {
        if (day <= sold.due && day + sold.afterDays <= lastDay) sales[l]?.push([-sold.back, name])
      })
  }
}

/** The hours of an activity, in the span it is done in. */
function writeHours(
  writing: Writing,
  j: number,
  k: number,
  open: readonly Open[],
  { least, most, terms }: Range & { readonly terms: readonly Term[] }
): void {
  const { program, problem, hours } = writing
  const more = most - least
  for (const { span } of open) {
    hours[k]?.[span]?.push([least, doneOn(j, k, span)])
    if (more <= 0) continue
    hours[k]?.[span]?.push([1, hoursOn(j, k, span)])
    addRow(
      program,
      [
        [1, hoursOn(j, k, span)],
        [-more, doneOn(j, k, span)]
      ],
      '<=',
      0
    )
  }
  if (more <= 0) return
  const known = least + problem.activities[j]!.spentMinutes
  const told = open.map(({ span }): Term => [-1, hoursOn(j, k, span)])
  addRow(program, [...terms, [-known, begun(j, k)], ...told], '<=', 0)
}

/** What an activity costs beyond the least, at what it counts at the end of the stretch it is done in. */
function writeCosts(
  writing: Writing,
  j: number,
  k: number,
  open: readonly (Open & Span)[],
  { least, most, terms }: Range & { readonly terms: readonly Term[] }
): void {
  const { program, buckets } = writing
  if (most <= least) return
  const told: Term[] = []
  buckets.forEach(({ firstDay, lastDay }, l) => {
    const inside = open.filter((one) => one.lastDay >= firstDay && one.firstDay <= lastDay)
    if (l < k || inside.length === 0) return
    const name = costIn(j, k, l)
    addGain(program, -worthOn(writing, lastDay), name)
    told.push([-1, name])
    const done = inside.map(({ span }): Term => [least - most, doneOn(j, k, span)])
    addRow(program, [[1, name], ...done], '<=', 0)
  })
  addRow(program, [...terms, [-least, begun(j, k)], ...told], '=', 0)
}

/** An activity begun in a stretch of time, and the day it is done on. */
function writeBegun(writing: Writing, j: number, k: number, spans: readonly Span[]): void {
  const { program, problem } = writing
  const activity = problem.activities[j]!
  const { cost, minutes } = rangesOf(problem, activity)
  const whole = begun(j, k)
  const open = openSpans(writing, k, spans, minutes.least)
  addBounds(program, whole, open.length > 0 ? 1 : 0)
  writeDues(writing, j, k)
  const takes = writeModes(writing, j, k)
  if (open.length === 0) return
  const done = open.map(({ span }): Term => [1, doneOn(j, k, span)])
  addRow(program, [[-1, whole], ...done], '=', 0)
  writeBrings(writing, j, k, open, cost.least)
  writeHours(writing, j, k, open, { ...minutes, terms: takes.minutes })
  const owed = activity.fromPurse || activity.begun ? 0 : activity.material
  writeCosts(
    writing,
    j,
    k,
    open.map((one) => ({ ...one, ...spans[one.span]! })),
    { ...cost, terms: [...takes.cost, [owed, whole]] }
  )
}

/** No activity is begun twice; it may not be begun at all. */
const never = (j: number): string => `n${j}`

/** An activity with the stretch it is begun in and the day it is done on. */
export function writeDated(writing: Writing, j: number, spans: readonly Span[]): void {
  const { program, buckets } = writing
  const stretches = buckets.map((_, k): Term => [1, begun(j, k)])
  addBounds(program, never(j), 1)
  addRow(program, [...stretches, [1, never(j)]], '=', 1)
  buckets.forEach((_, k) => writeBegun(writing, j, k, spans))
}

/** What is begun no earlier and done no later fits into the hours between. */
export function writeWindows(writing: Writing, spans: readonly Span[]): void {
  const { program, buckets, hours } = writing
  hours.forEach((list, k) =>
    list.forEach((terms, s) => {
      const before: Term[] = s > 0 ? [[1, through(k, s - 1)]] : []
      addRow(program, [...terms, ...before, [-1, through(k, s)]], '=', 0)
    })
  )
  buckets.forEach(({ firstDay }, b) =>
    spans.forEach(({ lastDay }, s) => {
      if (lastDay < firstDay) return
      addRow(
        program,
        upTo(buckets.length - 1 - b, (i) => through(b + i, s)),
        '<=',
        minutesBetween(writing, firstDay, lastDay)
      )
    })
  )
}

/** The columns of an activity of which one is 1: the stretches it is begun in, in order, then that it is not begun at all. */
export const beginnings = (j: number, stretches: number): string[] => [
  ...Array.from({ length: stretches }, (_, k) => begun(j, k)),
  never(j)
]

/** The columns of an activity of which one is 1 where it is done, by the span it is done in. */
export const endings = (j: number, stretches: number, spans: number): string[][] =>
  Array.from({ length: spans }, (_, s) =>
    Array.from({ length: stretches }, (_, k) => doneOn(j, k, s))
  )

/** The terms by which an activity is done by the end of a stretch. */
export const doneBy = (writing: Writing, j: number, k: number, spans: readonly Span[]): Term[] => {
  const { lastDay } = writing.buckets[k]!
  return spans.flatMap(({ firstDay }, s) =>
    firstDay <= lastDay ? Array.from({ length: k + 1 }, (_, i): Term => [1, doneOn(j, i, s)]) : []
  )
}

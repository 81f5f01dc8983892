import { hourValueOf, wastedOf, type Task } from '../fit'
import type { World } from '../workspace'
import { payTimes } from '../worth'
import type { Mode } from './mode'
import type { Sources } from './sources'

/** Two lists of numbers in order as one, each number once. */
function union(a: readonly number[], b: readonly number[]): readonly number[] {
  if (a.length === 0) return b
  if (b.length === 0) return a
  const all: number[] = []
  for (let i = 0, j = 0; i < a.length || j < b.length;) {
    const one = i < a.length ? a[i]! : Infinity
    const other = j < b.length ? b[j]! : Infinity
    all.push(one < other ? one : other)
    if (one <= other) i++
    if (other <= one) j++
  }
  return all
}

/** Rough ways, each with each way to clean up after it, as one. */
export function cleaned(
  { world, sources: { context } }: { readonly world: World; readonly sources: Sources },
  task: Task,
  rough: readonly Mode[],
  cleanUps: readonly Mode[]
): Mode[] {
  const rate = hourValueOf(context, task.build)
  const times = payTimes(world, task.build)
  const found: Mode[] = []
  for (const first of rough)
    for (const then of cleanUps) {
      const minutes = first.minutes + then.minutes
      const penalty = first.penalty + then.penalty
      const pay = first.pay + then.pay
      const effort = penalty + (rate * wastedOf(context, task, minutes)) / MINUTES_PER_HOUR
      found.push({
        method: first.method,
        then: then.method,
        minutes,
        effort,
        penalty,
        pay,
        cost: effort + times * pay,
        requires: union(first.requires, then.requires)
      })
    }
  return found
}
const MINUTES_PER_HOUR = 60

import { isDone, type Build } from '../builds'
import type { HazardClass, Library, Method } from '../catalogue'
import { plainRunMinutes, setUpMinutes } from '../fit'
import { distinct } from '../kernel'

/** Minutes of one unit with its set-up; undefined for what a service or a method of several parts does. */
function minutesOf(method: Method): number | undefined {
  if (method.service !== undefined || method.parts !== undefined) return undefined
  return setUpMinutes(method) + plainRunMinutes(method, { units: 1, batches: 1 })
}

/** A way to do the same with less danger. */
export interface GentlerWay {
  readonly method: string
  /** Of one unit in softwood, with set-up, practised, weekend tool; undefined for a service. */
  readonly minutes: number | undefined
}

/** How much danger there is in a way: its level, and of the same level a motor's more than a hand's. */
const dangerOf = ({ hazard, form }: Method): number =>
  2 * (hazard?.level ?? 0) + (form === 'hand' || form === 'service' ? 0 : 1)

/**
 * Ways to do the same work with less danger: at a lower level, or at the same by hand in place of a motor; the least dangerous first, of these
 * the quicker, services last. Empty where the library knows none, and for what is not dangerous.
 */
export function gentlerWays(library: Library, method: Method): GentlerWay[] {
  if (method.hazard === null) return []
  const danger = dangerOf(method)
  return (library.methodsFor.get(method.operation) ?? [])
    .filter((other) => dangerOf(other) < danger && !other.bySale)
    .map((other) => ({ other, minutes: minutesOf(other) }))
    .sort(
      (a, b) =>
        Number(a.minutes === undefined) - Number(b.minutes === undefined) ||
        dangerOf(a.other) - dangerOf(b.other) ||
        (a.minutes ?? 0) - (b.minutes ?? 0)
    )
    .map(({ other, minutes }) => ({ method: other.id, minutes }))
}

/** What a class of hazard does quickly, and what does the same more gently. */
export interface GentlerWork {
  readonly operation: string
  readonly method: string
  readonly minutes: number
  /** The quickest of the gentler ways; undefined where there is none. */
  readonly gentler: GentlerWay | undefined
}

/**
 * For each operation a class of hazard is used in, its quickest way and the quickest gentler one. @param builds whose work is asked for;
 * all operations where none of theirs is of the class
 */
export function gentlerWork(
  library: Library,
  hazard: HazardClass,
  builds: readonly Build[]
): GentlerWork[] {
  const asked = new Set(
    builds
      .filter((one) => !isDone(one))
      .flatMap(({ steps }) => steps.map(({ operation }) => operation))
  )
  const of = [...library.methods.values()].filter(({ hazard: its }) => its?.kind === hazard)
  const wanted = of.filter(({ operation }) => asked.has(operation))
  const among = wanted.length > 0 ? wanted : of
  return distinct(among.map(({ operation }) => operation))
    .flatMap((operation): GentlerWork[] => {
      const quickest = among
        .filter((one) => one.operation === operation)
        .flatMap((method) => {
          const minutes = minutesOf(method)
          return minutes === undefined ? [] : [{ method, minutes }]
        })
        .sort((a, b) => a.minutes - b.minutes)[0]
      if (!quickest) return []
      const ways = gentlerWays(library, quickest.method)
      const gentler = [...ways].sort((a, b) => (a.minutes ?? Infinity) - (b.minutes ?? Infinity))[0]
      return [{ operation, method: quickest.method.id, minutes: quickest.minutes, gentler }]
    })
    .sort(
      (a, b) =>
        (library.operations.get(a.operation)?.order ?? 0) -
        (library.operations.get(b.operation)?.order ?? 0)
    )
}

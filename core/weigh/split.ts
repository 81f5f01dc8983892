import type { Minor } from '../money'

/** One way to fill a place: a tier of a tool, say, or doing without. */
export interface SplitOption {
  readonly id: string
  /** Whole minor units, 0 or more. */
  readonly cost: Minor
  readonly value: number
}

/** A place of which exactly one option is taken. */
export interface SplitPlace {
  readonly id: string
  readonly options: readonly SplitOption[]
}

export type Split =
  | {
      readonly kind: 'split'
      readonly chosen: readonly { readonly place: string; readonly option: string }[]
      readonly cost: Minor
      readonly value: number
    }
  /** The total does not reach for the cheapest option of every place. */
  | { readonly kind: 'too-little'; readonly least: Minor }
  /** A place has no option left. */
  | { readonly kind: 'no-option'; readonly place: string }

/** The best values for each sum of money that can really be spent, dearer ones only where they are worth more. */
interface Front {
  readonly costs: Int32Array | Float64Array
  readonly values: Float64Array
  /** Option taken and place in the front before, for each entry. */
  readonly options: Uint8Array
  readonly before: Int32Array
}

/** Options that cost no less than another of the same place and are worth no more. */
const spared = (options: readonly SplitOption[]): SplitOption[] => {
  const kept: SplitOption[] = []
  for (const option of [...options].sort((a, b) => a.cost - b.cost || b.value - a.value))
    if (option.value > (kept.at(-1)?.value ?? -Infinity)) kept.push(option)
  return kept
}

/** The slopes of a place's upper hull, steepest first: what each further unit of money could bring at most. */
function hullSteps(
  options: readonly SplitOption[]
): { readonly cost: number; readonly value: number }[] {
  const hull: SplitOption[] = []
  for (const option of options) {
    for (;;) {
      const [a, b] = [hull.at(-2), hull.at(-1)]
      if (
        !a ||
        !b ||
        (b.value - a.value) * (option.cost - b.cost) > (option.value - b.value) * (b.cost - a.cost)
      )
        break
      hull.pop()
    }
    hull.push(option)
  }
  return hull.slice(1).map((option, i) => ({
    cost: option.cost - (hull[i]?.cost ?? 0),
    value: option.value - (hull[i]?.value ?? 0)
  }))
}

/**
 * Spend here, save there: one option for each place, of the greatest total value within a total of money. Exact: dynamic programming
 * over whole minor units, kept as the undominated pairs of cost and value (Nemhauser and Ullmann 1969), with what cannot reach the best
 * known left out by the fractional bound of the places to come (Sinha and Zoltners 1979). Among equal values the cheaper split wins.
 */
export function bestSplit(limit: Minor, places: readonly SplitPlace[]): Split {
  const lists = places.map(({ options }) => spared(options))
  const without = places[lists.findIndex((list) => list.length === 0)]
  if (without) return { kind: 'no-option', place: without.id }
  const leastFrom = suffixSums(lists.map((list) => list[0]?.cost ?? 0))
  const least = leastFrom[0] ?? 0
  if (least > limit) return { kind: 'too-little', least }
  const baseFrom = suffixSums(lists.map((list) => list[0]?.value ?? 0))
  const stepsFrom = lists.map((_, i) =>
    lists
      .slice(i)
      .flatMap(hullSteps)
      .sort((a, b) => b.value * a.cost - a.value * b.cost)
  )
  /** The most the places from `from` on could bring for some money, with fractions allowed. */
  const boundOf = (from: number): Bound =>
    fractionalBound(leastFrom[from] ?? 0, baseFrom[from] ?? 0, stepsFrom[from] ?? [])
  const known = greedyValue(limit - least, baseFrom[0] ?? 0, stepsFrom[0] ?? [])
  const fronts: Front[] = [
    {
      costs: Float64Array.of(0),
      values: Float64Array.of(0),
      options: Uint8Array.of(0),
      before: Int32Array.of(-1)
    }
  ]
  lists.forEach((list, i) =>
    fronts.push(
      grown(fronts[i] as Front, list, {
        limit,
        most: limit - (leastFrom[i + 1] ?? 0),
        bound: boundOf(i + 1),
        known
      })
    )
  )
  return chosenOf(fronts, places, lists)
}

/** The best pair of the last front, followed back through the fronts to what was taken at each place. */
function chosenOf(
  fronts: readonly Front[],
  places: readonly SplitPlace[],
  lists: readonly (readonly SplitOption[])[]
): Split {
  const last = fronts.at(-1) as Front
  let at = last.costs.length - 1
  const [cost, value] = [last.costs[at] ?? 0, last.values[at] ?? 0]
  const chosen: { place: string; option: string }[] = []
  for (let i = lists.length; i > 0; i--) {
    const front = fronts[i] as Front
    chosen.unshift({
      place: places[i - 1]?.id ?? '',
      option: lists[i - 1]?.[front.options[at] ?? 0]?.id ?? ''
    })
    at = front.before[at] ?? 0
  }
  return { kind: 'split', chosen, cost, value }
}

/** What some room of money could bring at the most. */
type Bound = (room: number) => number
/** @param least the least the places cost  @param base what they bring for that  @param steps what more money brings, steepest first */
function fractionalBound(
  least: number,
  base: number,
  steps: readonly { readonly cost: number; readonly value: number }[]
): Bound {
  const sums = [0]
  const worth = [0]
  for (const step of steps) {
    sums.push((sums.at(-1) ?? 0) + step.cost)
    worth.push((worth.at(-1) ?? 0) + step.value)
  }
  return (room) => {
    const free = room - least
    if (free < 0) return -Infinity
    let [low, high] = [0, sums.length - 1]
    while (low < high) {
      const middle = (low + high + 1) >> 1
      if ((sums[middle] ?? Infinity) <= free) low = middle
      else high = middle - 1
    }
    const step = steps[low]
    const part = step && step.cost > 0 ? (step.value * (free - (sums[low] ?? 0))) / step.cost : 0
    return base + (worth[low] ?? 0) + part
  }
}

const suffixSums = (list: readonly number[]): number[] => {
  const sums = new Array<number>(list.length + 1).fill(0)
  for (let i = list.length - 1; i >= 0; i--) sums[i] = (sums[i + 1] ?? 0) + (list[i] ?? 0)
  return sums
}

/** A value that can be had: hull steps taken while they fit whole. A little less, so that rounding never loses the best. */
function greedyValue(
  room: number,
  base: number,
  steps: readonly { cost: number; value: number }[]
): number {
  let value = base
  for (const step of steps) {
    if (step.cost > room) break
    room -= step.cost
    value += step.value
  }
  return value - Math.abs(value) * 1e-9 - 1e-9
}

/** What a front is kept within: the total and what of it the places to come leave, and what they could bring beside a value that is known. */
interface Within {
  readonly limit: number
  readonly most: number
  readonly bound: Bound
  readonly known: number
}

/** The front with one more place: every option laid over it, merged in order of cost, what is dearer and no better left out. */
function grown(front: Front, list: readonly SplitOption[], within: Within): Front {
  const { limit, most, bound, known } = within
  const size = front.costs.length * list.length
  const costs = new Float64Array(size)
  const values = new Float64Array(size)
  const options = new Uint8Array(size)
  const before = new Int32Array(size)
  const heads = new Int32Array(list.length)
  let count = 0
  let best = -Infinity
  for (;;) {
    let option = -1
    let cost = Infinity
    let value = -Infinity
    for (let k = 0; k < list.length; k++) {
      const head = heads[k] ?? 0
      if (head >= front.costs.length) continue
      const [c, v] = [
        (front.costs[head] as number) + (list[k] as SplitOption).cost,
        (front.values[head] as number) + (list[k] as SplitOption).value
      ]
      if (c < cost || (c === cost && v > value)) [option, cost, value] = [k, c, v]
    }
    if (option < 0 || cost > most) break
    const head = heads[option] as number
    heads[option] = head + 1
    if (value <= best) continue
    best = value
    if (value + bound(limit - cost) < known) continue
    costs[count] = cost
    values[count] = value
    options[count] = option
    before[count] = head
    count++
  }
  return {
    costs: costs.slice(0, count),
    values: values.slice(0, count),
    options: options.slice(0, count),
    before: before.slice(0, count)
  }
}

import type { KitValue } from './kit-value'
import type { Model } from './model'
import type { Way } from './problem'
import type { Supply } from './supply'

/** Purchases that go together, so many of each choice; in the order in which they were asked for. */
export type Package = ReadonlyMap<number, number>

/** Shares of its price one build may bear of a tool that others use as well. */
const SHARES = [1, 0.3, 0.1] as const

/** Jigs made with jigs, so many deep. */
const DEPTH = 2

/** What may be put together. */
export interface Shop {
  readonly kit: KitValue
  readonly model: Model
  readonly supply: Supply
  /** What each choice is reckoned at by itself: its price net of what it brings at the end; for what is made its material and work. */
  readonly alone: Float64Array
  /** Modes that ask for the same have the same number here. */
  readonly asksOf: Int32Array
  /** What each requirement lacks beyond the kit by itself, while the kit stays as it is. */
  readonly lacks: Lacks
}

/** The cheapest choice for what a requirement lacks, so many of it. */
interface Lack {
  readonly choice: number
  readonly count: number
  readonly price: number
}

/** What was worked out about one state of the kit; `null` where nothing can be had. */
interface Lacks {
  state: number
  known: (Lack | null | undefined)[]
}

/** Modes by what they ask for: equal lists have equal numbers. */
function asksOf({ problem }: Model): Int32Array {
  const numbers = new Map<string, number>()
  return Int32Array.from(problem.modes, ({ requires }) => {
    const key = requires.join()
    const present = numbers.get(key)
    if (present !== undefined) return present
    numbers.set(key, numbers.size)
    return numbers.size - 1
  })
}

/** A shop with a kit in it. */
export function shopOf(kit: KitValue, supply: Supply): Shop {
  const { model } = kit
  const { choices, maker, activities, modes } = model.problem
  const alone = Float64Array.from(supply.price, (price, choice) => {
    const jig = choices[choice]!.makes && activities[maker[choice] ?? -1]
    if (!jig) return choices[choice]!.makes ? Infinity : price
    let work = jig.material * (model.payTimes[maker[choice] as number] as number)
    for (const { ways } of jig.steps)
      work += Math.min(
        ...ways.map(({ slots, extra }) =>
          slots.reduce((sum, { first }) => sum + (modes[first]?.effort ?? 0), extra)
        )
      )
    return work
  })
  return { kit, model, supply, alone, asksOf: asksOf(model), lacks: { state: -1, known: [] } }
}

/** Units a package brings towards a requirement. */
function unitsOf({ model }: Shop, wanted: Package, requirement: number): number {
  const { from } = model.problem.requirements[requirement]!
  let units = 0
  for (const [choice, count] of wanted) units += (from.get(choice) ?? 0) * count
  return units
}

const NONE: Lack = { choice: -1, count: 0, price: 0 }

/** The cheapest choice for what a requirement still lacks beyond the kit and a package; undefined where none can be had, 0 of it where none is lacking. */
function lackingFor(shop: Shop, wanted: Package, requirement: number): Lack | undefined {
  const { kit, lacks } = shop
  const short = shop.model.problem.requirements[requirement]!.need - kit.have[requirement]!
  if (short <= 0) return NONE
  const units = wanted.size === 0 ? 0 : unitsOf(shop, wanted, requirement)
  if (units > 0) return short <= units ? NONE : cheapestFor(shop, requirement, short - units)
  if (lacks.state !== kit.state) {
    lacks.state = kit.state
    lacks.known = []
  }
  const known = lacks.known[requirement]
  if (known !== undefined) return known ?? undefined
  const found = cheapestFor(shop, requirement, short)
  lacks.known[requirement] = found ?? null
  return found
}

/** The cheapest choice that brings so many units towards a requirement. */
function cheapestFor(
  { model, supply }: Shop,
  requirement: number,
  short: number
): Lack | undefined {
  const { from } = model.problem.requirements[requirement]!
  let best: Lack | undefined
  for (const choice of supply.cheapest[requirement]!) {
    const count = Math.ceil(short / (from.get(choice) ?? 1))
    if (count > 1 && model.single[choice] === 1) continue
    const price = (supply.price[choice] as number) * count
    if (price < (best?.price ?? Infinity)) best = { choice, count, price }
  }
  return best
}

/** Adds what a mode lacks to a package, with the protection of what is bought and what jigs are made with; undefined where it cannot be had. */
function withMode(
  shop: Shop,
  before: Package,
  mode: number,
  depth = 0
): Map<number, number> | undefined {
  const { problem } = shop.model
  const wanted = new Map(before)
  for (const requirement of problem.modes[mode]!.requires)
    if (!supplied(shop, wanted, requirement)) return undefined
  for (const [choice] of wanted)
    if (!before.has(choice) && !completed(shop, wanted, choice, depth)) return undefined
  return wanted
}

/** Adds the protection a choice needs, and what it is made with; false where that cannot be had. */
function completed(
  shop: Shop,
  wanted: Map<number, number>,
  choice: number,
  depth: number
): boolean {
  const { guards, choices, maker } = shop.model.problem
  for (const requirement of guards[choice] ?? [])
    if (requirement < 0 || !supplied(shop, wanted, requirement)) return false
  if (choices[choice]!.makes === undefined) return true
  const jig = maker[choice] as number
  const made = jig < 0 || depth >= DEPTH ? undefined : packageFor(shop, wanted, jig, 1, depth + 1)
  if (!made) return false
  for (const [one, count] of made) wanted.set(one, count)
  return true
}

/** Adds the cheapest choice for what a requirement lacks; false where it cannot be had. */
function supplied(shop: Shop, wanted: Map<number, number>, requirement: number): boolean {
  const lack = lackingFor(shop, wanted, requirement)
  if (!lack) return false
  if (lack.count > 0) wanted.set(lack.choice, (wanted.get(lack.choice) ?? 0) + lack.count)
  return true
}

/** What the choices of a package are reckoned at. */
export function priceOfPackage({ alone }: Pick<Shop, 'alone'>, wanted: Package): number {
  let price = 0
  for (const [choice, count] of wanted) price += (alone[choice] as number) * count
  return price
}

/** The mode of a list that costs least with what it lacks at a share of its price, and the package with it. */
function leastMode(
  shop: Shop,
  before: Package,
  { first, last }: { readonly first: number; readonly last: number },
  { share, depth }: { readonly share: number; readonly depth: number }
): Chosen | undefined {
  const { modes } = shop.model.problem
  let best = Infinity
  let found = -1
  for (let mode = first; mode < last; mode++) {
    const { cost: plain, requires } = modes[mode]!
    if (plain >= best) break
    let cost = plain
    if (!shop.kit.isOpen(mode))
      for (const requirement of requires) {
        if (shop.kit.isMet(requirement)) continue
        cost += share * Math.max(0, lackingFor(shop, before, requirement)?.price ?? Infinity)
        if (cost >= best) break
      }
    if (cost < best) {
      best = cost
      found = mode
    }
  }
  if (found < 0) return undefined
  const wanted = withMode(shop, before, found, depth)
  return wanted && { wanted, cost: best }
}

/** The cheapest purchases with which an activity can be done, where each bears a share of its price; undefined where there are none. */
function packageFor(
  shop: Shop,
  before: Package,
  activity: number,
  share: number,
  depth = 0
): Package | undefined {
  let wanted: Package = before
  for (const { ways } of shop.model.problem.activities[activity]!.steps) {
    let best: Chosen | undefined
    for (const way of ways) best = wayFor(shop, wanted, way, { share, depth }, best) ?? best
    if (!best) return undefined
    wanted = best.wanted
  }
  return wanted
}

/** A package and what it comes to with the way it is for. */
interface Chosen {
  readonly wanted: Package
  readonly cost: number
}

/** What one way of a step lacks, where it comes to less than the best so far. */
function wayFor(
  shop: Shop,
  before: Package,
  { slots, extra }: Way,
  how: { readonly share: number; readonly depth: number },
  best: Chosen | undefined
): Chosen | undefined {
  const limit = best?.cost ?? Infinity
  let cost = extra
  let wanted = before
  for (const slot of slots) {
    const least = leastMode(shop, wanted, slot, how)
    if (!least || cost + least.cost >= limit) return undefined
    cost += least.cost
    wanted = least.wanted
  }
  return cost < limit ? { wanted, cost } : undefined
}

const NOTHING: Package = new Map()
const keyOf = (wanted: Package): string =>
  [...wanted]
    .map(([choice, count]) => `${choice}*${count}`)
    .sort()
    .join()

/**
 * Packages worth a look with the kit as it is: for each activity the cheapest ways in, with its purchases at their full price and at the
 * share one build may bear; and for each list of ways what each of them lacks by itself.
 */
export function packagesFor(shop: Shop): Package[] {
  const { problem } = shop.model
  const found = new Map<string, Package>()
  const take = (wanted: Package | undefined): void => {
    if (wanted && wanted.size > 0) found.set(keyOf(wanted), wanted)
  }
  for (const activity of [...problem.wanted, ...problem.after])
    for (const share of SHARES) take(packageFor(shop, NOTHING, activity, share))
  for (const { choice } of problem.comforts) {
    const wanted = new Map([[choice, 1]])
    if (completed(shop, wanted, choice, 0)) take(wanted)
  }
  const asked = new Set<number>()
  for (const { first, last } of shop.kit.pools) {
    // Modes stand cheapest first: beyond the one that is open none is any better.
    const present = shop.kit.openMode(first)
    const stop = present < 0 ? last : present
    for (let mode = first; mode < stop; mode++) {
      const asks = shop.asksOf[mode]!
      if (asked.has(asks)) continue
      asked.add(asks)
      take(withMode(shop, NOTHING, mode))
    }
  }
  return [...found.values()]
}

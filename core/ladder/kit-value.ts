import { countedWorthOf, type Model } from '../search'

/** What a kit makes of one step: the way taken, the modes of its slots, and what they cost. */
export interface StepTaken {
  readonly way: number
  readonly modes: readonly number[]
  readonly cost: number
  readonly minutes: number
}

/** What a kit makes of one activity. */
export interface ActivityTaken {
  readonly activity: number
  readonly steps: readonly StepTaken[]
  readonly minutes: number
  /** Worth less material and all its steps cost; negative where it does not pay. */
  readonly net: number
}

/** How often the pieces of an activity count: the user's builds once, kinds that go on being made as the years after say. */
interface Counted {
  readonly activity: number
  readonly times: number
}

/**
 * **V(K)** (docs/model.md, 4): what a kit is worth, without purse, hours or days. Σ over builds of max(0, W − wasted hours − material −
 * fees − penalties) + A(K). Reads the ways the search has compiled; tools are put in and taken out again, and only the ways they matter
 * to are looked at anew.
 */
export class KitValue {
  /** Units there, by requirement. */
  readonly have: Int32Array
  /** Cost of the cheapest open mode of each distinct list of modes; Infinity where none is open. */
  private readonly poolCost: Float64Array
  private readonly poolMode: Int32Array
  private readonly poolFirst: number[] = []
  private readonly poolLast: number[] = []
  /** The pool of each slot, and the pools each requirement matters to. */
  private readonly poolOf: Int32Array
  private readonly touched: readonly Int32Array[]
  private readonly counted: readonly Counted[]
  private readonly soiled: Uint8Array
  private dirty: number[] = []
  private readonly poolNumber: ReadonlyMap<string, number>

  constructor(readonly model: Model) {
    const { problem, slotFirst, slotLast, need } = model
    this.have = Int32Array.from(model.owned)
    const known = new Map<string, number>()
    this.poolOf = Int32Array.from(slotFirst, (first, slot) => {
      const key = `${first}-${slotLast[slot]}`
      const present = known.get(key)
      if (present !== undefined) return present
      const pool = known.size
      known.set(key, pool)
      this.poolFirst.push(first)
      this.poolLast.push(slotLast[slot] as number)
      return pool
    })
    const pools: Set<number>[] = Array.from(need, () => new Set())
    for (let pool = 0; pool < known.size; pool++)
      for (let mode = this.poolFirst[pool]!; mode < this.poolLast[pool]!; mode++)
        for (const requirement of problem.modes[mode]!.requires) pools[requirement]!.add(pool)
    this.touched = pools.map((set) => Int32Array.from(set))
    this.poolCost = new Float64Array(known.size)
    this.poolMode = new Int32Array(known.size)
    this.soiled = new Uint8Array(known.size)
    this.poolNumber = known
    for (let pool = 0; pool < known.size; pool++) this.refresh(pool)
    this.counted = [
      ...problem.wanted.map((activity) => ({ activity, times: 1 })),
      ...problem.after.map((activity) => ({ activity, times: problem.afterTimes }))
    ]
  }

  /** Lists of modes of what counts, as ranges of modes; each once. */
  get pools(): readonly { readonly first: number; readonly last: number }[] {
    const { activitySteps, stepWays, waySlots } = this.model
    const used = new Set<number>()
    for (const { activity } of this.counted) {
      const stop = waySlots[stepWays[activitySteps[activity + 1]!]!]!
      for (let slot = waySlots[stepWays[activitySteps[activity]!]!]!; slot < stop; slot++)
        used.add(this.poolOf[slot]!)
    }
    return [...used].map((pool) => ({ first: this.poolFirst[pool]!, last: this.poolLast[pool]! }))
  }

  isMet(requirement: number): boolean {
    return (this.have[requirement] as number) >= (this.model.need[requirement] as number)
  }

  private isOpen(mode: number): boolean {
    const { modeFirst, modeRequires, need } = this.model
    const stop = modeFirst[mode + 1] as number
    for (let i = modeFirst[mode] as number; i < stop; i++) {
      const requirement = modeRequires[i] as number
      if ((this.have[requirement] as number) < (need[requirement] as number)) return false
    }
    return true
  }

  private refresh(pool: number): void {
    const last = this.poolLast[pool]!
    for (let mode = this.poolFirst[pool]!; mode < last; mode++)
      if (this.isOpen(mode)) {
        this.poolCost[pool] = this.model.modeCost[mode] as number
        this.poolMode[pool] = mode
        return
      }
    this.poolCost[pool] = Infinity
    this.poolMode[pool] = -1
  }

  /** Puts so many of a choice into the kit; a negative number takes them out. */
  add(choice: number, count: number): void {
    const { feeds, need } = this.model
    const list = feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2) {
      const requirement = list[i] as number
      const before = this.isMet(requirement)
      this.have[requirement]! += (list[i + 1] as number) * count
      if (before === (this.have[requirement] as number) >= (need[requirement] as number)) continue
      const pools = this.touched[requirement]!
      for (let k = 0; k < pools.length; k++) this.soil(pools[k] as number)
    }
  }

  /** Marks a pool to be looked at anew. */
  private soil(pool: number): void {
    if (this.soiled[pool] === 1) return
    this.soiled[pool] = 1
    this.dirty.push(pool)
  }

  /** Looks anew at the pools that something has changed for. */
  private settle(): void {
    for (const pool of this.dirty) {
      this.soiled[pool] = 0
      this.refresh(pool)
    }
    this.dirty.length = 0
  }

  /** What a question about the kit comes to with a package in it; the kit is left as it was. */
  withPackage<T>(wanted: ReadonlyMap<number, number>, ask: () => T): T {
    this.settle()
    for (const [choice, count] of wanted) this.add(choice, count)
    const pools = [...this.dirty]
    const [costs, modes] = [
      pools.map((pool) => this.poolCost[pool] as number),
      pools.map((pool) => this.poolMode[pool] as number)
    ]
    const answer = ask()
    for (const [choice, count] of wanted) this.add(choice, -count)
    // What was known before holds again.
    pools.forEach((pool, k) => {
      this.poolCost[pool] = costs[k] as number
      this.poolMode[pool] = modes[k] as number
      this.soiled[pool] = 0
    })
    this.dirty = this.dirty.filter((pool) => this.soiled[pool] === 1)
    return answer
  }

  /** What the cheapest open mode of a pool costs; Infinity where none is open. */
  costOfPool(first: number, last: number): number {
    this.settle()
    return this.poolCost[this.poolNumber.get(`${first}-${last}`) ?? -1] ?? Infinity
  }

  /** What the cheapest open way of a step costs. */
  private stepCost(step: number): number {
    const { stepWays, waySlots, wayExtra } = this.model
    const last = stepWays[step + 1] as number
    let best = Infinity
    for (let way = stepWays[step] as number; way < last; way++) {
      let cost = wayExtra[way] as number
      const stop = waySlots[way + 1] as number
      for (let slot = waySlots[way] as number; slot < stop && cost < best; slot++)
        cost += this.poolCost[this.poolOf[slot] as number] as number
      if (cost < best) best = cost
    }
    return best
  }

  /** What an activity brings with the kit, whatever it is; −Infinity where it cannot be made. */
  netOf(activity: number): number {
    this.settle()
    const { problem, activitySteps, payTimes } = this.model
    const one = problem.activities[activity]!
    let net = countedWorthOf(this.model, activity) - (payTimes[activity] as number) * one.material
    const end = activitySteps[activity + 1] as number
    for (let step = activitySteps[activity] as number; step < end; step++) {
      net -= this.stepCost(step)
      if (net === -Infinity) return net
    }
    return net
  }

  /** V of the kit, minor units. */
  value(): number {
    let total = 0
    for (const { activity, times } of this.counted) {
      const net = this.netOf(activity)
      if (net > 0) total += times * net
    }
    return total
  }

  /** How an activity would be done with the kit; undefined where it cannot be. */
  taken(activity: number): ActivityTaken | undefined {
    const { activitySteps, stepWays, waySlots, wayExtra, wayMinutes, modeMinutes } = this.model
    const net = this.netOf(activity)
    if (net === -Infinity) return undefined
    const steps: StepTaken[] = []
    const end = activitySteps[activity + 1] as number
    for (let step = activitySteps[activity] as number; step < end; step++) {
      let best: StepTaken | undefined
      const last = stepWays[step + 1] as number
      for (let way = stepWays[step] as number; way < last; way++) {
        let cost = wayExtra[way] as number
        let minutes = wayMinutes[way] as number
        const modes: number[] = []
        const stop = waySlots[way + 1] as number
        for (let slot = waySlots[way] as number; slot < stop; slot++) {
          const pool = this.poolOf[slot] as number
          cost += this.poolCost[pool] as number
          const mode = this.poolMode[pool] as number
          modes.push(mode)
          minutes += mode < 0 ? 0 : (modeMinutes[mode] as number)
        }
        if (cost < (best?.cost ?? Infinity)) best = { way, modes, cost, minutes }
      }
      if (!best) return undefined
      steps.push(best)
    }
    return {
      activity,
      steps,
      minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
      net
    }
  }
}

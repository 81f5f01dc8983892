import { countedWorthOf, type Model } from './model'
import { comfortOf } from './comfort-value'
import type { ActivityTaken, StepTaken } from './taken'
import { modesByRequirement, poolsOf, waysPlayed, type Pools } from './pools'

/** How often the pieces of an activity count: the user's builds once, kinds that go on being made as the years after say. */
interface Counted {
  readonly activity: number
  readonly times: number
}

/**
 * **V(K)** (docs/model.md, 4): what a kit is worth, without purse, hours or days. Σ over builds of max(0, W − wasted hours − material −
 * fees − penalties) + A(K). Reads the ways the search has compiled; tools are put in and taken out again, and only what they change is
 * reckoned anew.
 */
export class KitValue {
  /** Units there, by requirement. */
  readonly have: Int32Array
  /** Another number whenever something was put in or taken out. */
  state = 0
  /** How many were put in, by choice. */
  private readonly held: Int32Array
  private readonly pooled: Pools
  /** The cheapest open mode of each pool and what it costs; −1 and Infinity where none is open. */
  private readonly poolMode: Int32Array
  private readonly poolCost: Float64Array
  private readonly modesOf: readonly Int32Array[]
  /** How many of its requirements a mode still lacks. */
  private readonly lacks: Uint8Array
  private readonly counted: readonly Counted[]
  private readonly waysOf: (choice: number) => ReadonlySet<number>
  /** Steps of what counts that each pool plays a part in; what the cheapest open way of each costs, and those to be looked at anew. */
  private readonly stepsOf: readonly Int32Array[]
  private readonly costOfStep: Float64Array
  private readonly soiledStep: Uint8Array
  private readonly dirtySteps: number[] = []
  /** Pools whose cheapest open mode has just been shut; room for all of them. */
  private readonly shut: Int32Array
  /** What each activity that counts brings, its place in the list, and those to be added up anew. */
  private readonly nets: Float64Array
  private readonly placeOf: Int32Array
  private readonly activityOf: Int32Array
  private readonly soiledNet: Uint8Array

  constructor(readonly model: Model) {
    const { problem, need } = model
    this.have = Int32Array.from(model.owned)
    this.held = new Int32Array(problem.choices.length)
    this.pooled = poolsOf(model)
    this.modesOf = modesByRequirement(model)
    this.waysOf = waysPlayed(model, this.modesOf, this.pooled)
    this.lacks = Uint8Array.from(
      problem.modes,
      ({ requires }) => requires.filter((one) => (this.have[one] as number) < need[one]!).length
    )
    const times = new Map<number, number>()
    for (const activity of problem.wanted) times.set(activity, 1)
    for (const activity of problem.after)
      times.set(activity, (times.get(activity) ?? 0) + problem.afterTimes)
    this.counted = [...times].map(([activity, count]) => ({ activity, times: count }))
    const steps = model.stepWays.length - 1
    this.costOfStep = new Float64Array(steps)
    this.soiledStep = new Uint8Array(steps)
    this.nets = new Float64Array(this.counted.length)
    this.soiledNet = new Uint8Array(this.counted.length).fill(1)
    this.placeOf = new Int32Array(problem.activities.length).fill(-1)
    this.activityOf = new Int32Array(steps).fill(-1)
    const pools = this.pooled.first.length
    this.stepsOf = this.stepsByPool(pools)
    this.poolMode = new Int32Array(pools).fill(-1)
    this.poolCost = new Float64Array(pools).fill(Infinity)
    this.shut = new Int32Array(pools)
    for (let pool = 0; pool < pools; pool++) this.scan(pool, this.pooled.first[pool]!)
  }

  /** Notes where what counts has its steps, each to be looked at. */
  private stepsByPool(pools: number): readonly Int32Array[] {
    const { activitySteps, stepWays, waySlots } = this.model
    const found: Set<number>[] = Array.from({ length: pools }, () => new Set())
    this.counted.forEach(({ activity }, place) => {
      this.placeOf[activity] = place
      for (let step = activitySteps[activity]!; step < activitySteps[activity + 1]!; step++) {
        this.activityOf[step] = place
        this.soilStep(step)
        const stop = waySlots[stepWays[step + 1]!]!
        for (let slot = waySlots[stepWays[step]!]!; slot < stop; slot++)
          found[this.pooled.ofSlot[slot]!]!.add(step)
      }
    })
    return found.map((set) => Int32Array.from(set))
  }

  /** Lists of modes of what counts, as ranges of modes; each once. */
  get pools(): readonly { readonly first: number; readonly last: number }[] {
    const { first, last } = this.pooled
    return this.stepsOf.flatMap((steps, pool) =>
      steps.length === 0 ? [] : [{ first: first[pool]!, last: last[pool]! }]
    )
  }

  isMet(requirement: number): boolean {
    return (this.have[requirement] as number) >= (this.model.need[requirement] as number)
  }

  /** Whether all a mode requires is there. */
  isOpen(mode: number): boolean {
    return this.lacks[mode] === 0
  }

  /** Looks for the cheapest open mode of a pool from a place in it on; they stand cheapest first. */
  private scan(pool: number, from: number): void {
    const last = this.pooled.last[pool]!
    for (let mode = from; mode < last; mode++)
      if (this.lacks[mode] === 0) return this.set(pool, mode, this.model.modeCost[mode] as number)
    this.set(pool, -1, Infinity)
  }

  /** Notes the cheapest open mode of a pool; its steps are looked at anew where that costs something else. */
  private set(pool: number, mode: number, cost: number): void {
    this.poolMode[pool] = mode
    if (this.poolCost[pool] === cost) return
    this.poolCost[pool] = cost
    const steps = this.stepsOf[pool]!
    for (let i = 0; i < steps.length; i++) this.soilStep(steps[i] as number)
  }

  private soilStep(step: number): void {
    if (this.soiledStep[step] === 1) return
    this.soiledStep[step] = 1
    this.dirtySteps.push(step)
  }

  /** Puts so many of a choice into the kit; a negative number takes them out. */
  add(choice: number, count: number): void {
    this.state++
    this.held[choice]! += count
    const list = this.model.feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2) {
      const requirement = list[i] as number
      const before = this.isMet(requirement)
      this.have[requirement]! += (list[i + 1] as number) * count
      if (before === this.isMet(requirement)) continue
      if (before) this.lost(requirement)
      else this.met(requirement)
    }
  }

  private met(requirement: number): void {
    const modes = this.modesOf[requirement] as Int32Array
    for (let i = 0; i < modes.length; i++) {
      const mode = modes[i] as number
      if (--this.lacks[mode]! > 0) continue
      const pool = this.pooled.ofMode[mode] as number
      if (pool < 0) continue
      const present = this.poolMode[pool] as number
      if (present < 0 || mode < present) this.set(pool, mode, this.model.modeCost[mode] as number)
    }
  }

  private lost(requirement: number): void {
    const modes = this.modesOf[requirement] as Int32Array
    let shut = 0
    for (let i = 0; i < modes.length; i++) {
      const mode = modes[i] as number
      if (this.lacks[mode]!++ > 0) continue
      const pool = this.pooled.ofMode[mode] as number
      if (pool >= 0 && this.poolMode[pool] === mode) this.shut[shut++] = pool
    }
    for (let i = 0; i < shut; i++) {
      const pool = this.shut[i] as number
      this.scan(pool, (this.poolMode[pool] as number) + 1)
    }
  }

  /** Reckons the steps anew that something has changed for. */
  private settle(): void {
    for (const step of this.dirtySteps) {
      this.soiledStep[step] = 0
      const cost = this.stepCost(step)
      if (cost === this.costOfStep[step]) continue
      this.costOfStep[step] = cost
      this.soiledNet[this.activityOf[step] as number] = 1
    }
    this.dirtySteps.length = 0
  }

  /** What a question about the kit comes to with a package in it; the kit is left as it was. */
  withPackage<T>(wanted: ReadonlyMap<number, number>, ask: () => T): T {
    for (const [choice, count] of wanted) this.add(choice, count)
    const answer = ask()
    for (const [choice, count] of wanted) this.add(choice, -count)
    return answer
  }

  /** Whether a choice plays in a list of ways that one of some others plays in as well. */
  sharesWays(choice: number, others: readonly number[]): boolean {
    const mine = this.waysOf(choice)
    return others.some((other) => [...this.waysOf(other)].some((pool) => mine.has(pool)))
  }

  /** The cheapest open mode of a list of modes; −1 where none is open. @param first of the list */
  openMode(first: number): number {
    return this.poolMode[this.pooled.ofMode[first] ?? -1] ?? -1
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
        cost += this.poolCost[this.pooled.ofSlot[slot] as number] as number
      if (cost < best) best = cost
    }
    return best
  }

  /** What an activity that counts brings with the kit, whatever it is; −Infinity where it cannot be made. */
  netOf(activity: number): number {
    this.settle()
    return this.netAt(this.placeOf[activity] as number)
  }

  private netAt(place: number): number {
    if (this.soiledNet[place] === 1) {
      this.soiledNet[place] = 0
      this.nets[place] = this.addedUp(this.counted[place]!.activity)
    }
    return this.nets[place] as number
  }

  private addedUp(activity: number): number {
    const { problem, activitySteps, payTimes } = this.model
    const one = problem.activities[activity]!
    let net = countedWorthOf(this.model, activity) - (payTimes[activity] as number) * one.material
    const end = activitySteps[activity + 1] as number
    for (let step = activitySteps[activity] as number; step < end; step++) {
      net -= this.costOfStep[step] as number
      if (net === -Infinity) return net
    }
    return net
  }

  /** V of the kit, minor units. */
  value(): number {
    this.settle()
    let total = comfortOf(this.model.problem, this.held)
    this.counted.forEach(({ times }, place) => (total += times * Math.max(0, this.netAt(place))))
    return total
  }

  /** How an activity that counts would be done with the kit; undefined where it cannot be. */
  taken(activity: number): ActivityTaken | undefined {
    const net = this.netOf(activity)
    if (net === -Infinity) return undefined
    const { activitySteps } = this.model
    const steps: StepTaken[] = []
    const end = activitySteps[activity + 1] as number
    for (let step = activitySteps[activity] as number; step < end; step++) {
      const best = this.wayTaken(step)
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

  /** The cheapest open way of a step. */
  private wayTaken(step: number): StepTaken | undefined {
    const { stepWays, waySlots, wayExtra, wayMinutes, modeMinutes } = this.model
    let best: StepTaken | undefined
    const last = stepWays[step + 1] as number
    for (let way = stepWays[step] as number; way < last; way++) {
      let cost = wayExtra[way] as number
      let minutes = wayMinutes[way] as number
      const modes: number[] = []
      const stop = waySlots[way + 1] as number
      for (let slot = waySlots[way] as number; slot < stop; slot++) {
        const pool = this.pooled.ofSlot[slot] as number
        const mode = this.poolMode[pool] as number
        cost += this.poolCost[pool] as number
        minutes += mode < 0 ? 0 : (modeMinutes[mode] as number)
        modes.push(mode)
      }
      if (cost < (best?.cost ?? Infinity)) best = { way, modes, cost, minutes }
    }
    return best
  }
}

import type { Build } from '../builds'
import { addDays, dayNumber, minutesThrough, stageOf, type Day } from '../calendar'
import { chosenMethods, fitBuild, kitWith, type BuildFit, type Fitter, type Kit, type KitTool } from '../fit'
import { distinct, groupBy, must, sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import { buildMaterial, type PlannedBuild, type PlannedPurchase, type World } from '../workspace'

/** A tool that is in the workshop from a day on, counted in days from today. */
interface Arrival {
  readonly day: number
  readonly entry: KitTool
}

/** A build as it would be scheduled: nothing is changed until it is booked. */
export interface Slot {
  readonly planned: PlannedBuild
  readonly beginDay: number
  readonly doneDay: number
  readonly minutesByDay: readonly (readonly [day: number, minutes: number])[]
  readonly minutes: number
  readonly fit: BuildFit
}

/** What all drafts of one planning run share: the days of the horizon, and fits worked out so far. */
export interface Grid {
  readonly dates: readonly Day[]
  /** First day of the stage each day falls in. */
  readonly stageStarts: readonly Day[]
  readonly minutes: Int32Array
  readonly fits: Map<string, BuildFit>
}

export function gridOf(world: World): Grid {
  const count = dayNumber(world.until) - dayNumber(world.asOf) + 1
  const dates = Array.from({ length: count }, (_, day) => addDays(world.asOf, day))
  const rate = world.workspace.time.minutesPerWeek
  const through = dates.map((date) => minutesThrough(rate, world.asOf, date))
  return {
    dates,
    stageStarts: dates.map((date) => must(stageOf(world.stages, date), 'the stage of a day').start),
    minutes: Int32Array.from(through, (total, day) => total - (through[day - 1] ?? 0)),
    fits: new Map()
  }
}

/** Tells kit entries apart; remembered per entry, since it is asked for often. */
const signatures = new WeakMap<KitTool, string>()
function signatureOf(entry: KitTool): string {
  const known = signatures.get(entry)
  if (known !== undefined) return known
  const { tool, tier, condition, power, count } = entry
  const signature = `${tool.id}/${tier}/${condition}/${power}*${count}`
  signatures.set(entry, signature)
  return signature
}

/**
 * A plan under construction: money and shop time by the day, tools by the day they arrive. Days count from today (0) to the end
 * of the horizon. Cash is kept as the balance at the end of each day; what may be spent on a day is the least of that and all
 * later balances, less the reserve, so that nothing bought early takes money a later purchase has been promised.
 */
export class Draft {
  readonly purchases: PlannedPurchase[] = []
  readonly slots: Slot[] = []
  private readonly balance: Float64Array
  private readonly freeMinutes: Int32Array
  private readonly arrivals: Arrival[] = []
  private readonly origin: number
  private readonly paydays: readonly number[]

  constructor(
    readonly world: World,
    readonly fitter: Fitter,
    private readonly grid: Grid = gridOf(world)
  ) {
    this.origin = dayNumber(world.asOf)
    this.balance = new Float64Array(grid.dates.length).fill(world.balance)
    for (const { date, amount } of world.receipts) this.move(this.dayOf(date), amount)
    this.paydays = distinct(world.receipts.map(({ date }) => this.dayOf(date)))
    this.freeMinutes = grid.minutes.slice()
  }

  /** A copy that can be changed without touching this one. */
  copy(): Draft {
    const twin = new Draft(this.world, this.fitter, this.grid)
    twin.balance.set(this.balance)
    twin.freeMinutes.set(this.freeMinutes)
    twin.purchases.push(...this.purchases)
    twin.slots.push(...this.slots)
    twin.arrivals.push(...this.arrivals)
    return twin
  }

  get days(): number {
    return this.balance.length
  }

  dayOf = (date: Day): number => dayNumber(date) - this.origin
  dateOf = (day: number): Day => this.grid.dates[day] ?? addDays(this.world.asOf, day)

  private move(day: number, amount: Minor): void {
    for (let d = Math.max(0, day); d < this.balance.length; d++) this.balance[d] = (this.balance[d] ?? 0) + amount
  }

  /** What may still be spent on a day without breaking the reserve then or later. */
  spendable(day: number): Minor {
    let least = Infinity
    for (let d = day; d < this.balance.length; d++) least = Math.min(least, this.balance[d] ?? 0)
    return least - this.world.workspace.money.reserve
  }

  /** The first day from `from` on when an amount can be spent; undefined when never. Only days on which money comes in matter. */
  affordableFrom(amount: Minor, from: number): number | undefined {
    let least = Infinity
    let found: number | undefined
    for (let d = this.balance.length - 1; d >= from; d--) {
      least = Math.min(least, this.balance[d] ?? 0)
      if (least - this.world.workspace.money.reserve < amount) break
      found = d
    }
    return found
  }

  /** The latest day, not after `day`, on which money comes in (or today): purchases are made on such days. */
  paydayBefore(day: number, notBefore: number): number {
    return Math.max(notBefore, ...this.paydays.filter((d) => d <= day && d >= notBefore))
  }

  kitAt(day: number): Kit {
    return kitWith(this.fitter.kit, this.arrivals.filter((arrival) => arrival.day <= day).map(({ entry }) => entry))
  }

  /** Floor that is still free for stored tools, m²; Infinity where the workshop sets no limit. */
  get freeFloor(): number {
    const { floorM2 } = this.world.workspace.workshop
    const taken = sumOf([...this.fitter.kit.tools, ...this.arrivals.map(({ entry }) => entry)], ({ tool, count }) => tool.storedM2 * count)
    return floorM2 === undefined ? Infinity : floorM2 - taken
  }

  /** Days after `from` on which a tool arrives. */
  arrivalDays = (from: number): number[] => distinct(this.arrivals.map(({ day }) => day).filter((day) => day > from)).sort((a, b) => a - b)

  private fitAt(build: Build, day: number, extra: readonly KitTool[]): BuildFit {
    const present = [...this.arrivals.filter((arrival) => arrival.day <= day).map(({ entry }) => entry), ...extra]
    const key = `${build.id}|${present.map(signatureOf).sort().join()}`
    const known = this.grid.fits.get(key)
    if (known) return known
    const fit = fitBuild(this.fitter.context, kitWith(this.fitter.kit, present), build)
    this.grid.fits.set(key, fit)
    return fit
  }

  /**
   * The earliest slot for a build that begins on `from` or later, with the tools there by then and `extra` besides; undefined when
   * a step has no method or the hours do not suffice within the horizon.
   */
  slotFor(build: Build, from: number, extra: readonly KitTool[] = [], hoursTaken: ReadonlyMap<number, number> = new Map()): Slot | undefined {
    for (const day of [from, ...this.arrivalDays(from)]) {
      const fit = this.fitAt(build, day, extra)
      if (fit.gaps.length === 0) return this.allocate(build, fit, day, hoursTaken)
    }
    return undefined
  }

  private allocate(build: Build, fit: BuildFit, from: number, hoursTaken: ReadonlyMap<number, number>): Slot | undefined {
    const minutes = Math.max(0, fit.minutes - (build.log?.minutesSpent ?? 0))
    const minutesByDay: [number, number][] = []
    let left = minutes
    for (let day = from; left > 0 && day < this.days; day++) {
      const take = Math.min(left, (this.freeMinutes[day] ?? 0) - (hoursTaken.get(day) ?? 0))
      if (take <= 0) continue
      minutesByDay.push([day, take])
      left -= take
    }
    if (left > 0) return undefined
    const beginDay = minutesByDay[0]?.[0] ?? from
    const doneDay = minutesByDay.at(-1)?.[0] ?? from
    const perStage = groupBy(minutesByDay, ([day]) => must(this.grid.stageStarts[day], 'the stage of a day'))
    const planned: PlannedBuild = {
      build: build.id,
      begin: this.dateOf(beginDay),
      done: this.dateOf(doneDay),
      work: [...perStage].map(([stage, parts]) => ({ stage, minutes: sumOf(parts, ([, taken]) => taken) })),
      methods: chosenMethods(fit),
      material: build.log ? 0 : buildMaterial(this.world, build) + fit.fees
    }
    return { planned, beginDay, doneDay, minutesByDay, minutes, fit }
  }

  /** Books a purchase on a day. */
  buy(purchase: Omit<PlannedPurchase, 'date' | 'id'>, day: number, entry: KitTool): void {
    const date = this.dateOf(day)
    const id = [purchase.offer, date].join('@')
    const same = this.purchases.findIndex((other) => other.id === id)
    const present = this.purchases[same]
    if (present) this.purchases[same] = { ...present, count: present.count + purchase.count, price: present.price + purchase.price }
    else this.purchases.push({ ...purchase, id, date })
    this.move(day, -purchase.price)
    this.arrivals.push({ day, entry })
  }

  /** Books a build: its material, its hours, the tool it yields, the money its sale brings. */
  book(build: Build, slot: Slot): void {
    this.slots.push(slot)
    this.move(slot.beginDay, -slot.planned.material)
    for (const [day, minutes] of slot.minutesByDay) this.freeMinutes[day] = (this.freeMinutes[day] ?? 0) - minutes
    const yielded = build.yields === undefined ? undefined : this.fitter.context.library.tools.get(build.yields)
    if (yielded) this.arrivals.push({ day: slot.doneDay, entry: { tool: yielded, tier: 'weekend', condition: 'new', power: 'hand', specs: yielded.specs, count: 1 } })
    if (build.sale) {
      const day = slot.doneDay + build.sale.daysToSell
      if (day < this.days) this.move(day, timesRatio(build.sale.netEach * build.copies, this.world.workspace.money.reinvestShare))
    }
  }
}

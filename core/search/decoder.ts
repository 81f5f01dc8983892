import { Hours } from './hours'
import { NEVER, type Order } from './order'
import type { Pin } from '../workspace'
import type { Problem } from './problem'
import { Shelf } from './shelf'

export { NEVER, copyOrder, orderOf, type Order } from './order'

const { floor, max, min } = Math

/** A purchase as decoded: so many of a choice at a moment, for a job. */
export interface Bought {
  readonly choice: number
  readonly count: number
  readonly moment: number
  readonly job: number
}

/** An owned item sold because something bought takes its place. */
export interface Sold {
  readonly item: string
  readonly amount: number
  readonly moment: number
}

/** A job as decoded, with the alternative taken for each step. */
export interface Done {
  readonly job: number
  readonly begin: number
  readonly done: number
  readonly alternatives: readonly number[]
}

/** Minutes of a day without any limit on hours. */
const DAY_MINUTES = 1440

/**
 * Reads an order as a plan, by serial schedule generation with lazy buying: jobs take their best ways over what is there and what the
 * order lets them buy; only what a job uses is bought, on the first moment when hours and every later balance allow.
 */
export class Decoder extends Shelf {
  evaluations = 0
  bought: Bought[] = []
  done: Done[] = []
  sold: Sold[] = []
  /** A limit that does not hold: to find out why something is left out. */
  lift: 'none' | 'money' | 'hours' | 'space' | 'all' = 'none'
  private recording = false
  private readonly cash: Float64Array
  private readonly slack: Float64Array
  private readonly hours: Hours
  private unlimited: Hours | undefined
  private time: Hours
  private floorTaken = 0
  private spent = 0
  private value = 0
  private readonly floorLimit: number
  private readonly cap: number
  private readonly kept: number
  private readonly lateness: number
  private readonly soldItems = new Set<string>()
  private readonly days: number[] = []
  private regained = 0

  private readonly pinsByDay: readonly Pin[]

  constructor(problem: Problem) {
    super(problem)
    this.pinsByDay = [...problem.world.workspace.pins].sort((a, b) =>
      a.date < b.date ? -1 : a.date > b.date ? 1 : 0
    )
    const { jobs, moments, world, sources } = problem
    this.hours = new Hours(moments.minutes, jobs.length)
    this.time = this.hours
    this.cash = new Float64Array(moments.count)
    this.slack = new Float64Array(moments.count)
    const { floorM2 } = world.workspace.workshop
    this.floorLimit =
      floorM2 === undefined
        ? Infinity
        : floorM2 -
          sources.kit.tools.reduce((sum, { tool, count }) => sum + tool.storedM2 * count, 0)
    this.cap = world.workspace.money.cap ?? Infinity
    this.kept = world.workspace.money.keptMoneyWorth
    this.lateness = world.workspace.money.latenessPerDay
  }

  /** The objective of an order. @param record keeps what is bought and done for `bought` and `done` */
  decode(order: Order, record = false): number {
    const { moments, jobs, constant } = this.problem
    this.evaluations++
    this.recording = record
    this.bought = []
    this.done = []
    this.sold = []
    this.have.set(this.baseHave)
    this.ready.set(this.baseReady)
    this.pend.set(this.basePend)
    this.part.fill(0)
    this.lasts.fill(NEVER)
    this.pending.fill(0)
    this.used.fill(0)
    this.count.fill(0)
    this.scheduled.fill(0)
    this.time = this.hours
    this.cash.set(moments.free)
    const all = this.lift === 'all'
    if (all || this.lift === 'money') this.cash.fill(1e15)
    if (all || this.lift === 'hours')
      this.time = this.unlimited ??= new Hours(
        new Int32Array(moments.horizon).fill(DAY_MINUTES),
        jobs.length
      )
    this.time.reset()
    this.floorTaken = 0
    this.spent = 0
    this.soldItems.clear()
    this.value = constant
    this.settleSlack()
    this.pins()
    for (let job = 0; job < jobs.length; job++) if (jobs[job]?.begun) this.schedule(job, 0)
    for (let i = 0; i < order.length; i++) {
      const code = order.codes[i] as number
      if (code >= 0) {
        if (this.scheduled[code] === 0) this.schedule(code, order.notBefore[i] as number)
      } else this.offer(-1 - code)
    }
    return this.value
  }

  private settleSlack(): void {
    let least = Infinity
    for (let k = this.cash.length - 1; k >= 0; k--) {
      least = min(least, this.cash[k] as number)
      this.slack[k] = least
    }
  }

  /** What the user has pinned is bought on its day, with the protection it needs. */
  private pins(): void {
    const { choices, moments } = this.problem
    // In order of their days: what an earlier one brings along serves the later ones.
    for (const pin of this.pinsByDay) {
      const choice = choices.findIndex(({ id }) => id === pin.offer)
      const moment = moments.dates.indexOf(pin.date)
      if (choice < 0 || moment < 0) continue
      this.list = []
      this.add(choice, pin.count)
      if (!this.guard()) continue
      let total = 0
      for (const one of this.list)
        total +=
          (this.buying[one] as number) * (this.problem.choices[one]?.cash[moment] ?? Infinity)
      if (!Number.isFinite(total)) continue
      this.pay(moment, total)
      this.commit(moment, -1)
    }
  }

  private schedule(job: number, notBefore: number): void {
    const { moments } = this.problem
    this.list = []
    this.jigs = []
    this.latest = 0
    this.dueBy = NEVER
    this.busy[job] = 1
    const possible = this.choose(job) && this.acquireAll(job)
    this.busy[job] = 0
    if (!possible) return this.forget()
    if (!this.guard()) return
    let [cost, regained, varying, added, due, earliest] = [
      0,
      0,
      false,
      0,
      this.dueBy,
      max(this.latest, moments.days[notBefore] ?? 0)
    ]
    for (const choice of this.list) {
      const one = this.problem.choices[choice]!
      const count = this.buying[choice] as number
      added += one.storedM2 * count
      if (one.varies) varying = true
      else cost += count * (one.cash[0] as number)
      if (one.until < due) due = one.until
      if (one.from > earliest) earliest = one.from
      if (one.replaces && !this.soldItems.has(one.replaces.item)) regained += one.replaces.amount
    }
    for (const jig of this.jigs) cost += this.due[jig] as number
    cost += this.due[job] as number
    const roomy = this.lift === 'space' || this.lift === 'all'
    const rich = this.lift === 'money' || this.lift === 'all'
    if (
      (!roomy && added > 0 && this.floorTaken + added > this.floorLimit + 1e-9) ||
      (!rich && this.spent + cost > this.cap)
    )
      return this.forget()
    this.regained = regained
    this.place(job, cost - regained, varying, earliest, due, added)
  }

  /** Finds the moment and days for a job whose purchases are on the list, and books it; or forgets it all. */
  private place(
    job: number,
    cost: number,
    varying: boolean,
    earliest: number,
    due: number,
    added: number
  ): void {
    const { moments } = this.problem
    if (earliest >= moments.horizon) return this.forget()
    let k = moments.of[earliest] as number
    for (;;) {
      let total = cost
      if (varying) total += this.varyingCost(k)
      if (total > 0 && total > (this.slack[k] as number) + 1e-6) {
        if (++k >= moments.count) return this.forget()
        continue
      }
      const from = max(earliest, moments.days[k] as number)
      const begin = this.time.firstFree(from)
      if (begin < 0 && (this.minutes[job] as number) > 0) return this.forget()
      const there =
        begin < 0 || (this.minutes[job] === 0 && this.jigs.length === 0)
          ? k
          : (moments.of[begin] as number)
      if (there > k) {
        k = there
        continue
      }
      return this.book(job, k, total, from, due, added)
    }
  }

  private varyingCost(k: number): number {
    let total = 0
    for (const choice of this.list) {
      const one = this.problem.choices[choice]!
      if (one.varies) total += (this.buying[choice] as number) * (one.cash[k] as number)
    }
    return total
  }

  private book(
    job: number,
    k: number,
    total: number,
    from: number,
    due: number,
    added: number
  ): void {
    const { jigs, time } = this
    const careful = jigs.length > 0 || due < NEVER
    if (careful) time.save()
    const days = this.days
    let day = from
    for (let i = 0; i <= jigs.length; i++) {
      const each = i < jigs.length ? (jigs[i] as number) : job
      const minutes = this.minutes[each] as number
      let begin = day
      if (minutes > 0) {
        const ok = time.take(minutes, day)
        begin = time.begin
        day = time.done
        if (!ok || day > due) {
          if (careful) time.restore()
          return this.forget()
        }
      }
      days[2 * i] = begin
      days[2 * i + 1] = day
    }
    this.floorTaken += added
    this.spent += total + this.regained
    if (total !== 0) this.pay(k, total)
    this.commit(k, job)
    for (let i = 0; i <= jigs.length; i++)
      this.finish(
        i < jigs.length ? (jigs[i] as number) : job,
        days[2 * i] as number,
        days[2 * i + 1] as number
      )
  }

  private pay(k: number, total: number): void {
    const { cash, slack } = this
    for (let j = k; j < cash.length; j++) {
      cash[j]! -= total
      slack[j]! -= total
    }
    for (let j = k - 1; j >= 0; j--) {
      const least = min(cash[j] as number, slack[j + 1] as number)
      if (least === slack[j]) break
      slack[j] = least
    }
  }

  /** Makes the purchases on the list at a moment. */
  private commit(k: number, job: number): void {
    const { choices, moments } = this.problem
    const day = moments.days[k] as number
    for (const choice of this.list) {
      const one = choices[choice]!
      const count = this.buying[choice] as number
      this.buying[choice] = 0
      this.used[choice] = 1
      this.count[choice]! += count
      if (one.makes) continue
      this.value += count * (one.value[k] as number)
      if (one.replaces && !this.soldItems.has(one.replaces.item)) {
        this.soldItems.add(one.replaces.item)
        if (this.recording) this.sold.push({ ...one.replaces, moment: k })
        this.value +=
          one.replaces.amount *
          ((moments.discount[day] as number) - (moments.discount[moments.horizon - 1] as number))
      }
      if (this.recording) this.bought.push({ choice, count, moment: k, job })
      this.arrive(choice, day, one.until)
    }
    this.list = []
  }

  private finish(job: number, begin: number, done: number): void {
    const { moments, jobs, choices } = this.problem
    const one = jobs[job]!
    this.scheduled[job] = 1
    const at = moments.discount[done] as number
    const late = max(0, done - one.wished)
    this.value -=
      at * (this.effort[job] as number) +
      this.kept * (moments.discount[begin] as number) * (this.due[job] as number)
    if (one.sold) {
      const day = done + one.sold.afterDays
      if (day < moments.horizon) {
        this.value += (moments.discount[day] as number) * one.worth
        const k = moments.next[day] as number
        if (k < moments.count) this.pay(k, -floor(one.worth * one.sold.flowsBack))
      }
    } else if (one.worth > 0)
      this.value += at * max(0, one.worth * (1 - (late > 0 ? late * this.lateness : 0)))
    if (one.yields >= 0) {
      if (!this.used[one.yields]) {
        this.used[one.yields] = 1
        const feeds = this.feeds[one.yields] as Int32Array
        for (let i = 0; i < feeds.length; i += 2)
          this.have[feeds[i] as number]! += feeds[i + 1] as number
        this.count[one.yields]!++
      }
      const first = choices[one.yields]!
      this.value += first.value[moments.of[done] as number] as number
      this.arrive(one.yields, done, NEVER)
    }
    if (this.recording)
      this.done.push({
        job,
        begin,
        done,
        alternatives: Array.from(this.chosen.subarray(this.jobStep[job], this.jobStep[job + 1]))
      })
  }
}

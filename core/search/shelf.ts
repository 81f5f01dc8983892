import { NEVER } from './order'
import { Tables } from './tables'

const { ceil, max, min } = Math

/** Which ways a job takes and what has to be bought for them. */
export class Shelf extends Tables {
  protected offer(choice: number): void {
    if (this.pending[choice] === 1) return
    this.pending[choice] = 1
    const feeds = this.feeds[choice] as Int32Array
    for (let i = 0; i < feeds.length; i += 2) this.pend[feeds[i] as number]!++
  }

  /** Counts a purchase towards everything it serves; taken back by `forget`. */
  protected add(choice: number, count: number): void {
    if (this.buying[choice] === 0) this.list.push(choice)
    this.buying[choice]! += count
    const feeds = this.feeds[choice] as Int32Array
    for (let i = 0; i < feeds.length; i += 2)
      this.have[feeds[i] as number]! += (feeds[i + 1] as number) * count
  }

  protected forget(): void {
    for (const choice of this.list) {
      const count = this.buying[choice] as number
      this.buying[choice] = 0
      const feeds = this.feeds[choice] as Int32Array
      for (let i = 0; i < feeds.length; i += 2)
        this.have[feeds[i] as number]! -= (feeds[i + 1] as number) * count
    }
    this.list = []
  }

  /** Buys along the protection of everything on the list. */
  protected guard(): boolean {
    for (let i = 0; i < this.list.length; i++)
      for (const atom of this.problem.guards[this.list[i] as number] ?? []) {
        if (atom === -2 || !this.acquire(atom)) {
          this.forget()
          return false
        }
      }
    return true
  }

  /** Puts on the list what an atom lacks: what the order lets be bought first, else the cheapest where it is bought along. */
  protected acquire(atom: number): boolean {
    const need = this.need[atom] as number
    if ((this.have[atom] as number) >= need) {
      if ((this.ready[atom] as number) < NEVER)
        this.latest = max(this.latest, this.ready[atom] as number)
      return true
    }
    const { choices, maker } = this.problem
    const feeders = this.feeders[atom] as Int32Array
    const units = this.units[atom] as Int32Array
    for (let asked = 1; asked >= 0; asked--) {
      if (asked === 0 && this.along[atom] === 0) break
      for (let i = 0; i < feeders.length; i++) {
        const choice = feeders[i] as number
        if ((this.pending[choice] as number) < asked) continue
        let count = ceil((need - (this.have[atom] as number)) / (units[i] as number))
        if (this.singles[choice] === 1)
          count = min(count, 1 - (this.count[choice] as number) - (this.buying[choice] as number))
        if (count <= 0) continue
        if (this.makes[choice] === 1) {
          const jig = maker[choice] as number
          if (jig < 0 || !this.make(jig)) continue
        } else if (!((choices[choice]!.cash[0] as number) < Infinity) && !choices[choice]!.varies)
          continue
        this.add(choice, count)
        if ((this.have[atom] as number) >= need) {
          if ((this.part[atom] as number) > this.latest) this.latest = this.part[atom] as number
          return true
        }
      }
    }
    return false
  }

  /** Chooses the ways of a jig's own steps and puts it before the job in hand. */
  protected make(job: number): boolean {
    if (this.busy[job] === 1) return false
    if (this.scheduled[job] === 1 || this.jigs.includes(job)) return true
    this.busy[job] = 1
    const ok = this.choose(job) && this.acquireAll(job)
    this.busy[job] = 0
    if (ok) this.jigs.push(job)
    return ok
  }

  /** Takes for each step the way that costs least, with what it would have to wait for and to buy along. */
  protected choose(job: number): boolean {
    const { altCost, altFirst, altAtoms, ready, pend, alongCost, jobStep, stepFirst, stepLast } =
      this
    const worth = this.worth[job] as number
    const { discount } = this.problem.moments
    const end = jobStep[job + 1] as number
    let [minutes, effort, pay] = [0, 0, 0]
    for (let step = jobStep[job] as number; step < end; step++) {
      let best = Infinity
      let pick = -1
      const last = stepLast[step] as number
      for (let alt = stepFirst[step] as number; alt < last; alt++) {
        let cost = altCost[alt] as number
        if (cost >= best) break
        const stop = altFirst[alt + 1] as number
        let wait = 0
        let i = altFirst[alt] as number
        for (; i < stop; i++) {
          const atom = altAtoms[i] as number
          const from = ready[atom] as number
          if (from < NEVER) {
            if (from > wait) wait = from
          } else if ((pend[atom] as number) > 0) cost += alongCost[atom] as number
          else break
        }
        if (i < stop) continue
        if (wait > 0) cost += worth * (1 - (discount[wait] as number))
        if (cost < best) {
          best = cost
          pick = alt
        }
      }
      if (pick < 0) return false
      this.chosen[step] = pick
      minutes += this.altMinutes[pick] as number
      effort += this.altEffort[pick] as number
      pay += this.altPay[pick] as number
    }
    const one = this.problem.jobs[job]!
    this.minutes[job] = max(0, ceil(minutes - 1e-9) - one.spentMinutes)
    this.effort[job] = effort
    this.due[job] = one.begun ? 0 : one.material + pay
    return true
  }

  protected acquireAll(job: number): boolean {
    const end = this.jobStep[job + 1] as number
    for (let step = this.jobStep[job] as number; step < end; step++) {
      const alt = this.chosen[step] as number
      const stop = this.altFirst[alt + 1] as number
      for (let i = this.altFirst[alt] as number; i < stop; i++) {
        const atom = this.altAtoms[i] as number
        if (!this.acquire(atom)) return false
        if ((this.lasts[atom] as number) < this.dueBy && (this.ready[atom] as number) < NEVER)
          this.dueBy = this.lasts[atom] as number
      }
    }
    return true
  }

  /** From a day on a choice counts for what it serves. */
  protected arrive(choice: number, day: number, until: number): void {
    const feeds = this.feeds[choice] as Int32Array
    for (let i = 0; i < feeds.length; i += 2) {
      const atom = feeds[i] as number
      this.part[atom] = max(this.part[atom] as number, day)
      if ((this.have[atom] as number) < (this.need[atom] as number)) continue
      const temporary = until < NEVER
      const need = this.need[atom] as number
      const here = need === 1 ? day : (this.part[atom] as number)
      if (
        (this.ready[atom] as number) === NEVER ||
        (!temporary && (this.lasts[atom] as number) < NEVER)
      ) {
        this.ready[atom] = here
        this.lasts[atom] = temporary ? until : NEVER
      } else if (!temporary && here < (this.ready[atom] as number)) this.ready[atom] = here
    }
  }
}

import type { Decoder, Order } from './decoder'
import type { Problem } from './problem'

const { ceil, floor, max, min } = Math

/** Noise on prices is drawn once for so many numbers. */
const NOISES = 1024

/** How often each move is tried, added up. From trials on instances of the bench's kind. */
const SHARE = {
  insert: 0.1,
  relocate: 0.24,
  swap: 0.28,
  block: 0.36,
  moveJob: 0.48,
  remove: 0.57,
  otherWay: 0.69,
  otherChoice: 0.79,
  delay: 0.85,
  exchange: 0.95
} as const

/** Entries an order may have beyond all jobs and a third of the choices. */
export const MOST_ENTRIES = 400

/** Changes an order a little; each move is one a careful person might try. */
export class Moves {
  private readonly price: Float64Array
  private readonly cheapest: readonly (readonly number[])[]
  private readonly sharing: readonly (readonly number[])[]
  private readonly makes: Int32Array
  private readonly jobOf: Int32Array
  private readonly noises: Float64Array

  private readonly there: Int32Array
  private stamp = 0

  constructor(
    private readonly problem: Problem,
    private readonly random: () => number
  ) {
    const { choices, atoms, maker } = problem
    this.noises = Float64Array.from({ length: NOISES }, () => random() + random() - 1)
    this.price = pricesOf(problem)
    this.there = new Int32Array(choices.length)
    this.cheapest = atoms.map(({ from, need, owned }) => {
      const costs = new Map(
        [...from].map(([choice, units]) => [
          choice,
          (this.price[choice] ?? Infinity) * ceil((need - owned) / units)
        ])
      )
      return [...from.keys()]
        .filter((choice) => (costs.get(choice) ?? Infinity) < Infinity)
        .sort((a, b) => (costs.get(a) ?? 0) - (costs.get(b) ?? 0))
        .slice(0, CHEAPEST)
    })
    const sharing: Set<number>[] = choices.map(() => new Set())
    for (const { from, along } of atoms) {
      if (along) continue
      const keys = [...from.keys()].slice(0, SHARERS)
      for (const a of keys) for (const b of keys) if (a !== b) sharing[a]?.add(b)
    }
    this.sharing = sharing.map((set) => [...set])
    this.makes = maker
    this.jobOf = Int32Array.from(problem.wanted)
  }

  private pick(length: number): number {
    return floor(this.random() * length)
  }

  /** What lacks for a job given what an order lets be bought before it, by prices with some noise; put in before `at`. */
  unlock(order: Order, job: number, at: number, noise: number, depth = 0): number {
    const { jobs, alternatives, atoms } = this.problem
    const { there, price, cheapest, noises } = this
    const stamp = ++this.stamp
    for (let i = 0; i < at; i++)
      if ((order.codes[i] as number) < 0) there[-1 - (order.codes[i] as number)] = stamp
    // The same purchase has the same noise for all steps of the job.
    const offset = noise === 0 ? 0 : this.pick(NOISES)
    const taken: number[] = []
    for (const { first, last } of jobs[job]?.steps ?? []) {
      let best = Infinity
      let picks: number[] = []
      for (let alt = first; alt < last; alt++) {
        const way = alternatives[alt]!
        let cost = way.effort + way.pay
        if (noise > 0)
          cost *= max(0.05, 1 + noise * (noises[(offset + alt * 7) & (NOISES - 1)] as number))
        const needs: number[] = []
        for (let n = 0; n < way.atoms.length && cost < best; n++) {
          const atom = way.atoms[n] as number
          const { need, owned, from, along } = atoms[atom]!
          if (owned >= need) continue
          let least = Infinity
          let pick = -1
          for (const choice of cheapest[atom] as readonly number[]) {
            if (there[choice] === stamp) {
              least = 0
              pick = choice
              break
            }
            let one = (price[choice] as number) * ceil((need - owned) / (from.get(choice) ?? 1))
            if (noise > 0)
              one *= max(
                0.05,
                1 + noise * (noises[(offset + choice * 13) & (NOISES - 1)] as number)
              )
            if (one < least) {
              least = one
              pick = choice
            }
            if (noise === 0) break
          }
          if (noise === 0 && least > 0)
            for (const choice of from.keys())
              if (there[choice] === stamp) {
                least = 0
                pick = choice
                break
              }
          cost = pick < 0 ? Infinity : cost + max(0, least)
          if (!along || noise > 0) needs.push(pick)
        }
        if (cost < best) {
          best = cost
          picks = needs
        }
      }
      for (const choice of picks)
        if (there[choice] !== stamp) {
          there[choice] = stamp
          taken.push(choice)
        }
    }
    let place = at
    for (const choice of taken) {
      const jig = this.makes[choice] as number
      if (jig >= 0 && depth < DEPTH) place = this.unlock(order, jig, place, noise, depth + 1)
      insert(order, place++, -1 - choice)
    }
    return place
  }

  /** A job not in the order, −1 when all are. */
  private absent(order: Order): number {
    const missing: number[] = []
    for (let j = 0; j < this.jobOf.length; j++) {
      let found = false
      for (let i = 0; i < order.length && !found; i++) found = order.codes[i] === this.jobOf[j]
      if (!found) missing.push(this.jobOf[j] as number)
    }
    return missing.length === 0 ? -1 : (missing[this.pick(missing.length)] as number)
  }

  /** All jobs in some order, each behind what would unlock it. */
  start(order: Order, noise: number): void {
    order.length = 0
    const jobs = [...this.problem.wanted]
    for (let i = jobs.length - 1; i > 0; i--) {
      const k = this.pick(i + 1)
      ;[jobs[i], jobs[k]] = [jobs[k] as number, jobs[i] as number]
    }
    for (const job of jobs) {
      const at = this.unlock(order, job, order.length, noise)
      insert(order, at, job)
    }
  }

  /** Changes an order by one move. */
  change(order: Order): void {
    const { length } = order
    const draw = this.random()
    if (length < 2 || draw < SHARE.insert) return this.insertJob(order)
    if (draw < SHARE.relocate) return relocate(order, this.pick(length), this.pick(length))
    if (draw < SHARE.swap) return this.swap(order)
    if (draw < SHARE.block) return this.moveBlock(order)
    if (draw < SHARE.moveJob) return this.moveJob(order)
    if (draw < SHARE.remove) return remove(order, this.pick(length))
    if (draw < SHARE.otherWay) return this.otherWay(order)
    if (draw < SHARE.otherChoice) return this.otherChoice(order)
    if (draw < SHARE.delay) return this.delay(order)
    if (draw < SHARE.exchange) return this.exchange(order)
    this.insertJob(order)
    this.insertJob(order)
  }

  /** One job or two go, another one comes in their place. */
  private exchange(order: Order): void {
    const job = this.absent(order)
    const at = this.randomJob(order)
    if (at < 0 || job < 0) return this.otherWay(order)
    remove(order, at)
    if (this.random() < 0.4) {
      const more = this.randomJob(order)
      if (more >= 0) remove(order, more)
    }
    const place = this.random() < 0.5 ? min(at, order.length) : this.pick(order.length + 1)
    insert(order, this.unlock(order, job, place, 0.1 + this.random()), job)
  }

  private swap(order: Order): void {
    const [a, b] = [this.pick(order.length), this.pick(order.length)]
    ;[order.codes[a], order.codes[b]] = [order.codes[b] as number, order.codes[a] as number]
    ;[order.notBefore[a], order.notBefore[b]] = [
      order.notBefore[b] as number,
      order.notBefore[a] as number
    ]
  }

  /** A stretch of the order goes elsewhere, as a rule to its beginning: what comes first decides most. */
  private moveBlock(order: Order): void {
    const first = this.pick(order.length)
    const size = min(order.length - first, 2 + this.pick(10))
    const [codes, genes] = [
      order.codes.slice(first, first + size),
      order.notBefore.slice(first, first + size)
    ]
    for (let k = 0; k < size; k++) remove(order, first)
    const to = this.random() < 0.4 ? 0 : this.pick(order.length + 1)
    for (let k = 0; k < size; k++) insert(order, to + k, codes[k] as number, genes[k] as number)
  }

  private insertJob(order: Order): void {
    const job = this.absent(order)
    if (job < 0)
      return relocate(order, this.pick(max(1, order.length)), this.pick(max(1, order.length)))
    const at = this.unlock(order, job, this.pick(order.length + 1), 0.2 + this.random())
    insert(order, at, job)
  }

  private randomJob(order: Order): number {
    for (let k = 0; k < 8; k++) {
      const at = this.pick(order.length)
      if ((order.codes[at] as number) >= 0) return at
    }
    return -1
  }

  /** A job goes elsewhere with the purchases that stand right before it. */
  private moveJob(order: Order): void {
    const at = this.randomJob(order)
    if (at < 0) return
    let first = at
    while (first > 0 && (order.codes[first - 1] as number) < 0) first--
    const size = at - first + 1
    const [codes, genes] = [order.codes.slice(first, at + 1), order.notBefore.slice(first, at + 1)]
    for (let k = 0; k < size; k++) remove(order, first)
    const to = this.pick(order.length + 1)
    for (let k = 0; k < size; k++) insert(order, to + k, codes[k] as number, genes[k] as number)
  }

  /** Lets a job do one of its steps in another way: what that needs is put in before it. */
  private otherWay(order: Order): void {
    const at = this.randomJob(order)
    if (at < 0) return
    const job = this.problem.jobs[order.codes[at] as number]!
    const step = job.steps[this.pick(job.steps.length)]
    if (!step) return
    const way = this.problem.alternatives[step.first + this.pick(step.last - step.first)]!
    let place = at
    for (const atom of way.atoms) {
      const { need, owned } = this.problem.atoms[atom]!
      const list = this.cheapest[atom] ?? []
      if (owned >= need || list.length === 0) continue
      const choice = list[min(list.length - 1, floor(this.random() * this.random() * 4))] as number
      if (this.holds(order, choice, place)) continue
      const jig = this.makes[choice] as number
      if (jig >= 0) place = this.unlock(order, jig, place, 0.2)
      insert(order, place++, -1 - choice)
    }
  }

  private holds(order: Order, choice: number, before: number): boolean {
    for (let i = 0; i < before; i++) if (order.codes[i] === -1 - choice) return true
    return false
  }

  /** Another offer that serves for the same. */
  private otherChoice(order: Order): void {
    for (let k = 0; k < 6; k++) {
      const at = this.pick(order.length)
      const code = order.codes[at] as number
      if (code >= 0) continue
      const others = this.sharing[-1 - code] ?? []
      if (others.length === 0) continue
      order.codes[at] = -1 - (others[this.pick(others.length)] as number)
      return
    }
  }

  /** A job waits for some moment, or no longer. */
  private delay(order: Order): void {
    const at = this.randomJob(order)
    if (at < 0) return
    const { count } = this.problem.moments
    order.notBefore[at] =
      this.random() < 0.4
        ? 0
        : this.random() < 0.5
          ? this.pick(count)
          : max(
              0,
              min(
                count - 1,
                (order.notBefore[at] as number) +
                  (this.random() < 0.5 ? -1 : 1) * (1 + this.pick(3))
              )
            )
  }
}

/** Jigs made with jigs, so many deep. */
const DEPTH = 3
/** Offers of one atom looked at, the cheapest first. */
const CHEAPEST = 8

/**
 * What a purchase really costs: its price less what it brings at the end. What is made costs its timber, its work and the cheapest
 * purchases for each of its steps.
 */
function pricesOf({ choices, maker, jobs, alternatives, atoms }: Problem): Float64Array {
  const price = Float64Array.from(choices, ({ value, makes }) =>
    makes ? Infinity : -max(...value)
  )
  for (let round = 0; round <= DEPTH; round++)
    choices.forEach(({ makes }, choice) => {
      const job = jobs[maker[choice] ?? -1]
      if (!makes || !job || price[choice] !== Infinity) return
      let total = job.material
      for (const { first, last } of job.steps) {
        let least = Infinity
        for (let alt = first; alt < last; alt++) {
          const { effort, pay, atoms: needs } = alternatives[alt]!
          let cost = effort + pay
          for (const atom of needs) {
            const { need, owned, from } = atoms[atom]!
            let cheapest = Infinity
            for (const [one, units] of from)
              cheapest = min(cheapest, (price[one] as number) * ceil((need - owned) / units))
            cost += max(0, cheapest)
            if (cost >= least) break
          }
          least = min(least, cost)
        }
        total += least
      }
      price[choice] = total
    })
  return price
}

/** Choices of one atom that are taken for one another. */
const SHARERS = 14

export function insert(order: Order, at: number, code: number, notBefore = 0): void {
  if (order.length >= order.codes.length) return
  const place = min(at, order.length)
  order.codes.copyWithin(place + 1, place, order.length)
  order.notBefore.copyWithin(place + 1, place, order.length)
  order.codes[place] = code
  order.notBefore[place] = notBefore
  order.length++
}

export function remove(order: Order, at: number): void {
  if (at >= order.length) return
  order.codes.copyWithin(at, at + 1, order.length)
  order.notBefore.copyWithin(at, at + 1, order.length)
  order.length--
}

function relocate(order: Order, from: number, to: number): void {
  if (order.length === 0) return
  const [code, gene] = [order.codes[from] as number, order.notBefore[from] as number]
  remove(order, from)
  insert(order, to, code, gene)
}

/** Leaves out of an order what its last decoding did not use. */
export function prune(order: Order, decoder: Decoder): void {
  let kept = 0
  for (let i = 0; i < order.length; i++) {
    const code = order.codes[i] as number
    if (code >= 0 ? decoder.scheduled[code] === 1 : decoder.used[-1 - code] === 1) {
      order.codes[kept] = code
      order.notBefore[kept++] = order.notBefore[i] as number
    }
  }
  order.length = kept
}

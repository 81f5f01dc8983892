import { NEVER } from './order'
import type { Problem } from './problem'
import { reckoned } from './ways'

/** What asking for something new costs in the choice between ways, beyond its price: of two equal ways the one with what is there wins. */
const PREFERS_OWNED = 1e-3

const { ceil, max } = Math

/** A problem as plain arrays, and the state of one decoding: what is there, from when, until when, and what is about to be bought. */
export class Tables {
  readonly used: Uint8Array
  readonly scheduled: Uint8Array

  protected readonly have: Int32Array
  protected readonly ready: Int32Array
  protected readonly part: Int32Array
  protected readonly lasts: Int32Array
  protected readonly pend: Int32Array
  protected readonly pending: Uint8Array
  protected readonly count: Int32Array
  protected readonly buying: Int32Array
  protected readonly baseHave: Int32Array
  protected readonly baseReady: Int32Array
  protected readonly basePend: Int32Array
  protected readonly chosen: Int32Array
  /** Per choice: the atoms it counts for, as pairs of number and units. */
  protected readonly feeds: readonly Int32Array[]
  /** Per atom: the choices that count for it, cheapest first. */
  protected readonly feeders: readonly Int32Array[]
  protected readonly alongCost: Float64Array
  protected readonly units: readonly Int32Array[]
  /** Atoms of all alternatives end to end, and where each begins. */
  protected readonly altAtoms: Int32Array
  protected readonly altFirst: Int32Array
  protected readonly altMinutes: Float64Array
  protected readonly altEffort: Float64Array
  protected readonly altPay: Float64Array
  protected readonly worth: Float64Array
  /** Of the ways chosen for a job: minutes left to do, effort, and what is paid at its beginning. */
  protected readonly minutes: Int32Array
  protected readonly effort: Float64Array
  protected readonly due: Float64Array
  protected readonly along: Uint8Array
  protected readonly makes: Uint8Array
  protected readonly singles: Uint8Array
  protected readonly altCost: Float64Array
  protected readonly stepFirst: Int32Array
  protected readonly stepLast: Int32Array
  protected readonly jobStep: Int32Array
  protected readonly need: Int32Array
  protected list: number[] = []
  protected jigs: number[] = []
  protected busy: Uint8Array
  protected latest = 0
  protected dueBy = NEVER

  constructor(readonly problem: Problem) {
    const { atoms, choices, jobs, alternatives } = problem
    const a = atoms.length
    ;[this.have, this.ready, this.part, this.lasts, this.pend] = [
      new Int32Array(a),
      new Int32Array(a),
      new Int32Array(a),
      new Int32Array(a),
      new Int32Array(a)
    ]
    this.baseHave = Int32Array.from(atoms, ({ owned }) => owned)
    this.baseReady = Int32Array.from(atoms, ({ owned, need }) => (owned >= need ? 0 : NEVER))
    this.basePend = Int32Array.from(atoms, ({ along }) => (along ? 1 : 0))
    this.need = Int32Array.from(atoms, ({ need }) => need)
    this.pending = new Uint8Array(choices.length)
    this.used = new Uint8Array(choices.length)
    this.count = new Int32Array(choices.length)
    this.buying = new Int32Array(choices.length)
    this.scheduled = new Uint8Array(jobs.length)
    this.busy = new Uint8Array(jobs.length)
    const feeds: number[][] = choices.map(() => [])
    for (const { id, from } of atoms)
      for (const [choice, units] of from) feeds[choice]?.push(id, units)
    this.feeds = feeds.map((list) => Int32Array.from(list))
    const worthOf = (choice: number): number => -max(...(choices[choice]?.value ?? [-Infinity]))
    const price = choices.map((one, choice) => (one.makes ? 0 : worthOf(choice)))
    this.feeders = atoms.map(({ from, need }) =>
      Int32Array.from(
        [...from.keys()].sort(
          (x, y) =>
            (price[x] ?? 0) * ceil(need / (from.get(x) ?? 1)) -
            (price[y] ?? 0) * ceil(need / (from.get(y) ?? 1))
        )
      )
    )
    this.alongCost = Float64Array.from(atoms, ({ along, need, from }, atom) => {
      const first = this.feeders[atom]?.[0]
      return along && first !== undefined
        ? (price[first] ?? 0) * ceil(need / (from.get(first) ?? 1))
        : PREFERS_OWNED
    })
    this.units = this.feeders.map((list, atom) =>
      list.map((choice) => atoms[atom]?.from.get(choice) ?? 1)
    )
    this.altFirst = new Int32Array(alternatives.length + 1)
    alternatives.forEach((one, alt) => {
      this.altFirst[alt + 1] = (this.altFirst[alt] as number) + one.atoms.length
    })
    // What is likeliest to be missing stands first: few offers serve for it, and it is not bought along.
    const rarity = (atom: number): number =>
      atoms[atom]?.along ? 1e6 : (atoms[atom]?.from.size ?? 0)
    this.altAtoms = Int32Array.from(
      alternatives.flatMap((one) => [...one.atoms].sort((x, y) => rarity(x) - rarity(y)))
    )
    this.altMinutes = Float64Array.from(alternatives, (one) => one.minutes)
    this.altEffort = Float64Array.from(alternatives, (one) => one.effort)
    this.altPay = Float64Array.from(alternatives, (one) => one.pay)
    this.worth = Float64Array.from(jobs, (one) => one.worth)
    ;[this.minutes, this.effort, this.due] = [
      new Int32Array(jobs.length),
      new Float64Array(jobs.length),
      new Float64Array(jobs.length)
    ]
    this.along = Uint8Array.from(atoms, (one) => (one.along ? 1 : 0))
    this.makes = Uint8Array.from(choices, (one) => (one.makes ? 1 : 0))
    this.singles = Uint8Array.from(choices, (one) => (one.single ? 1 : 0))
    this.altCost = Float64Array.from(alternatives, reckoned)
    this.jobStep = new Int32Array(jobs.length + 1)
    jobs.forEach(({ steps }, job) => {
      this.jobStep[job + 1] = (this.jobStep[job] ?? 0) + steps.length
    })
    const steps = jobs.flatMap((job) => job.steps)
    this.stepFirst = Int32Array.from(steps, ({ first }) => first)
    this.stepLast = Int32Array.from(steps, ({ last }) => last)
    this.chosen = new Int32Array(steps.length)
  }
}

/** Free spans of a calendar as they once were. */
export interface KeptSpans {
  readonly starts: Int32Array
  readonly ends: Int32Array
}

/**
 * The minutes of the horizon laid end to end, and which of them are still free. A job takes the first free minutes from a day on; free
 * minutes are kept as a short sorted list of free spans, so that a job of many evenings is placed in a few steps.
 */
export class Calendar {
  /** Minutes before each day. */
  readonly before: Int32Array
  private readonly dayOf: Int16Array
  private readonly total: number
  private starts: Int32Array
  private ends: Int32Array
  private length = 0
  private savedStarts: Int32Array
  private savedEnds: Int32Array
  private savedLength = 0
  /** First and last day of what was placed last. */
  begin = 0
  done = 0

  /** @param most jobs that may be placed at once */
  constructor(minutes: Int32Array, most: number) {
    this.before = new Int32Array(minutes.length + 1)
    for (let day = 0; day < minutes.length; day++)
      this.before[day + 1] = (this.before[day] as number) + (minutes[day] as number)
    this.total = this.before[minutes.length] as number
    this.dayOf = new Int16Array(this.total + 1)
    for (let day = 0; day < minutes.length; day++)
      this.dayOf.fill(day, this.before[day], this.before[day + 1])
    const room = 2 * most + 8
    ;[this.starts, this.ends, this.savedStarts, this.savedEnds] = [
      new Int32Array(room),
      new Int32Array(room),
      new Int32Array(room),
      new Int32Array(room)
    ]
  }

  reset(): void {
    this.starts[0] = 0
    this.ends[0] = this.total
    this.length = this.total > 0 ? 1 : 0
  }

  /** The free spans as they are, to be brought back by `bring`. */
  keep(): KeptSpans {
    return { starts: this.starts.slice(0, this.length), ends: this.ends.slice(0, this.length) }
  }

  bring({ starts, ends }: KeptSpans): void {
    this.starts.set(starts)
    this.ends.set(ends)
    this.length = starts.length
  }

  save(): void {
    this.savedStarts.set(this.starts)
    this.savedEnds.set(this.ends)
    this.savedLength = this.length
  }

  restore(): void {
    this.starts.set(this.savedStarts)
    this.ends.set(this.savedEnds)
    this.length = this.savedLength
  }

  /** The first day from `day` on with time left; −1 where none has. */
  firstFree(day: number): number {
    const from = this.before[day] as number
    for (let i = 0; i < this.length; i++)
      if ((this.ends[i] as number) > from)
        return this.dayOf[Math.max(from, this.starts[i] as number)] as number
    return -1
  }

  /** The first free minutes from a day on, day by day; undefined where there are too few. Nothing is taken. */
  freeDays(minutes: number, day: number): [day: number, minutes: number][] | undefined {
    const found: [number, number][] = []
    let left = minutes
    for (let i = 0; i < this.length && left > 0; i++) {
      const end = this.ends[i] as number
      let at = Math.max(this.starts[i] as number, this.before[day] as number)
      while (at < end && left > 0) {
        const on = this.dayOf[at] as number
        const some = Math.min(left, Math.min(end, this.before[on + 1] as number) - at)
        const last = found.at(-1)
        if (last && last[0] === on) last[1] += some
        else found.push([on, some])
        at += some
        left -= some
      }
    }
    return left > 0 ? undefined : found
  }

  /** Takes the first free minutes from a day on, at least one; false, and nothing taken, when there are too few. */
  take(minutes: number, day: number): boolean {
    const { starts, ends, dayOf } = this
    const from = this.before[day] as number
    let first = 0
    while (first < this.length && (ends[first] as number) <= from) first++
    let left = minutes
    let last = first
    let cut = 0
    let start = -1
    for (; last < this.length; last++) {
      const s = last === first && from > (starts[last] as number) ? from : (starts[last] as number)
      if (start < 0) start = s
      const room = (ends[last] as number) - s
      if (room >= left) {
        cut = s + left
        left = 0
        break
      }
      left -= room
    }
    if (left > 0) return false
    this.begin = dayOf[start] as number
    this.done = dayOf[cut - 1] as number
    // What lies before the first minute taken stays, and what lies behind the last one.
    const head = from > (starts[first] as number)
    const tail = cut < (ends[last] as number)
    const [headStart, tailEnd] = [starts[first] as number, ends[last] as number]
    const keep = (head ? 1 : 0) + (tail ? 1 : 0)
    const shift = keep - (last - first + 1)
    if (shift !== 0) {
      starts.copyWithin(last + 1 + shift, last + 1, this.length)
      ends.copyWithin(last + 1 + shift, last + 1, this.length)
      this.length += shift
    }
    let at = first
    if (head) {
      starts[at] = headStart
      ends[at++] = from
    }
    if (tail) {
      starts[at] = cut
      ends[at] = tailEnd
    }
    return true
  }
}

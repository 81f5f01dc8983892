import type { Model } from './model'

/** Lists of modes, each once however many slots share it; a mode is in one of them at most. */
export interface Pools {
  readonly first: Int32Array
  readonly last: Int32Array
  readonly ofSlot: Int32Array
  readonly ofMode: Int32Array
}

export function poolsOf({ slotFirst, slotLast, problem }: Model): Pools {
  const known = new Map<string, number>()
  const [first, last]: [number[], number[]] = [[], []]
  const ofMode = new Int32Array(problem.modes.length).fill(-1)
  const ofSlot = Int32Array.from(slotFirst, (from, slot) => {
    const to = slotLast[slot] as number
    const present = known.get(`${from}-${to}`)
    if (present !== undefined) return present
    const pool = known.size
    known.set(`${from}-${to}`, pool)
    first.push(from)
    last.push(to)
    ofMode.fill(pool, from, to)
    return pool
  })
  return { first: Int32Array.from(first), last: Int32Array.from(last), ofSlot, ofMode }
}

/** Modes by requirement. */
export function modesByRequirement({ problem, need }: Model): readonly Int32Array[] {
  const lists: number[][] = Array.from(need, () => [])
  problem.modes.forEach(({ requires }, mode) => {
    for (const requirement of requires) lists[requirement]!.push(mode)
  })
  return lists.map((list) => Int32Array.from(list))
}

/** The pools each choice plays in, worked out when first asked for. */
export function waysPlayed(
  { feeds }: Model,
  modesOf: readonly Int32Array[],
  { ofMode }: Pools
): (choice: number) => ReadonlySet<number> {
  const known = new Map<number, ReadonlySet<number>>()
  return (choice) => {
    const present = known.get(choice)
    if (present) return present
    const found = new Set<number>()
    const list = feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2)
      for (const mode of modesOf[list[i] as number]!) found.add(ofMode[mode]!)
    known.set(choice, found)
    return found
  }
}

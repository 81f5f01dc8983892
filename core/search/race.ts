import type { Plan, World } from '../workspace'
import type { Manner } from './anneal'
import { Planner, type Told } from './planner'
import type { Problem } from './problem'

/** A second search of the same problem with another seed, wherever it runs. */
export interface Lane {
  /**
   * Goes on until so many evaluations have been made altogether.
   * @param heard what the other search has found by the beginning of this stretch
   * @returns the best it has met
   */
  goOn(to: number, heard: Told | undefined): Promise<Told>
}

/** How a race is run. */
export interface RaceOptions {
  /** Evaluations each of the two may make altogether. */
  readonly evaluations: number
  /** Evaluations between two looks. */
  readonly slice: number
  /** Called after every slice of the first search; the race ends where it says false. */
  readonly look: () => boolean | Promise<boolean>
}

/** Evaluations between two exchanges: searches that hear of one another more often grow alike, and find less. */
const EXCHANGE = 8000
/** The first search is so far before the second one begins: a question that is overtaken at once asks for no second one. */
const HEAD_START = 2000

/** The search beside the first one draws other numbers, and its rounds are longer and begin better: what traps the one need not trap the other. */
export const beside = (world: World, from?: Plan, problem?: Problem): Planner =>
  new Planner(world, BESIDE_SEED, from, problem, BESIDE)
const BESIDE_SEED = 2
/** Longer rounds, and better beginnings, than the usual search. */
export const BESIDE: Manner = { firstRound: 3000, starts: 4 }

/** A lane that runs here, a slice at a time. @param pause lets others have their turn */
export function laneHere(make: () => Planner, slice: number, pause: () => Promise<void>): Lane {
  let planner: Planner | undefined
  return {
    async goOn(to, heard) {
      planner ??= make()
      if (heard) planner.hear(heard)
      for (let last = -1; planner.effort.evaluations < to;) {
        const { evaluations } = planner.effort
        if (evaluations === last) break
        last = evaluations
        planner.advance(Math.min(to, evaluations + slice))
        await pause()
      }
      return planner.told()
    }
  }
}

/**
 * A lane that runs elsewhere, as long as that lasts: where it is lost, all it has done is done again here, so that the race ends as it
 * would have.
 */
export function laneWithSpare(elsewhere: Lane, spare: () => Lane): Lane {
  const stretches: [to: number, heard: Told | undefined][] = []
  let lost: Lane | undefined
  return {
    async goOn(to, heard) {
      stretches.push([to, heard])
      if (!lost)
        try {
          return await elsewhere.goOn(to, heard)
        } catch {
          lost = spare()
          stretches.pop()
          for (const [before, then] of stretches) await lost.goOn(before, then)
        }
      return lost.goOn(to, heard)
    }
  }
}

/**
 * Two searches of one problem with different seeds, each with the same number of evaluations, tell one another their best at fixed numbers
 * of evaluations: the result is the same wherever the second one runs, and however quickly.
 * @returns whether the race was run to its end
 */
export async function race(
  planner: Planner,
  lane: Lane,
  { evaluations, slice, look }: RaceOptions
): Promise<boolean> {
  let told: Told | undefined
  let theirs: Promise<Told> | undefined
  for (let at = 0; at < evaluations;) {
    const to = Math.min(evaluations, at + EXCHANGE)
    for (let last = -1; planner.effort.evaluations < to;) {
      const { evaluations: made } = planner.effort
      if (made === last) break
      last = made
      planner.advance(Math.min(to, made + slice))
      if (!(await look())) return false
      if (planner.effort.evaluations >= HEAD_START) theirs ??= lane.goOn(to, told)
    }
    const heard = await (theirs ?? lane.goOn(to, told))
    theirs = undefined
    told = planner.told()
    planner.hear(heard)
    if (!(await look())) return false
    at = to
  }
  return true
}

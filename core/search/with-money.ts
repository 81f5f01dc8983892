import type { World } from '../workspace'
import { eventTimesOf } from './event-times'
import type { Problem } from './problem'

/** A compiled problem with other money, with nothing compiled anew. @param world the same but for the amounts of its money, and its pins */
export function withMoneyOf(problem: Problem, world: World): Problem {
  const pinned = new Set(world.workspace.pins.map(({ offer }) => offer))
  const { pins } = problem.world.workspace
  // What is unpinned leaves its day as one on which something may be bought.
  const events = eventTimesOf({ ...world, workspace: { ...world.workspace, pins } })
  return {
    ...problem,
    world,
    events,
    pins: problem.pins.filter(({ choice }) => pinned.has(problem.choices[choice]?.id ?? ''))
  }
}

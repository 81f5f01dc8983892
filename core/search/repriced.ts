import { findOffer } from '../prices'
import type { World } from '../workspace'
import { offerChoice } from './choices'
import type { Problem } from './problem'

/** A compiled problem in which one offer costs something else, with nothing else compiled anew. @param world the same but for the price of that offer */
export function repriced(problem: Problem, world: World, id: string): Problem {
  const offer = findOffer(world.pricing, id)
  const { events, sources } = problem
  return {
    ...problem,
    world,
    choices: problem.choices.map((one) => {
      const [entry] = one.entries
      return one.id === id && offer && entry
        ? offerChoice(world, events, sources.kit, offer, entry)
        : one
    })
  }
}

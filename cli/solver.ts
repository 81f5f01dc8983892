import highsLoader from 'highs'
import { boundBy, bounds, type BoundModel, type Solver } from '../core/bound'
import type { World } from '../core/workspace'

const printed: string[] = []
let solver: Solver | undefined

/** The bound a program gives, minor units; undefined when it was not solved in time. Loads the solver when it is first asked. */
export async function upperBound(model: BoundModel, seconds = 30): Promise<number | undefined> {
  return boundBy(await loaded(), printed, model, seconds)
}

/** The closest bound of all rounds, minor units: up to two minutes. @param value what the plan at hand is worth */
export async function closestBound(world: World, value: number): Promise<number | undefined> {
  let bound: number | undefined
  for (bound of bounds(await loaded(), printed, world, value));
  return bound
}

async function loaded(): Promise<Solver> {
  const load = highsLoader as unknown as (options: object) => Promise<Solver>
  solver ??= await load({ print: (line: string) => printed.push(line) })
  return solver
}

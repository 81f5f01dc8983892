import highsLoader from 'highs'
import { boundBy, bounds, type BoundModel, type Solver } from '../core/bound'
import type { World } from '../core/workspace'

let solver: Solver | undefined

/** The bound a program gives, minor units; undefined when it was not solved in time. Loads the solver when it is first asked. */
export async function upperBound(model: BoundModel, seconds = 30): Promise<number | undefined> {
  return boundBy(await loaded(), model, seconds)
}

/** Closer and closer bounds, minor units. @param value what the plan at hand is worth */
export async function* limitsOf(world: World, value: number): AsyncGenerator<number, void> {
  for (const bound of bounds(await loaded(), world, value)) if (bound !== undefined) yield bound
}

/** The closest bound of all rounds, minor units: up to three minutes. @param value what the plan at hand is worth */
export async function closestBound(world: World, value: number): Promise<number | undefined> {
  let bound: number | undefined
  for await (bound of limitsOf(world, value));
  return bound
}

async function loaded(): Promise<Solver> {
  const load = highsLoader as unknown as (options?: object) => Promise<Solver>
  solver ??= await load()
  return solver
}

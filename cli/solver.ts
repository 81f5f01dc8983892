import highsLoader from 'highs'
import { boundFrom, type BoundModel, type Solved } from '../core/bound'

interface Solver {
  solve(text: string, options: Record<string, unknown>): Solved
}

let solver: Solver | undefined

/** The bound a program gives, minor units; undefined when it was not solved in time. Loads the solver when it is first asked. */
export async function upperBound(model: BoundModel, seconds = 30): Promise<number | undefined> {
  solver ??= await (highsLoader as unknown as () => Promise<Solver>)()
  return boundFrom(model, solver.solve(model.text, { time_limit: seconds }))
}

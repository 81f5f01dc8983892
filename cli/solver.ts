import highsLoader from 'highs'
import type { BoundModel } from '../core/bound'

interface Solver {
  solve(text: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number }
}

let solver: Solver | undefined

/** The bound a program gives, minor units; undefined when it was not solved in time. Loads the solver when it is first asked. */
export async function upperBound(model: BoundModel, seconds = 30): Promise<number | undefined> {
  solver ??= await (highsLoader as unknown as () => Promise<Solver>)()
  const { Status, ObjectiveValue } = solver.solve(model.text, { time_limit: seconds })
  return Status === 'Optimal' ? ObjectiveValue + model.constant : undefined
}

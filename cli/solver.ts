import highsLoader from 'highs'
import { boundBy, type BoundModel, type Solver } from '../core/bound'

const printed: string[] = []
let solver: Solver | undefined

/** The bound a program gives, minor units; undefined when it was not solved in time. Loads the solver when it is first asked. */
export async function upperBound(model: BoundModel, seconds = 30): Promise<number | undefined> {
  const load = highsLoader as unknown as (options: object) => Promise<Solver>
  solver ??= await load({ print: (line: string) => printed.push(line) })
  return boundBy(solver, printed, model, seconds)
}

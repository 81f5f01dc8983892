import highsLoader from 'highs'
import wasm from 'highs/runtime?url'
import { bounds, isProven, type Solver } from '../../core/bound'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { serve } from './serve'

/** A worker of its own for the upper bound: the solver is large, slow to load, and used only when someone asks. */
serve(
  {
    async bound({ world }, { value }, send) {
      const load = highsLoader as unknown as (options: object) => Promise<Solver>
      const solver = await load({ locateFile: () => wasm })
      let bound: number | undefined
      const found = (): { bound: number | undefined; proven: boolean } => ({
        bound,
        proven: bound !== undefined && isProven(value, bound)
      })
      for (bound of bounds(solver, world, value)) send(found(), false)
      send(found())
    }
  },
  ({ workspace, today }) => worldOf(workspace, library, today)
)

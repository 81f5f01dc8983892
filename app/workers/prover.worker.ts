import highsLoader from 'highs'
import wasm from 'highs/runtime?url'
import { BOUND_ROUNDS, boundBy, boundModel, type Solver } from '../../core/bound'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { serve } from './serve'

/** A worker of its own for the upper bound: the solver is large, slow to load, and used only when someone asks. */
serve(
  {
    async bound({ world }, _asks, send) {
      const load = highsLoader as unknown as (options: object) => Promise<Solver>
      const printed: string[] = []
      const solver = await load({
        locateFile: () => wasm,
        print: (line: string) => printed.push(line)
      })
      let bound: number | undefined
      for (const [i, round] of BOUND_ROUNDS.entries()) {
        const found = boundBy(solver, printed, boundModel(world, round), round.seconds)
        if (found !== undefined) bound = Math.min(bound ?? Infinity, found)
        send(bound, i === BOUND_ROUNDS.length - 1)
      }
    }
  },
  ({ workspace, today }) => worldOf(workspace, library, today)
)

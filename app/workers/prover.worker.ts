import highsLoader from 'highs'
import wasm from 'highs/runtime?url'
import { boundFrom, boundModel, type Solved } from '../../core/bound'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { serve } from './serve'

interface Solver {
  solve(text: string, options: Record<string, unknown>): Solved
}

/** Stretches of time of the first, quick bound and of the closer one. */
const ROUNDS = [3, 9]
const SECONDS = 60

/** A worker of its own for the upper bound: the solver is large, slow to load, and used only when someone asks. */
serve(
  {
    async bound({ world }, _asks, send) {
      const load = highsLoader as unknown as (options: object) => Promise<Solver>
      const solver = await load({ locateFile: () => wasm })
      let bound: number | undefined
      for (const [i, buckets] of ROUNDS.entries()) {
        const model = boundModel(world, { buckets })
        const found = boundFrom(model, solver.solve(model.text, { time_limit: SECONDS }))
        if (found !== undefined) bound = Math.min(bound ?? Infinity, found)
        send(bound, i === ROUNDS.length - 1)
      }
    }
  },
  ({ workspace, today }) => worldOf(workspace, library, today)
)

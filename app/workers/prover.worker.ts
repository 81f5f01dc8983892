import highsLoader from 'highs'
import wasm from 'highs/runtime?url'
import { bounds, isProven, type Solver } from '../../core/bound'
import { bestMix, inTurn, mixAsks, type MixSolver } from '../../core/mix'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { serve } from './serve'

let loaded: Promise<Solver & MixSolver> | undefined
const solverHere = (): Promise<Solver & MixSolver> => {
  const load = highsLoader as unknown as (options: object) => Promise<Solver & MixSolver>
  return (loaded ??= load({ locateFile: () => wasm }))
}

/** A worker of its own for what is proven, upper bounds and the mix of what is made for sale: the solver is large, slow to load, and used only when someone asks. */
serve(
  {
    async mix({ world }, { plan, learnt, stock, months, most, floorM2 }, send) {
      const asks = mixAsks(world, plan, learnt, { stock, months, most, floorM2 })
      const mix = bestMix(await solverHere(), asks)
      send(
        mix && {
          mix,
          turns: inTurn(mix, asks, world.asOf),
          designs: asks.designs,
          months: asks.months
        }
      )
    },
    async bound({ world }, { value }, send) {
      const solver = await solverHere()
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

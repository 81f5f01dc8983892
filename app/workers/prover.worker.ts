import highsLoader from 'highs'
import wasm from 'highs/runtime?url'
import { boundModel } from '../../core/bound'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import type { Question, Reply } from './protocol'

interface Solver {
  solve(text: string, options: Record<string, unknown>): { Status: string; ObjectiveValue: number }
}

/** Stretches of time of the first, quick bound and of the closer one. */
const ROUNDS = [3, 9]
const SECONDS = 60

const send = (reply: Reply): void => self.postMessage(reply)

/** A worker of its own for the upper bound: the solver is large, slow to load, and used only when someone asks. */
self.addEventListener('message', async ({ data }: MessageEvent<Question>) => {
  if (data.kind !== 'bound') return
  try {
    const world = worldOf(data.workspace, library, data.today)
    const solver = await (highsLoader as unknown as (options: object) => Promise<Solver>)({
      locateFile: () => wasm
    })
    let bound: number | undefined
    for (const [i, buckets] of ROUNDS.entries()) {
      const model = boundModel(world, { buckets })
      const { Status, ObjectiveValue } = solver.solve(model.text, { time_limit: SECONDS })
      if (Status === 'Optimal') bound = Math.min(bound ?? Infinity, ObjectiveValue + model.constant)
      send({ kind: 'bound', request: data.request, bound, done: i === ROUNDS.length - 1 })
    }
  } catch (error) {
    send({
      kind: 'failed',
      request: data.request,
      message: error instanceof Error ? error.message : String(error)
    })
  }
})

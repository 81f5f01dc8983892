import { QUIET_DBA, loudestIn, type SittingWork } from '../fit'
import { groupBy, sumOf } from '../kernel'
import { atNeighbour, quietLimit } from '../workshop'
import type { Plan, World } from '../workspace'
import { eveningsOf } from './evenings'

/** A loud way of working that is planned, and what goes in quiet hours instead. */
export interface LoudWay {
  readonly operation: string
  readonly method: string
  readonly minutes: number
  /** At the ear of who works, dB(A). */
  readonly dbA: number
  /** What arrives at the neighbour, dB(A); undefined where none is said. */
  readonly there: number | undefined
  /** A quiet way with what is there by then, and its minutes for all of it; undefined where some of it has none. */
  readonly quiet: { readonly method: string; readonly minutes: number } | undefined
}

/** The quiet way of work that is all done one way. */
function quietOf(same: readonly SittingWork[]): LoudWay['quiet'] {
  const quiet = same.flatMap((one) => one.quiet ?? [])
  const [first] = quiet
  return first && quiet.length === same.length
    ? { method: first.method, minutes: sumOf(quiet, ({ minutes }) => minutes) }
    : undefined
}

/** Ways planned that are louder than quiet hours allow, the loudest first; of one way all its minutes together. */
export function loudWays(world: World, plan: Plan | undefined): LoudWay[] {
  const { library, workspace } = world
  const { neighbour } = workspace.workshop
  const limit = quietLimit(workspace.workshop) ?? QUIET_DBA
  const work = eveningsOf(world, plan).flatMap((one) => one.work)
  return [...groupBy(work, ({ method }) => method ?? '')]
    .flatMap(([id, same]): LoudWay[] => {
      const method = library.methods.get(id)
      const dbA = Math.max(...same.map((one) => loudestIn(library, one)))
      if (!method || dbA <= limit) return []
      return [
        {
          operation: method.operation,
          method: id,
          minutes: sumOf(same, ({ minutes = 0 }) => minutes),
          dbA,
          there: neighbour && atNeighbour(dbA, neighbour),
          quiet: quietOf(same)
        }
      ]
    })
    .sort((a, b) => b.dbA - a.dbA)
}

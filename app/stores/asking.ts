import { forPlanning, workspaceHash } from '../../core/workspace'
import { workerClient, type About, type WorkerClient, type WorkerLike } from '../workers/client'
import { useWorkspace } from './workspace'

const worker = (): WorkerLike =>
  new Worker(new URL('../workers/core.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike
const prover = (): WorkerLike =>
  new Worker(new URL('../workers/prover.worker.ts', import.meta.url), {
    type: 'module'
  }) as unknown as WorkerLike

/** A worker that answers questions of the core. @param quick asked for what is answered at once: never replaced for an overtaken question */
export const askCore = (quick = false): WorkerClient => workerClient(worker, { waits: quick })
/** A worker that looks for upper bounds. */
export const askProver = (): WorkerClient => workerClient(prover)

/** The state on the table as a question is about it; undefined where there is none. A long ledger is made ready when it is first sent. */
export function aboutTable(): About | undefined {
  const { workspace, today, world } = useWorkspace()
  if (!workspace) return undefined
  const key = [workspaceHash(workspace), workspace.wishes.join(), world?.asOf, today].join('|')
  return { key, ground: () => ({ workspace: forPlanning(workspace, today), today }) }
}

import type { Question, Reply } from './protocol'

type Ask = Question extends infer Q ? (Q extends Question ? Omit<Q, 'request'> : never) : never
type Listener = (reply: Reply) => void

/** Whether nothing more follows to the same question. */
const isLast = (reply: Reply): boolean =>
  reply.kind === 'pulls'
    ? reply.view.done
    : 'done' in reply
      ? reply.done
      : reply.kind !== 'plan-so-far'

/** The part of a worker the client needs; tests hand in a stand-in. */
export interface WorkerLike {
  postMessage(question: Question): void
  addEventListener(type: 'message', listener: (event: { data: Reply }) => void): void
  terminate(): void
}

/**
 * Asks the worker. For each kind of question only the newest one counts: a late reply to an older one is dropped, and while a
 * planning run is overtaken the worker is replaced rather than waited for.
 */
export function workerClient(makeWorker: () => WorkerLike): {
  ask(question: Ask, listener: Listener): void
  stop(): void
} {
  let worker: WorkerLike | undefined
  let count = 0
  const newest = new Map<Question['kind'], number>()
  const listeners = new Map<number, Listener>()
  const busy = new Set<number>()

  const receive = ({ data }: { data: Reply }): void => {
    const listener = listeners.get(data.request)
    if (isLast(data)) {
      busy.delete(data.request)
      listeners.delete(data.request)
    }
    listener?.(data)
  }
  const current = (): WorkerLike => {
    if (!worker) {
      worker = makeWorker()
      worker.addEventListener('message', receive)
    }
    return worker
  }
  return {
    ask(question, listener) {
      const request = ++count
      const overtaken = newest.get(question.kind)
      if (overtaken !== undefined) listeners.delete(overtaken)
      if (overtaken !== undefined && busy.has(overtaken) && busy.size === 1) {
        worker?.terminate()
        worker = undefined
        busy.clear()
      }
      newest.set(question.kind, request)
      listeners.set(request, listener)
      busy.add(request)
      current().postMessage({ ...question, request } as Question)
    },
    stop() {
      worker?.terminate()
      worker = undefined
      listeners.clear()
      busy.clear()
    }
  }
}

import { issue, type Issue } from '../../core/kernel'
import type { Answer, Asks, CallName, FromWorker, Ground, ToWorker } from './protocol'

/** The part of a worker the client needs; tests hand in a stand-in. */
export interface WorkerLike {
  postMessage(message: ToWorker): void
  addEventListener(
    type: 'message' | 'error' | 'messageerror',
    listener: (event: { data?: FromWorker; message?: string }) => void
  ): void
  terminate(): void
}

/** What a question is about, by a key that is equal for equal states. */
export interface About {
  readonly key: string
  readonly ground: () => Ground
}

/** Who hears the answers. `failed` hears an issue (`worker.failed`, `worker.lost`) once, after which nothing more comes. */
export interface Hears<K extends CallName> {
  readonly answer: (answer: Answer<K>, last: boolean) => void
  readonly failed?: (trouble: Issue) => void
}

export interface WorkerClient {
  /** Asks; of each kind of question only the newest counts. Where the state is not known (`about` undefined) none is sent. */
  ask<K extends CallName>(call: K, asks: Asks<K>, about: About | undefined, hears: Hears<K>): void
  /** Ends what is under way; nothing more is heard of it. */
  stop(): void
}

interface Open {
  readonly message: Extract<ToWorker, { kind: 'ask' }>
  readonly about: About | undefined
  readonly hears: Hears<CallName>
  /** Times it has been put to a worker. */
  readonly tries: number
}

/** A question is put to a second worker when the first is lost; then it is given up. */
const TRIES = 2

/**
 * Asks a worker. A late answer to an overtaken question is dropped; a worker that is busy with nothing but an overtaken question is
 * replaced rather than waited for (unless it `waits`: where answers are quick and loading is not); one that cannot load or dies is started again with the open questions, and given up after that.
 */
export function workerClient(
  makeWorker: () => WorkerLike,
  { waits = false }: { readonly waits?: boolean } = {}
): WorkerClient {
  let worker: WorkerLike | undefined
  /** The state this worker knows. */
  let grounded: string | undefined
  let count = 0
  const newest = new Map<CallName, number>()
  const open = new Map<number, Open>()

  const drop = (): void => {
    worker?.terminate()
    worker = undefined
    grounded = undefined
  }
  const settle = (request: number): Open | undefined => {
    const one = open.get(request)
    open.delete(request)
    return one
  }
  const hear = (from: WorkerLike, data: FromWorker | undefined): void => {
    if (!data || from !== worker) return
    const one = data.kind === 'failed' || data.last ? settle(data.request) : open.get(data.request)
    if (data.kind === 'answer') one?.hears.answer(data.answer, data.last)
    else one?.hears.failed?.(issue('worker.failed', [], { reason: data.reason }))
  }
  const lose = (from: WorkerLike, reason: string): void => {
    if (from !== worker) return
    drop()
    const waiting = [...open.values()]
    open.clear()
    for (const one of waiting)
      if (one.tries < TRIES) put(one)
      else one.hears.failed?.(issue('worker.lost', [], { reason }))
  }
  const start = (): WorkerLike => {
    const made = makeWorker()
    made.addEventListener('message', ({ data }) => hear(made, data))
    made.addEventListener('error', ({ message = '' }) => lose(made, message))
    made.addEventListener('messageerror', () => lose(made, 'messageerror'))
    return made
  }
  const put = ({ message, about, hears, tries }: Open): void => {
    worker ??= start()
    open.set(message.request, { message, about, hears, tries: tries + 1 })
    if (about && about.key !== grounded) {
      grounded = about.key
      worker.postMessage({ kind: 'ground', key: about.key, ground: about.ground() })
    }
    worker.postMessage(message)
  }
  return {
    ask(call, asks, about, hears) {
      const overtaken = newest.get(call)
      if (overtaken !== undefined && open.has(overtaken)) {
        open.delete(overtaken)
        if (open.size === 0 && !waits) drop()
      }
      const request = ++count
      newest.set(call, request)
      const message = { kind: 'ask', call, request, asks } as Open['message']
      put({ message, about, hears: hears as unknown as Hears<CallName>, tries: 0 })
    },
    stop() {
      drop()
      open.clear()
    }
  }
}

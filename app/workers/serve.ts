import type { World } from '../../core/workspace'
import type { Answer, Asks, CallName, FromWorker, Ground, ToWorker } from './protocol'

/** What answers a question: the state it is about, what is asked, and how to send. Sending again is possible until `last`. */
export type Answerer<K extends CallName> = (
  about: About,
  asks: Asks<K>,
  send: (answer: Answer<K>, last?: boolean) => void
) => void | Promise<void>
export type Answerers = { readonly [K in CallName]?: Answerer<K> }

/** The state a question is about, worked out once for each state. */
export interface About extends Ground {
  readonly world: World
  /** The question's number; a newer one of the same kind has a larger one. */
  readonly request: number
}

/** Answers the messages of a page. @param post sends to the page; tests hand in their own */
export function answering(
  answerers: Answerers,
  worldOf: (ground: Ground) => World,
  post: (message: FromWorker) => void
): (message: ToWorker) => Promise<void> {
  let ground: (Ground & { readonly world: World }) | undefined
  const about = (request: number): About => ({
    request,
    get workspace() {
      return known().workspace
    },
    get today() {
      return known().today
    },
    get world() {
      return known().world
    }
  })
  const known = (): NonNullable<typeof ground> => {
    if (!ground) throw new Error('no state was sent')
    return ground
  }
  return async (message) => {
    if (message.kind === 'ground') {
      ground = { ...message.ground, world: worldOf(message.ground) }
      return
    }
    const { call, request, asks } = message
    try {
      const answer = answerers[call] as Answerer<CallName> | undefined
      if (!answer) throw new Error(`nobody answers "${call}" here`)
      await answer(about(request), asks, (given, last = true) =>
        post({ kind: 'answer', request, answer: given, last })
      )
    } catch (error) {
      post({
        kind: 'failed',
        request,
        reason: error instanceof Error ? error.message : String(error)
      })
    }
  }
}

/** Makes this worker answer. */
export function serve(answerers: Answerers, worldOf: (ground: Ground) => World): void {
  const handle = answering(answerers, worldOf, (message) => self.postMessage(message))
  self.addEventListener('message', ({ data }: MessageEvent<ToWorker>) => void handle(data))
}

import { beside, type Lane, type Planner, type Told } from '../../core/search'
import type { Plan, World } from '../../core/workspace'
import type { Ground } from './protocol'

/** To a second search: what is searched, or how far to go on. */
export type ToLane =
  | { readonly kind: 'begin'; readonly ground: Ground; readonly from: Plan | undefined }
  | {
      readonly kind: 'go-on'
      readonly stretch: number
      readonly to: number
      readonly heard: Told | undefined
    }

/** From it: the best it has met at the end of a stretch. */
export interface FromLane {
  readonly stretch: number
  readonly told: Told
}

/** The part of a worker a lane needs; tests hand in a stand-in. */
export interface LaneWorker {
  postMessage(message: ToLane): void
  addEventListener(
    type: 'message' | 'error' | 'messageerror',
    listener: (event: { data?: FromLane }) => void
  ): void
  terminate(): void
}

/** Does what a second search is told to: what it searches first, then how far it goes on. */
export function playing(
  worldOf: (ground: Ground) => World,
  post: (message: FromLane) => void
): (message: ToLane) => void {
  let planner: Planner | undefined
  return (message) => {
    if (message.kind === 'begin') {
      planner = beside(worldOf(message.ground), message.from)
      return
    }
    if (!planner) return
    if (message.heard) planner.hear(message.heard)
    planner.advance(message.to)
    post({ stretch: message.stretch, told: planner.told() })
  }
}

/** Whether a message is one to a second search. */
export const isForLane = (message: { readonly kind: string }): message is ToLane =>
  message.kind === 'begin' || message.kind === 'go-on'

/** Stretches are numbered through all races, so that a late answer to an earlier race is no answer to this one. */
let stretches = 0

/** A lane in a worker of its own, which is started when the lane is first needed. */
export function laneElsewhere(
  makeWorker: () => LaneWorker,
  ground: Ground,
  from: Plan | undefined
): { readonly lane: Lane; readonly end: () => void } {
  let worker: LaneWorker | undefined
  let waiting:
    | { readonly stretch: number; readonly found: (told: Told) => void; readonly lost: () => void }
    | undefined
  const lose = (): void => waiting?.lost()
  const start = (): LaneWorker => {
    const made = makeWorker()
    made.addEventListener('message', ({ data }) => {
      if (data && data.stretch === waiting?.stretch) waiting.found(data.told)
    })
    made.addEventListener('error', lose)
    made.addEventListener('messageerror', lose)
    made.postMessage({ kind: 'begin', ground, from })
    return made
  }
  return {
    lane: {
      goOn: (to, heard) =>
        new Promise((found, lost) => {
          const stretch = ++stretches
          waiting = { stretch, found, lost: () => lost(new Error('a second search was lost')) }
          worker ??= start()
          worker.postMessage({ kind: 'go-on', stretch, to, heard })
        })
    },
    end() {
      worker?.terminate()
      worker = undefined
    }
  }
}

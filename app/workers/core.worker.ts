import { worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { answers } from './answer'
import { isForLane, playing, type LaneWorker, type ToLane } from './lane'
import type { Ground, ToWorker } from './protocol'
import { answering } from './serve'
import { raceIn } from './staging'

const world = ({ workspace, today }: Ground): World => worldOf(workspace, library, today)
const handle = answering(answers, world, (message) => self.postMessage(message))
const play = playing(world, (message) => self.postMessage(message))

/** A second search runs in another worker of this kind: what it needs is loaded already. */
const lane = (): LaneWorker =>
  new Worker(self.location.href, { type: 'module' }) as unknown as LaneWorker

// With a single core a second worker would only take turns with this one.
if (navigator.hardwareConcurrency > 1 && typeof Worker === 'function') raceIn(lane)

self.addEventListener('message', ({ data }: MessageEvent<ToWorker | ToLane>) => {
  if (isForLane(data)) play(data)
  else void handle(data)
})
